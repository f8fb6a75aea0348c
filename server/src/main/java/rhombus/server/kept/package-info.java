/**
 * Documents that are kept for a user with a version; a save that does not follow the newest state is refused.
 */
package rhombus.server.kept;

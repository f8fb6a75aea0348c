/**
 * The user's boards over HTTP.
 */
package rhombus.server.board;

/** Everything that somebody has, as one file, and back. */
package rhombus.server.archive;

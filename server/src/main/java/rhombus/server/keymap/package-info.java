/**
 * The user's keymap and habits, and the list of commands.
 */
package rhombus.server.keymap;

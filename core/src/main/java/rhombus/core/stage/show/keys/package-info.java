/** The keymap as a list, as a picture and as a sheet to print. */
package rhombus.core.stage.show.keys;

/**
 * The keymaps of a person, and changing them: by pressing what is wanted, by showing a motion, or from a file.
 */
package rhombus.core.stage.keymaps;

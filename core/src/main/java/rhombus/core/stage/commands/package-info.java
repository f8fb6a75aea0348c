/**
 * The commands, one file an area of work: words, arguments, triggers and what they do stand together. {@link AllCommands} puts the areas together.
 */
package rhombus.core.stage.commands;

/**
 * Keys, buttons and wheel: triggers, bindings, contexts, commands, presets, the check for clashes, and the resolver that
 * turns raw input into commands. Keys are places on the keyboard: W3C {@code KeyboardEvent.code} values.
 */
package rhombus.core.keymap;

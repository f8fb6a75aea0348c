/**
 * Raw input on its way to commands, what the hand could do now, and changing what it does.
 */
package rhombus.core.stage.hand;

/**
 * Raw input on its way to commands: pointer, fingers, keys, wheel and devices, and the gesture that runs for them.
 */
package rhombus.core.stage.input;

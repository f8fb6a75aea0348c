/**
 * The tools that move, turn and scale: their handles, their steps by keys, their typed numbers.
 */
package rhombus.core.stage.tool;

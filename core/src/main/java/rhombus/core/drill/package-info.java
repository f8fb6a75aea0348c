/**
 * Tasks for hand and eye: what is asked for, whether it is reached, and how a run went, found by doing it again.
 */
package rhombus.core.drill;

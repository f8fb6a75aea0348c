/**
 * What lies over a viewport: the Rose, lozenges and the Pad, what the pointer is on, what keeps people from getting lost.
 */
package rhombus.core.stage.marks;

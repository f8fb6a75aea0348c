/**
 * The running whole: viewports on a board, their Trails, the selection, the pivot, the tool in use. Input events and
 * commands go in; poses, plain snapshots and a set of what changed come out. No clock: time is an argument.
 */
package rhombus.core.stage;

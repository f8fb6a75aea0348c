/**
 * The running whole, as rooms that each use only rooms named before them: view, subject, tool, motion, boards, marks, hand,
 * area, show. {@link rhombus.core.stage.Stage} is the door, and puts them together.
 */
package rhombus.core.stage;

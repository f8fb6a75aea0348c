/**
 * What one viewport is and remembers, what every room stands on ({@link Ground}), and the one way to move a viewport ({@link Navigator}). Knows nothing of the rooms above.
 */
package rhombus.core.stage.view;

/** What panels read of the viewports of the board in use. */
package rhombus.core.stage.show.views;

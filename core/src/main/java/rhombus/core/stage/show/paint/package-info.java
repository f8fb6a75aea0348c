/** What the painter reads: what is drawn in a viewport, with its matrices, lights and marks. */
package rhombus.core.stage.show.paint;

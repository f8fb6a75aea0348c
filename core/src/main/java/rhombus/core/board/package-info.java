/**
 * How viewports share the stage: a tree of rows and columns, its borders and crossings, and the ready-made arrangements.
 * Lengths are CSS pixels from the stage's top left; everything here is immutable and knows nothing of what viewports show.
 */
package rhombus.core.board;

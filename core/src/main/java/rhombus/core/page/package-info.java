/** What the page calls: an open scene with its stage, its drills and what the painter sends to the graphics card. */
package rhombus.core.page;

/**
 * What panels and the painter read.
 */
package rhombus.core.stage.show;

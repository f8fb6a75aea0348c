/** The numbers of the active view and of what is selected, ready to read and to be typed over. */
package rhombus.core.stage.show.readout;

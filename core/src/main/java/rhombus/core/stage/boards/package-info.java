/**
 * The boards with their tabs, borders and linked views, and the documents that are kept: workspace, Pins, addresses.
 */
package rhombus.core.stage.boards;

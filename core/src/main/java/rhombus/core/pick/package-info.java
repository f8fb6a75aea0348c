/** What lies under a screen point: the nearest surface, the nearest edge, and how much room there is around the eye. */
package rhombus.core.pick;

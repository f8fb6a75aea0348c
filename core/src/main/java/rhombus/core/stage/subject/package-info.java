/**
 * What the work is about: the selection, the pivot, what lies under a point. {@link Editing} is the only writer of the scene.
 */
package rhombus.core.stage.subject;

/**
 * How a scene is looked at: pose, projection, the standard directions, and what lies under a screen point.
 *
 * <p>A camera looks along its -Z with +Y up (glTF 2.0, 3.10). Screen points are CSS pixels from the viewport's top left,
 * y downwards. Angles are radians.
 */
package rhombus.core.view;

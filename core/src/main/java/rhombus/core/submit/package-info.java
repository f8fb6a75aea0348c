/**
 * How the meshes of a scene are held for drawing, and which ranges of that a picture needs: few calls, and nothing touched that
 * did not change. The front end only carries it out.
 */
package rhombus.core.submit;

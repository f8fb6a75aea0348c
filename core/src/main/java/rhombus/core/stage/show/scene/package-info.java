/** What panels read of the scene: objects, layers, cameras, rulers and what is selected. */
package rhombus.core.stage.show.scene;

/** Unpacks meshes that were packed with Draco, by its own decoder, which is there as WebAssembly and becomes a class in the build. */
package rhombus.formats.draco;

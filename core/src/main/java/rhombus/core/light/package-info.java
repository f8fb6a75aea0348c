/** What lights a scene: its own lights or others, how bright the picture is made of them, and which of them casts shadows. */
package rhombus.core.light;

/** What gamepads and 3D mice report, read as the open standards for them say: names of their parts, dead zones, reports. */
package rhombus.core.device;

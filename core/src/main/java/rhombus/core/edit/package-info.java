/** Changes of the scene with their undo. Views are never touched from here. */
package rhombus.core.edit;

/** What panels read of boards, Pins and Trails. */
package rhombus.core.stage.show.boards;

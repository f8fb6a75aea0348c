/** Answers to somebody who asks: which command is meant, what lies at a point, which settings there are. */
package rhombus.core.stage.show.help;

/**
 * What helps a person to learn: hints, tips, first steps, and the report on what the hand does; recordings of input.
 */
package rhombus.core.stage.coach;

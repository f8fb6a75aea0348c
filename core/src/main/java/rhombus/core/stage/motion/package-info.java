/**
 * What follows the hand, one file a motion: a start, and a pure function of the whole drag since.
 */
package rhombus.core.stage.motion;

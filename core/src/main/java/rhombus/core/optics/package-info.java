/** What a camera is made of: film backs, gates, lenses and what is sharp behind them. Millimetres inside, metres before it. */
package rhombus.core.optics;

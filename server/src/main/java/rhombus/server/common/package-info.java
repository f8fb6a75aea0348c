/**
 * What every feature stands on: limits of what is sent, security rules, problems with words a person can act on.
 */
package rhombus.server.common;

/**
 * Who somebody is: accounts, sign-in, and the door that closes after too many misses.
 */
package rhombus.server.account;

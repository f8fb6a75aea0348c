package rhombus.server.account;

/**
 * Somebody who can sign in.
 *
 * @param passwordHash BCrypt
 */
public record Account(long id, String name, String passwordHash) {}

package rhombus.server.account;

/** Who has something to do for each account that is made. */
public interface AccountListener {
    /**
     * An account was made.
     *
     * @param id of it
     */
    void made(long id);
}

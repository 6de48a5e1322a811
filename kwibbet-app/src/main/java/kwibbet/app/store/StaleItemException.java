package kwibbet.app.store;

/** Somebody changed a paper, a die or the tools that have been changed elsewhere in the meantime; nothing was stored. */
public class StaleItemException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    StaleItemException() {
        super("changed elsewhere in the meantime");
    }
}

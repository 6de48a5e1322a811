package kwibbet.app.store;

/** Somebody changed a design that has been changed elsewhere in the meantime; nothing was stored. */
public class StaleDesignException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String id;

    StaleDesignException(String id) {
        super("design " + id + " was changed elsewhere in the meantime");
        this.id = id;
    }

    /** The design. */
    public String id() {
        return id;
    }
}

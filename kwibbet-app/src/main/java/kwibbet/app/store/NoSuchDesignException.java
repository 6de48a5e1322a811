package kwibbet.app.store;

/** There is no design of that id. */
public class NoSuchDesignException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** There is no design of that id. */
    public NoSuchDesignException(String id) {
        super("there is no design " + id);
    }
}

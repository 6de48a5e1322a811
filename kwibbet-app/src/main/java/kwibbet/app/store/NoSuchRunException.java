package kwibbet.app.store;

/** There is no run of that id. */
public class NoSuchRunException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    NoSuchRunException(String id) {
        super("there is no run " + id);
    }
}

package kwibbet.app.store;

/** There is no kit of that id. */
public class NoSuchKitException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    NoSuchKitException(String id) {
        super("there is no kit " + id);
    }
}

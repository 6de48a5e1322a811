package kwibbet.app.store;

/** The disk holds no more; nothing was stored, and what is kept can be read. */
public class NoRoomException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** Tells it. */
    public NoRoomException(String message) {
        super(message);
    }
}

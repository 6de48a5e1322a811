package kwibbet.app.store;

/** What a settled run keeps cannot be read. */
public class DamagedRunException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String run;

    DamagedRunException(KeptRun run, String reason) {
        super("the lists of " + run.name() + " cannot be read: " + reason);
        this.run = run.id();
    }

    /** The id of the run. */
    public String run() {
        return run;
    }
}

package kwibbet.app.store;

/** The present state of a design cannot be read; an earlier one may be. */
public class DamagedDesignException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient DamagedDesign design;

    DamagedDesignException(DamagedDesign design) {
        super("design " + design.id() + " cannot be read: " + design.reason());
        this.design = design;
    }

    /** Which. */
    public DamagedDesign design() {
        return design;
    }
}

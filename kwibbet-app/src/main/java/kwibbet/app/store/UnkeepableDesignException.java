package kwibbet.app.store;

import java.util.List;

import kwibbet.outcome.Refusal;

/** What would have been written of a design could not have been read back; nothing was stored. */
public class UnkeepableDesignException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Refusal> reasons;

    UnkeepableDesignException(List<Refusal> reasons) {
        super("a design that cannot be read back is not kept: " + reasons);
        this.reasons = List.copyOf(reasons);
    }

    /** What is wrong with it, by place in the document. */
    public List<Refusal> reasons() {
        return reasons;
    }
}

package kwibbet.formats.json;

import kwibbet.outcome.Outcome;

/** Where a document is not in form; thrown and caught within one reader, never beyond it. */
public final class Misfit extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String pointer;
    private final String problem;

    /**
     * Something is not in form.
     *
     * @param pointer where: a JSON pointer (RFC 6901)
     * @param problem what is wrong there, and what would be right
     */
    public Misfit(String pointer, String problem) {
        super(pointer + ": " + problem);
        this.pointer = pointer;
        this.problem = problem;
    }

    /**
     * Goes on if it is in form.
     *
     * @throws Misfit when it is not
     */
    public static void require(boolean holds, String pointer, String problem) {
        if (!holds) {
            throw new Misfit(pointer, problem);
        }
    }

    /** The refusal of the document. */
    public <T> Outcome<T> refused() {
        return Outcome.refused(pointer, problem);
    }
}

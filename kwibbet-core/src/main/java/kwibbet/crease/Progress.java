package kwibbet.crease;

/** Somebody who waits for what is worked out: is told how far it is, and may have had enough of it. */
@FunctionalInterface
public interface Progress {

    /** What goes on. */
    enum Stage {
        /** Which facets overlap, and in which ways they can lie over each other; counted in looks at conditions. */
        LYING,
        /** In which order to fold; counted in states of the paper. */
        FOLDING
    }

    /** Nobody waits: everything is looked at. */
    Progress UNWATCHED = (stage, done, most) -> true;

    /**
     * Is told now and then; the same number of times for the same pattern, whatever the machine does besides.
     *
     * @param stage what goes on
     * @param done how much of it is done so far
     * @param most how much is done at most; it can become less where something is found
     * @return whether to go on; if not, it ends with what it has, as if its limits were reached
     */
    boolean goesOn(Stage stage, long done, long most);
}

package kwibbet.kit;

/** Who does a step of the making. */
public enum Who {
    MAKER("you, before"),
    HELPER("a helper, before"),
    LEARNER("learners");

    private final String words;

    Who(String words) {
        this.words = words;
    }

    /** What they are called. */
    public String words() {
        return words;
    }

    /** Whether it is done before the class. */
    public boolean isBefore() {
        return this != LEARNER;
    }
}

package kwibbet.layout;

import java.util.stream.Stream;

/** What a run is to save. */
public enum Thrift {
    FEWEST_SHEETS("the fewest sheets", "fewest sheets"),
    LEAST_COST("the least cost", "least cost"),
    LEFTOVERS_FIRST("offcuts first, then the fewest sheets", "fewest new sheets");

    private final String words;
    private final String first;

    Thrift(String words, String first) {
        this.words = words;
        this.first = first;
    }

    /** What is looked for, in order: the rest only where it costs nothing of what comes before. */
    public String aims() {
        return "Looked for in this order: " + first + ", largest offcuts, fewest layouts, few settings.";
    }

    /** The one of that name; the fewest sheets where there is none. */
    public static Thrift named(String name) {
        return Stream.of(values())
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElse(FEWEST_SHEETS);
    }

    /** What makers call it. */
    public String words() {
        return words;
    }
}

package kwibbet.kit;

import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.making.Operation;
import kwibbet.making.Station;
import kwibbet.making.Tool;

/** A tool of which there may be fewer in a room than people. */
public enum SharedTool {
    BOARD("board", "scoring board", "scoring boards"),
    PRESS("press", "press", "presses"),
    KNIFE("knife", "knife and ruler", "knives and rulers"),
    PUNCH("punch", "hole punch", "hole punches"),
    EDGE_PUNCH("edge-punch", "edge punch", "edge punches"),
    ROUNDER("corner-rounder", "corner rounder", "corner rounders"),
    HEAT("heat", "heat tool", "heat tools");

    private final String key;
    private final String one;
    private final String more;

    SharedTool(String key, String one, String more) {
        this.key = key;
        this.one = one;
        this.more = more;
    }

    /** Tells it from others in forms and documents. */
    public String key() {
        return key;
    }

    /** What one is called. */
    public String words() {
        return one;
    }

    /** What several are called. */
    public String plural() {
        return more;
    }

    /** The tool of that key; nothing where there is none. */
    public static Optional<SharedTool> of(String key) {
        return Stream.of(values()).filter(tool -> tool.key.equals(key)).findFirst();
    }

    /** The tool an operation is done with; nothing where it is one that everybody has. */
    public static Optional<SharedTool> of(Operation operation) {
        return operation.station() == Station.PRESS ? Optional.of(PRESS) : of(operation.tool());
    }

    private static Optional<SharedTool> of(Tool tool) {
        return of(tool.family());
    }
}

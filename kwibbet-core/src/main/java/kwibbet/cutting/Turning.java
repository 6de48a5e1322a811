package kwibbet.cutting;

import java.util.List;

/** Which ways round a piece may lie on its sheet. */
public enum Turning {
    EITHER,
    UPRIGHT,
    TURNED,
    /** What the grain demands and what the pattern demands contradict each other. */
    NEITHER;

    /** Each allowed way: whether the piece is turned a quarter. */
    public List<Boolean> ways() {
        return switch (this) {
            case EITHER -> List.of(false, true);
            case UPRIGHT -> List.of(false);
            case TURNED -> List.of(true);
            case NEITHER -> List.of();
        };
    }

    /** The ways both allow. */
    public Turning and(Turning other) {
        if (this == EITHER || this == other) {
            return other;
        }
        return other == EITHER ? this : NEITHER;
    }
}

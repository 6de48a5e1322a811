package kwibbet.making;

import java.util.List;
import java.util.Locale;

import kwibbet.card.Piece;
import kwibbet.measure.Length;
import kwibbet.wording.Names;
import kwibbet.wording.Phrase;

/** How operations are told. */
final class Wording {

    /** Halves can differ by a tick, and what lies within a curve by as much as no eye sees. */
    private static final Length UNSEEN = Length.ofInches(1, 256);

    private Wording() {}

    static String names(List<Piece> pieces) {
        return String.join(", ", Names.together(pieces.stream().map(Piece::name).toList()));
    }

    static boolean isClose(Length one, Length other) {
        return !one.minus(other).abs().isLongerThan(UNSEEN);
    }

    /** How far from an edge, or that it lies along it. */
    static void from(Length by, String edge, Phrase.Writer writer) {
        if (isClose(by, Length.ZERO)) {
            writer.words("flush with " + edge);
        } else {
            writer.length(by.abs()).words((by.isNegative() ? " past " : " from ") + edge);
        }
    }

    static String id(Does does) {
        return does.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

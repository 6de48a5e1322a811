package kwibbet.making;

import java.util.List;
import java.util.Locale;

import kwibbet.card.Adhesion;
import kwibbet.card.Piece;
import kwibbet.measure.Length;
import kwibbet.wording.Names;
import kwibbet.wording.Phrase;

/** How operations are told. */
final class Wording {

    /** How pieces come out alike. Common practice, no source. */
    static final String TOGETHER = "They must match: hold them tightly together and cut them at once.";

    private Wording() {}

    static String names(List<Piece> pieces) {
        return String.join(", ", Names.together(pieces.stream().map(Piece::name).toList()));
    }

    /** How far from an edge, or that it lies along it. */
    static void from(Length by, String edge, Phrase.Writer writer) {
        if (by.isZero()) {
            writer.words("flush with the " + edge);
        } else {
            writer.length(by.abs()).words((by.isNegative() ? " past the " : " from the ") + edge);
        }
    }

    static Tool adhesive(Adhesion.Kind kind) {
        return new Tool("adhesive:" + kind.name(), kind.words());
    }

    static String id(Does does) {
        return does.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

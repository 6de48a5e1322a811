package kwibbet.bench;

import java.util.List;

import kwibbet.card.Piece;
import kwibbet.wording.Names;

/** How pieces that are worked on alike are told together. */
final class Alike {

    private static final int MOST_NAMES = 4;

    private Alike() {}

    /** What they are called, each name once; of very many the first few and how many more. */
    static String names(List<Piece> pieces) {
        List<String> names = Names.together(pieces.stream().map(Piece::name).toList());
        return names.size() <= MOST_NAMES
                ? String.join(", ", names)
                : String.join(", ", names.subList(0, MOST_NAMES - 1)) + " and " + (names.size() - MOST_NAMES + 1)
                        + " more like these";
    }
}

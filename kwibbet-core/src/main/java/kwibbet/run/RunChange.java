package kwibbet.run;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Outline;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * What becomes of a settled run when its cards are taken as they are now.
 *
 * @param kind what changes
 * @param names what the pieces are called, at least one
 * @param size their size
 * @param count how many more or fewer, or how many are made otherwise; at least 1
 */
public record RunChange(Kind kind, List<String> names, Size size, int count) {

    /** What changes. */
    public enum Kind {
        MORE("more"),
        FEWER("fewer"),
        OTHER("scored or opened otherwise");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
    }

    /** Copies the list. */
    public RunChange {
        names = List.copyOf(names);
    }

    /** What is cut alike, whatever is done to it later. */
    private record Cut(PaperId paper, Outline outline) {
        static Cut of(Piece piece) {
            return new Cut(piece.paper(), piece.outline());
        }
    }

    /** What is cut alike of some cards. */
    private static final class Pile {
        private final List<String> names = new ArrayList<>();
        private int count;

        void add(String name, int more) {
            if (!names.contains(name)) {
                names.add(name);
            }
            count += more;
        }
    }

    /**
     * What changes between the cards of a run as they were and as they are.
     *
     * @param before as they were, by what they are known, their pieces named apart
     * @param now as they are, as well; without such as were removed
     */
    public static List<RunChange> between(Map<String, RunLine> before, Map<String, RunLine> now) {
        Map<Cut, Pile> old = piles(before.values());
        Map<Cut, Pile> present = piles(now.values());
        List<RunChange> changes = new ArrayList<>();
        present.forEach((cut, pile) -> {
            int more = pile.count - counted(old, cut);
            if (more > 0) {
                changes.add(new RunChange(
                        Kind.MORE, pile.names, cut.outline().bounds().size(), more));
            }
        });
        old.forEach((cut, pile) -> {
            int fewer = pile.count - counted(present, cut);
            if (fewer > 0) {
                changes.add(new RunChange(
                        Kind.FEWER, pile.names, cut.outline().bounds().size(), fewer));
            }
        });
        before.forEach((id, line) ->
                Optional.ofNullable(now.get(id)).ifPresent(same -> changes.addAll(otherwise(line.card(), same))));
        return changes;
    }

    private static int counted(Map<Cut, Pile> piles, Cut cut) {
        return Optional.ofNullable(piles.get(cut)).map(pile -> pile.count).orElse(0);
    }

    private static Map<Cut, Pile> piles(Collection<RunLine> lines) {
        Map<Cut, Pile> piles = new LinkedHashMap<>();
        for (RunLine line : lines) {
            for (Piece piece : line.card().pieces()) {
                piles.computeIfAbsent(Cut.of(piece), cut -> new Pile()).add(piece.name(), line.cards());
            }
        }
        return piles;
    }

    /** Pieces that are cut as before, and then scored, opened or slit in another way. */
    private static List<RunChange> otherwise(Card before, RunLine now) {
        List<RunChange> changes = new ArrayList<>();
        for (Piece piece : now.card().pieces()) {
            PieceId id = piece.id();
            before.piece(id)
                    .filter(old ->
                            Cut.of(old).equals(Cut.of(piece)) && !worked(old).equals(worked(piece)))
                    .ifPresent(old ->
                            changes.add(new RunChange(Kind.OTHER, List.of(piece.name()), piece.size(), now.cards())));
        }
        return changes;
    }

    private static List<Object> worked(Piece piece) {
        return List.of(piece.scores(), piece.openings(), piece.slits(), piece.partCuts());
    }

    /** The change in words. */
    public Phrase sentence(MeasureSystem system) {
        return Phrase.in(system)
                .words(count + " " + kind.words + ": ")
                .size(size)
                .words(", " + String.join(", ", names))
                .end();
    }
}

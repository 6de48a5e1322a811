package kwibbet.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.press.HandCut;
import kwibbet.press.Want;
import kwibbet.shape.CutShape;
import kwibbet.shape.Margins;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** One thing done with the pieces of a card. */
public sealed interface MakeStep {

    /** More alike than this are told at once. */
    int FEW = 3;

    /** What to do. */
    Phrase sentence(MeasureSystem system);

    /** The piece in hand. */
    Piece piece();

    /**
     * An opening cut by a die, a punch or a knife.
     *
     * @param piece the piece it is cut in
     * @param opening the opening
     */
    record Open(Piece piece, Opening opening) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            Rect bounds = opening.bounds();
            Phrase.Writer writer = Phrase.in(system).words("Cut the " + opening.name() + " in " + piece.name() + ", ");
            if (opening.shape().isCircle()) {
                writer.words("a circle ").length(opening.shape().size().width()).words(" across");
            } else {
                writer.words(article(opening.shape().kind().words()) + " ")
                        .size(opening.shape().size());
            }
            return writer.words(": ")
                    .length(bounds.left())
                    .words(" from the left, ")
                    .length(bounds.top())
                    .words(" from the top.")
                    .end();
        }

        private static String article(String word) {
            return ("aeiou".indexOf(word.charAt(0)) >= 0 ? "an " : "a ") + word;
        }
    }

    /**
     * Many small openings of one thing, told at once.
     *
     * @param piece the piece they are in
     * @param openings all of them, alike
     */
    record OpenMany(Piece piece, List<Opening> openings) implements MakeStep {
        /** Copies the list. */
        public OpenMany {
            openings = List.copyOf(openings);
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            CutShape shape = openings.get(0).shape();
            Phrase.Writer writer = Phrase.in(system)
                    .words("Cut " + openings.size() + " " + openings.get(0).name() + "s in " + piece.name()
                            + ", each ");
            if (shape.isCircle()) {
                writer.length(shape.size().width()).words(" across");
            } else {
                writer.size(shape.size());
            }
            List<Length> lefts = distinct(Rect::left);
            List<Length> tops = distinct(Rect::top);
            if (lefts.size() * tops.size() != openings.size()) {
                return writer.words(", where the piece at full size shows them.")
                        .end();
            }
            writer.words(": ");
            along(writer, lefts, " from the left");
            writer.words("; ");
            along(writer, tops, " from the top");
            return writer.words(".").end();
        }

        private List<Length> distinct(Function<Rect, Length> edge) {
            return openings.stream()
                    .map(Opening::bounds)
                    .map(edge)
                    .distinct()
                    .sorted()
                    .toList();
        }

        /** Where they start, and how far each is from the one before; each by itself where they lie unevenly. */
        private static void along(Phrase.Writer writer, List<Length> at, String from) {
            boolean even = at.size() > 2
                    && IntStream.range(2, at.size()).allMatch(i -> at.get(i)
                            .minus(at.get(i - 1))
                            .equals(at.get(1).minus(at.get(0))));
            if (even) {
                writer.length(at.get(0))
                        .words(from + ", then every ")
                        .length(at.get(1).minus(at.get(0)))
                        .words(", " + at.size() + " times");
                return;
            }
            for (int i = 0; i < at.size(); i++) {
                writer.words(i == 0 ? "" : i == at.size() - 1 ? " and " : ", ").length(at.get(i));
            }
            writer.words(from);
        }
    }

    /**
     * An outline that no die cuts, cut by hand.
     *
     * @param piece the piece
     * @param cut how one part of it is marked and cut
     */
    record CutOut(Piece piece, HandCut cut) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.in(system)
                    .words(piece.name() + ". ")
                    .phrase(cut.sentence(system))
                    .end();
        }
    }

    /**
     * Work on a face before anything covers it.
     *
     * @param piece the piece
     * @param zone where and what
     */
    record Treat(Piece piece, Zone zone) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            Rect bounds = zone.outline().bounds();
            return Phrase.in(system)
                    .words(piece.name() + ": " + zone.words() + ", on ")
                    .size(bounds.size())
                    .words(", ")
                    .length(bounds.left())
                    .words(" from the left and ")
                    .length(bounds.top())
                    .words(" from the top" + (zone.side() == Side.UP ? "." : ", on the other face."))
                    .end();
        }
    }

    /**
     * A fold along a score.
     *
     * @param piece the piece that is folded
     * @param score along which score
     * @param crease how hard its paper is creased
     */
    record Fold(Piece piece, Score score, Crease crease) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            boolean valley = score.fold() == Score.Fold.VALLEY;
            String way = piece.id().equals(PieceId.BASE)
                    ? (valley ? "inside" : "outside") + " faces together"
                    : valley ? "a valley" : "a mountain";
            String which = piece.scores().size() == 1
                    ? "its score"
                    : "its score " + (piece.scores().indexOf(score) + 1);
            return Phrase.of("Fold the " + piece.name().toLowerCase(Locale.ROOT) + " along " + which + ", " + way
                    + crease.words);
        }
    }

    /** How hard a paper is creased, by its weight. Common practice, no source. */
    enum Crease {
        /** Thin paper whitens. */
        LIGHT(", and crease it with the fingers only: pressed hard, thin paper whitens."),
        FIRM(", and press the crease flat."),
        /** Heavy paper springs. */
        BURNISHED(", and burnish the crease, or heavy paper springs open.");

        private static final int THIN = 130;
        private static final int HEAVY = 300;

        private final String words;

        Crease(String words) {
            this.words = words;
        }

        static Crease of(Card card, Piece piece) {
            int grams = card.materials()
                    .shelf()
                    .find(piece.paper())
                    .map(Paper::gramsPerSquareMetre)
                    .orElse(THIN);
            return grams < THIN ? LIGHT : grams > HEAVY ? BURNISHED : FIRM;
        }
    }

    /**
     * A piece stuck on what it sits on.
     *
     * @param piece the piece
     * @param onto the piece it is stuck to
     * @param join where
     * @param host what it lies on, in the frame of the piece
     */
    record Stick(Piece piece, Piece onto, Join join, Rect host) implements MakeStep {

        private static final Length UNSEEN = Length.ofInches(1, 256);

        static Stick of(Card card, Join join) {
            return new Stick(
                    card.pieceOf(join.upper()),
                    card.pieceOf(join.lower()),
                    join,
                    card.hostArea(join).in(join.placement().inverse()).bounds());
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            Phrase.Writer writer = Phrase.in(system).words(verb() + piece.name() + where());
            Margins margins = Margins.of(piece.outline().bounds(), host);
            Length left = margins.left();
            Length top = margins.top();
            boolean centred = isClose(left, margins.right())
                    && isClose(top, margins.bottom())
                    && !margins.least().isNegative();
            if (centred && left.isZero() && top.isZero()) {
                writer.words(", edge to edge");
            } else if (centred && isClose(left, top)) {
                writer.words(", centred: ").length(left).words(" shows all round");
            } else if (centred) {
                writer.words(", centred: ")
                        .length(left)
                        .words(" shows left and right, ")
                        .length(top)
                        .words(" above and below");
            } else {
                writer.words(": ")
                        .length(left.abs())
                        .words(left.isNegative() ? " past the left edge, " : " from the left, ");
                writer.length(top.abs()).words(top.isNegative() ? " past the top" : " from the top");
            }
            if (join.adhesion().kind() == Adhesion.Kind.FOAM) {
                writer.words(", on foam ").length(join.adhesion().height()).words(" high");
            }
            return writer.words(".").end();
        }

        /** Halves can differ by a tick, and what lies within a curve by as much as no eye sees. */
        private static boolean isClose(Length one, Length other) {
            return !one.minus(other).abs().isLongerThan(UNSEEN);
        }

        private String verb() {
            return join.adhesion().kind() == Adhesion.Kind.NONE ? "Lay " : "Stick ";
        }

        private String where() {
            if (!join.place().equals(onto.name()) && !join.place().isEmpty()) {
                return " on the " + join.place();
            }
            return (join.side() == Side.UP ? " on " : " behind ") + onto.name();
        }
    }

    /**
     * Something a feature asks for.
     *
     * @param piece the piece in hand
     * @param words what to do
     */
    record Do(Piece piece, Phrase words) implements MakeStep {
        @Override
        public Phrase sentence(MeasureSystem system) {
            return words;
        }
    }

    /** What the press has not cut and surface work first, then folds, then pieces onto each other from the top down, so that each stack goes on the card in one go. */
    static List<MakeStep> of(Card card, PressList press) {
        List<MakeStep> steps = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            piece.zones().stream()
                    .filter(zone -> zone.use() != Zone.Use.KEEP_OUT)
                    .forEach(zone -> steps.add(new Treat(piece, zone)));
            boolean isToldElsewhere =
                    card.dieCuts().stream().anyMatch(cut -> cut.piece().equals(piece.id()));
            press.plan()
                    .byHandOf(piece)
                    .filter(want -> want.role() == Want.Role.PAST_FOLD
                            || (want.role() == Want.Role.OUTLINE && !isToldElsewhere))
                    .flatMap(want -> HandCut.of(want).stream())
                    .forEach(cut -> steps.add(new CutOut(piece, cut)));
            steps.addAll(openings(
                    piece,
                    piece.openings().stream()
                            .filter(opening -> !press.cuts(piece, opening))
                            .toList()));
        }
        for (Piece piece : card.pieces()) {
            piece.scores().stream()
                    .filter(score -> isFolded(card, piece, score) && !press.folds(piece, score))
                    .forEach(score -> steps.add(new Fold(piece, score, Crease.of(card, piece))));
        }
        List<Join> joins = new ArrayList<>(
                card.joins().stream().filter(join -> !isSlippedOn(card, join)).toList());
        Collections.reverse(joins);
        for (Join join : joins) {
            Piece upper = card.pieceOf(join.upper());
            card.directions().stream()
                    .filter(direction -> direction.piece().equals(upper.id()))
                    .forEach(direction -> steps.add(new Do(upper, direction.words())));
            card.dieCuts().stream()
                    .filter(cut ->
                            cut.piece().equals(upper.id()) && !press.plan().cutsOut(upper))
                    .forEach(cut -> steps.add(new Do(upper, cut.otherwise())));
            if (!press.plan().isStuckFirst(join)) {
                steps.add(Stick.of(card, join));
            }
        }
        card.directions().stream()
                .filter(direction -> card.join(direction.piece())
                        .filter(join -> !isSlippedOn(card, join))
                        .isEmpty())
                .forEach(direction ->
                        steps.add(new Do(card.piece(direction.piece()).orElse(card.base()), direction.words())));
        return List.copyOf(steps);
    }

    /** A band holds the shut card together and is stuck to nothing: it comes on last. */
    private static boolean isSlippedOn(Card card, Join join) {
        return join.adhesion().kind() == Adhesion.Kind.NONE && !card.isOfBase(join.upper());
    }

    /** One line for each opening; one for all alike that are for one thing, where they are many. */
    private static List<MakeStep> openings(Piece piece, List<Opening> openings) {
        record Alike(PieceId owner, String name, CutShape shape) {}
        Map<Alike, List<Opening>> alike = new LinkedHashMap<>();
        openings.forEach(opening -> alike.computeIfAbsent(
                        new Alike(opening.owner(), opening.name(), opening.shape()), each -> new ArrayList<>())
                .add(opening));
        return alike.values().stream()
                .<MakeStep>flatMap(same -> same.size() > FEW
                        ? Stream.of(new OpenMany(piece, same))
                        : same.stream().map(opening -> new Open(piece, opening)))
                .toList();
    }

    private static boolean isFolded(Card card, Piece piece, Score score) {
        return card.panelsOf(piece.id()).stream()
                .anyMatch(panel -> panel.hanging() instanceof Panel.OnScore hinge
                        && hinge.score().equals(score.id()));
    }
}

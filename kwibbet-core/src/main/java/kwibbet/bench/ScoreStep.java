package kwibbet.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;

import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Score.Measured;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.scoring.Lying;
import kwibbet.scoring.ScorePlan.Scored;
import kwibbet.scoring.ScorePlan.Setting;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.wording.Phrase;

/**
 * What is scored on pieces that are scored alike while they lie one way.
 *
 * @param pieces the pieces, at least one
 * @param count how many are scored
 * @param setting how it lies and what is scored
 * @param marks what the board's grooves are marked in
 * @param afterPress whether a die cuts the piece out
 */
public record ScoreStep(List<Piece> pieces, int count, Setting setting, MeasureSystem marks, boolean afterPress) {

    /** Copies the list. */
    public ScoreStep {
        pieces = List.copyOf(pieces);
    }

    /** One of the pieces; the others are scored like it. */
    public Piece piece() {
        return pieces.get(0);
    }

    /** What the pieces are called. */
    public String names() {
        return Alike.names(pieces);
    }

    /** How to lay it. */
    public Phrase sentence(MeasureSystem system) {
        Phrase.Writer writer =
                Phrase.in(system).words(names() + ", " + faceUp(piece(), isFlipped()) + ", " + atFence());
        if (setting.shift().isPositive()) {
            writer.words(", slid ").length(setting.shift()).words(" off it");
        }
        List<InGroove> grooves = inGrooves();
        writer.words(": score in ")
                .words(setting.lying() instanceof Lying.SquareInPlate ? "slanted " : "")
                .words(grooves.size() == 1 ? "groove " : "grooves ");
        for (int i = 0; i < grooves.size(); i++) {
            writer.words(i == 0 ? "" : i == grooves.size() - 1 ? " and " : ", ")
                    .phrase(groove(grooves.get(i).groove()));
        }
        writer.words(".");
        grooves.forEach(each -> partly(each, writer));
        boolean isWhole = grooves.stream().allMatch(each -> each.only().isEmpty());
        if (setting.lying() instanceof Lying.AcrossCorner && isWhole) {
            writer.words(" From edge to edge of the corner.");
        }
        setting.scores().forEach(scored -> {
            if (!scored.at().isExact() && !isHair(scored.at().error())) {
                writer.phrase(Nearest.errorOf(scored.at(), system));
            }
        });
        return writer.end();
    }

    /** A groove as the board is marked, whatever the card is measured in. */
    private Phrase groove(Length groove) {
        return Phrase.in(marks).length(groove).end();
    }

    /** Nobody sees less than 1/64 inch. */
    private static boolean isHair(Length error) {
        return error.abs().isShorterThan(Length.ofInches(1, 64));
    }

    private boolean isFlipped() {
        return setting.lying().flipped();
    }

    /** Which face of a piece is up, and how it comes to be: turned over the other way its top would be its bottom. */
    static String faceUp(Piece piece, boolean flipped) {
        boolean base = piece.id().equals(PieceId.BASE);
        if (flipped) {
            return base ? "turned over sideways, outside up" : "turned over sideways";
        }
        return base ? "inside up" : "as drawn";
    }

    private String atFence() {
        if (setting.lying() instanceof Lying.AtFence fence) {
            return Lying.seen(fence.edge(), isFlipped()).word() + " edge at the fence";
        }
        if (setting.lying() instanceof Lying.SquareInPlate square) {
            return corner(square.levelAtFence(), square.uprightAtFence()) + " at the fence, the "
                    + Lying.seen(square.along(), isFlipped()).word() + " edge along the top of the 45° plate";
        }
        Lying.InPlate plate = (Lying.InPlate) setting.lying();
        return corner(plate.level(), plate.upright()) + " in the 45° plate";
    }

    private String corner(Edge level, Edge upright) {
        return level.word() + " " + Lying.seen(upright, isFlipped()).word() + " corner";
    }

    /**
     * What is creased in a groove.
     *
     * @param groove the groove, by its distance from the fence
     * @param only the parts of it that are creased, in the order they lie; none where it is creased from edge to edge
     * @param from the edge the parts are measured from
     */
    public record InGroove(Length groove, List<Span> only, Edge from) {
        /** Copies the list. */
        public InGroove {
            only = List.copyOf(only);
        }
    }

    /**
     * Part of a line along a paper.
     *
     * @param start where it starts, from the edge that is named
     * @param stop where it stops, from there too
     */
    public record Span(Length start, Length stop) {}

    /** What is creased in each groove, from the fence outwards. */
    public List<InGroove> inGrooves() {
        return setting.scores().stream()
                .map(Scored::groove)
                .distinct()
                .map(this::inGroove)
                .toList();
    }

    private InGroove inGroove(Length groove) {
        List<Score> scores = setting.scores().stream()
                .filter(scored -> scored.groove().equals(groove))
                .map(Scored::score)
                .toList();
        if (setting.lying() instanceof Lying.AcrossCorner plate) {
            List<Span> parts = scores.stream()
                    .filter(score -> !crossesCorner(score, plate))
                    .map(score -> span(score, plate.level()))
                    .sorted(Comparator.comparing(Span::start))
                    .toList();
            return new InGroove(groove, parts, plate.level());
        }
        List<Measured> parts = scores.stream()
                .flatMap(score -> score.measured(piece().size()).stream())
                .filter(measured -> !measured.isWhole())
                .sorted(Comparator.comparing(Measured::start))
                .toList();
        boolean upright = parts.stream().anyMatch(part -> part.from().axis() == Axis.VERTICAL);
        return new InGroove(
                groove,
                parts.stream().map(part -> new Span(part.start(), part.stop())).toList(),
                upright ? Edge.TOP : Edge.LEFT);
    }

    /** Whether a slanted score runs from the one edge of its corner to the other. */
    private boolean crossesCorner(Score score, Lying.AcrossCorner plate) {
        return span(score, plate.level()).start().isZero()
                && span(score, plate.upright()).start().isZero();
    }

    /** From where to where a slanted score runs, by the distances of its ends from an edge. */
    private Span span(Score score, Edge from) {
        Length one = distance(score.line().start(), from);
        Length other = distance(score.line().end(), from);
        return new Span(Length.min(one, other), Length.max(one, other));
    }

    private Length distance(Point point, Edge from) {
        return switch (from) {
            case LEFT -> point.x();
            case RIGHT -> piece().size().width().minus(point.x());
            case TOP -> point.y();
            case BOTTOM -> piece().size().height().minus(point.y());
        };
    }

    /** Scores in one groove that do not run from edge to edge. */
    private void partly(InGroove each, Phrase.Writer writer) {
        for (int i = 0; i < each.only().size(); i++) {
            if (i == 0) {
                writer.words(" Groove ").phrase(groove(each.groove())).words(" only from ");
            } else {
                writer.words(" and from ");
            }
            writer.length(each.only().get(i).start())
                    .words(" to ")
                    .length(each.only().get(i).stop());
        }
        if (!each.only().isEmpty()) {
            writer.words(" from the " + Lying.seen(each.from(), isFlipped()).word() + " edge.");
        }
    }

    /** Which way they fold. */
    public String fold() {
        return setting.scores().get(0).score().fold() == Score.Fold.VALLEY ? "valley" : "mountain";
    }

    /** The piece and how many. */
    public String what() {
        return names().toLowerCase(Locale.ROOT) + " × " + count + ScoreList.when(afterPress);
    }
}

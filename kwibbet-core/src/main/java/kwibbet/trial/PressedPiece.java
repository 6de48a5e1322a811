package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.bench.DieLaying;
import kwibbet.bench.PressStep;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.press.Layup;
import kwibbet.press.Lying;
import kwibbet.press.Want;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;

/** What the press has cut in a piece, all places in its frame. */
final class PressedPiece {

    /** A cut is where it should be if it is no farther off than this, in inches: half of 1/64. */
    private static final double CLOSE = 1.0 / 128;

    private final Piece piece;
    private final List<Spot> cuts = new ArrayList<>();
    private final List<Spot> creases = new ArrayList<>();
    private final List<Want> wants = new ArrayList<>();
    private final List<Rect> papers = new ArrayList<>();

    PressedPiece(Piece piece) {
        this.piece = piece;
    }

    /** Takes in what a step shall cut in the piece. */
    void expect(PressStep step) {
        Layup layup = step.onBed().layup();
        papers.add(
                step.piece().equals(piece) ? layup.flatPaper() : piece.outline().bounds());
        layup.wants()
                .filter(want -> want.piece().equals(piece) && !wants.contains(want))
                .forEach(wants::add);
    }

    /** Presses a paper, if the piece is of it or stuck to it, the dies so far off to the right. */
    void press(PressStep step, double off) {
        Layup layup = step.onBed().layup();
        boolean isLowest = step.piece().equals(piece);
        for (DieLaying laying : step.layings()) {
            for (Spot spot : TrialPress.creases(laying, layup.paper().size(), off)) {
                if (isLowest) {
                    creases.add(spot.plus(
                            layup.paper().left().toInches(), layup.paper().top().toInches()));
                }
            }
            for (Spot spot : TrialPress.pass(laying, layup.paper().size(), off)) {
                Spot onLowest = spot.plus(
                        layup.paper().left().toInches(), layup.paper().top().toInches());
                if (isLowest) {
                    cut(onLowest, layup.lying());
                } else {
                    cutStuck(onLowest, layup.lying());
                }
            }
        }
    }

    private void cut(Spot spot, Lying lying) {
        cuts.add(spot);
        if (lying.fold() instanceof Lying.Through folded) {
            cuts.add(spot.beyond(folded.line()));
        }
    }

    private void cutStuck(Spot onLowest, Lying lying) {
        lying.on().stream().filter(on -> on.piece().equals(piece)).forEach(on -> {
            Spot own = onLowest.in(on.placement().inverse());
            if (own.isOn(piece.size())) {
                cuts.add(own);
            }
        });
    }

    /** How many shapes are asked for. */
    int shapes() {
        return wants.size();
    }

    /** How many of them are cut right; none where anything else is cut as well. */
    int pressed() {
        List<Spot> all = Spot.along(wants.stream().flatMap(this::lines).toList());
        boolean isMore = cuts.stream()
                .anyMatch(spot -> !isAtEdge(spot) && !isNear(spot, all) && !fallsOut(spot) && !comesOff(spot));
        return isMore ? 0 : (int) wants.stream().filter(this::isCut).count();
    }

    /** What is cut within an opening falls out with it. */
    private boolean fallsOut(Spot spot) {
        return wants.stream()
                .filter(want -> want.role() == Want.Role.OPENING)
                .anyMatch(want -> spot.isWithin(want.outline().edges()));
    }

    /** What is cut in an end of the paper comes off with it, if that is taken off. */
    private boolean comesOff(Spot spot) {
        Rect own = piece.outline().bounds();
        return !spot.in(Placement.at(own.corner()).inverse()).isOn(own.size())
                && wants.stream().flatMap(want -> want.end().stream()).anyMatch(end -> papers.stream()
                        .anyMatch(paper -> paper.contains(end)));
    }

    /** Whether a place is at an edge of the paper as it went through once. */
    private boolean isAtEdge(Spot spot) {
        return papers.stream().anyMatch(paper -> spot.isAtEdge(paper, CLOSE));
    }

    /** How many of some scores were creased as it was cut. */
    int creased(List<Score> scores) {
        return (int) scores.stream()
                .filter(score -> Spot.along(List.of(score.line())).stream()
                        .allMatch(spot -> isAtEdge(spot) || isNear(spot, creases)))
                .count();
    }

    private boolean isCut(Want want) {
        return Spot.along(lines(want).toList()).stream().allMatch(spot -> isAtEdge(spot) || isNear(spot, cuts));
    }

    /**
     * What is there to be cut: of a piece that is cut out folded all its edge, of an outline across a fold what lies beyond, of a die over an edge what lies on
     * the paper.
     */
    private Stream<Segment> lines(Want want) {
        if (want.part().isEmpty()) {
            return want.outline().edges().stream();
        }
        PartCut part = want.part().get();
        if (part instanceof PartCut.UnderPlate under) {
            return under.slits().stream();
        }
        if (part instanceof PartCut.PastEdge past) {
            Region paper = Region.of(Outline.of(past.within()));
            return past.outline().edges().stream().flatMap(edge -> Overlay.within(edge, paper).stream());
        }
        return piece.outline().edges().stream();
    }

    /** Whether a place lies on a line through others: no two next to each other on a line are farther apart than a step. */
    private static boolean isNear(Spot spot, List<Spot> others) {
        double nearest = Double.MAX_VALUE;
        Spot first = spot;
        for (Spot other : others) {
            if (spot.to(other) < nearest) {
                nearest = spot.to(other);
                first = other;
            }
        }
        if (nearest <= CLOSE) {
            return true;
        }
        for (Spot other : others) {
            if (first.to(other) <= 1.5 * Spot.STEP && distance(spot, first, other) <= CLOSE) {
                return true;
            }
        }
        return false;
    }

    private static double distance(Spot spot, Spot from, Spot to) {
        double length = from.to(to);
        if (length < CLOSE) {
            return spot.to(from);
        }
        double along = ((spot.x() - from.x()) * (to.x() - from.x()) + (spot.y() - from.y()) * (to.y() - from.y()))
                / (length * length);
        double share = Math.max(0, Math.min(1, along));
        return spot.to(new Spot(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y())));
    }
}

package kwibbet.card.base;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperId;
import kwibbet.shape.Axis;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * A strip of panels that is cut to an outline: where each panel and each score ends, the outline says.
 *
 * @param strip the panels and scores of the whole strip
 * @param panels the outlines of its panels, from the first on
 * @param folds its scores, from the first on
 * @param shape what it is cut to
 */
record CutStrip(Strip strip, List<Outline> panels, List<Segment> folds, CutShape shape) {

    /** Creases no further apart are one, as the dashes of a line are. */
    private static final Length CLOSE = Length.ofInches(1, 64);

    private static final Length SHORTEST_HINGE = Length.ofInches(1, 4);

    CutStrip {
        panels = List.copyOf(panels);
        folds = List.copyOf(folds);
    }

    /** How wide the panels of an outline are that is creased, as large as it is drawn into a box; nothing where it is not, or not upright all over. */
    static Optional<List<Length>> widths(Look look, Size size) {
        List<Length> places = look.creases(size).stream()
                .filter(crease -> crease.axis().equals(Optional.of(Axis.VERTICAL)))
                .map(crease -> crease.start().x())
                .sorted(Comparator.naturalOrder())
                .toList();
        if (places.isEmpty() || places.size() < look.creases(size).size()) {
            return Optional.empty();
        }
        List<Length> widths = new ArrayList<>();
        Length before = Length.ZERO;
        for (Length place : places) {
            if (widths.isEmpty() || place.minus(before).isLongerThan(CLOSE)) {
                widths.add(place.minus(before));
                before = place;
            }
        }
        widths.add(size.width().minus(before));
        return Optional.of(widths);
    }

    /** The strip cut to a shape as large as it is, or why a panel or a score of it would come to pieces. */
    static Outcome<CutStrip> of(Strip strip, Look look) {
        CutShape shape = new CutShape(look, strip.size());
        Region whole = Region.of(shape.outline());
        List<Outline> panels = new ArrayList<>();
        for (int i = 0; i < strip.leaves().size(); i++) {
            List<Region> parts = Overlay.shared(whole, Region.of(Outline.of(strip.area(i))));
            if (parts.size() != 1 || !parts.get(0).holes().isEmpty()) {
                return refused("Panel " + (i + 1) + " would be cut to pieces by this outline.");
            }
            panels.add(parts.get(0).outline());
        }
        List<Segment> folds = new ArrayList<>();
        for (int i = 1; i < strip.leaves().size(); i++) {
            Segment line = new Segment(new Point(strip.left(i), Length.ZERO), new Point(strip.left(i), strip.height()));
            List<Segment> within = Overlay.within(line, whole);
            if (within.size() != 1 || within.get(0).inches() < SHORTEST_HINGE.toInches()) {
                return refused("Score " + i + " would not run through the outline in one line.");
            }
            folds.add(within.get(0));
        }
        boolean cutThrough = shape.holes().stream()
                .anyMatch(hole -> panels.stream().noneMatch(panel -> Overlay.contains(Region.of(panel), hole)));
        return cutThrough
                ? refused("What is cut out of this outline lies across a score.")
                : Outcome.made(new CutStrip(strip, panels, folds, shape));
    }

    private static Outcome<CutStrip> refused(String why) {
        return Outcome.refused(CustomStrip.SHAPE.key(), why);
    }

    /** The piece. */
    Piece piece(PaperId paper) {
        List<Score> scores = new ArrayList<>();
        for (int i = 0; i < folds.size(); i++) {
            scores.add(new Score(
                    strip.creases().get(i).id(),
                    folds.get(i),
                    strip.creases().get(i).fold()));
        }
        return Piece.of(PieceId.BASE, "Base", paper, shape).scored(scores);
    }
}

package kwibbet.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.outline.Drawn;
import kwibbet.paper.PaperId;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

/**
 * One part cut from one paper, in a frame whose zero is the left top corner of its bounds.
 *
 * @param id its id in the card
 * @param name what the maker calls it
 * @param paper what it is cut from
 * @param chosen which of its faces is the one its paper is chosen for
 * @param outline its edge
 * @param scores its creases, in the order they are scored
 * @param openings what is cut through it
 * @param slits cuts that start and stop inside it
 * @param zones areas that are worked on or kept free
 * @param partCuts cuts of it that are part of a larger outline
 */
public record Piece(
        PieceId id,
        String name,
        PaperId paper,
        Side chosen,
        Outline outline,
        List<Score> scores,
        List<Opening> openings,
        List<Segment> slits,
        List<Zone> zones,
        List<PartCut> partCuts) {

    /**
     * Copies the lists and checks that each score lies on the piece.
     *
     * @throws IllegalArgumentException when a score runs past the edge, or along it
     */
    public Piece {
        scores = List.copyOf(scores);
        openings = List.copyOf(openings);
        slits = List.copyOf(slits);
        zones = List.copyOf(zones);
        partCuts = List.copyOf(partCuts);
        Rect bounds = outline.bounds();
        for (Score score : scores) {
            if (!lies(score.line(), bounds)) {
                throw new IllegalArgumentException("the score " + score + " is not on " + name + ", " + bounds.size());
            }
        }
    }

    private static boolean lies(Segment line, Rect bounds) {
        // What lies aslant comes to the nearest tick, on either side of an edge.
        Rect around = bounds.grown(Length.GRAIN);
        boolean within = List.of(line.start(), line.end()).stream()
                .allMatch(point -> !point.x().isShorterThan(around.left())
                        && !point.x().isLongerThan(around.right())
                        && !point.y().isShorterThan(around.top())
                        && !point.y().isLongerThan(around.bottom()));
        boolean alongEdge = line.axis().isPresent()
                && (line.middle().x().equals(bounds.left())
                        || line.middle().x().equals(bounds.right())
                        || line.middle().y().equals(bounds.top())
                        || line.middle().y().equals(bounds.bottom()));
        return within && !alongEdge;
    }

    /** A piece that is only cut out. */
    public static Piece of(PieceId id, String name, PaperId paper, Outline outline) {
        return new Piece(id, name, paper, Side.UP, outline, List.of(), List.of(), List.of(), List.of(), List.of());
    }

    /** A piece cut to a shape, with what is cut out of that. */
    public static Piece of(PieceId id, String name, PaperId paper, CutShape shape) {
        Piece piece = of(id, name, paper, shape.outline());
        for (Outline hole : shape.holes()) {
            Rect box = hole.bounds();
            CutShape cutOut = new CutShape(new Drawn(hole), box.size());
            piece = piece.opened(new Opening(id, "opening", cutOut, Placement.at(box.corner())));
        }
        return piece;
    }

    /** A rectangle that is only cut out. */
    public static Piece of(PieceId id, String name, PaperId paper, Size size) {
        return of(id, name, paper, Outline.of(Rect.atOrigin(size)));
    }

    /** The size of the rectangle it is cut from. */
    public Size size() {
        return outline.bounds().size();
    }

    /** What is cut into its edges, and those of its openings. */
    public List<PartCut.PastEdge> edgeCuts() {
        return partCuts.stream()
                .filter(PartCut.PastEdge.class::isInstance)
                .map(PartCut.PastEdge.class::cast)
                .toList();
    }

    /** The ends of a longer paper that dies are to take off. */
    public List<Rect> ends() {
        return edgeCuts().stream().flatMap(cut -> cut.end().stream()).toList();
    }

    /** The straight paper it is before dies take ends of it off. */
    public Rect withEnds() {
        return ends().stream().reduce(outline.bounds(), Rect::around);
    }

    /** The score of that name, if it has one. */
    public Optional<Score> score(ScoreId score) {
        return scores.stream().filter(each -> each.id().equals(score)).findFirst();
    }

    /** Whether a picture is printed on it. */
    public boolean isPrinted() {
        return zones.stream().anyMatch(zone -> zone.print().isPresent());
    }

    /** How far paper is printed past its edges: as far as the picture that reaches an edge and asks for most. */
    public Length bleed() {
        Rect own = outline.bounds();
        return zones.stream()
                .filter(zone -> zone.print().isPresent()
                        && !own.grown(Length.TICK.negated())
                                .contains(zone.outline().bounds()))
                .map(zone -> zone.print().get().bleed())
                .reduce(Length.ZERO, Length::max);
    }

    /** Its paper: the outline less the openings. */
    public Region material() {
        return new Region(outline, openings.stream().map(Opening::outline).toList());
    }

    /** Whether anything but straight cuts from edge to edge is needed to cut it out. */
    public boolean isRectangle() {
        return outline.isRectangle();
    }

    /**
     * The score of that name, which the piece is known to have.
     *
     * @throws IllegalArgumentException when it has none
     */
    public Score scoreOf(ScoreId score) {
        return score(score)
                .orElseThrow(
                        () -> new IllegalArgumentException("piece " + id.value() + " has no score " + score.value()));
    }

    /** This piece under another name. */
    public Piece named(String other) {
        return new Piece(id, other, paper, chosen, outline, scores, openings, slits, zones, partCuts);
    }

    /** This piece as one that folds with the face its paper is chosen for outwards: it lies inside up. */
    public Piece insideUp() {
        return new Piece(id, name, paper, Side.UNDER, outline, scores, openings, slits, zones, partCuts);
    }

    /** This piece with scores. */
    public Piece scored(List<Score> more) {
        return new Piece(id, name, paper, chosen, outline, joined(scores, more), openings, slits, zones, partCuts);
    }

    /** This piece with other scores. */
    public Piece withScores(List<Score> other) {
        return new Piece(id, name, paper, chosen, outline, other, openings, slits, zones, partCuts);
    }

    /** This piece with one opening more. */
    public Piece opened(Opening opening) {
        return new Piece(
                id, name, paper, chosen, outline, scores, joined(openings, List.of(opening)), slits, zones, partCuts);
    }

    /** This piece with one slit more. */
    public Piece slit(Segment slit) {
        return new Piece(
                id, name, paper, chosen, outline, scores, openings, joined(slits, List.of(slit)), zones, partCuts);
    }

    /** This piece with one zone more. */
    public Piece zoned(Zone zone) {
        return new Piece(
                id, name, paper, chosen, outline, scores, openings, slits, joined(zones, List.of(zone)), partCuts);
    }

    /** This piece with one cut more that is part of an outline. */
    public Piece partlyCut(PartCut cut) {
        return new Piece(
                id, name, paper, chosen, outline, scores, openings, slits, zones, joined(partCuts, List.of(cut)));
    }

    /** This piece with what lies within an outline cut off at its edge. */
    Piece cutAtEdge(Outline off, Optional<PartCut.PastEdge> die) {
        Outline left = Overlay.without(Region.of(outline), Region.of(off)).stream()
                .max(Comparator.comparingDouble(Region::area))
                .map(Region::outline)
                .orElse(outline);
        List<PartCut> more = die.stream().<PartCut>map(cut -> cut).toList();
        return new Piece(id, name, paper, chosen, left, scores, openings, slits, zones, joined(partCuts, more));
    }

    /** This piece with what lies within an outline cut off at the edge of the opening that it lies over. */
    Piece cutAtOpening(Outline off, Optional<PartCut.PastEdge> die) {
        List<Opening> widened = openings.stream()
                .map(opening -> Overlay.overlap(opening.outline(), off) ? opening.widenedBy(off) : opening)
                .toList();
        List<PartCut> more = die.stream().<PartCut>map(cut -> cut).toList();
        return new Piece(id, name, paper, chosen, outline, scores, widened, slits, zones, joined(partCuts, more));
    }

    /** Whether it has straight sides but for what is cut into them at an edge, and bits between two such cuts, which fall off with them. */
    public boolean isRectangleButForEdges() {
        List<Region> cut =
                edgeCuts().stream().map(each -> Region.of(each.outline())).toList();
        return isRectangle()
                || Overlay.without(Region.of(Outline.of(outline.bounds())), cut).stream()
                                .max(Comparator.comparingDouble(Region::area))
                                .stream()
                                .flatMap(left -> Overlay.without(left, Region.of(outline)).stream())
                                .mapToDouble(Region::area)
                                .sum()
                        < Overlay.NOTHING;
    }

    /** Whether straight cuts from edge to edge give it its box, and nothing but what is cut into its edges comes off that. */
    public boolean isTrimmed() {
        return isRectangle() || (!edgeCuts().isEmpty() && isRectangleButForEdges());
    }

    /** This piece as it is seen with its upper face up: without what is done to the other. */
    public Piece seenFromAbove() {
        List<Zone> seen = zones.stream().filter(zone -> zone.side() == Side.UP).toList();
        return new Piece(id, name, paper, chosen, outline, scores, openings, slits, seen, partCuts);
    }

    /** This piece turned over or round, in the outer frame of {@code placement}. */
    public Piece in(Placement placement) {
        return new Piece(
                id,
                name,
                paper,
                placement.mirrored() ? chosen.opposite() : chosen,
                outline.in(placement),
                scores.stream().map(score -> score.in(placement)).toList(),
                openings.stream().map(opening -> opening.in(placement)).toList(),
                slits.stream().map(placement::apply).toList(),
                zones.stream().map(zone -> zone.in(placement)).toList(),
                partCuts.stream().map(cut -> cut.in(placement)).toList());
    }

    private static <T> List<T> joined(List<T> some, List<T> more) {
        List<T> all = new ArrayList<>(some);
        all.addAll(more);
        return all;
    }
}

package kwibbet.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Side;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Hatching;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.fold.SeenPanel;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A section through the shut card from left to right at half its height: every ply under its name, the front on top, thick enough to be seen.
 *
 * <p>Plies lie on each other without bending: where fewer lie below, a ply lies deeper. Foam is hatched.
 */
public final class SectionPicture {

    /** The thinnest ply is drawn at least so thick, in text heights, and all together about so thick. */
    private static final double THINNEST = 0.3;

    private static final double ALL = 8;
    /** From one name to the next, in text heights. */
    private static final double NAME = 1.3;

    private static final Length SLICE = Length.ofInches(1, 64);

    private final Card card;
    private final Palette palette;
    private final List<Slice> slices = new ArrayList<>();

    /**
     * What the section cuts of one panel, the lowest first.
     *
     * @param piece its piece
     * @param from where it starts, along the section
     * @param to where it ends
     * @param raised how far foam holds it off what is below
     */
    private record Slice(Piece piece, Length from, Length to, Length raised) {}

    private SectionPicture(Card card, PaperShelf shelf) {
        this.card = card;
        this.palette = new Palette(shelf);
        List<SeenPanel> seen = FoldedView.of(card, card.form().pose(Pose.SHUT)).panels();
        Rect bounds = new Outline(seen.stream()
                        .flatMap(each -> each.outline(each.panel().outline()).stream())
                        .toList())
                .bounds();
        Rect cut = Rect.of(bounds.left(), bounds.middle().y(), bounds.size().width(), SLICE);
        seen.forEach(each -> slice(each, cut));
    }

    private void slice(SeenPanel each, Rect cut) {
        Piece piece = card.pieceOf(each.panel().piece());
        Region flat = each.panel().material(piece);
        Region region = each.seen(flat);
        Length raised =
                card.join(piece.id()).map(join -> join.adhesion().height()).orElse(Length.ZERO);
        for (Region part : Overlay.shared(region, Region.of(Outline.of(cut)))) {
            Rect bounds = part.outline().bounds();
            slices.add(new Slice(piece, bounds.left(), bounds.right(), raised));
        }
    }

    /**
     * Draws it across the table's frame.
     *
     * @param card the card
     * @param shelf the papers that give the colours
     * @param scale the scale of the table
     */
    public static Drawing onTable(Card card, PaperShelf shelf, TableScale scale) {
        return new SectionPicture(card, shelf).draw(scale);
    }

    private Drawing draw(TableScale scale) {
        Sketch sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        Length left = slices.stream().map(Slice::from).reduce(Length::min).orElse(Length.ZERO);
        Length right = slices.stream().map(Slice::to).reduce(Length::max).orElse(left);
        Length shift = sketch.rows(TableScale.FREE / 2).minus(left);
        List<Ply> plies = plies();
        Length thickest = plies.stream().map(Ply::top).reduce(Length::max).orElse(Length.ZERO);
        int times = times(thickest, sketch);
        Length tall = thickest.multipliedBy(times);
        Length foot = scale.frame().middle().y().plus(tall.half());
        for (Ply ply : plies) {
            Rect area = Rect.of(
                    ply.from().plus(shift),
                    foot.minus(ply.top().multipliedBy(times)),
                    ply.to().minus(ply.from()),
                    ply.caliper().multipliedBy(times));
            Side chosen = ply.piece().chosen();
            Mark mark =
                    Mark.Area.of(area, palette.fill(ply.piece(), chosen), Line.FINE, palette.ink(ply.piece(), chosen));
            sketch.group(ply.piece().id().value(), ply.piece().name(), List.of(mark));
            if (ply.foam().isPositive()) {
                foam(
                        new Rect(
                                new Point(area.left(), area.bottom()),
                                new Size(area.size().width(), ply.foam().multipliedBy(times))),
                        sketch);
            }
        }
        Rect whole = Rect.of(left.plus(shift), foot.minus(tall), right.minus(left), tall);
        names(plies, times, foot, shift, whole, sketch);
        sketch.width(whole, 1.6);
        Phrase words = Phrase.in(card.design().system())
                .words("thickest ")
                .length(thickest.roundedUpTo(card.materials().trim()).shown())
                .words(times == 1 ? "" : "; out of scale, plies drawn " + times + " times as thick")
                .words(plies.stream().anyMatch(ply -> ply.foam().isPositive()) ? ", foam hatched" : "")
                .end();
        sketch.text(new Point(scale.frame().middle().x(), whole.bottom().plus(sketch.rows(4))), words, 1, Ink.ON_PAGE);
        return sketch.drawing(card.design().name() + ", a section through the shut card");
    }

    private static void foam(Rect area, Sketch sketch) {
        sketch.add(Mark.Area.of(area, Fill.NONE, Line.FINE, Ink.ON_PAGE));
        Hatching.of(area, sketch.rows(0.4), Ink.ON_PAGE).forEach(sketch::add);
        Phrase name = Phrase.of("foam");
        if (sketch.fits(name, 1, area.size().width(), area.size().height())) {
            sketch.label(area.middle(), name, 1, Ink.ON_PAGE);
        }
    }

    /** So many times as thick as they are, for the thinnest to be seen. */
    private int times(Length thickest, Sketch sketch) {
        Length thinnest = slices.stream()
                .map(slice -> card.materials().caliper(slice.piece().paper()))
                .reduce(Length::min)
                .orElse(sketch.rows(THINNEST));
        int seen = (int) Math.ceil(sketch.rows(THINNEST).ratioTo(thinnest));
        return thickest.isZero() ? 1 : Math.max(seen, (int) sketch.rows(ALL).ratioTo(thickest));
    }

    /** What each ply is called, at its right end or as near to its height as there is room, the topmost first. */
    private void names(List<Ply> plies, int times, Length foot, Length shift, Rect whole, Sketch sketch) {
        Map<PieceId, Ply> rightmost = new LinkedHashMap<>();
        plies.forEach(ply -> rightmost.merge(
                ply.piece().id(), ply, (one, other) -> other.to().isLongerThan(one.to()) ? other : one));
        List<Ply> fromTop = rightmost.values().stream()
                .sorted(Comparator.comparing(Ply::top).reversed())
                .toList();
        Length x = whole.right().plus(sketch.rows(1.5));
        Length free = whole.middle().y().minus(sketch.rows(NAME * (fromTop.size() - 1) / 2));
        for (Ply ply : fromTop) {
            Length middle = foot.minus(ply.top().minus(ply.caliper().half()).multipliedBy(times));
            Length y = Length.max(free, Length.min(middle, free.plus(sketch.rows(NAME * fromTop.size()))));
            free = y.plus(sketch.rows(NAME));
            sketch.stroke(Line.FINE, new Point(ply.to().plus(shift), middle), new Point(x, y));
            sketch.begin(
                    new Point(x.plus(sketch.rows(0.3)), y),
                    Phrase.of(ply.piece().name()));
        }
    }

    private List<Length> stops() {
        TreeSet<Length> stops = new TreeSet<>();
        slices.forEach(slice -> stops.addAll(List.of(slice.from(), slice.to())));
        return List.copyOf(stops);
    }

    /**
     * A stretch of a ply.
     *
     * @param piece its piece
     * @param from where it starts, along the section
     * @param to where it ends
     * @param top how high its upper face lies
     * @param caliper how thick it is
     * @param foam how high the foam below it is; zero where there is none
     */
    private record Ply(Piece piece, Length from, Length to, Length top, Length caliper, Length foam) {}

    /** All plies, stretch after stretch between the places where one begins or ends, each from the foot up. */
    private List<Ply> plies() {
        List<Ply> plies = new ArrayList<>();
        List<Length> stops = stops();
        for (int i = 1; i < stops.size(); i++) {
            Length top = Length.ZERO;
            for (Slice slice : slices) {
                if (!slice.from().isLongerThan(stops.get(i - 1)) && !slice.to().isShorterThan(stops.get(i))) {
                    Length caliper = card.materials().caliper(slice.piece().paper());
                    top = top.plus(slice.raised()).plus(caliper);
                    goOn(new Ply(slice.piece(), stops.get(i - 1), stops.get(i), top, caliper, slice.raised()), plies);
                }
            }
        }
        return plies;
    }

    /** A ply that goes on as high as it was is one. */
    private static void goOn(Ply next, List<Ply> plies) {
        for (int i = 0; i < plies.size(); i++) {
            Ply before = plies.get(i);
            if (before.to().equals(next.from())
                    && before.piece().equals(next.piece())
                    && before.top().equals(next.top())) {
                plies.set(i, new Ply(next.piece(), before.from(), next.to(), next.top(), next.caliper(), next.foam()));
                return;
            }
        }
        plies.add(next);
    }
}

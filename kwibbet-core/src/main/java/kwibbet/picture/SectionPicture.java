package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.Pose;
import kwibbet.drawing.Drawing;
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
import kwibbet.wording.Phrase;

/**
 * A section through the shut card from left to right at half its height: every ply, to scale, the front on top.
 *
 * <p>Plies lie on each other without bending: where fewer lie below, a ply lies deeper. Foam is left clear.
 */
public final class SectionPicture {

    /** How much thicker plies can be drawn. */
    public static final int EXAGGERATED = 10;

    private static final Length SLICE = Length.ofInches(1, 64);

    private final Card card;
    private final Palette palette;
    private final int exaggeration;
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

    private SectionPicture(Card card, PaperShelf shelf, int exaggeration) {
        this.card = card;
        this.palette = new Palette(shelf);
        this.exaggeration = exaggeration;
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
        Region region = new Region(
                new Outline(each.outline(flat.outline())),
                flat.holes().stream()
                        .map(hole -> new Outline(each.outline(hole)))
                        .toList());
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
     * @param exaggeration how much thicker plies are drawn than they are; 1 is to scale
     */
    public static Drawing onTable(Card card, PaperShelf shelf, TableScale scale, int exaggeration) {
        return new SectionPicture(card, shelf, exaggeration).draw(scale);
    }

    private Drawing draw(TableScale scale) {
        Sketch sketch =
                new Sketch(scale.frame(), scale.textHeight(), card.design().system());
        Length left = slices.stream().map(Slice::from).reduce(Length::min).orElse(Length.ZERO);
        Length right = slices.stream().map(Slice::to).reduce(Length::max).orElse(left);
        Length shift =
                scale.frame().middle().x().minus(left.plus(right.minus(left).half()));
        Length foot = scale.frame().middle().y();
        Length thickest = Length.ZERO;
        List<Length> stops = stops();
        for (int i = 1; i < stops.size(); i++) {
            thickest = Length.max(thickest, column(stops.get(i - 1), stops.get(i), shift, foot, sketch));
        }
        Rect whole = Rect.of(
                left.plus(shift),
                foot.minus(thickest.multipliedBy(exaggeration)),
                right.minus(left),
                thickest.multipliedBy(exaggeration));
        sketch.width(whole, 1.6);
        Phrase words = Phrase.in(card.design().system())
                .words("thickest ")
                .length(thickest.roundedUpTo(card.materials().trim()).shown())
                .words(exaggeration == 1 ? "" : ", plies drawn " + exaggeration + " times as thick")
                .end();
        sketch.text(new Point(scale.frame().middle().x(), whole.bottom().plus(sketch.rows(4))), words, 1, Ink.ON_PAGE);
        return sketch.drawing(card.design().name() + ", a section through the shut card");
    }

    private List<Length> stops() {
        TreeSet<Length> stops = new TreeSet<>();
        slices.forEach(slice -> stops.addAll(List.of(slice.from(), slice.to())));
        return List.copyOf(stops);
    }

    /** The plies over one stretch, from the foot up; gives how thick they are together. */
    private Length column(Length from, Length to, Length shift, Length foot, Sketch sketch) {
        Length thick = Length.ZERO;
        for (Slice slice : slices) {
            if (slice.from().isLongerThan(from) || slice.to().isShorterThan(to)) {
                continue;
            }
            Length bottom = thick.plus(slice.raised());
            Length caliper = card.materials().caliper(slice.piece().paper());
            thick = bottom.plus(caliper);
            Rect ply = Rect.of(
                    from.plus(shift),
                    foot.minus(thick.multipliedBy(exaggeration)),
                    to.minus(from),
                    caliper.multipliedBy(exaggeration));
            Mark area = Mark.Area.of(ply, palette.fill(slice.piece()), Line.FINE, palette.ink(slice.piece()));
            sketch.group(slice.piece().id().value(), slice.piece().name(), List.of(area));
        }
        return thick;
    }
}

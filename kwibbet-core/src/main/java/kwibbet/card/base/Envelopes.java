package kwibbet.card.base;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Base;
import kwibbet.card.Direction;
import kwibbet.card.Form;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.ShutFold;
import kwibbet.card.Supply;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Bases that are envelopes, and what they have in common. */
public final class Envelopes {

    /** In the order they are offered. */
    public static final List<Base> ALL = List.of(new SquareEnvelope(), new WrapEnvelope());

    private static final Direction CLOSE = new Direction(
            PieceId.BASE,
            PieceId.BASE,
            Direction.Does.CLOSE,
            Phrase.of("Put glue on the side flaps, where the lower flap lies on them, and fold it over them;"
                    + " the upper flap stays open until a card is in it."));

    private Envelopes() {}

    /** The one of that key, if there is one. */
    public static Optional<Base> find(String key) {
        return ALL.stream().filter(base -> base.key().equals(key)).findFirst();
    }

    /**
     * What hands do about an envelope: its lower flap is glued on its side flaps; its upper flap stays open until something is in it.
     *
     * @param form the envelope, nothing said of its hands
     * @param lower its lower flap
     * @param sides its side flaps
     */
    static Form glued(Form form, PanelId lower, List<PanelId> sides) {
        ShutFold shut = ShutFold.of(form.panels(), form.pieces(), form.pose(Pose.SHUT), form.closing());
        Region over = Region.of(outline(form, lower).in(shut.of(lower)));
        double area = sides.stream()
                .mapToDouble(side ->
                        Overlay.sharedArea(over, Region.of(outline(form, side).in(shut.of(side)))))
                .sum();
        Supply glue = Supply.volume(PieceId.BASE, "glue", area * Adhesion.SPREAD.toInches());
        Form.Hands hands = new Form.Hands(List.of(), List.of(CLOSE), List.of(glue));
        return new Form(form.finished(), form.parts(), form.poses(), form.closing(), hands);
    }

    private static Outline outline(Form form, PanelId panel) {
        return form.panel(panel)
                .orElseThrow(() -> new IllegalStateException("the envelope has no panel " + panel.value()))
                .outline();
    }

    /** What the usual folded card goes into; common practice, no source, and C6 of ISO 269. */
    static Size usual(MeasureSystem system) {
        return system == MeasureSystem.INCH
                ? new Size(Length.ofInches(23, 4), Length.ofInches(35, 8))
                : new Size(Length.ofMillimetres(162), Length.ofMillimetres(114));
    }
}

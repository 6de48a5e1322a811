package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.card.Adhesion;
import kwibbet.card.Feature;
import kwibbet.card.Opening;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/** A piece taped along three edges, open at the top, with a notch to take hold by or without. */
public record Pocket() implements Feature {

    /** How wide the notch is. */
    public static final Parameter.OfLength NOTCH =
            Shapes.length("notch", "Notch", "Across the half round cut at its top; 0 for none.", "0", "3", "3/4");

    @Override
    public String key() {
        return "pocket";
    }

    @Override
    public String title() {
        return "Pocket";
    }

    @Override
    public String sentence() {
        return "Taped along three edges, open at the top.";
    }

    @Override
    public boolean isLayer() {
        return true;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ALL);
        all.add(NOTCH);
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.asked(settings));
        asked.add(NOTCH);
        return asked;
    }

    /** With a smaller notch, or none, where it is narrow. */
    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        Length notch = settings.length(NOTCH);
        return isTooNarrow(settings.length(Shapes.WIDTH), notch)
                ? Stream.of(system.usual(notch.half()), Length.ZERO)
                        .map(smaller -> settings.with(NOTCH, smaller))
                        .toList()
                : List.of();
    }

    private static boolean isTooNarrow(Length width, Length notch) {
        return notch.isPositive() && !notch.multipliedBy(2).isShorterThan(width);
    }

    @Override
    public Outcome<Work> work(Site site) {
        Size size = Shapes.size(site.brief());
        Length notch = site.brief().length(NOTCH);
        if (isTooNarrow(size.width(), notch)) {
            return Outcome.refused(
                    NOTCH.key(),
                    "The notch takes more than half of the pocket. It must be less than "
                            + site.brief().figure(size.width().half()) + ".");
        }
        Point corner = Placing.corner(site, size);
        Outline whole = new CutShape(CutShape.Kind.RECTANGLE, size).outline();
        return Window.fitting(site, whole.plus(corner.x(), corner.y()), "The pocket")
                .then(ok -> {
                    Outline outline = notch.isPositive() ? notched(site, whole, size, notch) : whole;
                    Piece pocket = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), outline);
                    return Outcome.made(new Work.Collector()
                            .piece(pocket, Adhesion.POCKET, site.on(pocket, corner))
                            .end());
                });
    }

    private static Outline notched(Site site, Outline whole, Size size, Length across) {
        Length half = across.half();
        Point at = new Point(size.width().minus(across).half(), half.negated());
        Opening notch = new Opening(
                site.id(), "notch", new CutShape(CutShape.Kind.OVAL, new Size(across, across)), Placement.at(at));
        return Overlay.without(Region.of(whole), Region.of(notch.outline()))
                .get(0)
                .outline();
    }
}

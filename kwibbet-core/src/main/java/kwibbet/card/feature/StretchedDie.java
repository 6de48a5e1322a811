package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.DieCut;
import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Presets;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DiePass;
import kwibbet.tool.Sides;
import kwibbet.tool.Stretch;
import kwibbet.wording.Phrase;

/** A layer longer or shorter than the straight-sided die it is cut with, in the passes of {@link Stretch}. */
public record StretchedDie() implements Feature {

    /** How wide the die is. */
    public static final Parameter.OfLength WIDTH =
            Shapes.length("width", "Die width", "Across the die.", "1/2", "12", "2");
    /** How long the die is. */
    public static final Parameter.OfLength DIE = Shapes.length("die", "Die length", "Along the die.", "1", "12", "2");
    /** How long the piece is to be. */
    public static final Parameter.OfLength WANTED =
            Shapes.length("wanted", "Wanted length", "Along the finished piece.", "1", "24", "2 1/2");
    /** How often the pattern of its sides repeats. */
    public static final Parameter.OfLength PITCH =
            Shapes.length("pitch", "Pitch", "From one scallop or stitch of its sides to the next.", "1/32", "2", "1/4");

    @Override
    public String key() {
        return "stretched-die";
    }

    @Override
    public String title() {
        return "Stretched die";
    }

    @Override
    public String sentence() {
        return "A layer longer or shorter than its die, cut in two passes.";
    }

    @Override
    public boolean isLayer() {
        return true;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(WIDTH, DIE, WANTED, PITCH));
        all.addAll(Placing.ALL);
        return all;
    }

    /** A pitch that what is wanted is longer by whole repeats of. */
    @Override
    public Settings start(MeasureSystem system) {
        Settings usual = Presets.of(this, system);
        return system == MeasureSystem.INCH
                ? usual
                : usual.with(PITCH, Length.ofMillimetres(5)).with(WANTED, Length.ofMillimetres(60));
    }

    /** With a die half as large where there is no room; two repeats longer, as it begins elsewhere. */
    @Override
    public List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        Size whole = new Size(settings.length(WIDTH), settings.length(WANTED));
        if (Rect.atOrigin(room).contains(Rect.atOrigin(whole))) {
            return List.of();
        }
        Length width = system.usual(settings.length(WIDTH).half());
        Length die = Length.max(
                system.leastSaid(DIE.least()), system.usual(settings.length(DIE).half()));
        Length wanted = die.plus(settings.length(PITCH).multipliedBy(2));
        return List.of(settings.with(WIDTH, width).with(DIE, die).with(WANTED, wanted));
    }

    /** A straight-sided die whose sides repeat can be stretched. */
    @Override
    public Optional<Settings> cutWith(Settings settings, Die die) {
        return die.shape().is(CutShape.Kind.RECTANGLE) && die.sides().isPatterned()
                ? Optional.of(settings.with(WIDTH, die.shape().size().width())
                        .with(DIE, die.shape().size().height())
                        .with(PITCH, die.sides().pitch()))
                : Optional.empty();
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(WIDTH, DIE, WANTED, PITCH));
        asked.addAll(Placing.asked(settings));
        return asked;
    }

    @Override
    public Outcome<Work> work(Site site) {
        Length die = site.brief().length(DIE);
        Length wanted = site.brief().length(WANTED);
        Sides sides = new Sides(Sides.Pattern.STITCHED, site.brief().length(PITCH));
        Optional<List<DiePass>> passes = Stretch.passes(die, wanted, sides);
        if (passes.isEmpty()) {
            return Outcome.refused(WANTED.key(), refusal(site, die, wanted, sides));
        }
        Size size = new Size(site.brief().length(WIDTH), wanted);
        Point corner = Placing.corner(site, size);
        Outline outline = new CutShape(CutShape.Kind.RECTANGLE, size).outline();
        return Window.fitting(site, outline.plus(corner.x(), corner.y()), site.name())
                .then(ok -> {
                    Piece piece = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), outline);
                    Work.Collector work = new Work.Collector().piece(piece, site.on(piece, corner));
                    Phrase words = words(
                            site, wanted.minus(die), sides.pitch(), passes.get().size());
                    work.dieCut(new DieCut(site.id(), sides.pitch(), words));
                    return Outcome.made(work.end());
                });
    }

    private static String refusal(Site site, Length die, Length wanted, Sides sides) {
        List<String> nearest = Stretch.nearest(die, wanted, sides).stream()
                .map(length -> site.brief().figure(length).toString())
                .toList();
        if (nearest.isEmpty()) {
            return "Too little of the die is left between the plate’s edges, which stay "
                    + site.brief().figure(Stretch.CLEAR) + " off each end: take a longer die.";
        }
        return "A pass would land between two repeats. It can be " + String.join(" or ", nearest) + ".";
    }

    private static Phrase words(Site site, Length shift, Length pitch, int passes) {
        Phrase.Writer writer = Phrase.in(site.brief().system()).words("Cut " + site.name());
        if (passes == 1) {
            return writer.words(" in one pass: it is as long as its die.").end();
        }
        long repeats = shift.abs().dividedBy(pitch);
        return writer.words(" in " + passes + " passes. First let the plate’s edge stop ")
                .length(Stretch.CLEAR)
                .words(" short of the ")
                .words(shift.isPositive() ? "die’s far end" : "line where the second pass will cut")
                .words(", then shift the die, by ")
                .length(shift.abs())
                .words(" in all, " + repeats + (repeats == 1 ? " repeat" : " repeats") + ", ")
                .words(shift.isPositive() ? "onwards" : "back")
                .words(", lay it into its own cut and pass it again.")
                .end();
    }
}

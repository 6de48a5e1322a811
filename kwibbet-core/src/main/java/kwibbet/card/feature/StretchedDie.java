package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.DieCut;
import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A layer longer or shorter than the straight-sided die it is cut with.
 *
 * <p>In the first pass the plate's edge stops short: of the die's far end when the piece is to be longer, of the cut line when it is to be
 * shorter. The die is then shifted along the piece by {@code wanted − die}, and the second pass lands on the pattern of its sides only
 * if that is a whole number of pitches.
 */
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
        Length pitch = site.brief().length(PITCH);
        Length shift = wanted.minus(die);
        if (shift.abs().isLongerThan(die)) {
            return Outcome.refused(
                    WANTED.key(),
                    "Two passes reach twice the die, " + site.brief().figure(die.multipliedBy(2)) + ", at most.");
        }
        if (shift.toTicks() % pitch.toTicks() != 0) {
            long pitches = shift.dividedBy(pitch);
            return Outcome.refused(
                    WANTED.key(),
                    "The second pass would land between two repeats. It can be "
                            + site.brief().figure(die.plus(pitch.multipliedBy(pitches))) + " or "
                            + site.brief().figure(die.plus(pitch.multipliedBy(pitches + 1))) + ".");
        }
        Size size = new Size(site.brief().length(WIDTH), wanted);
        Point corner = Placing.corner(site, size);
        Outline outline = new CutShape(CutShape.Kind.RECTANGLE, size).outline();
        return Window.fitting(site, outline.plus(corner.x(), corner.y()), site.name())
                .then(ok -> {
                    Piece piece = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), outline);
                    Work.Collector work = new Work.Collector().piece(piece, site.on(piece, corner));
                    work.direction(site.id(), passes(site, shift, pitch));
                    work.dieCut(new DieCut(site.id(), new Size(size.width(), die), pitch));
                    return Outcome.made(work.end());
                });
    }

    private static Phrase passes(Site site, Length shift, Length pitch) {
        Phrase.Writer writer = Phrase.in(site.brief().system()).words("Cut " + site.name());
        if (shift.isZero()) {
            return writer.words(" in one pass: it is as long as its die.").end();
        }
        long pitches = Math.abs(shift.toTicks() / pitch.toTicks());
        return writer.words(" in two passes. First let the plate’s edge stop short of the ")
                .words(shift.isPositive() ? "die’s far end" : "line where the second pass will cut")
                .words(", then shift the die by ")
                .length(shift.abs())
                .words(", " + pitches + (pitches == 1 ? " repeat" : " repeats") + ", ")
                .words(shift.isPositive() ? "onwards" : "back")
                .words(", lay it into its own cut and pass it again.")
                .end();
    }
}

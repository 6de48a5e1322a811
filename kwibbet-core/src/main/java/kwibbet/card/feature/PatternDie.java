package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.card.Zone;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A decorative die that cuts a field of small openings, kept off folds, edges and other cuts.
 *
 * <p>As many motifs as fit into the field at the pitch, the field's middle in the middle of the motifs; the limit around them is drawn and held.
 */
public record PatternDie() implements Feature {

    /** How large a motif is. */
    public static final Parameter.OfLength MOTIF =
            Shapes.length("motif", "Motif", "Across one opening of the die.", "1/8", "2", "3/8");
    /** From one motif to the next. */
    public static final Parameter.OfLength PITCH =
            Shapes.length("pitch", "Pitch", "From one opening to the next.", "3/16", "4", "5/8");
    /** How far the pattern stays off every edge and fold. */
    public static final Parameter.OfLength LIMIT = Shapes.length(
            "limit", "Stays off by", "How far it stays off folds, edges and other cuts.", "1/16", "2", "1/4");

    private static final int MOST_MOTIFS = 80;

    @Override
    public String key() {
        return "pattern-die";
    }

    @Override
    public String title() {
        return "Decorative die";
    }

    @Override
    public String sentence() {
        return "A field of small openings that stays off folds and other cuts.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ALL);
        all.addAll(List.of(MOTIF, PITCH, LIMIT));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(Shapes.SHAPE, Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.asked(settings));
        asked.addAll(List.of(MOTIF, PITCH, LIMIT));
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    @Override
    public Outcome<Work> work(Site site) {
        Size field = Shapes.size(site.brief());
        Point corner = Placing.corner(site, field);
        Length limit = site.brief().length(LIMIT);
        Outline held = Outline.of(new Rect(corner, field).grown(limit));
        return Window.fitting(site, held, "The die with what it stays off")
                .then(ok -> motifs(site, field, corner, held));
    }

    private static Outcome<Work> motifs(Site site, Size field, Point corner, Outline held) {
        Length motif = site.brief().length(MOTIF);
        Length pitch = site.brief().length(PITCH);
        if (!motif.isShorterThan(pitch)) {
            return Outcome.refused(
                    PITCH.key(),
                    "The openings run into each other: set them more than "
                            + site.brief().figure(motif) + " apart.");
        }
        long across = fitting(field.width(), motif, pitch);
        long down = fitting(field.height(), motif, pitch);
        if (across < 1 || down < 1) {
            return Outcome.refused(MOTIF.key(), "Not one opening fits into the field.");
        }
        if (across * down > MOST_MOTIFS) {
            return Outcome.refused(
                    PITCH.key(),
                    "That makes " + across * down + " openings; at most " + MOST_MOTIFS + ": set them further apart.");
        }
        Work.Collector work = new Work.Collector();
        CutShape shape = new CutShape(site.brief().look(Shapes.SHAPE), new Size(motif, motif));
        Size taken = new Size(
                pitch.multipliedBy(across - 1).plus(motif),
                pitch.multipliedBy(down - 1).plus(motif));
        Point first = new Rect(corner, field).centred(taken).corner();
        for (long row = 0; row < down; row++) {
            for (long column = 0; column < across; column++) {
                Point at = first.plus(pitch.multipliedBy(column), pitch.multipliedBy(row));
                work.opening(site.piece(), site.opening("motif", shape, at).ofField());
            }
        }
        work.zone(site.piece(), site.zone(held, Zone.Use.KEEP_OUT, "keep free around " + site.name()));
        return Outcome.made(work.end());
    }

    private static long fitting(Length room, Length motif, Length pitch) {
        return room.isShorterThan(motif) ? 0 : room.minus(motif).dividedBy(pitch) + 1;
    }
}

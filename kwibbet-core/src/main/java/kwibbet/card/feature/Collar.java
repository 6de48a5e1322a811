package kwibbet.card.feature;

import java.util.List;

import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Lines;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.wording.Phrase;

/**
 * Slits folded back, like a collar.
 *
 * <p>A level slit {@code 2w} long and an upright one of length {@code l} from its middle down start and stop inside the panel. The two
 * corners between them are folded back along the slanted lines from the ends of the level slit to the foot of the upright one, and
 * held.
 */
public record Collar() implements Feature {

    /** How far each corner reaches to the side. */
    public static final Parameter.OfLength REACH = Shapes.length(
                    "reach", "Each side", "How far each corner reaches from the middle.", "1/4", "12", "1")
            .following(Parameter.Follows.WIDTH);
    /** How long the upright slit is. */
    public static final Parameter.OfLength LENGTH = Shapes.length(
                    "length", "Upright slit", "How long the slit in the middle is.", "1/4", "20", "2 1/2")
            .following(Parameter.Follows.HEIGHT);
    /** How far below the top it starts. */
    public static final Parameter.OfLength FROM_TOP = Shapes.length(
                    "fromTop",
                    "From the top",
                    "Where the level slit lies; the slits start inside the panel.",
                    "1/8",
                    "20",
                    "1/2")
            .following(Parameter.Follows.HEIGHT);

    private static final Length KEEP = Length.ofInches(1, 8);

    @Override
    public String key() {
        return "collar";
    }

    @Override
    public List<Parameter.OfLength> distances() {
        return List.of(FROM_TOP);
    }

    @Override
    public String title() {
        return "Slits folded back";
    }

    @Override
    public String sentence() {
        return "Two slits inside the panel, the corners between folded back and held.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(REACH, LENGTH, FROM_TOP);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return parameters();
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    @Override
    public Outcome<Work> work(Site site) {
        Length reach = site.brief().length(REACH);
        Length top = site.brief().length(FROM_TOP);
        Length foot = top.plus(site.brief().length(LENGTH));
        Length middle = site.size().width().half();
        if (reach.plus(KEEP).isLongerThan(middle)) {
            return Outcome.refused(
                    REACH.key(),
                    "The slit would run out of the " + site.place() + ". Each side can reach at most "
                            + site.brief().figure(Length.max(middle.minus(KEEP), Length.ZERO)) + ".");
        }
        if (foot.plus(KEEP).isLongerThan(site.size().height())) {
            return Outcome.refused(
                    LENGTH.key(),
                    "The slit would run out of the " + site.place() + ". It can be at most "
                            + site.brief()
                                    .figure(Length.max(
                                            site.size().height().minus(top).minus(KEEP), Length.ZERO))
                            + " long.");
        }
        Outline opened = Outline.of(
                new Point(middle.minus(reach), top), new Point(middle.plus(reach), top), new Point(middle, foot));
        boolean keepsOff = Overlay.inset(site.room(), KEEP).stream().anyMatch(room -> Overlay.contains(room, opened));
        if (!keepsOff) {
            return Outcome.refused(
                    REACH.key(),
                    "The slits would run out of the " + site.place() + ", or end less than "
                            + site.brief().figure(KEEP) + " from its edge.");
        }
        return Outcome.made(cut(site, middle, reach, top, foot));
    }

    private static Work cut(Site site, Length middle, Length reach, Length top, Length foot) {
        Placement at = site.frame();
        Work.Collector work = new Work.Collector();
        work.slit(site.piece(), at.apply(Lines.level(top, middle.minus(reach), middle.plus(reach))));
        work.slit(site.piece(), at.apply(Lines.upright(middle, top, foot)));
        Point centre = new Point(middle, top);
        Point bottom = new Point(middle, foot);
        // Folded back means towards the face the collar is on.
        Score.Fold back = at.mirrored() ? Score.Fold.MOUNTAIN : Score.Fold.VALLEY;
        int number = 1;
        for (Point corner : List.of(new Point(middle.minus(reach), top), new Point(middle.plus(reach), top))) {
            ScoreId fold = site.scorePart("fold-" + number);
            work.score(site.piece(), new Score(fold, at.apply(new Segment(corner, bottom)), back));
            Outline flap = Outline.of(corner, centre, bottom).in(at);
            PanelId panel = site.panelPart("flap-" + number);
            work.freed(site.panel(), Panel.folded(panel, site.piece(), flap, site.panel(), fold, 180));
            number++;
        }
        work.direction(new Direction(
                site.id(),
                site.piece(),
                Direction.Does.FOLD_BACK,
                Phrase.of("Fold both corners of " + site.name()
                        + " back where its slits are cut, and hold each with a dot of glue.")));
        return work.end();
    }
}

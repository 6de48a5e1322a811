package kwibbet.card.feature;

import java.util.List;

import kwibbet.card.Adhesion;
import kwibbet.card.Feature;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** A strip hinged on a tab, folded out behind the card so that it stands. */
public record StandStrip() implements Feature {

    /** How wide it is. */
    public static final Parameter.OfLength WIDTH =
            Shapes.length("width", "Width", "From left to right.", "1/2", "6", "1 1/4");
    /** How long it is below its fold. */
    public static final Parameter.OfLength LENGTH = Shapes.length(
                    "length", "Length", "From its fold down to its foot.", "1", "20", "4")
            .following(Parameter.Follows.HEIGHT);
    /** How high the part is that is stuck on. */
    public static final Parameter.OfLength TAB =
            Shapes.length("tab", "Tab", "How much of it is stuck on above the fold.", "1/4", "3", "3/4");

    private static final int FOLDED_OUT = 24;

    @Override
    public String key() {
        return "stand-strip";
    }

    @Override
    public String title() {
        return "Stand strip";
    }

    @Override
    public String sentence() {
        return "A strip folded out behind the card, so that it stands.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(WIDTH, LENGTH, TAB);
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return parameters();
    }

    @Override
    public Outcome<Work> work(Site site) {
        Length tab = site.brief().length(TAB);
        Size size = new Size(site.brief().length(WIDTH), tab.plus(site.brief().length(LENGTH)));
        if (size.width().isLongerThan(site.size().width())) {
            return Outcome.refused(
                    WIDTH.key(),
                    "It is wider than the " + site.place() + ", "
                            + site.brief().figure(site.size().width()) + ".");
        }
        if (size.height().isLongerThan(site.size().height())) {
            Length most = Length.max(site.size().height().minus(tab), Length.ZERO);
            return Outcome.refused(
                    LENGTH.key(),
                    "Folded away it would stick out below. It can be at most "
                            + site.brief().figure(most) + " long.");
        }
        ScoreId score = site.scorePart("fold");
        Piece strip = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), size)
                .scored(List.of(Score.level(score, tab, size, Score.Fold.VALLEY)));
        Outline stuck = Outline.of(Rect.of(Length.ZERO, Length.ZERO, size.width(), tab));
        Outline leg =
                Outline.of(Rect.of(Length.ZERO, tab, size.width(), site.brief().length(LENGTH)));
        Length left = site.bounds().centred(size).left();
        Point corner = new Point(left, site.size().height().minus(size.height()));
        return Outcome.made(new Work.Collector()
                .piece(
                        strip,
                        Adhesion.FLAT,
                        Panel.stuck(
                                PanelId.of(site.id()), site.id(), stuck, site.panel(), site.side(), site.at(corner)),
                        Panel.folded(site.panelPart("leg"), site.id(), leg, PanelId.of(site.id()), score, FOLDED_OUT))
                .end());
    }
}

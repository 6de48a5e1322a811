package kwibbet.card.feature;

import java.util.List;

import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/** A tab stuck behind an edge, to open the card by. */
public record PullTab() implements Feature {

    /** Which edge. */
    public static final Parameter.OfChoice EDGE = Shapes.edge("Which edge it sticks out at.");
    /** How long it is along the edge. */
    public static final Parameter.OfLength ALONG =
            Shapes.length("along", "Along the edge", "How long it is along the edge.", "1/4", "6", "1");
    /** How far it sticks out. */
    public static final Parameter.OfLength OUT =
            Shapes.length("out", "Sticks out", "How far it sticks out.", "1/8", "2", "3/8");
    /** How far it is stuck behind. */
    public static final Parameter.OfLength BEHIND =
            Shapes.length("behind", "Stuck behind", "How far it reaches behind the panel.", "1/4", "2", "1/2");

    @Override
    public String key() {
        return "tab";
    }

    @Override
    public String title() {
        return "Tab";
    }

    @Override
    public String sentence() {
        return "Sticks out at an edge, to open the card by.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(EDGE, ALONG, OUT, BEHIND);
    }

    @Override
    public Outcome<Work> work(Site site) {
        boolean upright = Shapes.edge(site.brief(), EDGE).isUpright();
        Length deep = site.brief().length(OUT).plus(site.brief().length(BEHIND));
        Length along = site.brief().length(ALONG);
        Size size = upright ? new Size(deep, along) : new Size(along, deep);
        Length edge = upright ? site.size().height() : site.size().width();
        Length across = upright ? site.size().width() : site.size().height();
        if (along.isLongerThan(edge)) {
            return Outcome.refused(
                    ALONG.key(),
                    "The tab is longer than its edge, " + site.brief().figure(edge) + ".");
        }
        if (site.brief().length(BEHIND).isLongerThan(across)) {
            return Outcome.refused(
                    BEHIND.key(), "The tab would come out at the other edge of the " + site.place() + ".");
        }
        Piece tab = Piece.of(
                site.id(),
                site.name(),
                site.brief().paper(PaperSlot.PAPER),
                new CutShape(CutShape.Kind.ROUNDED, size).outline());
        return Outcome.made(new Work.Collector()
                .piece(tab, site.behind(tab, corner(site, size)))
                .end());
    }

    private static Point corner(Site site, Size size) {
        Length out = site.brief().length(OUT);
        Point centred = site.bounds().centred(size).corner();
        return switch (Shapes.edge(site.brief(), EDGE)) {
            case LEFT -> new Point(out.negated(), centred.y());
            case TOP -> new Point(centred.x(), out.negated());
            case BOTTOM -> new Point(centred.x(), site.size().height().plus(out).minus(size.height()));
            case RIGHT -> new Point(site.size().width().plus(out).minus(size.width()), centred.y());
        };
    }
}

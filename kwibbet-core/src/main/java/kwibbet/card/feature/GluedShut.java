package kwibbet.card.feature;

import java.util.EnumSet;
import java.util.List;

import kwibbet.card.Adhesion;
import kwibbet.card.Closure;
import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Hold;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Edge;
import kwibbet.wording.Phrase;

/** A panel stuck shut over the one it lies on: all round, or along some edges, which makes a pocket of the two without a piece of its own. */
public record GluedShut() implements Feature {

    /** Along which edges. */
    public static final Parameter.OfChoice EDGES = Parameter.OfChoice.of(
            "edges",
            "Held",
            "Along which edges; an open one makes a pocket.",
            GluedShut.ALL_ROUND,
            "all round",
            "no-top",
            "all but the top: a pocket",
            "no-left",
            "all but the left: a pocket",
            "no-right",
            "all but the right: a pocket",
            "no-bottom",
            "all but the bottom");
    /** With what. */
    public static final Parameter.OfChoice WITH = Parameter.OfChoice.of(
            "with", "Stuck", "With what.", Held.FLAT, "with tape", Held.GLUED, "with liquid glue");

    /** Held along every edge. */
    public static final String ALL_ROUND = "all";

    private static final String ALL_BUT = "no-";

    @Override
    public String key() {
        return "shut";
    }

    @Override
    public String title() {
        return "Panel stuck shut";
    }

    @Override
    public String sentence() {
        return "Two panels stuck to each other: shut for good, or a pocket.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(EDGES, WITH);
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
        if (!site.below().isEmpty()) {
            return Outcome.refused(
                    "form", "Only a panel of the base is stuck shut: choose the panel " + site.place() + " sits on.");
        }
        Adhesion adhesion = (site.brief().is(WITH, Held.GLUED) ? Adhesion.glue() : Adhesion.FLAT)
                .held(hold(site.brief().choice(EDGES)));
        return site.behind().stream()
                .findFirst()
                .map(behind -> Outcome.made(new Work.Collector()
                        .closure(closing(site, behind, adhesion))
                        .direction(direction(site, adhesion))
                        .end()))
                .orElseGet(() -> Outcome.refused(
                        "form",
                        "When the card is shut, no panel lies behind the " + site.place() + " to stick it to."));
    }

    private static Hold.Along hold(String edges) {
        EnumSet<Edge> all = EnumSet.allOf(Edge.class);
        if (edges.startsWith(ALL_BUT)) {
            Edge.find(edges.substring(ALL_BUT.length())).ifPresent(all::remove);
        }
        return new Hold.Along(all);
    }

    /** The panel of a site stuck to the one behind it. */
    static Closure closing(Site site, Site.Deeper behind, Adhesion adhesion) {
        return Closure.of(
                site.id(),
                new Closure.Stuck(site.panel(), site.side().opposite(), site.frame()),
                new Closure.Stuck(behind.panel().id(), behind.side(), behind.frame()),
                adhesion);
    }

    private static Direction direction(Site site, Adhesion adhesion) {
        Hold seen = adhesion.hold().turnedOver();
        return new Direction(
                site.id(),
                site.piece(),
                adhesion.kind() == Adhesion.Kind.GLUE ? Direction.Does.CLOSE : Direction.Does.SEAL,
                Phrase.of("Put " + adhesion.kind().words() + " " + seen.where() + " the back of the " + site.place()
                        + ", as you see it turned over, shut it and press it on what lies behind it."));
    }
}

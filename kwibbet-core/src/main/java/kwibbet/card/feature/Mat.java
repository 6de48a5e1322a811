package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Brief;
import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.outline.Drawn;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/**
 * A layer within what it sits on: a mat, a strip, an insert.
 *
 * <p>Its size follows from its host: less a border all round, or less a clearance in all, or it is fixed. Common practice, no source: a
 * border of 1/8 is usual on a standard card, 1/16 narrow, 1/4 wide; a 4 1/4 × 5 1/2 front so takes 4 × 5 1/4.
 */
public record Mat() implements Feature {

    /** How its size follows. */
    public static final Parameter.OfChoice FIT = Parameter.OfChoice.of(
            "fit",
            "Size",
            "How its size follows from what it sits on.",
            Mat.BY_BORDER,
            "by its border",
            Mat.BY_SIZE,
            "fixed",
            Mat.BY_CLEARANCE,
            "less a clearance");
    /** What shows of the host on each side. */
    public static final Parameter.OfLength BORDER = Parameter.OfLength.fixed(
            "border",
            "Border",
            "What shows of the layer below, on each side.",
            Length.ofInches(-24),
            Length.ofInches(24),
            Length.ofInches(1, 8));
    /** How much smaller it is in all. */
    public static final Parameter.OfLength CLEARANCE = Parameter.OfLength.fixed(
            "clearance",
            "Clearance",
            "How much narrower and lower it is in all, so that it slides in.",
            Length.ofInches(1, 64),
            Length.ofInches(2),
            Length.ofInches(1, 8));
    /** Its width where it is fixed. */
    public static final Parameter.OfLength WIDTH = Parameter.OfLength.fixed(
                    "width", "Width", "From left to right.", Length.GRAIN, Length.ofInches(24), Length.ofInches(3))
            .following(Parameter.Follows.WIDTH);
    /** Its height where it is fixed. */
    public static final Parameter.OfLength HEIGHT = Parameter.OfLength.fixed(
                    "height", "Height", "From top to bottom.", Length.GRAIN, Length.ofInches(24), Length.ofInches(4))
            .following(Parameter.Follows.HEIGHT);
    /** What it is cut to. */
    public static final Parameter.OfChoice SHAPE =
            Shapes.shapes("shape", List.of(new Parameter.Choice(Mat.AS_HOST, "as what it sits on")));
    /** Into how many strips it is split. */
    public static final Parameter.OfCount STRIPS =
            new Parameter.OfCount("strips", "Strips", "Split side by side into so many; 1 for none.", 1, 8, 1);
    /** What shows between the strips. */
    public static final Parameter.OfLength GAP = Parameter.OfLength.fixed(
            "gap",
            "Between strips",
            "What shows between two strips.",
            Length.ZERO,
            Length.ofInches(4),
            Length.ofInches(1, 8));
    /** Flat or on foam. */
    public static final Parameter.OfChoice RAISED = Parameter.OfChoice.of(
            "raised", "Stuck", "Flat, or raised on foam.", Mat.FLAT, "flat", Mat.ON_FOAM, "raised on foam");
    /** How high the foam is. */
    public static final Parameter.OfLength FOAM = Parameter.OfLength.fixed(
            "foam",
            "Foam",
            "How high the foam is.",
            Length.ofInches(1, 64),
            Length.ofInches(1, 2),
            Length.ofInches(1, 16));
    /** Whether its hidden middle is cut out. */
    public static final Parameter.OfChoice MIDDLE = Parameter.OfChoice.of(
            "hollow",
            "Hidden middle",
            "Cut out where another layer hides it, to save paper.",
            Mat.KEPT,
            "kept",
            Mat.CUT_OUT,
            "cut out");
    /** What is kept under what hides the middle. */
    public static final Parameter.OfLength LAP = Parameter.OfLength.fixed(
            "lap",
            "Kept under it",
            "How far it reaches under what hides its middle.",
            Length.ofInches(1, 8),
            Length.ofInches(2),
            Length.ofInches(1, 2));

    /** By its border. */
    public static final String BY_BORDER = "border";
    /** By a size of its own. */
    public static final String BY_SIZE = "size";
    /** By a clearance. */
    public static final String BY_CLEARANCE = "clearance";
    /** Cut as what it sits on. */
    public static final String AS_HOST = "host";
    /** Stuck flat. */
    public static final String FLAT = "flat";
    /** Stuck on foam. */
    public static final String ON_FOAM = "foam";
    /** Its middle is kept. */
    public static final String KEPT = "kept";
    /** Its hidden middle is cut out. */
    public static final String CUT_OUT = "cut";

    private static final Length NARROWEST = Length.ofInches(1, 8);

    @Override
    public String key() {
        return "mat";
    }

    @Override
    public String title() {
        return "Mat";
    }

    @Override
    public String sentence() {
        return "A layer within what it sits on: a mat, strips, an insert.";
    }

    @Override
    public boolean isLayer() {
        return true;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(FIT, BORDER, CLEARANCE, WIDTH, HEIGHT, SHAPE));
        all.addAll(Placing.ALL);
        all.addAll(List.of(STRIPS, GAP, RAISED, FOAM, MIDDLE, LAP));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(FIT));
        switch (settings.choice(FIT)) {
            case BY_SIZE -> asked.addAll(List.of(WIDTH, HEIGHT));
            case BY_CLEARANCE -> asked.add(CLEARANCE);
            default -> asked.add(BORDER);
        }
        asked.add(SHAPE);
        if (!settings.is(FIT, BY_BORDER)) {
            asked.addAll(Placing.asked(settings));
        }
        asked.add(STRIPS);
        if (settings.count(STRIPS) > 1) {
            asked.add(GAP);
        }
        asked.add(RAISED);
        if (settings.is(RAISED, ON_FOAM)) {
            asked.add(FOAM);
        }
        asked.add(MIDDLE);
        if (settings.is(MIDDLE, CUT_OUT)) {
            asked.add(LAP);
        }
        return asked;
    }

    @Override
    public Outcome<Work> work(Site site) {
        return area(site).then(area -> stripped(site, area));
    }

    /**
     * Where the mat lies.
     *
     * @param shape what it is cut to
     * @param corner where that frame's zero lies on the site
     */
    private record Area(CutShape shape, Point corner) {
        static Area of(Outline onSite) {
            Rect box = onSite.bounds();
            Outline outline = onSite.plus(box.left().negated(), box.top().negated());
            Look look = outline.isRectangle() ? CutShape.Kind.RECTANGLE : new Drawn(outline);
            return new Area(new CutShape(look, box.size()), box.corner());
        }

        Outline outline() {
            return shape.outline();
        }
    }

    private static Outcome<Area> area(Site site) {
        Brief brief = site.brief();
        if (brief.is(FIT, BY_BORDER)) {
            return byBorder(site);
        }
        Size size = brief.is(FIT, BY_SIZE) ? new Size(brief.length(WIDTH), brief.length(HEIGHT)) : lessClearance(site);
        Look look = brief.is(SHAPE, AS_HOST) ? CutShape.Kind.RECTANGLE : brief.look(SHAPE);
        Area area = new Area(new CutShape(look, size), Placing.corner(site, size));
        Outline onSite = area.outline().plus(area.corner().x(), area.corner().y());
        Rect there = onSite.bounds();
        if (brief.is(FIT, BY_SIZE) && isOverOthers(site, onSite) && isHeld(size)) {
            return Outcome.made(area);
        }
        List<Refusal> reasons = tooLargeOrSmall(site, size);
        if (!reasons.isEmpty()) {
            return Outcome.refused(reasons);
        }
        return site.bounds().contains(there)
                ? Outcome.made(area)
                : Outcome.refused(
                        sticksOutAcross(site, there) ? Placing.FROM_LEFT.key() : Placing.FROM_TOP.key(),
                        site.name() + " would stick out past what it sits on, on the " + site.place() + ".");
    }

    /** Whether all of it that is past what it sits on lies over other panels of the shut card, as a panel over both doors does. */
    private static boolean isOverOthers(Site site, Outline onSite) {
        List<Region> below = new ArrayList<>(List.of(site.room()));
        site.others()
                .forEach(other -> below.add(
                        Region.of(other.panel().outline()).in(other.frame().inverse())));
        return Overlay.without(Region.of(onSite), below).isEmpty();
    }

    private static boolean isHeld(Size size) {
        return !Length.min(size.width(), size.height()).isShorterThan(NARROWEST);
    }

    private static boolean sticksOutAcross(Site site, Rect there) {
        return there.left().isShorterThan(site.bounds().left())
                || there.right().isLongerThan(site.bounds().right());
    }

    private static Size lessClearance(Site site) {
        Length less = site.brief().length(CLEARANCE);
        Length tick = Length.GRAIN;
        return new Size(
                Length.max(site.size().width().minus(less), tick),
                Length.max(site.size().height().minus(less), tick));
    }

    private static Outcome<Area> byBorder(Site site) {
        Length border = site.brief().length(BORDER);
        if (border.isNegative()) {
            return Outcome.refused(
                    BORDER.key(), site.name() + " would be larger than what it sits on. A border is 0 or more.");
        }
        Optional<Outline> within = site.within(border).stream()
                .filter(outline -> !shorterSide(outline.bounds()).isShorterThan(NARROWEST))
                .findFirst();
        if (within.isEmpty()) {
            Length widest = Length.max(shorterSide(site.bounds()).minus(NARROWEST), Length.ZERO);
            Figure most = site.brief().figure(widest.half());
            return Outcome.refused(
                    BORDER.key(),
                    "Hardly anything would be left of " + site.name() + " on the " + site.place()
                            + ". The border can be at most " + most + ".");
        }
        Outline outline = within.get();
        return Outcome.made(
                site.brief().is(SHAPE, AS_HOST) ? Area.of(outline) : shaped(outline.bounds(), site.brief()));
    }

    private static Area shaped(Rect box, Brief brief) {
        return new Area(new CutShape(brief.look(SHAPE), box.size()), box.corner());
    }

    private static Length shorterSide(Rect rect) {
        return Length.min(rect.size().width(), rect.size().height());
    }

    private static List<Refusal> tooLargeOrSmall(Site site, Size size) {
        List<Refusal> reasons = new ArrayList<>();
        check(reasons, site, WIDTH.key(), "wider", size.width(), site.size().width());
        check(reasons, site, HEIGHT.key(), "higher", size.height(), site.size().height());
        return reasons;
    }

    private static void check(List<Refusal> reasons, Site site, String side, String how, Length length, Length most) {
        String field = site.brief().is(FIT, BY_SIZE) ? side : CLEARANCE.key();
        if (length.isShorterThan(NARROWEST)) {
            String least = site.brief().figure(NARROWEST).toString();
            reasons.add(new Refusal(field, "Less than " + least + " cannot be held and cut."));
        } else if (length.isLongerThan(most)) {
            reasons.add(new Refusal(
                    field,
                    site.name() + " would be " + how + " than what it sits on, on the " + site.place()
                            + ". It can be at most " + site.brief().figure(most) + "."));
        }
    }

    private static Outcome<Work> stripped(Site site, Area area) {
        int count = site.brief().count(STRIPS);
        if (count == 1) {
            return Outcome.made(whole(site, area));
        }
        Rect box = area.outline().bounds();
        Length gaps = site.brief().length(GAP).multipliedBy(count - 1L);
        Length each = box.size().width().minus(gaps).dividedDownBy(count);
        if (each.isShorterThan(NARROWEST)) {
            return Outcome.refused(
                    STRIPS.key(),
                    "Each strip would be less than " + site.brief().figure(NARROWEST)
                            + " wide: fewer strips, or less between them.");
        }
        Work.Collector work = new Work.Collector();
        Size size = new Size(each, box.size().height());
        for (int i = 0; i < count; i++) {
            PieceId id = i == 0 ? site.id() : site.part(String.valueOf(i + 1));
            Piece strip = Piece.of(id, site.name() + " " + (i + 1), site.brief().paper(PaperSlot.PAPER), size);
            Length left = each.plus(site.brief().length(GAP)).multipliedBy(i);
            work.piece(
                    strip, adhesion(site.brief()), site.on(strip, area.corner().plus(left, Length.ZERO)));
        }
        return Outcome.made(work.end());
    }

    private static Work whole(Site site, Area area) {
        Piece mat = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), area.shape());
        Work.Collector work = new Work.Collector();
        work.piece(mat, adhesion(site.brief()), site.on(mat, area.corner()));
        if (site.brief().is(MIDDLE, CUT_OUT)) {
            work.hollow(site.id(), site.brief().length(LAP));
        }
        return work.end();
    }

    static Adhesion adhesion(Brief brief) {
        return brief.is(RAISED, ON_FOAM) ? Adhesion.foam(brief.length(FOAM)) : Adhesion.FLAT;
    }
}

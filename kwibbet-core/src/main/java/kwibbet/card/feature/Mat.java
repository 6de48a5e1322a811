package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Brief;
import kwibbet.card.Feature;
import kwibbet.card.PanelId;
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
import kwibbet.shape.Placement;
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
    /** What becomes of what reaches past the edge. */
    public static final Parameter.OfChoice PAST = Parameter.OfChoice.of(
            "past",
            "Past the edge",
            "What becomes of what would reach past the edge.",
            Mat.NOTHING,
            "nothing may",
            Mat.CUT_OFF,
            "cut off at the edge");
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
    public static final Parameter.OfChoice RAISED = Held.with("raised");
    /** Whether its hidden middle is cut out. */
    public static final Parameter.OfChoice MIDDLE = Parameter.OfChoice.of(
            "hollow",
            "Hidden middle",
            "Cut out where another layer hides it, to save paper.",
            Mat.KEPT,
            "kept",
            Mat.CUT_OUT,
            "cut out",
            Mat.USED,
            "cut out, another piece from it");
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
    /** Nothing reaches past the edge. */
    public static final String NOTHING = "nothing";
    /** What reaches past the edge is cut off there. */
    public static final String CUT_OFF = "cut";
    /** Its middle is kept. */
    public static final String KEPT = "kept";
    /** Its hidden middle is cut out. */
    public static final String CUT_OUT = "cut";
    /** Its middle is cut out, and another piece is cut from that. */
    public static final String USED = "used";

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
        all.addAll(Placing.ASLANT);
        all.add(PAST);
        all.addAll(List.of(STRIPS, GAP, RAISED, Held.FOAM, Held.WHERE, MIDDLE, LAP));
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
            asked.addAll(settings.is(FIT, BY_SIZE) ? Placing.askedAslant(settings) : Placing.asked(settings));
        }
        if (settings.is(FIT, BY_SIZE)) {
            asked.add(PAST);
        }
        asked.add(STRIPS);
        if (settings.count(STRIPS) > 1) {
            asked.add(GAP);
        }
        asked.addAll(Held.asked(RAISED, settings));
        asked.add(MIDDLE);
        if (!settings.is(MIDDLE, KEPT)) {
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
     * @param laid where the frame of that lies on the site
     */
    private record Area(CutShape shape, Placement laid) {
        static Area of(Outline onSite) {
            Rect box = onSite.bounds();
            Outline outline = onSite.plus(box.left().negated(), box.top().negated());
            Look look = outline.isRectangle() ? CutShape.Kind.RECTANGLE : new Drawn(outline);
            return new Area(new CutShape(look, box.size()), Placement.at(box.corner()));
        }

        Area in(Placement outer) {
            return new Area(shape, laid.within(outer));
        }

        boolean isUpright() {
            return laid.degrees() == 0;
        }

        Outline onSite() {
            return shape.outline().in(laid);
        }
    }

    private static Outcome<Area> area(Site site) {
        Brief brief = site.brief();
        if (brief.is(FIT, BY_BORDER)) {
            return byBorder(site);
        }
        Size size = brief.is(FIT, BY_SIZE) ? new Size(brief.length(WIDTH), brief.length(HEIGHT)) : lessClearance(site);
        Look look = brief.is(SHAPE, AS_HOST) ? CutShape.Kind.RECTANGLE : brief.look(SHAPE);
        CutShape shape = new CutShape(look, size);
        Area area = new Area(
                shape,
                brief.is(FIT, BY_SIZE) ? Placing.laid(site, shape) : Placement.at(Placing.corner(site, shape.size())));
        Outline onSite = area.onSite();
        Rect there = onSite.bounds();
        if (brief.is(FIT, BY_SIZE) && brief.is(PAST, CUT_OFF)) {
            return cutOff(site, area);
        }
        boolean hangs = hangs(brief);
        if (hangs && !area.isUpright()) {
            return Outcome.refused(
                    Placing.TURNED.key(), site.name() + " hangs by an edge, which cannot lie aslant: 0 for straight.");
        }
        if (brief.is(FIT, BY_SIZE) && isOverOthers(site, onSite, hangs) && isHeld(size)) {
            return Outcome.made(area);
        }
        if (hangs && brief.is(FIT, BY_SIZE) && isHeld(size) && !site.bounds().contains(there)) {
            return Outcome.refused(
                    pastCard(site, there),
                    site.name() + ", which hangs from the " + site.place()
                            + ", would reach past what lies beneath it.");
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

    /**
     * Whether all of it that is past what it sits on lies over other panels of the shut card, as a panel over both doors does; what hangs by an edge may lie
     * over what that sits on, too.
     */
    private static boolean isOverOthers(Site site, Outline onSite, boolean hangs) {
        List<Region> below = new ArrayList<>(List.of(site.room()));
        if (hangs) {
            site.below()
                    .forEach(deeper -> below.add(Region.of(deeper.panel().outline())
                            .in(deeper.frame().inverse())));
        }
        site.others()
                .forEach(other -> below.add(
                        Region.of(other.panel().outline()).in(other.frame().inverse())));
        return Overlay.without(Region.of(onSite), below).isEmpty();
    }

    /** Whether it hangs by one edge. */
    private static boolean hangs(Brief brief) {
        return !Held.adhesion(RAISED, brief).hold().hinges().isEmpty();
    }

    /** What of it lies over what it sits on; of what falls apart there the largest part. */
    private static Outcome<Area> cutOff(Site site, Area area) {
        return Overlay.shared(Region.of(area.onSite()), site.room()).stream()
                .max(Comparator.comparingDouble(Region::area))
                .map(left -> left.outline().in(area.laid().inverse()))
                .filter(left -> !shorterSide(left.bounds()).isShorterThan(NARROWEST))
                .map(left -> Outcome.made(Area.of(left).in(area.laid())))
                .orElseGet(() -> Outcome.refused(
                        PAST.key(),
                        "Hardly anything would be left of " + site.name() + ", cut off at the edge of the "
                                + site.place() + "."));
    }

    /** What to set otherwise for what hangs past the shut card: its size where it is larger than that, or else its place. */
    private static String pastCard(Site site, Rect there) {
        Rect card = site.shutCard();
        if (there.size().width().isLongerThan(card.size().width())) {
            return WIDTH.key();
        }
        if (there.size().height().isLongerThan(card.size().height())) {
            return HEIGHT.key();
        }
        boolean across =
                there.left().isShorterThan(card.left()) || there.right().isLongerThan(card.right());
        return across ? Placing.FROM_LEFT.key() : Placing.FROM_TOP.key();
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
        Optional<Outline> within = site.withinStraight(border).stream()
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
                site.brief().is(SHAPE, AS_HOST)
                        ? Area.of(outline)
                        : shaped(straight(site, border).orElse(outline.bounds()), site.brief()));
    }

    /** A border within the straight edges a panel has but for what a die cut into one; nothing where a mat would reach into that. */
    private static Optional<Rect> straight(Site site, Length border) {
        return Overlay.inset(Outline.of(site.bounds()), border).stream()
                .filter(within -> Overlay.contains(site.room(), within))
                .map(Outline::bounds)
                .findFirst();
    }

    private static Area shaped(Rect box, Brief brief) {
        return new Area(new CutShape(brief.look(SHAPE), box.size()), Placement.at(box.corner()));
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
        Size all = area.shape().size();
        Length gaps = site.brief().length(GAP).multipliedBy(count - 1L);
        Length each = all.width().minus(gaps).dividedDownBy(count);
        if (each.isShorterThan(NARROWEST)) {
            return Outcome.refused(
                    STRIPS.key(),
                    "Each strip would be less than " + site.brief().figure(NARROWEST)
                            + " wide: fewer strips, or less between them.");
        }
        Work.Collector work = new Work.Collector();
        Size size = new Size(each, all.height());
        for (int i = 0; i < count; i++) {
            PieceId id = i == 0 ? site.id() : site.part(String.valueOf(i + 1));
            Piece strip = Piece.of(id, site.name() + " " + (i + 1), site.brief().paper(PaperSlot.PAPER), size);
            Length left = each.plus(site.brief().length(GAP)).multipliedBy(i);
            Placement laid = Placement.at(new Point(left, Length.ZERO)).within(area.laid());
            work.piece(strip, Held.adhesion(RAISED, site.brief()), site.on(strip, laid));
        }
        return Outcome.made(work.end());
    }

    /** The panels nearer to the eye that it lies over when the card is shut: what hangs by an edge is lifted off them and laid on them. */
    private static List<PanelId> nearer(Site site, Area area) {
        Outline onSite = area.onSite();
        List<PanelId> further =
                site.behind().stream().map(each -> each.panel().id()).toList();
        return site.others().stream()
                .filter(other -> !further.contains(other.panel().id()))
                .filter(other -> Overlay.overlap(
                        onSite, other.panel().outline().in(other.frame().inverse())))
                .map(other -> other.panel().id())
                .toList();
    }

    private static Work whole(Site site, Area area) {
        Piece mat = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), area.shape());
        Work.Collector work = new Work.Collector();
        work.piece(mat, Held.adhesion(RAISED, site.brief()), site.on(mat, area.laid()));
        if (hangs(site.brief())) {
            nearer(site, area).forEach(panel -> work.above(PanelId.of(site.id()), panel));
        }
        if (!site.brief().is(MIDDLE, KEPT)) {
            work.hollow(site.id(), site.brief().length(LAP), site.brief().is(MIDDLE, USED));
        }
        return work.end();
    }
}

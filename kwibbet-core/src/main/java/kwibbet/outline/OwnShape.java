package kwibbet.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Scale;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.wording.Names;

/**
 * An outline of a maker's own, with what is cut out of it and where it is creased.
 *
 * <p>It has the size its parts come to; drawn into another box it is stretched to it, each side by its own share. Two are equal when they were said in the same way.
 */
public final class OwnShape implements Look {

    /** It has at most so many parts. */
    public static final int MOST_PARTS = 40;

    private static final int MOST_CORNERS = 20_000;
    private static final Length SMALLEST = Length.ofInches(1, 8);
    private static final Length LARGEST = Length.ofInches(24);

    private final String name;
    private final List<ShapePart> parts;
    private final Finish finish;
    private final Placement home;
    private final Region region;
    private final List<Segment> creases;

    private OwnShape(
            String name, List<ShapePart> parts, Finish finish, Placement home, Region region, List<Segment> creases) {
        this.name = name;
        this.parts = List.copyOf(parts);
        this.finish = finish;
        this.home = home;
        this.region = region;
        this.creases = List.copyOf(creases);
    }

    /**
     * The outline that parts come to, or why they come to none; the fields of the refusals are {@code name}, {@code border}, {@code scallops} and {@code parts}, or those of a
     * part after its number from 0 and a dot.
     *
     * @param name what the maker calls it
     * @param parts its parts, each done to what is there before it
     * @param finish what is done to it in the end
     * @param system what lengths are said in
     */
    public static Outcome<OwnShape> of(String name, List<ShapePart> parts, Finish finish, MeasureSystem system) {
        List<Refusal> reasons = new ArrayList<>();
        if (!Names.isOne(name)) {
            reasons.add(new Refusal("name", "Give the outline a name of 1 to " + Names.LONGEST + " letters."));
        }
        if (parts.isEmpty() || parts.size() > MOST_PARTS) {
            reasons.add(new Refusal("parts", "An outline has 1 to " + MOST_PARTS + " parts."));
        } else {
            reasons.addAll(PartCheck.of(parts, system));
        }
        if (!reasons.isEmpty()) {
            return Outcome.refused(reasons);
        }
        return together(parts)
                .then(whole -> Finishing.of(whole, finish, system))
                .then(whole -> sized(whole, system))
                .then(whole -> Outcome.made(drawn(name, parts, finish, whole)));
    }

    private static Outcome<Region> together(List<ShapePart> parts) {
        List<Region> area = List.of();
        for (ShapePart part : parts) {
            List<Region> its = part.regions();
            List<Region> before = area;
            area = switch (part.how()) {
                case ADD ->
                    Overlay.joined(Stream.concat(before.stream(), its.stream()).toList());
                case TAKE_AWAY ->
                    before.stream()
                            .flatMap(region -> Overlay.without(region, its).stream())
                            .toList();
                case KEEP ->
                    before.stream()
                            .flatMap(region -> its.stream().flatMap(other -> Overlay.shared(region, other).stream()))
                            .toList();
            };
        }
        if (area.isEmpty()) {
            return Outcome.refused("parts", "Nothing is left of it.");
        }
        return area.size() == 1
                ? Outcome.made(area.get(0))
                : Outcome.refused(
                        "parts",
                        "It falls into " + area.size()
                                + " pieces: let its parts overlap, or leave out what does not belong to it.");
    }

    private static Outcome<Region> sized(Region whole, MeasureSystem system) {
        Size size = whole.outline().bounds().size();
        Length shorter = Length.min(size.width(), size.height());
        Length longer = Length.max(size.width(), size.height());
        if (shorter.isShorterThan(SMALLEST) || longer.isLongerThan(LARGEST)) {
            return Outcome.refused(
                    "parts",
                    "It would be " + Figure.of(size.width(), system).text() + " × " + Figure.of(size.height(), system)
                            + ". An outline is "
                            + Figure.of(system.leastSaid(SMALLEST), system).text() + " to "
                            + Figure.of(system.mostSaid(LARGEST), system) + " a side.");
        }
        long corners = Stream.concat(Stream.of(whole.outline()), whole.holes().stream())
                .mapToLong(outline -> outline.corners().size())
                .sum();
        return corners > MOST_CORNERS
                ? Outcome.refused("parts", "It has " + corners + " edges; an outline has at most " + MOST_CORNERS + ".")
                : Outcome.made(whole);
    }

    private static OwnShape drawn(String name, List<ShapePart> parts, Finish finish, Region whole) {
        List<Segment> creases = parts.stream()
                .flatMap(part -> part.creases().stream())
                .flatMap(crease -> Overlay.within(crease, whole).stream())
                .toList();
        Placement home = home(whole, finish.mirrored());
        return new OwnShape(
                name,
                parts,
                finish,
                home,
                whole.in(home),
                creases.stream().map(home::apply).toList());
    }

    /** Brings the left top corner of its box to zero, seen from behind where asked. */
    private static Placement home(Region whole, boolean mirrored) {
        Length across = mirrored
                ? whole.outline().bounds().right()
                : whole.outline().bounds().left().negated();
        return new Placement(new Point(across, whole.outline().bounds().top().negated()), 0, mirrored);
    }

    /** The size its parts come to. */
    public Size size() {
        return region.outline().bounds().size();
    }

    /** It as large as its parts come to. */
    public CutShape asDrawn() {
        return new CutShape(this, size());
    }

    @Override
    public String words() {
        return name;
    }

    @Override
    public String inSentence() {
        return "the outline “" + name + "”";
    }

    /** Its parts, each done to what is there before it. */
    public List<ShapePart> parts() {
        return parts;
    }

    /** The outlines of its parts before they were put together, in its own frame. */
    public List<Outline> partsAsDrawn() {
        return parts.stream()
                .flatMap(part -> part.regions().stream())
                .map(each -> each.outline().in(home))
                .toList();
    }

    /** The middle of a part's box, in its own frame. */
    public Point middleOf(ShapePart part) {
        return home.apply(part.middle());
    }

    /** The lines of a part that was traced, in its own frame, in their order. */
    public List<List<Point>> linesOf(ShapePart part) {
        return part.lines().stream()
                .map(line -> line.stream().map(home::apply).toList())
                .toList();
    }

    /** What is done to it in the end. */
    public Finish finish() {
        return finish;
    }

    @Override
    public Outline outline(Size size) {
        return size.equals(size()) ? region.outline() : scale(size).outline(region.outline());
    }

    @Override
    public List<Outline> holes(Size size) {
        return size.equals(size()) ? region.holes() : scale(size).region(region).holes();
    }

    @Override
    public List<Segment> creases(Size size) {
        return size.equals(size())
                ? creases
                : creases.stream().map(scale(size)::segment).toList();
    }

    private Scale scale(Size size) {
        return new Scale(region.outline().bounds(), size);
    }

    @Override
    public double area(Size size) {
        return region.outline().area() * size.area() / size().area();
    }

    /** Its outline moved out by the border, corners rounded, as what is cut round a figure is. */
    @Override
    public Look grown(Size size, Length border) {
        return border.isZero() ? this : new Bordered(this, size, border);
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || (other instanceof OwnShape shape
                        && name.equals(shape.name)
                        && finish.equals(shape.finish)
                        && parts.equals(shape.parts));
    }

    @Override
    public int hashCode() {
        return Objects.hash(
                name, finish, parts.size(), region.outline().corners().size());
    }

    @Override
    public String toString() {
        return name + " " + size();
    }
}

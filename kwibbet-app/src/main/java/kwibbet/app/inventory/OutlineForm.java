package kwibbet.app.inventory;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.outline.DrawnUnit;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.outline.Tracing;
import kwibbet.shape.CutShape;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/** The form of an outline: its name, its parts one by one, and what is done to it in the end. Lines that were traced are not sent; they are those of the outline that is kept. */
final class OutlineForm {

    private static final String KEPT = "kept-";
    private static final int ROUND = 360;
    /** A part that is added is so large, a corner of what is there. */
    private static final Length NEW_PART = Length.ofInches(1);

    private final Entries entries;
    private final MeasureSystem system;
    private final OwnShape kept;
    private final List<ShapePart> parts;
    private final Finish finish;

    OutlineForm(Entries entries, MeasureSystem system, OwnShape kept) {
        this.entries = entries;
        this.system = system;
        this.kept = kept;
        this.parts = readParts();
        this.finish = new Finish(
                entries.length("border", system), entries.length("scallops", system), entries.isTicked("mirrored"));
    }

    /** The parts that were sent; what cannot be read of one stands as something else, and is refused. */
    List<ShapePart> parts() {
        return parts;
    }

    /** The outline as it was entered; what is wrong is refused beside its field. */
    Optional<OwnShape> read() {
        if (!entries.areGood()) {
            return Optional.empty();
        }
        Outcome<OwnShape> shape = OwnShape.of(entries.words("name"), changed(parts), finish, system);
        shape.reasons().forEach(reason -> entries.refuse(field(reason), reason.message()));
        return entries.areGood() ? Optional.of(shape.orThrow()) : Optional.empty();
    }

    /** Fields of a part are told by its number and a dot in the core, by {@code p}, its number and a hyphen in the form. */
    private static String field(Refusal reason) {
        return reason.field().contains(".") ? "p" + reason.field().replace('.', '-') : reason.field();
    }

    private List<ShapePart> readParts() {
        int count = Math.min(entries.wholeNumber("parts"), OwnShape.MOST_PARTS);
        return IntStream.range(0, count).mapToObj(this::part).toList();
    }

    private ShapePart part(int number) {
        String at = "p" + number + "-";
        Optional<Source> found = source(entries.words(at + "source"), at);
        if (found.isEmpty()) {
            entries.refuse(at + "source", "Choose one of the list.");
        }
        Source source = found.orElse(new Source.OfTrade(CutShape.Kind.RECTANGLE));
        Size size = size(at, source);
        int turned = entries.wholeNumber(at + "turned");
        if (turned >= ROUND) {
            entries.refuse(at + "turned", "It is turned by 0 to " + (ROUND - 1) + "°.");
        }
        return new ShapePart(
                entries.choice(at + "how", ShapePart.How.class),
                source,
                size,
                new Point(entries.length(at + "across", system), entries.length(at + "down", system)),
                new ShapePart.Turn(Math.floorMod(turned, ROUND), entries.isTicked(at + "mirrored")));
    }

    /** As entered; of a drawing as large as it is in the unit that was chosen, or in its own proportions where one side was changed. */
    private Size size(String at, Source source) {
        Length width = entries.side(at + "width", system);
        Length height = entries.side(at + "height", system);
        if (!(source instanceof Source.Traced traced)) {
            return new Size(width, height);
        }
        return drawn(at, traced.tracing(), width, height).orElseGet(() -> new Size(width, height));
    }

    private Optional<Size> drawn(String at, Tracing tracing, Length width, Length height) {
        Optional<DrawnUnit> unit = Stream.of(DrawnUnit.values())
                .filter(each -> each.name().equals(entries.words(at + "unit")))
                .findFirst();
        if (unit.isPresent()) {
            return tracing.size(unit.get());
        }
        boolean otherWidth = !entries.words(at + "width").equals(entries.words(at + "was-width"));
        boolean otherHeight = !entries.words(at + "height").equals(entries.words(at + "was-height"));
        if (!entries.isTicked(at + "alike") || otherWidth == otherHeight) {
            return Optional.empty();
        }
        return otherWidth ? tracing.asWideAs(width) : tracing.asHighAs(height);
    }

    private Optional<Source> source(String said, String at) {
        if (said.startsWith(KEPT)) {
            return IntStream.range(0, kept.parts().size())
                    .filter(i -> said.equals(KEPT + i))
                    .mapToObj(i -> kept.parts().get(i).source())
                    .map(source -> source instanceof Source.Traced traced ? used(traced.tracing(), at) : source)
                    .findFirst();
        }
        return Stream.of(CutShape.Kind.values())
                .filter(kind -> kind.name().equals(said))
                .findFirst()
                .map(Source.OfTrade::new);
    }

    /** The lines with what the form says each is for. */
    private Source used(Tracing tracing, String at) {
        List<Tracing.Line> lines = new ArrayList<>();
        for (int i = 0; i < tracing.lines().size(); i++) {
            Tracing.Line line = tracing.lines().get(i);
            String field = at + "line" + i;
            lines.add(entries.has(field) ? line.with(entries.choice(field, Tracing.Use.class)) : line);
        }
        return new Source.Traced(new Tracing(lines));
    }

    /** With a part more, or one less, where a button asked for it. */
    private List<ShapePart> changed(List<ShapePart> parts) {
        String asked = entries.words("do");
        List<ShapePart> changed = new ArrayList<>(parts);
        if (asked.equals("add")) {
            changed.add(ShapePart.of(new Source.OfTrade(CutShape.Kind.OVAL), new Size(NEW_PART, NEW_PART)));
        }
        IntStream.range(0, parts.size())
                .filter(i -> asked.equals("out-" + i))
                .findFirst()
                .ifPresent(changed::remove);
        return changed;
    }

    /**
     * A part as the form shows it.
     *
     * @param at how its fields begin
     * @param part the part
     * @param source names where it comes from
     * @param lines what its lines are for; none where it was not traced
     */
    record PartFields(String at, ShapePart part, String source, List<Tracing.Line> lines) {

        /** Whether it was traced. */
        public boolean isTraced() {
            return !lines.isEmpty();
        }

        /** How many lines, in words. */
        public String counted() {
            return Markup.counted(lines.size(), "line of a drawing", "lines of a drawing");
        }

        /** What the lines come to in each unit. */
        public List<UnitWay> units(MeasureSystem system) {
            return part.source() instanceof Source.Traced traced
                    ? Stream.of(DrawnUnit.values())
                            .flatMap(unit ->
                                    traced.tracing().size(unit).stream().map(size -> UnitWay.of(unit, size, system)))
                            .toList()
                    : List.of();
        }
    }

    /**
     * How large a drawing is in a unit.
     *
     * @param key names the unit
     * @param words the unit and the size
     */
    record UnitWay(String key, String words) {
        static UnitWay of(DrawnUnit unit, Size size, MeasureSystem system) {
            String across = Markup.field(size.width(), system);
            String down = Markup.field(size.height(), system);
            return new UnitWay(unit.name(), unit.words() + ": " + across + " × " + down + " " + system.symbol());
        }
    }

    /** The fields of an outline's parts. A part that was traced is named by its place in the outline that is kept. */
    static List<PartFields> fields(List<ShapePart> parts, OwnShape kept) {
        return IntStream.range(0, parts.size())
                .mapToObj(i -> {
                    ShapePart part = parts.get(i);
                    List<Tracing.Line> lines = part.source() instanceof Source.Traced traced
                            ? traced.tracing().lines()
                            : List.of();
                    return new PartFields("p" + i + "-", part, named(part.source(), kept), lines);
                })
                .toList();
    }

    /**
     * What of the form changes when it is drawn anew: what is said beside its fields, and the sizes of drawings, which follow their units and proportions. All else stays as
     * it is under the maker's hand.
     */
    static String answered(List<ShapePart> parts) {
        List<String> ids = new ArrayList<>(List.of("name-help", "parts-help", "border-help", "scallops-help"));
        for (int i = 0; i < parts.size(); i++) {
            String at = "p" + i + "-";
            boolean traced = parts.get(i).source() instanceof Source.Traced;
            List<String> own = traced
                    ? List.of("size", "units", "lines-help", "across-help", "down-help", "turned-help")
                    : List.of("width-help", "height-help", "across-help", "down-help", "turned-help");
            own.forEach(each -> ids.add(at + each));
        }
        return ids.stream().map(id -> "#" + id).collect(Collectors.joining(","));
    }

    private static String named(Source source, OwnShape kept) {
        if (source instanceof Source.OfTrade shape) {
            return shape.kind().name();
        }
        return IntStream.range(0, kept.parts().size())
                .filter(i -> kept.parts().get(i).source() instanceof Source.Traced traced
                        && isSame(traced.tracing(), ((Source.Traced) source).tracing()))
                .mapToObj(i -> KEPT + i)
                .findFirst()
                .orElse("");
    }

    /** Whether two have the same lines, whatever these are for. */
    private static boolean isSame(Tracing one, Tracing other) {
        return one.lines().size() == other.lines().size()
                && IntStream.range(0, one.lines().size()).allMatch(i -> one.lines()
                        .get(i)
                        .points()
                        .equals(other.lines().get(i).points()));
    }

    /** A name for what was read from a file. */
    static String nameOf(String file) {
        String name = file.replaceAll("\\.[A-Za-z]+$", "")
                .replaceAll("[^\\p{L}\\p{N} ]+", " ")
                .strip();
        String shown = name.isEmpty()
                ? "Drawing"
                : name.substring(0, Math.min(name.length(), 60)).strip();
        return shown.substring(0, 1).toUpperCase(Locale.ROOT) + shown.substring(1);
    }
}

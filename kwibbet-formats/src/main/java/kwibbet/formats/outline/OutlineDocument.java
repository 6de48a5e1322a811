package kwibbet.formats.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.outline.Tracing;
import kwibbet.shape.CutShape;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

import static kwibbet.formats.json.Misfit.require;

/** Writes and reads outlines of a maker's own. Reading back what was written gives the same. */
public final class OutlineDocument {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONGEST = 4_000_000;
    private static final int MOST_LINES = 2_000;
    private static final int MOST_NUMBERS = 100_000;
    private static final int ROUND = 359;

    private OutlineDocument() {}

    /** An outline as a document of its own. */
    public static String write(OwnShape shape) {
        ObjectNode document = JSON.createObjectNode();
        write(shape, document);
        return JSON.writeValueAsString(document);
    }

    /** An outline in a larger document. */
    public static void write(OwnShape shape, ObjectNode node) {
        node.put("name", shape.words());
        ArrayNode parts = node.putArray("parts");
        shape.parts().forEach(part -> write(part, parts.addObject()));
        Finish finish = shape.finish();
        if (!finish.border().isZero()) {
            node.put("border", finish.border().toString());
        }
        if (!finish.scallops().isZero()) {
            node.put("scallops", finish.scallops().toString());
        }
        if (finish.mirrored()) {
            node.put("mirrored", true);
        }
    }

    private static void write(ShapePart part, ObjectNode node) {
        node.put("how", word(part.how()));
        if (part.source() instanceof Source.OfTrade shape) {
            node.put("shape", word(shape.kind()));
        } else if (part.source() instanceof Source.Traced traced) {
            ArrayNode lines = node.putArray("lines");
            traced.tracing().lines().forEach(line -> write(line, lines.addObject()));
        }
        node.put("width", part.size().width().toString());
        node.put("height", part.size().height().toString());
        node.put("across", part.corner().x().toString());
        node.put("down", part.corner().y().toString());
        if (part.turn().degrees() != 0) {
            node.put("turned", part.turn().degrees());
        }
        if (part.turn().mirrored()) {
            node.put("mirrored", true);
        }
    }

    private static void write(Tracing.Line line, ObjectNode node) {
        node.put("use", word(line.use()));
        node.put("closed", line.closed());
        ArrayNode points = node.putArray("points");
        line.points()
                .forEach(point -> points.add(point.x().toTicks()).add(point.y().toTicks()));
    }

    /** The outline of a document, or what is wrong with it and where; the fields of the refusals are JSON pointers (RFC 6901). */
    public static Outcome<OwnShape> read(String text) {
        return Reading.of(text, LONGEST, OutlineDocument::read);
    }

    /**
     * The outline that stands there.
     *
     * @throws Misfit when there is none, or one that cannot be drawn
     */
    public static OwnShape read(Reading at) {
        List<ShapePart> parts = at.at("parts").elements(OwnShape.MOST_PARTS).stream()
                .map(OutlineDocument::part)
                .toList();
        Finish finish = new Finish(length(at.at("border")), length(at.at("scallops")), flag(at.at("mirrored")));
        Outcome<OwnShape> shape = OwnShape.of(at.at("name").text(), parts, finish, MeasureSystem.INCH);
        for (Refusal reason : shape.reasons()) {
            String within = reason.field().contains(".") ? "/parts/" : "/";
            throw new Misfit(at.pointer() + within + reason.field().replace('.', '/'), reason.message());
        }
        return shape.orThrow();
    }

    private static ShapePart part(Reading at) {
        return new ShapePart(
                one(at.at("how"), ShapePart.How.values()),
                source(at),
                new Size(positive(at.at("width")), positive(at.at("height"))),
                new Point(length(at.at("across")), length(at.at("down"))),
                new ShapePart.Turn(
                        at.at("turned").isMissing() ? 0 : (int) at.at("turned").whole(0, ROUND),
                        flag(at.at("mirrored"))));
    }

    private static Source source(Reading at) {
        return at.at("lines").isMissing()
                ? new Source.OfTrade(one(at.at("shape"), CutShape.Kind.values()))
                : new Source.Traced(new Tracing(at.at("lines").elements(MOST_LINES).stream()
                        .map(OutlineDocument::line)
                        .toList()));
    }

    private static Tracing.Line line(Reading at) {
        List<Reading> numbers = at.at("points").elements(MOST_NUMBERS);
        require(
                numbers.size() % 2 == 0 && numbers.size() >= 4,
                at.at("points").pointer(),
                "Points are pairs of numbers, two at least.");
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < numbers.size(); i += 2) {
            points.add(new Point(ticks(numbers.get(i)), ticks(numbers.get(i + 1))));
        }
        require(points.stream().distinct().count() > 1, at.at("points").pointer(), "A line has at least two points.");
        return new Tracing.Line(points, flag(at.at("closed")), one(at.at("use"), Tracing.Use.values()));
    }

    private static Length ticks(Reading at) {
        return Length.ofTicks(at.whole(-1_000_000_000_000L, 1_000_000_000_000L));
    }

    private static Length positive(Reading at) {
        Length length = length(at);
        require(length.isPositive(), at.pointer(), "It must be more than 0.");
        return length;
    }

    /** Zero where nothing stands. */
    private static Length length(Reading at) {
        if (at.isMissing()) {
            return Length.ZERO;
        }
        try {
            return Length.parse(at.text(), MeasureSystem.INCH);
        } catch (LengthParseException unreadable) {
            throw new Misfit(at.pointer(), "It is no length.");
        }
    }

    private static boolean flag(Reading at) {
        JsonNode node = at.node();
        require(node.isMissingNode() || node.isBoolean(), at.pointer(), "It must be true or false.");
        return node.asBoolean(false);
    }

    private static <E extends Enum<E>> E one(Reading at, E[] all) {
        String said = at.text();
        return Stream.of(all)
                .filter(each -> word(each).equals(said))
                .findFirst()
                .orElseThrow(() -> new Misfit(
                        at.pointer(),
                        "It must be one of "
                                + String.join(
                                        ", ",
                                        Stream.of(all)
                                                .map(OutlineDocument::word)
                                                .toList()) + "."));
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

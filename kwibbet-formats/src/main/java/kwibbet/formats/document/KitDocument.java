package kwibbet.formats.document;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.kit.Extra;
import kwibbet.kit.Kit;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.Pricing;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Sharing.StepOf;
import kwibbet.kit.Slot;
import kwibbet.kit.Table;
import kwibbet.kit.Venue;
import kwibbet.kit.Who;
import kwibbet.making.Station;
import kwibbet.outcome.Outcome;

/** A kit or class as a JSON document with a version. */
public final class KitDocument {

    private static final int VERSION = 1;
    private static final int LARGEST = 4_000_000;
    private static final int MOST_STEPS = 10_000;
    private static final String FORMAT = "kwibbet-kit";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private KitDocument() {}

    /** Writes a kit. */
    public static String write(Kit kit) {
        ObjectNode document = JSON.createObjectNode()
                .put("format", FORMAT)
                .put("version", VERSION)
                .put("name", kit.name())
                .put("bags", kit.bags())
                .put("spares", kit.spares());
        ArrayNode lines = document.putArray("cards");
        kit.lines().forEach(line -> lines.addObject().put("card", line.card()).put("each", line.each()));
        if (!kit.extras().isEmpty()) {
            ArrayNode extras = document.putArray("extras");
            kit.extras().forEach(each -> extras.addObject()
                    .put("name", each.name())
                    .put("each", each.each())
                    .put("pack", each.pack().size())
                    .put("price", each.pack().cents()));
        }
        ObjectNode rules = document.putObject("rules");
        for (Station station : Station.values()) {
            Optional.ofNullable(kit.sharing().rules().get(station))
                    .ifPresent(who -> rules.put(word(station), word(who)));
        }
        ArrayNode steps = document.putArray("steps");
        kit.sharing().steps().entrySet().stream()
                .sorted(Comparator.comparing(
                                (Map.Entry<StepOf, Who> each) -> each.getKey().card())
                        .thenComparing(each -> each.getKey().step()))
                .forEach(each -> steps.addObject()
                        .put("card", each.getKey().card())
                        .put("step", each.getKey().step())
                        .put("who", word(each.getValue())));
        kit.meeting().ifPresent(meeting -> write(meeting, document.putObject("class")));
        document.putObject("price")
                .put("paper", word(kit.pricing().paper()))
                .put("rate", kit.pricing().rate())
                .put("margin", kit.pricing().margin())
                .put("rounding", word(kit.pricing().rounding()));
        return document.toString();
    }

    private static void write(Meeting meeting, ObjectNode node) {
        node.put("date", meeting.slot().date().toString())
                .put("start", meeting.slot().start().toString())
                .put("minutes", meeting.slot().minutes())
                .put("opening", meeting.slot().opening())
                .put("day", meeting.day());
        if (!meeting.place().isBlank()) {
            node.put("place", meeting.place());
        }
        ObjectNode tools = node.putObject("tools");
        for (SharedTool tool : SharedTool.values()) {
            Optional.ofNullable(meeting.tools().get(tool)).ifPresent(count -> tools.put(tool.key(), count));
        }
        if (!meeting.venue().tables().isEmpty()) {
            ArrayNode tables = node.putArray("tables");
            meeting.venue()
                    .tables()
                    .forEach(each -> tables.addObject().put("name", each.name()).put("learners", each.learners()));
        }
        node.putObject("learners")
                .put("slower", meeting.pace().slower())
                .put("between", meeting.pace().between())
                .put("within", meeting.pace().within());
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private static <E extends Enum<E>> E named(Reading at, E[] values) {
        String word = at.oneOf(Stream.of(values).map(KitDocument::word).toArray(String[]::new));
        return Stream.of(values)
                .filter(value -> word(value).equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(word + " was one of them"));
    }

    /** Reads a kit, or says what in it is not in form. */
    public static Outcome<Kit> read(String text) {
        return Reading.of(text, LARGEST, KitDocument::kit);
    }

    private static Kit kit(Reading document) {
        document.at("format").oneOf(FORMAT);
        document.at("version").whole(VERSION, VERSION);
        List<Kit.Line> lines = new ArrayList<>();
        for (Reading line : document.at("cards").elements(Kit.MOST_EACH)) {
            lines.add(new Kit.Line(line.at("card").text(), (int) line.at("each").whole(1, Kit.MOST_EACH)));
        }
        Reading meeting = document.at("class");
        return new Kit(
                document.at("name").text(),
                new Kit.Contents(lines, extras(document.at("extras"))),
                new Kit.Bags((int) document.at("bags").whole(1, Kit.MOST_BAGS), (int)
                        document.at("spares").whole(0, Kit.MOST_BAGS)),
                sharing(document),
                meeting.isMissing() ? Optional.empty() : Optional.of(meeting(meeting)),
                pricing(document.at("price")));
    }

    /** Kits of earlier releases have none. */
    private static List<Extra> extras(Reading at) {
        return at.isMissing()
                ? List.of()
                : at.elements(Extra.MOST).stream()
                        .map(each -> new Extra(
                                each.at("name").text(),
                                (int) each.at("each").whole(1, Kit.MOST_BAGS),
                                new Extra.Pack((int) each.at("pack").whole(1, Extra.Pack.LARGEST), (int)
                                        each.at("price").whole(0, Integer.MAX_VALUE))))
                        .toList();
    }

    private static Pricing pricing(Reading at) {
        return new Pricing(
                named(at.at("paper"), Pricing.Counted.values()),
                (int) at.at("rate").whole(0, Pricing.MOST_RATE),
                (int) at.at("margin").whole(0, Pricing.MOST_MARGIN),
                named(at.at("rounding"), Pricing.Rounding.values()));
    }

    private static Sharing sharing(Reading document) {
        Map<Station, Who> rules = new EnumMap<>(Station.class);
        for (Station station : Station.values()) {
            Reading rule = document.at("rules").at(word(station));
            if (!rule.isMissing()) {
                rules.put(station, named(rule, Who.values()));
            }
        }
        Map<StepOf, Who> steps = new HashMap<>();
        for (Reading step : document.at("steps").elements(MOST_STEPS)) {
            steps.put(new StepOf(step.at("card").text(), step.at("step").text()), named(step.at("who"), Who.values()));
        }
        return new Sharing(rules, steps);
    }

    private static Meeting meeting(Reading at) {
        Map<SharedTool, Integer> tools = new EnumMap<>(SharedTool.class);
        for (SharedTool tool : SharedTool.values()) {
            Reading count = at.at("tools").at(tool.key());
            if (!count.isMissing()) {
                tools.put(tool, (int) count.whole(0, Kit.MOST_BAGS));
            }
        }
        Reading learners = at.at("learners");
        return new Meeting(
                new Slot(
                        time(at.at("date"), LocalDate::parse, "a date as 2027-03-20"),
                        time(at.at("start"), LocalTime::parse, "a time as 14:00"),
                        (int) at.at("minutes").whole(1, Slot.LONGEST),
                        (int) at.at("opening").whole(0, Slot.LONGEST)),
                new Venue(at.at("place").isMissing() ? "" : at.at("place").text(), tools, tables(at.at("tables"))),
                new LearnerPace(
                        (int) learners.at("slower").whole(1, LearnerPace.MOST),
                        (int) learners.at("between").whole(0, LearnerPace.MOST),
                        (int) learners.at("within").whole(0, LearnerPace.MOST)),
                (int) at.at("day").whole(1, Slot.LONGEST));
    }

    /** Classes of earlier releases have none. */
    private static List<Table> tables(Reading at) {
        return at.isMissing()
                ? List.of()
                : at.elements(Table.MOST).stream()
                        .map(each -> new Table(each.at("name").text(), (int)
                                each.at("learners").whole(1, Kit.MOST_BAGS)))
                        .toList();
    }

    private static <T> T time(Reading at, Function<String, T> parse, String form) {
        String text = at.text();
        try {
            return parse.apply(text);
        } catch (DateTimeException unread) {
            throw new Misfit(at.pointer(), "It must be " + form + ", not “" + text + "”.");
        }
    }
}

package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.artwork.Artwork;
import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Copies;
import kwibbet.card.Cutter;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.PaperSlot;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Features;
import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.formats.outline.OutlineDocument;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.outline.OwnShape;
import kwibbet.paper.PaperId;
import kwibbet.run.CardRun;
import kwibbet.shape.Size;
import kwibbet.tool.DieId;

import static kwibbet.formats.json.Misfit.require;

/** Writes and reads designs, each with the run that comes with it. Reading back what was written gives the same. */
public final class DesignDocument {

    /** The version of the form that is written; older ones are read, newer ones are refused. */
    public static final int VERSION = 2;

    private static final String FORMAT = "kwibbet-design";
    private static final String CUT_BY = "cutBy";
    private static final String BY_HAND = "hand";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private DesignDocument() {}

    /** A design and its run as a document of the present version. */
    public static String write(CardRun kept) {
        Design design = kept.design();
        ObjectNode document = JSON.createObjectNode();
        document.put("format", FORMAT);
        document.put("version", VERSION);
        document.put("name", design.name());
        document.put("system", design.system().name().toLowerCase(Locale.ROOT));
        if (!design.notes().isEmpty()) {
            document.put("notes", design.notes());
        }
        design.drawnFor().ifPresent(size -> document.putObject("drawnFor")
                .put("width", size.width().toString())
                .put("height", size.height().toString()));
        ObjectNode base = document.putObject("base");
        base.put("key", design.base().key());
        base.put("foldAlongGrain", design.foldAlongGrain());
        write(design.settings(), design.papers(), base);
        ArrayNode additions = document.putArray("additions");
        design.additions().forEach(addition -> write(addition, additions.addObject()));
        OwnMakingDocument.write(design.own(), document);
        ObjectNode run = document.putObject("run")
                .put("make", kept.copies().make())
                .put("spares", kept.copies().spares());
        if (kept.thrift() != Thrift.FEWEST_SHEETS) {
            run.put("thrift", word(kept.thrift()));
        }
        return JSON.writeValueAsString(document);
    }

    private static void write(Settings settings, Map<String, PaperId> papers, ObjectNode node) {
        ObjectNode slots = node.putObject("papers");
        new TreeMap<>(papers).forEach((key, paper) -> slots.put(key, paper.value()));
        ObjectNode lengths = node.putObject("lengths");
        new TreeMap<>(settings.lengths()).forEach((key, length) -> lengths.put(key, length.toString()));
        ObjectNode choices = node.putObject("choices");
        new TreeMap<>(settings.choices()).forEach(choices::put);
        ObjectNode counts = node.putObject("counts");
        new TreeMap<>(settings.counts()).forEach(counts::put);
        if (!settings.outlines().isEmpty()) {
            ObjectNode outlines = node.putObject("outlines");
            new TreeMap<>(settings.outlines())
                    .forEach((key, outline) -> OutlineDocument.write(outline, outlines.putObject(key)));
        }
        if (!settings.artworks().isEmpty()) {
            ObjectNode artworks = node.putObject("pictures");
            new TreeMap<>(settings.artworks())
                    .forEach((key, artwork) -> ArtworkDocument.write(artwork, artworks.putObject(key)));
        }
        if (settings.cutter() instanceof Cutter.ByHand) {
            node.put(CUT_BY, BY_HAND);
        } else if (settings.cutter() instanceof Cutter.ByDie chosen) {
            node.putObject(CUT_BY).put("die", chosen.die().value());
        }
    }

    private static Cutter cutter(JsonNode document, String pointer) {
        JsonNode said = document.at(pointer);
        if (said.isMissingNode()) {
            return Cutter.ANY;
        }
        if (said.asString("").equals(BY_HAND)) {
            return Cutter.HAND;
        }
        require(said.isObject(), pointer, "It must be “" + BY_HAND + "”, or say which die.");
        return new Cutter.ByDie(new DieId(string(document, pointer + "/die")));
    }

    private static void write(Addition addition, ObjectNode node) {
        node.put("id", addition.id().value());
        node.put("name", addition.name());
        node.put("feature", addition.feature().key());
        if (addition.host() instanceof Host.OnFace host) {
            node.put("face", host.face().value());
        } else if (addition.host() instanceof Host.OnPiece host) {
            node.put("piece", host.piece().value());
        }
        write(addition.settings(), addition.papers(), node);
    }

    /**
     * The design of a document and its run, or what is wrong with it and where; the fields of the refusals are JSON pointers (RFC 6901).
     * What it holds is in form; whether a card can be made of it is {@link kwibbet.card.CardMaker}'s to say.
     */
    public static Outcome<CardRun> read(String text) {
        try {
            return Outcome.made(kept(JSON.readTree(text)));
        } catch (Misfit misfit) {
            return misfit.refused();
        } catch (JacksonException notJson) {
            return Outcome.refused("", "This is not a design document: " + notJson.getOriginalMessage());
        }
    }

    private static CardRun kept(JsonNode document) {
        require(FORMAT.equals(document.path("format").asString("")), "/format", "It must say “" + FORMAT + "”.");
        int version = integer(document, "/version");
        require(version >= 1, "/version", "A version is 1 or more.");
        require(
                version <= VERSION,
                "/version",
                "It is of version " + version + "; this Kwibbet reads up to version " + VERSION + ".");
        Base base = Bases.find(string(document, "/base/key"))
                .orElseThrow(() -> new Misfit("/base/key", "There is no such base."));
        Design design = new Design(
                string(document, "/name"),
                system(document),
                base,
                settings(document, "/base"),
                version == 1
                        ? Map.of(PaperSlot.PAPER.key(), new PaperId(string(document, "/base/paper")))
                        : papers(document, "/base"),
                document.at("/base/foldAlongGrain").asBoolean(false),
                version == 1 ? FirstVersion.layers(document) : additions(document),
                document.at("/notes").asString(""),
                OwnMakingDocument.read(document),
                drawnFor(document));
        return new CardRun(design, copies(document), thrift(document));
    }

    private static Copies copies(JsonNode document) {
        Copies copies = new Copies(integer(document, "/run/make"), integer(document, "/run/spares"));
        for (Refusal reason : copies.checked().reasons()) {
            throw new Misfit("/run/" + reason.field(), reason.message());
        }
        return copies;
    }

    private static String word(Thrift thrift) {
        return thrift.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Thrift thrift(JsonNode document) {
        String said = document.at("/run/thrift").asString(word(Thrift.FEWEST_SHEETS));
        return Stream.of(Thrift.values())
                .filter(thrift -> word(thrift).equals(said))
                .findFirst()
                .orElseThrow(
                        () -> new Misfit("/run/thrift", "It must be fewest-sheets, least-cost or leftovers-first."));
    }

    private static List<Addition> additions(JsonNode document) {
        List<Addition> additions = new ArrayList<>();
        for (int i = 0; i < document.path("additions").size(); i++) {
            additions.add(addition(document, "/additions/" + i));
        }
        return additions;
    }

    private static Addition addition(JsonNode document, String at) {
        Feature feature = Features.find(string(document, at + "/feature"))
                .orElseThrow(() -> new Misfit(at + "/feature", "There is no such feature."));
        Host host = document.at(at + "/face").isMissingNode()
                ? new Host.OnPiece(pieceId(document, at + "/piece"))
                : new Host.OnFace(faceId(document, at + "/face"));
        return new Addition(
                pieceId(document, at + "/id"),
                string(document, at + "/name"),
                feature,
                host,
                settings(document, at),
                papers(document, at));
    }

    private static Optional<Size> drawnFor(JsonNode document) {
        return document.path("drawnFor").isMissingNode()
                ? Optional.empty()
                : Optional.of(new Size(positive(document, "/drawnFor/width"), positive(document, "/drawnFor/height")));
    }

    static Length positive(JsonNode document, String pointer) {
        Length length = length(document, pointer);
        require(length.isPositive(), pointer, "It must be more than 0.");
        return length;
    }

    private static MeasureSystem system(JsonNode document) {
        String word = string(document, "/system").toUpperCase(Locale.ROOT);
        return List.of(MeasureSystem.values()).stream()
                .filter(system -> system.name().equals(word))
                .findFirst()
                .orElseThrow(() -> new Misfit("/system", "It must be “inch” or “metric”."));
    }

    private static Settings settings(JsonNode document, String at) {
        Map<String, Length> lengths = new HashMap<>();
        for (String key : document.at(at + "/lengths").propertyNames()) {
            lengths.put(key, length(document, at + "/lengths/" + escaped(key)));
        }
        Map<String, String> choices = new HashMap<>();
        for (String key : document.at(at + "/choices").propertyNames()) {
            choices.put(key, string(document, at + "/choices/" + escaped(key)));
        }
        Map<String, Integer> counts = new HashMap<>();
        for (String key : document.at(at + "/counts").propertyNames()) {
            counts.put(key, integer(document, at + "/counts/" + escaped(key)));
        }
        Map<String, OwnShape> outlines = new HashMap<>();
        for (String key : document.at(at + "/outlines").propertyNames()) {
            String pointer = at + "/outlines/" + escaped(key);
            outlines.put(key, OutlineDocument.read(new Reading(document.at(pointer), pointer)));
        }
        Map<String, Artwork> artworks = new HashMap<>();
        for (String key : document.at(at + "/pictures").propertyNames()) {
            String pointer = at + "/pictures/" + escaped(key);
            artworks.put(key, ArtworkDocument.read(new Reading(document.at(pointer), pointer)));
        }
        return new Settings(lengths, choices, counts, outlines, artworks, cutter(document, at + "/" + CUT_BY));
    }

    private static Map<String, PaperId> papers(JsonNode document, String at) {
        Map<String, PaperId> papers = new HashMap<>();
        for (String key : document.at(at + "/papers").propertyNames()) {
            papers.put(key, new PaperId(string(document, at + "/papers/" + escaped(key))));
        }
        return papers;
    }

    /** A key as it stands in a JSON pointer, RFC 6901 section 3. */
    private static String escaped(String key) {
        return key.replace("~", "~0").replace("/", "~1");
    }

    static PieceId pieceId(JsonNode document, String pointer) {
        try {
            return new PieceId(string(document, pointer));
        } catch (IllegalArgumentException misnamed) {
            throw new Misfit(pointer, "A piece is named by a lower-case letter and letters, digits and hyphens.");
        }
    }

    static FaceId faceId(JsonNode document, String pointer) {
        return FaceId.parse(string(document, pointer))
                .orElseThrow(
                        () -> new Misfit(pointer, "A face is named by its panel and its side, as “front-outside”."));
    }

    static Length length(JsonNode document, String pointer) {
        try {
            return Length.parse(string(document, pointer), MeasureSystem.INCH);
        } catch (LengthParseException unreadable) {
            throw new Misfit(
                    pointer, Optional.ofNullable(unreadable.getMessage()).orElse("It is no length."));
        }
    }

    static String string(JsonNode document, String pointer) {
        JsonNode node = document.at(pointer);
        require(node.isString() && !node.asString().isBlank(), pointer, "Words are missing here.");
        return node.asString();
    }

    static int integer(JsonNode document, String pointer) {
        JsonNode node = document.at(pointer);
        require(node.isInt(), pointer, "A whole number is missing here.");
        return node.asInt();
    }
}

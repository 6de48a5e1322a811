package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.card.Base;
import kwibbet.card.Design;
import kwibbet.card.Fit;
import kwibbet.card.Host;
import kwibbet.card.Layer;
import kwibbet.card.PieceId;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** Writes and reads designs. Reading back what was written gives an equal design. */
public final class DesignDocument {

    /** The version of the form that is written; older ones are read, newer ones are refused. */
    public static final int VERSION = 1;

    private static final String FORMAT = "kwibbet-design";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private DesignDocument() {}

    /** The design as a document of the present version. */
    public static String write(Design design) {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", FORMAT);
        document.put("version", VERSION);
        document.put("name", design.name());
        document.put("system", design.system().name().toLowerCase(Locale.ROOT));
        ObjectNode base = document.putObject("base");
        base.put("key", design.base().key());
        base.put("paper", design.paper().value());
        base.put("foldAlongGrain", design.foldAlongGrain());
        ObjectNode lengths = base.putObject("lengths");
        sorted(design.settings().lengths()).forEach((key, length) -> lengths.put(key, length.toString()));
        ObjectNode choices = base.putObject("choices");
        sorted(design.settings().choices()).forEach(choices::put);
        ArrayNode layers = document.putArray("layers");
        design.layers().forEach(layer -> write(layer, layers.addObject()));
        document.putObject("run")
                .put("make", design.run().make())
                .put("spares", design.run().spares());
        return JSON.writeValueAsString(document);
    }

    private static <T> Map<String, T> sorted(Map<String, T> map) {
        return new TreeMap<>(map);
    }

    private static void write(Layer layer, ObjectNode node) {
        node.put("id", layer.id().value());
        node.put("name", layer.name());
        node.put("paper", layer.paper().value());
        if (layer.host() instanceof Host.OnFace host) {
            node.put("face", host.face());
        } else if (layer.host() instanceof Host.OnLayer host) {
            node.put("layer", host.layer().value());
        }
        if (layer.fit() instanceof Fit.ByBorder fit) {
            node.put("border", fit.border().toString());
        } else if (layer.fit() instanceof Fit.BySize fit) {
            node.put("width", fit.size().width().toString());
            node.put("height", fit.size().height().toString());
        }
    }

    /**
     * The design of a document, or what is wrong with it and where; the fields of the refusals are JSON pointers (RFC 6901).
     * What it holds is in form; whether a card can be made of it is {@link kwibbet.card.CardMaker}'s to say.
     */
    public static Outcome<Design> read(String text) {
        try {
            return Outcome.made(design(JSON.readTree(text)));
        } catch (Misfit misfit) {
            return Outcome.refused(misfit.pointer, misfit.problem);
        } catch (JacksonException notJson) {
            return Outcome.refused("", "This is not a design document: " + notJson.getOriginalMessage());
        }
    }

    private static Design design(JsonNode document) {
        require(FORMAT.equals(document.path("format").asString("")), "/format", "It must say “" + FORMAT + "”.");
        int version = integer(document, "/version");
        require(version >= 1, "/version", "A version is 1 or more.");
        require(
                version <= VERSION,
                "/version",
                "It is of version " + version + "; this Kwibbet reads up to version " + VERSION + ".");
        Base base = Bases.find(string(document, "/base/key"))
                .orElseThrow(() -> new Misfit("/base/key", "There is no such base."));
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < document.path("layers").size(); i++) {
            layers.add(layer(document, "/layers/" + i));
        }
        return new Design(
                string(document, "/name"),
                system(document),
                base,
                settings(document),
                new PaperId(string(document, "/base/paper")),
                document.at("/base/foldAlongGrain").asBoolean(false),
                layers,
                new Run(integer(document, "/run/make"), integer(document, "/run/spares")));
    }

    private static MeasureSystem system(JsonNode document) {
        String word = string(document, "/system").toUpperCase(Locale.ROOT);
        return List.of(MeasureSystem.values()).stream()
                .filter(system -> system.name().equals(word))
                .findFirst()
                .orElseThrow(() -> new Misfit("/system", "It must be “inch” or “metric”."));
    }

    private static Settings settings(JsonNode document) {
        Map<String, Length> lengths = new HashMap<>();
        for (String key : document.at("/base/lengths").propertyNames()) {
            lengths.put(key, length(document, "/base/lengths/" + key));
        }
        Map<String, String> choices = new HashMap<>();
        for (String key : document.at("/base/choices").propertyNames()) {
            choices.put(key, string(document, "/base/choices/" + key));
        }
        return new Settings(lengths, choices);
    }

    private static Layer layer(JsonNode document, String at) {
        Host host = document.at(at + "/face").isMissingNode()
                ? new Host.OnLayer(pieceId(document, at + "/layer"))
                : new Host.OnFace(string(document, at + "/face"));
        return new Layer(
                pieceId(document, at + "/id"),
                string(document, at + "/name"),
                host,
                fit(document, at),
                new PaperId(string(document, at + "/paper")));
    }

    private static Fit fit(JsonNode document, String at) {
        if (!document.at(at + "/border").isMissingNode()) {
            return new Fit.ByBorder(length(document, at + "/border"));
        }
        Length width = length(document, at + "/width");
        Length height = length(document, at + "/height");
        require(width.isPositive(), at + "/width", "It must be more than 0.");
        require(height.isPositive(), at + "/height", "It must be more than 0.");
        return new Fit.BySize(new Size(width, height));
    }

    private static PieceId pieceId(JsonNode document, String pointer) {
        try {
            return new PieceId(string(document, pointer));
        } catch (IllegalArgumentException misnamed) {
            throw new Misfit(pointer, "A piece is named by a lower-case letter and letters, digits and hyphens.");
        }
    }

    private static Length length(JsonNode document, String pointer) {
        try {
            return Length.parse(string(document, pointer), MeasureSystem.INCH);
        } catch (LengthParseException unreadable) {
            throw new Misfit(
                    pointer, Optional.ofNullable(unreadable.getMessage()).orElse("It is no length."));
        }
    }

    private static String string(JsonNode document, String pointer) {
        JsonNode node = document.at(pointer);
        require(node.isString() && !node.asString().isBlank(), pointer, "Words are missing here.");
        return node.asString();
    }

    private static int integer(JsonNode document, String pointer) {
        JsonNode node = document.at(pointer);
        require(node.isInt(), pointer, "A whole number is missing here.");
        return node.asInt();
    }

    private static void require(boolean holds, String pointer, String problem) {
        if (!holds) {
            throw new Misfit(pointer, problem);
        }
    }

    /** Where a document is not in form; never leaves this class. */
    private static final class Misfit extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final String pointer;
        private final String problem;

        Misfit(String pointer, String problem) {
            super(pointer + ": " + problem);
            this.pointer = pointer;
            this.problem = problem;
        }
    }
}

package kwibbet.formats.document;

import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.card.Addition;
import kwibbet.card.Design;
import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.paper.Colour;

/**
 * What is known of a picture, within a design; and its dots, beside a design that is taken elsewhere.
 *
 * <p>Dots are kept in Base64 (RFC 4648) under {@code dots}, by the ids of their pictures. A design that is read for itself does not look at them.
 */
public final class ArtworkDocument {

    private static final String DOTS = "dots";
    private static final int MOST = 100_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private ArtworkDocument() {}

    static void write(Artwork artwork, ObjectNode node) {
        node.put("id", artwork.id().value())
                .put("name", artwork.name())
                .put("across", artwork.across())
                .put("down", artwork.down())
                .put("colour", artwork.colour().hex());
    }

    static Artwork read(Reading node) {
        try {
            return new Artwork(
                    new ArtworkId(node.at("id").text()),
                    node.at("name").text(),
                    (int) node.at("across").whole(1, MOST),
                    (int) node.at("down").whole(1, MOST),
                    new Colour(node.at("colour").text()));
        } catch (IllegalArgumentException misnamed) {
            throw new Misfit(node.pointer(), "This says nothing of a picture that could be printed.");
        }
    }

    /** The pictures of a design, each once. */
    public static Map<ArtworkId, Artwork> of(Design design) {
        Map<ArtworkId, Artwork> all = new LinkedHashMap<>();
        design.additions().stream()
                .map(Addition::settings)
                .flatMap(settings -> new TreeMap<>(settings.artworks()).values().stream())
                .forEach(artwork -> all.put(artwork.id(), artwork));
        return all;
    }

    /**
     * A design's document with the dots of its pictures beside it.
     *
     * @param document the document of the design
     * @param design the design
     * @param dots the dots of a picture, if they are there
     */
    public static String withDots(String document, Design design, Function<ArtworkId, Optional<byte[]>> dots) {
        Map<ArtworkId, Artwork> artworks = of(design);
        if (artworks.isEmpty() || !(JSON.readTree(document) instanceof ObjectNode whole)) {
            return document;
        }
        ObjectNode kept = whole.putObject(DOTS);
        artworks.keySet().forEach(id -> dots.apply(id)
                .ifPresent(bytes -> kept.put(id.value(), Base64.getEncoder().encodeToString(bytes))));
        return JSON.writeValueAsString(whole);
    }

    /** The dots that came with a document of a design, by what they are said to be; those that cannot be read are left out. */
    public static Map<ArtworkId, byte[]> dots(String document) {
        Map<ArtworkId, byte[]> all = new LinkedHashMap<>();
        JsonNode dots = JSON.readTree(document).path(DOTS);
        for (String id : dots.propertyNames()) {
            decoded(dots.path(id).asString(""))
                    .ifPresent(bytes -> ArtworkId.parse(id).ifPresent(named -> all.put(named, bytes)));
        }
        return all;
    }

    private static Optional<byte[]> decoded(String text) {
        try {
            return Optional.of(Base64.getDecoder().decode(text));
        } catch (IllegalArgumentException garbled) {
            return Optional.empty();
        }
    }
}

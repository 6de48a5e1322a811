package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.card.OwnMaking;
import kwibbet.card.OwnMaking.Order;
import kwibbet.card.OwnMaking.Telling;
import kwibbet.card.OwnStep;
import kwibbet.card.Side;
import kwibbet.formats.json.Misfit;

import static kwibbet.formats.json.Misfit.require;

/** Writes and reads what a maker changed about how a card is made, within its design. */
final class OwnMakingDocument {

    private static final String MAKING = "making";

    private OwnMakingDocument() {}

    static void write(OwnMaking own, ObjectNode document) {
        if (own.isNone()) {
            return;
        }
        ObjectNode making = document.putObject(MAKING);
        ArrayNode steps = making.putArray("steps");
        for (OwnStep step : own.steps()) {
            steps.addObject()
                    .put("id", step.id())
                    .put("piece", step.piece().value())
                    .put("face", step.face().name().toLowerCase(Locale.ROOT))
                    .put("words", step.words())
                    .put("with", step.with())
                    .put("minutes", step.minutes())
                    .put("drying", step.drying());
        }
        ArrayNode orders = making.putArray("orders");
        own.orders()
                .forEach(order -> orders.addObject().put("first", order.first()).put("then", order.then()));
        ArrayNode tellings = making.putArray("tellings");
        for (Telling telling : own.tellings()) {
            ObjectNode told = tellings.addObject();
            telling.steps().forEach(told.putArray("steps")::add);
            told.put("words", telling.words());
        }
    }

    static OwnMaking read(JsonNode document) {
        return new OwnMaking(
                each(document, "steps", OwnMakingDocument::step),
                each(
                        document,
                        "orders",
                        (all, at) -> new Order(
                                DesignDocument.string(all, at + "/first"), DesignDocument.string(all, at + "/then"))),
                each(document, "tellings", OwnMakingDocument::telling));
    }

    private static <T> List<T> each(JsonNode document, String kind, BiFunction<JsonNode, String, T> read) {
        String at = "/" + MAKING + "/" + kind;
        List<T> all = new ArrayList<>();
        for (int i = 0; i < document.at(at).size(); i++) {
            all.add(read.apply(document, at + "/" + i));
        }
        return all;
    }

    private static OwnStep step(JsonNode document, String at) {
        try {
            return new OwnStep(
                    DesignDocument.string(document, at + "/id"),
                    DesignDocument.pieceId(document, at + "/piece"),
                    face(document, at + "/face"),
                    DesignDocument.string(document, at + "/words"),
                    document.at(at + "/with").asString(""),
                    DesignDocument.integer(document, at + "/minutes"),
                    DesignDocument.integer(document, at + "/drying"));
        } catch (IllegalArgumentException outOfBounds) {
            throw new Misfit(at, Optional.ofNullable(outOfBounds.getMessage()).orElse("It is no step."));
        }
    }

    private static Side face(JsonNode document, String at) {
        String face = DesignDocument.string(document, at);
        return List.of(Side.values()).stream()
                .filter(side -> side.name().toLowerCase(Locale.ROOT).equals(face))
                .findFirst()
                .orElseThrow(() -> new Misfit(at, "A face is “up” or “under”."));
    }

    private static Telling telling(JsonNode document, String at) {
        List<String> steps = new ArrayList<>();
        for (int i = 0; i < document.at(at + "/steps").size(); i++) {
            steps.add(DesignDocument.string(document, at + "/steps/" + i));
        }
        String words = document.at(at + "/words").asString("");
        require(!steps.isEmpty(), at + "/steps", "At least one step is told.");
        require(words.length() <= OwnStep.LONGEST, at + "/words", "At most " + OwnStep.LONGEST + " letters.");
        return new Telling(steps, words);
    }
}

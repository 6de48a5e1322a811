package kwibbet.formats.document;

import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.formats.json.Reading;
import kwibbet.mail.MailRoom;
import kwibbet.mail.Postage;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;

/** What a studio mails its cards with, as a JSON document with a version. */
public final class MailRoomDocument {

    private static final int VERSION = 1;
    private static final int LARGEST = 1_000_000;
    private static final String FORMAT = "kwibbet-mail";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private MailRoomDocument() {}

    /** Writes it. */
    public static String write(MailRoom room) {
        ObjectNode document = JSON.createObjectNode().put("format", FORMAT).put("version", VERSION);
        ArrayNode envelopes = document.putArray("envelopes");
        room.own().forEach(each -> envelopes
                .addObject()
                .put("name", each.name())
                .put("width", each.size().width().toString())
                .put("height", each.size().height().toString()));
        Postage table = room.table();
        ObjectNode postage = document.putObject("postage")
                .put("square", table.square())
                .put("stiff", table.stiff())
                .put("lumpy", table.lumpy());
        ArrayNode rates = postage.putArray("rates");
        table.rates().forEach(each -> rates.addObject()
                .put("name", each.name())
                .put("longest", each.longest().toString())
                .put("thickest", each.thickest().toString())
                .put("grams", each.grams())
                .put("cents", each.cents()));
        return document.toString();
    }

    /** Reads it, or says what in it is not in form. */
    public static Outcome<MailRoom> read(String text) {
        return Reading.of(text, LARGEST, document -> {
            document.at("format").oneOf(FORMAT);
            document.at("version").whole(VERSION, VERSION);
            return new MailRoom(
                    MailRequest.listed(document.at("envelopes"), MeasureSystem.INCH),
                    MailRequest.postage(document.at("postage"), MeasureSystem.INCH));
        });
    }
}

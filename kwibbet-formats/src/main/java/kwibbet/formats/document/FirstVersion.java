package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import tools.jackson.databind.JsonNode;

import kwibbet.card.Addition;
import kwibbet.card.Host;
import kwibbet.card.PaperSlot;
import kwibbet.card.Settings;
import kwibbet.card.feature.Mat;
import kwibbet.paper.PaperId;

/** The layers of the first version of the form: mats only, sized by a border or for themselves. */
final class FirstVersion {

    private FirstVersion() {}

    static List<Addition> layers(JsonNode document) {
        List<Addition> layers = new ArrayList<>();
        for (int i = 0; i < document.path("layers").size(); i++) {
            layers.add(layer(document, "/layers/" + i));
        }
        return layers;
    }

    private static Addition layer(JsonNode document, String at) {
        Host host = document.at(at + "/face").isMissingNode()
                ? new Host.OnPiece(DesignDocument.pieceId(document, at + "/layer"))
                : new Host.OnFace(DesignDocument.faceId(document, at + "/face"));
        return new Addition(
                DesignDocument.pieceId(document, at + "/id"),
                DesignDocument.string(document, at + "/name"),
                new Mat(),
                host,
                settings(document, at),
                Map.of(PaperSlot.PAPER.key(), new PaperId(DesignDocument.string(document, at + "/paper"))));
    }

    private static Settings settings(JsonNode document, String at) {
        if (!document.at(at + "/border").isMissingNode()) {
            return Settings.PRESET.with(Mat.BORDER, DesignDocument.length(document, at + "/border"));
        }
        return Settings.PRESET
                .with(Mat.FIT, Mat.BY_SIZE)
                .with(Mat.WIDTH, DesignDocument.positive(document, at + "/width"))
                .with(Mat.HEIGHT, DesignDocument.positive(document, at + "/height"));
    }
}

package kwibbet.app.api;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

@WebMvcTest(FoldsController.class)
class FoldsControllerTest {

    @Autowired
    private MockMvc mvc;

    private JsonNode answer(String document, int status) throws Exception {
        return JsonApi.answer(mvc, "/api/folds", document, status);
    }

    /** A strip of panels 1 high. */
    private static String strip(String folds, double... widths) {
        StringBuilder vertices = new StringBuilder("[0, 0], [0, 1]");
        StringBuilder edges = new StringBuilder("[0, 1]");
        StringBuilder kinds = new StringBuilder("\"B\"");
        double x = 0;
        for (int i = 0; i < widths.length; i++) {
            x += widths[i];
            int at = 2 * i + 2;
            vertices.append(", [").append(x).append(", 0], [").append(x).append(", 1]");
            edges.append(String.format(", [%d, %d], [%d, %d], [%d, %d]", at - 2, at, at - 1, at + 1, at, at + 1));
            char kind = i < folds.length() ? folds.charAt(i) : 'B';
            kinds.append(", \"B\", \"B\", \"").append(kind).append('"');
        }
        return "{\"file_spec\": 1.1, \"vertices_coords\": [" + vertices + "], \"edges_vertices\": [" + edges
                + "], \"edges_assignment\": [" + kinds + "]}";
    }

    @Test
    void aPatternComesBackWithItsOrdersItsStepsAndItsFoldedStates() throws Exception {
        JsonNode roll = answer(strip("VV", 2.2, 2.1, 2), 200);
        assertThat(roll.at("/foldable").asBoolean(false)).isTrue();
        assertThat(roll.at("/reasons").size()).isZero();
        assertThat(roll.at("/size/width").asDouble(0)).isEqualTo(2.2);
        assertThat(roll.at("/size/height").asDouble(0)).isEqualTo(1);
        assertThat(roll.at("/layers").asInt(0)).isEqualTo(3);
        assertThat(roll.at("/orders").asInt(0)).isEqualTo(1);
        assertThat(roll.at("/steps").size()).isEqualTo(2);
        assertThat(roll.at("/steps/0/kind").asString("")).isEqualTo("fold");
        assertThat(roll.at("/steps/0/faces/0").asInt(0)).isEqualTo(2);
        assertThat(roll.at("/folded/file_frames/0/faceOrders").size()).isEqualTo(3);
        assertThat(answer(roll.at("/folded").toString(), 200).at("/orders").asInt(0))
                .isEqualTo(1);
    }

    @Test
    void whatCannotFoldFlatIsProvenByNamingFaces() throws Exception {
        JsonNode rolled = answer(strip("VV", 2, 1, 2), 200);
        assertThat(rolled.at("/foldable").asBoolean(true)).isFalse();
        assertThat(rolled.at("/decided").asBoolean(false)).isTrue();
        assertThat(rolled.at("/reasons/0/faces").toString()).isEqualTo("[0,1,2]");
    }

    /** Two creases at 90° make a channel as wide as its floor; four creases at a vertex do not stand at angles chosen at will. */
    @Test
    void whatStopsHalfOpenStandsWhereItsFacesComeTogether() throws Exception {
        String channel = strip("VV", 1, 2, 1)
                .replaceFirst(
                        "\\{", "{\"edges_foldAngle\": [null, null, null, 90, null, null, 90, null, null, null], ");
        JsonNode standing = answer(channel, 200);
        assertThat(standing.at("/foldable").asBoolean(false)).isTrue();
        assertThat(standing.at("/size/height").asDouble(0)).isCloseTo(1, offset(1e-9));
        JsonNode places = standing.at("/folded/file_frames/0/vertices_coords");
        assertThat(places.at("/2/2").asDouble(9)).isCloseTo(0, offset(1e-9));
        assertThat(places.at("/4/2").asDouble(9)).isCloseTo(2, offset(1e-9));
        assertThat(places.at("/6/2").asDouble(9)).isCloseTo(2, offset(1e-9));
        String cross =
                """
                {"vertices_coords": [[0, 0], [1, 0], [2, 0], [0, 1], [1, 1], [2, 1], [0, 2], [1, 2], [2, 2]],
                 "edges_vertices": [[0, 1], [1, 2], [2, 5], [5, 8], [8, 7], [7, 6], [6, 3], [3, 0], [1, 4], [4, 7], [3, 4], [4, 5]],
                 "edges_assignment": ["B", "B", "B", "B", "B", "B", "B", "B", "V", "V", "V", "M"],
                 "edges_foldAngle": [null, null, null, null, null, null, null, null, 90, 90, 90, -90]}""";
        JsonNode torn = answer(cross, 200);
        assertThat(torn.at("/foldable").asBoolean(true)).isFalse();
        assertThat(torn.at("/reasons/0/message").asString("")).contains("with these angles");
    }

    @Test
    void aDamagedDocumentIsABadRequestWithThePlace() throws Exception {
        JsonNode refused = answer(strip("VX", 2, 1, 2), 400);
        assertThat(refused.at("/reasons/0/field").asString("")).isEqualTo("/edges_assignment/6");
    }
}

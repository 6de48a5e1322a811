package kwibbet.app.api;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

@WebMvcTest(FoldsController.class)
class FoldsControllerTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Autowired
    private MockMvc mvc;

    private JsonNode answer(String document, int status) throws Exception {
        MvcResult result = mvc.perform(post("/api/folds")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(document))
                .andReturn();
        assertThat(result.getResponse().getStatus()).as(document).isEqualTo(status);
        return JSON.readTree(result.getResponse().getContentAsString());
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

    @Test
    void aDamagedDocumentIsABadRequestWithThePlace() throws Exception {
        JsonNode refused = answer(strip("VX", 2, 1, 2), 400);
        assertThat(refused.at("/reasons/0/field").asString("")).isEqualTo("/edges_assignment/6");
    }
}

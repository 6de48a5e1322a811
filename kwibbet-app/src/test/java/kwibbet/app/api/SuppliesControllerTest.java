package kwibbet.app.api;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

import static org.assertj.core.api.Assertions.assertThat;

@WebMvcTest(SuppliesController.class)
class SuppliesControllerTest {

    private static final String LINES =
            """
            {"lines": [{"name": "magnets", "need": 26, "onHand": 4, "reserved": 2, "pack": 20, "cents": 350},
                       {"name": "tape", "need": 840.5, "onHand": 0.1, "reserved": 0, "pack": 360},
                       {"name": "cord", "need": 3, "onHand": 7}]}""";

    @Autowired
    private MockMvc mvc;

    private JsonNode answer(String document, int status) throws Exception {
        return JsonApi.answer(mvc, "/api/supplies", document, status);
    }

    /** 26 + 2 − 4 = 24 magnets are two packs of 20, of the second 4, a fifth; 840.4 of tape are three rolls, the last a third used. Worked by hand. */
    @Test
    void packsComeOutAsByHand() throws Exception {
        JsonNode all = answer(LINES, 200);
        assertThat(all.at("/lines/0").toString())
                .isEqualTo(
                        "{\"name\":\"magnets\",\"need\":26,\"missing\":24,\"packs\":2,\"left\":16,\"lastHardlyUsed\":true,\"cents\":700}");
        assertThat(all.at("/lines/1").toString())
                .isEqualTo(
                        "{\"name\":\"tape\",\"need\":840.5,\"missing\":840.4,\"packs\":3,\"left\":239.6,\"lastHardlyUsed\":false,\"cents\":0}");
        assertThat(all.at("/lines/2/packs").asInt(-1)).isZero();
        assertThat(all.at("/lines/2/left").asInt(-1)).isZero();
        assertThat(all.at("/lines/2/lastHardlyUsed").asBoolean(true)).isFalse();
        assertThat(all.at("/cents").asInt(0)).isEqualTo(700);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"need\": 26 | \"need\": -26 | /lines/0/need",
                "\"pack\": 20 | \"pack\": 0   | /lines/0/pack",
                "350          | 3.5           | /lines/0/cents",
                "\"cord\"     | \"\"          | /lines/2/name",
            })
    void whatIsWrongIsNamed(String right, String wrong, String where) throws Exception {
        assertThat(answer(LINES.replace(right, wrong), 400).toString()).contains("\"" + where + "\"");
    }
}

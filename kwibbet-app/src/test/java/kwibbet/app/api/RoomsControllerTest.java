package kwibbet.app.api;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

import static org.assertj.core.api.Assertions.assertThat;

@WebMvcTest(RoomsController.class)
class RoomsControllerTest {

    private static final String ROOM =
            """
            {"learners": 4, "differ": 0, "tools": {"board": 1}, "slot": 4.5, "rooms": 3, "seed": 7,
             "steps": [{"id": "score", "station": "board", "tool": "board", "minutes": 1, "spread": 0},
                       {"id": "glue", "station": "table", "minutes": 1, "spread": 0, "after": ["score"]},
                       {"id": "dry", "minutes": 0.5, "byItself": true, "after": ["glue"]},
                       {"id": "close", "station": "table", "minutes": 0, "after": ["dry"]}]}""";

    @Autowired
    private MockMvc mvc;

    private JsonNode answer(String document, int status) throws Exception {
        return JsonApi.answer(mvc, "/api/rooms", document, status);
    }

    /** Four at one board, a minute each, glue another and half a minute to dry: done at 2.5, 3.5, 4.5 and 5.5. */
    @Test
    void theRoomComesOutAsByHand() throws Exception {
        JsonNode room = answer(ROOM, 200);
        assertThat(room.at("/rooms").asInt(0)).isEqualTo(3);
        assertThat(room.at("/half").asDouble(0)).isEqualTo(3.5);
        assertThat(room.at("/nineInTen").asDouble(0)).isEqualTo(5.5);
        assertThat(room.at("/lucky").asDouble(0)).isEqualTo(5.5);
        assertThat(room.at("/inTime").asDouble(0)).isEqualTo(0.75);
        assertThat(room.at("/waits/0/tool").asString("")).isEqualTo("board");
        assertThat(room.at("/waits/0/mean").asDouble(0)).isEqualTo(1.5);
        assertThat(room.at("/waits/0/longest").asDouble(0)).isEqualTo(3);
        assertThat(room.at("/stations")).hasSize(2);
        assertThat(room.at("/stations/0/at/2").asDouble(0)).isEqualTo(1);
    }

    @Test
    void theSameSeedGivesTheSameAnswer() throws Exception {
        String varied = ROOM.replace("\"differ\": 0", "\"differ\": 0.4");
        assertThat(answer(varied, 200)).isEqualTo(answer(varied, 200));
        assertThat(answer(varied, 200)).isNotEqualTo(answer(varied.replace("\"seed\": 7", "\"seed\": 8"), 200));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"learners\": 4   | \"learners\": -3     | /learners | It must be a whole number from 1 to 5000.",
                "\"board\": 1      | \"board\": 0         | /tools/board | It must be a whole number from 1 to 5000.",
                "{\"board\": 1}    | {}                   | /steps    | “score” needs “board”, and there is none in the room",
                "[\"glue\"]        | [\"paint\"]          | /steps    | “dry” waits for “paint”, which is no step before it",
                "\"rooms\": 3      | \"rooms\": 0         | /rooms    | It must be a whole number from 1 to 5000.",
                "\"minutes\": 0.5  | \"minutes\": -1      | /steps/2/minutes | It must be a number from 0.0 to 1440.0.",
                "\"byItself\": true | \"byItself\": true, \"tool\": \"board\" | /steps/2/tool | What goes on by itself needs no tool.",
            })
    void whatIsWrongIsNamed(String right, String wrong, String where, String what) throws Exception {
        JsonNode refused = answer(ROOM.replace(right, wrong), 400);
        assertThat(refused.toString()).contains("\"" + where + "\"").contains(what);
    }
}

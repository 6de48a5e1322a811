package kwibbet.app.api;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

@WebMvcTest(CuttingRoomController.class)
class CuttingRoomControllerTest {

    private static final String JOB =
            """
            {"unit": "in",
             "stock": [{"id": "letter", "width": "8 1/2", "height": "11", "onHand": 20, "price": 0.4, "margin": "0", "pattern": "none"}],
             "pieces": [{"id": "base", "width": "8 1/2", "height": "5 1/2", "count": 24, "turning": "any", "stock": ["letter"]},
                        {"id": "mat", "width": "4", "height": "5 1/4", "count": 5, "turning": "keep"}],
             "cutting": {"kerf": "0", "longestCut": "12"}, "seconds": 2}""";

    private static final String GATE =
            """
            {"unit": "in", "board": {"width": "12", "grooves": ["2 3/8", "2 1/2", "7 1/2", "9"], "diagonal": false},
             "piece": {"width": "10", "height": "7"},
             "scores": [{"from": "left", "at": "2 1/2", "fold": "valley"}, {"from": "right", "at": "2 1/2", "fold": "valley"},
                        {"from": "top-left", "at": "1", "fold": "valley"}],
             "hand": "right"}""";

    @Autowired
    private MockMvc mvc;

    private JsonNode answer(String path, String document, int status) throws Exception {
        return JsonApi.answer(mvc, path, document, status);
    }

    /** Common practice, no source: two standard bases a letter sheet. */
    @Test
    void aJobComesBackWithItsSheetsItsCutsAndItsProof() throws Exception {
        JsonNode layouts = answer("/api/layouts", JOB, 200);
        assertThat(layouts.at("/sheetsUsed").asInt(0)).isEqualTo(14);
        assertThat(layouts.at("/sheetsAtLeast").asInt(0)).isEqualTo(14);
        assertThat(layouts.at("/proven").asBoolean(false)).isTrue();
        assertThat(layouts.at("/cost").decimalValue()).isEqualByComparingTo("5.60");
        assertThat(layouts.at("/unplaced").size()).isZero();
        int bases = 0;
        for (JsonNode sheet : layouts.at("/sheets")) {
            assertThat(sheet.at("/cuts").size()).isPositive();
            for (JsonNode placement : sheet.at("/placements")) {
                bases += placement.at("/piece").asString("").equals("base")
                        ? sheet.at("/copies").asInt(0)
                        : 0;
            }
        }
        assertThat(bases).isEqualTo(24);
        assertThat(layouts.at("/sheets/0/cuts/0/at").asString("")).endsWith(" in");
    }

    @Test
    void withoutCountsOneSheetIsFilledAsValuablyAsCanBe() throws Exception {
        JsonNode sheet = answer(
                "/api/layouts",
                """
                {"unit": "mm", "stock": [{"id": "a", "width": 127, "height": "98"}],
                 "pieces": [{"id": "p", "width": "18", "height": "65", "value": 1170, "turning": "keep"},
                            {"id": "q", "width": "24", "height": "27", "value": 648, "turning": "keep"},
                            {"id": "r", "width": "21", "height": "13", "value": 273, "turning": "keep"},
                            {"id": "s", "width": "36", "height": "17", "value": 612, "turning": "keep"},
                            {"id": "t", "width": "54", "height": "20", "value": 1080, "turning": "keep"}]}""",
                200);
        assertThat(sheet.at("/value").asInt(0)).isEqualTo(12_348);
        assertThat(sheet.at("/proven").asBoolean(false)).isTrue();
    }

    @Test
    void whatCannotBeCutIsNamedAndTheRestPlanned() throws Exception {
        JsonNode layouts = answer(
                "/api/layouts",
                """
                {"unit": "in", "stock": [{"id": "up", "width": "6", "height": "9", "onHand": 1, "pattern": "up"}],
                 "pieces": [{"id": "wide", "width": "8", "height": "2", "count": 1},
                            {"id": "huge", "width": "80", "height": "2", "count": 1},
                            {"id": "half", "width": "6", "height": "4 1/2", "count": 3}]}""",
                200);
        assertThat(layouts.at("/sheetsUsed").asInt(0)).isEqualTo(1);
        assertThat(layouts.at("/unplaced").size()).isEqualTo(3);
        assertThat(layouts.at("/unplaced/0/reason").asString("")).isEqualTo("ONLY_FITS_TURNED");
        assertThat(layouts.at("/unplaced/1/reason").asString("")).isEqualTo("LARGER_THAN_SHEET");
        assertThat(layouts.at("/unplaced/2/reason").asString("")).isEqualTo("NOT_ENOUGH_SHEETS");
        assertThat(layouts.at("/unplaced/2/count").asInt(0)).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    "8 1/2", "height": "11"  | "often", "height": "11" | /stock/0/width
                    "onHand": 20             | "onHand": -1            | /stock/0/onHand
                    "count": 24              | "count": 1.5            | /pieces/0/count
                    "turning": "any"         | "turning": "sometimes"  | /pieces/0/turning
                    ["letter"]               | ["legal"]               | /pieces/0/stock/0
                    "id": "mat"              | "id": "base"            | /pieces/1/id
                    "kerf": "0"              | "kerf": "-1"            | /cutting/kerf
                    "seconds": 2             | "seconds": 1000         | /seconds
                    "unit": "in"             | "unit": "cubit"         | /unit
                    "pieces": [              | "pieces": 7, "x": [     | /pieces
                    """)
    void whatIsNotInFormIsNamedWithItsPlace(String before, String after, String pointer) throws Exception {
        assertThat(JOB).contains(before);
        JsonNode refused = answer("/api/layouts", JOB.replace(before, after), 400);
        assertThat(refused.at("/reasons/0/field").asString("")).isEqualTo(pointer);
        assertThat(refused.at("/reasons/0/message").asString("")).isNotBlank();
    }

    @Test
    void aPieceComesBackWithItsSettings() throws Exception {
        JsonNode plan = answer("/api/score-plans", GATE, 200);
        assertThat(plan.at("/settings").size()).isEqualTo(1);
        assertThat(plan.at("/settings/0/edge").asString("")).isEqualTo("left");
        assertThat(plan.at("/settings/0/shift").asString("")).isEqualTo("0 in");
        assertThat(plan.at("/settings/0/scores/1/groove").asString("")).isEqualTo("7 1/2 in");
        assertThat(plan.at("/proven").asBoolean(false)).isTrue();
        assertThat(plan.at("/unreachable/0/reason").asString("")).isEqualTo("NO_PLATE");
        JsonNode withPlate = answer("/api/score-plans", GATE.replace("\"diagonal\": false", "\"diagonal\": true"), 200);
        assertThat(withPlate.at("/settings/1/edge").asString("")).isEqualTo("top-left");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    "at": "1"             | "at": "8"          | /scores/2/at
                    "from": "right"       | "from": "above"    | /scores/1/from
                    "fold": "valley"}, {  | "fold": "both"}, { | /scores/0/fold
                    ["2 3/8",             | ["-2",             | /board/grooves/0
                    "9"]                  | "13"]              | /board/grooves
                    "width": "10"         | "width": "0"       | /piece/width
                    "hand": "right"       | "hand": "third"    | /hand
                    """)
    void aScoreRequestThatIsNotInFormIsRefused(String before, String after, String pointer) throws Exception {
        assertThat(GATE).contains(before);
        assertThat(answer("/api/score-plans", GATE.replace(before, after), 400)
                        .at("/reasons/0/field")
                        .asString(""))
                .isEqualTo(pointer);
    }

    /** Whatever is sent is answered, never with a fault of the server. */
    @Test
    void nothingThatIsSentIsAFault() throws Exception {
        Random random = new Random(5);
        String[] bits = {"null", "[]", "{}", "\"\"", "-3", "1e9", "\"1/0\"", "true", "\"keep\"", "0", "\"1/64\""};
        for (int i = 0; i < 150; i++) {
            String job = (random.nextBoolean() ? JOB : GATE).replace("\"seconds\": 2", "\"seconds\": 0.01");
            int at = job.indexOf(": ", random.nextInt(job.length() - 60)) + 2;
            int end = at;
            while (",}]".indexOf(job.charAt(end)) < 0) {
                end++;
            }
            String spoilt = job.substring(0, at) + bits[random.nextInt(bits.length)] + job.substring(end);
            String path = random.nextBoolean() ? "/api/layouts" : "/api/score-plans";
            MvcResult result = mvc.perform(
                            post(path).contentType(MediaType.APPLICATION_JSON).content(spoilt))
                    .andReturn();
            assertThat(result.getResponse().getStatus()).as(spoilt).isIn(200, 400);
        }
    }
}

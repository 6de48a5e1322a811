package kwibbet.app.api;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

import kwibbet.app.Samples;
import kwibbet.app.store.Inventory;
import kwibbet.formats.document.DesignDocument;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

@WebMvcTest(PlansController.class)
class PlansControllerTest {

    private static final String DESIGN = DesignDocument.write(Samples.run("Gate"));
    private static final String RUN = "{\"unit\":\"in\",\"lines\":[{\"design\":" + DESIGN
            + ",\"copies\":12,\"spares\":1},{\"design\":" + DESIGN.replace("Gate", "Door")
            + ",\"copies\":4}],\"papers\":[{\"id\":\"stock\",\"width\":\"11\",\"height\":\"17\",\"onHand\":30,\"cents\":40}],"
            + "\"tools\":{\"trimmer\":{\"longestCut\":\"17\",\"marks\":\"1/8\"},\"board\":{\"width\":\"12\","
            + "\"grooves\":\"every 1/8 from 0 to 12\"},\"hand\":\"left\"},\"budget\":1}";

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.shelf())
                .thenReturn(new PaperShelf(List.of(Samples.paper("stock", "Stock", Length.ofMillimetres(3, 10)))));
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
    }

    private JsonNode answer(String document, int status) throws Exception {
        return JsonApi.answer(mvc, "/api/plans", document, status);
    }

    /** Two bases 10 × 7 come from 11 × 17, so 17 of them take 9 sheets; like pieces of two cards are one part. */
    @Test
    void aRunComesBackWithItsLayoutsPartsAndSettings() throws Exception {
        JsonNode plan = answer(RUN, 200);
        assertThat(plan.at("/sheets").asInt(0)).isEqualTo(9);
        assertThat(plan.at("/sheetsAtLeast").asInt(0)).isEqualTo(9);
        assertThat(plan.at("/proven").asBoolean(false)).isTrue();
        assertThat(plan.at("/cost").decimalValue()).isEqualByComparingTo("3.60");
        assertThat(plan.at("/unplaced").size()).isZero();
        assertThat(plan.at("/parts").size()).isEqualTo(1);
        assertThat(plan.at("/parts/0/count").asInt(0)).isEqualTo(17);
        assertThat(plan.at("/parts/0/uses/0/count").asInt(0)).isEqualTo(13);
        assertThat(plan.at("/parts/0/uses/1/name").asString("")).isEqualTo("Door, Base");
        Map<String, Integer> cut = new HashMap<>();
        for (JsonNode layout : plan.at("/layouts")) {
            for (JsonNode rectangle : layout.at("/rectangles")) {
                cut.merge(
                        rectangle.at("/part").asString(""), layout.at("/count").asInt(0), Integer::sum);
            }
        }
        assertThat(cut).isEqualTo(Map.of(plan.at("/parts/0/part").asString(""), 17));
        assertThat(plan.at("/fence").size())
                .isGreaterThanOrEqualTo(plan.at("/fenceAtLeast").asInt(0));
        assertThat(plan.at("/fence/0/steps/0/sentence").asString("")).contains("edge at the fence");
        assertThat(plan.at("/scores/0/steps/0/sentence").asString("")).contains("Base");
        assertThat(plan.at("/scores/0/steps").size()).isPositive();
        assertThat(plan.at("/press").size()).isZero();
    }

    @Test
    void whatIsLeftOutIsTheStudiosOwn() throws Exception {
        JsonNode plan = answer("{\"lines\":[{\"design\":" + DESIGN + "}]}", 200);
        assertThat(plan.at("/layouts/0/width").asString("")).isEqualTo("12 in");
        assertThat(plan.at("/cost").decimalValue()).isEqualByComparingTo("0.25");
        JsonNode none = answer("{\"lines\":[{\"design\":" + DESIGN + "}],\"papers\":[]}", 200);
        assertThat(none.at("/unplaced/0/reason").asString("")).isEqualTo("NO_PAPER");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"copies\":12|\"copies\":-1|400|/lines/0/copies",
                "\"copies\":12|\"copies\":10001|400|/lines/0/copies",
                "\"copies\":12|\"copies\":\"many\"|400|/lines/0/copies",
                "\"spares\":1}|\"spares\":1001}|400|/lines/0/spares",
                "\"key\":\"folded\"|\"key\":\"crumpled\"|400|/lines/0/design/base/key",
                "\"name\":\"Door\"|\"name\":\"\"|400|/lines/1/design/name",
                "\"lengths\":{}|\"lengths\":{\"width\":\"-3 in\"}|422|/lines/0/design: width",
                "\"width\":\"11\"|\"width\":\"wide\"|400|/papers/0/width",
                "\"marks\":\"1/8\"|\"marks\":\"0\"|400|/tools/trimmer/marks",
                "\"hand\":\"left\"|\"hand\":\"third\"|400|/tools/hand",
                "every 1/8|each 1/8|400|/tools/board/grooves",
                "\"budget\":1|\"budget\":99|400|/budget",
                "\"unit\":\"in\"|\"unit\":\"ell\"|400|/unit",
            })
    void whatIsWrongIsToldWithItsPlace(String good, String bad, int status, String pointer) throws Exception {
        assertThat(RUN).contains(good);
        String wrong = RUN.replaceFirst(Pattern.quote(good), Matcher.quoteReplacement(bad));
        assertThat(answer(wrong, status).at("/reasons/0/field").asString("")).isEqualTo(pointer);
    }

    @Test
    void aRunIsOfSomething() throws Exception {
        assertThat(answer("{\"lines\":[]}", 400).at("/reasons/0/message").asString(""))
                .isEqualTo("A run is of at least one card.");
        answer("[]", 400);
        answer("{", 400);
    }
}

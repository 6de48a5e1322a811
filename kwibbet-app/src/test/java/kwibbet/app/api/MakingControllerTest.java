package kwibbet.app.api;

import java.util.ArrayList;
import java.util.List;

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

@WebMvcTest(MakingController.class)
class MakingControllerTest {

    private static final String CARD =
            "{\"design\":" + DesignDocument.write(Samples.run("Gate")) + ",\"way\":\"batch\",\"copies\":12}";

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
        return JsonApi.answer(mvc, "/api/making", document, status);
    }

    @Test
    void stepsComeInOrderWithWhatTheyWaitForAndWhy() throws Exception {
        JsonNode making = answer(CARD, 200);
        List<String> before = new ArrayList<>();
        for (JsonNode step : making.at("/steps")) {
            for (JsonNode wait : step.at("/after")) {
                assertThat(before).contains(wait.at("/step").asString(""));
                assertThat(wait.at("/reason").asString("")).endsWith(".");
            }
            before.add(step.at("/id").asString(""));
        }
        assertThat(before).startsWith("score-base", "fold-base");
        assertThat(making.at("/steps/1/does").asString("")).isEqualTo("fold");
        assertThat(making.at("/steps/1/pieces/0").asString("")).isEqualTo("base");
        assertThat(making.at("/steps/1/station").asString("")).isEqualTo("folding");
        assertThat(making.at("/cost/tools").asInt(-1))
                .isEqualTo(making.at("/cost/toolsAtLeast").asInt(-2));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"way\":\"batch\"|\"way\":\"backwards\"|400|/way",
                "\"copies\":12|\"copies\":-1|400|/copies",
                "\"lengths\":{}|\"lengths\":{\"width\":\"-3 in\"}|422|/design: width",
            })
    void whatIsWrongIsToldWithItsPlace(String good, String bad, int status, String pointer) throws Exception {
        assertThat(CARD).contains(good);
        assertThat(answer(CARD.replace(good, bad), status)
                        .at("/reasons/0/field")
                        .asString(""))
                .isEqualTo(pointer);
    }
}

package kwibbet.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.http.MediaType;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.app.store.Inventory;
import kwibbet.card.Craft;
import kwibbet.card.Materials;
import kwibbet.card.Parameter;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Features;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

/** The service, as another program uses it; no design whatever brings about a fault on our side. */
@WebMvcTest(ApiController.class)
class ApiControllerTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String GATE =
            """
            {"format": "kwibbet-design", "version": 2, "name": "Gate", "system": "inch",
             "base": {"key": "gate", "papers": {"paper": "x"}, "lengths": {"width": "5 in", "height": "7 in"}},
             "additions": [{"id": "mat-1", "name": "Mat", "feature": "mat", "face": "left-outside",
                            "lengths": {"border": "1/8 in"}}],
             "run": {"make": 1, "spares": 0}}""";

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.materials()).thenReturn(Materials.USUAL);
    }

    private JsonNode answer(String design, int status) throws Exception {
        return JsonApi.answer(mvc, "/api/cards", design, status);
    }

    /** The figures are common practice, no source. */
    @Test
    void aDesignComesBackAsPiecesScoresAndJoins() throws Exception {
        JsonNode card = answer(GATE, 200);
        JsonNode base = card.at("/pieces/0");
        assertThat(base.at("/size/width").asString()).isEqualTo("10 in");
        assertThat(base.at("/scores/0/at").asString()).isEqualTo("2 1/2 in");
        assertThat(base.at("/scores/1/at").asString()).isEqualTo("7 1/2 in");
        assertThat(card.at("/pieces/1/size/width").asString()).isEqualTo("2 1/4 in");
        assertThat(card.at("/joins/0/lower").asString()).isEqualTo("base");
        assertThat(card.at("/joins/0/side").asString()).isEqualTo("under");
        assertThat(card.at("/findings").size()).isZero();
    }

    /** Two inches and a quarter by six and three quarters with an eighth of bleed round it: as high as that asks for, in the middle. */
    @Test
    void whatIsPrintedIsTold() throws Exception {
        JsonNode card = answer(
                GATE.replace(
                        "}],",
                        "}, {\"id\": \"print-1\", \"name\": \"Print\", \"feature\": \"print\", \"piece\": \"mat-1\"}],"),
                200);
        JsonNode print = card.at("/pieces/1/prints/0");
        assertThat(print.at("/picture").asString()).isEqualTo("sample");
        assertThat(print.at("/size/width").asString()).isEqualTo("7 in");
        assertThat(print.at("/size/height").asString()).isEqualTo("7 in");
        assertThat(print.at("/corner/x").asString()).isEqualTo("−2 3/8 in");
        assertThat(print.at("/corner/y").asString()).isEqualTo("−1/8 in");
        assertThat(print.at("/dotsPerInch").asInt()).isEqualTo(257);
        assertThat(print.at("/seen").size()).isEqualTo(4);
    }

    @Test
    void whatIsDamagedAndWhatCannotBeMadeAreToldApart() throws Exception {
        JsonNode damaged = answer(GATE.replace("\"5 in\"", "\"five\""), 400);
        assertThat(damaged.at("/reasons/0/field").asString()).isEqualTo("/base/lengths/width");
        JsonNode newer = answer(GATE.replace("\"version\": 2", "\"version\": 3"), 400);
        assertThat(newer.at("/reasons/0/message").asString()).contains("up to version 2");
        JsonNode impossible = answer(GATE.replace("1/8 in", "2 in"), 422);
        assertThat(impossible.at("/reasons/0/field").asString()).isEqualTo("mat-1.border");
    }

    @Test
    void everyBaseAndFeatureIsDescribedWithItsRanges() throws Exception {
        for (String path : List.of("/api/bases", "/api/features")) {
            JsonNode all = JSON.readTree(
                    mvc.perform(get(path)).andReturn().getResponse().getContentAsString());
            int expected = path.endsWith("bases") ? Bases.ALL.size() : Features.ALL.size();
            assertThat(all.size()).isEqualTo(expected);
            for (JsonNode craft : all) {
                for (JsonNode parameter : craft.path("parameters")) {
                    boolean choice = parameter.path("kind").asString().equals("choice");
                    assertThat(parameter.has(choice ? "choices" : "least"))
                            .as(parameter.toString())
                            .isTrue();
                    assertThat(parameter.path("sentence").asString()).isNotBlank();
                }
            }
        }
    }

    /** 600 designs by chance, a third of them with a letter changed; the seed is fixed so that what is found stays found. */
    @Test
    void noDesignBringsAboutAFault() throws Exception {
        Random random = new Random(20_261_125);
        List<Integer> statuses = new ArrayList<>();
        for (int i = 0; i < 600; i++) {
            String design = random(random);
            if (random.nextInt(3) == 0) {
                int at = random.nextInt(design.length());
                design = design.substring(0, at) + (char) (32 + random.nextInt(90)) + design.substring(at + 1);
            }
            MvcResult result = mvc.perform(post("/api/cards")
                            .contentType(MediaType.APPLICATION_JSON)
                            .content(design))
                    .andReturn();
            assertThat(result.getResponse().getStatus()).as(design).isIn(200, 400, 422);
            statuses.add(result.getResponse().getStatus());
        }
        assertThat(statuses).contains(200, 400, 422);
    }

    private static String random(Random random) {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", "kwibbet-design")
                .put("version", 2)
                .put("name", "Random")
                .put("system", "inch");
        Craft base = Bases.ALL.get(random.nextInt(Bases.ALL.size()));
        set(base, document.putObject("base").put("key", base.key()), random);
        var additions = document.putArray("additions");
        List<String> faces =
                List.of("front-outside", "back-inside", "left-outside", "middle-inside", "panel-1-outside");
        for (int i = random.nextInt(4); i > 0; i--) {
            Craft feature = Features.ALL.get(random.nextInt(Features.ALL.size()));
            ObjectNode addition = additions
                    .addObject()
                    .put("id", feature.key() + "-" + i)
                    .put("name", "Thing")
                    .put("feature", feature.key())
                    .put("face", faces.get(random.nextInt(faces.size())));
            set(feature, addition, random);
        }
        document.putObject("run").put("make", random.nextInt(30)).put("spares", random.nextInt(3));
        return document.toString();
    }

    private static void set(Craft craft, ObjectNode node, Random random) {
        ObjectNode lengths = node.putObject("lengths");
        ObjectNode choices = node.putObject("choices");
        ObjectNode counts = node.putObject("counts");
        for (Parameter parameter : craft.parameters()) {
            if (random.nextInt(3) > 0) {
                continue;
            }
            if (parameter instanceof Parameter.OfLength) {
                lengths.put(parameter.key(), random.nextInt(random.nextInt(6) == 0 ? 900 : 90) - 3 + "/16 in");
            } else if (parameter instanceof Parameter.OfChoice choice) {
                choices.put(
                        parameter.key(),
                        choice.choices()
                                .get(random.nextInt(choice.choices().size()))
                                .key());
            } else {
                counts.put(parameter.key(), random.nextInt(12) - 1);
            }
        }
    }
}

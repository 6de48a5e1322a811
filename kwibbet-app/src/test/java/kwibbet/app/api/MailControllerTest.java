package kwibbet.app.api;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

@WebMvcTest(MailController.class)
class MailControllerTest {

    private static final String CARD =
            """
            {"width": "5", "height": "5", "thickness": "1/8", "grams": 12, "lumpy": true,
             "envelopes": [{"name": "wide", "width": "8", "height": "6"}, {"name": "square", "width": "5 1/2", "height": "5 1/2"},
                           {"name": "small", "width": "5 1/8", "height": "7"}],
             "postage": {"rates": [{"name": "letter", "longest": "9", "thickest": "1/4", "grams": 50, "cents": 100}],
                         "square": 20, "stiff": 7, "lumpy": 30}}""";

    @Autowired
    private MockMvc mvc;

    private JsonNode answer(String document, int status) throws Exception {
        return JsonApi.answer(mvc, "/api/mail", document, status);
    }

    /** 5 1/4 are needed each way. The square envelope is 30.25 in², of 100 g/m² and 2 1/4 times its face 4.39 g. Worked by hand. */
    @Test
    void envelopesComeOutAsByHand() throws Exception {
        JsonNode mail = answer(CARD, 200);
        assertThat(mail.at("/envelopes"))
                .extracting(each -> each.at("/name").asString(""))
                .containsExactly("square", "wide");
        assertThat(mail.at("/envelopes/0/grams").asDouble(0)).isCloseTo(12 + 4.391, within(0.001));
        assertThat(mail.at("/envelopes/0/square").asBoolean(false)).isTrue();
        assertThat(mail.at("/envelopes/0/cents").asInt(0)).isEqualTo(150);
        assertThat(mail.at("/envelopes/1/cents").asInt(0)).isEqualTo(130);
        // 5 1/4 / √2 is 3.71 along an edge, to the next sixteenth 3 3/4, so the envelope is 3 3/4 √2 = 5.3033; 3/4 / √2
        // is 0.53, to the next 9/16: 2 × 3 3/4 + 9/16.
        assertThat(mail.at("/square/side").asString("")).isEqualTo("8 1/16 in");
        assertThat(mail.at("/square/sides").asString("")).isEqualTo("4 5/16 in");
        assertThat(Length.parse(mail.at("/square/envelope/width").asString(""), MeasureSystem.INCH)
                        .toInches())
                .isCloseTo(5.3033, within(1e-4));
        JsonNode heavy = answer(CARD.replace("\"grams\": 12", "\"grams\": 60"), 200);
        assertThat(heavy.at("/envelopes/0/cents").isMissingNode()).isTrue();
        assertThat(answer("{\"width\": 148, \"height\": 105, \"unit\": \"mm\", \"grams\": 9}", 200)
                        .at("/envelopes/0/name")
                        .asString(""))
                .isEqualTo("C6");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"width\": \"5\", | \"width\": \"-5\", | /width",
                "\"grams\": 12     | \"grams\": -1      | /grams",
                "\"1/8\"           | \"thick\"          | /thickness",
                "\"cents\": 100    | \"cents\": \"one\" | /postage/rates/0/cents",
            })
    void whatIsWrongIsNamed(String right, String wrong, String where) throws Exception {
        assertThat(answer(CARD.replace(right, wrong), 400).toString()).contains("\"" + where + "\"");
    }
}

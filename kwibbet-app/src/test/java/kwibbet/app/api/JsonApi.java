package kwibbet.app.api;

import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

/** Asks the API as a program would. */
final class JsonApi {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private JsonApi() {}

    /** What it answers to a document, which has to have that status. */
    static JsonNode answer(MockMvc mvc, String path, String document, int status) throws Exception {
        MvcResult result = mvc.perform(
                        post(path).contentType(MediaType.APPLICATION_JSON).content(document))
                .andReturn();
        assertThat(result.getResponse().getStatus()).as(document).isEqualTo(status);
        return JSON.readTree(result.getResponse().getContentAsString());
    }
}

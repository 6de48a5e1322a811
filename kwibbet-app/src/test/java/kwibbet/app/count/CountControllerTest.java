package kwibbet.app.count;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Studio;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest(CountController.class)
class CountControllerTest {

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
    }

    @Test
    void countsAsItIsTyped() throws Exception {
        mvc.perform(get("/count"))
                .andExpect(status().isOk())
                .andExpect(content().string(allOf(containsString("value=\"4 1/4\""), containsString("the most"))));
        mvc.perform(get("/count").param("width", "2"))
                .andExpect(content().string(allOf(containsString("value=\"2\""), containsString("the most"))));
        mvc.perform(get("/count")
                        .header("HX-Request", "true")
                        .param("width", "120mm")
                        .param("height", "")
                        .param("sheetWidth", "12")
                        .param("sheetHeight", "0")
                        .param("system", "INCH"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("id=\"height-help\""),
                                containsString("It must be 1/8 in to 60 in"),
                                containsString("value=\"120mm\""))));
    }
}

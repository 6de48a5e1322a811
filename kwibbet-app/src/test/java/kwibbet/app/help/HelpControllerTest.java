package kwibbet.app.help;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Studio;
import kwibbet.measure.MeasureSystem;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest(controllers = HelpController.class, properties = "kwibbet.data=some/folder")
class HelpControllerTest {

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    /** The road is drawn for a studio that has nothing yet, in its own measure. */
    @Test
    void theRoadOfAFirstCardIsDrawnInTheMakersMeasure() throws Exception {
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
        mvc.perform(get("/help"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("some/folder")))
                .andExpect(content().string(containsString("A first card, shut, 4 1/4 × 5 1/2 in")));
        Studio metric = new Studio(MeasureSystem.METRIC, Studio.UNCHOSEN.sheets());
        when(inventory.studio()).thenReturn(metric);
        mvc.perform(get("/help"))
                .andExpect(content().string(containsString("A first card, shut, 105 × 148 mm")))
                .andExpect(content().string(not(containsString("5 1/2 in"))));
    }
}

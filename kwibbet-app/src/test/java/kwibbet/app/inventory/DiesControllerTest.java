package kwibbet.app.inventory;

import java.nio.charset.StandardCharsets;
import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Studio;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest(DiesController.class)
class DiesControllerTest {

    private static final List<Die> DIES = StarterSet.dies(MeasureSystem.INCH);

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC.withDies(DIES));
        when(inventory.newDieId()).thenReturn(new DieId("new"));
    }

    private static MockHttpServletRequestBuilder die(String width, String edge, String pitch) {
        return post("/inventory/dies")
                .param("name", "Lens")
                .param("shape", "OVAL")
                .param("width", width)
                .param("height", width)
                .param("metal", "1/16")
                .param("detail", "PLAIN")
                .param("edge", edge)
                .param("pitch", pitch)
                .param("onHand", "1");
    }

    @SuppressWarnings("unchecked")
    private List<Die> saved() {
        ArgumentCaptor<List<Die>> saved = ArgumentCaptor.forClass(List.class);
        verify(inventory).saveDies(saved.capture());
        return saved.getValue();
    }

    @Test
    void theStarterDiesCanBeAndAreLaidInOnce() throws Exception {
        assertThat(DIES)
                .allSatisfy(die -> assertThat(die.checked().reasons()).isEmpty())
                .extracting(Die::id)
                .doesNotHaveDuplicates();
        mvc.perform(post("/inventory/dies/starter-set")).andExpect(redirectedUrl("/inventory/dies"));
        verify(inventory, never()).saveDies(any());
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        mvc.perform(post("/inventory/dies/starter-set"));
        assertThat(saved()).isEqualTo(DIES);
    }

    @Test
    void aNestedSetIsLaidInByItsSmallestAndAStep() throws Exception {
        mvc.perform(die("1", "STRAIGHT", "").param("step", "1/2").param("upTo", "2 1/4"))
                .andExpect(redirectedUrl("/inventory/dies"));
        assertThat(saved()).extracting(Die::name).containsExactly("Lens 1", "Lens 1 1/2", "Lens 2");
    }

    @Test
    void aPatternedEdgeRepeats() throws Exception {
        mvc.perform(die("1", "SCALLOPED", "1/8")).andExpect(redirectedUrl("/inventory/dies"));
        assertThat(saved().get(0).sides()).isEqualTo(new Sides(Sides.Pattern.SCALLOPED, Length.ofInches(1, 8)));
    }

    @Test
    void whatCannotBeIsSaidBesideTheFieldAndStaysTyped() throws Exception {
        mvc.perform(die("a lot", "SCALLOPED", ""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("value=\"a lot\"")))
                .andExpect(content().string(containsString("id=\"die-pitch-help\"")));
        mvc.perform(die("30", "STRAIGHT", ""))
                .andExpect(content().string(containsString("A die cuts at most 24 in a side.")));
        mvc.perform(die("3", "STRAIGHT", "").param("step", "1").param("upTo", "2"))
                .andExpect(content().string(containsString("The largest is no smaller than the smallest.")));
        verify(inventory, never()).saveDies(any());
    }

    @Test
    void diesAreWrittenReadDuplicatedAndTakenOut() throws Exception {
        String text = mvc.perform(get("/inventory/dies/dies.csv"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        mvc.perform(multipart("/inventory/dies/csv").file("file", text.getBytes(StandardCharsets.UTF_8)))
                .andExpect(redirectedUrl("/inventory/dies"));
        assertThat(saved()).isEqualTo(DIES);
        mvc.perform(multipart("/inventory/dies/csv").file("file", "name\nA\n".getBytes(StandardCharsets.UTF_8)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("line 2, width")));
        mvc.perform(post("/inventory/dies/starter-circle/duplicate"))
                .andExpect(redirectedUrl("/inventory/dies?die=new"));
        mvc.perform(post("/inventory/dies/starter-circle/remove"));
        verify(inventory).remove(new DieId("starter-circle"));
    }
}

package kwibbet.app.inventory;

import java.nio.charset.StandardCharsets;
import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Studio;
import kwibbet.measure.Length;
import kwibbet.outline.EdgePattern;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Size;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.Hand;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest({InventoryController.class, ToolsController.class})
@Import(PaperForm.class)
class InventoryControllerTest {

    private static final List<Paper> PAPERS = StarterSet.papers(Studio.UNCHOSEN);

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
        when(inventory.shelf()).thenReturn(new PaperShelf(PAPERS));
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        when(inventory.newPaperId()).thenReturn(new PaperId("new"));
    }

    private static MockHttpServletRequestBuilder paper(String width, String weight) {
        return post("/inventory/papers")
                .param("name", "Dusk")
                .param("kind", "PATTERNED")
                .param("system", "METRIC")
                .param("sheetWidth", width)
                .param("sheetHeight", "297")
                .param("colour", "#445566")
                .param("pattern", "ONE_WAY")
                .param("grain", "UPRIGHT")
                .param("weight", weight)
                .param("caliper", "0.3")
                .param("onHand", "7");
    }

    @Test
    void everyStarterPaperIsAPaper() {
        assertThat(PAPERS)
                .allSatisfy(paper -> assertThat(paper.checked().reasons()).isEmpty());
    }

    @Test
    void theStarterSetIsLaidInOnlyOnAnEmptyShelf() throws Exception {
        mvc.perform(post("/inventory/starter-set")).andExpect(redirectedUrl("/inventory"));
        verify(inventory, never()).savePapers(any());
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of()));
        mvc.perform(post("/inventory/starter-set")).andExpect(redirectedUrl("/inventory"));
        verify(inventory).savePapers(PAPERS);
    }

    @Test
    void aPaperIsKeptAsItWasEntered() throws Exception {
        mvc.perform(paper("210", "160").param("twoFaced", "yes").param("otherFace", "#faf0e6"))
                .andExpect(redirectedUrl("/inventory"));
        ArgumentCaptor<Paper> kept = ArgumentCaptor.forClass(Paper.class);
        verify(inventory).save(kept.capture());
        assertThat(kept.getValue().sheet().width()).isEqualTo(Length.ofMillimetres(210));
        assertThat(kept.getValue().caliper()).isEqualTo(Length.ofMillimetres(3, 10));
        assertThat(kept.getValue().id()).isEqualTo(new PaperId("new"));
        assertThat(kept.getValue().face().other().hex()).isEqualTo("#faf0e6");
        mvc.perform(paper("210", "160").param("twoFaced", "yes").param("otherFace", "sand"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Pick a colour.")));
    }

    @Test
    void aWeightIsEnteredInPoundsToo() throws Exception {
        mvc.perform(paper("210", "80 lb cover")).andExpect(redirectedUrl("/inventory"));
        ArgumentCaptor<Paper> kept = ArgumentCaptor.forClass(Paper.class);
        verify(inventory).save(kept.capture());
        assertThat(kept.getValue().gramsPerSquareMetre()).isEqualTo(216);
        mvc.perform(paper("210", "80 lb velvet"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        content().string(allOf(containsString("in pounds with its kind"), containsString("velvet"))));
    }

    @Test
    void aPaperThatIsNoneIsAnsweredAtItsFields() throws Exception {
        mvc.perform(paper("-5", "160"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(allOf(containsString("must be more than 0"), containsString("Dusk"))));
        mvc.perform(paper("5000", "7"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(
                                containsString("A sheet is 26 mm to 1219 mm a side"), containsString("20 to 2000"))));
        verify(inventory, never()).save(any(Paper.class));
    }

    @Test
    void aPaperTakenOutMeanwhileIsNotLaidInAgainByAnOldPage() throws Exception {
        mvc.perform(post("/inventory/papers/" + "long-gone-".repeat(9)).param("name", "Ghost"))
                .andExpect(redirectedUrl("/inventory"));
        mvc.perform(post("/inventory/papers/{id}", " ").param("name", "Ghost")).andExpect(status().isNotFound());
        verify(inventory, never()).save(any(Paper.class));
    }

    @Test
    void aPaperInUseStays() throws Exception {
        when(inventory.cardsMadeOf(any())).thenReturn(List.of("Lantern evening"));
        mvc.perform(post("/inventory/papers/starter-white-a4/remove")).andExpect(redirectedUrl("/inventory"));
        verify(inventory, never()).remove(any(PaperId.class));
    }

    @Test
    void papersComeFromAFileAllOfThemOrNone() throws Exception {
        String good = "name,width,height,unit\nDusk,12,12,in\nDawn,210,297,mm\n";
        mvc.perform(multipart("/inventory/papers/csv").file("file", good.getBytes(StandardCharsets.UTF_8)))
                .andExpect(redirectedUrl("/inventory"));
        verify(inventory).savePapers(argThat(papers -> papers.size() == 2));
        String bad = "name,width,height,unit\nDusk,12,12,in\nDawn,tall,297,mm\n";
        mvc.perform(multipart("/inventory/papers/csv").file("file", bad.getBytes(StandardCharsets.UTF_8)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("line 3, width")));
        verify(inventory).savePapers(argThat(papers -> papers.size() == 2));
        mvc.perform(get("/inventory/papers.csv")).andExpect(content().string(containsString("name,kind,width")));
    }

    @Test
    void toolsAreKeptOrRefused() throws Exception {
        MockHttpServletRequestBuilder good = post("/inventory/tools")
                .param("longestCut", "15 1/2")
                .param("trimmerMarks", "1 mm")
                .param("sheetsAtOnce", "3")
                .param("slits", "NONE")
                .param("bed", "6 1/4")
                .param("plateLength", "9")
                .param("layers", "3")
                .param("boardWidth", "12")
                .param("grooves", "every 1/4 to 12, plus 3/8")
                .param("thickestStack", "0.9")
                .param("narrowest", "3/4")
                .param("punches", "1/8 reaching 1 1/2, hexagon 1 x 1 reaching 1")
                .param("edgePunches", "4 scallops 1/4 deep every 1/2")
                .param("rounders", "1/4, 3/8")
                .param("noHeat", "yes")
                .param("folderWidth", "5")
                .param("folderHeight", "7")
                .param("plate", "NONE");
        mvc.perform(good).andExpect(redirectedUrl("/inventory/tools"));
        ArgumentCaptor<Toolbox> kept = ArgumentCaptor.forClass(Toolbox.class);
        verify(inventory).save(kept.capture(), eq(-1L));
        assertThat(kept.getValue().trimmer().longestCut()).isEqualTo(Length.ofInches(31, 2));
        assertThat(kept.getValue().trimmer().reach().narrowest()).isEqualTo(Length.ofInches(3, 4));
        assertThat(kept.getValue().board().grooves().places()).hasSize(49);
        assertThat(kept.getValue().hand()).isEqualTo(Hand.RIGHT);
        assertThat(kept.getValue().press().layers()).isEqualTo(3);
        assertThat(kept.getValue().handTools().punches()).hasSize(2);
        assertThat(kept.getValue().handTools().folder()).contains(new Size(Length.ofInches(5), Length.ofInches(7)));
        assertThat(kept.getValue().handTools().platform()).isEmpty();
        assertThat(kept.getValue().handTools().edgePunches())
                .containsExactly(new EdgePunch(EdgePattern.SCALLOPS, Length.ofInches(1, 2), Length.ofInches(1, 4), 4));
        assertThat(kept.getValue().handTools().rounders())
                .containsExactly(Length.ofInches(1, 4), Length.ofInches(3, 8));
        assertThat(kept.getValue().handTools().canHeat()).isFalse();
        mvc.perform(post("/inventory/tools")
                        .param("longestCut", "2")
                        .param("trimmerMarks", "1 mm")
                        .param("sheetsAtOnce", "0")
                        .param("bed", "1/2")
                        .param("plateLength", "9")
                        .param("layers", "0")
                        .param("boardWidth", "12")
                        .param("punches", "1/8 reaching nowhere")
                        .param("edgePunches", "scallops 1/4")
                        .param("rounders", "1/4, round")
                        .param("platformWidth", "5")
                        .param("grooves", "every now and then"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(
                                containsString("It must be 4 to 60 in."),
                                containsString("1 to 50 sheets"),
                                containsString("1 to 10 layers"),
                                containsString("Say it as"),
                                containsString("1/8 reaching nowhere"),
                                containsString("“scallops 1/4” does not say what it cuts, how deep and how far apart."),
                                containsString("round"),
                                containsString("It must be 1 to 60 in."),
                                containsString("every now and then"))));
        mvc.perform(get("/inventory").param("paper", "starter-white-a4"))
                .andExpect(content().string(containsString("Keep the change")));
    }
}

package kwibbet.app.studio;

import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.inventory.StarterSet;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Studio;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Hand;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest(StudioController.class)
class StudioControllerTest {

    private static final Studio METRIC = new Studio(MeasureSystem.METRIC, Studio.Sheets.A4);

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of()));
    }

    /** One press: the unit is kept, paper is laid in, and the next page starts a card. */
    @Test
    void theFirstAnswerLaysPaperInAndLeadsToACard() throws Exception {
        mvc.perform(post("/studio/first").param("system", "METRIC").param("sheets", "A4"))
                .andExpect(redirectedUrl("/cards/new"));
        verify(inventory).save(METRIC, Hand.RIGHT);
        verify(inventory).savePapers(StarterSet.papers(METRIC));
    }

    @Test
    void whoHasPaperGetsNoMore() throws Exception {
        when(inventory.shelf()).thenReturn(new PaperShelf(StarterSet.papers(METRIC)));
        mvc.perform(post("/studio/first").param("system", "INCH").param("sheets", "LETTER"));
        verify(inventory, never()).savePapers(any());
    }

    @Test
    void theSettingsAreKeptOrRefusedInPlace() throws Exception {
        mvc.perform(post("/studio")
                        .param("system", "METRIC")
                        .param("sheets", "A4")
                        .param("hand", "LEFT"))
                .andExpect(redirectedUrl("/studio"));
        verify(inventory).save(METRIC, Hand.LEFT);
        mvc.perform(post("/studio")
                        .param("system", "CUBITS")
                        .param("sheets", "A4")
                        .param("hand", "LEFT"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Choose one of the list.")))
                .andExpect(content().string(containsString("value=\"LEFT\" checked")));
    }

    /** Every studio starts with paper that is one, in its own unit, each in a colour that can be told apart from its like. */
    @ParameterizedTest
    @EnumSource(Studio.Sheets.class)
    void theStarterPapersAreInTheUnitOfTheStudio(Studio.Sheets sheets) {
        for (MeasureSystem system : MeasureSystem.values()) {
            List<Paper> papers = StarterSet.papers(new Studio(system, sheets));
            assertThat(papers)
                    .allSatisfy(paper -> assertThat(paper.checked().reasons()).isEmpty())
                    .extracting(Paper::id)
                    .doesNotHaveDuplicates();
            assertThat(papers.get(0).system()).isEqualTo(system);
        }
    }
}

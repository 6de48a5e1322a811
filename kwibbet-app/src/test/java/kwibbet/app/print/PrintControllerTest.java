package kwibbet.app.print;

import java.util.List;
import java.util.Optional;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.Samples;
import kwibbet.app.store.DamagedRunException;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.NoRoomException;
import kwibbet.app.store.NoSuchRunException;
import kwibbet.app.store.PlanBook;
import kwibbet.app.store.Runs;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.run.CardRun;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest(PrintController.class)
@Import(Workshop.class)
@MockitoBean(types = PlanBook.class)
class PrintControllerTest {

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private DesignStore designs;

    @MockitoBean
    private Inventory inventory;

    @MockitoBean
    private Runs runs;

    @Test
    void aCardIsPrintedUnderItsNameEvenWithoutPaper() throws Exception {
        Design design = Samples.design("Løv & \"night\"").withSystem(MeasureSystem.METRIC);
        CardRun run = Samples.run(design).with(new Copies(2, 1));
        when(designs.get("7")).thenReturn(new StoredDesign("7", 0, run, Optional.empty(), Optional.empty()));
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of()));
        when(inventory.materials()).thenReturn(Materials.USUAL);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        // There is no room to keep what was printed: it is printed all the same.
        when(runs.settle(any())).thenThrow(Mockito.mock(NoRoomException.class));
        mvc.perform(post("/cards/7/print").param("format", "A4")).andExpect(redirectedUrl("/cards/7/handout-a4.pdf"));
        byte[] file = mvc.perform(get("/cards/7/handout-a4.pdf"))
                .andExpect(status().isOk())
                .andExpect(content().contentType("application/pdf"))
                .andExpect(header().string("Content-Disposition", containsString("inline")))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(file)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Løv & \"night\"", "Make 2 and 1 spare", "254 × 177.8 mm", "no paper chosen");
        }
        mvc.perform(get("/cards/7/handout-a3.pdf")).andExpect(status().isNotFound());
    }

    /** Looking at the handout settles nothing; printing does. */
    @Test
    void whatIsPrintedIsSettled() throws Exception {
        StoredDesign stored = new StoredDesign("7", 0, Samples.run("Kite"), Optional.empty(), Optional.empty());
        when(designs.get("7")).thenReturn(stored);
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of()));
        when(inventory.materials()).thenReturn(Materials.USUAL);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        mvc.perform(get("/cards/7/handout-letter.pdf")).andExpect(status().isOk());
        mvc.perform(get("/cards/7/print"))
                .andExpect(content().string(containsString("src=\"data:image/png;base64,")))
                .andExpect(content().string(containsString("value=\"LETTER\" checked")));
        verify(runs, never()).settle(any());
        KeptRun run = Mockito.mock(KeptRun.class);
        when(run.id()).thenReturn("8");
        when(runs.settle(stored)).thenReturn(run);
        mvc.perform(post("/cards/7/print").param("format", "LETTER"))
                .andExpect(status().isSeeOther())
                .andExpect(redirectedUrl("/runs/8/lists-letter.pdf"));
        mvc.perform(post("/cards/7/print")
                        .param("format", "A4")
                        .param("part", "STEPS")
                        .param("part", "LISTS"))
                .andExpect(redirectedUrl("/runs/8/lists-a4.pdf?part=LISTS&part=STEPS"));
        mvc.perform(post("/cards/7/print").param("format", "A3")).andExpect(status().isNotFound());
    }

    /** What is taken away is not there, and nothing at all cannot be printed. */
    @Test
    void whatIsPickedIsPrinted() throws Exception {
        StoredDesign stored = new StoredDesign("7", 0, Samples.run("Kite"), Optional.empty(), Optional.empty());
        when(designs.get("7")).thenReturn(stored);
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of()));
        when(inventory.materials()).thenReturn(Materials.USUAL);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        byte[] steps = mvc.perform(get("/cards/7/handout-a4.pdf?part=STEPS"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(steps)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Shut 5 × 7 in.", "Score Base: 5 in from the left edge.")
                    .doesNotContain("Cut list", "Score list", "at full size");
        }
        mvc.perform(get("/cards/7/print"))
                .andExpect(content().string(containsString("id=\"part-large_steps\" value=\"LARGE_STEPS\">")))
                .andExpect(content().string(containsString("value=\"STEPS\" checked=\"checked\"")));
        mvc.perform(get("/cards/7/print?picking=yes"))
                .andExpect(content().string(containsString("pick at least one")))
                .andExpect(content().string(not(containsString("id=\"print-it\""))));
    }

    @Test
    void aRunThatIsGoneOrCannotBeReadIsToldOnAPage() throws Exception {
        when(runs.get("none")).thenThrow(Mockito.mock(NoSuchRunException.class));
        mvc.perform(get("/runs/none/lists-a4.pdf")).andExpect(status().isNotFound());
        DamagedRunException damaged = Mockito.mock(DamagedRunException.class);
        when(damaged.run()).thenReturn("8");
        when(runs.plan(any())).thenThrow(damaged);
        mvc.perform(get("/runs/8/lists-a4.pdf")).andExpect(redirectedUrl("/runs/8"));
    }
}

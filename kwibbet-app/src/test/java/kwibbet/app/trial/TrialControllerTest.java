package kwibbet.app.trial;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.Samples;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.PlanBook;
import kwibbet.app.store.Runs;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.bench.RunPlan;
import kwibbet.card.Copies;
import kwibbet.card.Materials;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.run.CardRun;
import kwibbet.run.RunProgress;
import kwibbet.run.RunState;
import kwibbet.run.SettledRun;
import kwibbet.tool.Toolbox;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

/** The trial bench for one card and for a run of several. */
@WebMvcTest(TrialController.class)
@Import(Workshop.class)
@MockitoBean(types = PlanBook.class)
class TrialControllerTest {

    private static final CardRun ONE = Samples.run("Gas meter");
    private static final CardRun OTHER = Samples.run("Turnstile").with(new Copies(2, 1));

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private DesignStore designs;

    @MockitoBean
    private Inventory inventory;

    @MockitoBean
    private Runs runs;

    @Autowired
    private Workshop workshop;

    @BeforeEach
    void set() {
        StoredDesign one = new StoredDesign("1", 1, ONE, Optional.empty(), Optional.empty());
        StoredDesign other = new StoredDesign("2", 1, OTHER, Optional.empty(), Optional.empty());
        when(designs.get("1")).thenReturn(one);
        when(designs.get("2")).thenReturn(other);
        when(designs.all()).thenReturn(List.of(one, other));
        when(inventory.shelf())
                .thenReturn(new PaperShelf(List.of(Samples.paper("stock", "Stock", Length.ofInches(1, 64)))));
        when(inventory.materials()).thenReturn(Materials.USUAL);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
    }

    /** All settings done, just what was asked is there; none done, nothing is; beyond the last is the last. */
    @Test
    void aCardIsTriedStepByStep() throws Exception {
        mvc.perform(get("/cards/1/trial").param("at", "99999"))
                .andExpect(content()
                        .string(allOf(
                                containsString("<h1>Gas meter</h1>"),
                                containsString("Just what was asked comes out."),
                                containsString("href=\"/cards/1/trim\""))));
        mvc.perform(get("/cards/1/trial"))
                .andExpect(content()
                        .string(allOf(
                                containsString("The sheets lie ready."), not(containsString("Just what was asked")))));
        mvc.perform(get("/cards/1/trial")
                        .param("at", "99999")
                        .param("trouble", "SHEET_SPOILT")
                        .header("HX-Request", "true"))
                .andExpect(content()
                        .string(allOf(containsString("Not all comes out as asked."), not(containsString("<html")))));
        mvc.perform(get("/cards/1/trial")
                        .param("at", "-7")
                        .param("trouble", "rain")
                        .param("slips", "a lot"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("The sheets lie ready.")));
    }

    private static SettledRun.Line line(String card, CardRun run) {
        return new SettledRun.Line(card, run.design(), run.copies());
    }

    /** A run of several cards keeps their names. */
    @Test
    void aRunOfSeveralCardsIsTriedTogether() throws Exception {
        KeptRun run = new KeptRun(
                "8", 0, "Cutting day", RunState.OPEN, Thrift.FEWEST_SHEETS, false, List.of(), 0, RunProgress.NONE);
        when(runs.get("8")).thenReturn(run);
        RunPlan plan = workshop.together(List.of(line("1", ONE), line("2", OTHER)), Thrift.FEWEST_SHEETS)
                .run();
        when(runs.plan(run)).thenReturn(plan);
        mvc.perform(get("/runs/8/trial").param("at", "99999"))
                .andExpect(content()
                        .string(allOf(
                                containsString("<h1>Cutting day</h1>"),
                                containsString("Just what was asked comes out."),
                                containsString("Turnstile, Base"),
                                containsString("href=\"/runs/8\""))));
    }
}

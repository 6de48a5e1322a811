package kwibbet.app.runs;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.Samples;
import kwibbet.app.store.Artworks;
import kwibbet.app.store.DamagedRunException;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.Kits;
import kwibbet.app.store.NoSuchRunException;
import kwibbet.app.store.PlanBook;
import kwibbet.app.store.Runs;
import kwibbet.app.store.StaleItemException;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Studio;
import kwibbet.app.store.Workshop;
import kwibbet.bench.JointPlan;
import kwibbet.bench.RunPlan;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.run.RunProgress;
import kwibbet.run.RunState;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Shortage;
import kwibbet.stock.StockItem;
import kwibbet.tool.Toolbox;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

/** What the pages of runs answer, above all to what cannot be. */
@WebMvcTest(RunsController.class)
@Import({RunPages.class, Workshop.class})
@MockitoBean(types = {Stockroom.class, PlanBook.class, Kits.class, Artworks.class})
class RunsControllerTest {

    private static final PaperShelf SHELF =
            new PaperShelf(List.of(Samples.paper("stock", "Dusk", Length.ofMillimetres(3, 10))));
    private static final BookingKey KEY = BookingKey.ofCut("8", "A", 1);

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Runs runs;

    @MockitoBean
    private DesignStore designs;

    @MockitoBean
    private Inventory inventory;

    private static KeptRun run(RunState state) {
        return new KeptRun(
                "8",
                3,
                "Kites",
                state,
                Thrift.FEWEST_SHEETS,
                false,
                List.of(new KeptRun.Line("7", new Copies(3, 0))),
                0,
                RunProgress.NONE);
    }

    @BeforeEach
    void set() {
        RunPlan plan = RunPlan.of(
                new RunLine(
                        CardMaker.make(Samples.design("Kite"), Materials.USUAL).orThrow(), new Copies(3, 0)),
                SHELF,
                Thrift.FEWEST_SHEETS,
                Toolbox.GENERIC);
        StoredDesign kite = new StoredDesign("7", 1, Samples.run("Kite"), Optional.empty(), Optional.empty());
        when(runs.get("8")).thenReturn(run(RunState.SETTLED));
        when(runs.plan(any())).thenReturn(plan);
        when(runs.nextCut(any(), any())).thenReturn(KEY);
        when(runs.left(any())).thenReturn(Map.of("A", 3));
        when(designs.all()).thenReturn(List.of(kite));
        when(designs.get("7")).thenReturn(kite);
        when(inventory.shelf()).thenReturn(SHELF);
        when(inventory.materials()).thenReturn(Materials.USUAL);
        when(inventory.studio()).thenReturn(new Studio(MeasureSystem.INCH, Studio.Sheets.LETTER));
    }

    /** What cutting together spares is said before anything is kept. */
    @Test
    void whatJoiningSparesIsToldWhileCardsAreChosen() throws Exception {
        StoredDesign kite = designs.get("7");
        StoredDesign dial = new StoredDesign("9", 1, Samples.run("Dial"), Optional.empty(), Optional.empty());
        when(designs.all()).thenReturn(List.of(kite, dial));
        // One that is off the shelf is not counted.
        mvc.perform(get("/runs/new/together").param("card", "7", "gone"))
                .andExpect(content().string(containsString("Touch two cards or more")));
        RunPlan plan = runs.plan(run(RunState.OPEN));
        when(runs.together(any(), eq(Thrift.FEWEST_SHEETS)))
                .thenReturn(new JointPlan(plan, OptionalInt.of(plan.sheets().sheets() + 2)));
        mvc.perform(get("/runs/new/together").param("card", "7", "9"))
                .andExpect(content().string(containsString("2 are saved")));
        verify(runs, never()).keep(any(), any(), any());
    }

    /** Too few is told with what is missing, and the same key books it as found; asked twice it is told so. */
    @Test
    void whatIsShortIsToldAndBookedAsFound() throws Exception {
        Shortage shortage = new Shortage(new StockItem.Sheets(new PaperId("stock")), 13, 10);
        KeptRun run = run(RunState.SETTLED);
        when(runs.cut(KEY, run, Map.of("A", 2), false)).thenReturn(new Stockroom.TooFew(List.of(shortage)));
        when(runs.cut(KEY, run, Map.of("A", 2), true)).thenReturn(new Stockroom.Done(KEY), new Stockroom.Already(KEY));
        mvc.perform(post("/runs/8/cut")
                        .param("layout", "A")
                        .param("sheets-A", "2")
                        .param("key", KEY.value()))
                .andExpect(status().isConflict())
                .andExpect(content()
                        .string(allOf(
                                containsString("Dusk"),
                                containsString("13 taken, 10 on hand, short by 3"),
                                containsString("value=\"cut 8 A 1\""),
                                containsString("name=\"sheets-A\" value=\"2\""))));
        for (String said : List.of("They are off the shelf", "booked already")) {
            mvc.perform(post("/runs/8/cut")
                            .param("layout", "A")
                            .param("sheets-A", "2")
                            .param("found", "true")
                            .param("key", KEY.value()))
                    .andExpect(redirectedUrl("/runs/8"))
                    .andExpect(flash().attribute("said", containsString(said)));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/cut|layout=A;sheets-A=many|422|Enter a whole number",
                "/cut|layout=A;sheets-A=99999999|422|far too many",
                "/work|version=3;scored=4|422|It is 0 to 3 cards.",
                "/work|version=3;made=-1|422|It is 0 to 3 cards.",
                "|version=3;name=;make-7=2;spares-7=0|422|Give the run a name",
                "|version=3;name=A;make-7=-1;spares-7=0|422|Make 1 to 10 000",
                "|version=3;name=A;make-7=10001;spares-7=0|422|Make 1 to 10 000",
                "|version=3;name=A;make-7=1;spares-7=1001|422|Spares can be 0 to 1 000",
                "|version=3;name=A;without-7=on|422|at least one card",
            })
    void whatCannotBeIsSaidAndNothingIsDone(String path, String form, int status, String words) throws Exception {
        boolean isOpen = path == null;
        when(runs.get("8")).thenReturn(run(isOpen ? RunState.OPEN : RunState.SETTLED));
        var request = post("/runs/8" + (isOpen ? "" : path));
        for (String field : form.split(";", -1)) {
            request.param(field.substring(0, field.indexOf('=')), field.substring(field.indexOf('=') + 1));
        }
        mvc.perform(request).andExpect(status().is(status)).andExpect(content().string(containsString(words)));
        verify(runs, never()).cut(any(), any(), any(), anyBoolean());
        verify(runs, never()).change(any(), anyLong(), any(), any(), any());
    }

    /** Only of a run that is settled sheets are cut; one that is done or open says so. */
    @Test
    void sheetsAreCutOfSettledRunsOnly() throws Exception {
        for (RunState state : List.of(RunState.OPEN, RunState.DONE, RunState.PUT_AWAY)) {
            when(runs.get("8")).thenReturn(run(state));
            mvc.perform(post("/runs/8/cut").param("layout", "all"))
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(content().string(containsString("whose lists are settled")));
            mvc.perform(get("/runs/8")).andExpect(content().string(not(containsString("id=\"cut-all\""))));
        }
        verify(runs, never()).cut(any(), any(), any(), anyBoolean());
    }

    @Test
    void aRunThatIsNotThereChangedOrDamagedIsSaidInTheList() throws Exception {
        when(runs.get("9")).thenThrow(Mockito.mock(NoSuchRunException.class));
        mvc.perform(get("/runs/9"))
                .andExpect(status().isNotFound())
                .andExpect(content().string(containsString("That run is not here")));
        when(runs.replan("8", 1, false)).thenThrow(Mockito.mock(StaleItemException.class));
        mvc.perform(post("/runs/8/replan").param("version", "1"))
                .andExpect(status().isConflict())
                .andExpect(content().string(containsString("changed elsewhere")));
        DamagedRunException damaged = Mockito.mock(DamagedRunException.class);
        when(damaged.getMessage()).thenReturn("the lists of Kites cannot be read");
        when(runs.plan(any())).thenThrow(damaged);
        when(runs.all()).thenReturn(List.of(run(RunState.SETTLED)));
        mvc.perform(get("/runs/8"))
                .andExpect(status().isConflict())
                .andExpect(content()
                        .string(allOf(
                                containsString("the lists of Kites cannot be read"), containsString("3 × Kite"))));
    }

    @Test
    void aDayWithoutCardsIsNotKept() throws Exception {
        mvc.perform(post("/runs").param("name", "Market"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Choose at least one card.")));
        mvc.perform(post("/runs").param("name", "Market").param("card", "gone"))
                .andExpect(status().isUnprocessableContent());
        verify(runs, never()).keep(any(), any(), any());
    }
}

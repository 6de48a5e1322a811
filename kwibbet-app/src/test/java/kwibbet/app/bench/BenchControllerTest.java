package kwibbet.app.bench;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

import kwibbet.app.Samples;
import kwibbet.app.store.Bench;
import kwibbet.app.store.Bench.Ticked;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.Runs;
import kwibbet.bench.RunPlan;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.layout.Thrift;
import kwibbet.making.Pace;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.paper.PaperShelf;
import kwibbet.run.BenchStation;
import kwibbet.run.BenchStep;
import kwibbet.run.RunBench;
import kwibbet.run.RunProgress;
import kwibbet.run.RunState;
import kwibbet.tool.Toolbox;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

/** What the bench answers, above all where two hands were at work. */
@WebMvcTest(BenchController.class)
@Import(StationReader.class)
class BenchControllerTest {

    private static final PaperShelf SHELF =
            new PaperShelf(List.of(Samples.paper("stock", "Dusk", Length.ofMillimetres(3, 10))));
    private static final RunBench STEPS = RunBench.of(
            RunPlan.of(
                    new RunLine(
                            CardMaker.make(Samples.design("Kite"), Materials.USUAL)
                                    .orThrow(),
                            new Copies(3, 0)),
                    SHELF,
                    Thrift.FEWEST_SHEETS,
                    Toolbox.GENERIC),
            Way.BATCH);
    private static final BenchStep CUT = STEPS.at(BenchStation.TRIM).get(0);

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Bench bench;

    @MockitoBean
    private Runs runs;

    private static KeptRun run(RunState state, int phase) {
        return new KeptRun(
                "8",
                3,
                "Kites",
                state,
                Thrift.FEWEST_SHEETS,
                false,
                List.of(new KeptRun.Line("7", new Copies(3, 0))),
                phase,
                RunProgress.NONE);
    }

    @BeforeEach
    void set() {
        when(runs.get("8")).thenReturn(run(RunState.SETTLED, 1));
        when(runs.bench(any(), any())).thenReturn(STEPS);
        when(bench.mark(any())).thenReturn("3-0-0");
        when(bench.pace()).thenReturn(Pace.UNKNOWN);
        when(bench.last(any(), any())).thenReturn(OptionalInt.empty());
        when(bench.timer(any(), any())).thenReturn(Optional.empty());
        when(bench.tick(any(), any(), any(), anyInt(), any())).thenReturn(Ticked.DONE);
    }

    private static MockHttpServletRequestBuilder tick(String step, String times, int phase) {
        return post("/runs/8/bench/trim/tick")
                .header("HX-Request", "true")
                .param("at", "1")
                .param("step", step)
                .param("times", times)
                .param("key", "a")
                .param("phase", String.valueOf(phase));
    }

    @Test
    void aTickGoesOnToTheNextStep() throws Exception {
        mvc.perform(tick(CUT.key().id(), "2", 1))
                .andExpect(status().isOk())
                .andExpect(content().string(startsWith("<main id=\"work\"")))
                .andExpect(header().string("HX-Push-Url", "/runs/8/bench/trim?at=2&way=batch"));
        verify(bench).tick(eq("a"), any(), eq(CUT), eq(2), eq(Way.BATCH));
        mvc.perform(post("/runs/8/bench/trim/tick")
                        .param("step", CUT.key().id())
                        .param("times", "1")
                        .param("key", "b")
                        .param("phase", "1"))
                .andExpect(redirectedUrl("/runs/8/bench/trim?at=1&way=batch"));
    }

    /** A step of lists that were planned anew since, one that never was, a count that is none: nothing is counted, and that is said. */
    @ParameterizedTest
    @CsvSource({"1-1,2,0", "99-9,2,1", "1-1,0,1", "1-1,many,1", "' ',2,1"})
    void whatIsNoStepOfTheseListsIsNotCounted(String step, String times, int phase) throws Exception {
        mvc.perform(tick(step, times, phase))
                .andExpect(
                        content().string(containsString("Nothing was counted; these are the steps as they are now.")));
        verify(bench, never()).tick(any(), any(), any(), anyInt(), any());
    }

    @Test
    void whatSomebodyElseHasDoneOrPutAwayIsSaid() throws Exception {
        when(bench.tick(any(), any(), any(), anyInt(), any())).thenReturn(Ticked.NOTHING_LEFT);
        mvc.perform(tick(CUT.key().id(), "2", 1))
                .andExpect(content().string(containsString("ticked off on another device already")));
        when(bench.takeBack(any(), any(), any())).thenReturn(false);
        mvc.perform(post("/runs/8/bench/trim/back")
                        .header("HX-Request", "true")
                        .param("step", CUT.key().id()))
                .andExpect(content().string(containsString("nothing left to take back")));
        mvc.perform(post("/runs/8/bench/trim/timer").param("start", "true").param("step", "x".repeat(161)))
                .andExpect(redirectedUrl("/runs/8/bench/trim?at=1&way=batch"));
        verify(bench, never()).time(any(), any(), anyBoolean());
        mvc.perform(post("/runs/8/bench/trim/back").param("step", " "))
                .andExpect(redirectedUrl("/runs/8/bench/trim?at=1&way=batch"));
        when(runs.get("8")).thenReturn(run(RunState.DONE, 1));
        mvc.perform(tick(CUT.key().id(), "2", 1))
                .andExpect(content().string(containsString("This run is done: nothing was counted.")))
                .andExpect(content().string(not(containsString("step-done"))));
        when(runs.get("8")).thenReturn(run(RunState.OPEN, 1));
        mvc.perform(get("/runs/8/bench/trim")).andExpect(redirectedUrl("/runs/8"));
        mvc.perform(get("/runs/8/bench/oven")).andExpect(status().isNotFound());
    }

    /** Asked every second, it answers only where something was done. */
    @Test
    void progressIsAnsweredWhereThereIsSome() throws Exception {
        mvc.perform(get("/runs/8/bench/trim/progress?at=1&seen=3-0-0")).andExpect(status().isNoContent());
        mvc.perform(get("/runs/8/bench/trim/progress?at=1&seen=3-1-0"))
                .andExpect(content().string(containsString("id=\"since\"")))
                .andExpect(content().string(containsString("hx-swap-oob=\"true\"")));
        mvc.perform(get("/runs/8/bench/trim?at=70000")).andExpect(content().string(containsString("Step 1 of ")));
        mvc.perform(get("/runs/8/bench")).andExpect(redirectedUrl("/runs/8/bench/trim"));
    }
}

package kwibbet.app.card;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;

import kwibbet.app.Samples;
import kwibbet.app.store.Artworks;
import kwibbet.app.store.Bench;
import kwibbet.app.store.DamagedDesign;
import kwibbet.app.store.DamagedDesignException;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Edit;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.NoRoomException;
import kwibbet.app.store.PlanBook;
import kwibbet.app.store.Readiness;
import kwibbet.app.store.Runs;
import kwibbet.app.store.StaleDesignException;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.card.Copies;
import kwibbet.card.Materials;
import kwibbet.card.OwnMaking;
import kwibbet.card.OwnStep;
import kwibbet.card.PieceId;
import kwibbet.card.Side;
import kwibbet.making.Making;
import kwibbet.making.Pace;
import kwibbet.making.Timing;
import kwibbet.making.Way;
import kwibbet.paper.PaperShelf;
import kwibbet.run.CardRun;
import kwibbet.tool.Toolbox;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

/** How the card's pages answer when their collaborators do what is hard to bring about for real. */
@WebMvcTest(CardController.class)
@Import({CardEdits.class, Workshop.class})
@MockitoBean(types = {PlanBook.class, Runs.class, Artworks.class})
class CardControllerTest {

    private static final CardRun RUN = Samples.run("Card");
    private static final StoredDesign STORED = new StoredDesign("7", 4, RUN, Optional.empty(), Optional.empty());

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private DesignStore designs;

    @MockitoBean
    private Inventory inventory;

    @MockitoBean
    private Readiness readiness;

    @MockitoBean
    private Bench bench;

    @BeforeEach
    void set() {
        when(designs.get("7")).thenReturn(STORED);
        when(designs.madeBy(any(), any())).thenReturn(Optional.empty());
        when(designs.current("7", 4)).thenReturn(STORED);
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of()));
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        when(inventory.materials()).thenReturn(Materials.USUAL);
        when(bench.pace()).thenReturn(new Pace(List.of(new Timing("SCORE", 12, Duration.ofMinutes(6)))));
    }

    @Test
    void aCardWhosePaperIsGoneIsStillShownAndSaysSo() throws Exception {
        mvc.perform(get("/cards/7/sheets"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("has no paper on the shelf")));
    }

    @Test
    void aGoodEntryIsSavedAgainstTheVersionSeenAndAnsweredWithTheWork() throws Exception {
        when(designs.save(eq("7"), eq(4L), any(), any())).thenReturn(STORED);
        mvc.perform(post("/cards/7/run")
                        .header("HX-Request", "true")
                        .param("version", "4")
                        .param("make", "5")
                        .param("spares", "1"))
                .andExpect(status().isOk())
                .andExpect(content().string(startsWith("<main id=\"work\"")));
        verify(designs).save("7", 4, RUN.with(new Copies(5, 1)), Edit.of("the count"));
    }

    /** A card that was edited is shown before it is planned; its figures come after, the same as on a page that waits for them. */
    @Test
    void figuresOfAPlanComeAfterTheCard() throws Exception {
        StoredDesign edited = new StoredDesign("7", 5, Samples.run("Edited"), Optional.empty(), Optional.empty());
        when(designs.save(any(), anyLong(), any(), any())).thenReturn(edited);
        mvc.perform(post("/cards/7/run")
                        .header("HX-Request", "true")
                        .param("version", "4")
                        .param("make", "5")
                        .param("spares", "1"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("data-figures=\"/cards/7/figures?station=card\"")))
                .andExpect(content().string(containsString("<span class=\"reading awaited\"></span>")))
                .andExpect(content().string(containsString("<span class=\"reading\">1 piece</span>")));
        when(designs.get("7")).thenReturn(edited);
        String line = mvc.perform(get("/cards/7/figures").header("HX-Request", "true"))
                .andExpect(status().isOk())
                .andExpect(content().string(not(containsString("awaited"))))
                .andExpect(content().string(not(containsString("data-figures"))))
                .andReturn()
                .getResponse()
                .getContentAsString();
        mvc.perform(get("/cards/7")).andExpect(content().string(containsString(line)));
    }

    @Test
    void withoutScriptAGoodEntryLeadsBackToThePage() throws Exception {
        when(designs.save(any(), anyLong(), any(), any())).thenReturn(STORED);
        mvc.perform(post("/cards/7/run")
                        .param("version", "4")
                        .param("station", "sheets")
                        .param("make", "5")
                        .param("spares", "1"))
                .andExpect(redirectedUrl("/cards/7/sheets?held=base"));
    }

    @Test
    void whatIsLookedAtIsNeverTrusted() throws Exception {
        when(designs.undo(any(), anyLong(), any())).thenReturn(STORED);
        mvc.perform(post("/cards/7/undo")
                        .param("version", "4")
                        .param("held", "../../x")
                        .param("station", "moon"))
                .andExpect(redirectedUrl("/cards/7?held=base"));
        mvc.perform(get("/cards/7").param("held", "<script>").param("pose", "sideways"))
                .andExpect(status().isOk())
                .andExpect(content().string(not(containsString("<script>\""))))
                .andExpect(content().string(containsString("in hand")));
        // Made to no version it is made to none that is there.
        mvc.perform(post("/cards/7/undo").param("version", "many"));
        verify(designs).undo(eq("7"), eq(-1L), any());
        mvc.perform(post("/cards/7/additions/mat-9").param("version", "4")).andExpect(status().isNotFound());
        mvc.perform(post("/cards/7/additions/{name}", "No Name").param("version", "4"))
                .andExpect(status().isNotFound());
    }

    @Test
    void aWrongEntryNeverReachesTheStore() throws Exception {
        mvc.perform(post("/cards/7/base").param("version", "4").param("width", "wide"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("is not a length")));
        verify(designs, never()).save(any(), anyLong(), any(), any());
    }

    @Test
    void aStalePageIsAnsweredInThePageOrWithOneOfItsOwn() throws Exception {
        StaleDesignException stale = Mockito.mock(StaleDesignException.class);
        when(stale.id()).thenReturn("7");
        when(designs.undo(any(), anyLong(), any())).thenThrow(stale);
        mvc.perform(post("/cards/7/undo").header("HX-Request", "true").param("version", "3"))
                .andExpect(status().isConflict())
                .andExpect(header().string("HX-Retarget", "#notice"))
                .andExpect(content().string(containsString("changed elsewhere")));
        mvc.perform(post("/cards/7/undo").param("version", "3"))
                .andExpect(status().isConflict())
                .andExpect(content().string(containsString("<!DOCTYPE html>")))
                .andExpect(content().string(containsString("href=\"/cards/7\"")));
    }

    @Test
    void aFaultOnOurSideHasAPageAndShowsNoInsides() throws Exception {
        when(designs.get("7")).thenThrow(new IllegalStateException("row 12 of table x"));
        mvc.perform(get("/cards/7"))
                .andExpect(status().isInternalServerError())
                .andExpect(content().string(containsString("Something broke on our side")))
                .andExpect(content().string(not(containsString("row 12"))));
    }

    /** Who has gone on before the answer was there is told nothing, least of all that something broke. */
    @Test
    void nobodyIsToldOfAnAnswerNobodyWaitedFor() throws Exception {
        when(designs.get("7"))
                .thenThrow(new HttpMessageNotWritableException(
                        "half way", new AsyncRequestNotUsableException("the browser has gone")));
        mvc.perform(get("/cards/7/fold/motion")).andExpect(content().string(""));
    }

    /** The frames of a card are those of its own folding: a plain card has two leaves and one step. */
    @Test
    void theFramesOfACardComeAsJson() throws Exception {
        mvc.perform(get("/cards/7/fold/motion"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.steps").value(1))
                .andExpect(jsonPath("$.leaves.length()").value(2));
    }

    @Test
    void theSheetsOfACardComeAsFold() throws Exception {
        mvc.perform(get("/cards/7/card.fold"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$['kwibbet:faces'].length()").value(2))
                .andExpect(jsonPath("$.file_frames.length()").value(1));
    }

    /** It is over: the whole page takes the place of the line that asks, at whichever station. */
    @Test
    void aHuntThatIsOverBringsThePage() throws Exception {
        for (String station : List.of("sheets", "trim")) {
            mvc.perform(get("/cards/7/" + station + "/hunt").param("shown", "0").header("HX-Request", "true"))
                    .andExpect(status().isOk())
                    .andExpect(header().string("HX-Retarget", "#work"))
                    .andExpect(content()
                            .string(allOf(
                                    startsWith("<main id=\"work\""), containsString("id=\"" + station + "-title\""))));
            mvc.perform(post("/cards/7/" + station + "/stop")).andExpect(redirectedUrl("/cards/7/" + station));
        }
        mvc.perform(get("/cards/7/press/hunt").param("shown", "0")).andExpect(status().isNotFound());
    }

    /** Its answer was lost on the way; sent once more it is answered with what it had done. */
    @Test
    void anEditSentTwiceIsAnsweredAndNotDoneAgain() throws Exception {
        when(designs.madeBy("7", new Edit("", "edit-1", ""))).thenReturn(Optional.of(STORED));
        mvc.perform(post("/cards/7/additions/mat-9/remove")
                        .header("HX-Request", "true")
                        .param("edit", "edit-1")
                        .param("version", "3"))
                .andExpect(status().isOk())
                .andExpect(content().string(startsWith("<main id=\"work\"")));
        verify(designs, never()).save(any(), anyLong(), any(), any());
    }

    @Test
    void aFullDiskIsSaidAndNothingElseIsClaimed() throws Exception {
        when(designs.save(any(), anyLong(), any(), any())).thenThrow(new NoRoomException("7 bytes are free"));
        mvc.perform(post("/cards/7/run")
                        .header("HX-Request", "true")
                        .param("version", "4")
                        .param("make", "5")
                        .param("spares", "1"))
                .andExpect(status().isInsufficientStorage())
                .andExpect(content().string(containsString("The disk is full")));
        mvc.perform(get("/cards/7")).andExpect(status().isOk());
    }

    /** Its disk filled up in the midst of a write, and it closed; what was asked can be asked again, which a fault of ours could not. */
    @Test
    void dataThatIsClosedForAMomentIsNoFault() throws Exception {
        when(designs.get("7")).thenThrow(new DataAccessResourceFailureException("The database has been closed"));
        mvc.perform(get("/cards/7")).andExpect(status().isInternalServerError());
        when(readiness.opensAgain(any())).thenReturn(true);
        mvc.perform(get("/cards/7"))
                .andExpect(status().isServiceUnavailable())
                .andExpect(content().string(containsString("The disk is full")));
    }

    @Test
    void aDamagedCardOffersTheStateBefore() throws Exception {
        DamagedDesignException damaged = Mockito.mock(DamagedDesignException.class);
        when(damaged.design()).thenReturn(new DamagedDesign("7", 12, "Night train", true, "Words are missing here."));
        when(designs.get("7")).thenThrow(damaged);
        mvc.perform(get("/cards/7"))
                .andExpect(status().isConflict())
                .andExpect(content().string(containsString("“Night train” cannot be read")))
                .andExpect(content().string(containsString("action=\"/cards/7/undo\"")))
                .andExpect(content().string(containsString("name=\"version\" value=\"12\"")));
    }

    /** What was typed into one form is not taken for what another shows. */
    @Test
    void theNameOfALayerIsNotTakenForThatOfTheCard() throws Exception {
        mvc.perform(post("/cards/7/base")
                        .header("HX-Request", "true")
                        .param("version", "4")
                        .param("width", "wide")
                        .param("name", "Not the card"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("id=\"card-name\" name=\"name\"")))
                .andExpect(content().string(not(containsString("Not the card"))));
    }

    @Test
    void aWayOutThatIsThereNoLongerIsRefused() throws Exception {
        mvc.perform(post("/cards/7/findings")
                        .header("HX-Request", "true")
                        .param("version", "4")
                        .param("finding", "partly-on@mat-1@0,0,1,1"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("needs putting right no longer")));
    }

    /** What is wrong is said beside where it was entered, and stays; what is in the way of another order is said with its reasons. */
    @Test
    void whatAMakerChangesAboutTheMakingIsKeptOrRefusedWithItsReason() throws Exception {
        mvc.perform(own("add")
                        .param("own-words", " ")
                        .param("own-minutes", "many")
                        .param("own-place", "base UP"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Say what to do")))
                .andExpect(content().string(containsString("value=\"many\"")));
        Making making = new Workshop(inventory, Mockito.mock(PlanBook.class))
                .run(RUN)
                .plan()
                .makeOf(new Workshop(inventory, Mockito.mock(PlanBook.class)).card(RUN.design()), Way.ONE);
        String first = making.steps().get(0).id();
        String second = making.steps().get(1).id();
        mvc.perform(own("now").param("step", second).param("in-hand", first))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("That cannot come first. Step 1 comes before 2: ")));
        when(designs.save(eq("7"), eq(4L), any(), any())).thenReturn(STORED);
        mvc.perform(own("add")
                        .param("own-words", "Sign it")
                        .param("own-place", "base UNDER")
                        .param("own-when", "after")
                        .param("step", first))
                .andExpect(status().isOk());
        OwnMaking kept = OwnMaking.NONE
                .plus(new OwnStep("own-1", PieceId.BASE, Side.UNDER, "Sign it", "", 0, 0))
                .ordered(first, "own-1");
        verify(designs).save("7", 4, RUN.with(RUN.design().with(kept)), Edit.of("how it is made"));
    }

    private static MockHttpServletRequestBuilder own(String change) {
        return post("/cards/7/own")
                .header("HX-Request", "true")
                .param("version", "4")
                .param("station", "make")
                .param("change", change);
    }
}

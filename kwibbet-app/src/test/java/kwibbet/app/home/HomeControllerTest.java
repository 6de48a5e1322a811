package kwibbet.app.home;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.store.DamagedDesign;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.DesignStore.Look;
import kwibbet.app.store.DesignStore.Order;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.PlanBook;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Studio;
import kwibbet.app.store.Workshop;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.card.base.FoldedBase;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.run.CardRun;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest(HomeController.class)
@Import(Workshop.class)
@MockitoBean(types = PlanBook.class)
class HomeControllerTest {

    private static final Paper STOCK = new Paper(
            new PaperId("stock"),
            "Stock",
            PaperKind.CARD_STOCK,
            new Paper.Format(SheetSizes.LETTER, MeasureSystem.INCH, Length.ZERO),
            new Paper.Face(Colour.WHITE, Pattern.PLAIN),
            new Paper.Body(Grain.UNKNOWN, 270, Length.ofMillimetres(3, 10)),
            new Paper.Kept(10, 0),
            Optional.empty());

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private DesignStore designs;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of(STOCK)));
        when(inventory.materials()).thenReturn(Materials.USUAL);
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
        when(designs.shelf(any(), anyInt(), anyInt())).thenReturn(new DesignStore.Shelf(List.of(), List.of(), false));
        when(inventory.chosenStudio()).thenReturn(Optional.of(Studio.UNCHOSEN));
    }

    private Design created() {
        ArgumentCaptor<CardRun> design = ArgumentCaptor.forClass(CardRun.class);
        verify(designs).create(design.capture());
        return design.getValue().design();
    }

    private void answerCreate() {
        when(designs.create(any()))
                .thenAnswer(call -> new StoredDesign("9", 0, call.getArgument(0), Optional.empty(), Optional.empty()));
    }

    @Test
    void aCardThatCannotBeReadIsToldAndTheShelfStands() throws Exception {
        DamagedDesign damaged = new DamagedDesign("8", 3, "Half a card", true, "Words are missing.");
        when(designs.shelf(any(), anyInt(), anyInt()))
                .thenReturn(new DesignStore.Shelf(List.of(), List.of(damaged), false));
        mvc.perform(get("/"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Half a card")))
                .andExpect(content().string(containsString("href=\"/cards/8\"")));
    }

    @Test
    void whatDoesNotFitOnTheShelfComesWhenOneGetsThere() throws Exception {
        Look called = new Look("lamp", Order.NAME, false);
        StoredDesign lamp = lamp();
        when(designs.shelf(eq(called), eq(2), anyInt()))
                .thenReturn(new DesignStore.Shelf(List.of(lamp), List.of(), true));
        mvc.perform(get("/?page=2&words=lamp&order=NAME"))
                .andExpect(content()
                        .string(allOf(
                                containsString("href=\"/?page=1&amp;words=lamp&amp;order=NAME\""),
                                containsString("hx-get=\"/?page=3&amp;words=lamp&amp;order=NAME\""),
                                containsString("href=\"/cards/7\""))));
        mvc.perform(get("/?page=-4")).andExpect(content().string(not(containsString("/?page="))));
        mvc.perform(get("/?words=nothing&order=any"))
                .andExpect(content().string(containsString("No card on the shelf is called “nothing”.")));
    }

    private static StoredDesign lamp() {
        Design design = Design.of("Lamp", MeasureSystem.INCH, Bases.ALL.get(0), Settings.PRESET, STOCK.id());
        CardRun run = new CardRun(design, new Copies(1, 0), Thrift.FEWEST_SHEETS);
        return new StoredDesign("7", 0, run, Optional.empty(), Optional.empty());
    }

    /** What was taken off the shelf has a place, and comes back from it. */
    @Test
    void cardsOffTheShelfCanBePutBack() throws Exception {
        mvc.perform(get("/")).andExpect(content().string(not(containsString("href=\"/away\""))));
        when(designs.hasAway()).thenReturn(true);
        mvc.perform(get("/")).andExpect(content().string(containsString("href=\"/away\"")));
        StoredDesign lamp = lamp();
        when(designs.shelf(eq(new Look("", Order.RECENT, true)), eq(1), anyInt()))
                .thenReturn(new DesignStore.Shelf(List.of(lamp), List.of(), false));
        mvc.perform(get("/away"))
                .andExpect(content()
                        .string(allOf(
                                containsString("action=\"/cards/7/restore\""),
                                not(containsString("href=\"/cards/7\"")))));
    }

    @Test
    void aMakerWithoutPaperIsShownTheWayToSome() throws Exception {
        when(inventory.shelf()).thenReturn(new PaperShelf(List.of()));
        mvc.perform(get("/"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(containsString("Nothing on the shelf yet"), containsString("/inventory"))));
        mvc.perform(get("/cards/new")).andExpect(content().string(containsString("Lay in the starter paper")));
    }

    @Test
    void anEverydaySizeBringsItsSystem() throws Exception {
        answerCreate();
        mvc.perform(post("/cards").param("size", "a6").param("paper", "stock").param("base", "gate"))
                .andExpect(redirectedUrl("/cards/9"));
        Design design = created();
        assertThatItIs(design, Length.ofMillimetres(105), Length.ofMillimetres(148), MeasureSystem.METRIC, "Gate");
    }

    @Test
    void everyBaseIsDrawnAtTheSizeChosenOrSaysWhyItCannotBe() throws Exception {
        mvc.perform(get("/cards/new").param("size", "five-by-seven"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(matchesPattern("(?s)(.*?class=\"base-picture\"><svg){" + Bases.ALL.size() + "}.*")));
        mvc.perform(get("/cards/new")
                        .param("size", "own")
                        .param("system", "INCH")
                        .param("width", "1")
                        .param("height", "1"))
                .andExpect(content().string(containsString("Opening must be 1/2 to 24 in")));
    }

    @Test
    void anOwnSizeIsReadInItsSystem() throws Exception {
        answerCreate();
        mvc.perform(post("/cards")
                        .param("name", "Mine")
                        .param("size", "own")
                        .param("system", "INCH")
                        .param("width", "4 1/3")
                        .param("height", "148mm")
                        .param("paper", "stock"))
                .andExpect(redirectedUrl("/cards/9"));
        assertThatItIs(created(), Length.ofInches(13, 3), Length.ofMillimetres(148), MeasureSystem.INCH, "Mine");
    }

    /** Said as makers say it, a blank is the card that is cut so; what it cannot be is not offered. */
    @Test
    void aBlankThatIsSaidIsACard() throws Exception {
        answerCreate();
        mvc.perform(get("/cards/new").param("size", "said").param("blank", "10 × 7, score at 2 1/2 and 7 1/2"))
                .andExpect(content().string(containsString("value=\"gate\"")))
                .andExpect(content().string(not(containsString("value=\"folded\""))));
        mvc.perform(post("/cards")
                        .param("size", "said")
                        .param("blank", "5 × 9")
                        .param("paper", "stock")
                        .param("base", "folded"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Say it like this")));
        mvc.perform(post("/cards")
                        .param("size", "said")
                        .param("blank", "4 1/4 × 8 1/2, score at 5 1/2")
                        .param("paper", "stock")
                        .param("base", "folded"))
                .andExpect(redirectedUrl("/cards/9"));
        Design design = created();
        assertThat(design.finished()).isEqualTo(new Size(Length.ofInches(17, 4), Length.ofInches(11, 2)));
        assertThat(design.settings().length(FoldedBase.SHORT_BY)).isEqualTo(Length.ofInches(5, 2));
    }

    private static void assertThatItIs(Design design, Length width, Length height, MeasureSystem system, String name) {
        assertThat(CardMaker.make(design, Materials.USUAL).orThrow().form().finished())
                .isEqualTo(new Size(width, height));
        assertThat(design.system()).isEqualTo(system);
        assertThat(design.name()).isEqualTo(name);
    }

    @Test
    void whatCannotBeACardIsAnsweredOnThePageWithWhatWasTyped() throws Exception {
        mvc.perform(post("/cards")
                        .param("name", "Kept name")
                        .param("size", "own")
                        .param("system", "INCH")
                        .param("width", "0")
                        .param("height", "tall"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(
                                containsString("Kept name"),
                                containsString("must be more than 0"),
                                containsString("“tall” is not a length"),
                                containsString("Choose a paper."))));
        mvc.perform(post("/cards")
                        .param("size", "own")
                        .param("system", "INCH")
                        .param("width", "40")
                        .param("height", "5")
                        .param("paper", "stock"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Width must be 1 to 24 in, not 40 in.")));
        verify(designs, never()).create(any());
    }
}

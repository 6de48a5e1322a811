package kwibbet.app.offcuts;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Studio;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Size;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest(OffcutsController.class)
class OffcutsControllerTest {

    private static final PaperId DUSK = new PaperId("dusk");
    private static final Size STRIP = new Size(Length.ofMillimetres(60), Length.ofMillimetres(297));

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @MockitoBean
    private Stockroom stockroom;

    @BeforeEach
    void set() {
        when(inventory.studio()).thenReturn(new Studio(MeasureSystem.METRIC, Studio.Sheets.A4));
        when(inventory.newOffcutId()).thenReturn(new OffcutId("new"));
        Paper dusk = new Paper(
                DUSK,
                "Dusk",
                PaperKind.CARD_STOCK,
                new Paper.Format(SheetSizes.of(SheetSizes.Family.A, 4), MeasureSystem.METRIC, Length.ZERO),
                new Paper.Face(Colour.WHITE, Pattern.PLAIN),
                new Paper.Body(Grain.UNKNOWN, 270, Length.ofMillimetres(3, 10)),
                new Paper.Kept(10, 25),
                Optional.empty());
        when(inventory.shelf())
                .thenReturn(new PaperShelf(List.of(dusk), List.of(new Offcut(new OffcutId("strip"), DUSK, STRIP, 4))));
    }

    /** Sizes are read and shown in the system of their paper. */
    @Test
    void theDrawerIsShownAndPutInto() throws Exception {
        mvc.perform(get("/offcuts"))
                .andExpect(content().string(allOf(containsString("Dusk"), containsString("4 of it"))))
                .andExpect(content().string(containsString("297")));
        mvc.perform(post("/offcuts")
                        .param("paper", "dusk")
                        .param("width", "60")
                        .param("height", "297")
                        .param("count", "2"))
                .andExpect(redirectedUrl("/offcuts"));
        verify(stockroom).putIn(any(), eq(new Offcut(new OffcutId("new"), DUSK, STRIP, 2)));
        mvc.perform(post("/offcuts/strip/take")).andExpect(redirectedUrl("/offcuts"));
        verify(stockroom).takeOne(any(), eq(new OffcutId("strip")));
    }

    @Test
    void whatCannotBeIsSaidBesideTheField() throws Exception {
        mvc.perform(post("/offcuts")
                        .param("paper", "none")
                        .param("width", "wide")
                        .param("height", "0")
                        .param("count", "0"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(
                                containsString("Choose the paper it is of."),
                                containsString("value=\"wide\""),
                                containsString("It must be more than 0."),
                                containsString("Put in at least one."))));
        mvc.perform(post("/offcuts")
                        .param("paper", "dusk")
                        .param("width", "1")
                        .param("height", "9000")
                        .param("count", "20000"))
                .andExpect(content()
                        .string(allOf(containsString("An offcut is"), containsString("at most 10 000 of it"))));
        verify(stockroom, never()).putIn(any(), any());
    }
}

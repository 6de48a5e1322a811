package kwibbet.app.inventory;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.Samples;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Runs;
import kwibbet.app.store.Stockroom;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Size;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Movement;
import kwibbet.stock.Reason;
import kwibbet.stock.Shortage;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest({StockController.class, MovementLines.class})
class StockControllerTest {

    private static final PaperId STOCK = new PaperId("stock");
    private static final StockItem SHEETS = new StockItem.Sheets(STOCK);
    private static final StockItem STRIPS =
            new StockItem.Leftovers(STOCK, new Size(Length.ofInches(4), Length.ofInches(12)));
    private static final String MOVEMENTS = "/inventory/papers/stock/movements";

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @MockitoBean
    private Stockroom stockroom;

    @MockitoBean
    private Runs runs;

    private static StockEntry entry(String key, String what, StockItem item, int amount, Reason reason, int onHand) {
        return new StockEntry(
                new BookingKey(key),
                Instant.parse("2026-03-01T10:00:00Z"),
                what,
                Optional.of("7").filter(run -> key.startsWith("cut")),
                new Movement(item, amount, reason),
                onHand,
                false);
    }

    @BeforeEach
    void set() {
        when(inventory.shelf())
                .thenReturn(new PaperShelf(List.of(Samples.paper("stock", "Stock", Length.ofMillimetres(3, 10)))));
        when(stockroom.entries(STOCK))
                .thenReturn(List.of(
                        entry("cut 7 1", "=Night train", SHEETS, -3, Reason.CUT, 7),
                        entry("cut 7 1", "=Night train", STRIPS, 3, Reason.PUT_IN, 3),
                        entry("opening", "on hand at the start", SHEETS, 10, Reason.COUNTED, 10)));
    }

    /** One booking is taken back in one place, and what nobody booked is not. */
    @Test
    void whatCameAndWentIsListedWithItsSums() throws Exception {
        String page = mvc.perform(get(MOVEMENTS))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("&minus;3"), containsString("+10"), containsString("at the start"))))
                .andExpect(content().string(containsString("href=\"/cards/7/sheets\"")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page.split("action=\"" + MOVEMENTS + "/back\"", -1)).hasSize(2);
        when(runs.isKept("7")).thenReturn(true);
        mvc.perform(get(MOVEMENTS)).andExpect(content().string(containsString("href=\"/runs/7\"")));
        mvc.perform(get("/inventory/papers/gone/movements")).andExpect(redirectedUrl("/inventory"));
    }

    /** Cells as sheet programs do not run them. */
    @Test
    void theListIsThereAsCsv() throws Exception {
        mvc.perform(get(MOVEMENTS + ".csv"))
                .andExpect(
                        content()
                                .string(
                                        """
                                time,of,change,on hand,why,what,booking\r
                                2026-03-01T10:00:00Z,sheets,-3,7,cut,'=Night train,cut 7 1\r
                                2026-03-01T10:00:00Z,4 in × 12 in,3,3,put into the drawer,'=Night train,cut 7 1\r
                                2026-03-01T10:00:00Z,sheets,10,10,counted,on hand at the start,opening\r
                                """));
        mvc.perform(get("/inventory/papers/gone/movements.csv")).andExpect(status().isNotFound());
    }

    @Test
    void sheetsAreBoughtSpoiltAndCounted() throws Exception {
        BookingKey key = new BookingKey("key");
        when(stockroom.said(any(), any(), any(), anyLong())).thenReturn(new Stockroom.Done(key));
        mvc.perform(post(MOVEMENTS)
                        .param("key", "key")
                        .param("reason", "BOUGHT")
                        .param("sheets", "25"))
                .andExpect(redirectedUrl(MOVEMENTS));
        verify(stockroom).said(key, SHEETS, Reason.BOUGHT, 25);
        mvc.perform(post(MOVEMENTS)
                        .param("key", "key")
                        .param("reason", "SPOILT")
                        .param("sheets", "2"))
                .andExpect(redirectedUrl(MOVEMENTS));
        verify(stockroom).said(key, SHEETS, Reason.SPOILT, 2);
        mvc.perform(post(MOVEMENTS)
                        .param("key", "key")
                        .param("reason", "COUNTED")
                        .param("sheets", "0"))
                .andExpect(redirectedUrl(MOVEMENTS));
        verify(stockroom).said(key, SHEETS, Reason.COUNTED, 0);
    }

    @Test
    void whatCannotBeBookedIsSaidBesideTheFieldAndStays() throws Exception {
        for (String sheets : List.of("0", "-3", "many", "100001", "")) {
            mvc.perform(post(MOVEMENTS).param("reason", "BOUGHT").param("sheets", sheets))
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(content().string(containsString("value=\"" + sheets + "\"")));
        }
        verify(stockroom, never()).said(any(), any(), any(), anyLong());
        when(stockroom.said(any(), any(), any(), anyLong()))
                .thenReturn(new Stockroom.TooFew(List.of(new Shortage(SHEETS, 8, 7))));
        mvc.perform(post(MOVEMENTS).param("reason", "SPOILT").param("sheets", "8"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("There are only 7 on hand.")));
    }

    @Test
    void whatIsUsedSinceIsNotTakenBack() throws Exception {
        when(stockroom.takeBack(new BookingKey("pack")))
                .thenReturn(new Stockroom.TooFew(List.of(new Shortage(SHEETS, 8, 7))));
        mvc.perform(post(MOVEMENTS + "/back").param("key", "pack"))
                .andExpect(redirectedUrl(MOVEMENTS))
                .andExpect(flash().attributeExists("problem"));
    }
}

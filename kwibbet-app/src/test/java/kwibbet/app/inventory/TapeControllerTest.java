package kwibbet.app.inventory;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Runs;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Studio;
import kwibbet.card.Tape;
import kwibbet.measure.Length;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Movement;
import kwibbet.stock.Reason;
import kwibbet.stock.Shortage;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest({TapeController.class, MovementLines.class})
@MockitoBean(types = Runs.class)
class TapeControllerTest {

    private static final Tape EIGHTH = new Tape.Foam(Length.ofInches(1, 8));
    private static final StockItem FOAM = new StockItem.Taped(EIGHTH);
    private static final BookingKey KEY = new BookingKey("key");

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @MockitoBean
    private Stockroom stockroom;

    @BeforeEach
    void set() {
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
        when(stockroom.tapes()).thenReturn(List.of(new Stockroom.TapeOnHand(EIGHTH, Length.ofInches(55))));
        when(stockroom.entries(EIGHTH))
                .thenReturn(List.of(new StockEntry(
                        KEY,
                        Instant.parse("2026-03-01T10:00:00Z"),
                        "bought",
                        Optional.empty(),
                        new Movement(FOAM, Length.ofInches(55).toTicks(), Reason.BOUGHT),
                        Length.ofInches(55).toTicks(),
                        false)));
        when(stockroom.book(any())).thenReturn(new Stockroom.Done(KEY));
    }

    @Test
    void eachTapeHasItsMovements() throws Exception {
        mvc.perform(get("/inventory/tape").param("high", "1/8"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("foam tape, 1/8 in high"),
                                containsString("bought"),
                                containsString("Take back"))));
        mvc.perform(get("/inventory/tape"))
                .andExpect(content().string(allOf(containsString("Nothing came or went yet"), containsString("55"))));
        mvc.perform(get("/inventory/tape/movements.csv").param("high", "1/8"))
                .andExpect(
                        content()
                                .string(
                                        """
                                time,of,change,on hand,why,what,booking\r
                                2026-03-01T10:00:00Z,"foam tape, 1/8 in high",55 in,55 in,bought,bought,key\r
                                """));
    }

    /** As it stands on a roll: in yards, feet or metres. */
    @ParameterizedTest
    @CsvSource({"10 yd,360", "33 ft,396", "2.54 m,100", "7,7"})
    void aRollIsBookedAsItIsBought(String typed, int inches) throws Exception {
        mvc.perform(post("/inventory/tape")
                        .param("key", "key")
                        .param("reason", "BOUGHT")
                        .param("length", typed)
                        .param("high", "1/8"))
                .andExpect(redirectedUrl("/inventory/tape?high=1%2F8"));
        verify(stockroom)
                .book(Booking.of(KEY, "bought", FOAM, Length.ofInches(inches).toTicks(), Reason.BOUGHT));
    }

    @Test
    void whatIsWrongIsSaidBesideItsField() throws Exception {
        for (String length : List.of("", "0", "-3", "4000 m", "much")) {
            mvc.perform(post("/inventory/tape").param("reason", "BOUGHT").param("length", length))
                    .andExpect(status().isUnprocessableContent());
        }
        for (String high : List.of("0", "2", "high")) {
            mvc.perform(post("/inventory/tape")
                            .param("reason", "BOUGHT")
                            .param("length", "7")
                            .param("high", high))
                    .andExpect(status().isUnprocessableContent());
        }
        verify(stockroom, never()).book(any());
        when(stockroom.book(any())).thenReturn(new Stockroom.TooFew(List.of(new Shortage(FOAM, 2, 1))));
        mvc.perform(post("/inventory/tape")
                        .param("reason", "SPOILT")
                        .param("length", "99")
                        .param("high", "1/8"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("There is only")));
    }
}

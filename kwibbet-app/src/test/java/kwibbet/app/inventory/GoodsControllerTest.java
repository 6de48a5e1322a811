package kwibbet.app.inventory;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.Runs;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.Studio;
import kwibbet.card.Tape;
import kwibbet.measure.Length;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Movement;
import kwibbet.stock.Reason;
import kwibbet.stock.Shortage;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;

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
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

@WebMvcTest({GoodsController.class, MovementLines.class})
@MockitoBean(types = Runs.class)
class GoodsControllerTest {

    private static final Tape EIGHTH = new Tape.Foam(Length.ofInches(1, 8));
    private static final StockItem.Goods FOAM = new StockItem.Taped(EIGHTH);
    private static final StockItem.Goods BRAD = new StockItem.Named("brad", StockItem.Measure.COUNT);
    private static final StockItem.Goods FILLER = new StockItem.Named("filler", StockItem.Measure.VOLUME);
    private static final String KEY_OF_FOAM = Stockroom.keyOf(FOAM);
    private static final BookingKey KEY = new BookingKey("key");

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @MockitoBean
    private Stockroom stockroom;

    @MockitoBean
    private UsedUp usedUp;

    @BeforeEach
    void set() {
        when(inventory.studio()).thenReturn(Studio.UNCHOSEN);
        when(usedUp.all()).thenReturn(List.of(FOAM, BRAD, FILLER));
        when(stockroom.onHand()).thenReturn(Map.of(FOAM, Length.ofInches(55).toTicks()));
        when(stockroom.entries(FOAM))
                .thenReturn(List.of(new StockEntry(
                        KEY,
                        Instant.parse("2026-03-01T10:00:00Z"),
                        "bought",
                        Optional.empty(),
                        new Movement(FOAM, Length.ofInches(55).toTicks(), Reason.BOUGHT),
                        Length.ofInches(55).toTicks(),
                        false)));
        when(stockroom.said(any(), any(), any(), anyLong())).thenReturn(new Stockroom.Done(KEY));
    }

    @Test
    void eachTapeHasItsMovements() throws Exception {
        mvc.perform(get("/inventory/goods").param("of", KEY_OF_FOAM))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("foam tape, 1/8 in high"),
                                containsString("bought"),
                                containsString("Take back"))));
        mvc.perform(get("/inventory/goods"))
                .andExpect(content().string(allOf(containsString("Nothing came or went yet"), containsString("55"))));
        mvc.perform(get("/inventory/goods/movements.csv").param("of", KEY_OF_FOAM))
                .andExpect(
                        content()
                                .string(
                                        """
                                time,of,change,on hand,why,what,booking\r
                                2026-03-01T10:00:00Z,"foam tape, 1/8 in high",55 in,55 in,bought,bought,key\r
                                """));
    }

    /** As it stands on a roll, in a box or on a bottle: in yards, feet or metres, by the piece, in cubic inches. */
    @ParameterizedTest
    @CsvSource({"10 yd,360", "33 ft,396", "2.54 m,100", "7,7"})
    void aRollIsBookedAsItIsBought(String typed, int inches) throws Exception {
        book("BOUGHT", KEY_OF_FOAM, typed).andExpect(redirectedUrl("/inventory/goods?of=" + KEY_OF_FOAM));
        verify(stockroom).said(KEY, FOAM, Reason.BOUGHT, Length.ofInches(inches).toTicks());
    }

    @Test
    void piecesAndVolumesAreBookedToo() throws Exception {
        book("BOUGHT", "count brad", "24").andExpect(redirectedUrl("/inventory/goods?of=count+brad"));
        verify(stockroom).said(KEY, BRAD, Reason.BOUGHT, 24);
        book("SPOILT", "volume filler", "2,5");
        verify(stockroom).said(KEY, FILLER, Reason.SPOILT, 40_968);
        mvc.perform(post("/inventory/goods")
                .param("key", "key")
                .param("reason", "COUNTED")
                .param("of", "other")
                .param("name", "envelope")
                .param("amount", "0"));
        verify(stockroom).said(KEY, new StockItem.Named("envelope", StockItem.Measure.COUNT), Reason.COUNTED, 0);
    }

    private ResultActions book(String reason, String of, String amount) throws Exception {
        return mvc.perform(post("/inventory/goods")
                .param("key", "key")
                .param("reason", reason)
                .param("amount", amount)
                .param("of", of));
    }

    @Test
    void whatIsWrongIsSaidBesideItsField() throws Exception {
        for (String amount : List.of("", "0", "-3", "4000 m", "much")) {
            book("BOUGHT", KEY_OF_FOAM, amount).andExpect(status().isUnprocessableContent());
        }
        for (String amount : List.of("", "0", "-3", "1/2", "100001")) {
            book("BOUGHT", "count brad", amount).andExpect(status().isUnprocessableContent());
        }
        for (String high : List.of("0", "2", "high")) {
            mvc.perform(post("/inventory/goods")
                            .param("reason", "BOUGHT")
                            .param("amount", "7")
                            .param("of", "foam")
                            .param("high", high))
                    .andExpect(status().isUnprocessableContent());
        }
        book("BOUGHT", "other", "7")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(containsString("Say what it is"), containsString("What came and went: tape"))));
        // What is not there any more is not taken for tape.
        book("BOUGHT", "count ribbon", "24")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("choose what it is")));
        verify(stockroom, never()).said(any(), any(), any(), anyLong());
        when(stockroom.said(any(), any(), any(), anyLong()))
                .thenReturn(new Stockroom.TooFew(List.of(new Shortage(FOAM, 2, 1))));
        book("SPOILT", KEY_OF_FOAM, "99")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("There is only")));
    }
}

package kwibbet.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.card.Tape;
import kwibbet.kit.PriceList;
import kwibbet.kit.PriceList.Sold;
import kwibbet.mail.Envelope;
import kwibbet.mail.MailRoom;
import kwibbet.mail.Postage;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** Against the real schema in memory: what things cost and what cards are mailed with comes back as it was kept, in place of what was before. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:prices;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({DesignStore.class, Inventory.class, Room.class, StockBook.class, Stockroom.class, Prices.class, MailDesk.class
})
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class PricesTest {

    private static final Tape FOAM = new Tape.Foam(Length.ofInches(1, 8));

    @Autowired
    private Prices prices;

    @Autowired
    private MailDesk desk;

    @Autowired
    private JdbcTemplate jdbc;

    @MockitoBean
    private Clock clock;

    @BeforeEach
    void nothingIsKept() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:00:00Z"));
        prices.all().sold().forEach(each -> prices.remove(each.pack()));
        desk.keep(MailRoom.USUAL);
    }

    private static SupplyList foam(MeasureSystem system, Length length) {
        return new SupplyList(FOAM.words(system), new Supply.OfTape(FOAM, length));
    }

    @Test
    void everyKindOfThingIsKept() {
        List<Sold> sold = List.of(
                new Sold(new SupplyList("brad", new Supply.OfCount(50)), 300),
                new Sold(new SupplyList("filler", Supply.OfVolume.of(120, MeasureSystem.METRIC)), 799),
                new Sold(new SupplyList("tape", new Supply.OfTape(new Tape.Flat(), Length.ofInches(1080))), 400),
                new Sold(foam(MeasureSystem.INCH, Length.ofMillimetres(2003, 10)), 520),
                new Sold(new SupplyList("twine", new Supply.OfLength(Length.ofInches(7, 3))), 1));
        sold.forEach(prices::keep);
        assertThat(prices.all().sold()).containsExactlyInAnyOrderElementsOf(sold);
    }

    /** A tape is known by its height, whatever that is said in; the last that was kept counts. */
    @Test
    void aTapeIsKnownByItsHeight() {
        prices.keep(new Sold(foam(MeasureSystem.INCH, Length.ofInches(100)), 100));
        prices.keep(new Sold(foam(MeasureSystem.METRIC, Length.ofInches(200)), 250));
        PriceList all = prices.all();
        assertThat(all.sold()).hasSize(1);
        assertThat(all.of(foam(MeasureSystem.INCH, Length.ofInches(1))))
                .map(Sold::cents)
                .contains(250);
        assertThat(all.of(new SupplyList("tape", new Supply.OfTape(new Tape.Flat(), Length.ofInches(1)))))
                .isEqualTo(Optional.empty());
        prices.remove(foam(MeasureSystem.INCH, Length.ZERO));
        assertThat(prices.all().sold()).isEmpty();
    }

    @Test
    void whatCardsAreMailedWithIsKeptAndCanBeAsItCame() {
        assertThat(desk.room()).isEqualTo(MailRoom.USUAL);
        Envelope brown = new Envelope("Brown", new Size(Length.ofInches(7), Length.ofInches(5)));
        MailRoom own = new MailRoom(List.of(brown), new Postage(List.of(), 1, 2, 3));
        desk.keep(own);
        assertThat(desk.room()).isEqualTo(own);
        jdbc.update("update mail_room set document = 'nothing of ours'");
        assertThat(desk.room()).isEqualTo(MailRoom.USUAL);
    }
}

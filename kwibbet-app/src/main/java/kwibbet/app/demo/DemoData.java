package kwibbet.app.demo;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

import kwibbet.app.store.Artworks;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Kits;
import kwibbet.app.store.Stockroom;
import kwibbet.artwork.ArtworkId;
import kwibbet.card.Tape;
import kwibbet.formats.document.ArtworkDocument;
import kwibbet.measure.Length;
import kwibbet.stock.Booking;
import kwibbet.stock.Reason;
import kwibbet.stock.StockItem;
import kwibbet.tool.Toolbox;

/**
 * The demo: Lamplight Yard, a room above a bicycle workshop where evening classes make cards of things that shine, roll or
 * tick. All of it is invented.
 *
 * <p>Runs only in the demo profile, whose database is a file of its own, and only while that is empty.
 */
@Component
@Profile("demo")
class DemoData implements ApplicationRunner {

    private final DemoDesigns made;
    private final DesignStore designs;
    private final Inventory inventory;

    private static final int BRADS = 40;
    private static final int ENVELOPES = 25;

    private final Stockroom stockroom;
    private final Kits kits;
    private final Clock clock;
    private final Artworks artworks;

    DemoData(
            DemoDesigns made,
            DesignStore designs,
            Inventory inventory,
            Artworks artworks,
            Stockroom stockroom,
            Kits kits,
            Clock clock) {
        this.artworks = artworks;
        this.stockroom = stockroom;
        this.kits = kits;
        this.clock = clock;
        this.made = made;
        this.designs = designs;
        this.inventory = inventory;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (inventory.shelf().papers().isEmpty() && designs.all().isEmpty()) {
            inventory.savePapers(DemoPapers.ALL);
            inventory.save(Toolbox.GENERIC);
            inventory.saveDies(DemoDies.ALL);
            DemoOutlines.ALL.forEach(outline -> inventory.addOutline(outline, ""));
            layIn(new Tape.Flat(), Length.ofInches(1_800));
            layIn(new Tape.Foam(Length.ofInches(1, 8)), Length.ofInches(180));
            layIn(new StockItem.Named("brad", StockItem.Measure.COUNT), BRADS);
            layIn(new StockItem.Named("envelope, kraft", StockItem.Measure.COUNT), ENVELOPES);
            Map<ArtworkId, byte[]> dots = made.dots();
            made.all().forEach(run -> artworks.keep(dots, ArtworkDocument.of(run.design())));
            Map<String, String> cards = new HashMap<>();
            made.all()
                    .forEach(run ->
                            cards.put(run.design().name(), designs.create(run).id()));
            DemoKits.all(LocalDate.now(clock), cards).forEach(kits::keep);
        }
    }

    private void layIn(Tape tape, Length length) {
        layIn(new StockItem.Taped(tape), length.toTicks());
    }

    private void layIn(StockItem goods, long amount) {
        stockroom.book(Booking.of(Stockroom.newKey(), "laid in", goods, amount, Reason.BOUGHT));
    }
}

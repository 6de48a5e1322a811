package kwibbet.app.store;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.card.SupplyList;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.PaperId;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Movement;
import kwibbet.stock.Reason;
import kwibbet.stock.Shortage;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;
import kwibbet.stock.StockItem.Goods;
import kwibbet.stock.StockLevels;

/** Books what comes and goes. Each booking is in the data, whole, when its method returns, or nothing of it is. */
@Service
public class Stockroom {

    private final Inventory inventory;
    private final StockBook book;

    Stockroom(Inventory inventory, StockBook book) {
        this.inventory = inventory;
        this.book = book;
    }

    /** What became of a booking that was asked for. */
    public sealed interface Booked {}

    /**
     * It is booked.
     *
     * @param key under which key, by which it can be taken back
     */
    public record Done(BookingKey key) implements Booked {}

    /**
     * It was booked before, and is not booked again.
     *
     * @param key under which key
     */
    public record Already(BookingKey key) implements Booked {}

    /**
     * There is too little; nothing is booked.
     *
     * @param shortages of what, at least one
     */
    public record TooFew(List<Shortage> shortages) implements Booked {
        /** Copies the list. */
        public TooFew {
            shortages = List.copyOf(shortages);
        }
    }

    /** There is no booking of that key. */
    public record Unknown() implements Booked {}

    /** A key nothing was booked under. */
    public static BookingKey newKey() {
        return new BookingKey(UUID.randomUUID().toString());
    }

    /**
     * Sheets of a run have been cut.
     *
     * @param booking what came and went
     * @param isFound whether what there is too little of was found on the shelf
     * @param andThen is done in the same transaction, where it is booked
     */
    Booked cut(Booking booking, boolean isFound, Runnable andThen) {
        return once(booking, isFound, andThen);
    }

    /** Whether something was booked under a key. */
    boolean isBooked(BookingKey key) {
        return book.has(key);
    }

    /** Books something, unless it was booked before or there is too little for it. */
    public Booked book(Booking booking) {
        return once(booking, false, () -> {});
    }

    private Booked once(Booking booking, boolean isFound, Runnable andThen) {
        return inventory.replaced(() -> {
            if (book.has(booking.key())) {
                return new Already(booking.key());
            }
            List<Shortage> shortages = book.levels().shortages(booking);
            if (!shortages.isEmpty() && !isFound) {
                return new TooFew(shortages);
            }
            Booking all = booking.withFound(shortages);
            inventory.makeRoomFor(all);
            book.add(all);
            andThen.run();
            return new Done(booking.key());
        });
    }

    /**
     * Something was bought, spoilt or counted, as a maker says.
     *
     * @param reason why; of what is counted it is told how much there is
     * @param amount how much, as it is counted; not negative
     */
    public Booked said(BookingKey key, StockItem item, Reason reason, long amount) {
        if (reason == Reason.COUNTED) {
            return count(key, item, amount);
        }
        return book(Booking.of(key, reason.words(), item, reason == Reason.SPOILT ? -amount : amount, reason));
    }

    /** Takes a booking back, once. */
    public Booked takeBack(BookingKey key) {
        Optional<Booking> booked = inventory.replaced(() -> book.find(key));
        return booked.filter(each -> !key.isBack() && !key.isOfMade())
                .map(each -> book(each.takenBack()))
                .orElseGet(Unknown::new);
    }

    /**
     * There is just so much of something.
     *
     * @param counted how much, as it is counted; not negative
     */
    public Booked count(BookingKey key, StockItem item, long counted) {
        return inventory.replaced(() -> {
            long more = counted - book.levels().of(item);
            return book(Booking.of(key, "counted", item, more, Reason.COUNTED));
        });
    }

    /**
     * Cards of a run are made, or fewer are than was said. Only of what is kept, of which anything was ever booked, is anything used; what there was too
     * little of was there all the same. No more comes back than the run has used, and what is packed with its cards is not used twice.
     *
     * @param booking what would be used
     * @param all what all cards of the run use
     */
    void made(Booking booking, List<SupplyList> all) {
        List<Goods> kept = book.goods();
        Map<Goods, Long> takes = all.stream().collect(Collectors.toMap(Goods::of, Goods::amountOf, Math::addExact));
        String run = booking.run().orElse("");
        Map<Goods, Long> usedBefore = used(run);
        Map<Goods, Long> packed = packed(run);
        List<Movement> used = new ArrayList<>();
        for (Movement each : booking.movements()) {
            if (each.item() instanceof Goods goods && kept.contains(goods)) {
                long before = usedBefore.getOrDefault(goods, 0L);
                long unused = takes.getOrDefault(goods, 0L) - before - packed.getOrDefault(goods, 0L);
                long amount = Math.max(Math.min(each.amount(), before), Math.min(-unused, 0));
                if (amount != 0) {
                    used.add(new Movement(goods, amount, each.reason()));
                }
            }
        }
        if (!used.isEmpty()) {
            once(new Booking(booking.key(), booking.what(), booking.run(), used), true, () -> {});
        }
    }

    /** How much there is of the goods that are kept, as each is counted: tape first, then by name. */
    @Transactional(readOnly = true)
    public Map<Goods, Long> onHand() {
        StockLevels levels = book.levels();
        Map<Goods, Long> onHand = new LinkedHashMap<>();
        book.goods().forEach(each -> onHand.put(each, levels.of(each)));
        return onHand;
    }

    /** What names goods in an address. */
    public static String keyOf(Goods goods) {
        return StockBook.idOf(goods);
    }

    /** How much of each thing is packed for a run. */
    @Transactional(readOnly = true)
    public Map<Goods, Long> packed(String run) {
        return book.goneFor(run, List.of(Reason.PACKED));
    }

    /** How much of each thing the cards of a run have used as they were made. */
    @Transactional(readOnly = true)
    public Map<Goods, Long> used(String run) {
        return book.goneFor(run, StockBook.MADE);
    }

    /** Books what bags are packed with. */
    Booked pack(Booking booking, boolean isFound) {
        return once(booking, isFound, () -> {});
    }

    /** The movements of some goods, the last first. */
    @Transactional(readOnly = true)
    public List<StockEntry> entries(Goods goods) {
        return book.entries(goods);
    }

    /** Puts leftovers into the drawer; those of a size that are there already are counted together. */
    public Booked putIn(BookingKey key, Offcut offcut) {
        StockItem item = new StockItem.Leftovers(offcut.paper(), offcut.size());
        return book(Booking.of(key, "put in by hand", item, offcut.count(), Reason.PUT_IN));
    }

    /** Takes one leftover of a size out of the drawer. */
    public Booked takeOne(BookingKey key, OffcutId id) {
        return inventory.shelf().drawer().stream()
                .filter(offcut -> offcut.id().equals(id))
                .findFirst()
                .map(offcut -> book(Booking.of(
                        key,
                        "taken out by hand",
                        new StockItem.Leftovers(offcut.paper(), offcut.size()),
                        -1,
                        Reason.TAKEN_OUT)))
                .orElseGet(Unknown::new);
    }

    /** The movements of one paper with its leftovers, the last first. */
    @Transactional(readOnly = true)
    public List<StockEntry> entries(PaperId paper) {
        return book.entries(paper);
    }
}

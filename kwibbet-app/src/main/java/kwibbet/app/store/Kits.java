package kwibbet.app.store;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;

import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.app.store.Stockroom.Booked;
import kwibbet.app.store.Stockroom.Unknown;
import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.kit.Fit;
import kwibbet.kit.Kit;
import kwibbet.kit.KitCost;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitSupplies;
import kwibbet.kit.KitSupplies.Store;
import kwibbet.kit.KitSupplies.Takes;
import kwibbet.kit.Meeting;
import kwibbet.kit.Paces;
import kwibbet.kit.Packing;
import kwibbet.layout.Thrift;
import kwibbet.making.Pace;
import kwibbet.run.CardRun;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;
import kwibbet.stock.StockItem.Goods;

/**
 * Kits and classes that are kept, each with a run of its own that is cut, scored and pressed like any other. While the run is open it follows the kit; once
 * its lists are settled they stay, and what the kit has become since is a change to them like that of a card.
 */
@Service
public class Kits {

    private static final String NO_KIT = "";

    private final KitBook book;
    private final Runs runs;
    private final DesignStore designs;
    private final Inventory inventory;
    private final Bench bench;
    private final Stockroom stockroom;
    private final LessonBook lessons;
    private final Prices prices;
    private final TransactionTemplate transaction;
    /** What follows from a kit is worked out once. */
    private final Map<Asked, Planned> known = Collections.synchronizedMap(new Workshop.Recent<>());

    Kits(
            KitBook book,
            Runs runs,
            DesignStore designs,
            Inventory inventory,
            Bench bench,
            Stockroom stockroom,
            LessonBook lessons,
            Prices prices,
            TransactionTemplate transaction) {
        this.book = book;
        this.runs = runs;
        this.designs = designs;
        this.inventory = inventory;
        this.bench = bench;
        this.stockroom = stockroom;
        this.lessons = lessons;
        this.prices = prices;
        this.transaction = transaction;
    }

    private <T> T read(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /** All kits, the one changed last first. */
    public List<KeptKit> all() {
        return read(book::all);
    }

    /** How many kits are kept that cannot be read: what wrote them is of a later release, or they are damaged. */
    public int unreadable() {
        return read(book::unreadable);
    }

    /**
     * The kit of that id.
     *
     * @throws NoSuchKitException when there is none
     */
    public KeptKit get(String id) {
        return read(() -> book.find(id)).orElseThrow(() -> new NoSuchKitException(id));
    }

    /**
     * When and where a class is.
     *
     * @throws NoSuchKitException when it is a kit without a class
     */
    public static Meeting meeting(KeptKit kept) {
        return kept.kit().meeting().orElseThrow(() -> new NoSuchKitException(kept.id()));
    }

    /** The kit a run cuts; nothing where it is a cutting day or comes with a card. */
    public Optional<KeptKit> ofRun(String run) {
        return read(() -> book.ofRun(run));
    }

    /** Keeps a new kit, with a run that follows it. */
    public KeptKit keep(Kit kit) {
        KeptRun run = runs.keep(kit.name(), lines(kit), Thrift.FEWEST_SHEETS);
        String id = run.id();
        inventory.replaced(() -> {
            book.add(id, id, kit);
            return id;
        });
        return get(id);
    }

    /** How many of each of its cards a run makes for a kit. */
    static List<KeptRun.Line> lines(Kit kit) {
        return kit.lines().stream()
                .map(line -> new KeptRun.Line(line.card(), kit.copies(line)))
                .toList();
    }

    /**
     * Changes a kit; its run follows while it is open.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public KeptKit change(String id, long seen, Kit kit) {
        return followed(id, () -> book.change(id, seen, kit));
    }

    /**
     * Keeps a new card and puts it into each bag of a kit, as many as there are of another; both or neither.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public StoredDesign putBeside(String id, long seen, String card, CardRun run) {
        return inventory.replaced(() -> {
            StoredDesign made = designs.create(run);
            change(id, seen, get(id).kit().withBeside(card, made.id()));
            return made;
        });
    }

    /**
     * Takes the last change back.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public KeptKit undo(String id, long seen) {
        return followed(id, () -> book.move(id, seen, -1));
    }

    /**
     * Brings back what undo took.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public KeptKit redo(String id, long seen) {
        return followed(id, () -> book.move(id, seen, 1));
    }

    /**
     * Puts a kit away, or back.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public KeptKit putAway(String id, long seen, boolean isAway) {
        return followed(id, () -> book.putAway(id, seen, isAway));
    }

    private KeptKit followed(String id, Runnable work) {
        get(id);
        inventory.replaced(() -> {
            work.run();
            KeptKit now = book.find(id).orElseThrow(() -> new NoSuchKitException(id));
            runs.follow(now.run(), now.kit().name(), lines(now.kit()));
            return id;
        });
        return get(id);
    }

    private Kit present(Kit kit) {
        return kit.with(
                kit.lines().stream().filter(line -> runs.isOnShelf(line.card())).toList());
    }

    /** The cards of a kit, those on the shelf. */
    public List<Card> cards(Kit kit) {
        return runs.cards(lines(present(kit)));
    }

    /** The lists of a kit as it is now; nothing where all of its cards are off the shelf. */
    private Optional<RunPlan> lists(Kit kit) {
        List<KeptRun.Line> there = lines(present(kit));
        return there.isEmpty()
                ? Optional.empty()
                : Optional.of(runs.together(there, Thrift.FEWEST_SHEETS).run());
    }

    /**
     * A kit as it would be made now.
     *
     * @param plan who does what, and the lists of its cards
     * @param fit how its room goes; nothing where nothing happens in a room
     */
    public record Planned(KitPlan plan, Optional<Fit> fit) {}

    /** What a kit costs. */
    public KitCost cost(Planned planned) {
        return KitCost.of(planned.plan(), prices.all());
    }

    private record Asked(Kit kit, List<Card> cards, RunPlan run, Paces paces) {
        Planned planned() {
            KitPlan plan = KitPlan.of(kit, cards, run, paces);
            return new Planned(plan, plan.fit());
        }
    }

    /** A kit as it would be made now; cards that are off the shelf are left out, and nothing is said where all of them are. */
    public Optional<Planned> planned(Kit kit) {
        return planned(kit, NO_KIT);
    }

    /** A class as it was planned before it taught anything itself. */
    Optional<Planned> taught(KeptKit kept) {
        return planned(kept.kit(), kept.id());
    }

    private Optional<Planned> planned(Kit kit, String teachesNothing) {
        return lists(kit).map(run -> {
            Kit present = present(kit);
            Asked asked = new Asked(present, cards(present), run, paces(teachesNothing));
            return Workshop.remembered(known, asked, Asked::planned);
        });
    }

    private Paces paces(String teachesNothing) {
        return new Paces(bench.pace(), new Pace(read(() -> lessons.timingsBut(teachesNothing))));
    }

    /** Who does what of a kit as it is now. */
    public Optional<KitPlan> plan(Kit kit) {
        return planned(kit).map(Planned::plan);
    }

    /** What a kit still takes, beside what there is and what others still need that are not put away. */
    public Optional<KitSupplies> supplies(KeptKit kept) {
        return lists(kept.kit()).map(run -> {
            Takes reserved = all().stream()
                    .filter(other -> !other.id().equals(kept.id()) && !other.isAway())
                    .flatMap(other -> stillTakes(other).stream())
                    .reduce(Takes.NOTHING, Takes::plus);
            Takes takes = stillTakes(kept).orElseGet(() -> Takes.of(run));
            return KitSupplies.of(
                    present(kept.kit()), run, takes, reserved, new Store(stockroom.onHand(), prices.all()));
        });
    }

    /** What a kit will still take off the shelf: of lists that are settled what is not cut, made and packed; nothing where they cannot be read. */
    private Optional<Takes> stillTakes(KeptKit kept) {
        KeptRun run = runs.get(kept.run());
        Takes extras = Takes.extras(kept.kit());
        try {
            Optional<Takes> cards = run.isSettled()
                    ? Optional.of(Takes.rest(runs.plan(run), run.progress()))
                    : lists(kept.kit()).map(Takes::of);
            return cards.map(extras::plus).map(all -> all.less(stockroom.packed(kept.run())));
        } catch (DamagedRunException damaged) {
            return Optional.empty();
        }
    }

    /** What packing the bags of a kit takes off the shelf; nothing where all of its cards are off the shelf. */
    public Optional<Packing> packing(KeptKit kept) {
        return planned(kept.kit()).map(planned -> {
            Kit kit = planned.plan().kit();
            return new Packing(
                    stockroom.onHand().keySet(),
                    Takes.extras(kit),
                    Takes.besides(kit, planned.plan().bag()),
                    stockroom.packed(kept.run()),
                    stockroom.used(kept.run()));
        });
    }

    /**
     * The bags of a kit are packed: what goes into them, and is kept, is taken off the shelf; what is in them too many goes back.
     *
     * @param isFound whether what there is too little of was found on the shelf
     */
    public Booked pack(KeptKit kept, BookingKey key, boolean isFound) {
        return packing(kept)
                .map(packing -> booked(kept, key, packing.more(), isFound))
                .orElseGet(Unknown::new);
    }

    /** What is in the bags of a kit is on the shelf again. */
    public Booked unpack(KeptKit kept, BookingKey key) {
        return packing(kept)
                .map(packing -> booked(kept, key, packing.back(), false))
                .orElseGet(Unknown::new);
    }

    private Booked booked(KeptKit kept, BookingKey key, Map<Goods, Long> more, boolean isFound) {
        return stockroom.pack(Booking.ofPacked(key, kept.run(), kept.kit().name(), more), isFound);
    }
}

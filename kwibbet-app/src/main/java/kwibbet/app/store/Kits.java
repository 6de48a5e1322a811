package kwibbet.app.store;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;

import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.bench.RunPlan;
import kwibbet.kit.Kit;
import kwibbet.kit.KitPlan;
import kwibbet.layout.Thrift;

/**
 * Kits and classes that are kept, each with a run of its own that is cut, scored and pressed like any other. While the run is open it follows the kit; once
 * its lists are settled they stay, and what the kit has become since is a change to them like that of a card.
 */
@Service
public class Kits {

    private final KitBook book;
    private final Runs runs;
    private final Inventory inventory;
    private final Bench bench;
    private final TransactionTemplate transaction;

    Kits(KitBook book, Runs runs, Inventory inventory, Bench bench, TransactionTemplate transaction) {
        this.book = book;
        this.runs = runs;
        this.inventory = inventory;
        this.bench = bench;
        this.transaction = transaction;
    }

    private <T> T read(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /** All kits, the one changed last first. */
    public List<KeptKit> all() {
        return read(book::all);
    }

    /**
     * The kit of that id.
     *
     * @throws NoSuchKitException when there is none
     */
    public KeptKit get(String id) {
        return read(() -> book.find(id)).orElseThrow(() -> new NoSuchKitException(id));
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

    /** Who does what of a kit as it is now; cards that are off the shelf are left out, and nothing is said where all of them are. */
    public Optional<KitPlan> plan(Kit kit) {
        List<Kit.Line> there = kit.lines().stream()
                .filter(line -> runs.isOnShelf(line.card()))
                .toList();
        if (there.isEmpty()) {
            return Optional.empty();
        }
        Kit present = new Kit(kit.name(), there, kit.bags(), kit.spares(), kit.sharing(), kit.meeting());
        RunPlan plan = runs.together(lines(present), Thrift.FEWEST_SHEETS).run();
        return Optional.of(KitPlan.of(present, runs.cards(lines(present)), plan, bench.pace()));
    }
}

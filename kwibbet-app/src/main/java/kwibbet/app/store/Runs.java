package kwibbet.app.store;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;

import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.app.store.KeptRun.Line;
import kwibbet.app.store.RunBook.Cut;
import kwibbet.app.store.Stockroom.Booked;
import kwibbet.bench.JointPlan;
import kwibbet.bench.KnownLists;
import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.RunLine;
import kwibbet.card.SupplyList;
import kwibbet.cutting.PartId;
import kwibbet.formats.document.RunDocument;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.layout.Thrift;
import kwibbet.making.Way;
import kwibbet.outcome.Outcome;
import kwibbet.run.CardRun;
import kwibbet.run.RunBench;
import kwibbet.run.RunChange;
import kwibbet.run.RunProgress;
import kwibbet.run.RunProgress.Cards;
import kwibbet.run.RunState;
import kwibbet.run.SettledRun;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;

/**
 * Runs that are kept: cutting days of several cards, and runs whose lists were settled. A settled run is planned once; whatever changes later, its lists
 * stay as they are until the maker has the rest planned anew.
 */
@Service
public class Runs {

    private final RunBook book;
    private final KitBook kits;
    private final DesignStore designs;
    private final Inventory inventory;
    private final Stockroom stockroom;
    private final Workshop workshop;
    private final TransactionTemplate transaction;

    Runs(
            RunBook book,
            KitBook kits,
            DesignStore designs,
            Inventory inventory,
            Stockroom stockroom,
            Workshop workshop,
            TransactionTemplate transaction) {
        this.book = book;
        this.kits = kits;
        this.designs = designs;
        this.inventory = inventory;
        this.stockroom = stockroom;
        this.workshop = workshop;
        this.transaction = transaction;
    }

    private <T> T read(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /** All runs, the one changed last first. */
    public List<KeptRun> all() {
        return read(book::all);
    }

    /** The runs of a card that are under way: settled, not done, not put away. The one changed last comes first. */
    public List<KeptRun> underWay(String card) {
        return read(() -> book.of(card)).stream()
                .filter(run -> run.state() == RunState.SETTLED)
                .toList();
    }

    /** Whether there is a run of that id. */
    public boolean isKept(String id) {
        return read(() -> book.find(id)).isPresent();
    }

    /**
     * The run of that id.
     *
     * @throws NoSuchRunException when there is none
     */
    public KeptRun get(String id) {
        return read(() -> book.find(id)).orElseThrow(() -> new NoSuchRunException(id));
    }

    /**
     * The run of that id, to be changed.
     *
     * @param seen the version the maker saw
     * @throws StaleItemException when that is not the present one
     * @throws NoSuchRunException when there is none
     */
    public KeptRun current(String id, long seen) {
        KeptRun run = get(id);
        if (run.version() != seen) {
            throw new StaleItemException();
        }
        return run;
    }

    /** Keeps a cutting day, which follows its cards until it is settled. */
    public KeptRun keep(String name, List<Line> lines, Thrift thrift) {
        KeptRun run = new KeptRun(newId(), 0, name, RunState.OPEN, thrift, false, lines, 0, RunProgress.NONE);
        inventory.replaced(() -> {
            book.add(run, Optional.empty());
            return run;
        });
        return run;
    }

    private static String newId() {
        return UUID.randomUUID().toString();
    }

    /**
     * Changes what an open run is of.
     *
     * @throws StaleItemException when {@code seen} is not the present version, or it is settled meanwhile
     */
    public KeptRun change(String id, long seen, String name, List<Line> lines, Thrift thrift) {
        KeptRun run = current(id, seen);
        if (run.isSettled()) {
            throw new StaleItemException();
        }
        return changed(run.called(name, lines, thrift), Optional.empty());
    }

    /** What an open run is of follows its kit; one whose lists are settled stays. Within a transaction that is under way. */
    void follow(String id, String name, List<Line> lines) {
        book.find(id)
                .filter(run -> !run.isSettled())
                .ifPresent(run -> book.change(run.called(name, lines, run.thrift()), Optional.empty()));
    }

    /** Whether a card is on the shelf and can be read. */
    public boolean isOnShelf(String card) {
        return own(card).isPresent();
    }

    private KeptRun changed(KeptRun run, Optional<String> document) {
        inventory.replaced(() -> {
            book.change(run, document);
            return run;
        });
        return get(run.id());
    }

    /**
     * Settles the run that comes with a card: its lists stay as they are now. Settled again without a change it is the same run; where nothing of it is
     * done yet, the changed one takes its place.
     */
    public synchronized KeptRun settle(StoredDesign stored) {
        Design design = stored.design();
        CardRun own = stored.run();
        Line line = new Line(stored.id(), own.copies());
        Optional<KeptRun> before = underWay(stored.id()).stream()
                .filter(run -> run.ofCard() && !run.progress().isBegun())
                .findFirst();
        if (before.filter(run -> isAsNow(run, own.thrift())).isPresent()) {
            return before.get();
        }
        RunPlan plan = workshop.settled(own).plan();
        SettledRun settled = new SettledRun(
                List.of(new SettledRun.Line(stored.id(), design, own.copies())),
                own.thrift(),
                plan.shelf(),
                plan.tools(),
                Map.of(),
                KnownLists.NONE);
        String document = RunDocument.write(settled, plan);
        if (before.isPresent()) {
            KeptRun run = before.get()
                    .called(design.name(), List.of(line), own.thrift())
                    .inPhase(before.get().phase() + 1, List.of(line));
            return changed(run, Optional.of(document));
        }
        KeptRun run = new KeptRun(
                newId(), 0, design.name(), RunState.SETTLED, own.thrift(), true, List.of(line), 0, RunProgress.NONE);
        inventory.replaced(() -> {
            book.add(run, Optional.of(document));
            return run;
        });
        return run;
    }

    /** Whether a settled run would be the same if it were settled now; one that cannot be read would not. */
    private boolean isAsNow(KeptRun run, Thrift thrift) {
        try {
            RunPlan plan = plan(run);
            return run.thrift() == thrift
                    && settled(run).lines().equals(asNow(run))
                    && plan.shelf().equals(inventory.shelf())
                    && plan.tools().equals(inventory.toolbox());
        } catch (DamagedRunException damaged) {
            return false;
        }
    }

    /**
     * Settles an open run: its lists stay as they are now.
     *
     * @throws StaleItemException when {@code seen} is not the present version, or it is settled already
     */
    public synchronized KeptRun settle(String id, long seen) {
        KeptRun run = current(id, seen);
        if (run.isSettled()) {
            throw new StaleItemException();
        }
        List<SettledRun.Line> lines = present(run);
        RunPlan plan = workshop.together(lines, run.thrift()).run();
        SettledRun settled = new SettledRun(lines, run.thrift(), plan.shelf(), plan.tools(), Map.of(), KnownLists.NONE);
        return changed(
                run.in(RunState.SETTLED).inPhase(0, kept(run, lines)), Optional.of(RunDocument.write(settled, plan)));
    }

    private static List<Line> kept(KeptRun run, List<SettledRun.Line> lines) {
        return run.lines().stream()
                .filter(line -> lines.stream().anyMatch(each -> each.card().equals(line.card())))
                .toList();
    }

    /** The cards of a run as they are now, without those that are off the shelf; each as often as the run says. */
    private List<SettledRun.Line> present(KeptRun run) {
        return present(run.lines());
    }

    private List<SettledRun.Line> present(List<Line> lines) {
        List<SettledRun.Line> present = new ArrayList<>();
        for (Line line : lines) {
            own(line.card())
                    .ifPresent(own -> present.add(new SettledRun.Line(line.card(), own.design(), line.copies())));
        }
        return present;
    }

    /** A card as it is now, with the run that comes with it; nothing of one that is off the shelf or cannot be read. */
    private Optional<CardRun> own(String card) {
        try {
            return Optional.of(designs.get(card).run());
        } catch (NoSuchDesignException | DamagedDesignException gone) {
            return Optional.empty();
        }
    }

    /** Some cards as they are now, each under its own name; those that are off the shelf are left out. */
    List<Card> cards(List<Line> lines) {
        return present(lines).stream().map(line -> workshop.line(line).card()).toList();
    }

    /** Whether one of the cards of a run is on the shelf. */
    public boolean hasCards(KeptRun run) {
        return !present(run).isEmpty();
    }

    /** What some cards take if they are cut together, compared with each by itself; nothing is kept of it but the plan. */
    public JointPlan together(List<KeptRun.Line> lines, Thrift thrift) {
        return workshop.together(present(lines), thrift);
    }

    /**
     * The plan of an open run, compared with its cards cut apart.
     *
     * @throws NoSuchDesignException when none of its cards is on the shelf
     */
    public JointPlan joint(KeptRun run) {
        List<SettledRun.Line> lines = present(run);
        if (lines.isEmpty()) {
            throw new NoSuchDesignException("of the run " + run.id());
        }
        return workshop.together(lines, run.thrift());
    }

    /**
     * What a settled run keeps.
     *
     * @throws DamagedRunException when it cannot be read
     */
    public SettledRun settled(KeptRun run) {
        String document = read(() -> book.document(run.id())).orElseThrow(() -> new NoSuchRunException(run.id()));
        Outcome<SettledRun> read = RunDocument.read(document);
        if (read instanceof Outcome.Made<SettledRun> made) {
            return made.value();
        }
        throw new DamagedRunException(run, read.reasons().get(0).message());
    }

    /**
     * The lists of a run: of a settled one those it keeps, of an open one those of its cards as they are now.
     *
     * @throws DamagedRunException when what it keeps cannot be read
     * @throws NoSuchDesignException when it is open and none of its cards is on the shelf
     */
    public RunPlan plan(KeptRun run) {
        if (!run.isSettled()) {
            return joint(run).run();
        }
        return workshop.settledPlan(run, this::keptPlan);
    }

    private RunPlan keptPlan(KeptRun run) {
        SettledRun settled = settled(run);
        try {
            return settled.plan();
        } catch (IllegalStateException unplanned) {
            throw new DamagedRunException(run, String.valueOf(unplanned.getMessage()));
        }
    }

    /**
     * What becomes of a settled run when its cards are taken as they are now; nothing where nothing changes. The count of a run that came with
     * a card is that card's own.
     */
    public List<RunChange> changes(KeptRun run) {
        List<String> before = run.lines().stream().map(Line::card).toList();
        List<SettledRun.Line> now = asNow(run);
        return RunChange.between(
                byId(before, plan(run).lines()),
                byId(
                        now.stream().map(SettledRun.Line::card).toList(),
                        RunLine.apart(now.stream().map(workshop::line).toList())));
    }

    private static Map<String, RunLine> byId(List<String> ids, List<RunLine> lines) {
        Map<String, RunLine> byId = new LinkedHashMap<>();
        for (int i = 0; i < ids.size(); i++) {
            byId.put(ids.get(i), lines.get(i));
        }
        return byId;
    }

    /** The lines of a run as it would be planned now: one that came with a card has that card's count, that of a kit the kit's, a day its own. */
    private List<SettledRun.Line> asNow(KeptRun run) {
        if (!run.ofCard()) {
            return present(read(() -> kits.ofRun(run.id()))
                    .map(kit -> Kits.lines(kit.kit()))
                    .orElse(run.lines()));
        }
        String card = run.lines().get(0).card();
        return own(card).stream()
                .map(own -> new SettledRun.Line(card, own.design(), own.copies()))
                .toList();
    }

    /**
     * A run of a card that is under way, with what would become of it.
     *
     * @param run the run
     * @param changes what changes when its cards are taken as they are now
     */
    public record UnderWay(KeptRun run, List<RunChange> changes) {
        /** Copies the list. */
        public UnderWay {
            changes = List.copyOf(changes);
        }
    }

    /** The runs of a card that are under way, each with what would become of it; nothing of one that cannot be read. */
    public List<UnderWay> followed(String card) {
        return underWay(card).stream()
                .map(run -> {
                    try {
                        return new UnderWay(run, changes(run));
                    } catch (DamagedRunException damaged) {
                        return new UnderWay(run, List.of());
                    }
                })
                .toList();
    }

    /** Which cards of a run are off the shelf, by their names where those are still known. */
    public List<String> missing(KeptRun run) {
        Function<String, String> name = card -> run.isSettled()
                ? settled(run).lines().stream()
                        .filter(line -> line.card().equals(card))
                        .map(line -> line.design().name())
                        .findFirst()
                        .orElse(card)
                : "a card";
        return run.lines().stream()
                .map(Line::card)
                .filter(card -> own(card).isEmpty())
                .map(name)
                .toList();
    }

    /**
     * Plans what is left of a settled run anew, from the papers and tools there are now; what is cut stays cut.
     *
     * @param seen the version the maker saw
     * @param asNow whether its cards are taken as they are now, too
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public synchronized KeptRun replan(String id, long seen, boolean asNow) {
        KeptRun run = current(id, seen);
        SettledRun settled = settled(run);
        List<SettledRun.Line> lines = asNow ? asNow(run) : settled.lines();
        if (lines.isEmpty()) {
            return run;
        }
        Map<PartId, Integer> soFar = settled.cutSoFar(plan(run), run.progress().sheets());
        SettledRun rest = settled.replanned(lines, inventory.shelf(), inventory.toolbox(), soFar);
        RunPlan plan = workshop.rest(rest);
        List<Line> counts =
                lines.stream().map(line -> new Line(line.card(), line.copies())).toList();
        return changed(run.inPhase(run.phase() + 1, counts), Optional.of(RunDocument.write(rest, plan)));
    }

    /** The key under which sheets of a layout are booked when they next are. */
    public BookingKey nextCut(KeptRun run, String layout) {
        return BookingKey.ofCut(run.id(), layout, read(() -> book.bookings(run.id(), layout)) + 1);
    }

    /**
     * Sheets of a settled run have been cut: they are off the shelf, and what is worth keeping is in the drawer.
     *
     * @param key the key that was shown with them, under which they are booked once
     * @param run the run
     * @param sheets how many of each layout, by its letter; no more than are left
     * @param isFound whether what there is too little of was found on the shelf
     * @return what became of it; {@link Stockroom.Unknown} where so many are not left, or nothing is
     */
    public Booked cut(BookingKey key, KeptRun run, Map<String, Integer> sheets, boolean isFound) {
        RunPlan plan = plan(run);
        Booking booking = Booking.ofCut(key, run.id(), run.name(), plan.sheets(), sheets);
        return inventory.replaced(() -> {
            KeptRun now = book.find(run.id()).orElseThrow(() -> new NoSuchRunException(run.id()));
            boolean isKnown = stockroom.isBooked(key);
            boolean isLeft = now.phase() == run.phase()
                    && sheets.values().stream().anyMatch(each -> each > 0)
                    && sheets.entrySet().stream().allMatch(each -> left(plan, now, each.getKey()) >= each.getValue());
            return isKnown || isLeft
                    ? stockroom.cut(booking, isFound, () -> book.addCut(key, now, sheets))
                    : new Stockroom.Unknown();
        });
    }

    private static int left(RunPlan plan, KeptRun run, String letter) {
        return plan.sheets().lettered().stream()
                .filter(sheet -> sheet.letter().equals(letter))
                .mapToInt(run.progress()::leftOf)
                .sum();
    }

    /** How many sheets of each layout are still to be cut, by its letter. */
    public Map<String, Integer> left(KeptRun run) {
        Map<String, Integer> left = new LinkedHashMap<>();
        for (Lettered sheet : plan(run).sheets().lettered()) {
            if (run.progress().leftOf(sheet) > 0) {
                left.put(sheet.letter(), run.progress().leftOf(sheet));
            }
        }
        return left;
    }

    /** What was cut of a run since its rest was last planned anew, the last first. */
    public List<Cut> cuts(KeptRun run) {
        return read(() -> book.cuts(run));
    }

    /**
     * Keeps how many cards are scored, pressed and made. The tape that cards take is used as they are made.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public KeptRun work(String id, long seen, Cards cards) {
        KeptRun run = current(id, seen);
        inventory.replaced(() -> {
            worked(run, cards);
            return run;
        });
        return get(id);
    }

    /** The same within a transaction that is under way. */
    void worked(KeptRun run, Cards cards) {
        book.change(run.with(run.progress().worked(cards)), Optional.empty());
        List<SupplyList> uses = SupplyList.of(plan(run).lines());
        stockroom.made(
                Booking.ofMade(
                        BookingKey.ofMade(run.id(), run.version()),
                        run.id(),
                        run.name(),
                        uses,
                        new Booking.Share(run.progress().cards().made(), cards.made(), run.cards())),
                uses);
    }

    /** The steps of a run at the bench, its cards made so. */
    public RunBench bench(KeptRun run, Way way) {
        return workshop.bench(run, way, this::plan);
    }

    /**
     * Puts a run into another state: done, put away, or back among those under way.
     *
     * @throws StaleItemException when {@code seen} is not the present version
     */
    public KeptRun move(String id, long seen, RunState state) {
        KeptRun run = current(id, seen);
        boolean isKept = read(() -> book.document(id)).isPresent();
        RunState to = state == RunState.SETTLED && !isKept ? RunState.OPEN : state;
        return changed(run.in(to), Optional.empty());
    }
}

package kwibbet.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.SupplyList;
import kwibbet.layout.Leftover;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.paper.Offcut;
import kwibbet.paper.PaperId;

/**
 * Movements that happen together or not at all.
 *
 * @param key its name
 * @param what what was done, for a list
 * @param run the run it was done for, if it was for one
 * @param movements what moves
 */
public record Booking(BookingKey key, String what, Optional<String> run, List<Movement> movements) {

    /** Copies the list. */
    public Booking {
        movements = List.copyOf(movements);
    }

    /** One movement, for no run; none where nothing moves. */
    public static Booking of(BookingKey key, String what, StockItem item, long amount, Reason reason) {
        return new Booking(
                key, what, Optional.empty(), amount == 0 ? List.of() : List.of(new Movement(item, amount, reason)));
    }

    /**
     * Some sheets of a run are cut, whole ones and leftovers of earlier runs, and what is worth keeping of them is in the drawer.
     *
     * @param key its name
     * @param run the run
     * @param name what the run is called
     * @param plan how its sheets are cut
     * @param sheets how many sheets of each layout are cut, by its letter
     */
    public static Booking ofCut(BookingKey key, String run, String name, SheetPlan plan, Map<String, Integer> sheets) {
        List<Movement> gone = new ArrayList<>();
        List<Movement> left = new ArrayList<>();
        for (Lettered sheet : plan.lettered()) {
            int cut = sheets.getOrDefault(sheet.letter(), 0);
            Optional<Offcut> from = sheet.leftover();
            PaperId paper = from.map(Offcut::paper).orElse(sheet.paper().id());
            StockItem item = from.<StockItem>map(used -> new StockItem.Leftovers(used.paper(), used.size()))
                    .orElseGet(() -> new StockItem.Sheets(paper));
            move(gone, item, -cut, Reason.CUT);
            Leftover.of(sheet).stream()
                    .filter(Leftover::isKept)
                    .forEach(each -> move(
                            left,
                            new StockItem.Leftovers(paper, each.size()),
                            Math.multiplyExact((long) each.count() / sheet.copies(), cut),
                            Reason.PUT_IN));
        }
        gone.addAll(left);
        return new Booking(key, name, Optional.of(run), gone);
    }

    /**
     * Cards of a run are made, or fewer are than was said: the tape, findings, cord and filler they take are used.
     *
     * @param key its name
     * @param run the run
     * @param name what the run is called
     * @param uses what all its cards take
     * @param share what of it
     */
    public static Booking ofMade(BookingKey key, String run, String name, List<SupplyList> uses, Share share) {
        List<Movement> used = new ArrayList<>();
        for (SupplyList all : uses) {
            long before = StockItem.Goods.amountOf(all.share(share.before(), share.cards()));
            long now = StockItem.Goods.amountOf(all.share(share.now(), share.cards()));
            StockItem.Goods goods = StockItem.Goods.of(all);
            move(used, goods, before - now, goods instanceof StockItem.Taped ? Reason.STUCK : Reason.USED);
        }
        return new Booking(key, name, Optional.of(run), used);
    }

    /**
     * Bags of a kit are packed, or fewer are than was said: what goes into them is taken off the shelf, or put back.
     *
     * @param key its name
     * @param run the run of the kit
     * @param name what the kit is called
     * @param more how much more of each thing is in the bags; below zero how much less
     */
    public static Booking ofPacked(BookingKey key, String run, String name, Map<StockItem.Goods, Long> more) {
        List<Movement> packed = new ArrayList<>();
        more.forEach((goods, amount) -> move(packed, goods, -amount, Reason.PACKED));
        return new Booking(key, name, Optional.of(run), packed);
    }

    /**
     * How many of the cards of a run are made.
     *
     * @param before how many had been
     * @param now how many are
     * @param cards how many there will be
     */
    public record Share(int before, int now, int cards) {}

    /** One movement for each thing: they all happen for one reason. */
    private static void move(List<Movement> movements, StockItem item, long amount, Reason reason) {
        if (amount == 0) {
            return;
        }
        for (int i = 0; i < movements.size(); i++) {
            if (movements.get(i).item().equals(item)) {
                long all = Math.addExact(movements.get(i).amount(), amount);
                movements.set(i, new Movement(item, all, reason));
                return;
            }
        }
        movements.add(new Movement(item, amount, reason));
    }

    /** The same, with what it is short of found on the shelf first. */
    public Booking withFound(List<Shortage> found) {
        List<Movement> all = new ArrayList<>();
        found.forEach(each -> all.add(new Movement(each.item(), each.missing(), Reason.FOUND)));
        all.addAll(movements);
        return new Booking(key, what, run, all);
    }

    /** What takes it back, to the last sheet. */
    public Booking takenBack() {
        return new Booking(
                key.back(),
                what,
                run,
                movements.stream()
                        .map(each -> new Movement(each.item(), Math.negateExact(each.amount()), Reason.TAKEN_BACK))
                        .toList());
    }
}

package kwibbet.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.layout.Leftover;
import kwibbet.layout.PaperPlan;
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
    public static Booking of(BookingKey key, String what, StockItem item, int amount, Reason reason) {
        return new Booking(
                key, what, Optional.empty(), amount == 0 ? List.of() : List.of(new Movement(item, amount, reason)));
    }

    /** The sheets and leftovers that a plan cuts are gone, and what is worth keeping of them is in the drawer. */
    public static Booking ofCut(BookingKey key, String run, String name, SheetPlan plan) {
        List<Movement> movements = new ArrayList<>();
        for (PaperPlan paper : plan.papers()) {
            paper.order()
                    .sizes()
                    .forEach(size ->
                            move(movements, new StockItem.Sheets(size.id()), -paper.sheetsOf(size), Reason.CUT));
            paper.order()
                    .leftovers()
                    .forEach(used -> move(
                            movements,
                            new StockItem.Leftovers(used.paper(), used.size()),
                            -paper.piecesOf(used),
                            Reason.CUT));
        }
        for (Lettered sheet : plan.lettered()) {
            PaperId paper =
                    sheet.leftover().map(Offcut::paper).orElse(sheet.paper().id());
            Leftover.of(sheet).stream()
                    .filter(Leftover::isKept)
                    .forEach(left ->
                            move(movements, new StockItem.Leftovers(paper, left.size()), left.count(), Reason.PUT_IN));
        }
        return new Booking(key, name, Optional.of(run), movements);
    }

    private static void move(List<Movement> movements, StockItem item, int amount, Reason reason) {
        if (amount != 0) {
            movements.add(new Movement(item, amount, reason));
        }
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

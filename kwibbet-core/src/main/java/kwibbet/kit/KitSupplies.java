package kwibbet.kit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.bench.RunPlan;
import kwibbet.card.RunLine;
import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.card.Tape;
import kwibbet.card.TapeUse;
import kwibbet.layout.SheetPlan;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.run.RunProgress;
import kwibbet.wording.Phrase;

/**
 * What a kit takes, beside what there is and what other kits need of it.
 *
 * @param papers the sheets of each size that is cut
 * @param tapes the tapes
 * @param others what else is used up by all bags; how much there is of it is not kept
 * @param extras what else goes into the bags
 */
public record KitSupplies(List<Sheets> papers, List<Taped> tapes, List<Good> others, List<Bought> extras) {

    /** Copies the lists. */
    public KitSupplies {
        papers = List.copyOf(papers);
        tapes = List.copyOf(tapes);
        others = List.copyOf(others);
        extras = List.copyOf(extras);
    }

    /** Whether something of what is kept is missing. */
    public boolean isShort() {
        return missing() > 0;
    }

    /** Of how many papers and tapes, of those that are kept, there is too little. */
    public int missing() {
        return (int) (papers.stream()
                        .filter(each -> each.purchase().packs() > 0)
                        .count()
                + tapes.stream().filter(each -> each.missing().isPositive()).count());
    }

    /** What the missing sheets cost, in hundredths; those of which the price is not known are left out. */
    public long cents() {
        return papers.stream().mapToLong(each -> each.purchase().cost()).sum();
    }

    /**
     * What a run takes.
     *
     * @param papers how many sheets of each size
     * @param tapes how much of each tape
     */
    public record Takes(Map<PaperId, Integer> papers, Map<Tape, Length> tapes) {
        /** Copies the maps. */
        public Takes {
            papers = Map.copyOf(papers);
            tapes = Map.copyOf(tapes);
        }

        /** What the lists of a run take, as if nothing of them was done. */
        public static Takes of(RunPlan run) {
            Map<PaperId, Integer> papers = new LinkedHashMap<>();
            run.sheets().papers().forEach(paper -> paper.cutSizes()
                    .forEach(size -> papers.merge(size.size().id(), size.sheets(), Integer::sum)));
            Map<Tape, Length> tapes = new LinkedHashMap<>();
            TapeUse.of(run.lines()).forEach(use -> tapes.merge(use.tape(), use.length(), Length::plus));
            return new Takes(papers, tapes);
        }

        /** What the lists of a run still take, some of them being cut and some of its cards made. */
        public static Takes rest(RunPlan run, RunProgress progress) {
            Map<PaperId, Integer> papers = new LinkedHashMap<>();
            for (SheetPlan.Lettered sheet : run.sheets().lettered()) {
                if (sheet.leftover().isEmpty()) {
                    papers.merge(sheet.paper().id(), progress.leftOf(sheet), Integer::sum);
                }
            }
            int cards = run.lines().stream().mapToInt(RunLine::cards).sum();
            Map<Tape, Length> tapes = new LinkedHashMap<>();
            TapeUse.of(run.lines())
                    .forEach(use -> tapes.merge(
                            use.tape(), use.rest(progress.cards().made(), cards).length(), Length::plus));
            return new Takes(papers, tapes);
        }

        /** Both together. */
        public Takes plus(Takes other) {
            Map<PaperId, Integer> sheets = new LinkedHashMap<>(papers);
            other.papers.forEach((paper, count) -> sheets.merge(paper, count, Integer::sum));
            Map<Tape, Length> lengths = new LinkedHashMap<>(tapes);
            other.tapes.forEach((tape, length) -> lengths.merge(tape, length, Length::plus));
            return new Takes(sheets, lengths);
        }
    }

    /**
     * The sheets of one size.
     *
     * @param paper the paper in that size
     * @param purchase how many are needed, there, reserved and to be bought
     */
    public record Sheets(Paper paper, Purchase purchase) {}

    /**
     * What goes into the bags besides cards.
     *
     * @param extra what it is
     * @param purchase how many are needed, and how many packs that is
     */
    public record Bought(Extra extra, Purchase purchase) {}

    /**
     * A tape.
     *
     * @param tape which
     * @param need how much is needed
     * @param reserved how much others need
     * @param onHand how much there is; nothing where it is not kept
     * @param prices how things are sold
     */
    public record Taped(Tape tape, Length need, Length reserved, Optional<Length> onHand, PriceList prices) {

        /** How many rolls what is missing is; nothing where nothing is, or it is not known how much is on one. */
        public Optional<Long> rolls() {
            SupplyList missing = new SupplyList("tape", new Supply.OfTape(tape, missing()));
            return prices.of(missing).map(sold -> missing.packs(sold.pack())).filter(rolls -> rolls > 0);
        }

        /** How much is missing; zero where there is enough, or it is not kept. */
        public Length missing() {
            return onHand.map(has -> Length.max(need.plus(reserved).minus(has), Length.ZERO))
                    .orElse(Length.ZERO);
        }

        /** A length of it, said generously. */
        public Phrase said(Length length, MeasureSystem system) {
            return Phrase.in(system)
                    .length(length.isZero() ? length : SupplyList.generously(length, system))
                    .end();
        }
    }

    /**
     * What there is in the studio.
     *
     * @param tapes how much of the tapes that are kept
     * @param prices how things are sold
     */
    public record Store(Map<Tape, Length> tapes, PriceList prices) {
        /** Copies the tapes. */
        public Store {
            tapes = Map.copyOf(tapes);
        }
    }

    /**
     * What a kit takes.
     *
     * @param kit the kit
     * @param run its lists
     * @param takes what it still takes of papers and tapes: all of it, or what is not cut and made
     * @param reserved what other kits still take
     * @param store how much there is of the tapes that are kept, and how things are sold
     */
    public static KitSupplies of(Kit kit, RunPlan run, Takes takes, Takes reserved, Store store) {
        List<Sheets> papers = new ArrayList<>();
        takes.papers().forEach((id, need) -> run.shelf()
                .find(id)
                .ifPresent(paper -> papers.add(new Sheets(
                        paper,
                        new Purchase(
                                BigDecimal.valueOf(need),
                                BigDecimal.valueOf(paper.onHand()),
                                BigDecimal.valueOf(reserved.papers().getOrDefault(id, 0)),
                                BigDecimal.ONE,
                                paper.cents())))));
        List<Taped> tapes = new ArrayList<>();
        for (TapeUse use : TapeUse.of(run.lines())) {
            tapes.add(new Taped(
                    use.tape(),
                    takes.tapes().getOrDefault(use.tape(), Length.ZERO),
                    reserved.tapes().getOrDefault(use.tape(), Length.ZERO),
                    Optional.ofNullable(store.tapes().get(use.tape())),
                    store.prices()));
        }
        papers.sort((one, other) -> one.paper().name().compareTo(other.paper().name()));
        List<Good> others = SupplyList.besidesTape(run.lines()).stream()
                .map(need -> new Good(need, store.prices().of(need)))
                .toList();
        List<Bought> extras = kit.extras().stream()
                .map(each -> new Bought(each, each.purchase(kit.allBags())))
                .toList();
        return new KitSupplies(papers, tapes, others, extras);
    }
}

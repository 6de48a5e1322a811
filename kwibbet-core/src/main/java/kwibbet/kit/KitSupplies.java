package kwibbet.kit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import kwibbet.bench.RunPlan;
import kwibbet.card.RunLine;
import kwibbet.card.SupplyList;
import kwibbet.kit.PriceList.Sold;
import kwibbet.layout.SheetPlan;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.run.RunProgress;
import kwibbet.stock.StockItem.Goods;
import kwibbet.wording.Phrase;

/**
 * What a kit takes, beside what there is and what other kits need of it.
 *
 * @param papers the sheets of each size that is cut
 * @param goods what else is used up by all bags, or goes into them
 */
public record KitSupplies(List<Sheets> papers, List<Needed> goods) {

    /** Copies the lists. */
    public KitSupplies {
        papers = List.copyOf(papers);
        goods = List.copyOf(goods);
    }

    /** Whether something of what is kept is missing. */
    public boolean isShort() {
        return missing() > 0;
    }

    /** Of how many papers and goods, of those that are kept, there is too little. */
    public int missing() {
        return (int)
                (papers.stream().filter(each -> each.purchase().packs() > 0).count()
                        + goods.stream().filter(Needed::isMissing).count());
    }

    /** What the missing sheets cost, in hundredths; those of which the price is not known are left out. */
    public long cents() {
        return papers.stream().mapToLong(each -> each.purchase().cost()).sum();
    }

    /**
     * What a kit or a run takes.
     *
     * @param papers how many sheets of each size
     * @param goods how much of what else, as it is counted
     */
    public record Takes(Map<PaperId, Integer> papers, Map<Goods, Long> goods) {
        /** Nothing. */
        public static final Takes NOTHING = new Takes(Map.of(), Map.of());

        /** Copies the maps, in their order. */
        public Takes {
            papers = Collections.unmodifiableMap(new LinkedHashMap<>(papers));
            goods = Collections.unmodifiableMap(new LinkedHashMap<>(goods));
        }

        /** What the lists of a run take, as if nothing of them was done. */
        public static Takes of(RunPlan run) {
            Map<PaperId, Integer> papers = new LinkedHashMap<>();
            run.sheets().papers().forEach(paper -> paper.cutSizes()
                    .forEach(size -> papers.merge(size.size().id(), size.sheets(), Integer::sum)));
            return new Takes(papers, amounts(SupplyList.of(run.lines())));
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
            return new Takes(
                    papers,
                    amounts(SupplyList.of(run.lines()).stream()
                            .map(all -> all.rest(progress.cards().made(), cards))
                            .toList()));
        }

        /** What goes into all bags of a kit besides its cards. */
        public static Takes extras(Kit kit) {
            return new Takes(
                    Map.of(),
                    amounts(kit.extras().stream()
                            .map(extra -> extra.list(kit.allBags()))
                            .toList()));
        }

        /** What of the things its cards use goes into all bags of a kit, for those who make the cards. */
        public static Takes besides(Kit kit, Bag bag) {
            return new Takes(
                    Map.of(),
                    amounts(bag.besides().stream()
                            .map(each -> each.times(kit.allBags()))
                            .toList()));
        }

        private static Map<Goods, Long> amounts(List<SupplyList> lists) {
            Map<Goods, Long> amounts = new LinkedHashMap<>();
            lists.forEach(each -> amounts.merge(Goods.of(each), Goods.amountOf(each), Long::sum));
            return amounts;
        }

        /** Both together. */
        public Takes plus(Takes other) {
            Map<PaperId, Integer> sheets = new LinkedHashMap<>(papers);
            other.papers.forEach((paper, count) -> sheets.merge(paper, count, Integer::sum));
            Map<Goods, Long> amounts = new LinkedHashMap<>(goods);
            other.goods.forEach((each, amount) -> amounts.merge(each, amount, Long::sum));
            return new Takes(sheets, amounts);
        }

        /** What is left of it once so much is in the bags; nothing of what more than is needed is in them. */
        public Takes less(Map<Goods, Long> packed) {
            Map<Goods, Long> left = new LinkedHashMap<>();
            goods.forEach((each, amount) -> left.put(each, Math.max(amount - packed.getOrDefault(each, 0L), 0)));
            return new Takes(papers, left);
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
     * Something besides paper.
     *
     * @param goods what it is
     * @param purchase how much is needed, there, reserved and to be bought, as it is counted
     * @param isKept whether it is kept how much there is of it
     * @param isPackKnown whether it is known how much is in a pack
     */
    public record Needed(Goods goods, Purchase purchase, boolean isKept, boolean isPackKnown) {

        /** Whether there is too little of it, as far as it is kept. */
        public boolean isMissing() {
            return isKept && purchase.missing().signum() > 0;
        }

        /** So much of it, lengths said generously. */
        public Phrase said(BigDecimal amount, MeasureSystem system) {
            return goods.list(amount.longValueExact(), system).amount(system);
        }

        /** How much there is, exactly. */
        public Phrase onHand(MeasureSystem system) {
            return isKept ? goods.amount("", purchase.onHand().longValueExact(), system) : Phrase.of("not kept");
        }

        /** What has to be bought: packs or rolls where it is known what is in one, else how much. */
        public Phrase toBuy(MeasureSystem system) {
            if (purchase.missing().signum() == 0) {
                return Phrase.of("");
            }
            if (!isPackKnown) {
                return said(purchase.missing(), system);
            }
            Phrase pack = goods.amount("", purchase.pack().longValueExact(), system);
            String one = goods.isOnRoll() ? "roll" : "pack";
            String packs = purchase.packs() + " " + one + (purchase.packs() == 1 ? " of " : "s of ");
            Phrase.Writer writer = Phrase.in(system).words(packs).phrase(pack);
            if (purchase.isLastHardlyUsed()) {
                writer.words("; the last one is hardly used, ")
                        .phrase(goods.amount("", purchase.left().longValueExact(), system))
                        .words(" are left");
            }
            return writer.end();
        }
    }

    /**
     * What there is in the studio.
     *
     * @param goods how much of what is kept, as it is counted
     * @param prices how things are sold
     */
    public record Store(Map<Goods, Long> goods, PriceList prices) {
        /** Copies the map. */
        public Store {
            goods = Map.copyOf(goods);
        }
    }

    /**
     * What a kit takes.
     *
     * @param kit the kit
     * @param run its lists
     * @param takes what it still takes: all of it, or what is not cut, made and packed
     * @param reserved what other kits still take
     * @param store how much there is of what is kept, and how things are sold
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
        papers.sort((one, other) -> one.paper().name().compareTo(other.paper().name()));
        Set<Goods> all = new LinkedHashSet<>();
        SupplyList.of(run.lines()).forEach(each -> all.add(Goods.of(each)));
        kit.extras().forEach(extra -> all.add(Goods.of(extra.list(1))));
        return new KitSupplies(
                papers,
                all.stream()
                        .map(each -> needed(kit, each, takes, reserved, store))
                        .toList());
    }

    private static Needed needed(Kit kit, Goods goods, Takes takes, Takes reserved, Store store) {
        Optional<Sold> sold = kit.extras().stream()
                .filter(extra -> Goods.of(extra.list(1)).equals(goods))
                .flatMap(extra -> extra.sold().stream())
                .findFirst()
                .or(() -> store.prices().of(goods.list(1, MeasureSystem.INCH)));
        return new Needed(
                goods,
                new Purchase(
                        BigDecimal.valueOf(takes.goods().getOrDefault(goods, 0L)),
                        BigDecimal.valueOf(store.goods().getOrDefault(goods, 0L)),
                        BigDecimal.valueOf(reserved.goods().getOrDefault(goods, 0L)),
                        BigDecimal.valueOf(
                                sold.map(each -> Goods.amountOf(each.pack())).orElse(1L)),
                        sold.map(Sold::cents).orElse(0)),
                store.goods().containsKey(goods),
                sold.isPresent());
    }
}

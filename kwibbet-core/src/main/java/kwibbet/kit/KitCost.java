package kwibbet.kit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

import kwibbet.bench.RunPlan;
import kwibbet.layout.PaperPlan;

/**
 * What a kit costs, in hundredths.
 *
 * @param kit the kit
 * @param sheets how many sheets are cut
 * @param paper what those cost; nothing where the price of one is not known
 * @param used what the share of them costs that becomes pieces
 * @param goods what is used up besides paper, or goes into the bags
 * @param minutes how long the maker and their helper are busy before
 */
public record KitCost(
        Kit kit, int sheets, Optional<Long> paper, Optional<BigDecimal> used, List<Good> goods, double minutes) {

    /** Copies the list. */
    public KitCost {
        goods = List.copyOf(goods);
    }

    private static final int PLACES = 4;
    private static final BigDecimal AN_HOUR = BigDecimal.valueOf(60);

    /**
     * The cost of a kit.
     *
     * @param plan who does what, and the lists
     * @param prices what costs something besides paper
     */
    public static KitCost of(KitPlan plan, PriceList prices) {
        RunPlan run = plan.run();
        Optional<BigDecimal> used = run.cents()
                .map(all -> run.sheets().papers().stream().map(KitCost::used).reduce(BigDecimal.ZERO, BigDecimal::add));
        return new KitCost(
                plan.kit(),
                run.sheets().sheets(),
                run.cents(),
                used,
                Good.of(plan.kit(), run.lines(), prices),
                plan.before(Who.MAKER) + plan.before(Who.HELPER));
    }

    private static BigDecimal used(PaperPlan paper) {
        return BigDecimal.valueOf(paper.cutting().cents())
                .multiply(BigDecimal.valueOf(paper.usedShare().orElse(0.0)));
    }

    /** What the work before costs. */
    public BigDecimal work() {
        return BigDecimal.valueOf(kit.pricing().rate())
                .multiply(BigDecimal.valueOf(minutes))
                .divide(AN_HOUR, PLACES, RoundingMode.HALF_UP);
    }

    private boolean countsWhole() {
        return kit.pricing().paper() == Pricing.Counted.SHEETS;
    }

    /** What counts of the paper. */
    public Optional<BigDecimal> counted() {
        return countsWhole() ? paper.map(BigDecimal::valueOf) : used;
    }

    /** What counts of tape, findings, cord, filler and what else is in the bags, of those whose price is known. */
    public BigDecimal ofGoods() {
        return goods.stream()
                .map(each -> countsWhole() ? each.whole() : each.used())
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** Those whose price is not known. */
    public List<Good> unpriced() {
        return goods.stream().filter(each -> each.sold().isEmpty()).toList();
    }

    /** What all of it costs. */
    public Optional<BigDecimal> all() {
        return counted().map(each -> each.add(ofGoods()).add(work()));
    }

    /** What a bag costs that is wanted; spare ones are paid for by these. */
    public Optional<BigDecimal> aBag() {
        return all().map(each -> each.divide(BigDecimal.valueOf(kit.bags()), PLACES, RoundingMode.HALF_UP));
    }

    /** What to ask for a bag. */
    public Optional<BigDecimal> price() {
        return aBag().map(kit.pricing()::price).map(BigDecimal::valueOf);
    }

    /** Hundredths as money, to two places. */
    public static String money(long cents) {
        return money(BigDecimal.valueOf(cents));
    }

    /** Hundredths as money, to two places. */
    public static String money(BigDecimal cents) {
        return cents.movePointLeft(2).setScale(2, RoundingMode.HALF_UP).toPlainString();
    }
}

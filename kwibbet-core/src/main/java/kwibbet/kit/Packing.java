package kwibbet.kit;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import kwibbet.kit.KitSupplies.Takes;
import kwibbet.measure.MeasureSystem;
import kwibbet.stock.StockItem.Goods;
import kwibbet.wording.Phrase;

/**
 * What packing all bags of a kit takes off the shelf, beside what is in them already; amounts as things are counted. Only what is kept is taken.
 *
 * @param kept what is kept
 * @param extras what goes into the bags besides the cards
 * @param besides what of the things the cards use goes with them
 * @param packed how much is in the bags
 * @param used how much was used as cards were made, which need not go into a bag any more
 */
public record Packing(Set<Goods> kept, Takes extras, Takes besides, Map<Goods, Long> packed, Map<Goods, Long> used) {

    /** Copies the maps. */
    public Packing {
        kept = Set.copyOf(kept);
        packed = Map.copyOf(packed);
        used = Map.copyOf(used);
    }

    /** How much more goes into the bags; below zero how much less than is in them. */
    public Map<Goods, Long> more() {
        Set<Goods> all = new TreeSet<>(Comparator.comparing(Object::toString));
        all.addAll(extras.goods().keySet());
        all.addAll(besides.goods().keySet());
        all.addAll(packed.keySet());
        Map<Goods, Long> more = new LinkedHashMap<>();
        for (Goods each : all) {
            long wanted = extras.goods().getOrDefault(each, 0L)
                    + Math.max(besides.goods().getOrDefault(each, 0L) - used.getOrDefault(each, 0L), 0);
            long missing = wanted - packed.getOrDefault(each, 0L);
            if (missing != 0 && kept.contains(each)) {
                more.put(each, missing);
            }
        }
        return more;
    }

    /** What takes everything out of the bags again. */
    public Map<Goods, Long> back() {
        Map<Goods, Long> back = new LinkedHashMap<>();
        packed.forEach((each, amount) -> back.put(each, -amount));
        return back;
    }

    /** Whether something is in the bags. */
    public boolean isBegun() {
        return packed.values().stream().anyMatch(amount -> amount != 0);
    }

    /** What goes into the bags or out of them, as it is read: each thing with how much of it. */
    public List<Phrase> words(MeasureSystem system) {
        return said(more(), system);
    }

    /** What is in the bags, as it is read. */
    public List<Phrase> packedWords(MeasureSystem system) {
        return said(packed, system);
    }

    private static List<Phrase> said(Map<Goods, Long> amounts, MeasureSystem system) {
        return amounts.entrySet().stream()
                .filter(each -> each.getValue() != 0)
                .map(each -> Phrase.in(system)
                        .phrase(each.getKey().words(system))
                        .words(": ")
                        .phrase(each.getKey().amount(each.getValue() < 0 ? "−" : "", Math.abs(each.getValue()), system))
                        .end())
                .sorted((one, other) -> one.text().compareTo(other.text()))
                .toList();
    }
}

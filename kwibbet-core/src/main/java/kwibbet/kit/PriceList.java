package kwibbet.kit;

import java.util.List;
import java.util.Optional;

import kwibbet.card.SupplyList;

/**
 * What tape, findings, cord and filler cost.
 *
 * @param sold how each is sold
 */
public record PriceList(List<Sold> sold) {

    /** Nothing is known. */
    public static final PriceList NONE = new PriceList(List.of());

    /** Copies the list. */
    public PriceList {
        sold = List.copyOf(sold);
    }

    /**
     * How something is sold.
     *
     * @param pack what it is, and how much is in a pack or on a roll; more than nothing
     * @param cents what that costs, in hundredths
     */
    public record Sold(SupplyList pack, int cents) {}

    /** How something is sold; nothing where that is not known. */
    public Optional<Sold> of(SupplyList need) {
        return sold.stream().filter(each -> each.pack().isLike(need)).findFirst();
    }
}

package kwibbet.kit;

import java.util.Optional;

import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.kit.PriceList.Sold;

/**
 * What goes into a bag besides its cards: an envelope, a die-cut spare, findings, a strip of film.
 *
 * @param name what it is called
 * @param each how many are in a bag
 * @param pack how it is bought
 */
public record Extra(String name, int each, Pack pack) {

    /** No more different ones are in a bag. */
    public static final int MOST = 30;

    /**
     * How something is bought.
     *
     * @param size how many are in a pack, at least 1
     * @param cents what a pack costs, in hundredths; 0 where that is not known
     */
    public record Pack(int size, int cents) {
        /** One by one, for a price that is not known. */
        public static final Pack ONE = new Pack(1, 0);

        /** A pack holds no more. */
        public static final int LARGEST = 100_000;
    }

    /** What so many bags take of it. */
    SupplyList list(int bags) {
        return new SupplyList(name, new Supply.OfCount(Math.multiplyExact(each, bags)));
    }

    /** How it is sold; nothing where only its name is known. */
    Optional<Sold> sold() {
        return pack.equals(Pack.ONE)
                ? Optional.empty()
                : Optional.of(new Sold(new SupplyList(name, new Supply.OfCount(pack.size())), pack.cents()));
    }
}

package kwibbet.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;

/**
 * A cutting die.
 *
 * @param id its id
 * @param name what the maker calls it
 * @param shape what it cuts; of a die that cuts a field of openings the box around them
 * @param metal how far the metal stands outside the cut, all round
 * @param detail whether it needs a pass of its own
 * @param sides what its edge looks like
 * @param set the nested set it belongs to; empty where it stands alone
 * @param onHand how many of it there are; at least 1
 */
public record Die(
        DieId id, String name, CutShape shape, Length metal, Detail detail, Sides sides, String set, int onHand) {

    private static final Length WIDEST_METAL = Length.ofInches(1);
    private static final int MOST = 99;

    /** How much of the press's strength a die takes. */
    public enum Detail {
        /** Shares a pass with others. */
        PLAIN("plain"),
        /** Cuts so much that it goes through alone, on a plate of its own. */
        INTRICATE("intricate, on its own plate");

        private final String words;

        Detail(String words) {
            this.words = words;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /** The die if there can be such a one, otherwise why not. */
    public Outcome<Die> checked() {
        if (name.isBlank()) {
            return Outcome.refused("name", "Give it a name.");
        }
        if (metal.isNegative() || metal.isLongerThan(WIDEST_METAL)) {
            return Outcome.refused("metal", "The metal stands 0 to 1 in outside the cut.");
        }
        if (onHand < 1 || onHand > MOST) {
            return Outcome.refused("onHand", "There are 1 to 99 of it.");
        }
        return Outcome.made(this);
    }

    /** A second die like it. */
    public Die copied(DieId other) {
        return new Die(other, name + ", copy", shape, metal, detail, sides, set, onHand);
    }

    /**
     * This die and the larger ones of its nested set, each larger than the one before by as much both ways.
     *
     * @param step by how much; longer than zero
     * @param upTo how wide the largest is at most
     * @param named what a die of a size is called
     */
    public List<Die> nested(Length step, Length upTo, Function<Size, String> named) {
        List<Die> all = new ArrayList<>();
        Size size = shape.size();
        while (all.size() < MOST && !size.width().isLongerThan(upTo)) {
            String each = named.apply(size);
            all.add(new Die(id, each, new CutShape(shape.kind(), size), metal, detail, sides, set, onHand));
            size = new Size(size.width().plus(step), size.height().plus(step));
        }
        return all;
    }

    /** This die under an id. */
    public Die as(DieId other) {
        return new Die(other, name, shape, metal, detail, sides, set, onHand);
    }

    /** The size of its metal. */
    public Size footprint() {
        return grown(shape.size(), metal);
    }

    /** The outside of its metal, in a box larger than that of the cut by the metal all round. */
    public CutShape rim() {
        return new CutShape(shape.kind(), footprint());
    }

    /** A size larger by a border all round. */
    public static Size grown(Size size, Length border) {
        Length twice = border.multipliedBy(2);
        return new Size(size.width().plus(twice), size.height().plus(twice));
    }

    /** The quarter turns by which it can be laid. */
    public static List<Integer> turns() {
        return List.of(0, 90, 180, 270);
    }
}

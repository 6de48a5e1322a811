package kwibbet.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.wording.Names;

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

    private static final Length LARGEST = Length.ofInches(24);
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

    /** The die if there can be such a one, otherwise everything that is wrong, by field. */
    public Outcome<Die> checked() {
        List<Refusal> reasons = new ArrayList<>();
        if (!Names.isOne(name)) {
            reasons.add(new Refusal("name", "Give the die a name of 1 to " + Names.LONGEST + " letters."));
        }
        checkSide(reasons, "width", shape.size().width(), system());
        checkSide(reasons, "height", shape.size().height(), system());
        if (metal.isNegative() || metal.isLongerThan(WIDEST_METAL)) {
            reasons.add(new Refusal(
                    "metal",
                    "The metal stands 0 to " + Figure.of(system().mostSaid(WIDEST_METAL), system())
                            + " outside the cut."));
        }
        if (set.length() > Names.LONGEST) {
            reasons.add(new Refusal("set", "The name of a set has at most " + Names.LONGEST + " letters."));
        }
        if (onHand < 1 || onHand > MOST) {
            reasons.add(new Refusal("onHand", "There are 1 to " + MOST + " of it."));
        }
        return reasons.isEmpty() ? Outcome.made(this) : Outcome.refused(reasons);
    }

    private static void checkSide(List<Refusal> reasons, String field, Length side, MeasureSystem system) {
        if (side.isLongerThan(LARGEST)) {
            Length most = system.mostSaid(LARGEST);
            reasons.add(new Refusal(field, "A die cuts at most " + Figure.of(most, system) + " a side."));
        }
    }

    /** A second die like it. */
    public Die copied(DieId other) {
        return new Die(other, Names.ofCopy(name), shape, metal, detail, sides, set, onHand);
    }

    /**
     * The dies of a nested set of which this is the smallest, each larger than the one before by as much both ways and named after its size.
     *
     * @param step by how much; longer than zero
     * @param upTo how wide the largest is at most
     * @param newId an id no die has, a new one each time
     */
    public List<Die> nested(Length step, Length upTo, Supplier<DieId> newId) {
        List<Die> all = new ArrayList<>();
        Size size = shape.size();
        while (all.size() < MOST && !size.width().isLongerThan(upTo)) {
            CutShape larger = new CutShape(shape.look(), size);
            all.add(new Die(
                    all.isEmpty() ? id : newId.get(),
                    name + " " + said(size),
                    larger,
                    metal,
                    detail,
                    sides,
                    set,
                    onHand));
            size = new Size(size.width().plus(step), size.height().plus(step));
        }
        return all;
    }

    private String said(Size size) {
        String width = Figure.of(size.width(), system()).text();
        return size.width().equals(size.height())
                ? width
                : width + " × " + Figure.of(size.height(), system()).text();
    }

    /** What its size is said in: inches where they can say it, millimetres otherwise. */
    public MeasureSystem system() {
        boolean inches = Stream.of(shape.size().width(), shape.size().height())
                .allMatch(side -> Figure.inInches(side).isExact());
        return inches ? MeasureSystem.INCH : MeasureSystem.METRIC;
    }

    /** The outside of its metal, in a box larger than that of the cut by the metal all round. */
    public CutShape rim() {
        return shape.grown(metal);
    }
}

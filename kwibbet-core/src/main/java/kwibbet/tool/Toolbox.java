package kwibbet.tool;

import java.util.List;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/**
 * The tools at hand for a run.
 *
 * @param trimmer what sheets are cut with
 * @param board what pieces are scored on
 * @param press what dies go through
 * @param dies the dies, in the order they were laid in
 * @param hand the hand of the maker
 * @param handTools what else lies on the bench
 */
public record Toolbox(
        Trimmer trimmer, ScoringBoard board, Press press, List<Die> dies, Hand hand, HandTools handTools) {

    /** Tools of which no hand tool is said. */
    public Toolbox(Trimmer trimmer, ScoringBoard board, Press press, List<Die> dies, Hand hand) {
        this(trimmer, board, press, dies, hand, HandTools.ANY);
    }

    /** What a maker is taken to have until the inventory says otherwise. */
    public static final Toolbox GENERIC = new Toolbox(
            new Trimmer(
                    "12 in trimmer",
                    new Trimmer.Reach(Length.ofInches(12), Length.ofInches(1, 2)),
                    Graduation.SIXTEENTHS,
                    new Trimmer.Stack(2, Length.ofMillimetres(7, 10)),
                    Trimmer.Slits.INSIDE),
            new ScoringBoard(
                    "12 in scoring board",
                    Length.ofInches(12),
                    Grooves.every(Length.ofInches(1, 8), Length.ofInches(12)),
                    ScoringBoard.Plate.AT_45),
            new Press(Length.ofInches(6), Length.ofInches(9), 2),
            List.of(),
            Hand.RIGHT);

    /** The same for makers who measure in millimetres. */
    public static final Toolbox GENERIC_METRIC = new Toolbox(
            new Trimmer(
                    "310 mm trimmer",
                    new Trimmer.Reach(Length.ofMillimetres(310), Length.ofMillimetres(12)),
                    Graduation.MILLIMETRES,
                    new Trimmer.Stack(2, Length.ofMillimetres(7, 10)),
                    Trimmer.Slits.INSIDE),
            new ScoringBoard(
                    "300 mm scoring board",
                    Length.ofMillimetres(300),
                    Grooves.every(Length.ofMillimetres(5), Length.ofMillimetres(300)),
                    ScoringBoard.Plate.AT_45),
            new Press(Length.ofMillimetres(150), Length.ofMillimetres(230), 2),
            List.of(),
            Hand.RIGHT);

    /** What a maker of a system is taken to have until the inventory says otherwise. */
    public static Toolbox generic(MeasureSystem system) {
        return system == MeasureSystem.INCH ? GENERIC : GENERIC_METRIC;
    }

    /** Copies the dies. */
    public Toolbox {
        dies = List.copyOf(dies);
    }

    /** These tools with other dies. */
    public Toolbox withDies(List<Die> others) {
        return new Toolbox(trimmer, board, press, others, hand, handTools);
    }

    /** The same tools for a maker of the other hand. */
    public Toolbox forOtherHand() {
        return withHand(hand.other());
    }

    /** The same tools for a maker of that hand. */
    public Toolbox withHand(Hand other) {
        return new Toolbox(trimmer, board, press, dies, other, handTools);
    }

    /** These tools with other hand tools. */
    public Toolbox withHandTools(HandTools others) {
        return new Toolbox(trimmer, board, press, dies, hand, others);
    }
}

package kwibbet.tool;

import java.util.List;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;

/**
 * The tools at hand for a run.
 *
 * @param trimmer what sheets are cut with
 * @param board what pieces are scored on
 * @param press what dies go through
 * @param dies the dies, in the order they were laid in
 * @param hand the hand of the maker
 */
public record Toolbox(Trimmer trimmer, ScoringBoard board, Press press, List<Die> dies, Hand hand) {

    /** What a maker is taken to have until the inventory says otherwise. */
    public static final Toolbox GENERIC = new Toolbox(
            new Trimmer(
                    "12 in trimmer",
                    Length.ofInches(12),
                    Graduation.SIXTEENTHS,
                    2,
                    Length.ofMillimetres(7, 10),
                    Trimmer.Slits.INSIDE),
            new ScoringBoard(
                    "12 in scoring board",
                    Length.ofInches(12),
                    Grooves.every(Length.ofInches(1, 8), Length.ofInches(12)),
                    ScoringBoard.Plate.AT_45),
            new Press(Length.ofInches(6), Length.ofInches(9), 2),
            List.of(),
            Hand.RIGHT);

    /** Copies the dies. */
    public Toolbox {
        dies = List.copyOf(dies);
    }

    /** These tools with other dies. */
    public Toolbox withDies(List<Die> others) {
        return new Toolbox(trimmer, board, press, others, hand);
    }

    /** The same tools for a maker of the other hand. */
    public Toolbox forOtherHand() {
        return new Toolbox(trimmer, board, press, dies, hand.other());
    }
}

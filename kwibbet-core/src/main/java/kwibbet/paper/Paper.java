package kwibbet.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Size;
import kwibbet.wording.Names;

/**
 * One paper of the inventory.
 *
 * @param id its id
 * @param name what the maker calls it
 * @param kind what it is
 * @param format how its sheets are cut
 * @param face the face that shows, and the other
 * @param body what it is made of
 * @param kept how many sheets there are, and what one costs
 * @param sizeOf the paper of which this is another size of sheet, if it is one
 */
public record Paper(
        PaperId id,
        String name,
        PaperKind kind,
        Format format,
        Face face,
        Body body,
        Kept kept,
        Optional<PaperId> sizeOf) {

    /**
     * How the sheets of a paper are cut.
     *
     * @param sheet one sheet, its height upright
     * @param system the system its size is said in
     * @param margin what cannot be used along every edge: a printer's margin or a trim allowance
     */
    public record Format(Size sheet, MeasureSystem system, Length margin) {}

    /**
     * The face of a paper that shows, and what the other is.
     *
     * @param colour its colour
     * @param pattern whether it has an up
     * @param other the colour of the other face
     * @param otherPattern whether that has an up
     */
    public record Face(Colour colour, Pattern pattern, Colour other, Pattern otherPattern) {
        /** A face of a paper that is the same on both. */
        public Face(Colour colour, Pattern pattern) {
            this(colour, pattern, colour, pattern);
        }

        /** A face of a paper whose other face is plain where it has another colour, and the same where it has not. */
        public Face(Colour colour, Pattern pattern, Colour other) {
            this(colour, pattern, other, colour.equals(other) ? pattern : Pattern.PLAIN);
        }

        /** Whether it matters which face of the paper is seen. */
        public boolean isTwoFaced() {
            return !colour.equals(other) || pattern != otherPattern;
        }

        /** Whether either face has an up. */
        public boolean hasUp() {
            return pattern == Pattern.ONE_WAY || otherPattern == Pattern.ONE_WAY;
        }
    }

    /**
     * What a paper is made of.
     *
     * @param grain which way the fibres run
     * @param gramsPerSquareMetre its weight, ISO 536
     * @param caliper the thickness of one sheet
     */
    public record Body(Grain grain, int gramsPerSquareMetre, Length caliper) {}

    /**
     * What is kept of a paper.
     *
     * @param onHand how many sheets there are
     * @param cents what one sheet costs, in hundredths of the maker's money; 0 where that is not known
     */
    public record Kept(int onHand, int cents) {}

    /** The smallest and largest sheet side that is taken for one. */
    private static final Length SMALLEST_SIDE = Length.ofInches(1);

    private static final Length LARGEST_SIDE = Length.ofInches(48);
    private static final Length THICKEST = Length.ofInches(1, 4);
    private static final int HEAVIEST = 2_000;
    private static final int MOST_ON_HAND = 100_000;
    private static final int DEAREST = 100_000;

    /** One sheet, its height upright. */
    public Size sheet() {
        return format.sheet();
    }

    /** The system its size is said in. */
    public MeasureSystem system() {
        return format.system();
    }

    /** What cannot be used along every edge. */
    public Length margin() {
        return format.margin();
    }

    /** The colour of the face that shows. */
    public Colour colour() {
        return face.colour();
    }

    /** Whether the face that shows has an up. */
    public Pattern pattern() {
        return face.pattern();
    }

    /** Which way the fibres run. */
    public Grain grain() {
        return body.grain();
    }

    /** Its weight, ISO 536. */
    public int gramsPerSquareMetre() {
        return body.gramsPerSquareMetre();
    }

    /** The thickness of one sheet. */
    public Length caliper() {
        return body.caliper();
    }

    /** How many sheets there are. */
    public int onHand() {
        return kept.onHand();
    }

    /** What one sheet costs, in hundredths of the maker's money; 0 where that is not known. */
    public int cents() {
        return kept.cents();
    }

    /** The paper if its figures are those of a paper, otherwise everything that is wrong, by field. */
    public Outcome<Paper> checked() {
        List<Refusal> reasons = new ArrayList<>();
        if (!Names.isOne(name)) {
            reasons.add(new Refusal("name", "Give the paper a name of 1 to " + Names.LONGEST + " letters."));
        }
        checkSide(reasons, "sheetWidth", sheet().width(), system());
        checkSide(reasons, "sheetHeight", sheet().height(), system());
        if (gramsPerSquareMetre() < 20 || gramsPerSquareMetre() > HEAVIEST) {
            reasons.add(new Refusal("weight", "The weight must be 20 to " + HEAVIEST + " g/m²."));
        }
        if (!caliper().isPositive() || caliper().isLongerThan(THICKEST)) {
            reasons.add(new Refusal(
                    "caliper",
                    "The thickness must be more than 0 and at most " + Figure.inMillimetres(THICKEST) + "."));
        }
        if (onHand() < 0 || onHand() > MOST_ON_HAND) {
            reasons.add(new Refusal("onHand", "Sheets on hand must be 0 to " + MOST_ON_HAND + "."));
        }
        if (cents() < 0 || cents() > DEAREST) {
            reasons.add(new Refusal("price", "A sheet can cost 0 to " + DEAREST / 100 + "."));
        }
        Length shorter = Length.min(sheet().width(), sheet().height());
        if (margin().isNegative() || !margin().multipliedBy(2).isShorterThan(shorter)) {
            reasons.add(new Refusal("margin", "A margin is 0 or more and leaves something of the sheet."));
        }
        return reasons.isEmpty() ? Outcome.made(this) : Outcome.refused(reasons);
    }

    /** Another paper like this, called a copy of it, of which there is nothing yet. */
    public Paper copied(PaperId other) {
        return with(other, Names.ofCopy(name), 0);
    }

    /** The same paper, of which there are so many sheets. */
    public Paper withOnHand(int sheets) {
        return with(id, name, sheets);
    }

    private Paper with(PaperId otherId, String otherName, int sheets) {
        return new Paper(otherId, otherName, kind, format, face, body, new Kept(sheets, cents()), sizeOf);
    }

    /** What all sizes of one paper have in common. */
    public PaperId family() {
        return sizeOf.orElse(id);
    }

    private static void checkSide(List<Refusal> reasons, String field, Length side, MeasureSystem system) {
        if (side.isShorterThan(SMALLEST_SIDE) || side.isLongerThan(LARGEST_SIDE)) {
            Figure least = Figure.of(system.leastSaid(SMALLEST_SIDE), system);
            Figure most = Figure.of(system.mostSaid(LARGEST_SIDE), system);
            reasons.add(new Refusal(field, "A sheet is " + least + " to " + most + " a side."));
        }
    }
}

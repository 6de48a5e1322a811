package kwibbet.trial;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/** Something that goes wrong at the bench. */
public sealed interface Mishap {

    /**
     * The trimmer cuts beside its mark, always.
     *
     * @param by how far beyond the mark; negative when it cuts short
     */
    record TrimmerOff(Length by) implements Mishap {}

    /**
     * The fence slips while one setting is cut.
     *
     * @param setting the number of the setting, from 1
     * @param by how far away from the blade; negative when towards it
     */
    record FenceSlipped(int setting, Length by) implements Mishap {}

    /**
     * One sheet is ruined before it is cut.
     *
     * @param layout the place of its layout, from 0
     */
    record SheetSpoilt(int layout) implements Mishap {}

    /**
     * The dies lie too far to the right while one load is passed.
     *
     * @param setting which load of the press, from 1
     * @param by how far
     */
    record DieSlipped(int setting, Length by) implements Mishap {}

    /** How far a trimmer is off when it is a little off. */
    static Length littleOff(MeasureSystem system) {
        return system == MeasureSystem.INCH ? Length.ofInches(1, 32) : Length.ofMillimetres(1);
    }

    /** How far a fence slips when it slips. */
    static Length slip(MeasureSystem system) {
        return system == MeasureSystem.INCH ? Length.ofInches(1, 8) : Length.ofMillimetres(3);
    }
}

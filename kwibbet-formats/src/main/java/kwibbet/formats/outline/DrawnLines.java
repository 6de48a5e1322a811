package kwibbet.formats.outline;

import java.util.List;

import kwibbet.outline.DrawnUnit;
import kwibbet.outline.Tracing;

/**
 * What was understood of a drawing.
 *
 * @param tracing its lines, as if its unit were a millimetre
 * @param unit its unit
 * @param isUnitSaid whether the drawing itself says so
 * @param told what a maker should know of how it was read, in whole sentences
 */
public record DrawnLines(Tracing tracing, DrawnUnit unit, boolean isUnitSaid, List<String> told) {

    /** Copies what is told. */
    public DrawnLines {
        told = List.copyOf(told);
    }
}

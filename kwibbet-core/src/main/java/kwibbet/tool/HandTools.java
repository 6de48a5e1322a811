package kwibbet.tool;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.EdgeRun;
import kwibbet.shape.Size;

/**
 * What lies on the bench besides trimmer, board and press. What is not said is taken to do what is asked of it.
 *
 * @param punches the punches; where none is said, any hole is punched
 * @param edgePunches the punches for edges; where none is said, any pattern is punched
 * @param rounders the radii of the corner rounders; where none is said, any corner up to {@link #LARGEST_ROUNDED} is rounded by one
 * @param folder the largest area an embossing folder gives
 * @param stencil the largest area a stencil covers
 * @param platform the largest sheet the stamping platform takes
 * @param printer the largest sheet the printer takes
 * @param canHeat whether there is a heat tool
 */
public record HandTools(
        List<Punch> punches,
        List<EdgePunch> edgePunches,
        List<Length> rounders,
        Optional<Size> folder,
        Optional<Size> stencil,
        Optional<Size> platform,
        Optional<Size> printer,
        boolean canHeat) {

    /** Nothing is said. */
    public static final HandTools ANY = new HandTools(
            List.of(),
            List.of(),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            true);
    /** No corner rounder has a larger radius. Common practice, no source. */
    public static final Length LARGEST_ROUNDED = Length.ofInches(1, 2);

    private static final int MOST_ROUNDERS = 12;

    /** Copies the lists. */
    public HandTools {
        punches = List.copyOf(punches);
        edgePunches = List.copyOf(edgePunches);
        rounders = List.copyOf(rounders);
    }

    /** Whether a pattern along an edge is punched. */
    public boolean punches(EdgeRun run) {
        return edgePunches.isEmpty() || edgePunch(run).isPresent();
    }

    /** The punch said that cuts a pattern along an edge; of several the one that cuts fewest at a time, which can stop at any of them. */
    public Optional<EdgePunch> edgePunch(EdgeRun run) {
        return edgePunches.stream().filter(punch -> punch.cuts(run)).min(Comparator.comparingInt(EdgePunch::atOnce));
    }

    /** Whether a corner rounder cuts corners of that radius. */
    public boolean rounds(Length radius) {
        return rounders.isEmpty() ? !radius.isLongerThan(LARGEST_ROUNDED) : rounders.contains(radius);
    }

    /**
     * Reads the radii of corner rounders as a maker says them: {@code 1/4, 3/8}.
     *
     * @param said the radii, parted by commas; none where it is blank
     * @param system what numbers without a unit are measured in
     * @return the radii, or what is wrong, under the key {@code rounders}
     */
    public static Outcome<List<Length>> rounders(String said, MeasureSystem system) {
        List<Length> radii = new ArrayList<>();
        for (String part : said.split("[,;\\n]", -1)) {
            if (part.isBlank()) {
                continue;
            }
            try {
                radii.add(Length.parse(part.strip(), system));
            } catch (LengthParseException misread) {
                return Outcome.refused("rounders", Objects.requireNonNullElse(misread.getMessage(), ""));
            }
        }
        boolean isRound = radii.stream().allMatch(Length::isPositive)
                && radii.stream().noneMatch(radius -> radius.isLongerThan(Length.ofInches(2)));
        return radii.size() <= MOST_ROUNDERS && isRound
                ? Outcome.made(radii)
                : Outcome.refused(
                        "rounders",
                        "At most " + MOST_ROUNDERS + " radii, each more than 0 and at most "
                                + Figure.of(system.mostSaid(Length.ofInches(2)), system) + ".");
    }

    /** Radii as {@link #rounders} reads them. */
    public static String said(List<Length> rounders, MeasureSystem system) {
        return rounders.stream().map(radius -> Figure.entry(radius, system)).collect(Collectors.joining(", "));
    }
}

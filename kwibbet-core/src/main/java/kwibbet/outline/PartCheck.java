package kwibbet.outline;

import java.util.ArrayList;
import java.util.List;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;

/** What is wrong with the parts of an outline, each by itself. */
final class PartCheck {

    private static final Length SMALLEST = Length.ofInches(1, 32);
    private static final Length LARGEST = Length.ofInches(48);

    private PartCheck() {}

    static List<Refusal> of(List<ShapePart> parts, MeasureSystem system) {
        List<Refusal> reasons = new ArrayList<>();
        if (parts.get(0).how() != ShapePart.How.ADD) {
            reasons.add(new Refusal("0.how", "The first part is there to be added to."));
        }
        for (int i = 0; i < parts.size(); i++) {
            ShapePart part = parts.get(i);
            checkSide(i + ".width", part.size().width(), system, reasons);
            checkSide(i + ".height", part.size().height(), system, reasons);
            checkPlace(i + ".across", part.corner().x(), system, reasons);
            checkPlace(i + ".down", part.corner().y(), system, reasons);
            if (part.source() instanceof Source.Traced traced) {
                checkLines(i + ".lines", traced.tracing(), reasons);
            }
        }
        return reasons;
    }

    private static void checkSide(String field, Length side, MeasureSystem system, List<Refusal> reasons) {
        if (side.isShorterThan(SMALLEST) || side.isLongerThan(LARGEST)) {
            reasons.add(new Refusal(
                    field,
                    "A part is " + Figure.of(system.leastSaid(SMALLEST), system).text() + " to "
                            + Figure.of(system.mostSaid(LARGEST), system) + " a side."));
        }
    }

    private static void checkPlace(String field, Length place, MeasureSystem system, List<Refusal> reasons) {
        if (place.abs().isLongerThan(LARGEST)) {
            reasons.add(new Refusal(
                    field,
                    "A part lies at most " + Figure.of(system.mostSaid(LARGEST), system) + " from where it begins."));
        }
    }

    private static void checkLines(String field, Tracing tracing, List<Refusal> reasons) {
        boolean bounds = tracing.lines().stream().anyMatch(line -> line.use() == Tracing.Use.CUT && line.isOutline());
        if (!bounds) {
            reasons.add(new Refusal(field, "None of its closed lines is cut: choose at least one that is."));
        }
        for (int i = 0; i < tracing.lines().size(); i++) {
            Tracing.Line line = tracing.lines().get(i);
            if (line.use() == Tracing.Use.CUT && !line.isOutline()) {
                reasons.add(new Refusal(
                        field, "Line " + (i + 1) + " is open and bounds nothing: crease it or leave it out."));
            } else if (line.use() == Tracing.Use.CUT && line.crossesItself()) {
                reasons.add(new Refusal(
                        field, "Line " + (i + 1) + " crosses itself: mend it in the drawing, or leave it out."));
            }
        }
    }
}

package kwibbet.fold;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import kwibbet.card.Form;
import kwibbet.card.Panel;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.shape.Axis;

/**
 * The panels of a base in a pose, as they are seen, the farthest first.
 *
 * @param panels each panel of the base once
 */
public record FoldedView(List<SeenPanel> panels) {

    /** A closed card is ordered as it lies just before it closes, when no two panels are at one depth. */
    private static final double ALMOST_CLOSED = 0.98;

    /** Copies the panels. */
    public FoldedView {
        panels = List.copyOf(panels);
    }

    /** The base in that pose. */
    public static FoldedView of(Form form, Pose pose) {
        Map<String, Frame> exact = frames(form, pose, 1);
        Map<String, Frame> almost = frames(form, pose, ALMOST_CLOSED);
        return new FoldedView(form.panels().stream()
                .sorted(Comparator.comparingDouble(panel -> depth(panel, almost)))
                .map(panel -> seen(panel, frame(exact, panel.key())))
                .toList());
    }

    private static SeenPanel seen(Panel panel, Frame frame) {
        return new SeenPanel(panel.key(), frame.inside().z() > 0 ? Side.INSIDE : Side.OUTSIDE, frame);
    }

    private static double depth(Panel panel, Map<String, Frame> frames) {
        double x = (panel.area().left().toInches() + panel.area().right().toInches()) / 2;
        double y = (panel.area().top().toInches() + panel.area().bottom().toInches()) / 2;
        return frame(frames, panel.key()).at(x, y).z();
    }

    private static Map<String, Frame> frames(Form form, Pose pose, double share) {
        Map<String, Frame> standing = new HashMap<>();
        for (Panel panel : form.panels()) {
            standing.put(
                    panel.key(),
                    panel.hinge()
                            .map(hinge -> folded(form, panel, hinge, frame(standing, hinge.panel()), pose, share))
                            .orElse(Frame.FLAT));
        }
        Map<String, Frame> seen = new HashMap<>();
        standing.forEach((key, frame) -> seen.put(key, seen(frame, pose)));
        return seen;
    }

    /** Leaning takes the foot away from the viewer: the same turn as a viewer who steps up. */
    private static Frame seen(Frame frame, Pose pose) {
        return frame.seenFrom(0, Math.toRadians(pose.lean()))
                .seenFrom(Math.toRadians(pose.yaw()), Math.toRadians(pose.pitch()));
    }

    private static Frame folded(Form form, Panel panel, Panel.Hinge hinge, Frame parent, Pose pose, double share) {
        Score score = form.score(hinge.score()).orElseThrow();
        int degrees = pose.angles().getOrDefault(score.key(), 0);
        double sign = score.fold() == Score.Fold.VALLEY ? 1 : -1;
        double radians = sign * share * Math.toRadians(degrees);
        double crease = score.position(form.flat()).toInches();
        return score.from().axis() == Axis.VERTICAL
                ? parent.foldedAtVertical(crease, panel.area().left().toInches() < crease, radians)
                : parent.foldedAtHorizontal(crease, panel.area().top().toInches() < crease, radians);
    }

    private static Frame frame(Map<String, Frame> frames, String panel) {
        return Objects.requireNonNull(frames.get(panel), () -> "no panel " + panel);
    }
}

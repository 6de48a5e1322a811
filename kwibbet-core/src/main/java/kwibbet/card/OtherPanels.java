package kwibbet.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Region;

/** The other panels of the base, as they lie when the card is shut, in the frame of a site on one of them. */
final class OtherPanels {

    private final Form form;
    private final List<Panel> panels;
    private final ShutFold shut;
    private final Placement table;
    private final Placement frame;
    private final Panel panel;
    private final Side side;
    private final int level;
    private final boolean facesUp;
    private final Region room;
    private final Panel root;

    OtherPanels(Form form, List<Panel> panels, List<Piece> pieces, Panel panel, Side side, Placement frame) {
        this.form = form;
        this.panels = panels;
        this.shut = ShutFold.of(panels, pieces, form.pose(Pose.SHUT), form.closing());
        this.frame = frame;
        this.panel = panel;
        this.side = side;
        this.table = shut.of(panel.id());
        this.level = shut.level(panel.id());
        this.facesUp = (side == Side.UP) != table.mirrored();
        this.room = lying(panel);
        this.root = root(panel);
    }

    /**
     * What is seen through an opening here: panels further from the eye, the nearest first. What sticks out past the panel it hangs on, as a latch does
     * past a door, lies over the panel beside that one, whichever of the two is shut last.
     */
    List<Site.Deeper> behind() {
        return form.panels().stream()
                .filter(this::overlaps)
                .filter(other -> further(other) || (!other.id().equals(root.id()) && !overlap(other, root)))
                .sorted(nearest())
                .map(this::deeper)
                .toList();
    }

    /** What is stuck to the back of the site's panel, and of some layers below it. */
    List<Site.Deeper> stuckBehind(List<Site.Deeper> layers) {
        return Stream.concat(
                        covers(panel, side.opposite(), frame).stream(),
                        layers.stream()
                                .flatMap(layer ->
                                        covers(layer.panel(), layer.side().opposite(), layer.frame()).stream()))
                .toList();
    }

    private boolean further(Panel other) {
        return facesUp ? shut.level(other.id()) < level : shut.level(other.id()) > level;
    }

    /** The panel of the base that something hangs on by glue; itself if it is one. */
    private Panel root(Panel panel) {
        return panel.hanging() instanceof Panel.Stuck stuck
                ? panels.stream()
                        .filter(each -> each.id().equals(stuck.panel()))
                        .findFirst()
                        .map(this::root)
                        .orElse(panel)
                : panel;
    }

    /** All other panels, those of the small card it lies on, if it does, among them; the nearest to the eye first. */
    List<Site.Deeper> all() {
        boolean isOnBase = form.panels().stream().anyMatch(each -> each.id().equals(root.id()));
        Stream<Panel> ofSmallCard = isOnBase
                ? Stream.empty()
                : panels.stream().filter(other -> other.piece().equals(root.piece()));
        return Stream.concat(form.panels().stream(), ofSmallCard)
                .filter(other -> !other.id().equals(root.id()))
                .sorted(nearest())
                .map(this::deeper)
                .toList();
    }

    private Comparator<Panel> nearest() {
        return Comparator.comparingInt(other -> facesUp ? -shut.level(other.id()) : shut.level(other.id()));
    }

    private boolean overlaps(Panel other) {
        return Overlay.sharedArea(lying(other), room) > Overlay.NOTHING;
    }

    private boolean overlap(Panel one, Panel other) {
        return Overlay.sharedArea(lying(one), lying(other)) > Overlay.NOTHING;
    }

    private Region lying(Panel panel) {
        return Region.of(panel.outline()).in(shut.of(panel.id()));
    }

    private Site.Deeper deeper(Panel other) {
        Placement there = shut.of(other.id());
        Side seen = facesUp != there.mirrored() ? Side.UP : Side.UNDER;
        Placement onOther = frame.within(table).within(there.inverse());
        return new Site.Deeper(other.piece(), other, seen, onOther, covers(other, seen, onOther));
    }

    private List<Site.Deeper> covers(Panel lower, Side seen, Placement onLower) {
        List<Site.Deeper> covers = new ArrayList<>();
        for (Panel panel : panels) {
            if (panel.hanging() instanceof Panel.Stuck stuck
                    && stuck.panel().equals(lower.id())
                    && stuck.side() == seen) {
                Placement onUpper = onLower.within(stuck.placement().inverse());
                Side upper = stuck.placement().mirrored() ? seen.opposite() : seen;
                covers.add(new Site.Deeper(panel.piece(), panel, upper, onUpper, List.of()));
                covers.addAll(covers(panel, upper, onUpper));
            }
        }
        return covers;
    }
}

package kwibbet.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

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
    private final int level;
    private final boolean facesUp;
    private final Region room;

    OtherPanels(Form form, List<Panel> panels, List<Piece> pieces, Panel panel, Side side, Placement frame) {
        this.form = form;
        this.panels = panels;
        this.shut = ShutFold.of(panels, pieces, form.pose(Pose.SHUT), form.closing());
        this.frame = frame;
        this.table = shut.of(panel.id());
        this.level = shut.level(panel.id());
        this.facesUp = (side == Side.UP) != table.mirrored();
        this.room = Region.of(panel.outline()).in(table);
    }

    /** What is seen through an opening here: panels further from the eye. */
    List<Site.Deeper> behind() {
        return form.panels().stream()
                .filter(other -> facesUp ? shut.level(other.id()) < level : shut.level(other.id()) > level)
                .filter(this::overlaps)
                .sorted(Comparator.comparingInt(other -> Math.abs(shut.level(other.id()) - level)))
                .map(this::deeper)
                .toList();
    }

    List<Site.Deeper> beside() {
        return form.panels().stream()
                .filter(other -> !overlaps(other))
                .map(this::deeper)
                .toList();
    }

    private boolean overlaps(Panel other) {
        Region there = Region.of(other.outline()).in(shut.of(other.id()));
        return Overlay.sharedArea(there, room) > Overlay.NOTHING;
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

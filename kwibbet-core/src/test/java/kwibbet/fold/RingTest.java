package kwibbet.fold;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import kwibbet.card.Card;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.ShutFold;
import kwibbet.card.Side;
import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** What lies over what, where several pieces and rings of overlaps make it hard. */
class RingTest {

    private static List<SeenPanel> seen(Card card, String pose) {
        return FoldedView.of(card, card.form().pose(pose)).panels();
    }

    private static int at(List<SeenPanel> panels, String key) {
        return panels.stream().map(each -> each.panel().id().value()).toList().indexOf(key);
    }

    /** Each flap over the one before and the first over the last: no order of drawing has all four right. */
    @Test
    void theFlapsOfAPinwheelGoRoundInARing() {
        List<SeenPanel> panels = seen(make(base("pinwheel", "4", "4")).orThrow(), Pose.SHUT);
        for (int flap = 1; flap <= 4; flap++) {
            String lower = "flap-" + flap;
            String upper = "flap-" + (flap % 4 + 1);
            SeenPanel under = panels.get(at(panels, lower));
            boolean drawnLater = at(panels, upper) > at(panels, lower);
            boolean hidden = under.hiddenBy().stream()
                    .anyMatch(over -> over.panel().id().value().equals(upper));
            assertThat(drawnLater || hidden).as(upper + " over " + lower).isTrue();
        }
        assertThat(panels.stream().filter(each -> !each.hiddenBy().isEmpty())).isNotEmpty();
        assertThat(panels.get(0).panel().id().value()).isEqualTo("middle");
    }

    /** Both ways of folding, by reflections and by turning in space, agree where everything lies. */
    @Test
    void reflectionsAndTurnsInSpaceAgree() {
        for (String key : List.of(
                "folded",
                "gate",
                "roll",
                "zigzag",
                "wrap-over",
                "bridged",
                "shutter-gate",
                "pinwheel",
                "shaped",
                "past-fold",
                "custom")) {
            Card card = make(base(key, "5", "7")).orThrow();
            ShutFold flat = card.shut();
            var space = FoldedView.standing(card, card.form().pose(Pose.SHUT));
            for (Panel panel : card.panels()) {
                Outline folded = panel.outline().in(flat.of(panel.id()));
                for (int i = 0; i < folded.corners().size(); i++) {
                    Vector turned = Objects.requireNonNull(space.get(panel.id()))
                            .at(panel.outline().corners().get(i));
                    assertThat(folded.corners().get(i).x().toInches())
                            .as(key + " " + panel.id().value())
                            .isCloseTo(turned.x(), offset(1e-4));
                    assertThat(folded.corners().get(i).y().toInches()).isCloseTo(turned.y(), offset(1e-4));
                }
            }
        }
    }

    /** Opening the doors draws each shutter by twice the 1/4 in its score lies from the fold, so that more of the scene shows. */
    @Test
    void theShuttersOpenAsTheDoorsDo() {
        Card card = make(base("shutter-gate", "5", "7")).orThrow();
        Outline round = card.piece(new PieceId("sleeve"))
                .orElseThrow()
                .openings()
                .get(0)
                .outline();
        assertThat(tip(card, Pose.SHUT)).isEqualTo(tip(card, Pose.OPEN).plus(in("1/2")));
        assertThat(shown(card, Pose.SHUT, round)).isLessThan(0.05);
        assertThat(shown(card, Pose.OPEN, round)).isBetween(0.1, 0.6);
    }

    private static Length tip(Card card, String pose) {
        ShutFold fold = ShutFold.of(
                card.panels(),
                card.pieces(),
                card.form().pose(pose),
                card.form().closing());
        Outline blade = card.panel(new PanelId("left-shutter")).orElseThrow().outline();
        return blade.in(fold.of(new PanelId("left-shutter"))).bounds().right();
    }

    /** The share of an opening of the sleeve that the shutters leave free. */
    private static double shown(Card card, String pose, Outline opening) {
        ShutFold fold = ShutFold.of(
                card.panels(),
                card.pieces(),
                card.form().pose(pose),
                card.form().closing());
        Region there = Region.of(opening.in(fold.of(new PanelId("sleeve"))));
        List<Region> shutters = Stream.of(new PanelId("left-shutter"), new PanelId("right-shutter"))
                .map(id -> Region.of(card.panel(id).orElseThrow().outline().in(fold.of(id))))
                .toList();
        double free = Overlay.without(there, shutters).stream()
                .mapToDouble(Region::area)
                .sum();
        return free / there.area();
    }

    @Test
    void theInnerFlapOfARollLiesBetweenFrontAndBackAndEndsShortOfTheFold() {
        Card card = make(base("roll", "4", "6")).orThrow();
        List<SeenPanel> panels = seen(card, Pose.SHUT);
        assertThat(panels).extracting(each -> each.panel().id().value()).containsExactly("back", "flap-1", "front");
        Outline flap = card.panel(new PanelId("flap-1"))
                .orElseThrow()
                .outline()
                .in(card.shut().of(new PanelId("flap-1")));
        assertThat(flap.bounds().left()).isEqualTo(in("4 1/16"));
        assertThat(panels.get(2).side()).isEqualTo(Side.UNDER);
    }

    @Test
    void whatWrapsRoundTheCardLiesOverAllThatIsStuckToIt() {
        Card card = make(base("folded", "5", "7")
                        .withAdditions(List.of(
                                add("belly-band", "belly-band-1", on("front-outside")),
                                add("mat", "mat-1", on("front-outside"), "border", "1/8"))))
                .orThrow();
        List<SeenPanel> panels = seen(card, Pose.SHUT);
        assertThat(at(panels, "belly-band-1")).isGreaterThan(at(panels, "mat-1"));
        assertThat(at(panels, "belly-band-1-left")).isLessThan(at(panels, "back"));
        assertThat(FoldedView.extent(card, card.form().pose(Pose.SHUT)).height())
                .isEqualTo(size("5", "7").height());
    }
}

package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.card.Base;
import kwibbet.card.base.Bases;
import kwibbet.crease.FlatFolding;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.fold.CardFolding;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

import static kwibbet.Inches.base;
import static kwibbet.Inches.make;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

class FoldPictureTest {

    private static FoldPicture picture(CardFolding folding) {
        return FoldPicture.of(
                folding.pattern().pattern(),
                folding.leaves(),
                Map.of(),
                folding.sequence().orElseThrow(),
                1);
    }

    static Stream<Base> bases() {
        return Bases.ALL.stream();
    }

    /** Every step is one arrow with its head, drawn on paper that stays within the frame. */
    @ParameterizedTest
    @MethodSource("bases")
    void everyStepShowsWhereSomethingGoes(Base base) {
        CardFolding folding = CardFolding.of(make(base(base.key(), "5", "7")).orThrow());
        FoldPicture picture = picture(folding);
        int steps = folding.sequence().orElseThrow().steps().size();
        for (int step = 0; step < steps; step++) {
            Drawing drawing = picture.before(step);
            assertThat(drawing.marks().stream()
                            .filter(mark -> mark instanceof Mark.Stroke stroke && stroke.line() == Line.MOVE))
                    .hasSize(2);
            areas(drawing).forEach(area -> assertThat(drawing.frame().contains(new Outline(area.outline()).bounds()))
                    .as(drawing.title() + " of " + base.key())
                    .isTrue());
        }
    }

    private static Stream<Mark.Area> areas(Drawing drawing) {
        return drawing.marks().stream()
                .filter(Mark.Group.class::isInstance)
                .flatMap(mark -> ((Mark.Group) mark).marks().stream())
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast);
    }

    /** Seen shut, each flap of a ring is under the next by as much as over the one before: all four show as much of themselves, and of their strips. */
    @Test
    void aRingShowsAsMuchOfEachFlap() {
        CardFolding folding = CardFolding.of(make(base("pinwheel", "4", "4")).orThrow());
        List<Region> drawn = areas(picture(folding).folded(Optional.empty()))
                .map(area -> Region.of(new Outline(area.outline())))
                .toList();
        List<Double> shown = new ArrayList<>();
        for (int i = 0; i < drawn.size(); i++) {
            shown.add(Overlay.without(drawn.get(i), drawn.subList(i + 1, drawn.size())).stream()
                    .mapToDouble(Region::area)
                    .sum());
        }
        List<Double> parts = shown.stream().filter(area -> area > 0.1).sorted().toList();
        assertThat(parts).hasSize(8);
        for (int i = 0; i < 8; i++) {
            assertThat(parts.get(i)).isCloseTo(parts.get(i / 4 * 4), offset(1e-3));
        }
    }

    @Test
    void whereItDoesNotFoldIsNumberedOnThePanelsThatPassThroughEachOther() {
        CardFolding rolled = CardFolding.of(
                make(base("custom", "4", "6", "panels", "3", "panel2", "2", "fold1", "valley", "fold2", "valley"))
                        .orThrow());
        FlatFolding.CannotFold cannot = (FlatFolding.CannotFold) rolled.folding();
        Drawing drawing =
                FoldPicture.misfolds(rolled.pattern().pattern(), rolled.leaves(), Map.of(), cannot.reasons(), 1);
        assertThat(drawing.marks().stream().filter(Mark.Disc.class::isInstance)).hasSize(3);
    }
}

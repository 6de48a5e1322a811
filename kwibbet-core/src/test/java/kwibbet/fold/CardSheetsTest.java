package kwibbet.fold;

import java.util.List;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Pose;
import kwibbet.card.Side;
import kwibbet.crease.FoldedState;
import kwibbet.crease.Vertex;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.front;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.within;

/** What lies over what is held against the order of painting, which is found in another way: from where panels stand in space. */
class CardSheetsTest {

    private static Design layered() {
        return base("folded", "5", "7")
                .plus(add("mat", "lower", front(), "border", "1/4"))
                .plus(add("opening", "window", on("lower"), "width", "2", "height", "2"))
                .plus(add("mat", "upper", on("lower"), "fit", "size", "width", "4", "height", "1", "down", "end"))
                .plus(add("mat", "inside", on("back-inside"), "border", "1/8"));
    }

    private static List<Design> designs() {
        return List.of(
                layered(),
                base("gate", "5", "7").plus(add("mat", "ground", on("middle-inside"), "border", "1/8")),
                base("zigzag", "5", "7").plus(add("mat", "first", on("panel-1-outside"), "border", "1/8")),
                base("folded", "5", "7")
                        .plus(add("mat", "coat", front(), "border", "1/8"))
                        .plus(add("collar", "lapels", on("coat"))),
                base("folded", "5", "7").plus(add("small-card", "small", front())));
    }

    private static double area(CardSheets sheets, int face) {
        List<Vertex> ring = sheets.rings().get(face).stream()
                .map(vertex -> sheets.graph().vertices().get(vertex))
                .toList();
        double twice = 0;
        for (int i = 0; i < ring.size(); i++) {
            twice += ring.get(i).cross(ring.get((i + 1) % ring.size()));
        }
        return Math.abs(twice / 2);
    }

    /** Base 5 × 7 twice, mats 4 1/2 × 6 1/2, 4 × 1 and 4 3/4 × 6 3/4; nothing of one sheet is drawn over another. */
    @Test
    void allSheetsLieBesideEachOther() {
        Card card = make(layered()).orThrow();
        CardSheets sheets = CardSheets.of(card, CardFolding.of(card));
        assertThat(sheets.faces())
                .extracting(CardSheets.SheetFace::piece)
                .containsExactly("Base", "Base", "lower", "upper", "inside");
        List<Double> areas =
                IntStream.range(0, 5).mapToObj(face -> area(sheets, face)).toList();
        assertThat(areas.get(0) + areas.get(1)).isCloseTo(70, offset(1e-9));
        assertThat(areas.subList(2, 5))
                .satisfiesExactly(
                        lower -> assertThat(lower).isCloseTo(29.25, within(1e-9)),
                        upper -> assertThat(upper).isCloseTo(4, within(1e-9)),
                        inside -> assertThat(inside).isCloseTo(32.0625, within(1e-9)));
        double right =
                sheets.graph().vertices().stream().mapToDouble(Vertex::x).max().orElseThrow();
        assertThat(right).isCloseTo(10 + 4.5 + 4 + 4.75 + 3, offset(1e-9));
        assertThat(sheets.joins())
                .extracting(join -> sheets.faces().get(join.upper()).panel() + " on "
                        + sheets.faces().get(join.lower()).panel() + " " + (join.side() == Side.UP ? "up" : "under"))
                .containsExactly("lower on front under", "upper on lower up", "inside on back up");
    }

    @ParameterizedTest
    @MethodSource("designs")
    void whatLiesOverWhatIsAsItIsSeen(Design design) {
        Card card = make(design).orThrow();
        CardFolding folding = CardFolding.of(card);
        CardSheets sheets = CardSheets.of(card, folding);
        FoldedState shut = sheets.states().get(sheets.states().size() - 1);
        List<String> painted = FoldedView.of(card, card.form().pose(Pose.SHUT)).panels().stream()
                .map(seen -> card.nameOf(seen.panel()))
                .toList();
        int agreed = 0;
        int opposed = 0;
        for (int one = 0; one < sheets.faces().size(); one++) {
            for (int other = 0; other < one; other++) {
                int above = shut.order().compare(one, other);
                assertThat(above).isEqualTo(-shut.order().compare(other, one));
                int first = painted.indexOf(sheets.faces().get(one).panel());
                int second = painted.indexOf(sheets.faces().get(other).panel());
                if (above != 0) {
                    boolean isSame = above > 0 == first > second;
                    agreed += isSame ? 1 : 0;
                    opposed += isSame ? 0 : 1;
                }
            }
        }
        // Seen from the other side all is the other way round.
        assertThat(Math.max(agreed, opposed)).isPositive();
        assertThat(Math.min(agreed, opposed)).isZero();
    }
}

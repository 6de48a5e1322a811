package kwibbet.card.feature;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Side;
import kwibbet.shape.Margins;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

class OnceMoreTest {

    private static Card once(Design design, String held) {
        return make(QuickWays.onceMore(make(design).orThrow(), new PieceId(held)))
                .orThrow();
    }

    private static Addition seal(String across, String fromLeft, String fromTop) {
        return add(
                "ornament",
                "ornament-1",
                on("front-outside"),
                "shape",
                "oval",
                "width",
                across,
                "height",
                across,
                "across",
                "by",
                "fromLeft",
                fromLeft,
                "down",
                "by",
                "fromTop",
                fromTop);
    }

    /** A quarter is left between them: at the right, else at the left, below or above; a thing that fills its panel comes over itself, a quarter aside. */
    @ParameterizedTest
    @CsvSource({
        "1, 1, 2, 2 1/4, 2",
        "2, 2 3/4, 2, 1/2, 2",
        "3, 1, 0, 1, 3 1/4",
        "3, 1, 4, 1, 3/4",
        "5, 0, 1, 1/4, 1 1/4"
    })
    void itLiesBesideTheFirstWhereThereIsRoom(
            String across, String left, String top, String otherLeft, String otherTop) {
        Card card = once(base("folded", "5", "7").plus(seal(across, left, top)), "ornament-1");
        Margins lies = card.margins(card.join(new PieceId("ornament-2")).orElseThrow());
        assertThat(List.of(lies.left(), lies.top())).containsExactly(in(otherLeft), in(otherTop));
    }

    /** Made once more and once more, they lie above each other, none on another: 2 high in 7, a quarter apart, from the middle down, then up. */
    @Test
    void theThirdLiesBesideBoth() {
        Card two = once(base("folded", "5", "7").plus(seal("2", "1 1/2", "2 1/2")), "ornament-1");
        Card three = once(two.design(), "ornament-2");
        assertThat(three.design().additions())
                .extracting(addition ->
                        three.margins(three.join(addition.id()).orElseThrow()).top())
                .containsExactly(in("2 1/2"), in("4 3/4"), in("1/4"));
    }

    /** What is on a piece, on a face of a small card and on that again is on its copy; what is not on it is there once. */
    @Test
    void allThatIsOnItComesWithIt() {
        Design design = base("folded", "5", "7")
                .withAdditions(List.of(
                        add("mat", "mat-1", on("front-outside"), "border", "1/8"),
                        add("small-card", "small-card-1", on("mat-1"), "width", "1 1/2", "height", "2"),
                        add("ornament", "ornament-1", on("small-card-1-front-outside"), "width", "1", "height", "1"),
                        add("ornament", "ornament-2", on("ornament-1"), "width", "1/2", "height", "1/2"),
                        add("surface", "surface-1", on("ornament-2"), "width", "1/4", "height", "1/4")));
        Card card = once(design, "small-card-1");
        assertThat(card.design().additions().subList(5, 9))
                .extracting(Addition::host)
                .containsExactly(
                        new Host.OnPiece(new PieceId("mat-1")),
                        new Host.OnFace(new FaceId(new PanelId("small-card-2-front"), Side.UNDER)),
                        new Host.OnPiece(new PieceId("ornament-3")),
                        new Host.OnPiece(new PieceId("ornament-4")));
        assertThat(card.design().additions()).hasSize(9);
        // Shut it takes up 1 1/2 × 2, for which there is room below.
        assertThat(card.margins(card.join(new PieceId("small-card-2")).orElseThrow())
                        .top())
                .isEqualTo(in("4 5/8"));
        assertThat(card.design().additions()).extracting(Addition::name).doesNotHaveDuplicates();
        assertThat(QuickWays.canBeMadeOnceMore(card, new PieceId("mat-1"))).isFalse();
    }

    /** Where there is no room for a second opening nothing is changed, also of a card that was given another size. */
    @Test
    void withoutRoomNothingIsChanged() {
        Design design = base("folded", "5", "7")
                .plus(add("opening", "hole", on("front-outside"), "width", "4", "height", "6"))
                .resized(size("6", "8"));
        assertThat(QuickWays.onceMore(make(design).orThrow(), new PieceId("hole")))
                .isEqualTo(design);
    }

    /** A shaker is placed by its opening; two of them lie their frames apart. */
    @Test
    void framesDoNotOverlap() {
        Card card = once(
                base("folded", "7", "5")
                        .plus(add(
                                "shaker",
                                "shaker-1",
                                on("front-outside"),
                                "width",
                                "1 1/2",
                                "height",
                                "1 1/2",
                                "border",
                                "1/2",
                                "across",
                                "by",
                                "fromLeft",
                                "1")),
                "shaker-1");
        Addition other = card.design().addition(new PieceId("shaker-2")).orElseThrow();
        // Opening, two borders of half an inch and a quarter between the frames.
        assertThat(other.settings().length(Placing.FROM_LEFT)).isEqualTo(in("3 3/4"));
    }
}

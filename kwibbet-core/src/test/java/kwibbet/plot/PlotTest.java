package kwibbet.plot;

import org.junit.jupiter.api.Test;

import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.outline.SampleShapes;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.in;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** Which line lies on which layer. */
class PlotTest {

    private static Segment line(String x1, String y1, String x2, String y2) {
        return new Segment(new Point(in(x1), in(y1)), new Point(in(x2), in(y2)));
    }

    @Test
    void scoresAreToldByTheWayTheyFoldAndByWhereTheyStop() {
        Piece piece = Piece.of(new PieceId("base"), "Base", STOCK, size("8", "4"))
                .scored(java.util.List.of(
                        new Score(new ScoreId("one"), line("2", "0", "2", "4"), Score.Fold.VALLEY),
                        new Score(new ScoreId("two"), line("4", "0", "4", "4"), Score.Fold.MOUNTAIN),
                        new Score(new ScoreId("three"), line("6", "0", "6", "3"), Score.Fold.VALLEY)))
                .slit(line("7", "1", "7", "2"));
        assertThat(Plot.of(piece).lines())
                .extracting(Plot.Line::layer)
                .containsExactly(Layer.CUT, Layer.SLIT, Layer.VALLEY, Layer.MOUNTAIN, Layer.PART_SCORE);
    }

    @Test
    void anOutlineHasItsHolesOnTheLayerOfItsEdge() {
        Plot plot = Plot.of(SampleShapes.label());
        assertThat(plot.size()).isEqualTo(size("2", "2"));
        assertThat(plot.lines()).extracting(Plot.Line::layer).containsExactly(Layer.CUT, Layer.CUT);
    }
}

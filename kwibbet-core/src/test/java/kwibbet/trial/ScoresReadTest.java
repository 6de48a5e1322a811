package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.Tries;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreList;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Parts;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.base.ZigzagBase;
import kwibbet.layout.RunPiece;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.tool.Hand;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/**
 * Score lists, followed by somebody who has nothing but their printed words: which face is up, which edge as it is seen then lies at the fence, and which grooves
 * are scored from where to where.
 */
class ScoresReadTest {

    private static final String LENGTH = "((?:≈ )?[\\d /.]+ (?:in|mm))";
    private static final String FACE = ", (inside up|as drawn|turned over sideways(?:, outside up)?)";
    private static final Pattern ON_BOARD = Pattern.compile("(.+)" + FACE
            + ", (?:(left|right|top|bottom) edge at the fence|(top|bottom) (left|right) corner in the 45° plate)(?:, slid "
            + LENGTH + " off it)?: score in grooves? (.+? (?:in|mm))\\.(?: (.*))?");
    private static final Pattern ONLY =
            Pattern.compile("Groove " + LENGTH + " only from (.+?) from the (\\w+) edge\\.");
    private static final Pattern SPAN = Pattern.compile("(?:from )?" + LENGTH + " to " + LENGTH);
    private static final Pattern BY_RULER = Pattern.compile("(.+?)" + FACE
            + "(?:, when the press has cut it out)?: score along a ruler from " + LENGTH + " from the (left|right), "
            + LENGTH + " from the top to " + LENGTH + " from the (?:left|right), " + LENGTH + " from the top\\. .*");
    /** What the marks of boards and the roundings of what is printed add up to. */
    private static final double NEAR = 1 / 16.0;

    /** A crease as it was made, in inches from the left top corner of the piece as it is drawn. */
    private record Made(double x1, double y1, double x2, double y2, boolean turnedOver) {

        /** What was seen from the other face is there where it is seen from this one. */
        Made onPiece(double width) {
            return turnedOver ? new Made(width - x1, y1, width - x2, y2, true) : this;
        }

        boolean is(Score score) {
            Point start = score.line().start();
            Point end = score.line().end();
            return turnedOver == (score.fold() == Score.Fold.MOUNTAIN)
                    && ((isAt(x1, y1, start) && isAt(x2, y2, end)) || (isAt(x1, y1, end) && isAt(x2, y2, start)));
        }

        private static boolean isAt(double x, double y, Point point) {
            return Math.abs(x - point.x().toInches()) < NEAR
                    && Math.abs(y - point.y().toInches()) < NEAR;
        }
    }

    static IntStream seeds() {
        return IntStream.range(0, Tries.of(120));
    }

    /** Any run, for either hand: every score is where it belongs, on the face it folds from, and made once. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everyScoreIsWhereTheWordsSay(int seed) {
        isWhereTheWordsSay(ListsReadTest.anyRun(new Random(seed)).forHand(seed % 2 == 0 ? Hand.RIGHT : Hand.LEFT));
    }

    /** Off the middle it matters whether an edge is called as it is seen once the paper is turned over. */
    @ParameterizedTest
    @EnumSource(Hand.class)
    void aMountainOffTheMiddleIsMeasuredFromTheEdgeThatIsSeen(Hand hand) {
        List<Design> designs = new ArrayList<>();
        for (int panels = 3; panels <= 8; panels++) {
            Design design = base("zigzag", "2", "5");
            designs.add(design.with(design.settings().with(ZigzagBase.PANELS, panels)));
        }
        Design plain = base("folded", "4", "5 1/2");
        designs.add(plain.plus(add("belly-band", "band-1", on("front-outside"))));
        designs.add(base("gate", "5", "7").plus(add("blind", "blind-1", on("middle-inside"))));
        designs.add(plain.plus(add("collar", "collar-1", on("front-outside"))));
        for (Design design : designs) {
            isWhereTheWordsSay(RunPlan.of(
                            line(design, 2),
                            shelf(paper(size("24", "24")), paper(PaperId.FILM, size("24", "24"))),
                            Thrift.FEWEST_SHEETS,
                            TOOLS)
                    .forHand(hand));
        }
    }

    /** Level, not from edge to edge, and off the middle: on paper turned over, what was the left is the right. */
    @ParameterizedTest
    @EnumSource(Hand.class)
    void aLevelMountainInsideThePieceIsMeasuredFromTheEdgeThatIsSeen(Hand hand) {
        Card card = make(base("folded", "4", "5 1/2")).orThrow();
        Segment line = new Segment(new Point(in("1/2"), in("2 1/4")), new Point(in("2"), in("2 1/4")));
        Piece scored = card.base().scored(List.of(new Score(new ScoreId("tuck"), line, Score.Fold.MOUNTAIN)));
        Parts parts = new Parts(List.of(scored), card.panels(), card.faces(), card.above());
        Card tucked = new Card(card.design(), card.materials(), card.form(), parts, card.joins(), card.extras());
        isWhereTheWordsSay(RunPlan.of(line(tucked, 2), shelf(paper(size("12", "12"))), Thrift.FEWEST_SHEETS, TOOLS)
                .forHand(hand));
    }

    private static void isWhereTheWordsSay(RunPlan plan) {
        MeasureSystem system = plan.card().design().system();
        for (RunPiece each : RunPiece.of(plan.lines())) {
            Piece piece = each.piece();
            List<Made> made = made(plan.bench().score(), piece, system);
            assertThat(made).as(piece.name()).hasSameSizeAs(piece.scores());
            assertThat(piece.scores())
                    .allSatisfy(score -> assertThat(made.stream().filter(one -> one.is(score)))
                            .as("%s, %s of %s", piece.name(), score, made)
                            .hasSize(1));
        }
    }

    private static List<Made> made(ScoreList list, Piece piece, MeasureSystem system) {
        List<Made> made = new ArrayList<>();
        list.settings().stream()
                .flatMap(setting -> setting.steps().stream())
                .filter(step -> step.pieces().contains(piece))
                .forEach(step -> made.addAll(onBoard(step.sentence(system).text(), piece)));
        list.byRuler().stream()
                .filter(each -> each.piece().equals(piece))
                .forEach(each -> made.add(byRuler(each.sentence(system).text(), piece)));
        return made;
    }

    private static List<Made> onBoard(String sentence, Piece piece) {
        Matcher read = matched(ON_BOARD, sentence);
        double width = piece.size().width().toInches();
        double height = piece.size().height().toInches();
        boolean turnedOver = read.group(2).startsWith("turned over");
        double slid = read.group(6) == null ? 0 : inches(read.group(6));
        List<Made> made = new ArrayList<>();
        for (String groove : read.group(7).split(", | and ", -1)) {
            double reach = inches(groove) - slid;
            String parts = read.group(8) == null ? "" : read.group(8);
            if (read.group(3) == null) {
                double x = "left".equals(read.group(5)) ? 0 : width;
                double y = "top".equals(read.group(4)) ? 0 : height;
                double legs = reach * Math.sqrt(2);
                spans(groove, parts, read.group(4), new double[] {0, legs})
                        .forEach(span -> made.add(acrossCorner(x, y, legs, span, turnedOver)));
                continue;
            }
            boolean upright = List.of("left", "right").contains(read.group(3));
            double[] whole = {0, upright ? height : width};
            spans(groove, parts, upright ? "top" : turnedOver ? "right" : "left", whole)
                    .forEach(span -> made.add(along(read.group(3), reach, span, width, height, turnedOver)));
        }
        return made.stream().map(one -> one.onPiece(width)).toList();
    }

    /** From where to where a groove is scored, measured from an edge; all of it where nothing is said. */
    private static List<double[]> spans(String groove, String said, String edge, double[] whole) {
        List<double[]> spans = new ArrayList<>();
        Matcher only = ONLY.matcher(said);
        while (only.find()) {
            if (only.group(1).equals(groove)) {
                assertThat(only.group(3)).isEqualTo(edge);
                Matcher span = SPAN.matcher(only.group(2));
                while (span.find()) {
                    spans.add(new double[] {inches(span.group(1)), inches(span.group(2))});
                }
            }
        }
        return spans.isEmpty() ? List.of(whole) : spans;
    }

    private static Made along(
            String edge, double reach, double[] span, double width, double height, boolean turnedOver) {
        double from = turnedOver ? width - span[0] : span[0];
        double to = turnedOver ? width - span[1] : span[1];
        return switch (edge) {
            case "left" -> new Made(reach, span[0], reach, span[1], turnedOver);
            case "right" -> new Made(width - reach, span[0], width - reach, span[1], turnedOver);
            case "top" -> new Made(from, reach, to, reach, turnedOver);
            default -> new Made(from, height - reach, to, height - reach, turnedOver);
        };
    }

    /** Between two distances from the level edge at a corner. */
    private static Made acrossCorner(double x, double y, double legs, double[] span, boolean turnedOver) {
        double right = x == 0 ? 1 : -1;
        double down = y == 0 ? 1 : -1;
        return new Made(
                x + right * (legs - span[0]),
                y + down * span[0],
                x + right * (legs - span[1]),
                y + down * span[1],
                turnedOver);
    }

    private static Made byRuler(String sentence, Piece piece) {
        Matcher read = matched(BY_RULER, sentence);
        double width = piece.size().width().toInches();
        boolean turnedOver = read.group(2).startsWith("turned over");
        boolean fromRight = read.group(4).equals("right");
        double from = inches(read.group(3));
        double to = inches(read.group(6));
        return new Made(
                        fromRight ? width - from : from,
                        inches(read.group(5)),
                        fromRight ? width - to : to,
                        inches(read.group(7)),
                        turnedOver)
                .onPiece(width);
    }

    private static double inches(String text) {
        String bare = text.replace("≈ ", "").strip();
        MeasureSystem units = bare.endsWith("in") ? MeasureSystem.INCH : MeasureSystem.METRIC;
        return Length.parse(bare.substring(0, bare.length() - 2), units).toInches();
    }

    private static Matcher matched(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        assertThat(matcher.matches()).as(text).isTrue();
        return matcher;
    }
}

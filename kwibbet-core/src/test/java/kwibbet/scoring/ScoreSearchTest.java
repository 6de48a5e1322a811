package kwibbet.scoring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import kwibbet.bench.ScoreStep;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Score.Fold;
import kwibbet.card.ScoreId;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.scoring.ScorePlan.Scored;
import kwibbet.scoring.ScorePlan.Setting;
import kwibbet.scoring.ScorePlan.Unreachable;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.ScoringBoard;
import kwibbet.trial.TrialBoard;
import kwibbet.trial.TrialBoard.Crease;
import kwibbet.trial.TrialBoard.Face;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class ScoreSearchTest {

    private static final kwibbet.shape.Size PIECE = size("10", "7");
    private static final ScoringBoard EIGHTHS = board("every 1/8 from 0 to 12");

    private static ScoringBoard board(String grooves) {
        return board(grooves, ScoringBoard.Plate.AT_45);
    }

    private static ScoringBoard board(String grooves, ScoringBoard.Plate plate) {
        Grooves rule =
                Grooves.parse(grooves, kwibbet.measure.MeasureSystem.INCH).orThrow();
        return new ScoringBoard("board", in("12"), rule, plate);
    }

    private static Score valley(String at) {
        return Score.upright(new ScoreId("s" + in(at).toTicks()), in(at), PIECE, Fold.VALLEY);
    }

    private static ScorePlan plan(ScoringBoard board, Score... scores) {
        return ScoreSearch.plan(List.of(scores), PIECE, board, Hand.RIGHT);
    }

    /** Common practice, no source: a 5 × 7 gate is scored at 2 1/2 and 7 1/2, in one go against the fence. */
    @Test
    void aGateIsScoredInOneSetting() {
        ScorePlan plan = plan(EIGHTHS, valley("2 1/2"), valley("7 1/2"));
        assertThat(plan.settings()).singleElement().satisfies(setting -> {
            assertThat(setting.lying()).isEqualTo(new Lying.AtFence(Edge.LEFT, false));
            assertThat(setting.shift()).isEqualTo(Length.ZERO);
            assertThat(setting.scores()).hasSize(2);
        });
        assertThat(plan.isProven()).isTrue();
    }

    /** From either edge: a score just in the last groove is on the board, one a hair past it is not. */
    @Test
    void theLastGrooveIsStillOnTheBoard() {
        kwibbet.shape.Size wide = size("11", "7");
        ScoringBoard board = board("1, 5 1/2");
        Score middle = Score.upright(new ScoreId("middle"), in("5 1/2"), wide, Fold.VALLEY);
        ScorePlan plan = ScoreSearch.plan(List.of(middle), wide, board, Hand.RIGHT);
        assertThat(plan.unreachable()).isEmpty();
        assertThat(plan.settings()).singleElement().satisfies(setting -> {
            assertThat(setting.shift()).isEqualTo(Length.ZERO);
            assertThat(setting.scores()).extracting(ScorePlan.Scored::groove).containsExactly(in("5 1/2"));
        });
        ScoringBoard shorter = board("1, 5 7/16");
        assertThat(ScoreSearch.plan(List.of(middle), wide, shorter, Hand.RIGHT).unreachable())
                .singleElement()
                .satisfies(beyond -> {
                    assertThat(beyond.why()).isEqualTo(Unreachable.Why.BEYOND_BOARD);
                    assertThat(beyond.nearest().orElseThrow().error()).isEqualTo(in("-1/16"));
                });
    }

    /** A sixteenth past a groove is reached by sliding a sixteenth; both scores share it. */
    @Test
    void aScoreBetweenGroovesIsReachedBySliding() {
        ScorePlan plan = plan(EIGHTHS, valley("2 5/16"), valley("7 9/16"));
        assertThat(plan.settings()).singleElement().satisfies(setting -> {
            assertThat(setting.shift()).isEqualTo(in("1/16"));
            assertThat(setting.scores()).extracting(ScorePlan.Scored::groove).containsExactly(in("2 3/8"), in("7 5/8"));
        });
    }

    /** Only 3 and 4 are grooves; a score at 6 is reached without sliding from the other edge. */
    @Test
    void theOtherEdgeIsPreferredToSliding() {
        ScorePlan plan = plan(board("3, 4, 9"), valley("6"));
        assertThat(plan.settings()).hasSize(1);
        assertThat(plan.settings().get(0).lying()).isEqualTo(new Lying.AtFence(Edge.RIGHT, false));
        assertThat(plan.settings().get(0).shift()).isEqualTo(in("0"));
        ScorePlan leftHanded = ScoreSearch.plan(List.of(valley("6")), PIECE, board("4, 6"), Hand.LEFT);
        assertThat(leftHanded.settings().get(0).lying()).isEqualTo(new Lying.AtFence(Edge.RIGHT, false));
        assertThat(leftHanded.settings().get(0).lying().turned(Hand.LEFT)).isZero();
    }

    @Test
    void mountainsAreScoredFromTheOtherFaceAndLevelScoresTurned() {
        Score mountain = Score.upright(new ScoreId("m"), in("4"), PIECE, Fold.MOUNTAIN);
        Score level = Score.level(new ScoreId("l"), in("3"), PIECE, Fold.VALLEY);
        ScorePlan plan = plan(EIGHTHS, valley("2"), mountain, level);
        assertThat(plan.settings()).hasSize(3);
        assertThat(plan.settings())
                .filteredOn(setting -> setting.lying().flipped())
                .singleElement()
                .satisfies(setting ->
                        assertThat(setting.lying().turned(Hand.RIGHT)).isZero());
        assertThat(plan.atLeast()).isEqualTo(3);
    }

    @Test
    void whatTheBoardCannotReachIsSaidWithTheNearest() {
        kwibbet.shape.Size wide = size("26", "4");
        ScorePlan plan = ScoreSearch.plan(
                List.of(
                        Score.upright(new ScoreId("far"), in("12 1/2"), wide, Fold.VALLEY),
                        new Score(
                                new ScoreId("slanted"),
                                new Segment(new Point(in("1"), in("0")), new Point(in("2"), in("4"))),
                                Fold.VALLEY)),
                wide,
                EIGHTHS,
                Hand.RIGHT);
        assertThat(plan.settings()).isEmpty();
        assertThat(plan.unreachable())
                .extracting(Unreachable::why)
                .containsExactly(Unreachable.Why.BEYOND_BOARD, Unreachable.Why.SLANTED);
        assertThat(plan.unreachable().get(0).nearest().orElseThrow().error()).isEqualTo(in("-1/2"));
    }

    /** Common practice, no source: on a plate on which paper lies square a pinwheel is scored at the 3-inch mark, corner by corner. */
    @Test
    void onASquarePlateADiagonalIsScoredAtTheMarkItIsCalledBy() {
        Piece wheel = make(base("pinwheel", "4 1/4", "4 1/4")).orThrow().base();
        List<Score> diagonals = wheel.scores().stream()
                .filter(score -> score.line().axis().isEmpty())
                .toList();
        ScoringBoard board = board("every 1/8 from 0 to 12", ScoringBoard.Plate.SQUARE);
        for (Hand hand : Hand.values()) {
            ScorePlan plan = ScoreSearch.plan(diagonals, wheel.size(), board, hand);
            assertThat(plan.unreachable()).isEmpty();
            assertThat(plan.settings()).hasSize(4).allSatisfy(setting -> {
                assertThat(setting.shift().isZero()).isTrue();
                assertThat(setting.scores()).singleElement().satisfies(scored -> {
                    assertThat(scored.groove()).isEqualTo(in("3"));
                    assertThat(scored.at().isExact()).isTrue();
                });
            });
            assertThat(plan.settings())
                    .extracting(setting -> setting.lying().turned(hand))
                    .containsExactlyInAnyOrder(0, 90, 180, 270);
        }
    }

    /** Each score is creased where it was wanted, from its face; checked by a board that knows nothing of the plan's reasons. */
    @Property(tries = 150)
    void theTrialBoardCreasesWhatWasWanted(
            @ForAll @Size(min = 1, max = 9) Set<@IntRange(min = 4, max = 300) Integer> sixtyFourths,
            @ForAll @IntRange(min = 1, max = 63) int odd,
            @ForAll boolean left,
            @ForAll boolean square) {
        ScoringBoard board = board(
                "every 1/4 from 0 to 12, plus 3/8, 5/8", square ? ScoringBoard.Plate.SQUARE : ScoringBoard.Plate.AT_45);
        List<Score> scores = new ArrayList<>();
        for (int at : sixtyFourths) {
            Fold fold = at % 3 == 0 ? Fold.MOUNTAIN : Fold.VALLEY;
            if (at % 5 == 0) {
                Length legs = Length.ofInches(at, 64);
                scores.add(new Score(
                        new ScoreId("d" + at), new Segment(new Point(legs, in("0")), new Point(in("0"), legs)), fold));
            } else {
                scores.add(Score.upright(new ScoreId("s" + at), Length.ofInches(at * 2L + odd % 2, 64), PIECE, fold));
            }
        }
        ScorePlan plan = ScoreSearch.plan(scores, PIECE, board, left ? Hand.LEFT : Hand.RIGHT);
        assertThat(plan.unreachable()).isEmpty();
        assertThat(plan.isProven()).isTrue();
        Set<Score> done = new HashSet<>();
        for (Setting setting : plan.settings()) {
            Piece piece = Piece.of(PieceId.BASE, "Base", STOCK, PIECE);
            ScoreStep step = new ScoreStep(List.of(piece), 1, setting, MeasureSystem.INCH, false);
            List<Crease> creases = TrialBoard.creases(step, PIECE, board);
            List<Length> grooves =
                    step.inGrooves().stream().map(ScoreStep.InGroove::groove).toList();
            for (Scored scored : setting.scores()) {
                Score score = scored.score();
                done.add(score);
                Crease crease = creases.get(grooves.indexOf(scored.groove()));
                assertThat(crease.face()).isEqualTo(score.fold() == Fold.VALLEY ? Face.UP : Face.DOWN);
                for (Point end : List.of(score.line().start(), score.line().end())) {
                    double at = crease.right() * end.x().toInches()
                            + crease.down() * end.y().toInches();
                    assertThat(at).isCloseTo(crease.at(), within(0.008));
                }
            }
        }
        assertThat(done).hasSameSizeAs(scores);
    }

    /** The fewest settings against trying out all sets of ways to lay the piece. */
    @Property(tries = 60)
    void noFewerSettingsWouldDo(@ForAll @Size(min = 2, max = 6) Set<@IntRange(min = 4, max = 76) Integer> eighths) {
        ScoringBoard board = board("1, 1 1/2, 2 3/8, 4, 5 1/8, 6, 8 7/8, 10");
        List<Score> scores = eighths.stream()
                .map(at -> Score.upright(new ScoreId("s" + at), Length.ofInches(at, 8), PIECE, Fold.VALLEY))
                .toList();
        Map<String, Set<Score>> ways = new HashMap<>();
        for (Score score : scores) {
            Length at = score.line().start().x();
            for (Length groove : board.grooves().places()) {
                for (boolean right : new boolean[] {false, true}) {
                    Length shift = groove.minus(right ? PIECE.width().minus(at) : at);
                    if (!shift.isNegative()) {
                        ways.computeIfAbsent(right + " " + shift, way -> new HashSet<>())
                                .add(score);
                    }
                }
            }
        }
        int fewest = fewest(new HashSet<>(scores), List.copyOf(ways.values()), scores.size());
        assertThat(ScoreSearch.plan(scores, PIECE, board, Hand.RIGHT).settings())
                .hasSize(fewest);
    }

    private static int fewest(Set<Score> left, List<Set<Score>> ways, int most) {
        if (left.isEmpty()) {
            return 0;
        }
        int fewest = most;
        Score first = left.iterator().next();
        for (Set<Score> way : ways) {
            if (way.contains(first) && fewest > 1) {
                Set<Score> rest = new HashSet<>(left);
                rest.removeAll(way);
                fewest = Math.min(fewest, 1 + fewest(rest, ways, fewest - 1));
            }
        }
        return fewest;
    }
}

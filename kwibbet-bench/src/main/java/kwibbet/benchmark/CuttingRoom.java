package kwibbet.benchmark;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.cutting.Budget;
import kwibbet.cutting.Fence;
import kwibbet.cutting.FencePlan;
import kwibbet.cutting.FenceSearch;
import kwibbet.cutting.SheetCount;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetSearch;
import kwibbet.measure.Length;
import kwibbet.scoring.ScorePlan;
import kwibbet.scoring.ScoreSearch;
import kwibbet.shape.Size;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.ScoringBoard;

/** The everyday questions: how many from a sheet, how to score a piece, in which order to cut. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 700, timeUnit = TimeUnit.MILLISECONDS)
@Measurement(iterations = 5, time = 500, timeUnit = TimeUnit.MILLISECONDS)
@Fork(1)
public class CuttingRoom {

    private static final Size SQUARE = new Size(Length.ofInches(12), Length.ofInches(12));
    private static final Size MAT = new Size(Length.ofInches(13, 4), Length.ofInches(21, 8));
    private static final Size STRIP = new Size(Length.ofInches(12), Length.ofInches(4));

    private List<SheetLayout> thousandPieces = List.of();
    private final List<Score> forty = new ArrayList<>();
    private final ScoringBoard board = new ScoringBoard(
            "board",
            Length.ofInches(12),
            Grooves.every(Length.ofInches(1, 8), Length.ofInches(12)),
            ScoringBoard.Plate.AT_45);

    /** A job of a thousand pieces, planned; forty scores in sixty-fourths. */
    @Setup
    public void setUp() {
        thousandPieces = SheetSearch.plan(ClassJobs.of(new Random(7), 30, 1_000), Budget.about(Duration.ofSeconds(2)))
                .layouts();
        Random random = new Random(3);
        forty.clear();
        for (int score = 0; score < 40; score++) {
            forty.add(Score.upright(
                    new ScoreId("score-" + score),
                    Length.ofInches(4 + random.nextInt(750), 64),
                    STRIP,
                    Score.Fold.VALLEY));
        }
    }

    /** How many of one part a sheet gives, each way round and mixed. */
    @Benchmark
    public Map<SheetCount.Way, Integer> singlePartCount() {
        return SheetCount.of(MAT, SQUARE).counts();
    }

    /** Forty scores on ninety-six grooves. */
    @Benchmark
    public ScorePlan scorePlan() {
        return ScoreSearch.plan(forty, STRIP, board, Hand.RIGHT);
    }

    /** The order of cuts of a thousand pieces in thirty sizes. */
    @Benchmark
    public FencePlan trimPlan() {
        return FenceSearch.plan(thousandPieces, Fence.anywhere(Length.ofInches(12)));
    }
}

package kwibbet.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import kwibbet.crease.Crease.Fold;
import kwibbet.crease.CreaseGraph;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.Vertex;

/** How time grows with facets: maps of equal fields, pleated both ways, and with mountains and valleys at random as Maekawa allows. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 700, timeUnit = TimeUnit.MILLISECONDS)
@Measurement(iterations = 5, time = 400, timeUnit = TimeUnit.MILLISECONDS)
@Fork(1)
public class MapFolds {

    private static final int RANDOM_MAPS = 20;

    /** Fields across and down. */
    @Param({"2x2", "3x2", "3x3", "4x3", "4x4", "5x4", "5x5"})
    public String fields;

    private CreasePattern pleated;
    private final List<CreasePattern> random = new ArrayList<>();

    /** Draws the maps and says how many of those at random fold. */
    @Setup
    public void setUp() {
        int across = fields.charAt(0) - '0';
        int down = fields.charAt(2) - '0';
        pleated = map(across, down, Optional.empty());
        random.clear();
        int folding = 0;
        int undecided = 0;
        for (int seed = 0; seed < RANDOM_MAPS; seed++) {
            CreasePattern map = map(across, down, Optional.of(new Random(seed)));
            random.add(map);
            FlatFolding answer = FlatFolding.of(map);
            folding += answer instanceof FlatFolding.Folds ? 1 : 0;
            undecided += answer instanceof FlatFolding.Undecided ? 1 : 0;
        }
        System.out.printf(
                "%n%s: %d facets; of %d maps at random %d fold, %d are not decided%n",
                fields, across * down, RANDOM_MAPS, folding, undecided);
    }

    /** Order and sequence of the pleated map. */
    @Benchmark
    public FoldSequence pleated() {
        return FoldSequence.of((FlatFolding.Folds) FlatFolding.of(pleated));
    }

    /** Twenty maps at random decided. */
    @Benchmark
    public int twentyAtRandom() {
        int folding = 0;
        for (CreasePattern map : random) {
            folding += FlatFolding.of(map) instanceof FlatFolding.Folds ? 1 : 0;
        }
        return folding;
    }

    private static CreasePattern map(int across, int down, Optional<Random> random) {
        boolean[][] upright = new boolean[down][across];
        boolean[][] level = new boolean[down][across];
        for (int y = 0; y < down; y++) {
            for (int x = 0; x < across; x++) {
                upright[y][x] = random.map(Random::nextBoolean).orElse(x % 2 == 0);
            }
        }
        for (int y = 0; y + 1 < down; y++) {
            int row = y;
            level[y][0] = random.map(Random::nextBoolean).orElse(row % 2 == 0);
            for (int x = 1; x < across; x++) {
                // An odd number of valleys at each vertex: one kind is two more than the other.
                level[y][x] = !(level[y][x - 1] ^ upright[y][x - 1] ^ upright[y + 1][x - 1]);
            }
        }
        return drawn(across, down, upright, level);
    }

    private static CreasePattern drawn(int across, int down, boolean[][] upright, boolean[][] level) {
        List<Vertex> vertices = new ArrayList<>();
        List<CreaseGraph.Edge> edges = new ArrayList<>();
        int row = across + 1;
        for (int y = 0; y <= down; y++) {
            for (int x = 0; x <= across; x++) {
                int here = y * row + x;
                vertices.add(new Vertex(x, y));
                if (y < down) {
                    edges.add(edge(here, here + row, x > 0 && x < across, x > 0 && upright[y][x - 1]));
                }
                if (x < across) {
                    edges.add(edge(here, here + 1, y > 0 && y < down, y > 0 && level[y - 1][x]));
                }
            }
        }
        return new CreaseGraph(vertices, edges).traced().orThrow().pattern();
    }

    private static CreaseGraph.Edge edge(int from, int to, boolean isCrease, boolean isValley) {
        return new CreaseGraph.Edge(
                from, to, isCrease ? Optional.of(isValley ? Fold.VALLEY : Fold.MOUNTAIN) : Optional.empty());
    }
}

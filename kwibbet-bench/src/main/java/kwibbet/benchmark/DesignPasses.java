package kwibbet.benchmark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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

import kwibbet.card.CardMaker;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.formats.document.DesignDocument;
import kwibbet.measure.Length;
import kwibbet.press.PressPlan;
import kwibbet.run.CardRun;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Toolbox;

/** The press plan of the shipped designs with the most to be cut, for somebody with sixty-three dies. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 500, timeUnit = TimeUnit.MILLISECONDS)
@Measurement(iterations = 5, time = 500, timeUnit = TimeUnit.MILLISECONDS)
@Fork(1)
public class DesignPasses {

    private static final Path DESIGNS = Path.of("kwibbet-app/src/main/resources/demo");

    /** The file of the design, as it ships. */
    @Param({"04-night-train", "05-headlight", "09-dial", "11-signal-box", "12-arc-lamp", "13-saddle-bag", "15-timetable"
    })
    public String design;

    private final List<Die> dies = new ArrayList<>();
    private RunLine line;

    /** Makes the card, and dies of every shape in sizes from 1 1/4 inch on. */
    @Setup
    public void setUp() throws IOException {
        String text = Files.readString(DESIGNS.resolve(design + ".json"));
        CardRun run = DesignDocument.read(text).orThrow();
        line = new RunLine(CardMaker.make(run.design(), Materials.USUAL).orThrow(), run.copies());
        dies.clear();
        for (CutShape.Kind kind : CutShape.Kind.values()) {
            for (int quarters = 5; quarters < 11; quarters++) {
                Length side = Length.ofInches(quarters, 4);
                dies.add(die(kind + " " + quarters, new CutShape(kind, new Size(side, side))));
            }
            dies.add(die(kind + " long", new CutShape(kind, new Size(Length.ofInches(5, 4), Length.ofInches(2)))));
        }
    }

    private static Die die(String name, CutShape shape) {
        return new Die(new DieId(name), name, shape, Length.ofInches(1, 16), Die.Detail.PLAIN, Sides.STRAIGHT, "", 1);
    }

    /** What goes through the press, and in how few passes. */
    @Benchmark
    public PressPlan passes() {
        return PressPlan.of(List.of(line), Toolbox.GENERIC.withDies(dies));
    }
}

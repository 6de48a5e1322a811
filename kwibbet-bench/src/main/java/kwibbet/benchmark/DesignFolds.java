package kwibbet.benchmark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
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

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Materials;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldMotion;
import kwibbet.formats.document.DesignDocument;

/** How a shipped design closes: what lies over what and in which order it is folded; then the frames of it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 700, timeUnit = TimeUnit.MILLISECONDS)
@Measurement(iterations = 5, time = 400, timeUnit = TimeUnit.MILLISECONDS)
@Fork(1)
public class DesignFolds {

    private static final Path DESIGNS = Path.of("kwibbet-app/src/main/resources/demo");

    /** The file of the design, as it ships. */
    @Param({
        "01-evening-window",
        "02-conductor",
        "03-season-ticket",
        "04-night-train",
        "05-headlight",
        "06-spare-parts",
        "07-tool-roll",
        "08-street-lamp",
        "09-dial",
        "10-dynamo",
        "11-signal-box",
        "12-arc-lamp",
        "13-saddle-bag",
        "14-gear-train",
        "15-timetable",
        "16-workshop-doors",
        "17-pocket-watch",
        "18-hill-climb",
        "19-first-ride",
        "30-lantern-evening"
    })
    public String design;

    private Card card;
    private CardFolding folding;

    /** Makes the card. */
    @Setup
    public void setUp() throws IOException {
        String text = Files.readString(DESIGNS.resolve(design + ".json"));
        card = CardMaker.make(DesignDocument.read(text).orThrow().design(), Materials.USUAL)
                .orThrow();
        folding = CardFolding.of(card);
    }

    /** Order and sequence. */
    @Benchmark
    public CardFolding fold() {
        return CardFolding.of(card);
    }

    /** All frames of all leaves. */
    @Benchmark
    public Object frames() {
        return FoldMotion.of(
                folding.sequence().orElseThrow(() -> new IllegalStateException("every design of the demo can be shut")),
                folding.leaves(),
                0.01);
    }
}

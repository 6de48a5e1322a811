package kwibbet.run;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import org.junit.jupiter.api.Test;

import kwibbet.bench.KnownLists;
import kwibbet.bench.RunPlan;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.RunLine;
import kwibbet.cutting.PartId;
import kwibbet.layout.RunPiece;
import kwibbet.layout.Thrift;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.design;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is cut of a run stays cut, whatever its cards become. */
class SettledRunTest {

    private static final PaperShelf SHELF = shelf(paper(SheetSizes.TWELVE_SQUARE));

    private static SettledRun run(SettledRun.Line... lines) {
        return new SettledRun(List.of(lines), Thrift.FEWEST_SHEETS, SHELF, TOOLS, Map.of(), KnownLists.NONE);
    }

    private static Design matted(String border) {
        return design(folded("5", "7"), add("mat", "mat-1", on("front-outside"), "border", border));
    }

    private static SettledRun.Line matted(int make, String border) {
        return new SettledRun.Line("matted", matted(border), new Copies(make, 0));
    }

    /** So many of each piece by name. */
    private static Map<String, Integer> named(RunPlan plan, Map<PartId, Integer> counts) {
        Map<String, Integer> named = new HashMap<>();
        for (RunPiece piece : RunPiece.of(plan.lines())) {
            named.put(piece.piece().name(), counts.getOrDefault(piece.part(), 0));
        }
        return named;
    }

    /** The trial of any share of the sheets: what is cut and what is left is what was asked, and never less. */
    @Test
    void whatIsCutAndWhatIsLeftIsWhatWasAsked() {
        Random random = new Random(5);
        for (int round = 0; round < 40; round++) {
            SettledRun run = run(
                    matted(1 + random.nextInt(20), "1/8"),
                    new SettledRun.Line(
                            "other",
                            base(random.nextBoolean() ? "gate" : "zigzag", "3", "6"),
                            new Copies(1 + random.nextInt(9), 1)));
            RunPlan plan = run.plan();
            Map<String, Integer> cut = new HashMap<>();
            plan.sheets().copies().forEach((letter, copies) -> cut.put(letter, random.nextInt(copies + 1)));
            SettledRun rest = run.replanned(run.lines(), SHELF, TOOLS, run.cutSoFar(plan, cut));
            RunPlan left = rest.plan();
            Map<PartId, Integer> all = rest.cutSoFar(left, left.sheets().copies());
            for (RunPiece piece : RunPiece.of(plan.lines())) {
                assertThat(all.getOrDefault(piece.part(), 0))
                        .as("round %s, %s", round, piece.piece().name())
                        .isGreaterThanOrEqualTo(piece.count());
            }
            int before = cut.values().stream().mapToInt(Integer::intValue).sum();
            assertThat(left.sheets().sheets() + before)
                    .isGreaterThanOrEqualTo(
                            plan.sheets().isProven() ? plan.sheets().sheets() : 0);
            assertThat(left.bench().score()).isEqualTo(plan.bench().score());
        }
    }

    @Test
    void allCutThereIsNothingLeftToCut() {
        SettledRun run = run(matted(6, "1/8"));
        RunPlan plan = run.plan();
        SettledRun rest = run.replanned(
                run.lines(), SHELF, TOOLS, run.cutSoFar(plan, plan.sheets().copies()));
        assertThat(rest.plan().sheets().lettered()).isEmpty();
        assertThat(rest.plan().bench().trim().settings()).isEmpty();
        assertThat(RunProgress.NONE.isAllCut(rest.plan())).isTrue();
        assertThat(RunProgress.NONE.isAllCut(plan)).isFalse();
    }

    /** Bases serve on, mats of another size do not; what is more than is wanted now is not asked back. */
    @Test
    void whatServesInTheChangedCardStaysCut() {
        SettledRun run = run(matted(6, "1/8"));
        RunPlan plan = run.plan();
        Map<PartId, Integer> cut = run.cutSoFar(plan, plan.sheets().copies());
        List<SettledRun.Line> changed = List.of(matted(8, "1/4"));
        SettledRun rest = run.replanned(changed, SHELF, TOOLS, cut);
        assertThat(named(rest.plan(), rest.cut())).containsEntry("Base", 6).containsEntry("mat-1", 0);
        assertThat(named(
                        rest.plan(),
                        rest.plan().sheets().cutFrom(rest.plan().sheets().copies())))
                .containsEntry("Base", 2)
                .containsEntry("mat-1", 8);
        SettledRun fewer = run.replanned(List.of(matted(4, "1/8")), SHELF, TOOLS, cut);
        assertThat(fewer.plan().sheets().sheets()).isZero();
        assertThat(named(fewer.plan(), fewer.cut())).containsEntry("Base", 4).containsEntry("mat-1", 4);
    }

    @Test
    void aChangeIsToldByThePiecesItTakes() {
        Map<String, RunLine> before = Map.of("7", line(matted("1/8"), 6));
        assertThat(RunChange.between(before, before)).isEmpty();
        assertThat(words(before, line(matted("1/4"), 8)))
                .containsExactlyInAnyOrder(
                        "2 more: 10 × 7 in, Base",
                        "8 more: 4 1/2 × 6 1/2 in, mat-1",
                        "6 fewer: 4 3/4 × 6 3/4 in, mat-1");
        Design opened = matted("1/8").plus(add("opening", "opening-1", on("back-inside")));
        assertThat(words(before, line(opened, 6))).containsExactly("6 scored or opened otherwise: 10 × 7 in, Base");
        assertThat(RunChange.between(before, Map.of()))
                .extracting(RunChange::kind)
                .containsOnly(RunChange.Kind.FEWER);
    }

    private static List<String> words(Map<String, RunLine> before, RunLine now) {
        return RunChange.between(before, Map.of("7", now)).stream()
                .map(change -> change.sentence(MeasureSystem.INCH).text())
                .toList();
    }

    @Test
    void aRunIsOfAtLeastOneCard() {
        assertThatThrownBy(SettledRunTest::run).hasMessageContaining("at least one card");
    }
}

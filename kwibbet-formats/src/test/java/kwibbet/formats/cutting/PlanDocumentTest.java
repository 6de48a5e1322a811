package kwibbet.formats.cutting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.cutting.Aim;
import kwibbet.cutting.Budget;
import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.Keeping;
import kwibbet.cutting.Part;
import kwibbet.cutting.PartId;
import kwibbet.cutting.SheetSearch;
import kwibbet.cutting.Stock;
import kwibbet.cutting.StockId;
import kwibbet.cutting.Turning;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

class PlanDocumentTest {

    private static final StockId SQUARE = new StockId("square");
    private static final Stock SHEETS = Stock.of(SQUARE, new Size(Length.ofInches(12), Length.ofInches(12)));

    private static Part part(String id, int width, int height, int count) {
        Size size = new Size(Length.ofInches(width, 16), Length.ofInches(height, 16));
        return new Part(new PartId(id), size, count, Map.of(SQUARE, Turning.EITHER));
    }

    private static CuttingJob job(List<Stock> stocks, List<Part> parts) {
        return new CuttingJob(
                stocks, parts, Length.ZERO, Optional.of(Length.ofInches(18)), Aim.FEWEST_SHEETS, Keeping.USUAL);
    }

    private static final CuttingJob JOB =
            job(List.of(SHEETS), List.of(part("base", 160, 112, 5), part("mat", 36, 108, 9)));

    private static CuttingPlan plan(CuttingJob job) {
        return SheetSearch.plan(job, Budget.about(Duration.ofMillis(40)));
    }

    /** The name of a job is the same in every release: under it lies what was found before. Its digest was taken before lengths became finer. */
    @Test
    void aJobKeepsItsName() {
        Stock letter = new Stock(
                SQUARE,
                new Size(Length.ofInches(17, 2), Length.ofInches(11)),
                OptionalInt.of(7),
                40,
                Stock.Source.SHELF,
                Length.ofInches(1, 8));
        Part odd = new Part(
                new PartId("base"),
                new Size(Length.ofInches(257, 64), Length.ofMillimetres(1001, 10)),
                3,
                Map.of(SQUARE, Turning.EITHER));
        assertThat(PlanDocument.keyOf(job(List.of(letter), List.of(odd))))
                .isEqualTo("bc5972a62eb2cda5ff939990f431cfcb8310681dbdd49069980b9f367684bb67");
    }

    /** Halves and quarters of what is typed are no whole numbers of 1/121 920 inch, and are kept all the same. */
    @Test
    void theFinestLengthsAreKept() {
        Size fine = new Size(Length.ofInches(1025, 512), Length.TICK.multipliedBy(3_000_001));
        CuttingPlan plan = plan(
                job(List.of(SHEETS), List.of(new Part(new PartId("fine"), fine, 7, Map.of(SQUARE, Turning.EITHER)))));
        assertThat(PlanDocument.write(plan)).contains("/8\"");
        assertThat(PlanDocument.read(PlanDocument.write(plan), plan.job()).orThrow())
                .isEqualTo(plan);
        String bad = PlanDocument.write(plan).replaceFirst("/8\"", "/9\"");
        assertThat(PlanDocument.read(bad, plan.job()).reasons().get(0).message())
                .contains("eighths");
    }

    /** Turned parts, margins, parts that do not fit and sheets that run out among them. */
    @Test
    void aPlanIsReadBackAsItWas() {
        Random random = new Random(3);
        Set<CuttingPlan.Missing.Reason> reasons = new HashSet<>();
        for (int round = 0; round < 40; round++) {
            List<Part> parts = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(6); i++) {
                parts.add(part("part " + i, 8 + random.nextInt(220), 8 + random.nextInt(120), random.nextInt(12)));
            }
            OptionalInt onHand = random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(random.nextInt(4));
            Stock stock = new Stock(
                    SQUARE, SHEETS.sheet(), onHand, 25, Stock.Source.SHELF, Length.ofInches(random.nextInt(3), 8));
            CuttingPlan plan = plan(job(List.of(stock), parts));
            plan.missing().forEach(each -> reasons.add(each.reason()));
            assertThat(PlanDocument.read(PlanDocument.write(plan), plan.job()).orThrow())
                    .isEqualTo(plan);
        }
        assertThat(reasons).hasSizeGreaterThan(2);
    }

    /** What would be cut by it is not what is asked for. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'\"version\":1' | '\"version\":2'",
                "'\"copies\":' | '\"copies\":1'",
                "'\"copies\":' | '\"copies\":-'",
                "'\"part\":\"mat\"' | '\"part\":\"base\"'",
                "'\"part\":\"mat\"' | '\"part\":\"lid\"'",
                "'\"stock\":\"square\"' | '\"stock\":\"letter\"'",
                "'\"at\":' | '\"at\":1'",
                "'\"at\":' | '\"at\":0'",
                "'VERTICAL' | 'UPWARDS'",
                "'\"layouts\":[' | '\"layouts\":[3,'",
                "'}' | ''",
            })
    void aDamagedPlanIsRefused(String what, String instead) {
        String written = PlanDocument.write(plan(JOB));
        assertThat(PlanDocument.read(written, JOB).reasons()).isEmpty();
        assertThat(written).contains(what);
        int last = written.lastIndexOf(what);
        String damaged = written.substring(0, last) + instead + written.substring(last + what.length());
        assertThat(PlanDocument.read(damaged, JOB).reasons()).isNotEmpty();
    }

    @Test
    void whatIsAskedOtherwiseHasAnotherKey() {
        Part mat = part("mat", 36, 108, 9);
        Size size = SHEETS.sheet();
        Length eighth = Length.ofInches(1, 8);
        List<CuttingJob> jobs = List.of(
                JOB,
                job(List.of(SHEETS), List.of(part("base", 160, 112, 6), mat)),
                job(List.of(SHEETS), List.of(part("base", 160, 113, 5), mat)),
                job(List.of(SHEETS), List.of(part("back", 160, 112, 5), mat)),
                job(
                        List.of(SHEETS),
                        List.of(
                                new Part(
                                        new PartId("base"),
                                        part("base", 160, 112, 5).size(),
                                        5,
                                        Map.of(SQUARE, Turning.UPRIGHT)),
                                mat)),
                job(List.of(SHEETS), List.of(mat)),
                job(
                        List.of(new Stock(SQUARE, size, OptionalInt.of(5), 0, Stock.Source.SHELF, Length.ZERO)),
                        JOB.parts()),
                job(
                        List.of(new Stock(SQUARE, size, OptionalInt.empty(), 1, Stock.Source.SHELF, Length.ZERO)),
                        JOB.parts()),
                job(
                        List.of(new Stock(SQUARE, size, OptionalInt.empty(), 0, Stock.Source.DRAWER, Length.ZERO)),
                        JOB.parts()),
                job(List.of(new Stock(SQUARE, size, OptionalInt.empty(), 0, Stock.Source.SHELF, eighth)), JOB.parts()),
                new CuttingJob(
                        JOB.stocks(), JOB.parts(), Length.ofInches(1, 64), JOB.longestCut(), JOB.aim(), JOB.keeping()),
                new CuttingJob(JOB.stocks(), JOB.parts(), JOB.kerf(), Optional.empty(), JOB.aim(), JOB.keeping()),
                new CuttingJob(JOB.stocks(), JOB.parts(), JOB.kerf(), JOB.longestCut(), Aim.LEAST_COST, JOB.keeping()),
                new CuttingJob(
                        JOB.stocks(),
                        JOB.parts(),
                        JOB.kerf(),
                        JOB.longestCut(),
                        JOB.aim(),
                        new Keeping(eighth, Length.ofInches(3))));
        assertThat(jobs.stream().map(PlanDocument::keyOf))
                .doesNotHaveDuplicates()
                .allMatch(key -> key.length() == 64);
        assertThat(PlanDocument.keyOf(job(List.of(SHEETS), JOB.parts()))).isEqualTo(PlanDocument.keyOf(JOB));
    }
}

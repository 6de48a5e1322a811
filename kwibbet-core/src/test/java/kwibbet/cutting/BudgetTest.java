package kwibbet.cutting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What a search finds hangs on the work it may do, and on nothing else. */
class BudgetTest {

    /** So many sizes that no budget of a page is enough for the fewest sheets: where the search ends, decides. */
    private static CuttingJob job(int seed) {
        Random random = new Random(seed);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            Size size = new Size(
                    Length.ofInches(12 + random.nextInt(60), 16), Length.ofInches(12 + random.nextInt(90), 16));
            parts.add(Jobs.part("part-" + i, size, 5 + random.nextInt(40), Turning.EITHER, "sheet"));
        }
        return CuttingJob.of(List.of(Jobs.sheets("sheet", "12", "12")), parts);
    }

    private static List<CuttingPlan> planned(Duration time) {
        return IntStream.range(0, 3)
                .mapToObj(seed -> SheetSearch.refined(job(seed), Budget.about(time), better -> {}))
                .toList();
    }

    @Test
    void theSameJobGivesTheSamePlanOnABusyMachine() throws InterruptedException {
        List<CuttingPlan> alone = planned(Duration.ofMillis(60));
        assertThat(alone).anyMatch(plan -> !plan.isProven());
        int busy = 2 * Runtime.getRuntime().availableProcessors();
        AtomicBoolean isOver = new AtomicBoolean();
        ExecutorService load = Executors.newFixedThreadPool(busy);
        try {
            for (int i = 0; i < busy; i++) {
                load.execute(() -> {
                    double sum = 1;
                    while (!isOver.get()) {
                        sum = Math.sqrt(sum + 1);
                    }
                });
            }
            assertThat(planned(Duration.ofMillis(60))).isEqualTo(alone);
        } finally {
            isOver.set(true);
            load.shutdown();
        }
    }

    /** Else a longer look could show a worse plan than a shorter one. */
    @Test
    void moreWorkIsNeverForLess() {
        for (int seed = 0; seed < 3; seed++) {
            CuttingPlan before = SheetSearch.plan(job(seed), Budget.of(0));
            for (int millis = 10; millis <= 640; millis *= 4) {
                CuttingPlan plan = SheetSearch.plan(job(seed), Budget.about(Duration.ofMillis(millis)));
                assertThat(CuttingPlan.SPARING.compare(plan, before))
                        .as("%s, %s ms", seed, millis)
                        .isLessThanOrEqualTo(0);
                assertThat(plan.sheetsAtLeast()).isGreaterThanOrEqualTo(before.sheetsAtLeast());
                before = plan;
            }
        }
    }

    @Test
    void aShareIsCountedOnTheWholeWhenItIsSaid() {
        Budget whole = Budget.of(1_000);
        Budget half = whole.share(0.5);
        half.spend(499);
        assertThat(half.isSpent()).isFalse();
        half.spend(1);
        assertThat(half.isSpent()).isTrue();
        assertThat(whole.spent()).isZero();
        whole.spend(half);
        assertThat(whole.shareSpent()).isEqualTo(0.5);
        assertThat(whole.share(0.5).shareSpent()).isZero();
        whole.spend(700);
        assertThat(whole.share(1).isSpent()).isTrue();
        assertThat(whole.shareSpent()).isEqualTo(1);
    }

    /** Two that work beside each other take as long as the longer. */
    @Test
    void whatIsSpentBesideIsCountedOnce() {
        Budget whole = Budget.of(1_000);
        whole.spend(100);
        Budget one = whole.beside();
        Budget other = whole.beside();
        one.spend(300);
        other.spend(500);
        whole.catchUp(one);
        whole.catchUp(other);
        assertThat(whole.spent()).isEqualTo(600);
        one.catchUp(whole);
        assertThat(one.spent()).isEqualTo(600);
        assertThat(other.isSpent(0.7)).isFalse();
        whole.stop();
        assertThat(other.isSpent()).isTrue();
        assertThat(whole.isSpent()).isTrue();
    }

    @Test
    void lessThanNoWorkIsNone() {
        assertThatThrownBy(() -> Budget.of(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Budget.of(0).isSpent()).isTrue();
        assertThat(Budget.of(0).shareSpent()).isEqualTo(1);
    }
}

package kwibbet.app.lessons;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import kwibbet.Inches;
import kwibbet.app.store.KeptKit;
import kwibbet.kit.ClassPlans;
import kwibbet.kit.Kit;
import kwibbet.kit.KitPlan;
import kwibbet.kit.Meeting;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Table;
import kwibbet.kit.Venue;
import kwibbet.lesson.Classroom;
import kwibbet.lesson.Classroom.Seat;
import kwibbet.lesson.Happening;
import kwibbet.lesson.Lesson;
import kwibbet.making.Pace;

import static org.assertj.core.api.Assertions.assertThat;

/** What a page says of a class that goes as in {@code ClassroomTest}: four learners, one board; scored, folded, a mat stuck on. */
class LessonPageTest {

    private static final Instant BEGUN = Instant.parse("2027-03-20T14:00:00Z");
    private static final String SCORE = "0 score-base";
    private static final String FOLD = "0 fold-base";
    private static final String STICK = "0 stick-mat";

    private static Instant at(double minute) {
        return BEGUN.plusSeconds(Math.round(minute * 60));
    }

    private static Happening done(String table, String step, double minute) {
        return new Happening.Done(table, step, at(minute));
    }

    private static LessonPage page(int learners, double minute, Happening... told) {
        Meeting usual = ClassPlans.meeting(20, 5, Map.of());
        Venue venue = new Venue("", Map.of(SharedTool.BOARD, 1), List.of(new Table("Window", 2), new Table("Door", 2)));
        Meeting meeting = new Meeting(usual.slot(), venue, ClassPlans.ALIKE, 60);
        Kit kit = ClassPlans.kit(learners, Sharing.NONE, meeting, new Kit.Line("a", 1));
        KitPlan plan = ClassPlans.plan(
                kit, Pace.UNKNOWN, Inches.base("folded", "5", "7").plus(Inches.add("mat", "mat", Inches.front())));
        List<Happening> all = new ArrayList<>(List.of(new Happening.Begun(BEGUN)));
        all.addAll(Arrays.asList(told));
        Lesson lesson = Lesson.of(all);
        return new LessonPage(
                new KeptKit("7", 0, "run", kit, false, false, false),
                meeting,
                lesson,
                Classroom.of(plan, plan.fit().orElseThrow(), lesson, at(minute)),
                new LessonPage.Told("once", "mark", Inches.MATERIALS.shelf(), List.of()));
    }

    private static List<String> where(LessonPage page) {
        return page.seats().stream().map(page::where).toList();
    }

    @Test
    void eachTableIsToldWhereItIs() {
        LessonPage page = page(
                4,
                12,
                done("Window", SCORE, 7),
                done("Window", FOLD, 8),
                done("Window", STICK, 10),
                done("Door", SCORE, 11));
        assertThat(where(page)).containsExactly("done with everything", "step 2");
        LessonPage waiting = page(4, 6);
        assertThat(where(waiting))
                .containsExactly(
                        "step 1, 1 of 2 wait for the scoring board", "step 1, 2 of 2 wait for the scoring board");
        assertThat(waiting.minute()).isEqualTo("Minute 6 of 20");
        assertThat(waiting.task(waiting.seats().get(0))).startsWith("at the scoring board");
    }

    @Test
    void theStepThatIsShownSaysHowLongItTakesAndByWhen() {
        LessonPage page = page(4, 6, new Happening.Shown(STICK, at(6)));
        Classroom.Step step = page.shown().orElseThrow();
        assertThat(page.at(step)).isEqualTo("Step 3 of 3");
        assertThat(page.takes(step)).isEqualTo("About 2 min; by plan most are done at minute 12.");
        assertThat(page.sentence(step).text()).contains("stick it on the front");
        assertThat(page.card(step)).isEmpty();
        assertThat(page(4, 6).shown()).isEmpty();
    }

    @Test
    void whetherThePlanHoldsIsSaidInMinutes() {
        LessonPage right = page(4, 9, done("Window", SCORE, 7));
        assertThat(right.outlook()).isEqualTo("Nine in ten will be done at minute 13 of 20.");
        assertThat(right.spared()).isEmpty();
        LessonPage late = page(4, 17, done("Window", SCORE, 15));
        assertThat(late.outlook())
                .isEqualTo("Nine in ten will be done at minute 22 of 20. That is 10 min behind the plan."
                        + " They take 1.4 times as long as planned.");
        assertThat(late.isInTime()).isFalse();
        assertThat(late.spared()).hasSize(1);
        List<Seat> seats = late.seats();
        assertThat(seats)
                .filteredOn(late::isLate)
                .extracting(seat -> seat.table().name())
                .containsExactly("Window", "Door");
        LessonPage without = page(4, 17, done("Window", SCORE, 15), new Happening.LeftOut(STICK, at(17)));
        assertThat(without.spared()).isEmpty();
        assertThat(without.leftOut()).extracting(Classroom.Step::id).containsExactly(STICK);
    }

    @Test
    void whatWasLearnedIsSaidBesideWhatWasPlanned() {
        LessonPage page = page(
                4,
                30,
                done("Window", SCORE, 7),
                done("Window", FOLD, 10),
                done("Door", SCORE, 12),
                done("Door", FOLD, 17),
                new Happening.Ended(true, at(28)));
        assertThat(page.isGoingOn()).isFalse();
        assertThat(page.isOver()).isTrue();
        assertThat(page.learned()).singleElement().satisfies(learned -> {
            assertThat(learned.step().id()).isEqualTo(FOLD);
            // Three and five minutes: the middle of both.
            assertThat(page.words(learned)).isEqualTo("planned 1 min, took 4 min (2 tables)");
        });
    }
}

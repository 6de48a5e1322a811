package kwibbet.lesson;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;

import kwibbet.card.Design;
import kwibbet.kit.Kit;
import kwibbet.kit.KitPlan;
import kwibbet.kit.Meeting;
import kwibbet.kit.Paces;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Table;
import kwibbet.kit.Venue;
import kwibbet.making.Pace;
import kwibbet.making.Timing;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.front;
import static kwibbet.kit.ClassPlans.ALIKE;
import static kwibbet.kit.ClassPlans.kit;
import static kwibbet.kit.ClassPlans.meeting;
import static kwibbet.kit.ClassPlans.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

/**
 * Four learners at two tables and one scoring board: a card is scored and folded, a minute each, and a mat is stuck on, two minutes. Five minutes of welcome, so
 * they have scored after 6, 7, 8 and 9 minutes and are done after 9, 10, 11 and 12. All worked by hand.
 */
class ClassroomTest {

    private static final Instant BEGUN = Instant.parse("2027-03-20T14:00:00Z");
    private static final String SCORE = "0 score-base";
    private static final String FOLD = "0 fold-base";
    private static final String STICK = "0 stick-mat";

    private static Design matted() {
        return base("folded", "5", "7").plus(add("mat", "mat", front()));
    }

    private static Kit ofTwoTables(int each) {
        Meeting room = meeting(20, 5, Map.of());
        Venue venue = new Venue("", Map.of(SharedTool.BOARD, 1), List.of(new Table("Window", 2), new Table("Door", 2)));
        return kit(4, Sharing.NONE, new Meeting(room.slot(), venue, ALIKE, 60), new Kit.Line("a", each));
    }

    private static KitPlan planned() {
        return plan(ofTwoTables(1), Pace.UNKNOWN, matted());
    }

    private static Instant at(double minute) {
        return BEGUN.plusSeconds(Math.round(minute * 60));
    }

    private static Happening done(String table, String step, double minute) {
        return new Happening.Done(table, step, at(minute));
    }

    private static Classroom after(KitPlan plan, double minute, Happening... told) {
        Happening[] all = new Happening[told.length + 1];
        all[0] = new Happening.Begun(BEGUN);
        System.arraycopy(told, 0, all, 1, told.length);
        return Classroom.of(plan, plan.fit().orElseThrow(), Lesson.of(List.of(all)), at(minute))
                .orElseThrow();
    }

    @Test
    void asLongAsAllGoesByPlanItHolds() {
        Classroom room = after(planned(), 9, done("Window", SCORE, 7));
        assertThat(room.steps())
                .extracting(Classroom.Step::id, Classroom.Step::half, Classroom.Step::nineInTen)
                .containsExactly(tuple(SCORE, 7, 9), tuple(FOLD, 8, 10), tuple(STICK, 10, 12));
        assertThat(room.factor()).isEqualTo(1);
        // The one at the board is just done; who waited scores for a minute, folds for one and sticks for two.
        assertThat(room.nineInTen()).isEqualTo(13);
        assertThat(room.behind()).isEqualTo(1);
        assertThat(room.isInTime()).isTrue();
        Classroom.Seat window = room.seats().get(0);
        assertThat(window.next()).map(Classroom.Step::id).contains(FOLD);
        assertThat(window.since()).isEqualTo(7);
        assertThat(window.tool()).isEmpty();
        Classroom.Seat door = room.seats().get(1);
        assertThat(door.next()).map(Classroom.Step::id).contains(SCORE);
        assertThat(door.waiting()).isEqualTo(1);
        assertThat(door.tool()).contains(SharedTool.BOARD);
        assertThat(room.late()).isEmpty();
        assertThat(after(planned(), 10, done("Window", SCORE, 7)).late())
                .extracting(seat -> seat.table().name())
                .containsExactly("Door");
    }

    /** The window table came to the board ten minutes late: they take 60/44 as long, and the mat is what can be left out. */
    @Test
    void whatRunsLateIsToldAndWhatCanBeLeftOut() {
        Classroom room = after(planned(), 17, done("Window", SCORE, 15));
        assertThat(room.factor()).isCloseTo(60 / 44.0, within(1e-9));
        // Scored 1.36 from now, folded at 2.73, stuck at 5.45.
        assertThat(room.nineInTen()).isEqualTo(22);
        assertThat(room.isInTime()).isFalse();
        assertThat(room.spared()).singleElement().satisfies(spared -> {
            assertThat(spared.step().id()).isEqualTo(STICK);
            assertThat(spared.with()).containsExactly(STICK);
            assertThat(spared.nineInTen()).isEqualTo(20);
        });
        Classroom without = after(planned(), 17, done("Window", SCORE, 15), new Happening.LeftOut(STICK, at(17)));
        assertThat(without.nineInTen()).isEqualTo(20);
        assertThat(without.isInTime()).isTrue();
        assertThat(without.spared()).isEmpty();
        Classroom back = after(
                planned(),
                17,
                done("Window", SCORE, 15),
                new Happening.LeftOut(STICK, at(16)),
                new Happening.PutBack(STICK, at(17)));
        assertThat(back.nineInTen()).isEqualTo(22);
    }

    @Test
    void theTeacherGoesFromStepToStepOfWhatIsMade() {
        Classroom first = after(planned(), 1);
        assertThat(first.shown()).isEmpty();
        assertThat(first.onward()).map(Classroom.Step::id).contains(SCORE);
        Classroom later = after(planned(), 9, new Happening.LeftOut(FOLD, at(3)), new Happening.Shown(STICK, at(4)));
        assertThat(later.shown()).map(Classroom.Step::number).contains(3);
        assertThat(later.back()).map(Classroom.Step::id).contains(SCORE);
        assertThat(later.onward()).isEmpty();
    }

    /** Ink is coloured on a card for two minutes twice as slowly and dries for five: nobody has anything to do meanwhile. */
    @Test
    void whatDriesIsOverByItself() {
        Design inked = base("folded", "5", "7")
                .plus(add("surface", "ground", front(), "technique", "colour", "height", "1/2"))
                .plus(add("mat", "mat", front()));
        KitPlan plan = plan(kit(1, Sharing.NONE, meeting(60, 0, Map.of()), new Kit.Line("a", 1)), Pace.UNKNOWN, inked);
        Classroom all = after(plan, 0);
        List<String> hands = all.steps().stream()
                .filter(step -> !step.share().told().isWaiting())
                .map(Classroom.Step::id)
                .toList();
        Happening[] ticked = hands.subList(0, hands.size() - 1).stream()
                .map(step -> done("Table 1", step, 20))
                .toArray(Happening[]::new);
        Classroom.Seat wet = after(plan, 22, ticked).seats().get(0);
        assertThat(wet.next()).isEmpty();
        assertThat(wet.dries()).contains(25.0);
        assertThat(wet.isDone()).isFalse();
        Classroom.Seat dry = after(plan, 26, ticked).seats().get(0);
        assertThat(dry.next()).map(Classroom.Step::id).contains(hands.get(hands.size() - 1));
        assertThat(dry.since()).isEqualTo(25);
    }

    /** Who waited for a board did not take so long for it, and who ticks off two steps at once did not do them just then. */
    @Test
    void itsMinutesTeachTheNextPlan() {
        Classroom room = after(
                plan(ofTwoTables(2), Pace.UNKNOWN, matted()),
                30,
                done("Window", SCORE, 7),
                done("Window", FOLD, 10),
                done("Window", STICK, 15),
                done("Door", SCORE, 12),
                done("Door", FOLD, 12),
                new Happening.Done("Door", FOLD, at(20)),
                done("Door", STICK, 20),
                new Happening.NotDone("Door", STICK, at(21)),
                new Happening.Ended(true, at(28)));
        String fold = room.steps().get(1).share().told().timedAs();
        String stick = room.steps().get(2).share().told().timedAs();
        assertThat(room.elapsed()).isEqualTo(28);
        assertThat(room.timings())
                .containsExactly(
                        new Timing(fold, 1, Duration.ofSeconds(90)), new Timing(stick, 1, Duration.ofSeconds(150)));
        KitPlan next = plan(ofTwoTables(2), new Paces(Pace.UNKNOWN, new Pace(room.timings())), matted());
        assertThat(next.learned()).isEqualTo(2);
        assertThat(next.taught()).extracting(share -> share.learner().minutes()).containsExactly(1.0, 1.5, 2.5);
        assertThat(next.room().orElseThrow().tasks())
                .extracting(task -> task.minutes().mean())
                .containsExactly(2.0, 3.0, 5.0);
    }

    /** The end is when it was first told; told again, only what it teaches changes. */
    @Test
    void whatAClassTeachesIsToldApartFromItsEnd() {
        Classroom room = after(planned(), 90, new Happening.Ended(true, at(28)), new Happening.Ended(false, at(80)));
        assertThat(room.elapsed()).isEqualTo(28);
        Lesson lesson = Lesson.of(List.of(
                new Happening.Begun(BEGUN), new Happening.Ended(true, at(28)), new Happening.Ended(false, at(80))));
        assertThat(lesson.ended()).contains(new Lesson.End(at(28), false));
    }

    /** Whoever is ticked off while the teacher still speaks is not quicker for it, and one by one at one board everybody waits for it. */
    @Test
    void theWelcomeAndAQueueTellOfNoPace() {
        assertThat(after(planned(), 4, done("Window", SCORE, 1), done("Window", FOLD, 2))
                        .factor())
                .isEqualTo(1);
        Meeting room = meeting(20, 5, Map.of());
        Venue oneByOne =
                new Venue("", Map.of(SharedTool.BOARD, 1), List.of(new Table("One", 1), new Table("Other", 1)));
        Kit kit = kit(2, Sharing.NONE, new Meeting(room.slot(), oneByOne, ALIKE, 60), new Kit.Line("a", 1));
        Classroom queue = after(plan(kit, Pace.UNKNOWN, matted()), 20, done("One", SCORE, 6), done("Other", SCORE, 12));
        assertThat(queue.timings()).isEmpty();
    }

    @Test
    void aClassThatBeginsAnewKnowsNothingOfBefore() {
        Lesson lesson = Lesson.of(List.of(
                new Happening.Begun(BEGUN),
                done("Window", SCORE, 7),
                new Happening.Shown(FOLD, at(7)),
                new Happening.Ended(false, at(9)),
                new Happening.Begun(at(60))));
        assertThat(lesson).isEqualTo(new Lesson(Optional.of(at(60)), Optional.empty(), "", Map.of(), Set.of()));
        assertThat(lesson.isGoingOn()).isTrue();
        assertThat(Lesson.NONE.isGoingOn()).isFalse();
    }

    @Test
    void learnersSitWhereTheyAreTold() {
        assertThat(Table.read(" Window, 3 \n\nStove table ; 12\nOna\n"))
                .containsExactly(new Table("Window", 3), new Table("Stove table", 12), new Table("Ona", 1));
        assertThat(Table.read(Table.typed(Table.read("Window, 3\nOna")))).isEqualTo(Table.read("Window, 3\nOna"));
        Kit four = ofTwoTables(1);
        assertThat(four.withBags(7).seated())
                .containsExactly(new Table("Window", 2), new Table("Door", 2), new Table("Others", 3));
        assertThat(four.withBags(3).seated()).containsExactly(new Table("Window", 2), new Table("Door", 1));
        Venue taken = new Venue("", Map.of(), List.of(new Table("Others", 1)));
        Kit more = kit(
                2, Sharing.NONE, new Meeting(meeting(20, 5, Map.of()).slot(), taken, ALIKE, 60), new Kit.Line("a", 1));
        assertThat(more.seated()).containsExactly(new Table("Others", 1), new Table("Others 2", 1));
        Kit free = kit(10, Sharing.NONE, meeting(20, 5, Map.of()), new Kit.Line("a", 1));
        assertThat(free.seated())
                .containsExactly(new Table("Table 1", 4), new Table("Table 2", 4), new Table("Table 3", 2));
        assertThat(four.refusals()).isEmpty();
        assertThat(kit(
                                4,
                                Sharing.NONE,
                                new Meeting(
                                        meeting(20, 5, Map.of()).slot(),
                                        new Venue("", Map.of(), List.of(new Table("One", 2), new Table("One", 3))),
                                        ALIKE,
                                        60),
                                new Kit.Line("a", 1))
                        .refusals())
                .extracting(each -> each.field() + ": " + each.message())
                .containsExactly("tables: Two of them have the same name.");
    }
}

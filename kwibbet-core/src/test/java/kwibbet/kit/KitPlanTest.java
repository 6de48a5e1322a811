package kwibbet.kit;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import kwibbet.card.Design;
import kwibbet.kit.KitPlan.Share;
import kwibbet.making.Does;
import kwibbet.making.Pace;
import kwibbet.making.Station;
import kwibbet.making.Timing;
import kwibbet.outcome.Refusal;
import kwibbet.room.Rooms;
import kwibbet.run.BenchStation;

import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.front;
import static kwibbet.Inches.on;
import static kwibbet.kit.ClassPlans.kit;
import static kwibbet.kit.ClassPlans.meeting;
import static kwibbet.kit.ClassPlans.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class KitPlanTest {

    private static Design matted() {
        return base("folded", "5", "7").plus(add("mat", "mat", front()));
    }

    private static Share share(KitPlan plan, Does does) {
        return plan.shares().stream()
                .filter(share -> share.told().lead().does() == does)
                .findFirst()
                .orElseThrow();
    }

    /** Four learners, one scoring board, a card that is scored and folded, a minute each for a learner. Worked by hand: the board is free at 0, 1, 2 and 3. */
    @Test
    void aSmallRoomComesOutAsByHand() {
        Kit kit = kit(4, Sharing.NONE, meeting(20, 5, Map.of(SharedTool.BOARD, 1)), new Kit.Line("a", 1));
        KitPlan plan = plan(kit, Pace.UNKNOWN, base("folded", "5", "7"));
        assertThat(plan.shares())
                .extracting(share -> share.told().lead().does())
                .containsExactly(Does.SCORE, Does.FOLD);
        Rooms rooms = plan.fit().orElseThrow().rooms();
        // Scored at 1, 2, 3, 4 and folded a minute later.
        assertThat(rooms.half()).isEqualTo(3);
        assertThat(rooms.nineInTen()).isEqualTo(5);
        assertThat(plan.fit().orElseThrow().nineInTen()).isEqualTo(10);
        assertThat(rooms.waits()).containsExactly(new Rooms.Wait("board", 1.5, 3, 4.0 / 5));
    }

    /** Two minutes too few: either the four are scored before, half a minute each, or there is a second board. */
    @Test
    void whatMakesItFitIsTheLeast() {
        Kit kit = kit(4, Sharing.NONE, meeting(8, 5, Map.of(SharedTool.BOARD, 1)), new Kit.Line("a", 1));
        KitPlan plan = plan(kit, Pace.UNKNOWN, base("folded", "5", "7"));
        assertThat(plan.fit().orElseThrow().isInTime()).isFalse();
        KitPlan.Proposal proposal = plan.proposal().orElseThrow();
        assertThat(proposal.steps())
                .extracting(share -> share.told().lead().does())
                .containsExactly(Does.SCORE);
        assertThat(proposal.least().minutes()).isEqualTo(2);
        assertThat(proposal.least().isLeast()).isTrue();
        assertThat(proposal.least().rooms().nineInTen()).isEqualTo(1);
        assertThat(proposal.borrowed()).singleElement().satisfies(borrowed -> {
            assertThat(borrowed.tool()).isEqualTo(SharedTool.BOARD);
            assertThat(borrowed.fit().rooms().nineInTen()).isEqualTo(3);
            assertThat(borrowed.fit().isInTime()).isTrue();
        });
        Sharing sharing = Sharing.NONE.with(proposal.steps().get(0).step(), Who.MAKER);
        KitPlan prepared = plan(kit.with(sharing), Pace.UNKNOWN, base("folded", "5", "7"));
        assertThat(prepared.fit().orElseThrow().rooms().nineInTen()).isEqualTo(1);
        assertThat(prepared.before(Who.MAKER)).isEqualTo(2 + prepared.cutting());
        assertThat(prepared.cutting()).isPositive();
    }

    /** What is folded has to be scored before: with the scores prepared all fold at once and are done at 1 instead of 5, as above; with the folds nothing is left. Worked by hand as above. */
    @Test
    void whatPreparingAStretchSaves() {
        Kit kit = kit(4, Sharing.NONE, meeting(20, 5, Map.of(SharedTool.BOARD, 1)), new Kit.Line("a", 1));
        KitPlan plan = plan(kit, Pace.UNKNOWN, base("folded", "5", "7"));
        assertThat(plan.stretches()).hasSize(2);
        KitPlan.Saving scored = plan.saving(plan.stretches().get(0).key()).orElseThrow();
        assertThat(scored.steps()).extracting(Share::number).containsExactly(1);
        assertThat(scored.minutes()).isEqualTo(2);
        assertThat(scored.fit().orElseThrow().rooms().nineInTen()).isEqualTo(1);
        KitPlan.Saving folded = plan.saving(plan.stretches().get(1).key()).orElseThrow();
        assertThat(folded.steps()).extracting(Share::number).containsExactly(1, 2);
        assertThat(folded.fit()).isEmpty();
        assertThat(plan.saving("0-none")).isEmpty();
    }

    /** A rule for a station, and another for one of its steps; what follows on what learners do is theirs. */
    @Test
    void whatComesAfterALearnersStepIsALearners() {
        Sharing folding = Sharing.NONE.with(Station.FOLDING, Who.HELPER);
        Meeting meeting = meeting(60, 0, Map.of());
        KitPlan late = plan(kit(3, folding, meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, matted());
        assertThat(share(late, Does.FOLD).does()).isEqualTo(Who.LEARNER);
        assertThat(share(late, Does.FOLD).isTooLate()).isTrue();
        Sharing both = folding.with(Station.BOARD, Who.MAKER);
        KitPlan early = plan(kit(3, both, meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, matted());
        assertThat(share(early, Does.FOLD).does()).isEqualTo(Who.HELPER);
        assertThat(early.before(Who.HELPER)).isEqualTo(3 * 0.5);
        assertThat(early.room().orElseThrow().tasks()).hasSize(1);
        Share stick = share(early, Does.STICK);
        KitPlan all =
                plan(kit(3, both.with(stick.step(), Who.MAKER), meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, matted());
        assertThat(all.room()).isEmpty();
        assertThat(all.proposal()).isEmpty();
    }

    /** Days of three minutes: what does not fit goes on the day after, the last day is the one before the class. */
    @Test
    void daysAreFilledOneAfterTheOther() {
        Sharing all = Sharing.NONE.with(Station.BOARD, Who.MAKER).with(Station.FOLDING, Who.MAKER);
        KitPlan plan = plan(
                kit(4, all, meeting(60, 0, Map.of()), new Kit.Line("a", 1)), Pace.UNKNOWN, base("folded", "5", "7"));
        // The sheets, then 4 × 0.5 minutes at the board and as many folding.
        double minutes = plan.cutting() + 4;
        List<KitDay> days = plan.days();
        assertThat(days).hasSize((int) Math.ceil(minutes / 3));
        assertThat(days.stream().mapToDouble(KitDay::minutes).sum()).isCloseTo(minutes, within(1e-9));
        assertThat(days.subList(0, days.size() - 1)).allMatch(day -> day.minutes() == 3);
        assertThat(days.get(days.size() - 1).date()).isEqualTo(LocalDate.of(2027, 3, 19));
        assertThat(days.get(0).parts().get(0).what()).isEqualTo("cut the sheets");
        assertThat(days.get(days.size() - 1).parts()).last().satisfies(part -> assertThat(part.what())
                .endsWith("folding"));
        assertThat(days.stream()
                        .flatMap(day -> day.parts().stream())
                        .map(KitDay.Part::at)
                        .distinct())
                .containsExactly(BenchStation.TRIM, BenchStation.SCORE, BenchStation.MAKE);
    }

    /** Ink that dries needs nobody: it is dry for who comes after whoever made it wet, and the step after it can be prepared by the same rules. */
    @Test
    void whatDriesFollowsWhoMadeItWet() {
        Design inked = matted().plus(add("surface", "ground", on("mat"), "technique", "colour", "height", "1/2"));
        Sharing surface = Sharing.NONE.with(Station.SURFACE, Who.MAKER);
        Meeting meeting = meeting(60, 0, Map.of());
        KitPlan some = plan(kit(3, surface, meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, inked);
        assertThat(share(some, Does.DRY).does()).isEqualTo(Who.MAKER);
        assertThat(some.room().orElseThrow().tasks()).noneMatch(task -> task.byItself());
        Sharing all = surface.with(Station.BOARD, Who.MAKER)
                .with(Station.FOLDING, Who.MAKER)
                .with(Station.ASSEMBLY, Who.MAKER);
        KitPlan whole = plan(kit(3, all, meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, inked);
        assertThat(whole.shares()).noneMatch(Share::isTooLate);
        assertThat(whole.room()).isEmpty();
        KitPlan none = plan(kit(3, Sharing.NONE, meeting(12, 0, Map.of()), new Kit.Line("a", 1)), Pace.UNKNOWN, inked);
        assertThat(share(none, Does.DRY).does()).isEqualTo(Who.LEARNER);
        assertThat(none.proposal().orElseThrow().steps())
                .noneMatch(step -> step.told().isWaiting());
    }

    /** What is stuck together by now goes into the bag as one, called by what is done to it; the rest by its pieces. */
    @Test
    void aBagHoldsWhatIsLeft() {
        Meeting meeting = meeting(60, 0, Map.of());
        Design design = matted().plus(add("mat", "liner", on("back-inside")));
        KitPlan none = plan(kit(3, Sharing.NONE, meeting, new Kit.Line("a", 2)), Pace.UNKNOWN, design);
        assertThat(none.bag().items()).extracting(Bag.Item::words).containsExactly("Base", "mat", "liner");
        assertThat(none.bag().items()).extracting(Bag.Item::count).containsOnly(2);
        Sharing scored = Sharing.NONE.with(Station.BOARD, Who.MAKER);
        Share onFront = none.shares().stream()
                .filter(share -> share.told().sticks().stream()
                        .anyMatch(stick -> stick.piece().name().equals("mat")))
                .findFirst()
                .orElseThrow();
        KitPlan some = plan(
                kit(
                        3,
                        scored.with(Station.FOLDING, Who.HELPER).with(onFront.step(), Who.MAKER),
                        meeting,
                        new Kit.Line("a", 1)),
                Pace.UNKNOWN,
                design);
        assertThat(some.bag().items())
                .extracting(Bag.Item::words)
                .containsExactly("Base, folded, with mat on it", "liner");
        assertThat(plan(kit(3, scored, meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, design)
                        .bag()
                        .items()
                        .get(0)
                        .words())
                .isEqualTo("Base, scored");
        // What a die or a knife is to cut out of it is still its blank.
        Design round = matted().plus(add("ornament", "sign", on("mat"), "shape", "oval", "width", "2", "height", "2"));
        Bag.Item sign = plan(kit(3, Sharing.NONE, meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, round)
                .bag()
                .items()
                .get(2);
        assertThat(sign.words()).isEqualTo("sign, to be cut out");
        assertThat(sign.lying().isRectangle()).isTrue();
        Sharing opened = scored.with(Station.KNIFE, Who.MAKER);
        Design windowed = base("folded", "5", "7").plus(add("opening", "window", front(), "width", "2", "height", "2"));
        assertThat(plan(kit(3, opened, meeting, new Kit.Line("a", 1)), Pace.UNKNOWN, windowed)
                        .bag()
                        .items()
                        .get(0)
                        .words())
                .isEqualTo("Base, opened and scored");
    }

    /** Two of one card in a bag take twice as long, those of two cards one after the other; the maker's own timings count. */
    @Test
    void everyCardOfABagIsMade() {
        Pace pace = new Pace(List.of(new Timing("FOLD", 1, Duration.ofMinutes(3))));
        Meeting meeting = meeting(60, 0, Map.of());
        Kit two = kit(2, Sharing.NONE, meeting, new Kit.Line("a", 2), new Kit.Line("b", 1));
        KitPlan plan = plan(two, pace, base("folded", "5", "7"), base("folded", "4", "6"));
        // Each is scored in a minute and folded in six.
        assertThat(plan.fit().orElseThrow().rooms().nineInTen()).isEqualTo(2 * (1 + 6) + 1 + 6);
        assertThat(two.copies(two.lines().get(0)).cards()).isEqualTo(4);
    }

    /** What everybody has is waited for by nobody; what nobody has is told before anything is simulated. */
    @Test
    void aToolThatIsNotThereIsMissing() {
        Kit none = kit(4, Sharing.NONE, meeting(20, 0, Map.of(SharedTool.BOARD, 0)), new Kit.Line("a", 1));
        KitPlan plan = plan(none, Pace.UNKNOWN, base("folded", "5", "7"));
        assertThat(plan.missing()).containsExactly(SharedTool.BOARD);
        assertThat(plan.fit()).isEmpty();
        KitPlan scored =
                plan(none.with(Sharing.NONE.with(Station.BOARD, Who.MAKER)), Pace.UNKNOWN, base("folded", "5", "7"));
        assertThat(scored.missing()).isEmpty();
        assertThat(scored.fit().orElseThrow().rooms().nineInTen()).isEqualTo(1);
        Kit own = kit(4, Sharing.NONE, meeting(20, 0, Map.of()), new Kit.Line("a", 1));
        assertThat(plan(own, Pace.UNKNOWN, base("folded", "5", "7"))
                        .fit()
                        .orElseThrow()
                        .rooms()
                        .waits())
                .isEmpty();
    }

    @Test
    void whatCannotBeIsSaidAtItsField() {
        Meeting none = meeting(0, 0, Map.of(SharedTool.PRESS, -1));
        assertThat(kit(-3, Sharing.NONE, none, new Kit.Line("a", 0)).refusals())
                .extracting(Refusal::field)
                .containsExactly("bags", "each-a", "minutes", "press");
        assertThat(new Kit(
                                " ",
                                Kit.Contents.of(List.of()),
                                new Kit.Bags(5001, -1),
                                Sharing.NONE,
                                Optional.empty(),
                                Pricing.NONE)
                        .refusals())
                .extracting(Refusal::message)
                .containsExactly(
                        "Give it a name of 1 to 60 letters.",
                        "Choose at least one card.",
                        "1 to 5000 bags are made at a time.",
                        "Spare bags can be 0 to 5000.");
        assertThat(kit(5000, Sharing.NONE, meeting(90, 90, Map.of()), new Kit.Line("a", 3))
                        .refusals())
                .extracting(Refusal::message)
                .containsExactly("Make 1 to 10 000 cards at a time.", "The words before leave some of the 90 minutes.");
    }
}

package kwibbet.making;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.OwnMaking;
import kwibbet.card.OwnMaking.Telling;
import kwibbet.card.OwnStep;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.Side;
import kwibbet.measure.MeasureSystem;
import kwibbet.press.PressPlan;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** What a maker adds, moves and says in their own words. */
class OwnMakingTest {

    private static final Design TWO_MATS = base("folded", "5", "7")
            .plus(add("mat", "lower", on("front-outside")))
            .plus(add("mat", "upper", on("lower")));

    private static Making making(Design design, Way way) {
        Card card = make(design).orThrow();
        return Making.of(card, PressPlan.of(List.of(new RunLine(card, new Copies(6, 1))), TOOLS), way);
    }

    private static Design with(Design design, UnaryOperator<OwnMaking> change) {
        return design.with(change.apply(design.own()));
    }

    private static OwnStep step(String id, String piece, Side face) {
        return new OwnStep(id, new PieceId(piece), face, "Emboss it", "dotted folder", 3, 10);
    }

    private static List<String> ids(Making making) {
        return making.steps().stream().map(Operation::id).toList();
    }

    private static List<String> words(Making making) {
        return making.told().stream()
                .map(told -> told.sentence(MeasureSystem.INCH).text())
                .toList();
    }

    /** Of which nothing is said it is done while its piece lies flat, before that face is covered; on another size and under undo it is the same. */
    @ParameterizedTest
    @EnumSource
    void aStepOfOnesOwnComesWhileItsPieceLiesFlat(Way way) {
        Design own = with(TWO_MATS, making -> making.plus(step("own-1", "lower", Side.UP)));
        for (Design design : List.of(
                own, own.resized(size("4", "6")), own.resized(size("4", "6")).resized(size("5", "7")))) {
            List<String> ids = ids(making(design, way));
            assertThat(ids.indexOf("own-1")).isBetween(0, ids.indexOf("stick-upper") - 1);
            assertThat(ids).hasSize(8).doesNotHaveDuplicates();
        }
        assertThat(words(making(own, way))).containsSubsequence("Emboss it.", "Let lower dry for 10 minutes.");
        Operation.Own done = (Operation.Own) making(own, way).find("own-1").orElseThrow();
        assertThat(done.tool().words()).isEqualTo("dotted folder");
        assertThat(done.minutes()).isEqualTo(3);
    }

    /** It waits for a piece that was taken off, and is there again with it. */
    @Test
    void aStepOnAPieceThatIsGoneIsToldAndKept() {
        Design own = with(
                TWO_MATS, making -> making.plus(step("own-1", "upper", Side.UP)).ordered("own-1", "stick-upper"));
        Making without = making(own.without(new PieceId("upper")), Way.ONE);
        assertThat(ids(without)).doesNotContain("own-1");
        assertThat(without.lost()).extracting(OwnStep::words).containsExactly("Emboss it");
        assertThat(without.broken()).isEmpty();
        assertThat(making(own, Way.ONE).lost()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void whatIsWantedFirstComesFirstWherePaperAllowsIt(Way way) {
        Making usual = making(TWO_MATS, way);
        assertThat(ids(usual)).containsSubsequence("stick-upper", "stick-lower");
        Operation fold = usual.find("fold-base-0")
                .or(() -> usual.steps().stream()
                        .filter(step -> step.does() == Does.FOLD)
                        .findFirst())
                .orElseThrow();
        Operation upper = usual.find("stick-upper").orElseThrow();
        Operation score = usual.find("score-base").orElseThrow();
        assertThat(usual.inTheWay(score, upper)).isEmpty();
        List<String> moved = ids(making(with(TWO_MATS, own -> own.ordered(upper.id(), score.id())), way));
        assertThat(moved.indexOf(upper.id())).isLessThan(moved.indexOf(score.id()));
        List<String> back = ids(making(
                with(TWO_MATS, own -> own.ordered(upper.id(), score.id()).ordered(score.id(), upper.id())), way));
        assertThat(back.indexOf(score.id())).isLessThan(back.indexOf(upper.id()));

        Operation lower = usual.find("stick-lower").orElseThrow();
        assertThat(usual.inTheWay(score, lower)).extracting(Wait::before).containsExactly(score, fold);
        Making refused = making(with(TWO_MATS, own -> own.ordered(lower.id(), score.id())), way);
        assertThat(ids(refused)).isEqualTo(ids(usual));
        assertThat(refused.broken()).singleElement().satisfies(wait -> assertThat(refused.whyNot(wait))
                .startsWith("You want step " + refused.numberOf(lower) + " before " + refused.numberOf(score)
                        + ", and that cannot be. Step " + refused.numberOf(score) + " comes before "
                        + refused.numberOf(fold) + ": "));
    }

    /** Each before the next, and the last before the first: all but one are kept, and that one is told. */
    @Test
    void aLoopOfOwnStepsIsNamed() {
        Design loop = with(TWO_MATS, own -> IntStream.rangeClosed(1, 4)
                .boxed()
                .reduce(
                        own,
                        (some, at) -> some.plus(step("own-" + at, "base", Side.UNDER))
                                .ordered("own-" + at, "own-" + (at % 4 + 1)),
                        (one, other) -> one));
        Making making = making(loop, Way.BATCH);
        assertThat(ids(making)).containsSubsequence("own-1", "own-2", "own-3", "own-4");
        assertThat(making.broken()).extracting(wait -> wait.before().id()).containsExactly("own-4");
        assertThat(making.whyNot(making.broken().get(0))).contains("you want it in this order.");
    }

    /** Steps are told together only while they follow each other; what is left out is done all the same. */
    @Test
    void stepsAreToldAsTheMakerWants() {
        Making usual = making(TWO_MATS, Way.ONE);
        List<String> ids = ids(usual);
        Design both = with(TWO_MATS, own -> own.told(new Telling(ids.subList(2, ids.size()), "Stick both mats.")));
        Making.Told stuck = making(both, Way.ONE).told().get(2);
        assertThat(stuck.words()).contains("Stick both mats.");
        assertThat(stuck.lead().id()).isEqualTo(ids.get(3));
        Design together = with(TWO_MATS, own -> own.told(new Telling(ids.subList(0, 2), "Score and fold it.")));
        assertThat(words(making(together, Way.ONE))).hasSize(3).startsWith("Score and fold it.");
        assertThat(making(together, Way.ONE).stateBefore(usual.steps().get(2)).done())
                .hasSize(2);
        Design apart = with(together, own -> own.plus(step("own-1", "base", Side.UNDER))
                .ordered(ids.get(0), "own-1")
                .ordered("own-1", ids.get(1)));
        assertThat(words(making(apart, Way.ONE))).hasSize(6).doesNotContain("Score and fold it.");
        Design around = with(apart, own -> own.told(new Telling(List.of("own-1"), "")));
        assertThat(words(making(around, Way.ONE))).hasSize(3).startsWith("Score and fold it.");
        assertThat(making(around, Way.ONE).leftOut()).extracting(Operation::id).containsExactly("own-1", "dry-own-1");
        assertThat(making(around, Way.ONE).steps()).hasSize(8);
        Design again =
                with(around, own -> own.toldAsUsual("own-1").without("own-1").toldAsUsual(ids.get(0)));
        assertThat(again).isEqualTo(with(TWO_MATS, own -> own));
        assertThat(Optional.of(words(making(again, Way.ONE)))).contains(words(usual));
    }

    /** Shutters that are scored and folded alike are one step each, as long as nothing comes between and neither is told apart. */
    @Test
    void whatIsDoneAlikeIsToldAsOne() {
        Design gate = base("shutter-gate", "5", "7");
        Making making = making(gate, Way.BATCH);
        assertThat(words(making))
                .filteredOn(words -> words.startsWith("Score Left shutter, Right shutter: "))
                .hasSize(1);
        assertThat(words(making))
                .filteredOn(words -> words.matches("Fold the (left|right) shutter, .*, each along its score, .*"))
                .hasSize(1);
        assertThat(making.told().stream().flatMap(told -> told.steps().stream()))
                .containsExactlyElementsOf(making.steps());
        String left = making.steps().stream()
                .map(Operation::id)
                .filter(id -> id.startsWith("score-") && id.contains("left"))
                .findFirst()
                .orElseThrow();
        Making apart = making(with(gate, own -> own.told(new Telling(List.of(left), "Mine."))), Way.BATCH);
        assertThat(apart.told()).hasSize(making.told().size() + 1);
    }
}

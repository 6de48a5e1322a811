package kwibbet.making;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.Tries;
import kwibbet.card.AnyDesign;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.RunLine;
import kwibbet.card.Zone;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.press.PressPlan;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.front;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;

/** What has to come before what: common practice of the craft, no source. */
class MakingTest {

    private static Making making(Card card, Way way) {
        return Making.of(card, PressPlan.of(List.of(new RunLine(card, new Copies(6, 1))), TOOLS), way);
    }

    private static Making making(Design design, Way way) {
        return making(make(design).orThrow(), way);
    }

    private static List<String> order(Making making, String... of) {
        Set<String> asked = Set.of(of);
        return making.steps().stream()
                .map(Operation::id)
                .filter(asked::contains)
                .toList();
    }

    /** Film, wall, powder, filler and what closes it; the mat it sits on before it is stuck where a stamp does not reach. */
    @ParameterizedTest
    @EnumSource
    void aShakerIsFilledBetweenItsFilmAndWhatClosesIt(Way way) {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add("mat", "mat", front()))
                        .plus(add("shaker", "porthole", on("mat"), "wall", "frames", "depth", "1/16"))
                        .plus(add("surface", "hello", on("mat"), "technique", "heat", "down", "end", "height", "1/2")),
                way);
        assertThat(order(making, "stick-porthole-film", "dust-porthole", "fill-porthole", "stick-porthole"))
                .containsExactly("stick-porthole-film", "dust-porthole", "fill-porthole", "stick-porthole");
        assertThat(order(making, "stick-porthole-wall-1", "stick-porthole-wall-2", "fill-porthole"))
                .endsWith("fill-porthole");
        assertThat(order(making, "treat-mat-hello-0", "stick-porthole-wall-1")).startsWith("treat-mat-hello-0");
        assertThat(making.steps())
                .filteredOn(step -> step.does() == Does.OPEN)
                .singleElement()
                .satisfies(open -> assertThat(open.pieces().size()).isGreaterThan(3));
    }

    /** A panel is glued shut over the back of a blind; a layer is stuck over it, and nothing is glued twice. */
    @Test
    void aBlindIsClosedOnce() {
        Making onPanel = making(base("folded", "5", "7").plus(add("blind", "blind", front())), Way.ONE);
        assertThat(onPanel.steps().get(onPanel.steps().size() - 1).does()).isEqualTo(Does.CLOSE);
        Making onMat = making(
                base("folded", "5", "7").plus(add("mat", "mat", front())).plus(add("blind", "blind", on("mat"))),
                Way.ONE);
        assertThat(onMat.steps()).extracting(Operation::does).doesNotContain(Does.CLOSE);
        assertThat(order(onMat, "stick-blind", "stick-mat")).containsExactly("stick-blind", "stick-mat");
    }

    @ParameterizedTest
    @EnumSource
    void whatLiesBeneathAndWhatHangsBehindComeFirst(Way way) {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add("blind", "blind", on("front-outside")))
                        .plus(add(
                                "ornament", "sign", on("front-outside"), "width", "1", "height", "1", "backing", "die"))
                        .plus(add("mat", "liner", on("front-inside"), "border", "1/8"))
                        .plus(add("belly-band", "band", on("front-outside"))),
                way);
        assertThat(order(
                        making,
                        "score-blind",
                        "fold-blind",
                        "thread-blind",
                        "stick-blind",
                        "stick-liner",
                        "close-blind"))
                .containsExactly(
                        "score-blind", "fold-blind", "thread-blind", "stick-blind", "stick-liner", "close-blind");
        assertThat(order(making, "keep-sign", "stick-sign", "stick-sign-foam"))
                .containsExactly("keep-sign", "stick-sign", "stick-sign-foam");
        assertThat(making.steps().get(making.steps().size() - 1).id()).isEqualTo("wrap-band");
    }

    @ParameterizedTest
    @EnumSource
    void aClearFrontIsTapedBeforeItsTopperAndTheBaseFoldedBeforeAnything(Way way) {
        Making making = making(
                base("bridged", "5", "7")
                        .plus(add("ornament", "topper", on("film-outside"), "width", "3", "height", "5")),
                way);
        assertThat(order(making, "score-base", "fold-base", "stick-film", "stick-topper"))
                .containsExactly("score-base", "fold-base", "stick-film", "stick-topper");
        Operation film = making.steps().stream()
                .filter(step -> step.id().equals("stick-film"))
                .findFirst()
                .orElseThrow();
        assertThat(film.sentence(MeasureSystem.INCH).text())
                .doesNotContain("0 in")
                .contains("flush with");
    }

    /** Its doors lie on it when it is stuck: only its middle is measured, not the sheet it was cut from. */
    @Test
    void aSmallGateIsPlacedByThePanelThatIsStuck() {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add("small-card", "gate", front(), "base", "gate", "width", "2", "height", "3")),
                Way.ONE);
        assertThat(making.steps()
                        .get(making.steps().size() - 1)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .isEqualTo(
                        "Stick gate on the front, centred: 1 1/2 in shows left and right, 2 in shows above and below.");
    }

    /** The trimmer's rectangles and the steps give just the card: each join made once, each opening cut once, all lines scored, all faces worked on. */
    @Test
    void theStepsGiveTheCardAndNothingIsDoneTwice() {
        int cards = 0;
        for (long seed = 0; seed < 40 + Tries.of(360); seed++) {
            if (CardMaker.make(AnyDesign.random(seed), MATERIALS) instanceof Outcome.Made<Card> made) {
                cards++;
                for (Way way : Way.values()) {
                    gives(made.value(), making(made.value(), way), seed + " " + way);
                }
            }
        }
        assertThat(cards).isGreaterThan(20);
    }

    private static void gives(Card card, Making making, String which) {
        assertThat(making.broken()).as(which).isEmpty();
        assertThat(making.steps()).as(which).doesNotHaveDuplicates();
        assertThat(making.steps().stream().map(Operation::id)).as(which).doesNotHaveDuplicates();
        for (Wait wait : making.waits()) {
            assertThat(making.steps().indexOf(wait.before()))
                    .as("%s %s", which, wait.reason())
                    .isLessThan(making.steps().indexOf(wait.after()));
        }
        State finished = making.finished();
        for (Piece piece : card.pieces()) {
            Piece made = finished.asItIs(piece);
            assertThat(made.openings()).as(which).isEqualTo(piece.openings());
            assertThat(made.scores()).as(which).isEqualTo(piece.scores());
            assertThat(made.zones())
                    .as(which)
                    .isEqualTo(piece.zones().stream()
                            .filter(zone -> zone.use() == Zone.Use.SURFACE || zone.use() == Zone.Use.MAGNET)
                            .toList());
        }
        List<Join> stuck = new ArrayList<>();
        List<String> wrapped = new ArrayList<>();
        making.steps().forEach(step -> {
            if (step instanceof Operation.Stick stick) {
                stuck.add(stick.join());
            } else if (step.does() == Does.WRAP) {
                wrapped.add(step.piece().id().value());
            }
        });
        assertThat(card.joins().stream()
                        .filter(join -> !wrapped.contains(join.upper().value())))
                .as(which)
                .containsExactlyInAnyOrderElementsOf(stuck);
        assertThat(making.cost().movesAtLeast())
                .isLessThanOrEqualTo(making.cost().moves());
    }

    /** Against every order there is: small cards, both ways. */
    @Test
    void noOrderChangesLessOften() {
        int compared = 0;
        for (long seed = 0; seed < 400 && compared < 30; seed++) {
            if (CardMaker.make(AnyDesign.random(seed), MATERIALS) instanceof Outcome.Made<Card> made) {
                Making making = making(made.value(), Way.BATCH);
                int steps = making.steps().size();
                if (steps > 3 && steps < 9) {
                    compared++;
                    long best = best(making, new ArrayList<>(), new HashSet<>(making.steps()), Long.MAX_VALUE);
                    assertThat(changes(making.steps())).as("seed %d", seed).isEqualTo(best);
                    assertThat(making.cost().isProven()).isTrue();
                    assertThat(making.cost().moves() * 1000L + making.cost().tools())
                            .isEqualTo(best);
                }
            }
        }
        assertThat(compared).isGreaterThan(10);
    }

    private static long best(Making making, List<Operation> done, Set<Operation> left, long limit) {
        if (left.isEmpty()) {
            return changes(done);
        }
        long best = limit;
        for (Operation next : List.copyOf(left)) {
            boolean ready = making.before(next).stream().map(Wait::before).noneMatch(left::contains);
            if (ready) {
                done.add(next);
                left.remove(next);
                best = Math.min(best, best(making, done, left, best));
                left.add(next);
                done.remove(done.size() - 1);
            }
        }
        return best;
    }

    private static long changes(List<Operation> order) {
        return IntStream.range(1, order.size())
                .mapToLong(i -> {
                    Operation one = order.get(i - 1);
                    Operation other = order.get(i);
                    boolean moved = one.station() != other.station();
                    return (moved ? 1000L : 0L) + (moved || !one.tool().equals(other.tool()) ? 1L : 0L);
                })
                .sum();
    }
}

package kwibbet.trial;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import kwibbet.Tries;
import kwibbet.card.AnyDesign;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.RunLine;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Way;
import kwibbet.outcome.Outcome;
import kwibbet.press.PressPlan;
import kwibbet.shape.CutShape;
import kwibbet.tool.Toolbox;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.die;
import static kwibbet.Inches.front;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;

/** Hands that know only what paper, film and glue do, against the rules of making. */
class TrialMakingTest {

    /** So many of the cards are as makers make them, the first ones. */
    private static final int NAMED = 12;

    private record Job(Card card, PressPlan press, Making making) {
        static Job of(Card card, Way way, Toolbox tools) {
            PressPlan press = PressPlan.of(List.of(new RunLine(card, new Copies(6, 1))), tools);
            return new Job(card, press, Making.of(card, press, way));
        }

        List<TrialMaking.Ruin> ruins(List<Operation> order) {
            return TrialMaking.of(card, press, order);
        }
    }

    /** Cards as makers make them, and any others. */
    private static List<Card> cards() {
        List<Design> designs = new ArrayList<>(List.of(
                base("folded", "5", "7")
                        .plus(add("mat", "mat", front()))
                        .plus(add("shaker", "porthole", on("mat"), "wall", "frames", "depth", "1/16"))
                        .plus(add("surface", "hello", on("mat"), "technique", "heat", "down", "end", "height", "1/2")),
                base("folded", "5", "7")
                        .plus(add("blind", "blind", front()))
                        .plus(add("ornament", "sign", front(), "width", "1", "height", "1", "backing", "die"))
                        .plus(add("mat", "liner", on("front-inside")))
                        .plus(add("belly-band", "band", front())),
                base("bridged", "5", "7")
                        .plus(add("ornament", "topper", on("film-outside"), "width", "3", "height", "5")),
                base("folded", "5", "7")
                        .plus(add(
                                "shaker",
                                "porthole",
                                front(),
                                "width",
                                "2",
                                "height",
                                "2",
                                "down",
                                "by",
                                "fromTop",
                                "4 1/2"))
                        .plus(add("ornament", "sign", front(), "width", "2", "height", "2"))
                        .plus(add("surface", "hot", on("sign"), "technique", "heat", "down", "end", "height", "1/2")),
                base("folded", "5", "7")
                        .plus(add("mat", "lifted", front(), "raised", "foam"))
                        .plus(add("surface", "hello", on("lifted"), "height", "1/2")),
                base("shutter-gate", "5", "7"),
                base("shutter-gate", "5", "7")
                        .plus(add("mat", "ground", on("middle-inside")))
                        .plus(add("bits", "gems", on("ground"))),
                base("wrap-over", "4 1/4", "5 1/2")
                        .plus(add("mat", "latch", on("flap-outside")))
                        .plus(add("magnets", "pair", on("latch"), "across", "middle")),
                base("gate", "5", "7")
                        .plus(add("mat", "door", on("left-outside")))
                        .plus(add("tie", "tie", on("door"), "across", "by", "fromLeft", "1 1/2")),
                base("folded", "5", "7")
                        .plus(add(
                                "surface",
                                "ground",
                                on("back-inside"),
                                "technique",
                                "stencil",
                                "width",
                                "3",
                                "height",
                                "3",
                                "keepFree",
                                "1/4"))
                        .plus(add(
                                "opening", "window", front(), "pencil", "mark", "width", "1", "height", "1", "down",
                                "end"))
                        .plus(add("collar", "collar", front(), "fromTop", "1/2")),
                base("folded", "5", "7")
                        .plus(add("pattern-die", "field", front()))
                        .plus(add("collar", "lapels", front(), "length", "1 1/2", "heldBy", "brads"))));
        List<Card> cards = new ArrayList<>();
        designs.forEach(design -> cards.add(make(design).orThrow()));
        for (long seed = 0; seed < 30 + Tries.of(370); seed++) {
            if (CardMaker.make(AnyDesign.random(seed), MATERIALS) instanceof Outcome.Made<Card> made
                    && !made.value().design().additions().isEmpty()) {
                cards.add(made.value());
            }
        }
        return cards;
    }

    private static Toolbox tools(Card card) {
        return TOOLS.withDies(PressPlan.of(List.of(new RunLine(card, new Copies(1, 0))), TOOLS).byHand().stream()
                .flatMap(each -> each.want().shape().stream())
                .distinct()
                .limit(2)
                .map((CutShape shape) -> die(shape, 1))
                .toList());
    }

    @Test
    void whatTheRulesAskForSpoilsNoCard() {
        for (Card card : cards()) {
            for (Way way : Way.values()) {
                for (Toolbox tools : List.of(TOOLS, tools(card))) {
                    Job job = Job.of(card, way, tools);
                    assertThat(job.ruins(job.making().steps()))
                            .as("%s %s", card.design(), way)
                            .isEmpty();
                }
            }
        }
    }

    /** Two steps swapped: where the rules see no harm the hands see none, and the other way round. */
    @Test
    void rulesAndHandsAgreeOnWhatSpoilsACard() {
        List<Card> cards = cards();
        Random random = new Random(7);
        List<String> disagreements = new ArrayList<>();
        int spoilt = 0;
        int orders = 100 + Tries.of(1900);
        for (int i = 0; i < orders; i++) {
            Card card = cards.get(random.nextInt(random.nextBoolean() ? NAMED : cards.size()));
            Job job = Job.of(
                    card, random.nextBoolean() ? Way.ONE : Way.BATCH, random.nextBoolean() ? TOOLS : tools(card));
            List<Operation> order = new ArrayList<>(job.making().steps());
            if (order.size() < 2) {
                continue;
            }
            int one = random.nextInt(order.size());
            int other = random.nextInt(order.size());
            Collections.swap(order, one, other);
            List<String> broken = new ArrayList<>(job.making().waits().stream()
                    .filter(wait -> order.indexOf(wait.before()) > order.indexOf(wait.after()))
                    .map(wait -> wait.rule() + ": " + wait.before().id() + " < "
                            + wait.after().id())
                    .toList());
            broken.addAll(touchedWhileWet(order));
            List<String> ruins = job.ruins(order).stream()
                    .map(ruin -> ruin.step().id() + ": " + ruin.what())
                    .toList();
            if (ruins.isEmpty()) {
                // Which of the two is stuck first is not asked by the rule, and only with both there is anything to
                // warp.
                broken.removeIf(each -> each.startsWith("heat-away-from-film"));
                // Either end of a sleeve may be held first: the rule picks one of two that are alike.
                boolean areEnds =
                        order.get(one) instanceof Operation.HoldEnd && order.get(other) instanceof Operation.HoldEnd;
                broken.removeIf(each -> areEnds && each.startsWith("sleeve-ends"));
            }
            spoilt += broken.isEmpty() ? 0 : 1;
            if (broken.isEmpty() != ruins.isEmpty()) {
                disagreements.add(
                        order.get(one).id() + " and " + order.get(other).id() + " swapped on "
                                + card.design().base().key() + ": rules " + broken + ", hands " + ruins);
            }
        }
        assertThat(disagreements).isEmpty();
        assertThat(spoilt).isGreaterThan(orders / 4);
    }

    private static List<String> touchedWhileWet(List<Operation> order) {
        List<String> touched = new ArrayList<>();
        for (Operation each : order) {
            if (each instanceof Operation.Dry dry && order.indexOf(dry.wet()) < order.indexOf(dry)) {
                order.subList(order.indexOf(dry.wet()) + 1, order.indexOf(dry)).stream()
                        .filter(dry::isTouchedBy)
                        .forEach(between -> touched.add(between.id() + " while wet: " + dry.id()));
            }
        }
        return touched;
    }
}

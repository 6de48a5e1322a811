package kwibbet.press;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.Tries;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.base.Bases;
import kwibbet.layout.Thrift;
import kwibbet.making.Operation;
import kwibbet.making.State;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.SheetSizes;
import kwibbet.press.PressPlan.ByHand;
import kwibbet.press.PressPlan.Reason;
import kwibbet.shape.CutShape;
import kwibbet.tool.Die;
import kwibbet.tool.Press;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;
import kwibbet.trial.TrialRun;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.die;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.trimmer;
import static kwibbet.Inches.withPress;
import static org.assertj.core.api.Assertions.assertThat;

/** Every base with all that dies cut on each of its faces, for somebody who has every die: the trial press makes just the shapes that are wanted. */
class PressedCardsTest {

    private static final Press WIDE = new Press(in("24"), in("24"), 3);
    private static final Press NARROW = new Press(in("6"), in("9"), 2);

    static Stream<Base> bases() {
        return Bases.ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("bases")
    void whatIsPressedIsWhatIsWanted(Base each) {
        Design plain = base(each.key(), "5", "7");
        int pressed = 0;
        for (Host host : hosts(plain)) {
            for (List<Addition> additions : cut(host)) {
                Optional<Card> card = card(plain.withAdditions(additions));
                for (Press press : List.of(WIDE, NARROW)) {
                    pressed += card.map(made -> pressed(made, press)).orElse(0);
                }
            }
        }
        assertThat(pressed).as(each.key()).isPositive();
    }

    /** What is not said of a die taped into another, or of a slit, cannot be done either. */
    @Test
    void aTurnedDieInTheMiddleOfAnotherAndSlitsAreSaid() {
        Design design = base("folded", "5", "7")
                .withAdditions(List.of(
                        add("ornament", "star", on("front-outside"), "shape", "octagon", "width", "3", "height", "3"),
                        add("opening", "hole", on("star"), "shape", "oval", "width", "1", "height", "1/2"),
                        add("collar", "collar", on("front-outside"))));
        List<Die> dies = List.of(die(CutShape.Kind.OCTAGON, "3", "3"), die(CutShape.Kind.OVAL, "1/2", "1"));
        for (Trimmer.Slits slits : Trimmer.Slits.values()) {
            RunPlan plan = RunPlan.of(
                    line(design, 2),
                    shelf(paper(SheetSizes.TWELVE_SQUARE)),
                    Thrift.FEWEST_SHEETS,
                    new Toolbox(trimmer(2, in("1/8"), slits), TOOLS.board(), WIDE, dies, TOOLS.hand()));
            assertThat(plan.bench().press().plan().passes()).isEqualTo(2);
            assertThat(plan.bench().trim().slits()).hasSize(2);
            PressRead.everyDieLiesWhereTheWordsSay(plan);
        }
    }

    /** The plate is laid when the paper has been turned: by then what was the left is the top. */
    @Test
    void whatThePlateLeavesFreeIsSaidAsItIsSeenOnTheBed() {
        Design design = base("folded", "4", "7")
                .withAdditions(List.of(
                        add("mat", "mat", on("front-outside"), "border", "1/8"),
                        add("opening", "hole", on("mat"), "shape", "rectangle", "width", "2", "height", "2")));
        for (Die die :
                List.of(die(CutShape.Kind.RECTANGLE, "1 1/2", "2"), die(CutShape.Kind.RECTANGLE, "2", "1 1/2"))) {
            for (Press press : List.of(WIDE, NARROW)) {
                RunPlan plan = RunPlan.of(
                        line(design, 2),
                        shelf(paper(SheetSizes.TWELVE_SQUARE)),
                        Thrift.FEWEST_SHEETS,
                        withPress(TOOLS, press).withDies(List.of(die)));
                assertThat(plan.bench().press().settings()).hasSize(2);
                assertThat(plan.bench().press().plan().loads())
                        .allMatch(load -> load.laid().get(0).turned() == press.equals(NARROW));
                PressRead.everyDieLiesWhereTheWordsSay(plan);
            }
        }
    }

    private static List<Host> hosts(Design plain) {
        return make(plain).orThrow().faces().stream()
                .<Host>map(face -> new Host.OnFace(face.id()))
                .limit(Tries.of(Integer.MAX_VALUE))
                .toList();
    }

    private static List<List<Addition>> cut(Host host) {
        Addition mat = add("mat", "mat", host, "border", "1/4");
        List<List<Addition>> all = new ArrayList<>();
        for (String through : List.of("this", "layers", "panels")) {
            Addition hole = add(
                    "opening", "hole", on("mat"), "shape", "arch", "width", "3/4", "height", "1", "through", through);
            all.add(List.of(mat, hole));
        }
        all.add(List.of(
                add("opening", "hole", host, "shape", "oval", "width", "1", "height", "1/2", "frame", "framed")));
        all.add(List.of(add("ornament", "star", host, "shape", "gable", "width", "1", "height", "1 1/2")));
        all.add(List.of(add("shaker", "shaker", host, "shape", "octagon", "width", "1", "height", "1")));
        return all;
    }

    private static Optional<Card> card(Design design) {
        return make(design) instanceof Outcome.Made<Card> made ? Optional.of(made.value()) : Optional.empty();
    }

    /** How many shapes are pressed, all of them right. */
    private static int pressed(Card card, Press press) {
        Toolbox bare = withPress(TOOLS, press);
        List<Die> dies = PressPlan.of(List.of(line(card, 1)), bare).byHand().stream()
                .flatMap(each -> each.want().shape().stream())
                .distinct()
                .map(shape -> die(shape, 1))
                .toList();
        RunPlan plan = RunPlan.of(
                line(card, 1), shelf(paper(SheetSizes.TWELVE_SQUARE)), Thrift.FEWEST_SHEETS, bare.withDies(dies));
        assertThat(plan.bench().press().plan().byHand().stream()
                        .filter(each -> each.want().shape().isPresent())
                        .map(ByHand::why))
                .doesNotContain(Reason.NO_DIE);
        assertThat(plan.bench().press().plan().passes())
                .isGreaterThanOrEqualTo(plan.bench().press().plan().atLeast());
        TrialRun trial = TrialRun.of(plan, Integer.MAX_VALUE, List.of());
        assertThat(trial.pieces()).allSatisfy(made -> assertThat(made.dieCuts().right())
                .as(made.piece().name())
                .isEqualTo(made.dieCuts().asked()));
        everythingIsDoneOnce(card, plan);
        PressRead.everyDieLiesWhereTheWordsSay(plan);
        return trial.pieces().stream().mapToInt(made -> made.dieCuts().asked()).sum();
    }

    /** Every piece stuck, every opening cut, every score creased, once. */
    private static void everythingIsDoneOnce(Card card, RunPlan plan) {
        List<Operation> make = plan.makeOf(card, Way.BATCH).steps();
        State finished = plan.makeOf(card, Way.BATCH).finished();
        assertThat(make).doesNotHaveDuplicates();
        assertThat(make.stream().filter(Operation.Stick.class::isInstance).map(step -> ((Operation.Stick) step).join()))
                .containsExactlyInAnyOrderElementsOf(card.joins());
        card.pieces().forEach(piece -> {
            assertThat(finished.asItIs(piece).openings()).isEqualTo(piece.openings());
            assertThat(finished.asItIs(piece).scores()).isEqualTo(piece.scores());
        });
        assertThat(make)
                .allSatisfy(step ->
                        assertThat(step.sentence(MeasureSystem.INCH).text()).endsWith("."));
    }
}

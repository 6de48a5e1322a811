package kwibbet.making;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import kwibbet.Tries;
import kwibbet.card.Addition;
import kwibbet.card.AnyDesign;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Join;
import kwibbet.card.Materials;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.card.feature.Mat;
import kwibbet.measure.Graduation;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.SheetSizes;
import kwibbet.press.PressPlan;
import kwibbet.shape.CutShape;
import kwibbet.tool.Toolbox;
import kwibbet.trial.TrialMaking;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.die;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
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

    /** A sleeve comes with the base and lies over all that is put on the middle later; what is drawn under it is stuck under it, and what is set into it after it. */
    @ParameterizedTest
    @EnumSource
    void whatLiesUnderASleeveIsThereBeforeIt(Way way) {
        Making making = making(
                base("shutter-gate", "5", "7")
                        .plus(add("mat", "ground", on("middle-inside")))
                        .plus(add("bits", "gems", on("ground"))),
                way);
        assertThat(order(making, "stick-ground", "set-on-gems", "stick-sleeve"))
                .containsExactly("stick-ground", "set-on-gems", "stick-sleeve");
        assertThat(making.broken()).isEmpty();
        Making inlaid = making(
                base("shutter-gate", "5", "7")
                        .plus(add("mat", "ground", on("middle-inside")))
                        .plus(add("ornament", "sign", on("sleeve-inside"), "set", "inlaid", "down", "start")),
                way);
        assertThat(order(inlaid, "stick-ground", "stick-sign", "stick-sleeve"))
                .containsExactly("stick-ground", "stick-sleeve", "stick-sign");
        assertThat(inlaid.broken()).isEmpty();
    }

    /** The score of a card that stands up past its fold goes on beyond the shape that does: one line, said once. */
    @Test
    void aLineInTwoPartsIsSaidOnce() {
        Making making = making(base("past-fold", "4", "6", "shape", "rectangle", "across", "2", "rise", "1"), Way.ONE);
        assertThat(making.steps())
                .extracting(step -> step.sentence(MeasureSystem.INCH).text())
                .contains("Score Base: 5 in from the top edge, as far as drawn.");
    }

    /** Hot air warps film beside it, too: what is heated is done before it comes near; what lies farther off is not asked. */
    @ParameterizedTest
    @EnumSource
    void whatIsHeatedStaysAwayFromFilm(Way way) {
        Making making = making(heatedBesideAPorthole("middle"), way);
        assertThat(order(making, "treat-sign-hot-0", "stick-sign")).containsExactly("treat-sign-hot-0", "stick-sign");
        assertThat(making.waits()).extracting(Wait::rule).contains(HeatAwayFromFilm.KEY);
        assertThat(making(heatedBesideAPorthole("start"), way).waits())
                .extracting(Wait::rule)
                .doesNotContain(HeatAwayFromFilm.KEY);
    }

    private static Design heatedBesideAPorthole(String down) {
        return base("folded", "5", "7")
                .plus(add("shaker", "porthole", front(), "width", "2", "height", "2", "down", "by", "fromTop", "4 1/2"))
                .plus(add("ornament", "sign", front(), "width", "2", "height", "2", "down", down))
                .plus(add("surface", "hot", on("sign"), "technique", "heat", "down", "end", "height", "1/2"));
    }

    /** Two doors' mats are one step with one sentence, in which each is told its door; of another size, or held otherwise, they are two. */
    @ParameterizedTest
    @EnumSource
    void whatIsStuckAlikeIsOneStep(Way way) {
        Design gate = base("gate", "5", "7")
                .plus(add("mat", "mat-left", on("left-outside")))
                .plus(add("mat", "mat-inside", on("middle-inside")));
        Making making = making(gate.plus(add("mat", "mat-right", on("right-outside"))), way);
        assertThat(making.told())
                .filteredOn(told -> told.sticks().size() == 2)
                .singleElement()
                .satisfies(told -> {
                    assertThat(told.sentence(MeasureSystem.INCH).text())
                            .startsWith("Put tape on the back of ")
                            .contains("mat-left on the left door")
                            .contains("mat-right on the right door")
                            .endsWith("; each centred: 1/8 in shows all round.");
                    assertThat(told.timedAs()).isEqualTo("STICK-2");
                });
        Making uneven = making(gate.plus(add("mat", "mat-right", on("right-outside"), "raised", "foam")), way);
        assertThat(uneven.told()).noneMatch(told -> told.sticks().size() > 1);
    }

    /** A house is cut but for its floor while its ring lies flat: before the foam of a dam is on it, and before it is stuck; frames that are pressed alike are one step. */
    @ParameterizedTest
    @EnumSource
    void whatIsPressedLiesFlatAndAlikeFramesAreOneStep(Way way) {
        Design scene = base("folded", "5", "7")
                .plus(add("mat", "yard", front(), "fit", "size", "width", "4 1/4", "height", "5 1/4"))
                .plus(add(
                        "hanging",
                        "hut",
                        on("yard"),
                        "shape",
                        "gable",
                        "width",
                        "1 1/2",
                        "height",
                        "1 3/4",
                        "down",
                        "start",
                        "fromTop",
                        "1"))
                .plus(add(
                        "mat",
                        "dam",
                        on("yard"),
                        "fit",
                        "size",
                        "width",
                        "1 1/2",
                        "height",
                        "1/2",
                        "down",
                        "end",
                        "raised",
                        "double"))
                .plus(add(
                        "shaker",
                        "glass",
                        on("yard"),
                        "shape",
                        "oval",
                        "width",
                        "2",
                        "height",
                        "2",
                        "wall",
                        "frames",
                        "depth",
                        "1/16"));
        Toolbox tools =
                TOOLS.withDies(List.of(die(CutShape.Kind.GABLE, "1 1/2", "1 3/4"), die(CutShape.Kind.OVAL, "2", "2")));
        Card card = make(scene).orThrow();
        Making making = Making.of(card, PressPlan.of(List.of(new RunLine(card, new Copies(1, 0))), tools), way);
        List<String> ids = making.steps().stream().map(Operation::id).toList();
        String pressed = ids.stream()
                .filter(id -> id.startsWith("press-yard"))
                .findFirst()
                .orElseThrow();
        assertThat(ids).containsSubsequence(pressed, "stick-dam");
        assertThat(ids).containsSubsequence(pressed, "stick-yard");
        assertThat(making.waits()).extracting(Wait::rule).contains("pressed-flat");
        assertThat(making.steps())
                .filteredOn(step -> step.id().equals(pressed))
                .singleElement()
                .satisfies(step ->
                        assertThat(step.sentence(MeasureSystem.INCH).text()).contains("all but its bottom"));
        assertThat(making.told())
                .filteredOn(
                        told -> told.lead().does() == Does.PRESS && told.steps().size() > 1)
                .singleElement()
                .satisfies(told -> assertThat(told.sentence(MeasureSystem.INCH).text())
                        .startsWith("Cut the opening of glass, wall 1 to 4")
                        .contains("in the press, one after the other"));
    }

    /** Pads wait under their liner and are counted, a pen's line dries a little, and a label only has to be peeled. Common practice, no source. */
    @Test
    void whatHoldsItIsToldAsItIsDone() {
        PaperId label = new PaperId("label");
        Paper sheet = paper(SheetSizes.LETTER);
        Materials materials = new Materials(
                shelf(
                        sheet,
                        new Paper(
                                label,
                                "Labels",
                                PaperKind.LABEL,
                                sheet.format(),
                                sheet.face(),
                                sheet.body(),
                                sheet.kept(),
                                Optional.empty())),
                Graduation.SIXTEENTHS);
        Addition greeting = add("mat", "greeting", front(), "fit", "size", "width", "3", "height", "2");
        String[][] held = {
            {"pads", "Put foam pads, 1/16 in high, on the back of greeting and stick it on the front", "0", "6"},
            {"pen", "Put a line of the glue pen on the back of greeting and stick it on the front", "2", ""},
            {"flat", "Peel greeting off its backing and stick it on the front", "0", ""},
        };
        for (String[] each : held) {
            Addition mat = greeting.with(greeting.settings().with(Mat.RAISED, each[0]))
                    .withPapers(Map.of("paper", each[0].equals("flat") ? label : sheet.id()));
            Card card = CardMaker.make(base("folded", "5", "7").plus(mat), materials)
                    .orThrow();
            Making making = making(card, Way.ONE);
            assertThat(making.told().stream()
                            .map(told -> told.sentence(MeasureSystem.INCH).text()))
                    .anyMatch(words -> words.startsWith(each[1]));
            assertThat(making.steps().stream()
                            .filter(step -> step.does() == Does.STICK)
                            .mapToInt(Operation::drying)
                            .sum())
                    .isEqualTo(Integer.parseInt(each[2]));
            List<String> pads = card.supplies().stream()
                    .filter(supply -> supply.name().startsWith("foam pad, 1/16 in high"))
                    .map(supply -> String.valueOf(supply.amount()))
                    .toList();
            assertThat(pads).hasSize(each[3].isEmpty() ? 0 : 1).allMatch(amount -> amount.contains(each[3]));
            assertThat(card.supplies().stream().filter(supply -> supply.name().contains("tape")))
                    .isEmpty();
        }
    }

    /** Frames of a row are stuck from the first to the last. */
    @ParameterizedTest
    @EnumSource
    void whatIsStuckAlikeIsStuckAsItWasThoughtOf(Way way) {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add(
                                "opening", "pane", front(), "width", "3/4", "height", "1", "beside", "3", "rows", "2",
                                "between", "1/2", "frame", "framed")),
                way);
        assertThat(making.steps().stream().map(Operation::id).filter(id -> id.startsWith("stick-pane")))
                .containsExactly(
                        "stick-pane", "stick-pane-2", "stick-pane-3", "stick-pane-4", "stick-pane-5", "stick-pane-6");
    }

    /** A star set into a mat, or over its edge, is laid where the mat was cut out for it, once that is stuck. */
    @ParameterizedTest
    @EnumSource
    void whatIsInlaidComesAfterWhatItIsSetInto(Way way) {
        for (String from : List.of("1", "-1")) {
            Making making = making(
                    base("folded", "5", "7")
                            .plus(add("mat", "yard", front(), "border", "1/4"))
                            .plus(add(
                                    "ornament", "star", on("yard"), "set", "inlaid", "across", "by", "fromLeft", from)),
                    way);
            assertThat(order(making, "stick-yard", "stick-star")).containsExactly("stick-yard", "stick-star");
            assertThat(making.told())
                    .filteredOn(told -> told.last().id().equals("stick-star"))
                    .singleElement()
                    .satisfies(
                            told -> assertThat(told.sentence(MeasureSystem.INCH).text())
                                    .endsWith("on the front, into its negative in yard, level with it."));
        }
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

    /** What hangs is told by its edge, named as it is seen from where one looks; wet glue is put on as it is stuck, and dries. */
    @Test
    void eachStepSaysHowItIsHeld() {
        Making hung = making(
                base("folded", "5", "7").plus(add("mat", "sign", front(), "hold", "left", "border", "1")), Way.ONE);
        assertThat(hung.told())
                .filteredOn(told -> told.last().does() == Does.HANG)
                .singleElement()
                .extracting(told -> told.sentence(MeasureSystem.INCH).text())
                .asString()
                .startsWith("Put tape along the right edge of the back of sign and hang it by that on the front");
        Making glued = making(base("folded", "5", "7").plus(add("mat", "sign", front(), "raised", "glue")), Way.ONE);
        assertThat(glued.steps()).extracting(Operation::does).doesNotContain(Does.ADHESIVE);
        assertThat(glued.steps()).last().satisfies(dry -> {
            assertThat(dry.does()).isEqualTo(Does.DRY);
            assertThat(dry.sentence(MeasureSystem.INCH).text())
                    .isEqualTo("Put a weight on sign and let the glue dry for 10 minutes.");
        });
    }

    /** Gems come on what is stuck, tape that goes behind before. */
    @ParameterizedTest
    @EnumSource
    void whatIsSetOnComesLastAndWhatGoesBehindFirst(Way way) {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add("mat", "mat", front()))
                        .plus(add("surface", "hello", on("mat"), "technique", "stamp"))
                        .plus(add("bits", "gems", on("mat"), "down", "start"))
                        .plus(add("ribbon", "sash", on("mat"), "ends", "behind", "down", "end")),
                way);
        List<String> order = order(making, "treat-mat-hello-0", "bind-sash", "stick-mat", "set-on-gems");
        assertThat(order).containsExactly("treat-mat-hello-0", "bind-sash", "stick-mat", "set-on-gems");
    }

    /** A picture in a hole is held where it touches. */
    @Test
    void aPictureOverAHoleSaysHowMuchOfItsEdgeHolds() {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add("opening", "hole", front(), "width", "2", "height", "4"))
                        .plus(add("ornament", "picture", front(), "width", "3", "height", "1", "backing", "glue")),
                Way.ONE);
        // Half an inch at either end: the ends, and two edges of half an inch each.
        assertThat(making.steps())
                .filteredOn(step -> step.does() == Does.STICK)
                .singleElement()
                .extracting(step -> step.sentence(MeasureSystem.INCH).text())
                .asString()
                .endsWith("; it is held along 4 in of its edge.");
    }

    /** A panel is glued shut over the back of a blind; a layer is stuck over it, and nothing is glued twice. */
    @Test
    void aBlindIsClosedOnce() {
        Making onPanel = making(base("folded", "5", "7").plus(add("blind", "blind", front())), Way.ONE);
        assertThat(onPanel.steps()
                        .subList(onPanel.steps().size() - 2, onPanel.steps().size()))
                .extracting(Operation::does)
                .containsExactly(Does.CLOSE, Does.DRY);
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

    /** A rolled card: each flap ends in the fold of what closes over it, the inner one in that of the outer. Common practice, no source. */
    @Test
    void whatFoldsInsideIsTriedBeforeAnythingIsStuckToIt() {
        Making making =
                making(base("roll", "3", "5", "panels", "4").plus(add("mat", "mat", on("flap-2-inside"))), Way.ONE);
        assertThat(making.steps())
                .filteredOn(step -> step.does() == Does.TRIAL_FOLD)
                .extracting(step -> step.sentence(MeasureSystem.INCH).text().replaceAll("\\. .*", ""))
                .containsExactlyInAnyOrder(
                        "Fold flap 1 in on trial and the front over it", "Fold flap 2 in on trial and flap 1 over it");
        assertThat(order(making, "fold-base", "trial-fold-flap-2", "stick-mat"))
                .containsExactly("fold-base", "trial-fold-flap-2", "stick-mat");
    }

    /** A sleeve is held at one end, the shutters are slid under it, and the other end is held. Common practice, no source. */
    @ParameterizedTest
    @EnumSource
    void oneEndOfASleeveComesBeforeWhatGoesUnderIt(Way way) {
        Making making = making(base("shutter-gate", "5", "7"), way);
        assertThat(order(
                        making,
                        "stick-sleeve",
                        "hold-sleeve-start",
                        "tuck-left-shutter",
                        "tuck-right-shutter",
                        "hold-sleeve-end"))
                .startsWith("stick-sleeve", "hold-sleeve-start")
                .endsWith("hold-sleeve-end");
    }

    /** Foam walls are put on before what they hold, and stay covered until then. */
    @Test
    void aFoamWallIsThereBeforeItsFillerAndIsPeeledAfterwards() {
        Making making = making(base("folded", "5", "7").plus(add("shaker", "porthole", front())), Way.BATCH);
        assertThat(order(making, "adhesive-porthole", "dust-porthole", "fill-porthole", "stick-porthole"))
                .containsExactly("adhesive-porthole", "dust-porthole", "fill-porthole", "stick-porthole");
        assertThat(making.told()
                        .get(making.told().size() - 1)
                        .sentence(MeasureSystem.INCH)
                        .text())
                .startsWith("Peel the liner and stick porthole on the front");
    }

    /** The outline of an opening is drawn through it with the card shut, on the other panel of the same piece too. */
    @Test
    void anOpeningIsCutAndTheCardFoldedBeforeItsOutlineIsDrawn() {
        Making making =
                making(base("folded", "5", "7").plus(add("opening", "window", front(), "pencil", "mark")), Way.ONE);
        assertThat(order(making, "open-base-window-0", "fold-base", "mark-base-window-0", "erase-base-window-0"))
                .containsSubsequence("open-base-window-0", "mark-base-window-0", "erase-base-window-0")
                .containsSubsequence("fold-base", "mark-base-window-0");
    }

    /** A pair of cords goes through two holes, whatever the number of pleats; figures are read from the edge of the stack. */
    @Test
    void pleatsArePunchedAtOnce() {
        Making making = making(base("folded", "5", "7").plus(add("blind", "blind", front())), Way.ONE);
        assertThat(making.find("open-blind-blind-0")
                        .orElseThrow()
                        .sentence(MeasureSystem.INCH)
                        .text())
                .startsWith("Hold blind in its pleats and punch through all of them: 2 holes");
        assertThat(order(making, "fold-blind", "open-blind-blind-0", "thread-blind"))
                .containsExactly("fold-blind", "open-blind-blind-0", "thread-blind");
    }

    /** Wet glue is left alone, and what does not touch it is done meanwhile; what lies on the under face is measured with that face up. */
    @Test
    void otherWorkIsDoneWhileGlueDries() {
        Making making = making(
                base("wrap-over", "4 1/4", "5 1/2")
                        .plus(add("mat", "latch", on("flap-outside")))
                        .plus(add("mat", "front", front()))
                        .plus(add("magnets", "pair", on("latch"), "across", "by", "fromLeft", "1/2")),
                Way.ONE);
        assertThat(order(making, "set-magnet-latch-pair-0", "dry-set-magnet-latch-pair-0", "stick-latch"))
                .containsExactly("set-magnet-latch-pair-0", "dry-set-magnet-latch-pair-0", "stick-latch");
        Operation magnet = making.find("set-magnet-latch-pair-0").orElseThrow();
        Piece latch = magnet.piece();
        assertThat(latch.size()
                        .width()
                        .minus(latch.zones().get(0).outline().bounds().right()))
                .isEqualTo(in("3/8"));
        assertThat(magnet.sentence(MeasureSystem.INCH).text())
                .startsWith("latch, turned over: ")
                .contains("3/8 in from the left");
    }

    /** Between two folds it is said from which; beside one there is no other. */
    @ParameterizedTest
    @CsvSource({
        "gate, middle-inside, 1/2, 1/2 in from the fold at the left",
        "gate, middle-inside, 2 1/2, 1/2 in from the fold at the right",
        "folded, front-outside, 1/2, '1/2 in from the fold,'"
    })
    void theFoldSomethingIsMeasuredFromIsSaid(String base, String face, String fromLeft, String said) {
        Making making = making(
                base(base, "5", "7")
                        .plus(add(
                                "ornament",
                                "sign",
                                on(face),
                                "width",
                                "2",
                                "height",
                                "1",
                                "across",
                                "by",
                                "fromLeft",
                                fromLeft,
                                "down",
                                "start")),
                Way.ONE);
        assertThat(making.steps())
                .filteredOn(Operation.Stick.class::isInstance)
                .singleElement()
                .satisfies(stick ->
                        assertThat(stick.sentence(MeasureSystem.INCH).text()).contains(said));
    }

    /** A mask is measured by what it leaves free, comes off when the ink is dry, and takes nothing of the picture with it. */
    @Test
    void aMaskLeavesTheAreaFreeThatIsInked() {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add(
                                "surface",
                                "sky",
                                on("back-inside"),
                                "technique",
                                "stencil",
                                "width",
                                "3",
                                "height",
                                "2",
                                "keepFree",
                                "1/4")),
                Way.ONE);
        String mask = making.steps().stream()
                .filter(step -> step.does() == Does.MASK)
                .map(step -> step.sentence(MeasureSystem.INCH).text())
                .findFirst()
                .orElseThrow();
        assertThat(mask).startsWith("Base: lay low-tack tape round an area of 3 × 2 in, ");
        assertThat(making.steps().stream()
                        .map(Operation::does)
                        .filter(List.of(Does.MASK, Does.STENCIL, Does.DRY, Does.UNMASK)::contains))
                .containsExactly(Does.MASK, Does.STENCIL, Does.DRY, Does.UNMASK);
        assertThat(making.finished().asItIs(making.card().base()).zones()).hasSize(1);
    }

    /** Hands are busy for as long as all steps but drying take, each for all copies; what stands is stood up when all else is done. */
    @Test
    void theMinutesOfAllStepsAddUpAndWhatDriesIsNoWork() {
        Making making = making(
                base("folded", "5", "7")
                        .plus(add("surface", "hello", front()))
                        .plus(add("stand-strip", "leg", on("back-outside"))),
                Way.BATCH);
        assertThat(making.steps())
                .extracting(Operation::does)
                .contains(Does.DRY)
                .endsWith(Does.STAND_UP);
        double each =
                byHands(making.steps()).stream().mapToDouble(Operation::minutes).sum();
        assertThat(Pace.UNKNOWN.total(making, 3))
                .isEqualTo(new Pace.Total(3 * each, 0, making.told().size() - 1));
        Pace own = new Pace(List.of(new Timing("STAND_UP", 3, Duration.ofMinutes(30))));
        assertThat(own.total(making, 3))
                .isEqualTo(
                        new Pace.Total(3 * (each - 0.5) + 30, 1, making.told().size() - 1));
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

    /**
     * Two designs found among random ones, in which a rule asked for what another forbade: twine under the loose strip of a bridged front, laid once the film is stuck
     * to the base and before the strip comes over it; and a picture hung on the face of a tab that is glued to the card.
     */
    @Test
    void whatOverhangsIsReachedAndWhatLiesBetweenComesFirst() {
        Design bridged = base("bridged", "8", "4", "strip", "1 1/8")
                .plus(add("ribbon", "twine", on("film-outside"), "ribbon", "twine", "down", "end"));
        Design tab = base("folded", "5", "7")
                .plus(add("tab", "tab", on("front-inside"), "behind", "1 1/2", "along", "1 1/2"))
                .plus(add("ornament", "picture", on("tab"), "height", "1 7/8", "down", "start", "hold", "top"));
        for (Design design : List.of(bridged, tab)) {
            Card card = make(design).orThrow();
            Making making = making(card, Way.ONE);
            gives(card, making, design.base().key());
            assertThat(TrialMaking.of(card, PressPlan.of(List.of(line(card, 1)), TOOLS), making.steps()))
                    .isEmpty();
        }
        List<String> order = making(make(bridged).orThrow(), Way.ONE).steps().stream()
                .map(Operation::id)
                .filter(List.of("stick-film", "set-on-twine", "stick-loose-strip")::contains)
                .toList();
        assertThat(order).containsExactly("stick-film", "set-on-twine", "stick-loose-strip");
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
                            .filter(zone -> zone.use() == Zone.Use.SURFACE
                                    || zone.use() == Zone.Use.PRINT
                                    || zone.use() == Zone.Use.MAGNET
                                    || zone.use() == Zone.Use.SET_ON)
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
        assertThat(making.cost().atLeast()).isLessThanOrEqualTo(making.cost().counted());
    }

    /** Against every order there is, counted as it is told here: small cards, both ways. */
    @ParameterizedTest
    @EnumSource
    void noOrderChangesLessOften(Way way) {
        int compared = 0;
        int turned = 0;
        for (long seed = 0; seed < 500 && compared < 30; seed++) {
            if (CardMaker.make(AnyDesign.random(seed), MATERIALS) instanceof Outcome.Made<Card> made) {
                Making making = making(made.value(), way);
                List<Operation> steps = byHands(making.steps());
                if (steps.size() > 3 && steps.size() < 9) {
                    compared++;
                    long best = best(making, new ArrayList<>(), new HashSet<>(steps), Long.MAX_VALUE);
                    assertThat(changes(making, steps)).as("seed %d", seed).isEqualTo(best);
                    assertThat(making.cost().isProven()).as("seed %d", seed).isTrue();
                    Making.Count counted = making.cost().counted();
                    assertThat(((counted.moves() * 100L + counted.tools()) * 100 + counted.turns()) * 100
                                    + counted.jumps())
                            .as("seed %d", seed)
                            .isEqualTo(best);
                    turned += counted.turns() > 1 ? 1 : 0;
                }
            }
        }
        assertThat(compared).isGreaterThan(10);
        assertThat(turned).isPositive();
    }

    /** What dries is in nobody's hands. */
    private static List<Operation> byHands(List<Operation> steps) {
        return steps.stream().filter(each -> each.does() != Does.DRY).toList();
    }

    private static long best(Making making, List<Operation> done, Set<Operation> left, long limit) {
        if (left.isEmpty()) {
            return Math.min(limit, changes(making, done));
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

    private static long changes(Making making, List<Operation> order) {
        long moves = 0;
        long tools = 0;
        long jumps = 0;
        for (int i = 1; i < order.size(); i++) {
            Operation one = order.get(i - 1);
            Operation other = order.get(i);
            String left = assembly(making.card(), one.piece().id());
            boolean gone = !left.equals(assembly(making.card(), other.piece().id()));
            boolean moved = making.way() == Way.BATCH ? one.station() != other.station() : gone;
            moves += moved ? 1 : 0;
            tools += moved || one.station() != other.station() || !one.tool().equals(other.tool()) ? 1 : 0;
            boolean isUnfinished = order.subList(i, order.size()).stream()
                    .anyMatch(each -> assembly(making.card(), each.piece().id()).equals(left));
            jumps += gone && isUnfinished ? 1 : 0;
        }
        return ((moves * 100 + tools) * 100 + turns(order)) * 100 + jumps;
    }

    private static long turns(List<Operation> order) {
        Map<Piece, Side> lying = new HashMap<>();
        long turns = 0;
        for (Operation each : order) {
            Side before = Optional.ofNullable(lying.put(each.onto().orElse(each.piece()), each.face()))
                    .orElse(Side.UP);
            turns += before == each.face() ? 0 : 1;
        }
        return turns;
    }

    private static String assembly(Card card, PieceId piece) {
        Optional<PieceId> lower = card.join(piece).map(Join::lower).filter(each -> !card.isOfBase(each));
        return lower.map(each -> assembly(card, each)).orElseGet(() -> card.additionOf(piece)
                .map(addition -> addition.id().value())
                .orElse("base"));
    }
}

package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.Tries;
import kwibbet.card.Addition;
import kwibbet.card.AnyDesign;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.Opening;
import kwibbet.card.Parts;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Ornament;
import kwibbet.card.feature.QuickWays;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Region;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/** The mistakes makers tell of, common practice, no source: each made on purpose, found, and put right. */
class ReviewTest {

    private static final PaperId FILM = new PaperId("clear");
    private static final PaperId FOAM = new PaperId("foam");
    private static final PaperId ONE_WAY = new PaperId("up");
    private static final PaperId DARK = new PaperId("dark");
    private static final PaperId UP_OUTSIDE = new PaperId("up outside");
    private static final PaperId UP_INSIDE = new PaperId("up inside");
    private static final PaperId THIN = new PaperId("thin");
    private static final Materials MATERIALS = new Materials(
            new PaperShelf(List.of(
                    paper(SheetSizes.TWELVE_SQUARE),
                    of(FILM, PaperKind.FILM, Pattern.PLAIN),
                    of(FOAM, PaperKind.FOAM, Pattern.PLAIN),
                    of(ONE_WAY, PaperKind.PATTERNED, Pattern.ONE_WAY),
                    of(DARK, PaperKind.CARD_STOCK, Pattern.PLAIN, new Colour("#24345c")),
                    of(UP_OUTSIDE, new Paper.Face(Colour.WHITE, Pattern.ONE_WAY, Colour.WHITE, Pattern.PLAIN), 150),
                    of(UP_INSIDE, new Paper.Face(Colour.WHITE, Pattern.PLAIN, Colour.WHITE, Pattern.ONE_WAY), 150),
                    of(THIN, new Paper.Face(Colour.WHITE, Pattern.PLAIN), 90))),
            Graduation.SIXTEENTHS);

    private static Paper of(PaperId id, PaperKind kind, Pattern pattern) {
        return of(id, kind, pattern, Colour.WHITE);
    }

    private static Paper of(PaperId id, PaperKind kind, Pattern pattern, Colour colour) {
        return of(id, kind, new Paper.Face(colour, pattern), 150);
    }

    private static Paper of(PaperId id, Paper.Face face, int grams) {
        return of(id, PaperKind.PATTERNED, face, grams);
    }

    private static Paper of(PaperId id, PaperKind kind, Paper.Face face, int grams) {
        return new Paper(
                id,
                id.value(),
                kind,
                new Paper.Format(SheetSizes.LETTER, MeasureSystem.INCH, Length.ZERO),
                face,
                new Paper.Body(Grain.UNKNOWN, grams, Length.ofMillimetres(1, 10)),
                new Paper.Kept(10, 0),
                Optional.empty());
    }

    private static Card card(Design design) {
        return CardMaker.make(design, MATERIALS).orThrow();
    }

    private static List<Finding> review(Design design) {
        return Review.of(card(design));
    }

    private static Design with(Design design, Addition... additions) {
        return design.withAdditions(List.of(additions));
    }

    private static Addition mat(String id, String on, String... pairs) {
        return add("mat", id, on(on), pairs).withPapers(Map.of("paper", STOCK));
    }

    static Stream<Arguments> mistakes() {
        Design folded = base("folded", "5", "7");
        String[] overFold = {"width", "3", "height", "2", "across", "by", "fromLeft", "-1"};
        String[] late = {"technique", "heat", "width", "1", "height", "1", "down", "start"};
        return Stream.of(
                arguments(
                        "in-the-way",
                        with(
                                base("shutter-gate", "5", "7"),
                                add("ornament", "lamp", on("middle-inside"), "backing", "foam"))),
                arguments("in-the-way", with(base("shutter-gate", "5", "7"), add("bits", "gems", on("middle-inside")))),
                arguments("coarse-print", with(base("folded", "12", "12"), add("print", "print", on("front-outside")))),
                arguments(
                        "print-at-edge",
                        with(
                                base("folded", "6", "6"),
                                add("print", "print", on("front-outside"), "fit", "size", "width", "6"))),
                arguments("not-printable", with(folded, add("print", "print", on("front-outside")))),
                arguments(
                        "wet-on-film",
                        with(
                                folded,
                                add("mat", "glass", on("front-outside"), "raised", "pen")
                                        .withPapers(Map.of("paper", FILM)))),
                arguments(
                        "glue-on-thin",
                        with(
                                folded,
                                add("mat", "leaf", on("front-outside"), "raised", "glue")
                                        .withPapers(Map.of("paper", THIN)))),
                arguments(
                        "middle-unused",
                        with(folded, mat("mat-1", "front-outside", "hollow", "used"), mat("mat-2", "mat-1"))),
                arguments(
                        "not-level",
                        with(
                                folded,
                                mat("mat-1", "front-outside", "raised", "double"),
                                add("ornament", "star", on("mat-1"), "set", "inlaid"))),
                arguments(
                        "hidden-work",
                        with(
                                folded,
                                add("print", "print", on("front-outside"), "fit", "size", "width", "1"),
                                mat("mat-1", "front-outside"))),
                arguments(
                        "stuck-across-fold",
                        with(folded, add("ornament", "ornament-1", on("front-outside"), overFold))),
                arguments(
                        "held-by-nothing",
                        with(
                                folded,
                                add("opening", "hole", on("front-outside"), "width", "3", "height", "3"),
                                add("ornament", "picture", on("front-outside"), "width", "1", "height", "1"))),
                arguments(
                        "past-cut-edge",
                        with(
                                folded,
                                mat("mat-1", "front-outside"),
                                add("edge-die", "notch", on("front-outside"), "shape", "oval", "into", "3/4"))),
                // Fourteen of 9/16 reach 7/16 past both ends of 7: 1/8 of the last is left.
                arguments(
                        "torn-repeat",
                        with(folded, add("edge-punch", "edge", on("front-outside"), "ends", "gap", "pitch", "9/16"))),
                arguments(
                        "falls-out",
                        with(
                                folded,
                                add("pocket", "pocket", on("front-outside"), "width", "3", "height", "4"),
                                add(
                                        "mat",
                                        "tag",
                                        on("pocket"),
                                        "raised",
                                        "loose",
                                        "fit",
                                        "size",
                                        "width",
                                        "2",
                                        "height",
                                        "3"))),
                // The pocket is held along three of its edges, and the tag is as wide.
                arguments(
                        "stuck-in",
                        with(
                                folded,
                                add(
                                        "mat",
                                        "tag",
                                        on("front-outside"),
                                        "raised",
                                        "loose",
                                        "fit",
                                        "size",
                                        "width",
                                        "3",
                                        "height",
                                        "3"),
                                add("pocket", "pocket", on("front-outside"), "width", "3", "height", "4"))),
                // The die begins two inches long, the edge is seven.
                arguments(
                        "end-stays",
                        with(
                                folded,
                                add("edge-die", "waves", on("front-outside"), "shape", "scalloped", "end", "off"))),
                // Ribbon over the front of a folded card goes round its free edge and ends at the fold.
                arguments("end-at-fold", with(folded, add("ribbon", "sash", on("front-outside"), "ends", "behind"))),
                arguments(
                        "held-by-nothing",
                        with(folded, mat("rim", "front-outside", "fit", "size", "width", "1/8", "height", "3"))),
                arguments(
                        "hidden-work",
                        with(folded, add("bits", "gems", on("front-outside")), mat("mat-1", "front-outside"))),
                arguments(
                        "opening-covered",
                        with(
                                folded,
                                add("opening", "window", on("front-outside"), "width", "2", "height", "2"),
                                mat("mat-1", "front-outside"))),
                arguments(
                        "not-seen-through",
                        with(
                                folded,
                                mat("mat-1", "front-outside"),
                                add("shaker", "shaker-1", on("mat-1"), "back", "clear"))),
                // A blind hung behind a mat that is taped to an uncut front; pleats are an eighth of an inch of paper.
                arguments(
                        "taped-flat",
                        with(folded, mat("mat-1", "front-outside"), add("blind", "blind-1", on("mat-1")))),
                arguments(
                        "opening-covered",
                        with(folded, add("blind", "blind-1", on("front-outside")), mat("mat-1", "front-outside"))),
                arguments(
                        "never-seen",
                        with(
                                folded,
                                add("ornament", "sign", on("front-outside"), "width", "2", "height", "2"),
                                mat("mat-1", "front-outside"))),
                arguments(
                        "film-edge-on-show",
                        with(
                                folded,
                                add("opening", "window", on("front-outside"), "width", "2", "height", "2"),
                                add("mat", "pane", on("front-inside"), "fit", "size", "width", "1 1/2", "height", "3")
                                        .withPapers(Map.of("paper", FILM)))),
                arguments(
                        "past-host",
                        with(
                                folded,
                                add(
                                        "ornament",
                                        "oval",
                                        on("front-outside"),
                                        "shape",
                                        "oval",
                                        "width",
                                        "3",
                                        "height",
                                        "3"),
                                mat("mat-1", "oval", "fit", "size", "width", "2 1/2", "height", "2 1/2"))),
                arguments(
                        "flush-one-way",
                        with(folded, mat("mat-1", "front-outside", "fit", "size", "width", "4 3/4", "height", "7"))),
                arguments("flap-too-long", base("roll", "4", "6", "relief", "own", "shorterBy", "0")),
                arguments(
                        "flap-too-long", base("custom", "4", "6", "panels", "3", "fold1", "valley", "fold2", "valley")),
                arguments(
                        "does-not-fold",
                        base("custom", "4", "6", "panels", "3", "panel2", "2", "fold1", "valley", "fold2", "valley")),
                arguments("film-at-fold", bridged(base("bridged", "5", "7", "shorterBy", "0"))),
                arguments("nothing-bridges", base("bridged", "5", "7")),
                arguments("tape-on-show", base("bridged", "5", "7")),
                arguments(
                        "opening-misses",
                        with(
                                folded,
                                add("opening", "opening-1", on("front-outside"), "width", "2", "height", "2"),
                                add(
                                        "opening",
                                        "opening-2",
                                        on("back-inside"),
                                        "width",
                                        "2",
                                        "height",
                                        "2",
                                        "across",
                                        "by",
                                        "fromLeft",
                                        "1 5/8"))),
                arguments(
                        "hidden-work",
                        with(
                                folded,
                                add("surface", "surface-1", on("front-outside"), "width", "1", "height", "1"),
                                mat("mat-1", "front-outside"))),
                arguments(
                        "work-cut-away",
                        with(
                                folded,
                                add("surface", "surface-1", on("front-outside"), "width", "2", "height", "1"),
                                add("opening", "opening-1", on("front-outside"), "width", "1", "height", "1"))),
                arguments(
                        "heat-after-film",
                        with(
                                folded,
                                add("shaker", "shaker-1", on("front-outside"), "width", "2", "height", "2"),
                                add("surface", "surface-1", on("front-outside"), late))),
                arguments(
                        "partly-on",
                        with(folded, mat("mat-1", "front-outside"), mat("mat-2", "front-outside", "border", "1/2"))),
                arguments(
                        "pattern-upside-down",
                        base("folded", "5", "7", "fold", "top").withPapers(Map.of("paper", ONE_WAY), false)),
                arguments(
                        "uneven-borders",
                        with(
                                base("gate", "5", "7"),
                                mat("mat-1", "left-outside"),
                                mat("mat-2", "right-outside", "border", "3/16"))),
                arguments("foot-off-table", base("shaped", "4 1/4", "4 1/4", "foot", "0")),
                arguments(
                        "off-centre",
                        with(
                                folded,
                                mat(
                                        "mat-1",
                                        "front-outside",
                                        "fit",
                                        "size",
                                        "width",
                                        "3",
                                        "height",
                                        "5",
                                        "across",
                                        "by",
                                        "fromLeft",
                                        "1 1/32"))),
                arguments("doors-apart", base("gate", "5", "7", "doors", "own", "left", "2", "right", "2 1/2")),
                arguments(
                        "sticks-out",
                        with(
                                folded,
                                add(
                                        "ornament",
                                        "ornament-1",
                                        on("front-outside"),
                                        "width",
                                        "2",
                                        "height",
                                        "2",
                                        "across",
                                        "by",
                                        "fromLeft",
                                        "4"))));
    }

    private static Design bridged(Design design) {
        return with(design, add("ornament", "ornament-1", on("film-outside"), "width", "3", "height", "5"));
    }

    @ParameterizedTest
    @MethodSource("mistakes")
    void aMistakeIsFoundAndItsWayOutPutsItRight(String rule, Design design) {
        List<Finding> found = review(design).stream()
                .filter(finding -> finding.rule().equals(rule))
                .toList();
        assertThat(found).isNotEmpty();
        for (Finding finding : found) {
            assertThat(card(design).piece(finding.piece())).isPresent();
            assertThat(finding.words().text()).isNotBlank();
            finding.remedy().ifPresent(remedy -> {
                long left = review(remedy.design()).stream()
                        .filter(each -> each.rule().equals(rule))
                        .count();
                assertThat(left).as(remedy.words()).isLessThan(found.size());
            });
        }
    }

    @Test
    void mostMistakesHaveAWayOut() {
        List<String> without = new ArrayList<>();
        mistakes().forEach(arguments -> {
            String rule = (String) arguments.get()[0];
            boolean remedied = review((Design) arguments.get()[1]).stream()
                    .anyMatch(finding ->
                            finding.rule().equals(rule) && finding.remedy().isPresent());
            if (!remedied) {
                without.add(rule);
            }
        });
        assertThat(without)
                .containsExactly(
                        "in-the-way",
                        "not-printable",
                        "held-by-nothing",
                        "stuck-in",
                        "opening-covered",
                        "never-seen",
                        "film-edge-on-show",
                        "pattern-upside-down",
                        "sticks-out");
    }

    /** A band goes round the card, its folds a hair off it: that is no sticking out. */
    @Test
    void aBandRoundTheCardIsUsual() {
        Card card = card(with(base("folded", "5", "7"), add("belly-band", "band", on("front-outside"))));
        assertThat(Review.of(card)).extracting(Finding::rule).doesNotContain("sticks-out");
    }

    /** Of three gems one is told; a mat under what stands up lies flat. */
    @Test
    void whatStandsUpUnderASleeveIsToldOnce() {
        Design gate = with(
                base("shutter-gate", "5", "7"),
                mat("ground", "middle-inside"),
                add("ornament", "lamp", on("ground"), "backing", "foam"),
                add("bits", "gems", on("ground"), "down", "by", "fromTop", "1"));
        String there = " under Sleeve, where Left shutter and Right shutter run against it.";
        assertThat(review(gate))
                .filteredOn(finding -> finding.rule().equals("in-the-way"))
                .extracting(finding -> finding.words().text())
                .containsExactlyInAnyOrder("“gems” stands up 1/16 in" + there, "lamp stands up 1/8 in" + there);
    }

    /** Shutters run over what is stuck flat, and not over what lies beside their sleeve. */
    @Test
    void whatIsFlatOrBesideTheSleeveIsNotInTheWay() {
        Design gate = with(
                base("shutter-gate", "5", "7"),
                mat("ground", "middle-inside"),
                add("bits", "gems", on("middle-inside"), "across", "by", "fromLeft", "1/8", "count", "1"),
                add(
                        "ornament",
                        "rim",
                        on("middle-inside"),
                        "backing",
                        "foam",
                        "across",
                        "start",
                        "width",
                        "3/8",
                        "height",
                        "3"),
                add("ornament", "lamp", on("sleeve-inside"), "backing", "foam"));
        assertThat(review(gate)).extracting(Finding::rule).doesNotContain("in-the-way");
    }

    /** Of many findings of one kind the first dozen have their ways out: with one taken, the next is among them. */
    @Test
    void waysOutAreTriedForADozenOfAKind() {
        Design design = base("folded", "5", "7");
        for (int at = 0; at < 14; at++) {
            design = design.plus(mat("rim-" + at, "front-outside", "fit", "size", "width", "1/8", "height", "3"));
        }
        List<Boolean> remedied = review(design).stream()
                .filter(finding -> finding.rule().equals("held-by-nothing"))
                .map(finding -> finding.remedy().isPresent())
                .toList();
        assertThat(remedied).hasSize(14);
        assertThat(remedied.subList(0, 12)).containsOnly(true);
        assertThat(remedied.subList(12, 14)).containsOnly(false);
    }

    /** Of a paper with an up on one face only that face is looked at: those of both together are those of a paper with an up on both. */
    @Test
    void anUpIsLookedForOnTheFaceThatHasIt() {
        for (String fold : List.of("top", "side")) {
            List<Outline> both = upsideDown(fold, ONE_WAY);
            List<Outline> outside = upsideDown(fold, UP_OUTSIDE);
            List<Outline> inside = upsideDown(fold, UP_INSIDE);
            assertThat(both)
                    .hasSize(outside.size() + inside.size())
                    .containsAll(outside)
                    .containsAll(inside);
        }
        assertThat(upsideDown("top", UP_OUTSIDE)).isNotEmpty();
        assertThat(upsideDown("top", UP_INSIDE))
                .hasSizeLessThan(upsideDown("top", ONE_WAY).size());
    }

    private static List<Outline> upsideDown(String fold, PaperId paper) {
        Design design = base("folded", "5", "7", "fold", fold).withPapers(Map.of("paper", paper), false);
        return review(design).stream()
                .filter(finding -> finding.rule().equals("pattern-upside-down"))
                .map(Finding::where)
                .toList();
    }

    /** A way out leads to a card, and on that card the finding is gone: whatever the card. */
    @Test
    void everyWayOutLeadsOut() {
        int ways = 0;
        for (long seed = 0; seed < 20 + Tries.of(280); seed++) {
            Outcome<Card> made = CardMaker.make(AnyDesign.random(seed), MATERIALS);
            if (made.reasons().isEmpty()) {
                List<Finding> findings = Review.of(made.orThrow());
                for (Finding finding : findings) {
                    if (finding.remedy().isPresent()) {
                        ways++;
                        Design after = finding.remedy().orElseThrow().design();
                        assertThat(alike(finding, review(after)))
                                .as(seed + " " + finding.words().text())
                                .isLessThan(alike(finding, findings));
                    }
                }
            }
        }
        assertThat(ways).isPositive();
    }

    private static long alike(Finding finding, List<Finding> findings) {
        return findings.stream()
                .filter(each ->
                        each.rule().equals(finding.rule()) && each.piece().equals(finding.piece()))
                .count();
    }

    /** A latch wider than its flap lies over the fold in the middle of it; beside the fold it reaches past the free edge, as latches do. */
    @ParameterizedTest
    @CsvSource({"upright", "turned"})
    void aLatchWiderThanItsFlapIsMovedOffTheFold(String lies) {
        boolean turned = lies.equals("turned");
        List<Finding> findings = review(with(
                turned
                        ? base("wrap-over", "5 1/2", "4 1/4", "lies", lies)
                        : base("wrap-over", "4 1/4", "5 1/2", "lies", lies),
                add(
                        "ornament",
                        "latch",
                        on("flap-outside"),
                        "width",
                        turned ? "1" : "2 1/2",
                        "height",
                        turned ? "2 1/2" : "1")));
        assertThat(findings)
                .filteredOn(finding -> finding.rule().equals("stuck-across-fold"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.remedy())
                        .hasValueSatisfying(way -> assertThat(way.words()).isEqualTo("move it off the fold")));
    }

    /** A backing cut by the ornament's own die is as large as it; a sheet of foam under another piece is to be smaller. */
    @Test
    void foamAsLargeAsWhatLiesOnItIsSeenFromTheSide() {
        Design folded = base("folded", "5", "7");
        Addition foam = add("mat", "lift", on("front-outside"), "fit", "size", "width", "3", "height", "2")
                .withPapers(Map.of("paper", FOAM));
        Addition sign = add("mat", "sign", on("lift"), "fit", "size", "width", "3", "height", "2");
        List<Finding> findings = review(with(folded, foam, sign));
        assertThat(findings).extracting(Finding::rule).containsExactly("foam-on-show");
        Design smaller = findings.get(0).remedy().orElseThrow().design();
        assertThat(card(smaller).pieceOf(new PieceId("lift")).size()).isEqualTo(size("2 3/4", "1 3/4"));
        Addition backed = add("ornament", "lamp", on("front-outside"), "width", "2", "height", "2", "backing", "die");
        assertThat(review(with(folded, backed.withPapers(Map.of("foam", FOAM)))))
                .isEmpty();
    }

    /** An ornament on inked ground is usual work; words or most of an area under it are not. */
    @Test
    void groundIsMeantToBeCoveredInPartAndWordsAreNot() {
        Addition ground =
                add("surface", "ground", on("front-outside"), "technique", "stencil", "width", "3", "height", "3");
        Addition words = add("surface", "words", on("front-outside"), "width", "3", "height", "3");
        Addition small = add("ornament", "sign", on("front-outside"), "width", "1", "height", "1");
        Addition large = add("ornament", "sign", on("front-outside"), "width", "3", "height", "2 1/2");
        Design folded = base("folded", "5", "7");
        assertThat(review(with(folded, ground, small))).isEmpty();
        assertThat(hidden(with(folded, ground, large))).containsExactly(Severity.WARNING);
        assertThat(hidden(with(folded, words, small))).containsExactly(Severity.WARNING);
        assertThat(hidden(with(folded, words, mat("mat", "front-outside")))).containsExactly(Severity.TROUBLE);
    }

    /** A ground that is inked all over and opened afterwards is usual work; words in the window are not, and neither is ground of which nothing is left. */
    @Test
    void groundIsOpenedAfterItIsInkedAndWordsAreNot() {
        Addition ground =
                add("surface", "ground", on("front-outside"), "technique", "stencil", "width", "3", "height", "3");
        Addition small = add("opening", "hole", on("front-outside"), "width", "2", "height", "2");
        Addition large = add("opening", "hole", on("front-outside"), "width", "3 1/2", "height", "3 1/2");
        Design folded = base("folded", "5", "7");
        assertThat(review(with(folded, ground, small))).isEmpty();
        assertThat(review(with(folded, ground, large)))
                .extracting(Finding::rule, Finding::severity)
                .containsExactly(tuple("work-cut-away", Severity.TROUBLE));
    }

    /** A picture with its bleed, one with a white border, one to the edge on purpose and one that a layer half covers are usual work on a paper with a printer's margin. */
    @ParameterizedTest
    @CsvSource({"fill, 1/8", "fill, 0", "whole, 1/8", "size, 1/8"})
    void aPictureAsItIsMeantIsNoMistake(String fit, String bleed) {
        Design printed = with(
                base("folded", "5", "7"),
                add("print", "print", on("front-outside"), "fit", fit, "bleed", bleed, "width", "4"),
                add("ornament", "sign", on("front-outside"), "width", "2", "height", "3"));
        assertThat(Review.of(CardMaker.make(
                                printed, new Materials(new PaperShelf(List.of(printing())), Graduation.SIXTEENTHS))
                        .orThrow()))
                .extracting(Finding::rule)
                .containsExactlyElementsOf(fit.equals("whole") ? List.of("print-at-edge") : List.of());
    }

    private static Paper printing() {
        Paper plain = paper(SheetSizes.LETTER);
        return new Paper(
                plain.id(),
                plain.name(),
                plain.kind(),
                new Paper.Format(plain.sheet(), plain.system(), in("1/4")),
                plain.face(),
                plain.body(),
                plain.kept(),
                plain.sizeOf());
    }

    /** Level with what is round it, held alike, it is no mistake; and its negative hides and misses nothing. */
    @ParameterizedTest
    @CsvSource({"flat", "foam"})
    void whatIsInlaidLevelIsNoMistake(String held) {
        assertThat(review(with(
                        base("folded", "5", "7"),
                        mat("mat-1", "front-outside", "raised", held),
                        add("ornament", "star", on("mat-1"), "set", "inlaid", "backing", held))))
                .isEmpty();
    }

    /** What lies in the opening of a frame lies beside its paper. */
    @Test
    void whatLiesInAFrameIsNotUnderIt() {
        Design framed = with(
                base("folded", "5", "7"),
                add("mat", "dam", on("front-outside"), "fit", "size", "width", "1", "height", "1/2"),
                add("shaker", "glass", on("front-outside"), "width", "3", "height", "3", "wall", "frames"));
        assertThat(new PartlyOn().check(card(framed))).isEmpty();
        Design wide = with(
                base("folded", "5", "7"),
                add("mat", "dam", on("front-outside"), "fit", "size", "width", "3 1/2", "height", "1/2"),
                add("shaker", "glass", on("front-outside"), "width", "3", "height", "3", "wall", "frames"));
        assertThat(new PartlyOn().check(card(wide))).isNotEmpty();
    }

    /** What no printer takes, and what shows through ink. */
    @Test
    void aPictureIsPrintedOnPaleThinPaper() {
        Addition mat = add("mat", "mat", on("front-outside"));
        Addition print = add("print", "print", on("mat"));
        Design folded = base("folded", "5", "7");
        assertThat(printability(with(folded, mat.withPapers(Map.of("paper", FOAM)), print)))
                .containsExactly(Severity.TROUBLE);
        assertThat(printability(with(folded, mat.withPapers(Map.of("paper", DARK)), print)))
                .containsExactly(Severity.WARNING);
        assertThat(printability(with(folded, mat.withPapers(Map.of("paper", STOCK)), print)))
                .containsExactly(Severity.NOTE);
    }

    private static List<Severity> printability(Design design) {
        return review(design).stream()
                .filter(finding -> finding.rule().equals("not-printable"))
                .map(Finding::severity)
                .toList();
    }

    private static List<Severity> hidden(Design design) {
        return review(design).stream()
                .filter(finding -> finding.rule().equals("hidden-work"))
                .map(Finding::severity)
                .toList();
    }

    /** Film on one paper does not mind heat on another that is stuck on afterwards. */
    @Test
    void heatMindsTheFilmOfItsOwnPaperOnly() {
        Addition shaker = add("shaker", "shaker", on("front-outside"), "width", "2", "height", "2");
        Addition mat = mat("mat", "back-inside");
        Addition heat = add("surface", "heat", on("mat"), "technique", "heat", "width", "1", "height", "1");
        assertThat(review(with(base("folded", "5", "7"), shaker, mat, heat)))
                .extracting(Finding::rule)
                .doesNotContain("heat-after-film");
    }

    /** Past an edge that is cut free nothing is stuck to the panel below. */
    @Test
    void whatHangsPastACutIsNotStuckAcrossTheFold() {
        Addition topper = add(
                "ornament", "topper", on("front-outside"), "width", "1", "height", "1", "down", "by", "fromTop", "0");
        assertThat(review(with(base("past-fold", "5", "7"), topper)))
                .extracting(Finding::rule)
                .doesNotContain("stuck-across-fold");
    }

    /** Where a panel has an opening, the mat that covers it gets it too, at the same place. */
    @Test
    void aMatOnEveryPanelLeavesOpeningsOpen() {
        Design window = with(
                base("folded", "5", "7"),
                add(
                        "opening",
                        "window",
                        on("front-outside"),
                        "width",
                        "2",
                        "height",
                        "2",
                        "across",
                        "by",
                        "fromLeft",
                        "1"));
        Card matted = card(QuickWays.matEveryPanel(card(window)));
        assertThat(Review.of(matted)).isEmpty();
        assertThat(matted.base().openings())
                .extracting(Opening::bounds)
                .isEqualTo(card(window).base().openings().stream()
                        .map(Opening::bounds)
                        .toList());
        assertThat(matted.pieces())
                .filteredOn(piece -> !piece.openings().isEmpty())
                .hasSize(2);
    }

    /** Half an inch off, an opening of the same size was meant to meet the other; a smaller one, or one farther off, is one of its own. */
    @Test
    void openingsOfOneSizeAreMeantToMeet() {
        assertThat(missed("2", "2")).isTrue();
        assertThat(missed("1 1/2", "2 1/4")).isFalse();
        assertThat(missed("2", "2 5/8")).isFalse();
    }

    private static boolean missed(String side, String fromLeft) {
        Addition front = add("opening", "one", on("front-outside"), "width", "2", "height", "2");
        Addition back = add(
                "opening",
                "other",
                on("back-inside"),
                "width",
                side,
                "height",
                side,
                "across",
                "by",
                "fromLeft",
                fromLeft);
        return review(with(base("folded", "5", "7"), front, back)).stream()
                .anyMatch(finding -> finding.rule().equals("opening-misses"));
    }

    /** At the very edge of a panel an opening has no place in a mat within it: it stays where it was cut, and is told of. */
    @Test
    void anOpeningAtAnEdgeIsNotMovedByAMat() {
        Design atEdge = with(
                base("folded", "5", "7"),
                add("opening", "window", on("front-outside"), "width", "2", "height", "2", "across", "start"));
        Design matted = QuickWays.matEveryPanel(card(atEdge));
        assertThat(matted.addition(new PieceId("window"))).isEqualTo(atEdge.addition(new PieceId("window")));
        assertThat(review(matted))
                .filteredOn(finding -> finding.rule().equals("opening-covered"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.remedy()).isEmpty());
    }

    @Test
    void everyRuleHasAMistakeThatItFinds() {
        List<String> tried =
                mistakes().map(arguments -> (String) arguments.get()[0]).toList();
        List<String> onPurposeOnly = List.of("cut-across-fold", "foam-on-show");
        assertThat(Review.RULES).extracting(Rule::key).allSatisfy(key -> assertThat(
                        tried.contains(key) || onPurposeOnly.contains(key))
                .as(key)
                .isTrue());
    }

    /** What no feature makes can still come from one written later: such cards are put together by hand here. */
    @Test
    void openingsOverScoresAndFoamPastItsOrnamentAreFoundWhoeverMadeThem() {
        Card plain = card(base("folded", "5", "7"));
        var opening = new Opening(
                PieceId.BASE,
                "opening",
                new CutShape(CutShape.Kind.OVAL, size("2", "2")),
                Placement.at(new Point(in("4"), in("2"))));
        Card cut = withPieces(plain, plain.base().opened(opening));
        assertThat(Review.of(cut)).extracting(Finding::rule).contains("cut-across-fold");
        var foam = Piece.of(new PieceId("foam-1"), "Foam", FOAM, size("1", "1"));
        assertThat(Review.of(withPieces(plain, plain.base(), foam)))
                .extracting(Finding::rule)
                .contains("foam-on-show");
    }

    private static Card withPieces(Card card, Piece... pieces) {
        Parts parts = new Parts(List.of(pieces), card.panels(), card.faces(), card.above());
        return new Card(card.design(), card.materials(), card.form(), parts, card.joins(), card.extras());
    }

    /** No false alarms: every base as it is started, but for the bare clear front, and a plain mat on its front. */
    @Test
    void whatIsStartedFromIsSound() {
        for (Base base : Bases.ALL) {
            Design design = base(base.key(), "5", "7");
            Card card = card(design);
            Addition mat = mat(
                    "mat-1",
                    card.faces().get(base.key().equals("bridged") ? 1 : 0).id().value());
            List<Finding> findings = Review.of(card(with(design, mat)));
            if (base.key().equals("bridged")) {
                assertThat(findings).extracting(Finding::rule).contains("nothing-bridges");
            } else if (!base.key().equals("custom")) {
                assertThat(findings).as(base.key()).isEmpty();
            }
        }
    }

    @Test
    void aFlatOrnamentBackedWithItsOwnFoamShowsNone() {
        Design design = with(
                base("folded", "5", "7"),
                add("ornament", "ornament-1", on("front-outside"), "backing", "die")
                        .withPapers(Map.of("paper", STOCK, Ornament.FOAM.key(), FOAM)));
        assertThat(review(design)).isEmpty();
        assertThat(card(design).piece(new PieceId("ornament-1-foam"))).isPresent();
    }

    /** Mats all meant for the front: each is told of the one it lies on, not of all below it, and put there it lies flat. */
    @Test
    void aLayerThatLiesOnSeveralIsToldOfTheTopmost() {
        List<Addition> mats = new ArrayList<>();
        for (int i = 1; i <= 12; i++) {
            mats.add(add("mat", "mat-" + i, on("front-outside"), "border", i + "/16"));
        }
        Card card = CardMaker.make(base("folded", "5", "7").withAdditions(mats), MATERIALS)
                .orThrow();
        List<Finding> findings = new PartlyOn().check(card);
        assertThat(findings).hasSize(11);
        assertThat(findings).extracting(Finding::key).doesNotHaveDuplicates();
        Finding last = findings.get(10);
        assertThat(last.words().text()).contains("lies on " + card.nameOf(new PieceId("mat-11")));
        Design put = last.remedy().orElseThrow().design();
        assertThat(put.addition(new PieceId("mat-12")).orElseThrow().host())
                .isEqualTo(new Host.OnPiece(new PieceId("mat-11")));
        assertThat(new UnevenBorders().check(card)).isEmpty();
    }

    /** A mat by size is held against its brothers too, and its sides against what is above and below; wider apart they are meant. */
    @Test
    void bordersOfMatsBySizeAreComparedToo() {
        Design gate = base("gate", "5", "7");
        Addition left = add("mat", "mat-1", on("left-outside"), "border", "1/8");
        Addition right = add("mat", "mat-2", on("right-outside"), "fit", "size", "width", "2 3/8", "height", "6 7/8");
        assertThat(found(gate, left, right))
                .containsExactly("The borders of mat-1, 1/8 in, and of mat-2, 1/16 in, nearly match.");
        Addition alike = add("mat", "mat-2", on("right-outside"), "fit", "size", "width", "2 1/4", "height", "6 3/4");
        assertThat(found(gate, left, alike)).isEmpty();
        Addition apart = add("mat", "mat-2", on("right-outside"), "fit", "size", "width", "2", "height", "6 1/2");
        assertThat(found(gate, left, apart)).isEmpty();
        Addition uneven = add("mat", "mat-1", on("left-outside"), "fit", "size", "width", "2 1/4", "height", "6 7/8");
        assertThat(found(gate, uneven))
                .containsExactly(
                        "The border of mat-1 is 1/8 in at the sides and 1/16 in above and below, which nearly match.");
    }

    private static List<String> found(Design design, Addition... additions) {
        Card card = CardMaker.make(design.withAdditions(List.of(additions)), MATERIALS)
                .orThrow();
        List<Finding> findings = Review.of(card);
        assertThat(findings).allMatch(finding -> finding.remedy().isPresent());
        return findings.stream().map(finding -> finding.words().text()).toList();
    }

    /** A round that is not trimmed rolls; a trimmed one, and an arch, stand. */
    @Test
    void aRoundBaseNeedsAFoot() {
        Design round = base("shaped", "4 1/4", "4 1/4", "foot", "0");
        assertThat(found(round)).singleElement().asString().contains("will not stand");
        assertThat(found(base("shaped", "4 1/4", "4 1/4"))).isEmpty();
        assertThat(found(base("shaped", "4 1/4", "4 1/4", "lies", "turned"))).isEmpty();
        assertThat(found(base("shaped", "4 1/4", "4 1/4", "lies", "turned", "foot", "0")))
                .hasSize(1);
        assertThat(found(base("shaped", "4", "5", "shape", "arch", "height", "5", "foot", "0")))
                .isEmpty();
    }

    /** A way out is asked for by the key of its finding, which another change leaves as it is. */
    @Test
    void aFindingKeepsItsKeyWhileItsPlaceStays() {
        Design bridged = base("bridged", "5", "7");
        List<String> keys = Review.of(CardMaker.make(bridged, MATERIALS).orThrow()).stream()
                .map(Finding::key)
                .toList();
        assertThat(keys).isNotEmpty().doesNotHaveDuplicates();
        assertThat(Review.of(
                        CardMaker.make(bridged.withName("Other"), MATERIALS).orThrow()))
                .extracting(Finding::key)
                .isEqualTo(keys);
    }

    /** Tape is seen from the film's free side: what covers that hides it, what lies on the panel's other face does not. */
    @Test
    void whatHidesTapeLiesOnTheFreeSideOfItsFilm() {
        Addition film = add("mat", "film", on("front-inside"), "border", "1").withPapers(Map.of("paper", FILM));
        Design bare = with(base("folded", "5", "7"), film);
        assertThat(review(bare)).extracting(Finding::rule).contains("tape-on-show");
        Design covered = with(base("folded", "5", "7"), film, mat("cover", "front-inside", "border", "1/2"));
        assertThat(review(covered)).extracting(Finding::rule).doesNotContain("tape-on-show");
        Design otherFace = with(base("folded", "5", "7"), film, mat("cover", "front-outside", "border", "1/2"));
        assertThat(review(otherFace)).extracting(Finding::rule).contains("tape-on-show");
        Design onFilm = with(base("folded", "5", "7"), film, mat("cover", "film", "border", "0"));
        assertThat(review(onFilm)).extracting(Finding::rule).doesNotContain("tape-on-show");
        Design partly = with(base("folded", "5", "7"), film, mat("cover", "film", "border", "3/4"));
        assertThat(review(partly)).extracting(Finding::rule).contains("tape-on-show");
    }

    /** Foam is thick and shows from the side: it stays twice as far off the edge as tape. */
    @Test
    void foamStaysFartherOffTheEdgeThanTape() {
        assertThat(adhesiveOf("flat").outline().bounds().size()).isEqualTo(size("3 7/8", "5 7/8"));
        assertThat(adhesiveOf("foam").outline().bounds().size()).isEqualTo(size("3 3/4", "5 3/4"));
    }

    private static Region adhesiveOf(String stuck) {
        Design design = with(base("folded", "5", "7"), mat("mat", "front-outside", "border", "1/2", "raised", stuck));
        return card(design).join(new PieceId("mat")).orElseThrow().adhesive().get(0);
    }
}

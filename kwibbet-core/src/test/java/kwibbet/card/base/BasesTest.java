package kwibbet.card.base;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Materials;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.Settings;
import kwibbet.card.ShutFold;
import kwibbet.card.Supply;
import kwibbet.fold.FoldedView;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.set;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.within;

/** The figures are common practice in the craft, no source, unless said otherwise. */
class BasesTest {

    private static Card card(String key, String width, String height, String... pairs) {
        return make(base(key, width, height, pairs)).orThrow();
    }

    private static Piece piece(Card card, String id) {
        return card.piece(new PieceId(id)).orElseThrow();
    }

    /** The distances of the upright scores from the left, or of the level ones from the top. */
    private static List<Length> scores(Piece piece, Axis axis) {
        return piece.scores().stream()
                .map(Score::line)
                .filter(line -> line.axis().filter(axis::equals).isPresent())
                .map(line ->
                        axis == Axis.VERTICAL ? line.start().x() : line.start().y())
                .sorted()
                .toList();
    }

    private static List<Length> inches(String... texts) {
        return Stream.of(texts).map(text -> in(text)).toList();
    }

    private static List<String> fields(Design design) {
        return make(design).reasons().stream().map(Refusal::field).toList();
    }

    @Test
    void aFiveBySevenGateIsTenBySevenScoredAtTwoAndAHalfAndSevenAndAHalf() {
        Piece gate = card("gate", "5", "7").base();
        assertThat(gate.size()).isEqualTo(size("10", "7"));
        assertThat(scores(gate, Axis.VERTICAL)).isEqualTo(inches("2 1/2", "7 1/2"));
    }

    @Test
    void doorsThatOverlapAreRefusedWithTheFigureUnlessTheyMay() {
        Design overlapping = base("gate", "5", "7", "doors", "own", "left", "3", "right", "2 1/4");
        assertThat(make(overlapping).reasons()).singleElement().satisfies(reason -> {
            assertThat(reason.field()).isEqualTo("right");
            assertThat(reason.message()).startsWith("The doors overlap by 1/4 in.");
        });
        Piece gate = card("gate", "5", "7", "doors", "overlap", "left", "3", "right", "2 1/4")
                .base();
        assertThat(gate.size()).isEqualTo(size("10 1/4", "7"));
        assertThat(fields(base("gate", "5", "7", "doors", "own", "left", "5 1/2", "right", "1/2")))
                .containsExactly("left", "right");
    }

    @Test
    void ofTwoDoorsThatOverlapTheMakerSaysWhichLiesOutside() {
        for (String outer : List.of("left", "right")) {
            Card gate = card("gate", "5", "7", "doors", "overlap", "left", "3", "right", "2 1/2", "outside", outer);
            ShutFold shut = ShutFold.of(
                    gate.panels(),
                    gate.pieces(),
                    gate.form().pose(Pose.SHUT),
                    gate.form().closing());
            String inner = outer.equals("left") ? "right" : "left";
            assertThat(shut.level(new PanelId(outer))).isGreaterThan(shut.level(new PanelId(inner)));
        }
    }

    @Test
    void aGateThatLiesHasATopAndABottomDoor() {
        GateBase gate = new GateBase();
        Settings own = set(gate, Settings.PRESET, "doors", "overlap", "lies", "turned");
        assertThat(gate.asked(own))
                .extracting(Parameter::label)
                .contains("Top door", "Bottom door")
                .doesNotContain("Left door");
        Design wide = base("gate", "5", "7", "doors", "own", "left", "7 1/2", "right", "1/2", "lies", "turned");
        assertThat(make(wide).reasons().get(0).message())
                .startsWith("Top door: it would reach past the far edge by 1/2");
    }

    /** The circle is as high as wide whatever is left off at the fold and trimmed off at the foot. */
    @Test
    void aRoundBaseIsRound() {
        Card standing = card("shaped", "4 1/4", "9", "shape", "round", "leftOff", "1/2", "foot", "0");
        assertThat(standing.form().finished()).isEqualTo(size("4 1/4", "4 3/4"));
        assertThat(standing.base().size()).isEqualTo(size("8 1/2", "4 3/4"));
        Card lying = card("shaped", "4 1/4", "9", "shape", "round", "leftOff", "1/4", "foot", "1/4", "lies", "turned");
        assertThat(lying.form().finished()).isEqualTo(size("4 1/4", "3 3/4"));
        ShapedBase shaped = new ShapedBase();
        Settings round = standing.design().settings();
        assertThat(shaped.finished(shaped.continued(round, set(shaped, round, "shape", "arch"))))
                .isEqualTo(size("4 1/4", "4 3/4"));
    }

    /** Its height follows from its width until another outline is chosen, whose height is then there to come back to. */
    @Test
    void anotherOutlineThanTheRoundOneComesBackFromAResize() {
        ShapedBase shaped = new ShapedBase();
        Settings start = Starts.sized(shaped, size("7 3/8", "5"), MeasureSystem.INCH);
        Design hexagon =
                Design.of("Hexagon", MeasureSystem.INCH, shaped, set(shaped, start, "shape", "hexagon"), STOCK);
        assertThat(hexagon.resized(size("5", "7")).resized(hexagon.finished())).isEqualTo(hexagon);
    }

    /** Common practice, no source: a pinwheel is scored at 3 inches, a flap that comes onto the front is 1 1/2. */
    @Test
    void whatIsUsualForABaseIsWhatItStartsFrom() {
        Settings wheel = usual(new PinwheelBase());
        assertThat(wheel.length(PinwheelBase.MARK)).isEqualTo(in("3"));
        assertThat(wheel.length(PinwheelBase.PLEAT)).isEqualTo(in("1"));
        Settings wrap = usual(new WrapOverBase());
        assertThat(new WrapOverBase().finished(wrap)).isEqualTo(size("4 1/4", "5 1/2"));
        assertThat(wrap.length(WrapOverBase.FLAP)).isEqualTo(in("1 1/2"));
        assertThat(new ShapedBase().finished(usual(new ShapedBase()))).isEqualTo(size("4 1/4", "4 1/4"));
    }

    private static Settings usual(Base base) {
        return Starts.sized(base, base.usual(MeasureSystem.INCH).orElseThrow(), MeasureSystem.INCH);
    }

    @Test
    void aSixteenthOffTheInnerFlapIsTheUsualReliefOfARollFold() {
        Piece roll = card("roll", "4", "6").base();
        assertThat(roll.size()).isEqualTo(size("11 15/16", "6"));
        assertThat(scores(roll, Axis.VERTICAL)).isEqualTo(inches("4", "8"));
        Piece five = card("roll", "4", "6", "panels", "5", "relief", "own", "shorterBy", "1/8")
                .base();
        assertThat(scores(five, Axis.VERTICAL)).isEqualTo(inches("4", "8", "11 7/8", "15 5/8"));
        assertThat(five.size().width()).isEqualTo(in("19 1/4"));
        assertThat(fields(base("roll", "1", "6", "panels", "6", "relief", "own", "shorterBy", "1/2")))
                .containsExactly("shorterBy");
    }

    /** Two calipers a wrapped panel, up to the next mark: ours, so that thick stock gets more. */
    @Test
    void thickPaperTakesMoreRelief() {
        Piece roll = card("roll", "4", "6", "panels", "6").base();
        // The stock of the tests is 1/64 in: 1, 2, 3 and 4 wrapped panels take 1/32, 1/16, 3/32 and 1/8, rounded up to
        // sixteenths.
        assertThat(roll.size().width()).isEqualTo(in("22 15/16"));
    }

    @Test
    void aZigzagTurnsItsFirstPanelToTheReaderWhicheverFaceThatIs() {
        Card four = card("zigzag", "3", "5");
        assertThat(four.base().size()).isEqualTo(size("12", "5"));
        assertThat(four.base().scores())
                .extracting(Score::fold)
                .containsExactly(Score.Fold.VALLEY, Score.Fold.MOUNTAIN, Score.Fold.VALLEY);
        assertThat(four.faces().get(0).id().value()).isEqualTo("panel-1-outside");
        assertThat(card("zigzag", "3", "5", "panels", "3").faces().get(0).id().value())
                .isEqualTo("panel-1-inside");
    }

    @Test
    void fiveAndAHalfByTenScoredTwiceLeavesAFlapOfOneAndAHalf() {
        Piece base = card("wrap-over", "4 1/4", "5 1/2", "flap", "1 1/2").base();
        assertThat(base.size()).isEqualTo(size("10", "5 1/2"));
        assertThat(scores(base, Axis.VERTICAL)).isEqualTo(inches("4 1/4", "8 1/2"));
        assertThat(fields(base("wrap-over", "4", "6", "flap", "4 1/8"))).containsExactly("flap");
    }

    @Test
    void aBridgedFiveBySevenIsFiveByNineScoredAtSevenWithAFilmASixteenthShort() {
        Card card = card("bridged", "5", "7");
        Piece base = card.base();
        assertThat(base.size()).isEqualTo(size("5", "9"));
        Score.Measured score = base.scores().get(0).measured(base.size()).orElseThrow();
        assertThat(base.size().height().minus(score.at())).isEqualTo(in("7"));
        assertThat(piece(card, "film").size()).isEqualTo(size("5", "6 15/16"));
        assertThat(piece(card, "loose-strip").size()).isEqualTo(size("5", "2"));
        assertThat(card.form().finished()).isEqualTo(size("5", "7"));
        assertThat(fields(base("bridged", "5", "7", "strip", "3 1/2"))).containsExactly("strip");
    }

    @Test
    void aShutterGateIsCutAsItIsTaught() {
        Card card = card("shutter-gate", "5", "7");
        assertThat(card.base().size()).isEqualTo(size("10", "7"));
        Piece sleeve = piece(card, "sleeve");
        assertThat(sleeve.size()).isEqualTo(size("4", "8"));
        assertThat(scores(sleeve, Axis.HORIZONTAL)).isEqualTo(inches("1/2", "7 1/2"));
        assertThat(sleeve.openings().get(0).shape().size()).isEqualTo(size("3", "3"));
        assertThat(sleeve.openings().get(0).bounds().middle())
                .isEqualTo(sleeve.outline().bounds().middle());
        for (String side : List.of("left-shutter", "right-shutter")) {
            assertThat(piece(card, side).size()).isEqualTo(size("4", "4"));
            assertThat(scores(piece(card, side), Axis.VERTICAL)).isEqualTo(inches("1/2"));
        }
        assertThat(piece(card, "left-shutter").outline())
                .isEqualTo(piece(card, "right-shutter").outline());
    }

    /** A shutter goes behind the sleeve beside it and does not come out at its far side. */
    @Test
    void shuttersStayBehindTheSleeve() {
        assertThat(fields(base("shutter-gate", "5", "7", "shutter", "5"))).containsExactly("shutter");
        assertThat(fields(base("shutter-gate", "5", "7", "start", "3/4"))).containsExactly("start");
        assertThat(fields(base("shutter-gate", "5", "7", "opening", "3 3/4"))).containsExactly("opening");
        assertThat(fields(base("shutter-gate", "5", "7", "sleeve", "5 1/2"))).contains("sleeve");
    }

    /** The relation is derived in the docstring of the base; the first row is common practice, no source. */
    @ParameterizedTest
    @CsvSource({"3,1,8", "2 1/2,3/4,6 1/2", "4,2,12", "3 1/3,1/8,6 11/12"})
    void aPinwheelClosesToTheMarkTimesTheRootOfTwo(String mark, String pleat, String sheet) {
        Card card = make(base("pinwheel", "4", "4")
                        .with(set(new PinwheelBase(), Settings.PRESET, "mark", mark, "pleat", pleat)))
                .orThrow();
        assertThat(card.base().size()).isEqualTo(size(sheet, sheet));
        double side = in(mark).toInches() * Math.sqrt(2);
        assertThat(card.form().finished().width().toInches()).isCloseTo(side, offset(1e-5));
        Outline middle = card.panel(new PanelId("middle")).orElseThrow().outline();
        assertThat(middle.edges()).allSatisfy(edge -> assertThat(edge.inches()).isCloseTo(side, offset(1e-4)));
        if (mark.equals("3")) {
            assertThat(card.form()
                            .finished()
                            .width()
                            .roundedTo(Graduation.SIXTEENTHS)
                            .shown())
                    .isEqualTo(in("4 1/4"));
        }
    }

    /** Cut from the sheet, nothing is left over but four triangles, each as deep as the pleat and twice as wide. */
    @Test
    void thePanelsOfAPinwheelMakeUpItsSheet() {
        Card card = card("pinwheel", "4", "4", "mark", "3", "pleat", "1");
        double panels = card.panels().stream()
                .mapToDouble(panel -> panel.outline().area())
                .sum();
        assertThat(panels).isCloseTo(card.base().outline().area(), offset(1e-6));
        assertThat(panels).isCloseTo(64 - 4, offset(1e-6));
        assertThat(fields(base("pinwheel", "4", "4", "mark", "2", "pleat", "2")))
                .containsExactly("pleat");
    }

    @Test
    void aShapedBaseHingesWhereItsOutlineRunsIntoTheFold() {
        Card card = card("shaped", "4", "5", "shape", "oval", "height", "5", "leftOff", "1/4", "foot", "1/4");
        Piece base = card.base();
        assertThat(base.size().width()).isEqualTo(in("8"));
        Score.Measured hinge = base.scores().get(0).measured(base.size()).orElseThrow();
        assertThat(hinge.isWhole()).isFalse();
        // The ellipse 4 1/4 × 5 1/4 a quarter inch from its edge: 2·b·√(1 − (1 − o/a)²).
        double half = 2.625 * Math.sqrt(1 - Math.pow(1 - 0.25 / 2.125, 2));
        assertThat(hinge.stop().minus(hinge.start()).toInches()).isCloseTo(2 * half, offset(0.01));
        assertThat(fields(base("shaped", "4", "5", "shape", "diamond", "height", "5", "leftOff", "1/16")))
                .containsExactly("leftOff");
    }

    @Test
    void whatStandsUpPastTheFoldIsCutFreeOfTheBackAndNotCreased() {
        Card card = card("past-fold", "4 1/4", "6 1/2", "shape", "gable", "across", "2", "rise", "1 1/2");
        Piece base = card.base();
        assertThat(base.size()).isEqualTo(size("4 1/4", "10"));
        assertThat(base.scores().stream()
                        .mapToDouble(score -> score.line().inches())
                        .sum())
                .isCloseTo(4.25 - 2, offset(1e-9));
        double front = card.panel(new PanelId("front")).orElseThrow().outline().area();
        double back = card.panel(new PanelId("back")).orElseThrow().outline().area();
        assertThat(front + back).isCloseTo(base.outline().area(), offset(1e-6));
        assertThat(front).isGreaterThan(back);
        assertThat(fields(base("past-fold", "4", "6", "across", "4"))).containsExactly("across");
        assertThat(fields(base("past-fold", "4", "6", "rise", "3"))).containsExactly("rise");
    }

    @Test
    void aStripOfOnesOwnTakesAnyWidthsAndFolds() {
        Card card = card("custom", "4", "6", "panels", "3", "panel1", "2", "fold1", "mountain", "fold2", "flat");
        assertThat(card.base().size()).isEqualTo(size("10", "6"));
        assertThat(scores(card.base(), Axis.VERTICAL)).isEqualTo(inches("2", "6"));
        assertThat(fields(base("custom", "4", "6", "panels", "3", "panel2", "4 1/8")))
                .containsExactly("panel2");
        assertThat(fields(base("custom", "4", "6", "panels", "9"))).containsExactly("panels");
    }

    /** Turned a quarter, a base for 5 × 7 is cut as the upright one for 7 × 5, lying the other way. */
    @ParameterizedTest
    @CsvSource({
        "gate,lies,upright,turned",
        "roll,lies,upright,turned",
        "zigzag,lies,upright,turned",
        "wrap-over,lies,upright,turned",
        "custom,lies,upright,turned",
        "folded,fold,side,top",
        "bridged,fold,side,top",
        "past-fold,fold,side,top"
    })
    void aQuarterTurnLaysEveryPieceTheOtherWay(String key, String parameter, String upright, String turned) {
        Settings standingSettings = set(Bases.find(key).orElseThrow(), Settings.PRESET, parameter, upright);
        Settings lyingSettings = set(Bases.find(key).orElseThrow(), Settings.PRESET, parameter, turned);
        Card standing = make(base(key, "7", "5")
                        .with(standingSettings)
                        .resized(size("7", "5"))
                        .settled())
                .orThrow();
        Card lying = make(base(key, "5", "7")
                        .with(lyingSettings)
                        .resized(size("5", "7"))
                        .settled())
                .orThrow();
        assertThat(lying.form().finished()).isEqualTo(size("5", "7"));
        for (Piece piece : standing.pieces()) {
            assertThat(piece(lying, piece.id().value()).size())
                    .isEqualTo(piece.size().turned());
        }
        assertThat(scores(lying.base(), Axis.HORIZONTAL)).isEqualTo(scores(standing.base(), Axis.VERTICAL));
    }

    /** What is entered across the folds grows with the side across the folds, whichever way the card lies. */
    @ParameterizedTest
    @CsvSource({
        "gate,lies,upright,turned,doors=own;left=2;right=3",
        "wrap-over,lies,upright,turned,flap=2",
        "custom,lies,upright,turned,panel1=2;panel3=1 1/2",
        "shutter-gate,lies,upright,turned,sleeve=4 1/4",
        "bridged,fold,side,top,strip=1 3/4",
        "past-fold,fold,side,top,across=2;rise=1"
    })
    void aCardThatLiesGrowsAsOneThatStands(String key, String turn, String upright, String turned, String entered) {
        String[] pairs = entered.split("[=;]");
        Base base = Bases.find(key).orElseThrow();
        Settings settings = set(base, Settings.PRESET, pairs);
        Design plain = base(key, "5", "7");
        Design standing = plain.with(set(base, base.sized(settings, size("5", "7")), turn, upright));
        Design lying = plain.with(set(base, base.sized(settings, size("7", "5")), turn, turned));
        Card grown = make(standing.resized(size("5 1/2", "10 1/2"))).orThrow();
        Card grownLying = make(lying.resized(size("10 1/2", "5 1/2"))).orThrow();
        assertThat(grownLying.pieces()).hasSameSizeAs(grown.pieces());
        for (Piece piece : grown.pieces()) {
            assertThat(piece(grownLying, piece.id().value()).size())
                    .isEqualTo(piece.size().turned());
        }
    }

    @ParameterizedTest
    @CsvSource({"upright,5,7", "turned,7,5", "turned,5,7"})
    void theFootOfAShapedCardIsAtTheBottomWhicheverWayItLies(String lies, String width, String height) {
        Card card = card("shaped", width, height, "lies", lies, "shape", "oval", "leftOff", "1/2", "foot", "1/2");
        Outline base = card.base().outline();
        Length foot = base.edges().stream()
                .filter(edge -> edge.start().y().equals(base.bounds().bottom())
                        && edge.end().y().equals(base.bounds().bottom()))
                .map(edge -> edge.start().x().minus(edge.end().x()).abs())
                .reduce(Length.ZERO, Length::plus);
        assertThat(foot).isGreaterThan(in("1"));
    }

    /**
     * Halves of whatever is typed are exact: at odd 64ths, and at odd hundredths of a millimetre, every straight side and score of every base lies on a
     * half of these, or on a half of the marks its reliefs are rounded up to. The pinwheel and shapes have roots and arcs in them.
     */
    @ParameterizedTest
    @CsvSource({"gate", "roll", "zigzag", "wrap-over", "bridged", "shutter-gate", "folded", "past-fold", "custom"})
    void halvesOfWhatIsTypedAreExact(String key) {
        for (int odd = 1; odd < 64; odd += 2) {
            exact(
                    key,
                    Length.ofInches(4 * 64 + odd, 64),
                    Length.ofInches(6 * 64 + 64 - odd, 64),
                    Length.ofInches(1, 128));
            exact(
                    key,
                    Length.ofMillimetres(10_000 + 3 * odd, 100),
                    Length.ofMillimetres(15_000 + 7 * odd, 100),
                    Length.ofMillimetres(1, 200));
        }
    }

    private static void exact(String key, Length width, Length height, Length half) {
        Base base = Bases.find(key).orElseThrow();
        MeasureSystem system =
                half.isMultipleOf(Length.ofMillimetres(1, 200)) ? MeasureSystem.METRIC : MeasureSystem.INCH;
        Design design = Design.of(
                "Odd",
                system,
                base,
                base.sized(Starts.sized(base, new Size(width, height), system), new Size(width, height)),
                STOCK);
        Materials materials = new Materials(
                new PaperShelf(List.of()),
                system == MeasureSystem.METRIC ? Graduation.MILLIMETRES : Graduation.SIXTEENTHS);
        for (Piece piece : CardMaker.make(design, materials).orThrow().pieces()) {
            if (piece.outline().isRectangle()) {
                List<Length> all = new ArrayList<>(
                        List.of(piece.size().width(), piece.size().height()));
                piece.scores().forEach(score -> {
                    all.add(score.line().start().x());
                    all.add(score.line().start().y());
                });
                assertThat(all)
                        .as("%s %s × %s, %s", key, width, height, piece.name())
                        .allMatch(each -> each.isMultipleOf(half));
            }
        }
    }

    /** A gate 4 1/64 wide came out 8 3809/121920 flat. */
    @Test
    void aGateOfAnOddWidthIsTwiceAsWideFlat() {
        Card gate = card("gate", "4 1/64", "6");
        assertThat(gate.base().size().width()).isEqualTo(in("8 1/32"));
        assertThat(gate.base().scores().get(0).line().start().x()).isEqualTo(Length.ofInches(257, 128));
    }

    /** What is seen when: one face is the back, what lies behind it or is called inside shows when the card is open, all else is decorated first. */
    @Test
    void everyFaceSaysWhenItIsSeen() {
        for (Base base : Bases.ALL) {
            Card card = make(base(base.key(), "5", "7")).orThrow();
            assertThat(card.faces())
                    .as(base.key())
                    .filteredOn(face -> face.role() == Face.Role.BACK)
                    .hasSize(1);
            assertThat(card.faces()).as(base.key()).anyMatch(face -> face.role() == Face.Role.SHOWN);
            assertThat(card.faces()).allSatisfy(face -> assertThat(face.role() == Face.Role.INSIDE)
                    .as("%s, %s", base.key(), face.title())
                    .isEqualTo(face.title().startsWith("inside")));
        }
    }

    /** Scores a quarter turned about the corners of a square, each on a mark: 4 1/16 √2 wide and 3 1/8 √2 high takes 7 3/16, and a near square one is notched. */
    @Test
    void anEnvelopeFromASquareShutsToItsMarks() {
        Card envelope = card("square-envelope", "5 3/4", "4 3/8", "across", "4 1/16", "down", "3 1/8");
        assertThat(envelope.base().size()).isEqualTo(size("7 3/16", "7 3/16"));
        assertThat(envelope.base().outline().corners()).hasSize(8);
        assertThat(ends(envelope.base(), "flap")).containsExactlyInAnyOrder(point("4 1/16", "0"), point("0", "4 1/16"));
        assertThat(ends(envelope.base(), "right-flap"))
                .containsExactlyInAnyOrder(point("4 1/16", "0"), point("7 3/16", "3 1/8"));
        Size shut = FoldedView.extent(envelope, envelope.form().pose(Pose.SHUT));
        assertThat(shut.width().toInches()).isCloseTo(65 / 16.0 * Math.sqrt(2), within(1e-3));
        assertThat(shut.height().toInches()).isCloseTo(50 / 16.0 * Math.sqrt(2), within(1e-3));
        // Two flaps of 3 √2 high that overlap by 3/4 need 6 + 3/4 / √2 along an edge, to the next mark 6 9/16: 3 1/2
        // across and 3 down cross 1/32 inside.
        Card near = card("square-envelope", "5", "4", "across", "3 1/2", "down", "3");
        assertThat(near.base().size()).isEqualTo(size("6 9/16", "6 9/16"));
        assertThat(near.base().outline().corners()).hasSize(16).contains(point("3 17/32", "1/32"));
    }

    private static List<Point> ends(Piece piece, String panel) {
        Segment line = piece.scoreOf(new PanelId(panel).hinge()).line();
        return List.of(line.start(), line.end());
    }

    private static Point point(String x, String y) {
        return new Point(in(x), in(y));
    }

    /** 5 3/4 × 4 3/8 with flaps of 2 and 3/4: 7 1/4 × 9 1/2, whatever the upper flap; what cannot be is refused with the figure. Worked by hand. */
    @Test
    void anEnvelopeFromARectangleIsTwiceItsHeightAndTheOverlap() {
        Card envelope = card("wrap-envelope", "5 3/4", "4 3/8", "flap", "2");
        assertThat(envelope.base().size()).isEqualTo(size("7 1/4", "9 1/2"));
        assertThat(card("wrap-envelope", "5 3/4", "4 3/8", "flap", "3").base().size())
                .isEqualTo(size("7 1/4", "9 1/2"));
        assertThat(ends(envelope.base(), "lower-flap"))
                .containsExactlyInAnyOrder(point("3/4", "6 3/8"), point("6 1/2", "6 3/8"));
        assertThat(ends(envelope.base(), "left-flap"))
                .containsExactlyInAnyOrder(point("3/4", "2 1/8"), point("3/4", "6 1/4"));
        assertThat(FoldedView.extent(envelope, envelope.form().pose(Pose.SHUT))).isEqualTo(size("5 3/4", "4 3/8"));
        // The lower flap, 3 1/8 high, lies on the lower 3 of each side flap: twice 3/4 × 3, glued a tenth of a
        // millimetre thick.
        assertThat(envelope.supplies()).singleElement().satisfies(glue -> {
            assertThat(glue.name()).isEqualTo("glue");
            assertThat(((Supply.OfVolume) glue.amount()).cubicInches()).isCloseTo(4.5 / 254, offset(1e-6));
        });
        assertThat(fields(base("wrap-envelope", "5 3/4", "4 3/8", "flap", "4 1/2")))
                .containsExactly("flap");
        assertThat(fields(base("wrap-envelope", "5 3/4", "4 3/8", "flap", "1/2")))
                .containsExactly("flap");
        assertThat(fields(base("wrap-envelope", "2", "4 3/8", "sides", "1 1/8")))
                .containsExactly("sides");
        assertThat(fields(base("wrap-envelope", "5 3/4", "1", "eased", "1/2", "flap", "3/4")))
                .containsExactly("eased");
    }

    /** What is to hold something is no smaller than that, if only by a mark. */
    @Test
    void anEnvelopeHoldsWhatItIsMadeFor() {
        for (Base base : List.of(new SquareEnvelope(), new WrapEnvelope())) {
            for (Size least : List.of(size("5 3/16", "7 3/16"), size("6 3/8", "4 7/16"), size("9 1/8", "4 1/4"))) {
                Size made = base.finished(Starts.holding(base, least, MeasureSystem.INCH));
                assertThat(made.width().minus(least.width())).isBetween(Length.ZERO, in("1/8"));
                assertThat(made.height().minus(least.height())).isBetween(Length.ZERO, in("1/8"));
            }
        }
    }
}

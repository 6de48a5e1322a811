package kwibbet.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

import kwibbet.bench.PressSetting;
import kwibbet.bench.PressStep;
import kwibbet.bench.RunPlan;
import kwibbet.bench.TrimSetting;
import kwibbet.bench.TrimStep;
import kwibbet.card.Card;
import kwibbet.cutting.SheetCount;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.tool.Die;
import kwibbet.tool.Hand;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.die;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

/** What is drawn at a tool is where the tool has it: a maker lays paper and dies by these pictures. */
class ToolPicturesTest {

    private static Stream<Mark.Stroke> strokes(Drawing drawing) {
        return drawing.marks().stream()
                .flatMap(mark -> mark instanceof Mark.Stroke stroke ? Stream.of(stroke) : Stream.of());
    }

    private static Stream<Mark.Area> areas(Drawing drawing) {
        return drawing.marks().stream().flatMap(mark -> mark instanceof Mark.Area area ? Stream.of(area) : Stream.of());
    }

    private static List<Mark.Text> texts(Drawing drawing) {
        return drawing.marks().stream()
                .flatMap(mark -> mark instanceof Mark.Text text ? Stream.of(text) : Stream.of())
                .toList();
    }

    private static Rect bounds(List<Point> path) {
        return new Outline(path).bounds();
    }

    /** A print is at full size if these rulers are: every mark in its place, the last at just 4 in and just 100 mm. */
    @Test
    void checkRulersAreTrue() {
        List<Length> eighths = upright(RulerPicture.fourInches());
        assertThat(eighths).hasSize(33).startsWith(Length.ZERO).endsWith(in("4"));
        List<Length> millimetres = upright(RulerPicture.hundredMillimetres());
        assertThat(millimetres).hasSize(101).endsWith(Length.ofMillimetres(100));
        for (int i = 1; i < millimetres.size(); i++) {
            assertThat(millimetres.get(i).minus(millimetres.get(i - 1))).isEqualTo(Length.ofMillimetres(1));
        }
        assertThat(texts(RulerPicture.hundredMillimetres()))
                .extracting(text -> text.phrase().text())
                .contains("0", "50", "100", "100 mm");
    }

    private static List<Length> upright(Drawing ruler) {
        return strokes(ruler)
                .filter(stroke ->
                        stroke.path().get(0).x().equals(stroke.path().get(1).x()))
                .map(stroke -> stroke.path().get(0).x())
                .toList();
    }

    /** Its zero stands over the left edge of the flat card, and labels are as far apart as they say. */
    @ParameterizedTest
    @EnumSource(MeasureSystem.class)
    void theRulerAboveTheTableHasTheScaleOfTheCard(MeasureSystem system) {
        Card card = make(card(folded("5", "7")).design().withSystem(system)).orThrow();
        TableScale scale = TableScale.of(card);
        Drawing ruler = RulerPicture.aboveTable(card, scale);
        Length zero = scale.centred(card.form().flat()).left();
        for (Mark.Text label : texts(ruler)) {
            Length said = Length.parse(label.phrase().text(), system);
            assertThat(label.at().x().minus(zero)).as(label.phrase().text()).isEqualTo(said);
        }
        assertThat(texts(ruler)).hasSizeGreaterThan(4);
    }

    /** The blade comes down as far from the fence as is set, on paper that lies at the fence, which is at the side away from the hand. */
    @ParameterizedTest
    @EnumSource(Hand.class)
    void theTrimmerIsDrawnAsItIsSet(Hand hand) {
        RunPlan plan = RunPlan.of(
                line(folded("4 1/4", "5 1/2"), 8, mat("mat-1", front(), border("1/8"))),
                shelf(paper(SheetSizes.TWELVE_SQUARE)),
                Thrift.FEWEST_SHEETS,
                TOOLS);
        for (TrimSetting setting : plan.bench().trim().settings()) {
            for (TrimStep step : setting.steps()) {
                Drawing picture = TrimmerPicture.of(step, TOOLS.trimmer(), hand, MeasureSystem.INCH);
                boolean left = hand == Hand.RIGHT;
                Length blade = strokes(picture)
                        .filter(stroke -> stroke.line() == Line.MOVE)
                        .map(stroke -> stroke.path().get(0).x())
                        .findFirst()
                        .orElseThrow();
                Length fence = strokes(picture)
                        .filter(stroke -> stroke.line() == Line.FENCE)
                        .map(stroke -> stroke.path().get(0).x())
                        .findFirst()
                        .orElseThrow();
                assertThat(left ? blade.minus(fence) : fence.minus(blade))
                        .isEqualTo(setting.set().shown());
                Mark.Area lying =
                        areas(picture).filter(Mark.Area::raised).findFirst().orElseThrow();
                Rect paper = bounds(lying.outline());
                assertThat(left ? paper.left() : paper.right()).isEqualTo(fence);
                assertThat(picture.frame().contains(paper)).isTrue();
                assertThat(
                                left
                                        ? !paper.right().isShorterThan(blade)
                                        : !paper.left().isLongerThan(blade))
                        .isTrue();
            }
        }
    }

    @Test
    void whatIsCountedIsDrawn() {
        SheetCount.of(size("4 1/4", "5 1/2"), size("12", "12")).layouts().forEach((way, layout) -> {
            long cut = areas(CountPicture.of(layout, MeasureSystem.INCH))
                    .filter(area -> area.line() == Line.CUT)
                    .count();
            assertThat(cut)
                    .as(way.name())
                    .isEqualTo(layout.placements().size() + layout.offcuts().size());
        });
    }

    /** Dies are compared in frames of one size, each drawn as large as it is, its metal around its cut. */
    @Test
    void diesAreDrawnToOneScale() {
        List<Die> dies = List.of(die(CutShape.Kind.OVAL, "1", "1"), die(CutShape.Kind.GABLE, "2", "3"));
        for (Die die : dies) {
            Drawing picture = DiePicture.of(die, DiePicture.frame(dies));
            assertThat(picture.frame().size()).isEqualTo(size("3 3/8", "3 3/8"));
            List<Rect> outlines =
                    strokes(picture).map(stroke -> bounds(stroke.path())).toList();
            assertThat(outlines)
                    .extracting(Rect::size)
                    .contains(die.shape().size(), die.rim().size());
            assertThat(outlines).allMatch(picture.frame()::contains);
        }
    }

    @Test
    void aLeftoverIsDrawnOnItsSheet() {
        Offcut strip = new Offcut(new OffcutId("strip"), STOCK, size("4", "12"), 3);
        Drawing picture = OffcutPicture.of(strip, paper(SheetSizes.TWELVE_SQUARE));
        assertThat(areas(picture).map(area -> bounds(area.outline()).size()))
                .containsExactly(size("12", "12"), size("4", "12"));
        assertThat(new Offcut(new OffcutId("x"), STOCK, size("1/8", "49"), 10_001)
                        .checked()
                        .reasons())
                .extracting(reason -> reason.field())
                .containsExactly("width", "height", "count");
    }

    /** Whichever way a paper lies, folded, with others stuck to it or a quarter turned, its die is drawn where the list says it is laid. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void diesLieWhereTheListSays(boolean leftHand) {
        List<Card> cards = new ArrayList<>();
        cards.add(make(base("shaped", "4", "5", "shape", "arch", "height", "5", "leftOff", "1/4", "foot", "1/2"))
                .orThrow());
        cards.add(make(base("past-fold", "4", "6 1/2", "fold", "top", "shape", "gable", "across", "2", "rise", "1"))
                .orThrow());
        cards.add(card(
                folded("4", "9"),
                add("mat", "mat", front(), "border", "1/8"),
                add("opening", "hole", on("mat"), "shape", "oval", "width", "1", "height", "1", "through", "layers")));
        List<Die> dies = List.of(
                die(CutShape.Kind.ARCH, "4 1/4", "5 1/2"),
                die(CutShape.Kind.GABLE, "2", "2"),
                die(CutShape.Kind.OVAL, "1", "1"));
        for (Card card : cards) {
            var tools = TOOLS.withDies(dies);
            RunPlan plan = RunPlan.of(
                    line(card, 1),
                    shelf(paper(SheetSizes.TWELVE_SQUARE)),
                    Thrift.FEWEST_SHEETS,
                    leftHand ? tools.forOtherHand() : tools);
            PressSetting setting = plan.bench().press().settings().get(0);
            check(
                    setting,
                    PressPicture.of(setting, TOOLS.press(), plan.tools().hand(), plan.shelf(), MeasureSystem.INCH),
                    leftHand);
        }
    }

    private static void check(PressSetting setting, Drawing picture, boolean leftHand) {
        PressStep step = setting.steps().get(0);
        Rect paper = areas(picture)
                .filter(Mark.Area::raised)
                .map(area -> bounds(area.outline()))
                .findFirst()
                .orElseThrow();
        Rect metal = strokes(picture)
                .filter(stroke -> stroke.line() == Line.FINE && stroke.path().size() > 4)
                .map(stroke -> bounds(stroke.path()))
                .findFirst()
                .orElseThrow();
        Length side = step.layings().get(0).side();
        Length top = step.layings().get(0).top();
        if (step.onBed().turned()) {
            // Its top to the right: what was left is at the top.
            Length fromSide = leftHand
                    ? paper.bottom().minus(metal.bottom())
                    : metal.top().minus(paper.top());
            assertThat(fromSide).isEqualTo(side);
            assertThat(paper.right().minus(metal.right())).isEqualTo(top);
        } else {
            Length fromSide =
                    leftHand ? paper.right().minus(metal.right()) : metal.left().minus(paper.left());
            assertThat(fromSide).isEqualTo(side);
            assertThat(metal.top().minus(paper.top())).isEqualTo(top);
        }
    }
}

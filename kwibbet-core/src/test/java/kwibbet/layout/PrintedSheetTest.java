package kwibbet.layout;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Print;
import kwibbet.card.RunLine;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.card.feature.PrintedPicture;
import kwibbet.layout.PrintedSheet.Face;
import kwibbet.measure.Length;
import kwibbet.paper.Colour;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.CutShape.Kind;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.trial.TrialRun;

import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.border;
import static kwibbet.Inches.card;
import static kwibbet.Inches.die;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.front;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.mat;
import static kwibbet.Inches.on;
import static kwibbet.Inches.paper;
import static kwibbet.Inches.shelf;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

/** What is printed before it is cut lies where it is cut, and past the cut by its bleed. */
class PrintedSheetTest {

    /** Twice as high as wide. */
    private static final Artwork TALL = new Artwork(new ArtworkId("tall"), "Tall", 1000, 2000, new Colour("#808080"));

    private static Addition print(String id, String on, String... pairs) {
        Addition print = add("print", id, on(on), pairs);
        return print.with(print.settings().with(PrintedPicture.PICTURE, TALL));
    }

    private static PaperShelf printing(String width, String height) {
        Paper plain = paper(size(width, height));
        return shelf(new Paper(
                plain.id(),
                plain.name(),
                plain.kind(),
                new Paper.Format(plain.sheet(), plain.system(), in("1/4")),
                plain.face(),
                plain.body(),
                plain.kept(),
                plain.sizeOf()));
    }

    private static RunPlan plan(PaperShelf shelf, RunLine... lines) {
        return RunPlan.of(List.of(lines), shelf, Thrift.FEWEST_SHEETS, TOOLS, KnownPlans.NONE);
    }

    private static Zone only(Card card, String piece) {
        return card.pieces().stream()
                .filter(each -> each.id().value().equals(piece))
                .flatMap(each -> each.zones().stream())
                .findFirst()
                .orElseThrow();
    }

    /** The front of a folded card lies left on the flat base and is seen from behind there: the picture's left is at its fold. */
    @Test
    void aPictureFillsItsFaceAndIsUprightAsThatIsLookedAt() {
        Zone zone = only(card(folded("5", "7"), print("print", "front-outside")), "base");
        assertThat(zone.side()).isEqualTo(Side.UNDER);
        assertThat(zone.outline().bounds()).isEqualTo(Rect.atOrigin(size("5", "7")));
        Print print = zone.print().orElseThrow();
        // 5 1/4 wide with its bleed, so 10 1/2 high, in the middle.
        assertThat(print.size()).isEqualTo(size("5 1/4", "10 1/2"));
        assertThat(print.corner()).isEqualTo(new Point(in("5 1/8"), in("-1 3/4")));
        assertThat(print.right()).isEqualTo(new Point(in("-1/8"), in("-1 3/4")));
        assertThat(print.foot()).isEqualTo(new Point(in("5 1/8"), in("8 3/4")));
    }

    @ParameterizedTest
    @CsvSource({
        "whole,0,3 1/2,7,3/4,0",
        "whole,90,2 1/2,5,5,2 1/4",
        "size,180,2,4,3 1/2,5 1/2",
        "size,270,2,4,1/2,4 1/2",
    })
    void aPictureIsSizedAndTurned(String fit, String turn, String width, String height, String x, String y) {
        Zone zone = only(
                card(
                        folded("5", "7"),
                        print("print", "front-inside", "fit", fit, "turn", turn, "width", "2", "bleed", "0")),
                "base");
        Print print = zone.print().orElseThrow();
        assertThat(print.size()).isEqualTo(size(width, height));
        assertThat(print.corner()).isEqualTo(new Point(in(x), in(y)));
        assertThat(zone.outline().bounds()).isEqualTo(print.whole().bounds());
    }

    /** Every picture covers its piece and its bleed, nothing of another piece, and within the printer's reach; marks are on what is cut off. */
    @Test
    void whatIsPrintedIsCutAllRound() {
        RunLine first = line(card(folded("5", "7"), mat("mat-1", front(), border("1/8")), print("a", "mat-1")), 5);
        RunLine second = line(
                card(
                        folded("4 1/4", "5 1/2"),
                        mat("mat-1", front(), border("1/4")),
                        print("a", "mat-1", "bleed", "1/16"),
                        mat("mat-2", on("mat-1"), border("1/2"))),
                7);
        RunPlan plan = plan(printing("12", "12"), first, second);
        List<PrintedSheet> printed = PrintedSheet.of(plan.sheets());
        assertThat(printed).isNotEmpty().allMatch(sheet -> sheet.face() == Face.FRONT);
        int pictures = 0;
        for (PrintedSheet sheet : printed) {
            Rect reach = Rect.of(in("1/4"), in("1/4"), in("11 1/2"), in("11 1/2"));
            List<SheetArea> areas = areas(sheet);
            for (PrintedSheet.Picture picture : sheet.pictures()) {
                pictures += sheet.sheet().copies();
                Rect inked = picture.inked().get(0).outline().bounds();
                assertThat(picture.inked()).hasSize(1);
                assertThat(reach.contains(inked)).isTrue();
                SheetArea own = areas.stream()
                        .filter(area -> inked.contains(area.where))
                        .findFirst()
                        .orElseThrow();
                assertThat(inked).isEqualTo(own.where.grown(own.bleed));
                assertThat(areas.stream().filter(area -> area.where.overlaps(inked)))
                        .containsExactly(own);
            }
            assertThat(sheet.marks()).isNotEmpty().allSatisfy(mark -> assertThat(isOff(mark, areas))
                    .isTrue());
        }
        assertThat(pictures).isEqualTo(12);
        TrialRun trial = TrialRun.of(plan, Integer.MAX_VALUE, List.of());
        assertThat(trial.pieces())
                .allSatisfy(made -> assertThat(tuple(made.right(), made.bare())).isEqualTo(tuple(made.wanted(), 0)));
    }

    /** What is cut into an edge comes off at a step of its own: all other edges, and what is printed past them, are cut off the sheet as usual. */
    @ParameterizedTest
    @CsvSource({"edge-punch, , , 3", "edge-die, off, 5, 3 1/4"})
    void anEdgeIsCutIntoWhatIsPrinted(String feature, String end, String height, String cutTo) {
        Addition edge = end == null
                ? add(feature, "edge", on("label"))
                : add(feature, "edge", on("label"), "end", end, "shape", "scalloped", "width", "1", "height", height);
        Card card = card(
                folded("5", "7"),
                add("mat", "label", front(), "fit", "size", "width", "3", "height", "4"),
                print("print", "label"),
                edge);
        RunPlan plan = RunPlan.of(
                List.of(line(card, 2)),
                printing("12", "12"),
                Thrift.FEWEST_SHEETS,
                TOOLS.withDies(List.of(die(Kind.SCALLOPED, "1", "5"))),
                KnownPlans.NONE);
        for (PrintedSheet sheet : PrintedSheet.of(plan.sheets())) {
            List<SheetArea> areas = areas(sheet);
            for (PrintedSheet.Picture picture : sheet.pictures()) {
                Rect inked = picture.inked().get(0).outline().bounds();
                SheetArea own = areas.stream()
                        .filter(area -> area.where.overlaps(inked))
                        .reduce((one, other) -> {
                            throw new AssertionError("it runs into another piece");
                        })
                        .orElseThrow();
                assertThat(own.where.size())
                        .isIn(size(cutTo, "4"), size(cutTo, "4").turned());
                assertThat(inked.size())
                        .isIn(size("3 1/4", "4 1/4"), size("3 1/4", "4 1/4").turned());
                assertThat(own.where.grown(in("1/8")).contains(inked)).isTrue();
            }
        }
        assertThat(TrialRun.of(plan, Integer.MAX_VALUE, List.of()).isFine()).isTrue();
    }

    private record SheetArea(Rect where, Length bleed) {}

    private static List<SheetArea> areas(PrintedSheet sheet) {
        return sheet.sheet().layout().placements().stream()
                .map(placement -> new SheetArea(
                        placement.area(),
                        sheet.sheet().part(placement.part()).first().bleed()))
                .toList();
    }

    private static boolean isOff(Segment mark, List<SheetArea> areas) {
        return areas.stream()
                .map(area -> Overlay.inset(Region.of(Outline.of(area.where)), Length.TICK))
                .flatMap(List::stream)
                .allMatch(inside -> Overlay.within(mark, inside).isEmpty());
    }

    /** A sheet is turned over sideways: what lies left on its front lies right on its back, behind it. */
    @Test
    void theBackOfASheetLiesBehindItsFront() {
        Card both = card(
                folded("5", "7"),
                print("out", "front-outside", "bleed", "0"),
                print("in", "front-inside", "bleed", "0"));
        List<PrintedSheet> printed =
                PrintedSheet.of(plan(printing("12", "12"), line(both, 1)).sheets());
        assertThat(printed).extracting(PrintedSheet::face).containsExactly(Face.FRONT, Face.BACK);
        Rect front = printed.get(0).pictures().get(0).inked().get(0).outline().bounds();
        Rect back = printed.get(1).pictures().get(0).inked().get(0).outline().bounds();
        assertThat(back.left()).isEqualTo(in("12").minus(front.right()));
        assertThat(back.top()).isEqualTo(front.top());
        // Each is upright or lies turned, never mirrored: from its corner right and foot turn clockwise.
        printed.forEach(
                sheet -> assertThat(turning(sheet.pictures().get(0).print())).isPositive());
        assertThat(PrintJob.of(plan(printing("12", "12"), line(both, 3)).sheets())
                        .words())
                .singleElement()
                .asString()
                .contains("print 3", "both faces, turned on the long edge");
    }

    private static double turning(Print print) {
        double acrossX = print.right().x().minus(print.corner().x()).toInches();
        double acrossY = print.right().y().minus(print.corner().y()).toInches();
        double downX = print.foot().x().minus(print.corner().x()).toInches();
        double downY = print.foot().y().minus(print.corner().y()).toInches();
        return acrossX * downY - acrossY * downX;
    }

    /** Two hundred dots to the inch, whatever the number of dots; found by hand with 2569. */
    @Test
    void aPictureIsFineUpToItsDots() {
        Artwork odd = new Artwork(new ArtworkId("odd"), "Odd", 2569, 100, new Colour("#808080"));
        assertThat(odd.widestFine().toInches()).isCloseTo(12.845, within(1e-5));
        assertThat(odd.dotsPerInch(odd.widestFine())).isCloseTo(200, within(1e-3));
    }

    /** Pieces of one size are one part only where the same is printed on them. */
    @Test
    void piecesWithOtherPicturesAreOtherParts() {
        Card two = card(
                folded("5", "7"),
                mat("mat-1", front(), border("1/4")),
                mat("mat-2", on("back-inside"), border("1/4")),
                print("a", "mat-1"));
        assertThat(parts(two)).isEqualTo(3);
        Card alike = card(
                folded("5", "7"),
                mat("mat-1", front(), border("1/4")),
                mat("mat-2", on("back-inside"), border("1/4")),
                print("a", "mat-1"),
                print("b", "mat-2"));
        assertThat(parts(alike)).isEqualTo(2);
    }

    private static long parts(Card card) {
        return plan(printing("12", "12"), line(card, 2)).sheets().papers().stream()
                .flatMap(paper -> paper.order().parts().stream())
                .count();
    }
}

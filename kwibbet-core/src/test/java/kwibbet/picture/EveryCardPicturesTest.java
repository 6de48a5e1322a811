package kwibbet.picture;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.base.Bases;
import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Mark;
import kwibbet.fold.FoldedView;
import kwibbet.layout.Thrift;
import kwibbet.making.Making;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.line;
import static kwibbet.Inches.make;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Every base there is, drawn in every way there is: all within the frame, everything that can be seen, nothing twice. */
class EveryCardPicturesTest {

    private static final PaperShelf SHELF = MATERIALS.shelf();

    static Stream<Base> bases() {
        return Bases.ALL.stream();
    }

    private static Card card(Base base) {
        Card plain = make(base(base.key(), "5", "7")).orThrow();
        Design matted = plain.design()
                .plus(add("mat", "mat-1", new Host.OnFace(plain.faces().get(0).id()), "border", "1/8"));
        return make(matted).orThrow();
    }

    private static Stream<Mark> all(List<Mark> marks) {
        return marks.stream().flatMap(mark -> mark instanceof Mark.Group group ? all(group.marks()) : Stream.of(mark));
    }

    private static Stream<Point> points(Drawing drawing) {
        return all(drawing.marks()).flatMap(mark -> {
            if (mark instanceof Mark.Area area) {
                return Stream.concat(
                        area.outline().stream(), area.holes().stream().flatMap(List::stream));
            }
            return mark instanceof Mark.Stroke stroke ? stroke.path().stream() : Stream.of();
        });
    }

    private static Set<String> groups(Drawing drawing) {
        return drawing.marks().stream()
                .filter(Mark.Group.class::isInstance)
                .map(mark -> ((Mark.Group) mark).piece())
                .collect(Collectors.toSet());
    }

    private static void assertWithin(Drawing drawing) {
        Rect frame = drawing.frame();
        assertThat(points(drawing)).isNotEmpty().allSatisfy(point -> assertThat(frame.contains(point))
                .isTrue());
    }

    @ParameterizedTest
    @MethodSource("bases")
    void everyPoseLiesWithinItsFrameAndShowsTheMatOnTheFront(Base base) {
        Card card = card(base);
        TableScale scale = TableScale.of(card);
        for (Pose pose : card.form().poses()) {
            assertWithin(FinishedPicture.alone(card, SHELF, pose));
            if (pose.view().isStraight()) {
                assertWithin(FinishedPicture.onTable(card, SHELF, pose, scale));
            }
        }
        Drawing shut = FinishedPicture.onTable(card, SHELF, card.form().pose(Pose.SHUT), scale);
        assertThat(groups(shut)).contains("mat-1", "base");
        assertThat(all(shut.marks()).filter(Mark.Area.class::isInstance)).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("bases")
    void everyPieceLiesFlatWithItsScoresToTakeHoldOf(Base base) {
        Card card = card(base);
        TableScale scale = TableScale.of(card);
        for (Piece piece : card.pieces()) {
            Drawing flat = FlatPicture.of(card, SHELF, piece.id(), scale);
            assertWithin(flat);
            boolean alone = FlatPicture.isAlone(card, piece);
            assertThat(groups(flat)).contains(alone ? piece.id().value() : "base");
            assertWithin(PiecePicture.chip(card, piece, SHELF));
            assertThat(points(PiecePicture.template(piece, MeasureSystem.METRIC)))
                    .allSatisfy(point ->
                            assertThat(piece.outline().bounds().contains(point)).isTrue());
        }
        Drawing flat = FlatPicture.of(card, SHELF, PieceId.BASE, scale);
        Mark.Group lying = (Mark.Group) flat.marks().get(0);
        assertThat(lying.marks().stream().filter(Mark.Group.class::isInstance).map(mark -> ((Mark.Group) mark).piece()))
                .containsExactlyElementsOf(card.base().scores().stream()
                        .map(score -> "score:" + score.id().value())
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("bases")
    void everyRunHasStepsThatCanBeReadAndDrawn(Base base) {
        RunPlan plan = RunPlan.of(line(card(base), 1), SHELF, Thrift.FEWEST_SHEETS, TOOLS);
        Making making = plan.makeOf(plan.card(), Way.ONE);
        making.steps().forEach(step -> {
            assertThat(step.sentence(MeasureSystem.INCH).text()).endsWith(".").doesNotContain("null");
            assertWithin(StepPicture.of(making, step, SHELF, MeasureSystem.INCH));
        });
        plan.bench().score().settings().stream()
                .flatMap(setting -> setting.steps().stream())
                .forEach(step -> {
                    assertThat(step.sentence(MeasureSystem.METRIC).text()).contains("score in groove");
                    assertWithin(BoardPicture.of(step, TOOLS, SHELF, MeasureSystem.METRIC));
                });
        plan.sheets()
                .lettered()
                .forEach(sheet ->
                        assertWithin(SheetPicture.of(sheet, plan.bench().trim().numbersOn(sheet), MeasureSystem.INCH)));
    }

    @Test
    void aCornerGoesIntoThePlateAndPartialScoresAreSaidByWhereTheyStop() {
        RunPlan wheel = RunPlan.of(line(base("pinwheel", "4", "4"), 1), SHELF, Thrift.FEWEST_SHEETS, TOOLS);
        assertThat(sentences(wheel)).anyMatch(sentence -> sentence.contains("corner in the 45° plate"));
        Card shaped = make(base("past-fold", "4 1/4", "6 1/2", "across", "2")).orThrow();
        assertThat(sentences(RunPlan.of(line(shaped, 1), SHELF, Thrift.FEWEST_SHEETS, TOOLS)))
                .anyMatch(sentence -> sentence.contains(
                        "only from 0 in to 1 1/8 in and from 3 1/8 in to 4 1/4 in from the left edge"));
    }

    private static List<String> sentences(RunPlan plan) {
        return plan.bench().score().settings().stream()
                .flatMap(setting -> setting.steps().stream())
                .map(step -> step.sentence(MeasureSystem.INCH).text())
                .toList();
    }

    /** Through an opening one sees what lies behind: a hole in the area, not a patch on it. */
    @Test
    void openingsAreHolesAndFilmIsClear() {
        Card card = make(base("folded", "5", "7")
                        .withAdditions(List.of(add(
                                "shaker",
                                "shaker-1",
                                on("front-outside"),
                                "shape",
                                "oval",
                                "width",
                                "2",
                                "height",
                                "2"))))
                .orThrow();
        Drawing shut = FinishedPicture.onTable(card, SHELF, card.form().pose(Pose.SHUT), TableScale.of(card));
        List<Mark.Area> areas = all(shut.marks())
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .toList();
        assertThat(areas.stream().filter(area -> !area.holes().isEmpty())).hasSize(1);
        assertThat(areas.stream().filter(area -> area.fill() instanceof Fill.Film))
                .hasSize(1);
    }

    /** A folded card of stock 1/64 in thick with a mat on its front: three plies, and foam where it is raised. */
    @Test
    void aSectionShowsEveryPlyToScale() {
        Card card = make(base("folded", "5", "7")
                        .withAdditions(List.of(add(
                                "mat",
                                "mat-1",
                                on("front-outside"),
                                "border",
                                "1/2",
                                "raised",
                                "foam",
                                "foam",
                                "1/16"))))
                .orThrow();
        TableScale scale = Table.ofSection(card, card.base()).finished();
        Drawing section = SectionPicture.onTable(card, SHELF, scale);
        List<Mark.Area> plies = all(section.marks())
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .filter(area -> !area.fill().equals(Fill.NONE))
                .toList();
        // Back and front run through, the mat over the middle of them: each of 1/64, out of scale by as much.
        assertThat(plies).hasSize(3);
        Set<Length> thick = plies.stream()
                .map(ply -> new Outline(ply.outline()).bounds().size().height())
                .collect(Collectors.toSet());
        Length ply = thick.iterator().next();
        assertThat(thick).hasSize(1);
        assertThat(ply).isGreaterThan(scale.textHeight().scaledBy(0.25));
        String words = all(section.marks())
                .filter(Mark.Text.class::isInstance)
                .map(mark -> ((Mark.Text) mark).phrase().text())
                .collect(Collectors.joining("|"));
        // 3/64 of paper and 4/64 of foam, up to the next sixteenth.
        assertThat(words)
                .contains("thickest 1/8 in; out of scale, plies drawn " + ply.dividedBy(in("1/64")) + " times as thick")
                .contains("mat-1|Base");
        // Under the mat the foam, four times as high as a ply is thick: nothing floats.
        assertThat(all(section.marks())
                        .filter(Mark.Area.class::isInstance)
                        .map(Mark.Area.class::cast)
                        .filter(area -> area.fill().equals(Fill.NONE)))
                .singleElement()
                .satisfies(foam -> assertThat(
                                new Outline(foam.outline()).bounds().size().height())
                        .isEqualTo(ply.multipliedBy(4)));
        assertThat(words).contains("foam");
        assertWithin(section);
    }

    /** Both frames to one scale, their widths as the page shares its own, and all within them. */
    @ParameterizedTest
    @MethodSource("bases")
    void theTableIsAsLargeAsThereIsRoomFor(Base base) {
        Card card = card(base);
        for (Pose pose : card.form().poses()) {
            for (Piece piece : card.pieces()) {
                Table table = Table.of(card, piece, pose);
                Length whole = table.flat().width().plus(table.finished().width());
                assertThat(table.flat().textHeight()).isEqualTo(table.finished().textHeight());
                assertThat(table.flat().width().ratioTo(whole)).isCloseTo(table.share() / 100.0, within(1e-6));
                assertWithin(FlatPicture.of(card, SHELF, piece.id(), table.flat()));
                assertWithin(FinishedPicture.onTable(card, SHELF, pose, table.finished()));
            }
        }
        Table table = Table.of(card, card.base(), card.form().pose(Pose.SHUT));
        Size flat = FlatPicture.room(card, card.base()).size();
        Size shut = FoldedView.extent(card, card.form().pose(Pose.SHUT));
        Length width = table.flat().width().plus(table.finished().width());
        Length row = table.flat().textHeight();
        double across =
                flat.width().plus(shut.width()).plus(row.multipliedBy(18)).ratioTo(width);
        double down = Length.max(flat.height(), shut.height())
                .plus(row.multipliedBy(9))
                .ratioTo(table.flat().height());
        assertThat(Math.max(across, down)).isGreaterThan(0.97);
    }

    /** Where a finding lies under what is written, its number stands beside the words: as the second of a bare clear front did. */
    @Test
    void numbersCoverNoWords() {
        Card card = make(base("bridged", "5", "7")).orThrow();
        TableScale scale =
                Table.of(card, card.base(), card.form().pose(Pose.SHUT)).flat();
        Drawing flat = FlatPicture.of(card, SHELF, PieceId.BASE, scale, Review.of(card));
        Sketch measure = new Sketch(scale.frame(), scale.textHeight(), MeasureSystem.INCH);
        List<Rect> words = flat.marks().stream()
                .filter(Mark.Text.class::isInstance)
                .map(Mark.Text.class::cast)
                .filter(text -> text.phrase().text().startsWith("inside"))
                .map(text -> measure.box(text.at(), text.phrase(), text.size()))
                .toList();
        assertThat(words).hasSize(2);
        List<Rect> discs = flat.marks().stream()
                .filter(Mark.Disc.class::isInstance)
                .map(Mark.Disc.class::cast)
                .map(disc -> Rect.around(
                        disc.centre(),
                        new Size(disc.radius().multipliedBy(2), disc.radius().multipliedBy(2))))
                .toList();
        assertThat(discs).hasSizeGreaterThan(1).allSatisfy(disc -> {
            assertThat(words).noneMatch(disc::overlaps);
            assertThat(discs).filteredOn(disc::overlaps).hasSize(1);
        });
    }

    @Test
    void findingsAreNumberedWhereTheyAre() {
        Card card = make(base("bridged", "5", "7")).orThrow();
        List<Finding> findings = Review.of(card);
        assertThat(findings).isNotEmpty();
        TableScale scale = TableScale.of(card);
        Drawing flat = FlatPicture.of(card, SHELF, PieceId.BASE, scale, findings);
        assertThat(flat.marks().stream().filter(Mark.Disc.class::isInstance).map(mark -> ((Mark.Disc) mark).label()))
                .hasSize(findings.size())
                .doesNotHaveDuplicates();
        Drawing behind = FinishedPicture.onTable(
                card, SHELF, FoldedView.of(card, card.form().pose(Pose.BEHIND)), scale, findings);
        assertThat(behind.marks().stream().filter(Mark.Disc.class::isInstance))
                .as("the back hides the front")
                .isEmpty();
    }
}

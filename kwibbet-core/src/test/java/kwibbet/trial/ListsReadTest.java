package kwibbet.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.Tries;
import kwibbet.bench.RunPlan;
import kwibbet.bench.TrimLine;
import kwibbet.bench.TrimLine.Heap;
import kwibbet.bench.TrimSetting;
import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.RunLine;
import kwibbet.card.base.Bases;
import kwibbet.layout.CutPart;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Leftover;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.layout.Thrift;
import kwibbet.measure.Figure;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

import static kwibbet.Inches.STOCK;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.add;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * Trim lists, followed by somebody who has nothing but their printed words: paper is known by the letter on it, by what it was called when it was cut, and by the figures
 * that were printed for it.
 */
class ListsReadTest {

    private static final String SIZE = "((?:≈ )?[\\d /.]+ × (?:≈ )?[\\d /.]+ (?:in|mm))";
    private static final Pattern TAKE = Pattern.compile("Take the (?:(\\d+) )?(.+?) " + SIZE
            + "(?:, (\\d+) at once)?, (?:(left|top) edge at the fence, and cut(?: each)?"
            + "|measure from the (left|top) edge and cut(?: each)? with a knife along a ruler)(?: (\\d+) times)?\\..*");
    private static final Pattern GIVEN = Pattern.compile("(?:(\\d+) × )?(.+?),? " + SIZE + "(?:, | and |\\.$)");
    private static final Pattern SET = Pattern.compile("(?:Set the fence to|Measure) (.+?) (in|mm)\\..*");

    private static final int RUNS = 300;

    static IntStream seeds() {
        return IntStream.range(0, Tries.of(RUNS));
    }

    /** Any run, with margins, grain, patterns, several sizes, leftovers and metric cards at inch trimmers: what is wanted comes out under its name, and no more. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsWantedComesOutUnderItsName(int seed) {
        RunPlan plan = anyRun(new Random(seed));
        TrialTrimmer.Result cut = TrialTrimmer.run(TrialTrimmer.Stack.of(plan.sheets()), read(plan), List.of());
        assertThat(cut.faults()).isEmpty();
        assertThat(plan.bench().trim().fenceSettings())
                .isGreaterThanOrEqualTo(plan.bench().trim().atLeast());
        for (PaperPlan paper : plan.sheets().papers()) {
            comesOut(plan, paper, cut.table());
        }
        plan.sheets().lettered().forEach(ListsReadTest::leftoversAreGoodPaper);
        if (plan.sheets().isComplete()) {
            assertThat(TrialRun.of(plan, Integer.MAX_VALUE, List.of()).pieces())
                    .allSatisfy(made ->
                            assertThat(made.isFine()).as(made.toString()).isTrue());
        }
    }

    private static void comesOut(RunPlan plan, PaperPlan paper, List<TrialTrimmer.Sheet> table) {
        List<String> letters = plan.sheets().lettered().stream()
                .filter(sheet -> sheet.plan().paper().equals(paper.paper()))
                .map(Lettered::letter)
                .toList();
        int pieces = 0;
        for (CutPart part : paper.order().parts()) {
            Size wanted = paper.order().cutTo(part, plan.tools().trimmer());
            Size printed = printed(wanted, plan.bench().trim().marks());
            List<TrialTrimmer.Sheet> own = table.stream()
                    .filter(sheet -> letters.contains(sheet.label().sheet()))
                    .filter(sheet -> sheet.label().thing().word().equals(paper.called(part.id())))
                    .filter(sheet -> sheet.label().size().equals(printed)
                            || sheet.label().size().equals(printed.turned()))
                    .toList();
            int missing = paper.unplaced().stream()
                    .filter(each -> each.part().id().equals(part.id()))
                    .mapToInt(each -> each.count())
                    .sum();
            assertThat(own).as(part.usedAs() + " " + printed).hasSize(part.count() - missing);
            assertThat(own).allSatisfy(sheet -> {
                Size actual = sheet.actual().size();
                assertThat(List.of(wanted, wanted.turned()))
                        .anySatisfy(size -> assertThat(isNear(actual, size)).isTrue());
            });
            pieces += own.size();
        }
        assertThat(table.stream()
                        .filter(sheet -> letters.contains(sheet.label().sheet()))
                        .filter(sheet -> sheet.label().thing() instanceof TrimLine.Cut))
                .hasSize(pieces);
    }

    /** Within what roundings of the fence add up to. */
    private static boolean isNear(Size one, Size other) {
        Length hair = in("1/16");
        return !one.width().minus(other.width()).abs().isLongerThan(hair)
                && !one.height().minus(other.height()).abs().isLongerThan(hair);
    }

    /** What is put into the drawer is taken for good paper by the next run: no more is said of it than a printer could reach. */
    private static void leftoversAreGoodPaper(Lettered sheet) {
        Length margin =
                sheet.leftover().isPresent() ? Length.ZERO : sheet.paper().margin();
        Length twice = margin.multipliedBy(2);
        Size whole = sheet.layout().sheet();
        double good = Leftover.of(sheet).stream()
                .mapToDouble(left -> left.count() * left.size().area())
                .sum();
        double pieces = sheet.copies()
                * sheet.layout().placements().stream()
                        .mapToDouble(each -> each.area().size().area())
                        .sum();
        double printed = sheet.copies()
                * new Size(whole.width().minus(twice), whole.height().minus(twice)).area();
        assertThat(good + pieces).isCloseTo(printed, within(1e-6));
    }

    private static Size printed(Size size, MeasureSystem system) {
        return new Size(printed(size.width(), system), printed(size.height(), system));
    }

    private static Length printed(Length length, MeasureSystem system) {
        return parsed(Figure.of(length, system).text(), system);
    }

    private static Length parsed(String text, MeasureSystem system) {
        return Length.parse(text.replace("≈ ", "").strip(), system);
    }

    private static List<TrialTrimmer.Told> read(RunPlan plan) {
        MeasureSystem marks = plan.bench().trim().marks();
        List<TrialTrimmer.Told> told = new ArrayList<>();
        for (TrimSetting setting : plan.bench().trim().settings()) {
            Matcher set = matched(SET, setting.sentence(marks).text());
            Length at = parsed(set.group(1), marks);
            setting.steps().forEach(step -> {
                TrimLine line = line(
                        step.sheet().letter(),
                        at,
                        step.line().sentence().text(),
                        step.line().result().text());
                told.add(new TrialTrimmer.Told(setting.number(), line));
            });
        }
        return told;
    }

    private static TrimLine line(String letter, Length set, String sentence, String result) {
        Matcher take = matched(TAKE, sentence);
        List<Heap> gives = new ArrayList<>();
        Matcher given = GIVEN.matcher(result.substring("Gives ".length()));
        while (given.find()) {
            gives.add(heap(given.group(1), given.group(2), given.group(3)));
        }
        String word = take.group(2);
        return new TrimLine(
                letter,
                heap(
                        take.group(1),
                        take.group(1) == null ? word : word.replaceFirst("s( bare .*)?$", "$1"),
                        take.group(3)),
                number(take.group(4)),
                "left".equals(Optional.ofNullable(take.group(5)).orElse(take.group(6))) ? Edge.LEFT : Edge.TOP,
                set,
                take.group(5) == null ? TrimLine.Guide.RULER_TOO_LONG : TrimLine.Guide.FENCE,
                number(take.group(7)),
                gives);
    }

    private static Matcher matched(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        assertThat(matcher.matches()).as(text).isTrue();
        return matcher;
    }

    private static int number(String text) {
        return text == null ? 1 : Integer.parseInt(text);
    }

    private static Heap heap(String count, String word, String size) {
        MeasureSystem units = size.endsWith("in") ? MeasureSystem.INCH : MeasureSystem.METRIC;
        int by = size.indexOf(" × ");
        Length width = parsed(size.substring(0, by), units);
        Length height = parsed(size.substring(by + 3, size.length() - 3), units);
        TrimLine.Thing thing =
                switch (word) {
                    case "sheet" -> TrimLine.Paper.SHEET;
                    case "offcut" -> TrimLine.Paper.OFFCUT;
                    case "strip" -> TrimLine.Paper.STRIP;
                    default ->
                        word.startsWith("strip bare at")
                                ? new TrimLine.BareStrip(Stream.of(Edge.values())
                                        .filter(edge -> word.contains("the " + edge.word()))
                                        .toList())
                                : new TrimLine.Cut(word);
                };
        return new Heap(thing, new Size(width, height), number(count), units);
    }

    private static <T> T any(Random random, List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    static RunPlan anyRun(Random random) {
        List<RunLine> lines = new ArrayList<>();
        int count = 1 + random.nextInt(3);
        while (lines.size() < count) {
            anyLine(random).ifPresent(lines::add);
        }
        Trimmer trimmer = new Trimmer(
                "trimmer",
                new Trimmer.Reach(in(any(random, List.of("12", "15"))), in(any(random, List.of("0", "0", "1")))),
                any(random, List.of(Graduation.SIXTEENTHS, Graduation.EIGHTHS, Graduation.MILLIMETRES)),
                new Trimmer.Stack(1 + random.nextInt(3), in("1/8")),
                Trimmer.Slits.INSIDE);
        Toolbox tools = new Toolbox(trimmer, TOOLS.board(), TOOLS.press(), TOOLS.dies(), TOOLS.hand());
        return RunPlan.of(lines, anyShelf(random), any(random, List.of(Thrift.values())), tools, KnownPlans.NONE);
    }

    private static Optional<RunLine> anyLine(Random random) {
        Base base = any(random, Bases.ALL);
        boolean metric = random.nextInt(3) == 0;
        Length unit = metric ? Length.ofMillimetres(1) : in("1/8");
        Size finished = new Size(
                unit.multipliedBy(metric ? 60 + random.nextInt(60) : 20 + random.nextInt(24)),
                unit.multipliedBy(metric ? 80 + random.nextInt(60) : 26 + random.nextInt(24)));
        Design design = Design.of(
                "Any",
                metric ? MeasureSystem.METRIC : MeasureSystem.INCH,
                base,
                kwibbet.card.base.Starts.sized(base, finished, MeasureSystem.INCH),
                STOCK);
        Copies copies = new Copies(1 + random.nextInt(30), random.nextInt(3));
        List<Addition> mats = new ArrayList<>();
        Optional<Card> plain = made(design);
        for (int mat = 0; plain.isPresent() && mat < random.nextInt(4); mat++) {
            FaceId face = any(random, plain.get().faces()).id();
            mats.add(add(
                    "mat", "mat-" + mat, new Host.OnFace(face), "border", any(random, List.of("1/8", "1/4", "3/16"))));
        }
        return made(design.withAdditions(mats)).or(() -> plain).map(card -> new RunLine(card, copies));
    }

    private static Optional<Card> made(Design design) {
        return make(design) instanceof Outcome.Made<Card> made ? Optional.of(made.value()) : Optional.empty();
    }

    private static PaperShelf anyShelf(Random random) {
        List<Size> sizes = List.of(
                size("8 1/2", "11"), size("12", "12"), SheetSizes.of(SheetSizes.Family.A, 4), size("11 1/2", "17"));
        kwibbet.paper.Pattern pattern = any(random, List.of(kwibbet.paper.Pattern.values()));
        Length margin = any(random, List.of(Length.ZERO, in("1/4"), Length.ofMillimetres(5), in("3/16")));
        List<Paper> papers = new ArrayList<>();
        papers.add(paper(STOCK, any(random, sizes), pattern, margin, Optional.empty(), random));
        if (random.nextBoolean()) {
            papers.add(paper(new PaperId("other"), any(random, sizes), pattern, margin, Optional.of(STOCK), random));
        }
        papers.add(paper(
                PaperId.FILM, any(random, sizes), kwibbet.paper.Pattern.PLAIN, Length.ZERO, Optional.empty(), random));
        List<Offcut> drawer = random.nextBoolean()
                ? List.of(new Offcut(new OffcutId("left"), STOCK, size("6", "5"), 1 + random.nextInt(4)))
                : List.of();
        return new PaperShelf(papers, drawer);
    }

    private static Paper paper(
            PaperId id,
            Size sheet,
            kwibbet.paper.Pattern pattern,
            Length margin,
            Optional<PaperId> sizeOf,
            Random random) {
        return new Paper(
                id,
                "Stock",
                id.equals(PaperId.FILM) ? PaperKind.FILM : PaperKind.CARD_STOCK,
                new Paper.Format(
                        sheet,
                        sheet.equals(SheetSizes.of(SheetSizes.Family.A, 4)) ? MeasureSystem.METRIC : MeasureSystem.INCH,
                        margin),
                new Paper.Face(Colour.WHITE, pattern),
                new Paper.Body(any(random, List.of(Grain.values())), 270, in("1/64")),
                new Paper.Kept(20 + random.nextInt(80), random.nextInt(90)),
                sizeOf);
    }
}

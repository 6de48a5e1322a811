package kwibbet.press;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import kwibbet.bench.PressStep;
import kwibbet.bench.RunPlan;
import kwibbet.bench.SlitStep;
import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DiePass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** Press and slit lists, followed by somebody who has the dies, the papers and nothing but the printed words. */
final class PressRead {

    private static final String LENGTH = "((?:≈ )?[\\d /.]+ (?:in|mm))";
    private static final Pattern ASLANT = Pattern.compile(", turned (\\d+)° (counter-)?clockwise,");
    private static final String TURNED = "(, its top to the right,|, upside down,|, its top to the left,|"
            + ASLANT.pattern().replace("(", "(?:") + "|)";
    private static final Pattern PAPER = Pattern.compile(
            "(.+) × (\\d+), paper " + size() + "(?:, folded to " + size() + ")?(?:, (inside up|as drawn))?");
    private static final Pattern ALONG =
            Pattern.compile("Lay (.+?)" + TURNED + " on it, metal along the edges of the paper\\.(.*)");
    private static final Pattern MIDDLE =
            Pattern.compile("Tape (.+?)" + TURNED + " into the middle of (.+): " + LENGTH + " from cut to cut\\.(.*)");
    private static final String MARGIN = "(?:" + LENGTH + " (from|past) |along )the (left|right|top|folded) edge";
    private static final Pattern MARGINS = Pattern.compile("Lay (.+?)" + TURNED + " with its metal " + MARGIN + " and "
            + MARGIN + "(?:; its point nearest to the (?:left|right) edge " + LENGTH + " below the top edge)?\\.(.*)");
    private static final Pattern PLATE = Pattern.compile(
            "Let the plate (begin|end) " + LENGTH
                    + " (right of the die’s left|left of the die’s right|below the die’s top|above the die’s bottom) cut(?:\\.|, its edge along the fold\\.)");
    private static final String TURN = "Then put it on the bed turned a quarter, its top to the right.";
    private static final List<String> ROUND = List.of("left", "top", "right", "bottom");
    private static final Pattern SLIT = Pattern.compile("(.+), (inside up|as drawn)(?:, when it is cut out)?: "
            + "(?:(left|top) edge at the fence, fence at " + LENGTH + "\\. Lower the blade " + LENGTH
            + " from the (top|left) edge and lift it at " + LENGTH + "\\..*|cut with a knife along a ruler, from "
            + LENGTH
            + " from the left, " + LENGTH + " from the top to " + LENGTH + " from the left, " + LENGTH
            + " from the top\\.)");
    /** What the marks of tools and the roundings of what is printed add up to. */
    private static final double NEAR = 1 / 32.0;

    private final MeasureSystem system;

    private PressRead(MeasureSystem system) {
        this.system = system;
    }

    private static String size() {
        return "([\\d /.≈]+) × ([\\d /.≈]+ (?:in|mm))";
    }

    /** Follows all lists of a plan: each die comes to lie where its shape is wanted, turned as it is drawn, under as much of the plate. */
    static void everyDieLiesWhereTheWordsSay(RunPlan plan) {
        PressRead read = new PressRead(plan.card().design().system());
        plan.bench().press().settings().stream()
                .flatMap(setting -> setting.steps().stream())
                .forEach(read::follow);
        plan.bench().trim().slits().forEach(read::follow);
    }

    private void follow(PressStep step) {
        Layup layup = step.onBed().layup();
        Matcher paper = matched(PAPER, step.what(system).text());
        assertThat(size(paper, 3))
                .as(paper.group())
                .satisfies(said -> isAt(said, layup.flatPaper().size()));
        boolean folded = layup.lying().fold() instanceof Lying.Through;
        assertThat(paper.group(5) != null).as(paper.group()).isEqualTo(folded);
        Size lying = folded ? size(paper, 5) : layup.paper().size();
        assertThat(lying).satisfies(said -> isAt(said, layup.paper().size()));
        if (!folded) {
            boolean base = layup.piece().id().equals(PieceId.BASE);
            assertThat(paper.group(7)).isEqualTo(base ? "inside up" : "as drawn");
        }
        List<String> all =
                step.sentences(system).stream().map(phrase -> phrase.text()).toList();
        assertThat(all.contains(TURN)).isEqualTo(step.onBed().turned());
        List<String> lines = all.stream()
                .filter(text -> Stream.of(ALONG, MIDDLE, MARGINS)
                        .anyMatch(each -> each.matcher(text).matches()))
                .toList();
        assertThat(lines).as(paper.group()).hasSameSizeAs(layup.uses());
        List<Laid> laid = laid(lines, layup);
        for (int i = 0; i < laid.size(); i++) {
            laid.get(i).isOf(layup.uses().get(i), layup);
        }
        // Whoever has turned the paper no longer finds its edges, nor its die's cuts, where they were.
        int turn = all.indexOf(TURN);
        assertThat(lines).allSatisfy(line -> assertThat(turn < 0 || all.indexOf(line) < turn)
                .isTrue());
        List<String> plates = all.subList(all.lastIndexOf(lines.get(lines.size() - 1)) + 1, all.size()).stream()
                .filter(text -> !text.equals(TURN))
                .toList();
        assertThat(plates).allSatisfy(plate -> assertThat(all.indexOf(plate)).isGreaterThan(turn));
        DieUse use = layup.uses().get(0);
        DiePass pass = layup.diePass();
        assertThat(plates)
                .hasSize((pass.from().isPresent() ? 1 : 0) + (pass.to().isPresent() ? 1 : 0));
        plates.forEach(plate -> leavesFree(matched(PLATE, plate), laid.get(0), use, layup, turn >= 0));
    }

    /** Where the plate's edge comes to lie on the piece, from the cut of the die that is named as it is seen on the bed. */
    private static void leavesFree(Matcher read, Laid laid, DieUse use, Layup layup, boolean turned) {
        String seen = read.group(3).substring(read.group(3).lastIndexOf(' ') + 1);
        String cut = turned ? ROUND.get((ROUND.indexOf(seen) + 3) % 4) : seen;
        Rect lies = laid.cut().bounds();
        Length in = length(read.group(2));
        boolean across = cut.equals("left") || cut.equals("right");
        Length edge =
                switch (cut) {
                    case "left" -> lies.left().plus(in);
                    case "right" -> lies.right().minus(in);
                    case "top" -> lies.top().plus(in);
                    default -> lies.bottom().minus(in);
                };
        boolean begins = read.group(1).equals("begin");
        assertThat(begins).as(read.group()).isEqualTo(cut.equals("left") || cut.equals("top"));
        assertThat(across).isEqualTo(use.run() == Axis.HORIZONTAL);
        Point corner = layup.paper().corner();
        Length meant = (begins ? layup.diePass().from() : layup.diePass().to()).orElseThrow();
        Rect box = use.want().box();
        Length place = across ? box.left().minus(corner.x()) : box.top().minus(corner.y());
        assertThat(Math.abs(edge.minus(place.plus(meant)).toInches()))
                .as(read.group())
                .isLessThan(NEAR);
    }

    /** What is laid on the paper; what is taped into another die has its place from that. */
    private static List<Laid> laid(List<String> lines, Layup layup) {
        List<Laid> laid = new ArrayList<>();
        for (String line : lines) {
            laid.add(MIDDLE.matcher(line).matches() ? inMiddle(line, lines, layup) : onPaper(line, layup));
        }
        return laid;
    }

    private static Laid inMiddle(String line, List<String> lines, Layup layup) {
        Matcher read = matched(MIDDLE, line);
        Laid around = lines.stream()
                .filter(other -> !other.equals(line) && other.startsWith("Lay " + read.group(3)))
                .map(other -> onPaper(other, layup))
                .findFirst()
                .orElseThrow();
        Laid own = Laid.of(named(read.group(1), layup), read.group(2), Point.ORIGIN);
        Rect cut = around.cut().bounds().centred(own.cut().bounds().size());
        assertThat(cut.left().minus(around.cut().bounds().left()).toInches())
                .isCloseTo(inches(read.group(4)), offset(NEAR));
        return Laid.of(own.die(), read.group(2), cut.corner());
    }

    private static Laid onPaper(String line, Layup layup) {
        Rect paper = Rect.atOrigin(layup.paper().size());
        Matcher along = ALONG.matcher(line);
        if (along.matches()) {
            Die die = named(along.group(1), layup);
            return Laid.of(die, along.group(2), new Point(die.metal(), die.metal()));
        }
        Matcher read = matched(MARGINS, line);
        Die die = named(read.group(1), layup);
        Laid own = Laid.of(die, read.group(2), Point.ORIGIN);
        if (read.group(9) != null) {
            return aslant(read, die, paper);
        }
        Length side = margin(read.group(3), read.group(4)).plus(die.metal());
        Length top = margin(read.group(6), read.group(7)).plus(die.metal());
        boolean fromRight = read.group(5).equals("right")
                || (read.group(5).equals("folded")
                        && isFoldAt(layup, layup.paper().right()));
        Length left = fromRight
                ? paper.right().minus(side).minus(own.cut().bounds().size().width())
                : side;
        return Laid.of(die, read.group(2), new Point(left, top));
    }

    /** Pushed so far from the edges, and turned until it is nearest to the upright one where it should be. */
    private static Laid aslant(Matcher read, Die die, Rect paper) {
        Length out = die.metal().negated();
        Placement turned = new Placement(Point.ORIGIN, degrees(read.group(2)), false);
        Outline rim = die.rim().outline().plus(out, out).in(turned);
        Rect box = rim.bounds();
        Length side = margin(read.group(3), read.group(4));
        boolean fromRight = read.group(5).equals("right");
        Length right = fromRight ? paper.right().minus(side).minus(box.right()) : side.minus(box.left());
        Length down = margin(read.group(6), read.group(7)).minus(box.top());
        Outline metal = rim.plus(right, down);
        Length nearest = fromRight ? metal.bounds().right() : metal.bounds().left();
        assertThat(metal.corners())
                .as(read.group())
                .anyMatch(corner -> isAt(corner, new Point(nearest, length(read.group(9)))));
        return new Laid(die, die.shape().outline().in(turned).plus(right, down));
    }

    private static int degrees(String turned) {
        Matcher aslant = ASLANT.matcher(turned);
        if (aslant.matches()) {
            int said = Integer.parseInt(aslant.group(1));
            return aslant.group(2) == null ? said : -said;
        }
        return turned.isEmpty() ? 0 : turned.contains("right") ? 90 : turned.contains("upside") ? 180 : 270;
    }

    /** A folded edge is found by looking at the paper. */
    private static boolean isFoldAt(Layup layup, Length x) {
        return layup.lying()
                .fold()
                .at()
                .map(Segment::middle)
                .filter(at -> at.x().equals(x))
                .isPresent();
    }

    private static Die named(String name, Layup layup) {
        return layup.uses().stream()
                .map(DieUse::die)
                .filter(die -> die.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /**
     * A die on a paper, as it was read.
     *
     * @param die the die
     * @param cut what it cuts, the corner of the paper as it lies at zero
     */
    private record Laid(Die die, Outline cut) {

        static Laid of(Die die, String turned, Point corner) {
            return new Laid(die, DieUse.turnedInto(die.shape().outline(), degrees(turned), corner));
        }

        void isOf(DieUse use, Layup layup) {
            Point corner = layup.paper().corner();
            DiePass pass = layup.diePass();
            Outline meant = use.isWhole() ? use.want().outline() : use.cutLine(pass);
            Outline onPaper = meant.plus(corner.x().negated(), corner.y().negated());
            assertThat(onPaper.corners())
                    .as("%s as %s", use.want(), this)
                    .allSatisfy(wanted -> assertThat(cut.corners()).anyMatch(made -> isAt(made, wanted)));
        }
    }

    private void follow(SlitStep step) {
        Matcher read = matched(SLIT, step.sentence(system).text());
        assertThat(read.group(1)).isEqualTo(step.piece().name());
        boolean base = step.piece().id().equals(PieceId.BASE);
        assertThat(read.group(2)).isEqualTo(base ? "inside up" : "as drawn");
        List<Point> ends;
        if (read.group(3) == null) {
            ends = List.of(point(read.group(8), read.group(9)), point(read.group(10), read.group(11)));
        } else if (read.group(3).equals("left")) {
            assertThat(read.group(6)).isEqualTo("top");
            ends = List.of(point(read.group(4), read.group(5)), point(read.group(4), read.group(7)));
        } else {
            assertThat(read.group(6)).isEqualTo("left");
            ends = List.of(point(read.group(5), read.group(4)), point(read.group(7), read.group(4)));
        }
        Segment slit = step.slit();
        assertThat((isAt(ends.get(0), slit.start()) && isAt(ends.get(1), slit.end()))
                        || (isAt(ends.get(1), slit.start()) && isAt(ends.get(0), slit.end())))
                .as("%s: %s", slit, read.group())
                .isTrue();
    }

    private static Point point(String x, String y) {
        return new Point(length(x), length(y));
    }

    private static boolean isAt(Point one, Point other) {
        return Math.abs(one.x().minus(other.x()).toInches()) < NEAR
                && Math.abs(one.y().minus(other.y()).toInches()) < NEAR;
    }

    private static void isAt(Size said, Size meant) {
        assertThat(isAt(new Point(said.width(), said.height()), new Point(meant.width(), meant.height())))
                .as("%s for %s", said, meant)
                .isTrue();
    }

    private static Length margin(String said, String way) {
        return said == null ? Length.ZERO : "past".equals(way) ? length(said).negated() : length(said);
    }

    private Size size(Matcher read, int group) {
        String unit = read.group(group + 1).endsWith("in") ? " in" : " mm";
        return new Size(length(read.group(group) + unit), length(read.group(group + 1)));
    }

    private static double inches(String text) {
        return length(text).toInches();
    }

    private static Length length(String text) {
        String bare = text.replace("≈", "").strip();
        MeasureSystem units = bare.endsWith("in") ? MeasureSystem.INCH : MeasureSystem.METRIC;
        return Length.parse(bare.substring(0, bare.length() - 2).strip(), units);
    }

    private static Matcher matched(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        assertThat(matcher.matches()).as(text).isTrue();
        return matcher;
    }
}

package kwibbet.formats.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.StringReader;
import java.net.ServerSocket;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outline.DrawnUnit;
import kwibbet.outline.Tracing;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

/** SVG against Batik 1.19, another reader of path data and transforms, and against areas by elementary geometry. */
class SvgLinesTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static DrawnLines read(String attributes, String content) {
        return DrawingReader.read("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' "
                        + attributes + ">" + content + "</svg>")
                .orThrow();
    }

    private static String refused(String text) {
        Outcome<DrawnLines> read = DrawingReader.read(text);
        assertThat(read.reasons()).hasSize(1);
        return read.reasons().get(0).message();
    }

    /** Square millimetres within the first line. */
    private static double area(DrawnLines lines) {
        return new Outline(lines.tracing().lines().get(0).points()).area() * 25.4 * 25.4;
    }

    private static Size size(DrawnLines lines) {
        return lines.tracing().size(lines.unit()).orElseThrow();
    }

    /** Any commands after each other, absolute and relative, as Batik draws them: no point lies further off than both readers' edges off the curve. */
    @Test
    void pathDataAreDrawnAsBatikDrawsThem() throws IOException {
        Random random = new Random(11);
        for (int round = 0; round < 100; round++) {
            String data = data(random);
            List<LineString> reference = flattened(data);
            List<Tracing.Line> lines = new ArrayList<>();
            Pen pen = new Pen(0.01, new AffineTransform(), Tracing.Use.NOTHING, Tracing.Use.CUT, lines);
            assertThat(PathData.draw(data, pen)).as(data).isTrue();
            assertThat(lines).as(data).hasSameSizeAs(reference);
            for (int i = 0; i < lines.size(); i++) {
                LineString own = line(lines.get(i));
                // Batik draws an arc by cubic curves, which lie up to 2.7e-4 of its radius off it.
                assertThat(org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance.distance(
                                own, reference.get(i)))
                        .as(data)
                        .isLessThan(0.15);
                assertThat(own.getLength())
                        .as(data)
                        .isCloseTo(reference.get(i).getLength(), offset(0.02 + own.getLength() * 2e-4));
            }
        }
    }

    /** Radii that are too small are left out: Batik makes them a hundred thousandth larger than they have to be. T after a cubic curve and S after a quadratic one are left out: so are both after the end of a part: Batik goes on smoothly there, which SVG 2 (9.3.6, 9.3.7) does not. */
    private static String data(Random random) {
        StringBuilder data = new StringBuilder("M" + place(random));
        int steps = 2 + random.nextInt(6);
        String before = "M";
        for (int i = 0; i < steps; i++) {
            String command = "LHVCSQTA".substring(random.nextInt(8)).substring(0, 1);
            if ((command.equals("T") && "CSZ".contains(before)) || (command.equals("S") && "QTZ".contains(before))) {
                command = "L";
            }
            before = command;
            String numbers =
                    switch (command) {
                        case "H", "V" -> number(random);
                        case "C" -> place(random) + " " + place(random) + "," + place(random);
                        case "S", "Q" -> place(random) + " " + place(random);
                        case "A" ->
                            (300 + random.nextInt(50)) + " " + (300 + random.nextInt(50)) + " " + random.nextInt(180)
                                    + " " + random.nextInt(2) + random.nextInt(2) + place(random);
                        default -> place(random);
                    };
            data.append(random.nextBoolean() ? command : command.toLowerCase(java.util.Locale.ROOT))
                    .append(numbers);
            if (random.nextInt(6) == 0) {
                data.append(random.nextBoolean() ? "z" : "ZM" + place(random));
                before = "Z";
            }
        }
        return data.toString();
    }

    private static String place(Random random) {
        return number(random) + (random.nextBoolean() ? "," : " ") + number(random);
    }

    private static String number(Random random) {
        int whole = random.nextInt(200) - 100;
        return random.nextBoolean() ? String.valueOf(whole) : whole / 10 + ".5e1";
    }

    private static List<LineString> flattened(String data) throws IOException {
        var shape = AWTPathProducer.createShape(new StringReader(data), PathIterator.WIND_EVEN_ODD);
        List<LineString> lines = new ArrayList<>();
        List<Coordinate> here = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator each = shape.getPathIterator(null, 0.01); !each.isDone(); each.next()) {
            int kind = each.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                end(here, lines);
            }
            here.add(kind == PathIterator.SEG_CLOSE ? here.get(0) : new Coordinate(at[0], at[1]));
            if (kind == PathIterator.SEG_CLOSE) {
                Coordinate start = here.get(0);
                end(here, lines);
                here.add(start);
            }
        }
        end(here, lines);
        return lines;
    }

    private static void end(List<Coordinate> here, List<LineString> lines) {
        LineString line = here.size() < 2
                ? GEOMETRY.createLineString()
                : GEOMETRY.createLineString(here.toArray(Coordinate[]::new));
        if (line.getLength() > 1e-9) {
            lines.add(line);
        }
        here.clear();
    }

    private static LineString line(Tracing.Line line) {
        List<Coordinate> all = new ArrayList<>(line.points().stream()
                .map(point ->
                        new Coordinate(point.x().toMillimetres(), point.y().toMillimetres()))
                .toList());
        if (line.closed()) {
            all.add(all.get(0));
        }
        return GEOMETRY.createLineString(all.toArray(Coordinate[]::new));
    }

    @Test
    void transformsAreThoseOfBatik() throws IOException {
        for (String text : List.of(
                "translate(3)",
                "translate(3 -4) rotate(30) scale(2,.5)",
                "rotate(-45 10 20),skewX(20)",
                "skewY(10) scale(3) matrix(1 .2 -.3 1.5 7 8)")) {
            AffineTransform expected = AWTTransformProducer.createAffineTransform(new StringReader(text));
            double[] own = new double[6];
            double[] other = new double[6];
            Transforms.of(text).getMatrix(own);
            expected.getMatrix(other);
            assertThat(own).as(text).containsExactly(other, offset(1e-6));
        }
    }

    /** A circle of 30 mm in each way to say it: within a hundredth of a square millimetre of π · 15². */
    @Test
    void aDrawingIsAsLargeAsItSays() {
        double circle = Math.PI * 15 * 15;
        DrawnLines byBox =
                read("width='60mm' height='40mm' viewBox='0 0 600 400'", "<circle cx='200' cy='200' r='150'/>");
        assertThat(area(byBox)).isCloseTo(circle, offset(0.1));
        assertThat(size(byBox).width().toMillimetres()).isCloseTo(30, offset(0.01));
        assertThat(byBox.isUnitSaid()).isTrue();
        DrawnLines inches = read(
                "width='4in' height='4in' viewBox='0 0 4 4'",
                "<g transform='scale(.5)'><ellipse cx='2' cy='2' rx='1.1811023622' ry='1.1811023622'/></g>");
        assertThat(area(inches)).isCloseTo(circle, offset(0.1));
        DrawnLines pixels = read("width='400' height='400'", "<rect x='5' y='6' width='96' height='48'/>");
        assertThat(pixels.unit()).isEqualTo(DrawnUnit.PIXEL);
        assertThat(pixels.isUnitSaid()).isFalse();
        assertThat(size(pixels)).isEqualTo(new Size(Length.ofInches(1), Length.ofInches(1, 2)));
    }

    @Test
    void shapesAndUsesAreLines() {
        DrawnLines lines = read(
                "",
                "<defs><g id='pair'><rect width='10' height='6' rx='2'/><symbol id='s'><polygon points='0,0 4,0 4,3'/></symbol></g></defs>"
                        + "<use href='#pair' x='20'/><use xlink:href='#s' transform='translate(0 50)'/>"
                        + "<line x1='0' y1='0' x2='0' y2='30' stroke-dasharray='2 1'/>"
                        + "<polyline points='50 0 60 0 60 9' style='display:inline'/><path d='M0 0h9v9z' display='none'/>"
                        + "<text x='1'>a</text><image href='http://example.invalid/a.png'/>");
        assertThat(lines.tracing().lines())
                .extracting(Tracing.Line::closed, Tracing.Line::use)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple(true, Tracing.Use.CUT),
                        org.assertj.core.groups.Tuple.tuple(true, Tracing.Use.CUT),
                        org.assertj.core.groups.Tuple.tuple(false, Tracing.Use.CREASE),
                        org.assertj.core.groups.Tuple.tuple(false, Tracing.Use.NOTHING));
        // A rounded box of 10 × 6 with corners of radius 2: 60 less four corners of (1 − π/4) · 4.
        assertThat(area(lines)).isCloseTo(60 - (4 - Math.PI) * 4, offset(0.02));
        assertThat(lines.told()).hasSize(2);
    }

    /** Four lines that do not quite meet are one, and that is told. */
    @Test
    void endsThatDoNotMeetAreJoinedAndTold() {
        DrawnLines lines = read(
                "width='100mm' height='100mm' viewBox='0 0 100 100'",
                "<path d='M0 0H100M100 .05V100M100 100H0M0 100V0'/>");
        assertThat(lines.tracing().lines()).singleElement().satisfies(line -> assertThat(line.closed())
                .isTrue());
        assertThat(lines.told()).containsExactly("Two ends that did not meet were joined, at most 0.05 mm apart.");
    }

    /** What it refers to outside itself is not asked for: nobody calls at the door. */
    @Test
    void nothingOutsideIsFetched() throws IOException {
        try (ServerSocket door = new ServerSocket(0)) {
            String there = "http://127.0.0.1:" + door.getLocalPort() + "/";
            String head = "<!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' '" + there + "svg.dtd' [<!ENTITY out SYSTEM '"
                    + there + "entity'><!ENTITY here SYSTEM 'file:///etc/hostname'>]>";
            Outcome<DrawnLines> read = DrawingReader.read(
                    head + "<svg xmlns='http://www.w3.org/2000/svg'><script href='" + there + "a.js'/><use href='"
                            + there + "b.svg#c'/><title>&out;&here;</title><rect width='9' height='9'/></svg>");
            assertThat(read.orThrow().told())
                    .containsExactly(
                            "It uses something outside itself, which is never fetched: that is left out.",
                            "It holds a script, which is not run.");
            door.setSoTimeout(300);
            org.assertj.core.api.Assertions.assertThatThrownBy(door::accept)
                    .isInstanceOf(java.net.SocketTimeoutException.class);
        }
    }

    @Test
    void whatCannotBeReadIsSaid() {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg'>";
        assertThat(refused("<html></html>")).isEqualTo("It is XML, but no SVG drawing.");
        assertThat(refused("<svg")).startsWith("It is no SVG drawing: ");
        assertThat(refused(svg + "</svg>")).isEqualTo("There is no line in it that bounds anything.");
        assertThat(refused(svg + "<g id='a'><use href='#a'/></g></svg>")).startsWith("It is too deep or too large");
        assertThat(refused(svg + "<rect width='1e9' height='2'/></svg>"))
                .startsWith("Something in it lies too far away");
        assertThat(refused(svg + "<rect width='x' height='2'/></svg>"))
                .isEqualTo("A number in it cannot be read: “x”.");
        // One slanting line has a box and bounds nothing.
        assertThat(DrawingReader.read(svg + "<line x2='9' y2='9'/></svg>")
                        .then(lines -> lines.tracing().asFirstRead())
                        .reasons())
                .extracting(reason -> reason.message())
                .containsExactly("No line of it is closed without crossing itself, so nothing of it can be cut out.");
        assertThat(refused("solid drawing")).startsWith("It is no DXF drawing in ASCII");
    }

    /** Radii of 5 cannot span 20: they are made 10, and half a circle comes out (SVG 2, B.2.5). */
    @Test
    void radiiThatAreTooSmallAreMadeLarger() {
        assertThat(area(read("width='50mm' height='50mm' viewBox='0 0 50 50'", "<path d='M10 10A5 5 0 0 1 30 10Z'/>")))
                .isCloseTo(Math.PI * 50, offset(0.02));
    }

    /** A point of a curve by itself: half way round this arc it is at 10, 0 whatever is read before it. */
    @Test
    void aFlagNeedsNothingAfterIt() {
        List<Tracing.Line> lines = new ArrayList<>();
        PathData.draw(
                "M0 0a10 10 0 0110 10",
                new Pen(0.001, new AffineTransform(), Tracing.Use.NOTHING, Tracing.Use.CUT, lines));
        Point end = lines.get(0).points().get(lines.get(0).points().size() - 1);
        assertThat(end.x().toMillimetres()).isCloseTo(10, offset(1e-6));
        assertThat(end.y().toMillimetres()).isCloseTo(10, offset(1e-6));
    }
}

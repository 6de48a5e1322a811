package kwibbet.formats.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;

import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

import kwibbet.outline.DrawnUnit;
import kwibbet.outline.Tracing;

/** The lines of an SVG drawing: paths with all commands, basic shapes, groups, symbols and {@code use}, their transforms and view boxes. */
final class SvgLines {

    private static final Pattern LENGTH = Pattern.compile("\\s*([+-]?[0-9.]+(?:[eE][+-]?[0-9]+)?)\\s*([a-zA-Z%]*)\\s*");
    private static final Pattern BETWEEN = Pattern.compile("[\\s,]+");
    private static final Set<String> CONTAINERS = Set.of("svg", "g", "a", "switch");
    private static final Set<String> SILENT = Set.of(
            "defs",
            "symbol",
            "title",
            "desc",
            "metadata",
            "style",
            "linearGradient",
            "radialGradient",
            "filter",
            "marker",
            "pattern",
            "clipPath",
            "mask",
            "view",
            "namedview");
    private static final int DEEPEST = 24;
    private static final int MOST_LINES = 2_000;
    private static final int MOST_ELEMENTS = 20_000;

    private final Document document;
    private final double tolerance;
    private final List<Tracing.Line> lines = new ArrayList<>();
    private final Set<String> told = new LinkedHashSet<>();
    private int seen;

    private SvgLines(Document document, double tolerance) {
        this.document = document;
        this.tolerance = tolerance;
    }

    /**
     * Reads a drawing.
     *
     * @param text the document
     * @throws UnreadableDrawing when it is none, or holds what cannot be read
     */
    static DrawnLines read(String text) {
        Document document = parsed(text);
        SvgLines coarse = new SvgLines(document, Double.MAX_VALUE);
        coarse.drawing();
        SvgLines fine = new SvgLines(document, Pen.tolerance(coarse.lines));
        fine.drawing();
        String width = document.getDocumentElement().getAttribute("width");
        String height = document.getDocumentElement().getAttribute("height");
        boolean isSaid = physical(width) || physical(height);
        return new DrawnLines(
                new Tracing(fine.lines),
                isSaid ? DrawnUnit.MILLIMETRE : DrawnUnit.PIXEL,
                isSaid,
                List.copyOf(fine.told));
    }

    /** Nothing outside the document is fetched: no DTD, no entity, no reference. */
    private static Document parsed(String text) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setXIncludeAware(false);
            factory.setExpandEntityReferences(true);
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setEntityResolver((publicId, systemId) -> new InputSource(new StringReader("")));
            builder.setErrorHandler(new ThrowingHandler());
            Document document = builder.parse(new InputSource(new StringReader(text)));
            if (!"svg".equals(name(document.getDocumentElement()))) {
                throw new UnreadableDrawing("It is XML, but no SVG drawing.");
            }
            return document;
        } catch (SAXException broken) {
            throw new UnreadableDrawing("It is no SVG drawing: " + broken.getMessage());
        } catch (ParserConfigurationException | IOException impossible) {
            throw new IllegalStateException("the parser of the JDK reads a text", impossible);
        }
    }

    private static String name(Element element) {
        String local = element.getLocalName();
        return local == null ? element.getNodeName() : local;
    }

    private void drawing() {
        Element root = document.getDocumentElement();
        children(root, rootFrame(root), 0);
        if (document.getElementsByTagNameNS("*", "script").getLength() > 0) {
            told.add("It holds a script, which is not run.");
        }
    }

    /** User units as millimetres where the drawing says how large it is, otherwise as they are. */
    private AffineTransform rootFrame(Element root) {
        List<Double> box = viewBox(root);
        Optional<Double> width = millimetres(root.getAttribute("width"));
        Optional<Double> height = millimetres(root.getAttribute("height"));
        AffineTransform frame = new AffineTransform();
        if (box.isEmpty()) {
            double scale = width.isPresent() || height.isPresent() ? 25.4 / 96 : 1;
            frame.scale(scale, scale);
            return frame;
        }
        double across = width.map(all -> all / box.get(2)).orElse(0.0);
        double down = height.map(all -> all / box.get(3)).orElse(0.0);
        if (across > 0 && down > 0 && root.getAttribute("preserveAspectRatio").startsWith("none")) {
            frame.scale(across, down);
        } else if (across > 0 || down > 0) {
            double scale = across > 0 && down > 0 ? Math.min(across, down) : Math.max(across, down);
            frame.scale(scale, scale);
        } else {
            pixels(root, box).ifPresent(scale -> frame.scale(scale, scale));
        }
        return frame;
    }

    /** A width in pixels scales the view box, too. */
    private static Optional<Double> pixels(Element root, List<Double> box) {
        Optional<Double> width = plain(root.getAttribute("width"));
        Optional<Double> height = plain(root.getAttribute("height"));
        return Stream.concat(width.map(all -> all / box.get(2)).stream(), height.map(all -> all / box.get(3)).stream())
                .filter(scale -> scale > 0)
                .min(Double::compare);
    }

    private static List<Double> viewBox(Element element) {
        String text = element.getAttribute("viewBox").strip();
        if (text.isEmpty()) {
            return List.of();
        }
        try {
            List<Double> box =
                    Stream.of(BETWEEN.split(text, -1)).map(Double::valueOf).toList();
            return box.size() == 4 && box.get(2) > 0 && box.get(3) > 0 ? box : List.of();
        } catch (NumberFormatException broken) {
            throw new UnreadableDrawing("Its view box cannot be read: “" + text + "”.");
        }
    }

    private static boolean physical(String length) {
        return millimetres(length).isPresent();
    }

    private static Optional<Double> plain(String length) {
        Matcher matcher = LENGTH.matcher(length);
        return matcher.matches()
                        && (matcher.group(2).isEmpty() || matcher.group(2).equalsIgnoreCase("px"))
                ? Optional.of(Double.valueOf(matcher.group(1)))
                : Optional.empty();
    }

    private static Optional<Double> millimetres(String length) {
        Matcher matcher = LENGTH.matcher(length);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        double value = Double.parseDouble(matcher.group(1));
        return switch (matcher.group(2).toLowerCase(Locale.ROOT)) {
            case "mm" -> Optional.of(value);
            case "cm" -> Optional.of(value * 10);
            case "q" -> Optional.of(value / 4);
            case "in" -> Optional.of(value * 25.4);
            case "pt" -> Optional.of(value * 25.4 / 72);
            case "pc" -> Optional.of(value * 25.4 / 6);
            default -> Optional.empty();
        };
    }

    private void children(Element parent, AffineTransform frame, int depth) {
        NodeList children = parent.getChildNodes();
        for (int i = 0; i < children.getLength(); i++) {
            Node child = children.item(i);
            if (child instanceof Element element) {
                element(element, frame, depth + 1);
            }
        }
    }

    private void element(Element element, AffineTransform outer, int depth) {
        seen++;
        if (depth > DEEPEST || seen > MOST_ELEMENTS) {
            throw new UnreadableDrawing(
                    "It is too deep or too large: groups and uses go round in circles, or it has more than "
                            + MOST_ELEMENTS + " things in it.");
        }
        if (isHidden(element)) {
            return;
        }
        AffineTransform frame = new AffineTransform(outer);
        frame.concatenate(Transforms.of(element.getAttribute("transform")));
        String name = name(element);
        if (CONTAINERS.contains(name)) {
            if (name.equals("svg")) {
                nested(element, frame);
            }
            children(element, frame, depth);
        } else if (name.equals("use")) {
            use(element, frame, depth);
        } else if (name.equals("text") || name.equals("image") || name.equals("foreignObject")) {
            told.add(
                    name.equals("text")
                            ? "Text in it is left out: turn it into paths to have it cut."
                            : "A picture in it is left out: only lines can be read.");
        } else if (!SILENT.contains(name)) {
            shape(name, element, pen(element, frame));
        }
        if (lines.size() > MOST_LINES) {
            throw new UnreadableDrawing("It has more than " + MOST_LINES + " lines.");
        }
    }

    private void nested(Element element, AffineTransform frame) {
        frame.translate(number(element, "x"), number(element, "y"));
        List<Double> box = viewBox(element);
        Optional<Double> width = plain(element.getAttribute("width"));
        Optional<Double> height = plain(element.getAttribute("height"));
        if (!box.isEmpty() && width.isPresent() && height.isPresent()) {
            double scale = Math.min(width.get() / box.get(2), height.get() / box.get(3));
            frame.scale(scale, scale);
            frame.translate(-box.get(0), -box.get(1));
        }
    }

    private static boolean isHidden(Element element) {
        return style(element, "display").equals("none")
                || style(element, "visibility").equals("hidden");
    }

    /** A property, given by itself or in the style of the element. */
    private static String style(Element element, String property) {
        for (String declared : element.getAttribute("style").split(";", -1)) {
            int colon = declared.indexOf(':');
            if (colon > 0 && declared.substring(0, colon).strip().equals(property)) {
                return declared.substring(colon + 1).strip();
            }
        }
        return element.getAttribute(property).strip();
    }

    /** What is drawn with dashes is meant to be creased. */
    private Pen pen(Element element, AffineTransform frame) {
        boolean dashed = Stream.iterate((Node) element, node -> node instanceof Element, Node::getParentNode)
                .map(node -> style((Element) node, "stroke-dasharray"))
                .filter(dashes -> !dashes.isEmpty())
                .findFirst()
                .filter(dashes -> !dashes.equals("none"))
                .isPresent();
        return dashed
                ? new Pen(tolerance, frame, Tracing.Use.CREASE, Tracing.Use.CREASE, lines)
                : new Pen(tolerance, frame, Tracing.Use.NOTHING, Tracing.Use.CUT, lines);
    }

    private void use(Element element, AffineTransform frame, int depth) {
        String link = element.getAttribute("href").isEmpty()
                ? element.getAttributeNS("http://www.w3.org/1999/xlink", "href")
                : element.getAttribute("href");
        if (!link.startsWith("#")) {
            told.add("It uses something outside itself, which is never fetched: that is left out.");
            return;
        }
        Optional<Element> meant = find(document.getDocumentElement(), link.substring(1));
        if (meant.isEmpty()) {
            told.add("It uses “" + UnreadableDrawing.clipped(link) + "”, which is not in it.");
            return;
        }
        frame.translate(number(element, "x"), number(element, "y"));
        if (name(meant.get()).equals("symbol")) {
            children(meant.get(), frame, depth + 1);
        } else {
            element(meant.get(), frame, depth + 1);
        }
    }

    private static Optional<Element> find(Element from, String id) {
        if (from.getAttribute("id").equals(id)) {
            return Optional.of(from);
        }
        NodeList children = from.getChildNodes();
        for (int i = 0; i < children.getLength(); i++) {
            if (children.item(i) instanceof Element child) {
                Optional<Element> found = find(child, id);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    private void shape(String name, Element element, Pen pen) {
        switch (name) {
            case "path" -> {
                if (!PathData.draw(element.getAttribute("d"), pen)) {
                    told.add("The data of a path in it are broken: it is drawn up to there.");
                }
            }
            case "rect" -> rectangle(element, pen);
            case "circle" -> ellipse(element, number(element, "r"), number(element, "r"), pen);
            case "ellipse" -> ellipse(element, number(element, "rx"), number(element, "ry"), pen);
            case "line" -> {
                pen.moveTo(number(element, "x1"), number(element, "y1"));
                pen.lineTo(number(element, "x2"), number(element, "y2"));
                pen.end();
            }
            case "polyline", "polygon" -> corners(element, name.equals("polygon"), pen);
            default -> {}
        }
    }

    private void corners(Element element, boolean closed, Pen pen) {
        String data = element.getAttribute("points").strip();
        boolean good = PathData.draw("M" + data + (closed ? "Z" : ""), pen);
        if (!good) {
            told.add("The points of a line in it are broken: it is drawn up to there.");
        }
    }

    private static void ellipse(Element element, double rx, double ry, Pen pen) {
        if (rx > 0 && ry > 0) {
            Point2D middle = new Point2D.Double(number(element, "cx"), number(element, "cy"));
            pen.arc(middle, new Point2D.Double(rx, ry), 0, 0, 2 * Math.PI);
            pen.close();
        }
    }

    private static void rectangle(Element element, Pen pen) {
        double x = number(element, "x");
        double y = number(element, "y");
        double width = number(element, "width");
        double height = number(element, "height");
        if (width <= 0 || height <= 0) {
            return;
        }
        double rx = number(element, element.hasAttribute("rx") ? "rx" : "ry");
        double ry = number(element, element.hasAttribute("ry") ? "ry" : "rx");
        double across = Math.min(rx, width / 2);
        double down = Math.min(ry, height / 2);
        String data = across > 0 && down > 0
                ? rounded(x, y, width, height, across, down)
                : "M" + x + " " + y + "h" + width + "v" + height + "h" + -width + "z";
        PathData.draw(data, pen);
    }

    /** SVG 2, chapter 10.2. */
    private static String rounded(double x, double y, double width, double height, double rx, double ry) {
        String corner = "a" + rx + " " + ry + " 0 0 1 ";
        double across = width - 2 * rx;
        double down = height - 2 * ry;
        return "M" + (x + rx) + " " + y + "h" + across + corner + rx + " " + ry + "v" + down + corner + -rx + " " + ry
                + "h" + -across + corner + -rx + " " + -ry + "v" + -down + corner + rx + " " + -ry + "z";
    }

    private static double number(Element element, String attribute) {
        String text = element.getAttribute(attribute);
        if (text.isBlank()) {
            return 0;
        }
        return plain(text)
                .or(() -> millimetres(text).map(mm -> mm * 96 / 25.4))
                .orElseThrow(() -> new UnreadableDrawing("A number in it cannot be read: “" + text + "”."));
    }
}

package kwibbet.formats.svg;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

import kwibbet.drawing.Drawing;
import kwibbet.drawing.Fill;
import kwibbet.drawing.Ink;
import kwibbet.drawing.Line;
import kwibbet.drawing.Mark;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/** Writes a drawing as one {@code svg} element. */
public final class SvgWriter {

    /** Pale enough to see through at the share that the style sheet and the element give it. */
    private static final String FILM = "#d5e6ee\" fill-opacity=\".42";

    private static final Map<Line, String> LINE_CLASSES = classes(Line.class, "line-");
    private static final Map<Ink, String> INK_CLASSES = classes(Ink.class, " ink-");

    private final SvgOptions options;
    private final StringBuilder out = new StringBuilder();

    private SvgWriter(SvgOptions options) {
        this.options = options;
    }

    /** The drawing as an element that can stand in a page. */
    public static String write(Drawing drawing, SvgOptions options) {
        SvgWriter writer = new SvgWriter(options);
        writer.open(drawing);
        writer.marks(drawing.marks(), drawing.textHeight());
        return writer.out.append("</svg>").toString();
    }

    private void open(Drawing drawing) {
        Rect frame = drawing.frame();
        out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"")
                .append(number(frame.left()))
                .append(' ')
                .append(number(frame.top()))
                .append(' ')
                .append(number(frame.size().width()))
                .append(' ')
                .append(number(frame.size().height()))
                .append('"');
        options.pixelsPerInch().ifPresent(pixels -> out.append(" width=\"")
                .append(Math.round(frame.size().width().toInches() * pixels))
                .append("\" height=\"")
                .append(Math.round(frame.size().height().toInches() * pixels))
                .append('"'));
        if (options.isDecoration()) {
            out.append(" aria-hidden=\"true\"");
        } else {
            out.append(" role=\"img\" aria-label=\"")
                    .append(escaped(drawing.title()))
                    .append('"');
        }
        out.append(" class=\"drawing\">");
    }

    /** Strokes of one kind that follow each other become one path: a ruler is one element, not hundreds. */
    private void marks(List<Mark> marks, Length textHeight) {
        String open = "";
        for (Mark mark : marks) {
            String kind = mark instanceof Mark.Stroke stroke ? lineClass(stroke.line(), stroke.ink()) : "";
            if (!kind.equals(open)) {
                out.append(open.isEmpty() ? "" : "\"/>");
                out.append(kind.isEmpty() ? "" : "<path class=\"" + kind + "\" d=\"");
                open = kind;
            }
            if (mark instanceof Mark.Stroke stroke) {
                path(stroke.path());
            } else {
                mark(mark, textHeight);
            }
        }
        out.append(open.isEmpty() ? "" : "\"/>");
    }

    private void mark(Mark mark, Length textHeight) {
        if (mark instanceof Mark.Group group) {
            group(group, textHeight);
        } else if (mark instanceof Mark.Area area) {
            area(area);
        } else if (mark instanceof Mark.Disc disc) {
            disc(disc);
        } else if (mark instanceof Mark.Text text) {
            text(text, textHeight);
        }
    }

    private void group(Mark.Group group, Length textHeight) {
        out.append("<g data-piece=\"").append(escaped(group.piece())).append('"');
        if (options.lit().contains(group.piece())) {
            out.append(" class=\"lit\"");
        }
        out.append("><title>").append(escaped(group.label())).append("</title>");
        marks(group.marks(), textHeight);
        out.append("</g>");
    }

    private void area(Mark.Area area) {
        if (area.fill() instanceof Fill.Printed printed && options.printed().isPresent()) {
            printed(area, printed, options.printed().get());
            return;
        }
        out.append("<path class=\"")
                .append(lineClass(area.line(), area.ink()))
                .append(area.raised() ? " raised" : "")
                .append(area.fill() instanceof Fill.Film ? " film" : "")
                .append("\" fill=\"")
                .append(fill(area.fill()))
                .append(area.holes().isEmpty() ? "\" d=\"" : "\" fill-rule=\"evenodd\" d=\"");
        rings(area);
        out.append("\"/>");
    }

    /** A picture, cut to what of it is seen; equal cuts have one name, whatever drawing of a page they are on. */
    private void printed(Mark.Area area, Fill.Printed printed, String address) {
        int before = out.length();
        rings(area);
        String rings = out.substring(before);
        out.setLength(before);
        String name = "cut-" + Integer.toHexString(rings.hashCode()) + "-" + rings.length();
        double x = printed.corner().x().toMillimetres();
        double y = printed.corner().y().toMillimetres();
        // Its colour is there until it is fetched, and where it is not kept.
        out.append("<path class=\"line-none\" fill=\"")
                .append(printed.artwork().colour().hex())
                .append("\" fill-rule=\"evenodd\" d=\"")
                .append(rings)
                .append("\"/>");
        out.append("<clipPath id=\"").append(name).append("\"><path clip-rule=\"evenodd\" d=\"");
        out.append(rings).append("\"/></clipPath><g clip-path=\"url(#").append(name);
        out.append(")\"><image href=\"")
                .append(escaped(address + printed.artwork().id().value()));
        out.append("\" width=\"1\" height=\"1\" preserveAspectRatio=\"none\" transform=\"matrix(")
                .append(number(printed.right().x().toMillimetres() - x))
                .append(' ')
                .append(number(printed.right().y().toMillimetres() - y))
                .append(' ')
                .append(number(printed.foot().x().toMillimetres() - x))
                .append(' ')
                .append(number(printed.foot().y().toMillimetres() - y))
                .append(' ')
                .append(number(x))
                .append(' ')
                .append(number(y))
                .append(")\"/></g>");
    }

    private void rings(Mark.Area area) {
        path(area.outline());
        out.append('Z');
        for (List<Point> hole : area.holes()) {
            path(hole);
            out.append('Z');
        }
    }

    private static String fill(Fill fill) {
        if (fill instanceof Fill.Paper paper) {
            return paper.colour().hex();
        }
        if (fill instanceof Fill.Printed printed) {
            return printed.artwork().colour().hex();
        }
        return fill instanceof Fill.Film ? FILM : "none";
    }

    private void disc(Mark.Disc disc) {
        String x = number(disc.centre().x());
        String y = number(disc.centre().y());
        out.append("<g class=\"disc\"><circle cx=\"")
                .append(x)
                .append("\" cy=\"")
                .append(y)
                .append("\" r=\"");
        out.append(number(disc.radius()))
                .append("\"/><text x=\"")
                .append(x)
                .append("\" y=\"")
                .append(y);
        out.append("\" dy=\".35em\" text-anchor=\"middle\" font-size=\"")
                .append(number(disc.radius().toMillimetres() * (disc.label().length() > 2 ? 0.95 : 1.25)))
                .append("\">")
                .append(escaped(disc.label()))
                .append("</text></g>");
    }

    private void text(Mark.Text text, Length textHeight) {
        String x = number(text.at().x());
        String y = number(text.at().y());
        out.append("<text class=\"ink-").append(word(text.ink())).append(text.clear() ? " clear" : "");
        out.append("\" x=\"").append(x).append("\" y=\"").append(y).append("\" dy=\".35em\" text-anchor=\"");
        out.append(word(text.anchor())).append("\" font-size=\"");
        out.append(number(textHeight.toMillimetres() * text.size())).append('"');
        if (text.upwards()) {
            out.append(" transform=\"rotate(-90 ")
                    .append(x)
                    .append(' ')
                    .append(y)
                    .append(")\"");
        }
        out.append('>').append(phrase(text.phrase())).append("</text>");
    }

    private static String phrase(Phrase phrase) {
        return phrase.runs().stream()
                .map(run -> run instanceof Phrase.Measure measure ? figure(measure) : escaped(run.text()))
                .collect(Collectors.joining());
    }

    private static String figure(Phrase.Measure measure) {
        Figure figure = measure.figure();
        String fraction = figure.hasFraction() ? fraction(figure) : "";
        String unit = measure.withUnit() ? " " + figure.system().symbol() : "";
        // A hair of space keeps whole and fraction apart for those who copy or hear the figure.
        String gap = figure.hasFraction() && !figure.whole().isEmpty() ? "\u200a" : "";
        return figure.lead() + gap + fraction + unit;
    }

    /** Figures of .6, the first to the height of a whole one, the slash tucked between. The shift of the small one is .6 of that of the slash, so both cancel. */
    private static String fraction(Figure figure) {
        return "<tspan class=\"frac\"><tspan font-size=\"60%\" dy=\"-.445em\">" + figure.numerator()
                + "</tspan><tspan dx=\"-.04em\" dy=\".267em\">/</tspan><tspan font-size=\"60%\" dx=\"-.07em\">"
                + figure.denominator() + "</tspan></tspan>";
    }

    /** Each point as the step from the one before, which takes half the room; steps between rounded points add up to no error. */
    private void path(List<Point> points) {
        long beforeX = 0;
        long beforeY = 0;
        for (int i = 0; i < points.size(); i++) {
            long x = thousandths(points.get(i).x().toMillimetres());
            long y = thousandths(points.get(i).y().toMillimetres());
            out.append(i == 0 ? 'M' : 'l');
            number(x - beforeX, out);
            // A sign parts two numbers as well.
            out.append(y < beforeY ? "" : " ");
            number(y - beforeY, out);
            beforeX = x;
            beforeY = y;
        }
    }

    private static String lineClass(Line line, Ink ink) {
        return LINE_CLASSES.get(line) + INK_CLASSES.get(ink);
    }

    private static <E extends Enum<E>> Map<E, String> classes(Class<E> type, String prefix) {
        Map<E, String> classes = new EnumMap<>(type);
        for (E value : EnumSet.allOf(type)) {
            classes.put(value, prefix + word(value));
        }
        return classes;
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace("on_", "").replace('_', '-');
    }

    private static String number(Length length) {
        return number(length.toMillimetres());
    }

    private static String number(double millimetres) {
        StringBuilder text = new StringBuilder();
        number(thousandths(millimetres), text);
        return text.toString();
    }

    private static long thousandths(double millimetres) {
        return Math.round(millimetres * 1000);
    }

    /** In units of a thousand, without zeros before or after the point that say nothing; by hand, since a drawing has thousands of numbers. */
    private static void number(long thousandths, StringBuilder text) {
        long whole = Math.abs(thousandths) / 1000;
        int rest = (int) (Math.abs(thousandths) % 1000);
        text.append(thousandths < 0 ? "-" : "");
        if (whole > 0 || rest == 0) {
            text.append(whole);
        }
        if (rest > 0) {
            text.append('.').append((char) ('0' + rest / 100));
            if (rest % 100 > 0) {
                text.append((char) ('0' + rest / 10 % 10));
            }
            if (rest % 10 > 0) {
                text.append((char) ('0' + rest % 10));
            }
        }
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}

package kwibbet.app.web;

import java.math.BigDecimal;
import java.util.stream.Collectors;

import org.springframework.web.util.HtmlUtils;

import kwibbet.drawing.Drawing;
import kwibbet.formats.svg.SvgOptions;
import kwibbet.formats.svg.SvgWriter;
import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Phrases and drawings as HTML, for templates: {@code th:utext="${markup.phrase(…)}"}. Everything is escaped here. */
public final class Markup {

    /** Where pictures that are printed are found. */
    private static final String PRINTED = "/pictures/";

    private static final SvgOptions PICTURE = SvgOptions.PICTURE.printing(PRINTED);
    private static final SvgOptions DECORATION = SvgOptions.DECORATION.printing(PRINTED);

    static final Markup ONLY = new Markup();

    private Markup() {}

    /** A phrase with its fractions set as fractions. */
    public String phrase(Phrase phrase) {
        return phrase.runs().stream()
                .map(run -> run instanceof Phrase.Measure measure
                        ? figure(measure.figure(), measure.withUnit())
                        : HtmlUtils.htmlEscape(run.text()))
                .collect(Collectors.joining());
    }

    /** A count with its word: {@code 1 pass}, {@code 3 passes}. */
    public static String counted(int count, String one, String several) {
        return count + " " + (count == 1 ? one : several);
    }

    /** Width × height with the unit once. */
    public String size(Size size, MeasureSystem system) {
        return phrase(Phrase.in(system).size(size).end());
    }

    /** A length with its unit. */
    public String length(Length length, MeasureSystem system) {
        return figure(Figure.of(length, system), true);
    }

    /** A length as it stands in an entry field: plain text, exact, without the unit of its system. */
    public static String entry(Length length, MeasureSystem system) {
        return Figure.entry(length, system);
    }

    /** A length as it stands in an entry field of a card; such as no system can say exactly are given as near as can be. */
    public static String field(Length length, MeasureSystem system) {
        return Figure.field(length, system);
    }

    /** A sum of money as it stands in an entry field; nothing where it is not known. */
    public static String money(int cents) {
        return cents == 0 ? "" : BigDecimal.valueOf(cents, 2).toPlainString();
    }

    private static String figure(Figure figure, boolean withUnit) {
        String fraction = figure.hasFraction()
                ? "<span class=\"frac\"><span>" + figure.numerator() + "</span>/<span>" + figure.denominator()
                        + "</span></span>"
                : "";
        String gap = figure.hasFraction() && !figure.whole().isEmpty() ? "\u200a" : "";
        String unit = withUnit ? "\u00a0" + figure.system().symbol() : "";
        return "<span class=\"figure\">" + figure.lead() + gap + fraction + unit + "</span>";
    }

    /** A drawing that is read out by its title. */
    public String picture(Drawing drawing) {
        return SvgWriter.write(drawing, PICTURE);
    }

    /** The same with one piece lit. */
    public String picture(Drawing drawing, String lit) {
        return SvgWriter.write(drawing, PICTURE.lighting(lit));
    }

    /** A drawing beside words that say the same. */
    public String decoration(Drawing drawing) {
        return SvgWriter.write(drawing, DECORATION);
    }

    /** The same at a fixed scale, so that several can be compared. */
    public String decoration(Drawing drawing, int pixelsPerInch) {
        return SvgWriter.write(drawing, DECORATION.at(pixelsPerInch));
    }
}

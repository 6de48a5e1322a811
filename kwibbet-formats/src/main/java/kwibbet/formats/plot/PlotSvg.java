package kwibbet.formats.plot;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import kwibbet.plot.Layer;
import kwibbet.plot.Plot;
import kwibbet.shape.Point;

/** Writes a plot as SVG, as large as it is in millimetres; each layer is a group named after it, drawn in a colour and dashes of its own. */
public final class PlotSvg {

    private PlotSvg() {}

    /** The document. */
    public static String write(Plot plot) {
        String width = Millimetres.of(plot.size().width());
        String height = Millimetres.of(plot.size().height());
        StringBuilder text = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + width
                + "mm\" height=\"" + height + "mm\" viewBox=\"0 0 " + width + " " + height + "\">\n<title>"
                + escaped(plot.name()) + "</title>\n");
        for (Layer layer : Layer.values()) {
            List<Plot.Line> lines =
                    plot.lines().stream().filter(line -> line.layer() == layer).toList();
            if (!lines.isEmpty()) {
                text.append("<g id=\"")
                        .append(layer.name().toLowerCase(Locale.ROOT))
                        .append("\" fill=\"none\" stroke-width=\"0.2\" ")
                        .append(stroke(layer))
                        .append(">\n");
                lines.forEach(
                        line -> text.append("<path d=\"").append(path(line)).append("\"/>\n"));
                text.append("</g>\n");
            }
        }
        return text.append("</svg>\n").toString();
    }

    private static String path(Plot.Line line) {
        return line.points().stream().map(PlotSvg::at).collect(Collectors.joining("L", "M", line.closed() ? "Z" : ""));
    }

    private static String at(Point point) {
        return Millimetres.of(point.x()) + " " + Millimetres.of(point.y());
    }

    /** Valleys dashes, mountains dash and dot, as they are drawn everywhere. */
    private static String stroke(Layer layer) {
        return switch (layer) {
            case CUT -> "stroke=\"#000000\"";
            case VALLEY -> "stroke=\"#0a5a9c\" stroke-dasharray=\"3 1.5\"";
            case MOUNTAIN -> "stroke=\"#a23b12\" stroke-dasharray=\"3 1.2 0.4 1.2\"";
            case PART_SCORE -> "stroke=\"#5b3fa0\" stroke-dasharray=\"2 1\"";
            case SLIT -> "stroke=\"#333333\"";
            case PENCIL -> "stroke=\"#888888\"";
            case KEEP_OUT -> "stroke=\"#b08900\"";
        };
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}

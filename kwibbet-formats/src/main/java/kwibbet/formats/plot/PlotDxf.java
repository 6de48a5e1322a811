package kwibbet.formats.plot;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.plot.Layer;
import kwibbet.plot.Plot;
import kwibbet.shape.Point;

/** Writes a plot as DXF of release 12 (AC1009): each layer has its name, colour and line type; lines are POLYLINEs. */
public final class PlotDxf {

    private PlotDxf() {}

    /** The file, in millimetres. */
    public static String write(Plot plot) {
        Groups groups = new Groups();
        header(plot, groups);
        tables(groups);
        groups.add(0, "SECTION").add(2, "ENTITIES");
        plot.lines().forEach(line -> polyline(line, plot.size().height(), groups));
        groups.add(0, "ENDSEC").add(0, "EOF");
        return groups.text();
    }

    private static void header(Plot plot, Groups groups) {
        groups.add(0, "SECTION")
                .add(2, "HEADER")
                .add(9, "$ACADVER")
                .add(1, "AC1009")
                .add(9, "$INSUNITS")
                .add(70, "4")
                .add(9, "$EXTMIN")
                .add(10, "0")
                .add(20, "0")
                .add(9, "$EXTMAX")
                .add(10, Millimetres.of(plot.size().width()))
                .add(20, Millimetres.of(plot.size().height()))
                .add(0, "ENDSEC");
    }

    private static void tables(Groups groups) {
        groups.add(0, "SECTION").add(2, "TABLES");
        groups.add(0, "TABLE").add(2, "LTYPE").add(70, "3");
        lineType(groups, "CONTINUOUS", List.of());
        lineType(groups, "DASHED", List.of("3", "-1.5"));
        lineType(groups, "DASHDOT", List.of("3", "-1.2", "0.4", "-1.2"));
        groups.add(0, "ENDTAB");
        groups.add(0, "TABLE").add(2, "LAYER").add(70, String.valueOf(Layer.values().length));
        for (Layer layer : Layer.values()) {
            groups.add(0, "LAYER")
                    .add(2, layer.name())
                    .add(70, "0")
                    .add(62, String.valueOf(colour(layer)))
                    .add(6, lineType(layer));
        }
        groups.add(0, "ENDTAB").add(0, "ENDSEC");
    }

    private static void lineType(Groups groups, String name, List<String> dashes) {
        double length = dashes.stream()
                .mapToDouble(dash -> Math.abs(Double.parseDouble(dash)))
                .sum();
        groups.add(0, "LTYPE")
                .add(2, name)
                .add(70, "0")
                .add(3, "")
                .add(72, "65")
                .add(73, String.valueOf(dashes.size()))
                .add(40, String.valueOf(length));
        dashes.forEach(dash -> groups.add(49, dash));
    }

    /** A number of the colour index: 7 is black on white. */
    private static int colour(Layer layer) {
        return switch (layer) {
            case CUT -> 7;
            case VALLEY -> 5;
            case MOUNTAIN -> 1;
            case PART_SCORE -> 6;
            case SLIT -> 3;
            case PENCIL -> 8;
            case KEEP_OUT -> 2;
        };
    }

    private static String lineType(Layer layer) {
        return switch (layer) {
            case VALLEY, PART_SCORE -> "DASHED";
            case MOUNTAIN -> "DASHDOT";
            default -> "CONTINUOUS";
        };
    }

    private static void polyline(Plot.Line line, Length height, Groups groups) {
        String layer = line.layer().name();
        groups.add(0, "POLYLINE").add(8, layer).add(66, "1").add(70, line.closed() ? "1" : "0");
        groups.add(10, "0").add(20, "0").add(30, "0");
        for (Point point : line.points()) {
            groups.add(0, "VERTEX")
                    .add(8, layer)
                    .add(10, Millimetres.of(point.x()))
                    .add(20, Millimetres.of(height.minus(point.y())))
                    .add(30, "0");
        }
        groups.add(0, "SEQEND").add(8, layer);
    }

    /** Pairs of a code and a value, a row each. */
    private static final class Groups {
        private final StringBuilder rows = new StringBuilder();

        Groups add(int code, String value) {
            rows.append(code).append("\r\n").append(value).append("\r\n");
            return this;
        }

        String text() {
            return rows.toString();
        }
    }
}

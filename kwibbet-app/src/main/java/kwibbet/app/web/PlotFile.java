package kwibbet.app.web;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

import kwibbet.formats.plot.PlotDxf;
import kwibbet.formats.plot.PlotSvg;
import kwibbet.plot.Plot;

/** Lines on layers that the browser saves as a file. */
public enum PlotFile {
    SVG("image/svg+xml") {
        @Override
        String write(Plot plot) {
            return PlotSvg.write(plot);
        }
    },
    DXF("image/vnd.dxf") {
        @Override
        String write(Plot plot) {
            return PlotDxf.write(plot);
        }
    };

    private final String type;

    PlotFile(String type) {
        this.type = type;
    }

    abstract String write(Plot plot);

    /** The kind of file an address ends with. */
    public static PlotFile of(String ending) {
        return valueOf(ending.toUpperCase(Locale.ROOT));
    }

    /** The answer with a plot. */
    public ResponseEntity<byte[]> answer(Plot plot) {
        String file = FileNames.of(plot.name(), "." + name().toLowerCase(Locale.ROOT));
        return Downloads.as(file, MediaType.valueOf(type)).body(write(plot).getBytes(StandardCharsets.UTF_8));
    }
}

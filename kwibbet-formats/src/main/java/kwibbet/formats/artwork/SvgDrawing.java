package kwibbet.formats.artwork;

import java.awt.Component;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import org.jspecify.annotations.Nullable;

import kwibbet.outcome.Outcome;

/** An SVG drawing as a picture. */
final class SvgDrawing {

    /** How many dots its longer side has: 8 inches at 450 to the inch. */
    private static final int FINE = 3_600;

    private static final Pattern SCRIPT =
            Pattern.compile("<\\s*script\\b|\\bon(load|click)\\s*=", Pattern.CASE_INSENSITIVE);
    private static final Pattern OUTSIDE =
            Pattern.compile("(href\\s*=\\s*[\"']|url\\(\\s*[\"']?)\\s*(?!#|data:)[^\"')\\s]", Pattern.CASE_INSENSITIVE);
    private static final Pattern ENTITY = Pattern.compile("<!ENTITY", Pattern.CASE_INSENSITIVE);

    private static final @Nullable Component NO_WINDOW = null;

    private SvgDrawing() {}

    /** The drawing, or why it is not drawn. */
    static Outcome<BufferedImage> drawn(byte[] file) {
        String text = new String(file, StandardCharsets.UTF_8);
        if (SCRIPT.matcher(text).find()) {
            return ArtworkReader.refused(
                    "This SVG has a program in it, which is not run. Save it as a plain SVG and choose it again.");
        }
        if (ENTITY.matcher(text).find()) {
            return ArtworkReader.refused("This SVG has abbreviations of its own in it (ENTITY), which are not read."
                    + " Save it as a plain SVG and choose it again.");
        }
        if (OUTSIDE.matcher(text.replaceAll("<a\\b[^>]*>", "")).find()) {
            return ArtworkReader.refused("This SVG shows something that lies in another file, which is not fetched."
                    + " Save it with all it needs inside and choose it again.");
        }
        return loaded(file);
    }

    private static Outcome<BufferedImage> loaded(byte[] file) {
        LoaderContext alone = LoaderContext.builder()
                .externalResourcePolicy(ResourcePolicy.DENY_ALL)
                .build();
        try {
            SVGDocument drawing = new SVGLoader().load(new ByteArrayInputStream(file), null, alone);
            if (drawing == null) {
                return ArtworkReader.refused("This SVG cannot be read: it is damaged, or ends too early.");
            }
            FloatSize size = drawing.size();
            if (!(size.width > 0) || !(size.height > 0)) {
                return ArtworkReader.refused("This SVG does not say how large it is, nor which part of it is shown.");
            }
            double scale = FINE / Math.max(size.width, size.height);
            int width = (int) Math.max(1, Math.round(size.width * scale));
            int height = (int) Math.max(1, Math.round(size.height * scale));
            BufferedImage image = Images.blank(width, height);
            Graphics2D pen = image.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            drawing.render(NO_WINDOW, pen, new ViewBox(width, height));
            pen.dispose();
            return Outcome.made(image);
        } catch (RuntimeException | InternalError undrawn) {
            return ArtworkReader.refused(
                    "This SVG cannot be drawn here: turn its words into outlines and choose it again.");
        }
    }
}

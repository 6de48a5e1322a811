package kwibbet.formats.artwork;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;

import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

import kwibbet.paper.Colour;

/** Images in memory: smaller, and as files. */
final class Images {

    /** How good a JPEG is that is printed, 0 to 1. */
    static final float FINE = 0.95f;
    /** And one that is only shown. */
    static final float SHOWN = 0.85f;

    /** How many dots the longer side of what is shown has. */
    private static final int SMALL = 900;

    private Images() {}

    /** With few dots, on white. */
    static BufferedImage small(BufferedImage image) {
        BufferedImage some = image;
        int longer = Math.max(image.getWidth(), image.getHeight());
        // Halved as long as that is more than enough: one great step would leave dots out.
        while (longer > 2 * SMALL) {
            some = scaled(some, 0.5);
            longer = Math.max(some.getWidth(), some.getHeight());
        }
        return scaled(some, Math.min(1, (double) SMALL / longer));
    }

    private static BufferedImage scaled(BufferedImage image, double by) {
        int width = Math.max(1, (int) Math.round(image.getWidth() * by));
        int height = Math.max(1, (int) Math.round(image.getHeight() * by));
        BufferedImage scaled = blank(width, height);
        Graphics2D pen = scaled.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, 0, 0, width, height, null);
        pen.dispose();
        return scaled;
    }

    /** White paper of so many dots. */
    static BufferedImage blank(int width, int height) {
        BufferedImage blank = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = blank.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.dispose();
        return blank;
    }

    /** The mean of its dots. */
    static Colour colour(BufferedImage image) {
        long red = 0;
        long green = 0;
        long blue = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int dot = image.getRGB(x, y);
                red += dot >> 16 & 0xff;
                green += dot >> 8 & 0xff;
                blue += dot & 0xff;
            }
        }
        long dots = (long) image.getWidth() * image.getHeight();
        return new Colour(String.format("#%02x%02x%02x", red / dots, green / dots, blue / dots));
    }

    static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    static byte[] jpeg(BufferedImage image, float quality) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream output = ImageIO.createImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(quality);
            writer.setOutput(output);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}

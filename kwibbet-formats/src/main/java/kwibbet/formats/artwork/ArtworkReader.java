package kwibbet.formats.artwork;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.Locale;

import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.outcome.Outcome;
import kwibbet.wording.Names;

/** Reads a picture, whatever of the four formats it is of; what it is of its first bytes say, not its name. */
public final class ArtworkReader {

    /** More dots than this are not read: a sheet of 12 by 12 inches has as many at 600 an inch. */
    static final long MOST_DOTS = 52_000_000;

    private static final int FIRST_PAGE = 1;

    private ArtworkReader() {}

    /**
     * The picture of a file.
     *
     * @param file its bytes
     * @param name what it is called; a file's ending is left out
     * @return the picture, or why it is not read, in a sentence
     */
    public static Outcome<ReadArtwork> read(byte[] file, String name) {
        return read(file, name, FIRST_PAGE);
    }

    /**
     * The picture of a file.
     *
     * @param page which page of a PDF, from 1
     */
    public static Outcome<ReadArtwork> read(byte[] file, String name, int page) {
        String called = called(name);
        try {
            if (startsWith(file, "%PDF")) {
                return PdfPage.drawn(file, page).then(image -> drawn(image, called));
            }
            if (startsWith(file, "\u0089PNG") || startsWith(file, "\u00ff\u00d8")) {
                return dots(file, called);
            }
            return isSvg(file)
                    ? SvgDrawing.drawn(file).then(image -> drawn(image, called))
                    : refused("This is no picture that Kwibbet reads: choose a PNG, a JPEG, an SVG or a PDF.");
        } catch (IIOException unusual) {
            return refused(
                    "This picture cannot be read; it may be damaged, or made for a printing press (CMYK). Save it as RGB and choose it again.");
        } catch (IOException damaged) {
            return refused("This picture is damaged: it ends too early, or is not what it says.");
        }
    }

    private static boolean startsWith(byte[] file, String start) {
        byte[] first = start.getBytes(StandardCharsets.ISO_8859_1);
        return file.length >= first.length && MessageDigest.isEqual(first, java.util.Arrays.copyOf(file, first.length));
    }

    private static boolean isSvg(byte[] file) {
        String start = new String(file, 0, Math.min(file.length, 2_000), StandardCharsets.UTF_8);
        return start.contains("<svg") || start.toLowerCase(Locale.ROOT).contains("<!doctype svg");
    }

    private static Outcome<ReadArtwork> dots(byte[] file, String name) throws IOException {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
            if (!readers.hasNext()) {
                throw new IIOException("no reader");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(input, true, true);
                long dots = (long) reader.getWidth(0) * reader.getHeight(0);
                if (dots > MOST_DOTS) {
                    return refused("This picture has " + dots / 1_000_000 + " million dots. Up to "
                            + MOST_DOTS / 1_000_000 + " million are read: save it smaller and choose it again.");
                }
                return Outcome.made(upright(file, reader.read(0), name));
            } finally {
                reader.dispose();
            }
        }
    }

    private static ReadArtwork upright(byte[] file, BufferedImage image, String name) throws IOException {
        Turn turn = Turn.of(file);
        if (turn == Turn.NONE) {
            return kept(file, image, name);
        }
        BufferedImage turned = turn.applied(image);
        return kept(Images.jpeg(turned, Images.FINE), turned, name);
    }

    private static Outcome<ReadArtwork> drawn(BufferedImage image, String name) {
        try {
            return Outcome.made(kept(Images.png(image), image, name));
        } catch (IOException impossible) {
            throw new IllegalStateException("an image in memory can be written", impossible);
        }
    }

    private static ReadArtwork kept(byte[] dots, BufferedImage image, String name) throws IOException {
        BufferedImage small = Images.small(image);
        Artwork artwork =
                new Artwork(new ArtworkId(sum(dots)), name, image.getWidth(), image.getHeight(), Images.colour(small));
        return new ReadArtwork(artwork, dots, Images.jpeg(small, Images.SHOWN));
    }

    private static String sum(byte[] dots) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(dots));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static String called(String file) {
        String bare = file.replaceAll(".*[/\\\\]", "")
                .replaceAll("\\.[A-Za-z]{3,4}$", "")
                .strip();
        String name = bare.substring(0, Math.min(bare.length(), Names.LONGEST)).strip();
        return Names.isOne(name) ? name : "picture";
    }

    static <T> Outcome<T> refused(String why) {
        return Outcome.refused("file", why);
    }
}

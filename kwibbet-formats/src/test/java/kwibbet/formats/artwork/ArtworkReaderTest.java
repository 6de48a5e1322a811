package kwibbet.formats.artwork;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;

import javax.imageio.ImageIO;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class ArtworkReaderTest {

    /** Red at the left top, green at the right top, blue at the left bottom, white at the right bottom. */
    private static BufferedImage quarters(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        Color[] colours = {Color.RED, Color.GREEN, Color.BLUE, Color.WHITE};
        for (int i = 0; i < colours.length; i++) {
            pen.setColor(colours[i]);
            pen.fillRect(i % 2 * width / 2, i / 2 * height / 2, width / 2, height / 2);
        }
        pen.dispose();
        return image;
    }

    private static byte[] file(BufferedImage image, String format) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, format, out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static ReadArtwork read(byte[] file) {
        return ArtworkReader.read(file, "A picture.png").orThrow();
    }

    private static String refused(byte[] file) {
        return ArtworkReader.read(file, "x").reasons().get(0).message();
    }

    private static String refused(String file) {
        return refused(file.getBytes(StandardCharsets.UTF_8));
    }

    /** What stands in the middle of its four quarters, from the left top across and down. */
    private static String seen(byte[] dots) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(dots));
            StringBuilder seen = new StringBuilder();
            for (int i = 0; i < 4; i++) {
                Color dot = new Color(
                        image.getRGB((1 + i % 2 * 2) * image.getWidth() / 4, (1 + i / 2 * 2) * image.getHeight() / 4));
                boolean red = dot.getRed() > 128;
                boolean green = dot.getGreen() > 128;
                boolean blue = dot.getBlue() > 128;
                seen.append(red && green && blue ? 'w' : red ? 'r' : green ? 'g' : blue ? 'b' : '-');
            }
            return seen.toString();
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    @ParameterizedTest
    @CsvSource({"png", "jpeg"})
    void dotsAreKeptAsTheyAre(String format) {
        byte[] file = file(quarters(1200, 800), format);
        ReadArtwork read = read(file);
        assertThat(read.dots()).isEqualTo(file);
        assertThat(read.artwork().name()).isEqualTo("A picture");
        assertThat(read.artwork().across()).isEqualTo(1200);
        assertThat(read.artwork().down()).isEqualTo(800);
        // The mean of red, green, blue and white: half of each.
        assertThat(read.artwork().colour().hex()).matches("#(7f|80|7e|81)(7f|80|7e|81)(7f|80|7e|81)");
        assertThat(seen(read.small())).isEqualTo("rgbw");
        assertThat(read(file).artwork().id()).isEqualTo(read.artwork().id());
        assertThat(read(file(quarters(1200, 802), format)).artwork().id())
                .isNotEqualTo(read.artwork().id());
    }

    /** Exif 2.3, table 6, tag 274: where the first row and the first column of the dots are when the picture is looked at. */
    @ParameterizedTest
    @CsvSource({
        "1,rgbw,120,80",
        "2,grwb,120,80",
        "3,wbgr,120,80",
        "4,bwrg,120,80",
        "5,rbgw,80,120",
        "6,brwg,80,120",
        "7,wgbr,80,120",
        "8,gwrb,80,120",
    })
    void aPhotoIsTurnedAsTheCameraWasHeld(int tag, String seen, int across, int down) {
        ReadArtwork read = read(held(file(quarters(120, 80), "jpeg"), tag));
        assertThat(seen(read.dots())).isEqualTo(seen);
        assertThat(read.artwork().across()).isEqualTo(across);
        assertThat(read.artwork().down()).isEqualTo(down);
    }

    /** A JPEG with an APP1 segment of Exif that has the one tag, little-endian. */
    private static byte[] held(byte[] jpeg, int tag) {
        ByteBuffer exif = ByteBuffer.allocate(4 + 6 + 26);
        exif.putShort((short) 0xffe1).putShort((short) (2 + 6 + 26));
        exif.put("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
        exif.order(java.nio.ByteOrder.LITTLE_ENDIAN);
        exif.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8);
        exif.putShort((short) 1)
                .putShort((short) 274)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) tag);
        exif.putShort((short) 0).putInt(0);
        return ByteBuffer.allocate(jpeg.length + exif.capacity())
                .put(jpeg, 0, 2)
                .put(exif.array())
                .put(jpeg, 2, jpeg.length - 2)
                .array();
    }

    @Test
    void anSvgIsDrawnFineEnoughToBePrintedLarge() {
        ReadArtwork read = read(("<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='20mm' viewBox='0 0 4 2'>"
                        + "<rect width='2' height='1' fill='red'/><rect x='2' width='2' height='1' fill='lime'/>"
                        + "<rect y='1' width='2' height='1' fill='blue'/></svg>")
                .getBytes(StandardCharsets.UTF_8));
        assertThat(read.artwork().across()).isEqualTo(3600);
        assertThat(read.artwork().down()).isEqualTo(1800);
        assertThat(seen(read.dots())).isEqualTo("rgbw");
    }

    private static byte[] pdf(boolean locked) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.addPage(new PDPage(new PDRectangle(72, 72)));
            PDPage page = new PDPage(new PDRectangle(144, 288));
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.setNonStrokingColor(Color.RED);
                content.addRect(0, 144, 72, 144);
                content.fill();
                content.setNonStrokingColor(Color.BLUE);
                content.addRect(0, 0, 72, 144);
                content.fill();
            }
            if (locked) {
                document.protect(new StandardProtectionPolicy("a", "b", new AccessPermission()));
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    @Test
    void aPageOfAPdfIsDrawn() throws IOException {
        ReadArtwork read = ArtworkReader.read(pdf(false), "leaflet.pdf", 2).orThrow();
        assertThat(read.artwork().across()).isEqualTo(800);
        assertThat(read.artwork().down()).isEqualTo(1600);
        assertThat(seen(read.dots())).isEqualTo("rwbw");
        assertThat(ArtworkReader.read(pdf(false), "leaflet.pdf", 3)
                        .reasons()
                        .get(0)
                        .message())
                .contains("has 2 pages");
        assertThat(refused(pdf(true))).contains("locked by a password");
    }

    /** What a PNG says of its size is enough to refuse it: nothing of it is unpacked. */
    @Test
    void aPictureOfAHundredMillionDotsIsRefused() {
        byte[] png = file(quarters(4, 4), "png");
        ByteBuffer.wrap(png).putInt(16, 10_000).putInt(20, 10_000);
        CRC32 sum = new CRC32();
        sum.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
        assertThat(refused(png)).contains("100 million dots", "Up to 52 million");
    }

    @Test
    void whatIsNoPictureIsRefusedInWords() {
        assertThat(refused("once upon a time")).contains("PNG, a JPEG, an SVG or a PDF");
        assertThat(refused("")).contains("PNG, a JPEG, an SVG or a PDF");
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>";
        assertThat(refused(svg + "<script>while(true);</script></svg>")).contains("not run");
        assertThat(refused(svg + "<rect onload='x()'/></svg>")).contains("not run");
        assertThat(refused("<!DOCTYPE svg [<!ENTITY a 'b'>]>" + svg + "</svg>"))
                .contains("abbreviations", "not read")
                .doesNotContain("program");
        assertThat(refused(svg + "<image href='http://far.example/a.png' width='5' height='5'/></svg>"))
                .contains("not fetched");
        assertThat(refused(svg + "<image xlink:href=\"file:///etc/hostname\"/></svg>"))
                .contains("not fetched");
        assertThat(refused(svg + "<rect style='fill:url(other.svg#a)'/></svg>")).contains("not fetched");
        assertThat(refused(svg + "<rect")).contains("damaged");
        byte[] png = file(quarters(40, 40), "png");
        assertThat(refused(Arrays.copyOf(png, png.length / 2))).contains("damaged");
        byte[] jpeg = file(quarters(40, 40), "jpeg");
        assertThat(refused(Arrays.copyOf(jpeg, 30))).isNotBlank();
        assertThat(refused("%PDF-1.7 and no more")).contains("damaged");
    }
}

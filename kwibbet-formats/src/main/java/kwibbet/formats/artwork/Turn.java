package kwibbet.formats.artwork;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;

/** How a camera was held, in the order of Exif 2.3, tag 274, from 1: how the dots have to be turned to be upright, and whether they are mirrored. */
enum Turn {
    NONE(0, false),
    MIRRORED(0, true),
    HALF(2, false),
    HALF_MIRRORED(2, true),
    THREE_QUARTERS_MIRRORED(3, true),
    QUARTER(1, false),
    QUARTER_MIRRORED(1, true),
    THREE_QUARTERS(3, false);

    private final int quarters;
    private final boolean mirrored;

    Turn(int quarters, boolean mirrored) {
        this.quarters = quarters;
        this.mirrored = mirrored;
    }

    /** What a file says; nothing where it says nothing that can be read. */
    static Turn of(byte[] file) throws IOException {
        try {
            ExifIFD0Directory said = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer tag = said == null ? null : said.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return tag == null || tag < 1 || tag > values().length ? NONE : values()[tag - 1];
        } catch (ImageProcessingException unread) {
            return NONE;
        }
    }

    /** The dots as they are looked at: mirrored first, then turned clockwise. */
    BufferedImage applied(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        boolean isLying = quarters % 2 == 1;
        BufferedImage upright = Images.blank(isLying ? height : width, isLying ? width : height);
        AffineTransform turn = new AffineTransform();
        turn.translate(upright.getWidth() / 2.0, upright.getHeight() / 2.0);
        turn.quadrantRotate(quarters);
        turn.scale(mirrored ? -1 : 1, 1);
        turn.translate(-width / 2.0, -height / 2.0);
        Graphics2D pen = upright.createGraphics();
        pen.drawImage(image, turn, null);
        pen.dispose();
        return upright;
    }
}

package kwibbet.drawing;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Rect;

/**
 * Something drawn to scale.
 *
 * @param title what it shows, in a sentence for those who cannot see it
 * @param frame the part of the plane that is shown
 * @param textHeight the height of ordinary text
 * @param marks what is drawn, the lowest first
 */
public record Drawing(String title, Rect frame, Length textHeight, List<Mark> marks) {

    /** The same seen from the other side: left is right, and words stay readable. */
    public Drawing mirrored() {
        Mirror mirror = new Mirror(frame);
        return new Drawing(
                title, frame, textHeight, marks.stream().map(mirror::of).toList());
    }

    /** Copies the marks. */
    public Drawing {
        marks = List.copyOf(marks);
    }
}

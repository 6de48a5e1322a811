package kwibbet.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

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
        Moved mirrored = Moved.mirrored(frame);
        return new Drawing(
                title, frame, textHeight, marks.stream().map(mirrored::of).toList());
    }

    /**
     * Drawings of one scale in rows, each in a place as large as the largest.
     *
     * @param drawings what is drawn, at least one
     * @param inRow how many lie beside each other, at least one
     */
    public static Drawing inRows(List<Drawing> drawings, int inRow) {
        Rect largest = drawings.stream()
                .map(Drawing::frame)
                .map(each -> Rect.atOrigin(each.size()))
                .reduce(Rect::around)
                .orElseThrow(() -> new IllegalArgumentException("nothing to draw: at least one drawing is asked for"));
        List<Mark> marks = new ArrayList<>();
        Rect all = largest;
        for (int i = 0; i < drawings.size(); i++) {
            Drawing each = drawings.get(i);
            Rect place = largest.plus(
                    largest.size().width().multipliedBy(i % inRow),
                    largest.size().height().multipliedBy(i / inRow));
            Moved moved =
                    Moved.by(place.left().minus(each.frame.left()), place.top().minus(each.frame.top()));
            each.marks.stream().map(moved::of).forEach(marks::add);
            all = all.around(place);
        }
        String title = drawings.stream().map(Drawing::title).collect(Collectors.joining("; "));
        return new Drawing(title, all, drawings.get(0).textHeight, marks);
    }

    /** Copies the marks. */
    public Drawing {
        marks = List.copyOf(marks);
    }
}

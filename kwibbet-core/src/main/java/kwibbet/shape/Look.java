package kwibbet.shape;

import java.util.List;

import kwibbet.measure.Length;

/** What a shape looks like, whatever its size: one of the trade, or one of a maker's own. */
public interface Look {

    /** What makers call it. */
    String words();

    /** It with its article, as it stands in a sentence. */
    String inSentence();

    /** Whether it is known by its edges only, so that nothing but a print of it tells where to cut. */
    default boolean isDrawn() {
        return false;
    }

    /**
     * Its outline, which touches all sides of the box it is drawn into.
     *
     * @param size the box; its left top corner is zero
     */
    Outline outline(Size size);

    /** What is cut out of it with it, in the same box. */
    default List<Outline> holes(Size size) {
        return List.of();
    }

    /** Where it is creased, in the same box. */
    default List<Segment> creases(Size size) {
        return List.of();
    }

    /** Square inches within its outline. */
    default double area(Size size) {
        return outline(size).area();
    }

    /**
     * What it looks like with a border all round it, in a box larger by the border on each side.
     *
     * @param size the box it fills without the border
     * @param border how wide the border is
     */
    Look grown(Size size, Length border);
}

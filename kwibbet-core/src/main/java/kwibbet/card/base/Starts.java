package kwibbet.card.base;

import kwibbet.card.Base;
import kwibbet.card.Design;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.measure.Figure;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** Settings to start a card from. */
public final class Starts {

    private Starts() {}

    /**
     * The settings of a base for a shut card of that size, whatever else it needs grown or shrunk with it from its preset, which is meant for the size it is usually made at. What no mark of a tool
     * stands for, as where a size is divided by a root, is at the nearest one that is: the card is then nearly of that size.
     *
     * @param base the base
     * @param finished the shut card
     * @param system decides what grown lengths are rounded to
     */
    public static Settings sized(Base base, Size finished, MeasureSystem system) {
        Settings entered = base.start(system);
        for (Parameter parameter : base.parameters()) {
            if (parameter instanceof Parameter.OfLength length && length.follows() != Parameter.Follows.NOTHING) {
                entered = entered.with(length, length.preset());
            }
        }
        Settings preset = entered;
        Settings usual =
                base.usual(system).map(size -> base.sized(preset, size)).orElse(preset);
        return marked(
                base,
                Design.of("start", system, base, usual, PaperId.NONE)
                        .resized(finished)
                        .settled()
                        .settings(),
                system);
    }

    /** The most marks what was rounded down is made larger by. */
    private static final int MOST_MARKS = 8;

    /** The same for a shut card that is no smaller than a size: where rounding would make it so, it is a mark or two larger. */
    public static Settings holding(Base base, Size least, MeasureSystem system) {
        Length mark = Graduation.usual(system).step();
        Size asked = least;
        for (int more = 0; more < MOST_MARKS; more++) {
            Size made = base.finished(sized(base, asked, system));
            boolean isNarrow = made.width().isShorterThan(least.width());
            boolean isLow = made.height().isShorterThan(least.height());
            if (!isNarrow && !isLow) {
                break;
            }
            asked = new Size(
                    isNarrow ? asked.width().plus(mark) : asked.width(),
                    isLow ? asked.height().plus(mark) : asked.height());
        }
        return sized(base, asked, system);
    }

    private static Settings marked(Base base, Settings settings, MeasureSystem system) {
        Graduation marks = Graduation.usual(system);
        Settings marked = settings;
        for (Parameter parameter : base.parameters()) {
            if (parameter instanceof Parameter.OfLength length && !isSaid(settings.length(length))) {
                marked = marked.with(
                        length, settings.length(length).roundedTo(marks).shown());
            }
        }
        return marked;
    }

    private static boolean isSaid(Length length) {
        return Figure.inInches(length).isExact() || Figure.inMillimetres(length).isExact();
    }
}

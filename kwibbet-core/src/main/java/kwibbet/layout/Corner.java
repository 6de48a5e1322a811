package kwibbet.layout;

import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/** Cuts one part from the left top corner of a section so that the larger leftover stays in one piece. */
final class Corner {

    private Corner() {}

    /** The part in its corner, nothing in the rest; width and height of the section in ticks, at least the part's. */
    static Section of(Wanted wanted, boolean turned, long width, long height) {
        return of(wanted, turned, width, height, (restWidth, restHeight) -> Section.LEFTOVER);
    }

    /** What goes into a rest of that size, in ticks. */
    interface Filler {
        Section fill(long width, long height);
    }

    /** The part in its corner, the rests filled, the larger one first. */
    static Section of(Wanted wanted, boolean turned, long width, long height, Filler filler) {
        Size room = wanted.room(turned);
        long restWidth = width - room.width().toTicks();
        long restHeight = height - room.height().toTicks();
        boolean acrossFirst = restHeight * (double) width >= restWidth * (double) height;
        Section part = new Section.Part(wanted.piece().id(), turned);
        if (acrossFirst) {
            Section below = restHeight > 0 ? filler.fill(width, restHeight) : Section.LEFTOVER;
            Section beside =
                    restWidth > 0 ? filler.fill(restWidth, room.height().toTicks()) : Section.LEFTOVER;
            return cut(
                    Axis.HORIZONTAL,
                    room.height(),
                    restHeight,
                    cut(Axis.VERTICAL, room.width(), restWidth, part, beside),
                    below);
        }
        Section beside = filler.fill(restWidth, height);
        Section below = restHeight > 0 ? filler.fill(room.width().toTicks(), restHeight) : Section.LEFTOVER;
        return cut(
                Axis.VERTICAL,
                room.width(),
                restWidth,
                cut(Axis.HORIZONTAL, room.height(), restHeight, part, below),
                beside);
    }

    private static Section cut(Axis axis, Length at, long rest, Section first, Section second) {
        return rest == 0 ? first : Section.split(axis, at, first, second);
    }
}

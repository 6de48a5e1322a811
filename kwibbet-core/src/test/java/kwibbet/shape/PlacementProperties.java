package kwibbet.shape;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

import kwibbet.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;

class PlacementProperties {

    private static Point point(int x, int y) {
        return new Point(Length.ofTicks(x * 1_905L), Length.ofTicks(y * 48L));
    }

    @Property
    void thereAndBackIsWhereOneStarted(
            @ForAll @IntRange(min = -500, max = 500) int x,
            @ForAll @IntRange(min = -500, max = 500) int y,
            @ForAll @IntRange(max = 7) int eighths,
            @ForAll boolean mirrored) {
        Placement placement = new Placement(point(y, x), eighths * 45, mirrored);
        Point back = placement.inverse().apply(placement.apply(point(x, y)));
        // Quarter turns are exact; an eighth comes to the nearest tick, there and back.
        long near = eighths % 2 == 0 ? 0 : 4;
        assertThat(Math.abs(back.x().minus(point(x, y).x()).toTicks())).isLessThanOrEqualTo(near);
        assertThat(Math.abs(back.y().minus(point(x, y).y()).toTicks())).isLessThanOrEqualTo(near);
    }

    @Property
    void oneFrameWithinAnotherIsBothInTurn(
            @ForAll @IntRange(min = -500, max = 500) int x,
            @ForAll @IntRange(min = -500, max = 500) int y,
            @ForAll @IntRange(max = 3) int innerQuarters,
            @ForAll @IntRange(max = 3) int outerQuarters,
            @ForAll boolean innerMirrored,
            @ForAll boolean outerMirrored) {
        Placement inner = new Placement(point(3, y), innerQuarters * 90, innerMirrored);
        Placement outer = new Placement(point(x, 7), outerQuarters * 90, outerMirrored);
        assertThat(inner.within(outer).apply(point(x, y))).isEqualTo(outer.apply(inner.apply(point(x, y))));
    }
}

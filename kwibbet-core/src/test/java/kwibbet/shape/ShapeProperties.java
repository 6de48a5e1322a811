package kwibbet.shape;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class ShapeProperties {

    @Provide
    Arbitrary<Rect> rects() {
        Arbitrary<Length> places = Arbitraries.longs().between(-50, 50).map(Length::ofTicks);
        Arbitrary<Length> extents = Arbitraries.longs().between(1, 60).map(Length::ofTicks);
        return Combinators.combine(places, places, extents, extents).as(Rect::of);
    }

    @Property
    void overlapIsMutualAndExcludesTouching(@ForAll("rects") Rect one, @ForAll("rects") Rect other) {
        assertThat(one.overlaps(other)).isEqualTo(other.overlaps(one));
        Rect beside =
                Rect.of(one.right(), one.top(), one.size().width(), one.size().height());
        assertThat(one.overlaps(beside)).isFalse();
        assertThat(one.overlaps(one)).isTrue();
    }

    @Property
    void containingBothWaysIsBeingEqual(@ForAll("rects") Rect one, @ForAll("rects") Rect other) {
        assertThat(one.contains(other) && other.contains(one)).isEqualTo(one.equals(other));
        if (one.contains(other)) {
            assertThat(one.overlaps(other)).isTrue();
        }
    }

    @Property
    void whatIsCentredLeavesTheSameOnBothSidesToATick(@ForAll("rects") Rect outer, @ForAll("rects") Rect inner) {
        Rect centred = outer.centred(inner.size());
        long left = centred.left().minus(outer.left()).toTicks();
        long right = outer.right().minus(centred.right()).toTicks();
        assertThat(right - left).isBetween(0L, 1L);
        assertThat(outer.contains(centred)).isEqualTo(inner.size().fitsIn(outer.size()));
    }

    @Property
    void movingThereAndBackIsTheSamePlace(@ForAll("rects") Rect rect, @ForAll("rects") Rect by) {
        Rect moved = rect.plus(by.left(), by.top())
                .plus(by.left().negated(), by.top().negated());
        assertThat(moved).isEqualTo(rect);
        assertThat(rect.size().turned().turned()).isEqualTo(rect.size());
    }

    @Test
    void nothingHasNoSize() {
        assertThatThrownBy(() -> new Size(Length.ZERO, Length.ofInches(1)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("more than 0");
        for (Edge edge : Edge.values()) {
            assertThat(edge.opposite().opposite()).isEqualTo(edge);
            assertThat(edge.opposite().axis()).isEqualTo(edge.axis());
        }
    }

    /** A corner cut off by nothing is one corner, and what is left of a piece by less than half a tick is nothing. */
    @Test
    void anOutlineHasNoEdgeOfNoLength() {
        Length inch = Length.ofInches(1);
        Point corner = new Point(inch, Length.ZERO);
        Outline outline = Outline.of(Point.ORIGIN, corner, corner, new Point(inch, inch), Point.ORIGIN);
        assertThat(outline.edges()).hasSize(3);
        assertThatThrownBy(() -> Outline.of(corner, corner, Point.ORIGIN)).isInstanceOf(IllegalArgumentException.class);
        Point tick = new Point(Length.ofInches(24), Length.ofTicks(1));
        Region wedge = Region.of(Outline.of(Point.ORIGIN, new Point(tick.x(), Length.ZERO), tick));
        Region lower = Region.of(Outline.of(
                Point.ORIGIN, new Point(tick.x().multipliedBy(4), Length.ofTicks(2)), new Point(tick.x(), inch)));
        assertThat(Overlay.without(wedge, lower))
                .allSatisfy(left -> assertThat(left.outline().corners()).hasSizeGreaterThanOrEqualTo(3));
    }
}

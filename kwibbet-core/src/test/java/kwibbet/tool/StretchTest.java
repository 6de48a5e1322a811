package kwibbet.tool;

import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.tool.Sides.Pattern;

import static kwibbet.Inches.in;
import static org.assertj.core.api.Assertions.assertThat;

/** Common practice, no source: in two passes, the plate's edge short of what must not be cut, the pattern laid into its own cut. */
class StretchTest {

    private static final Sides QUARTERS = new Sides(Pattern.SCALLOPED, in("1/4"));

    @Test
    void aDieIsStretchedByWholeRepeats() {
        assertThat(Stretch.passes(in("2"), in("3 1/2"), QUARTERS))
                .contains(List.of(
                        new DiePass(Length.ZERO, Optional.empty(), Optional.of(in("1 3/4"))),
                        new DiePass(in("1 1/2"), Optional.of(in("1 3/4")), Optional.empty())));
        assertThat(Stretch.passes(in("2"), in("3 3/8"), QUARTERS)).isEmpty();
        assertThat(Stretch.nearest(in("2"), in("3 3/8"), QUARTERS)).containsExactly(in("3 1/4"), in("3 1/2"));
        assertThat(Stretch.passes(in("2"), in("3 3/8"), Sides.STRAIGHT)).isPresent();
    }

    @Test
    void aDieIsShortenedByCuttingEachEndOnItsOwn() {
        List<DiePass> passes = Stretch.passes(in("4"), in("2 1/2"), QUARTERS).orElseThrow();
        assertThat(passes).hasSize(2);
        assertThat(passes.get(0).to()).contains(in("2 1/4"));
        assertThat(passes.get(1).shift()).isEqualTo(in("1 1/2").negated());
        assertThat(passes.get(1).from()).contains(in("1/4"));
        assertThat(Stretch.passes(in("4"), in("1/4"), QUARTERS)).isEmpty();
    }

    @Test
    void aDieAsLongAsTheShapeNeedsOnePass() {
        assertThat(Stretch.passes(in("2"), in("2"), QUARTERS)).contains(List.of(DiePass.WHOLE));
    }

    /**
     * Looked at from the cuts alone, in sixteenths: both ends are cut, every place of the sides between them is cut, nothing beyond is, and
     * where two passes cut the same place their patterns are in step.
     */
    @Property(tries = 300)
    void thePassesCutJustTheShape(
            @ForAll @IntRange(min = 12, max = 96) int die,
            @ForAll @IntRange(min = 8, max = 300) int wanted,
            @ForAll @IntRange(min = 1, max = 8) int pitch) {
        Length sixteenth = in("1/16");
        Sides sides = new Sides(Pattern.STITCHED, sixteenth.multipliedBy(pitch));
        Stretch.passes(sixteenth.multipliedBy(die), sixteenth.multipliedBy(wanted), sides)
                .ifPresent(passes -> {
                    TreeSet<Long> sideCuts = new TreeSet<>();
                    TreeSet<Long> ends = new TreeSet<>();
                    for (DiePass pass : passes) {
                        long shift = pass.shift().toTicks() / sixteenth.toTicks();
                        assertThat(shift % pitch).isZero();
                        for (long at = shift; at <= shift + die; at++) {
                            Length place = sixteenth.multipliedBy(at);
                            boolean pressed = pass.from()
                                            .filter(place::isShorterThan)
                                            .isEmpty()
                                    && pass.to().filter(place::isLongerThan).isEmpty();
                            if (pressed) {
                                sideCuts.add(at);
                                if (at == shift || at == shift + die) {
                                    ends.add(at);
                                }
                            }
                        }
                    }
                    assertThat(ends).containsExactly(0L, (long) wanted);
                    assertThat(sideCuts).hasSize(wanted + 1);
                    assertThat(sideCuts.first()).isZero();
                    assertThat(sideCuts.last()).isEqualTo(wanted);
                });
    }
}

package kwibbet.tool;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;
import kwibbet.shape.CutShape;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

import static kwibbet.Inches.in;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

class DieTest {

    private static Die die(String name, Size size, Length metal, String set, int onHand) {
        CutShape shape = new CutShape(CutShape.Kind.OVAL, size);
        return new Die(new DieId("first"), name, shape, metal, Die.Detail.PLAIN, Sides.STRAIGHT, set, onHand);
    }

    private static Die round(String across) {
        return die("Round", size(across, across), in("1/16"), "Rounds", 1);
    }

    @ParameterizedTest
    @CsvSource({
        "'', 1, 1, 1/16, 1, name",
        "a name that goes on and on until nobody would want to read it on a label, 1, 1, 1/16, 1, name",
        "wide, 25, 1, 1/16, 1, width",
        "high, 1, 24 1/64, 1/16, 1, height",
        "bare, 1, 1, 1 1/64, 1, metal",
        "none, 1, 1, 1/16, 0, onHand",
        "many, 1, 1, 1/16, 100, onHand"
    })
    void whatCannotBeIsSaidAtItsField(
            String name, String width, String height, String metal, int onHand, String field) {
        assertThat(die(name, size(width, height), in(metal), "", onHand)
                        .checked()
                        .reasons())
                .extracting(Refusal::field)
                .containsExactly(field);
    }

    @Test
    void everythingThatIsWrongIsSaidAtOnce() {
        Die wrong = die("", size("30", "30"), in("1/16").negated(), "x".repeat(61), 0);
        assertThat(wrong.checked().reasons())
                .extracting(Refusal::field)
                .containsExactly("name", "width", "height", "metal", "set", "onHand");
        assertThat(round("24").checked().reasons()).isEmpty();
    }

    /** Named after their sizes, each with an id of its own, the largest no wider than was asked. */
    @Test
    void aNestedSetGrowsByItsStep() {
        AtomicInteger ids = new AtomicInteger();
        List<Die> set = die("Ring", size("1", "1 1/2"), in("1/16"), "Rings", 2)
                .nested(in("3/8"), in("2"), () -> new DieId("more " + ids.incrementAndGet()));
        assertThat(set)
                .extracting(Die::name)
                .containsExactly("Ring 1 × 1 1/2", "Ring 1 3/8 × 1 7/8", "Ring 1 3/4 × 2 1/4");
        assertThat(set).extracting(Die::id).doesNotHaveDuplicates().contains(new DieId("first"));
        assertThat(set).allSatisfy(die -> {
            assertThat(die.set()).isEqualTo("Rings");
            assertThat(die.onHand()).isEqualTo(2);
        });
        assertThat(round("3").nested(in("1/4"), in("2"), () -> new DieId("none")))
                .isEmpty();
        assertThat(round("1/8").nested(in("1/64"), in("24"), () -> new DieId("n" + ids.incrementAndGet())))
                .hasSize(99);
    }

    /** Two of a set can be taped into each other where the step leaves room for the metal on both sides: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"1/4, true", "1/8, true", "1/16, false"})
    void theMetalOfANestedDieLiesWithinTheNextCut(String step, boolean fits) {
        Die inner = round("1");
        CutShape outer = inner.shape().grown(Length.ofTicks(in(step).toTicks() / 2));
        Point middle = new Point(
                Length.ofTicks(
                        outer.size().width().minus(inner.rim().size().width()).toTicks() / 2),
                Length.ofTicks(
                        outer.size().height().minus(inner.rim().size().height()).toTicks() / 2));
        assertThat(Overlay.contains(
                        Region.of(outer.outline()), inner.rim().outline().plus(middle.x(), middle.y())))
                .isEqualTo(fits);
    }

    @Test
    void sizesAreSaidInTheUnitThatCanSayThem() {
        Size millimetres = new Size(Length.ofMillimetres(40), Length.ofMillimetres(40));
        Die metric = die("Coin", millimetres, Length.ofMillimetres(1), "", 1);
        assertThat(metric.system()).isEqualTo(MeasureSystem.METRIC);
        assertThat(round("1 1/64").system()).isEqualTo(MeasureSystem.INCH);
        assertThat(metric.nested(Length.ofMillimetres(5), Length.ofMillimetres(45), () -> new DieId("next")))
                .extracting(Die::name)
                .containsExactly("Coin 40", "Coin 45");
        Die copy = metric.copied(new DieId("copy"));
        assertThat(copy.name()).isNotEqualTo("Coin").contains("Coin");
        assertThat(copy.shape()).isEqualTo(metric.shape());
    }
}

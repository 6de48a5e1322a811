package kwibbet.mail;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.card.Card;
import kwibbet.card.base.SquareEnvelope;
import kwibbet.fold.CardFolding;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.base;
import static kwibbet.Inches.in;
import static kwibbet.Inches.make;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class MailTest {

    private static Envelope iso(String name) {
        return Envelope.ISO_269.stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Enclosure millimetres(int width, int height) {
        return new Enclosure(new Size(Length.ofMillimetres(width), Length.ofMillimetres(height)), Length.ZERO);
    }

    /** ISO 269 against the sheets of ISO 216: a C envelope lies between the A sheet it takes and the B sheet, by the geometric mean; DL takes A4 folded in three. */
    @ParameterizedTest
    @CsvSource({"C6, 105, 148, 125, 176", "C5, 148, 210, 176, 250", "C4, 210, 297, 250, 353", "C3, 297, 420, 353, 500"})
    void seriesCLiesBetweenAAndB(String name, int width, int height, int wider, int higher) {
        Size size = iso(name).size();
        assertThat(size.height().toMillimetres()).isCloseTo(Math.sqrt(width * wider), within(1.0));
        assertThat(size.width().toMillimetres()).isCloseTo(Math.sqrt(height * higher), within(1.0));
        assertThat(millimetres(width, height).fits(iso(name))).isTrue();
        assertThat(millimetres(wider, higher).fits(iso(name))).isFalse();
        assertThat(millimetres(99, 210).fits(iso("DL"))).isTrue();
    }

    /** A folded card of 5 × 7 goes into 5 1/4 × 7 1/4 as long as it is no thicker than an eighth; upright or across is the same. Worked by hand. */
    @Test
    void whatIsThickNeedsMore() {
        Envelope usual = Envelope.IN_INCHES.get(2);
        assertThat(new Enclosure(new Size(in("5"), in("7")), in("1/8")).fits(usual))
                .isTrue();
        assertThat(new Enclosure(new Size(in("7"), in("5")), in("1/8")).fits(usual))
                .isTrue();
        assertThat(new Enclosure(new Size(in("5"), in("7")), in("9/64")).fits(usual))
                .isFalse();
        assertThat(new Enclosure(new Size(in("5"), in("7")), in("1/8")).envelopes(Envelope.IN_INCHES))
                .extracting(Envelope::name)
                .containsExactly("5 1/4 × 7 1/4", "5 1/2 × 8 1/8");
    }

    /** The folds lie a side of the envelope apart, its corners lie on the paper, and the flaps overlap: the square on its corner, looked at in its own plane. */
    @ParameterizedTest
    @CsvSource({"5, 7, 1/16", "5, 5, 1/8", "4, 9, 0", "6 1/2, 6 3/4, 1/4"})
    void theSquareHoldsTheEnvelope(String width, String height, String thick) {
        Enclosure enclosure = new Enclosure(new Size(in(width), in(height)), in(thick));
        SquareEnvelope.Sheet fold = enclosure.square(MeasureSystem.INCH);
        double diagonal = fold.side().toInches() * Math.sqrt(2);
        double across = fold.envelope().width().toInches();
        double down = fold.envelope().height().toInches();
        assertThat(fold.envelope().width())
                .isGreaterThanOrEqualTo(enclosure.needs().width());
        assertThat(fold.envelope().height())
                .isGreaterThanOrEqualTo(enclosure.needs().height());
        for (Length mark : List.of(fold.side(), fold.sides(), fold.flaps())) {
            assertThat(mark.roundedTo(Graduation.SIXTEENTHS).isExact()).isTrue();
        }
        // A fold between two marks m from a corner lies m / √2 from that corner.
        assertThat(diagonal - 2 * fold.sides().toInches() / Math.sqrt(2)).isCloseTo(across, within(1e-3));
        assertThat(diagonal - 2 * fold.flaps().toInches() / Math.sqrt(2)).isCloseTo(down, within(1e-3));
        // Its corners lie on the paper: between the marks on an edge nothing is shared.
        assertThat(fold.sides().plus(fold.flaps())).isGreaterThanOrEqualTo(fold.side());
        assertThat(fold.overlap().toInches())
                .isCloseTo(diagonal - 2 * down, within(1e-3))
                .isGreaterThanOrEqualTo(0.75 - 1e-3);
        assertThat((diagonal - across) / 2).isGreaterThanOrEqualTo(0.5 - 1e-9);
        // An eighth less would not do.
        double less = (fold.side().toInches() - 0.125) * Math.sqrt(2);
        assertThat(less < across + down || less < 2 * down + 0.75 || less < across + 1)
                .isTrue();
    }

    /** The cheapest rate that takes it, with what is added. */
    @Test
    void postageIsTheCheapestThatTakesIt() {
        Postage table = new Postage(
                List.of(
                        new Postage.Rate("large", in("12"), in("1"), 500, 300),
                        new Postage.Rate("small", in("8"), in("1/4"), 20, 100)),
                10,
                20,
                40);
        Size plain = new Size(in("7"), in("5"));
        assertThat(table.of(new Postage.Item(plain, in("1/4"), 20, false, false))
                        .map(Postage.Charge::cents))
                .contains(100);
        assertThat(table.of(new Postage.Item(plain, in("1/4"), 20.1, false, false))
                        .map(Postage.Charge::cents))
                .contains(300);
        assertThat(table.of(new Postage.Item(plain, in("9/32"), 5, false, false))
                        .map(Postage.Charge::cents))
                .contains(300);
        assertThat(table.of(new Postage.Item(new Size(in("9"), in("5")), in("1/8"), 5, true, true))
                        .map(Postage.Charge::cents))
                .contains(360);
        assertThat(table.of(new Postage.Item(new Size(in("6"), in("6")), in("1/8"), 5, false, false))
                        .map(Postage.Charge::cents))
                .contains(110);
        assertThat(table.of(new Postage.Item(new Size(in("13"), in("5")), in("1/8"), 5, false, false)))
                .isEmpty();
    }

    /** 10 × 7 inches of card stock, 0.04516 m²; and what lies in two plies is twice as thick. Worked by hand. */
    @Test
    void aFoldedCardIsWeighedAndMeasured() {
        Card card = make(base("folded", "5", "7")).orThrow();
        Mailing mailing = Mailing.of(card, CardFolding.of(card), MATERIALS.shelf(), MailRoom.USUAL)
                .orElseThrow();
        int grammage = MATERIALS.shelf().find(card.base().paper()).orElseThrow().gramsPerSquareMetre();
        assertThat(mailing.grams()).isCloseTo(0.0451612 * grammage, within(1e-6));
        Length caliper = card.materials().caliper(card.base().paper());
        assertThat(mailing.enclosure()).isEqualTo(new Enclosure(new Size(in("5"), in("7")), caliper.multipliedBy(2)));
        assertThat(mailing.isLumpy()).isFalse();
        assertThat(mailing.envelopes().get(0).name()).isEqualTo("5 1/4 × 7 1/4");
        assertThat(mailing.postage(Postage.INVENTED)).isPresent();
        assertThat(mailing.postage(new Postage(List.of(), 0, 0, 0))).isEqualTo(Optional.empty());
    }
}

package kwibbet.mail;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * What sending costs, in hundredths: the cheapest rate that takes it, and what is added for what a machine does not like.
 *
 * @param rates the rates
 * @param square added for what is nearly square
 * @param stiff added for what does not bend
 * @param lumpy added for what is thicker in one place than in others
 */
public record Postage(List<Rate> rates, int square, int stiff, int lumpy) {

    /** An invented table, a stand-in for that of whoever carries the mail. */
    public static final Postage INVENTED = new Postage(
            List.of(
                    new Rate("small letter", Length.ofMillimetres(240), Length.ofMillimetres(5), 30, 90),
                    new Rate("letter", Length.ofMillimetres(360), Length.ofMillimetres(10), 100, 140),
                    new Rate("packet", Length.ofMillimetres(460), Length.ofMillimetres(30), 500, 320)),
            25,
            30,
            40);

    private static final double NEARLY_SQUARE = 1.2;

    /** Copies the rates. */
    public Postage {
        rates = List.copyOf(rates);
    }

    /**
     * A price for what is not longer, thicker and heavier than that.
     *
     * @param name what it is called
     * @param longest the longer side at most
     * @param thickest how thick at most
     * @param grams how heavy at most
     * @param cents what it costs
     */
    public record Rate(String name, Length longest, Length thickest, int grams, int cents) {}

    /**
     * What is sent.
     *
     * @param envelope the size of the envelope
     * @param thick how thick it is
     * @param grams what it weighs, envelope and all
     * @param isStiff whether it does not bend
     * @param isLumpy whether it is thicker in one place than in others
     */
    public record Item(Size envelope, Length thick, double grams, boolean isStiff, boolean isLumpy) {

        /** Whether it is nearly square, so that a machine cannot tell its sides apart. */
        public boolean isSquare() {
            double across = envelope.width().ratioTo(envelope.height());
            return Math.max(across, 1 / across) < NEARLY_SQUARE;
        }
    }

    /**
     * What it costs.
     *
     * @param rate the rate that takes it
     * @param cents with all that is added
     */
    public record Charge(Rate rate, int cents) {}

    /** What an item costs; nothing where no rate takes it. */
    public Optional<Charge> of(Item item) {
        Length longest = Length.max(item.envelope().width(), item.envelope().height());
        int added = (item.isSquare() ? square : 0) + (item.isStiff() ? stiff : 0) + (item.isLumpy() ? lumpy : 0);
        return rates.stream()
                .filter(rate -> !longest.isLongerThan(rate.longest())
                        && !item.thick().isLongerThan(rate.thickest())
                        && item.grams() <= rate.grams())
                .min(Comparator.comparingInt(Rate::cents))
                .map(rate -> new Charge(rate, rate.cents() + added));
    }
}

package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import kwibbet.formats.json.Reading;
import kwibbet.mail.Enclosure;
import kwibbet.mail.Envelope;
import kwibbet.mail.Postage;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/**
 * A request for what a card is mailed in, as {@code docs/formats.md} describes it.
 *
 * @param system what tools are marked in
 * @param sent what is sent
 * @param envelopes the envelopes to choose from
 * @param postage what sending costs
 */
public record MailRequest(MeasureSystem system, Sent sent, List<Envelope> envelopes, Postage postage) {

    /**
     * What is sent.
     *
     * @param enclosure the shut card
     * @param grams what it weighs
     * @param isStiff whether it does not bend
     * @param isLumpy whether it is thicker in one place than in others
     */
    public record Sent(Enclosure enclosure, double grams, boolean isStiff, boolean isLumpy) {}

    private static final int LARGEST = 1_000_000;
    private static final int MOST = 500;
    private static final int MOST_GRAMS = 100_000;
    private static final int MOST_CENTS = 100_000_000;
    private static final Length LONGEST = Length.ofInches(100);

    /** Copies the envelopes. */
    public MailRequest {
        envelopes = List.copyOf(envelopes);
    }

    /** Reads a request, or says what is wrong with it and where. */
    public static Outcome<MailRequest> read(String text) {
        return Reading.of(text, LARGEST, document -> {
            MeasureSystem system = document.at("unit").system();
            Enclosure enclosure = new Enclosure(
                    size(document, system),
                    document.at("thickness").notNegative(system, LONGEST).orElse(Length.ZERO));
            return new MailRequest(
                    system,
                    new Sent(
                            enclosure,
                            document.at("grams").number(0, MOST_GRAMS),
                            document.at("stiff").flag(),
                            document.at("lumpy").flag()),
                    envelopes(document.at("envelopes"), system),
                    postage(document.at("postage"), system));
        });
    }

    private static Size size(Reading at, MeasureSystem system) {
        return new Size(
                at.at("width").positive(system, LONGEST), at.at("height").positive(system, LONGEST));
    }

    private static List<Envelope> envelopes(Reading at, MeasureSystem system) {
        return at.isMissing()
                ? Stream.concat(Envelope.ISO_269.stream(), Envelope.IN_INCHES.stream())
                        .toList()
                : listed(at, system);
    }

    static List<Envelope> listed(Reading at, MeasureSystem system) {
        List<Envelope> envelopes = new ArrayList<>();
        at.elements(MOST)
                .forEach(each -> envelopes.add(new Envelope(each.at("name").text(), size(each, system))));
        return envelopes;
    }

    static Postage postage(Reading at, MeasureSystem system) {
        if (at.isMissing()) {
            return Postage.INVENTED;
        }
        List<Postage.Rate> rates = new ArrayList<>();
        at.at("rates")
                .elements(MOST)
                .forEach(rate -> rates.add(new Postage.Rate(
                        rate.at("name").text(),
                        rate.at("longest").positive(system, LONGEST),
                        rate.at("thickest").positive(system, LONGEST),
                        (int) rate.at("grams").whole(0, MOST_GRAMS),
                        cents(rate.at("cents")))));
        return new Postage(rates, cents(at.at("square")), cents(at.at("stiff")), cents(at.at("lumpy")));
    }

    private static int cents(Reading at) {
        return at.isMissing() ? 0 : (int) at.whole(0, MOST_CENTS);
    }
}

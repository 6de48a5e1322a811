package kwibbet.formats.document;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

import kwibbet.formats.json.Reading;
import kwibbet.kit.Purchase;
import kwibbet.outcome.Outcome;

/**
 * A request for what has to be bought, as {@code docs/formats.md} describes it.
 *
 * @param lines what is needed, in order
 */
public record SuppliesRequest(List<Line> lines) {

    private static final int LARGEST = 4_000_000;
    private static final int MOST_LINES = 10_000;
    private static final double MOST = 1_000_000_000;
    /** A pack holds that much at least, so that no more than can be counted are bought. */
    private static final double LEAST = 0.001;

    private static final int MOST_CENTS = 100_000_000;

    /** Copies the lines. */
    public SuppliesRequest {
        lines = List.copyOf(lines);
    }

    /**
     * Something that is needed.
     *
     * @param name what it is called
     * @param purchase how much of it
     */
    public record Line(String name, Purchase purchase) {}

    /** Reads a request, or says what is wrong with it and where. */
    public static Outcome<SuppliesRequest> read(String text) {
        return Reading.of(text, LARGEST, document -> {
            List<Line> lines = new ArrayList<>();
            for (Reading line : document.at("lines").elements(MOST_LINES)) {
                lines.add(new Line(
                        line.at("name").text(),
                        new Purchase(
                                amount(line.at("need"), 0),
                                otherwise(line.at("onHand"), BigDecimal.ZERO),
                                otherwise(line.at("reserved"), BigDecimal.ZERO),
                                line.at("pack").isMissing() ? BigDecimal.ONE : amount(line.at("pack"), LEAST),
                                line.at("cents").isMissing()
                                        ? 0
                                        : line.at("cents").whole(0, MOST_CENTS))));
            }
            return new SuppliesRequest(lines);
        });
    }

    private static BigDecimal otherwise(Reading at, BigDecimal otherwise) {
        return at.isMissing() ? otherwise : amount(at, 0);
    }

    /** As it is written, without what a double makes of it. */
    private static BigDecimal amount(Reading at, double least) {
        at.number(least, MOST);
        return at.node().decimalValue();
    }
}

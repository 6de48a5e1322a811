package kwibbet.card;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

import static kwibbet.Inches.add;
import static kwibbet.Inches.card;
import static kwibbet.Inches.folded;
import static kwibbet.Inches.in;
import static kwibbet.Inches.on;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

class SupplyListTest {

    /** The inch is 25.4 mm by definition, so that a cubic inch is 16.387064 ml. */
    private static final double MILLILITRES = 16.387064;

    private static final Card TWO_SHAKERS = card(
            folded("5", "7"),
            add("shaker", "one", on("front-outside"), "shape", "oval", "width", "2", "height", "2"),
            add("shaker", "other", on("back-outside"), "shape", "oval", "width", "2", "height", "2"));

    /** What is used twice stands on one line, and all of it is counted. */
    @Test
    void everySupplyHasOneLineWithAllOfIt() {
        List<SupplyList> lines = SupplyList.of(TWO_SHAKERS);
        assertThat(lines).extracting(SupplyList::name).doesNotHaveDuplicates().hasSizeGreaterThan(1);
        Map<String, Double> used = TWO_SHAKERS.supplies().stream()
                .collect(Collectors.groupingBy(
                        Supply::name, Collectors.summingDouble(supply -> amount(supply.amount()))));
        assertThat(used).hasSameSizeAs(lines);
        for (SupplyList line : lines) {
            assertThat(amount(line.total()))
                    .as(line.name())
                    .isEqualTo(used.getOrDefault(line.name(), 0.0), offset(1e-6));
        }
    }

    private static double amount(Supply.Amount amount) {
        if (amount instanceof Supply.OfTape tape) {
            return tape.length().toInches();
        }
        return amount instanceof Supply.OfLength length
                ? length.length().toInches()
                : amount instanceof Supply.OfCount count ? count.count() : ((Supply.OfVolume) amount).cubicInches();
    }

    /** Nobody runs out of tape by the rounding, and nobody is told to cut an inch more than is needed. */
    @Test
    void lengthsAreRoundedUpToTheNextUnit() {
        for (Length used : List.of(in("1/64"), in("1"), in("7 63/64"), in("8"), Length.ofMillimetres(81))) {
            SupplyList line = new SupplyList("tape", new Supply.OfTape(new Tape.Flat(), used));
            Length inches = said(line, MeasureSystem.INCH);
            assertThat(inches).isGreaterThanOrEqualTo(used).isLessThan(used.plus(in("1")));
            Length centimetres = said(line, MeasureSystem.METRIC);
            assertThat(centimetres).isGreaterThanOrEqualTo(used).isLessThan(used.plus(Length.ofMillimetres(10)));
        }
    }

    private static Length said(SupplyList line, MeasureSystem system) {
        return Length.parse(line.words(system).text().replace("tape: ", ""), system);
    }

    @Test
    void fillerIsSaidInCubicInchesAndMillilitres() {
        SupplyList filler = new SupplyList("filler", new Supply.OfVolume(0.5));
        assertThat(filler.words(MeasureSystem.INCH).text()).isEqualTo("filler: 0.50 cu in");
        double millilitres =
                Double.parseDouble(filler.words(MeasureSystem.METRIC).text().replaceAll("[^0-9.]", ""));
        assertThat(millilitres).isEqualTo(0.5 * MILLILITRES, offset(0.05));
        SupplyList glue = new SupplyList("glue", new Supply.OfVolume(0.004));
        assertThat(glue.words(MeasureSystem.INCH).text()).isEqualTo("glue: less than 0.01 cu in");
        assertThat(glue.words(MeasureSystem.METRIC).text()).isEqualTo("glue: less than 0.1 ml");
        assertThat(new SupplyList("brads", new Supply.OfCount(4))
                        .words(MeasureSystem.METRIC)
                        .text())
                .isEqualTo("brads: 4");
    }
}

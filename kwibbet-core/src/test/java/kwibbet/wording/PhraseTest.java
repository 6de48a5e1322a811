package kwibbet.wording;

import org.junit.jupiter.api.Test;

import kwibbet.measure.MeasureSystem;

import static kwibbet.Inches.in;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;

class PhraseTest {

    @Test
    void saysLengthsInTheSystemOfTheDesign() {
        Phrase inches = Phrase.in(MeasureSystem.INCH)
                .words("Set ")
                .length(in("4 1/4"))
                .words(".")
                .end();
        Phrase metric = Phrase.in(MeasureSystem.METRIC)
                .words("Set ")
                .length(in("4 1/4"))
                .words(".")
                .end();
        assertThat(inches.text()).isEqualTo("Set 4 1/4 in.");
        assertThat(metric.text()).isEqualTo("Set 107.95 mm.");
        assertThat(Phrase.in(MeasureSystem.INCH).size(size("10", "7")).end().text())
                .isEqualTo("10 × 7 in");
    }

    @Test
    void keepsFiguresApartFromWordsSoThatTheyCanBeSetAsFractions() {
        Phrase phrase =
                Phrase.in(MeasureSystem.INCH).words("at ").bare(in("2 3/8")).end();
        assertThat(phrase.runs()).hasSize(2);
        assertThat(((Phrase.Measure) phrase.runs().get(1)).figure().numerator()).isEqualTo("3");
        assertThat(phrase.text()).isEqualTo("at 2 3/8");
    }
}

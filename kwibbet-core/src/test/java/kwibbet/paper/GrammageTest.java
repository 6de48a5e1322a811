package kwibbet.paper;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class GrammageTest {

    /** Pounds and what printers' tables give for them in g/m², from memory. */
    @ParameterizedTest
    @CsvSource({
        "65 lb cover, 176",
        "80 lb cover, 216",
        "100 lb cover, 270",
        "20 lb bond, 75",
        "24 lb bond, 90",
        "70 lb text, 104",
        "80LB. Text, 118",
        "90 lb index, 163",
        "110# index, 199",
        "67 lb bristol, 147",
        "125 lb tag, 203",
        "216, 216",
        " 300 g/m² , 300",
        "120gsm, 120"
    })
    void aWeightIsReadAsItIsSaid(String typed, int grams) {
        assertThat(Grammage.parse(typed)).contains(grams);
    }

    @Test
    void whatIsNoWeightIsNone() {
        assertThat(Grammage.parse("80 lb")).isEmpty();
        assertThat(Grammage.parse("80 lb velvet")).isEmpty();
        assertThat(Grammage.parse("heavy")).isEmpty();
    }
}

package kwibbet.paper;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.measure.Length;
import kwibbet.paper.SheetSizes.Family;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** Against the tables of ISO 216:2007, ISO 217:2013 and ISO 269:1985, in millimetres; the values are from memory. */
class SheetSizesTest {

    @ParameterizedTest
    @CsvSource({
        "A,0,841,1189",
        "A,1,594,841",
        "A,2,420,594",
        "A,3,297,420",
        "A,4,210,297",
        "A,5,148,210",
        "A,6,105,148",
        "A,7,74,105",
        "A,8,52,74",
        "A,9,37,52",
        "A,10,26,37",
        "B,0,1000,1414",
        "B,1,707,1000",
        "B,2,500,707",
        "B,3,353,500",
        "B,4,250,353",
        "B,5,176,250",
        "B,6,125,176",
        "B,7,88,125",
        "B,8,62,88",
        "B,9,44,62",
        "B,10,31,44",
        "RA,0,860,1220",
        "RA,1,610,860",
        "RA,2,430,610",
        "RA,3,305,430",
        "RA,4,215,305",
        "SRA,0,900,1280",
        "SRA,1,640,900",
        "SRA,2,450,640",
        "SRA,3,320,450",
        "SRA,4,225,320",
        "C,4,229,324",
        "C,5,162,229",
        "C,6,114,162"
    })
    void followsTheStandard(Family family, int halvings, long width, long height) {
        assertThat(SheetSizes.of(family, halvings))
                .isEqualTo(new Size(Length.ofMillimetres(width), Length.ofMillimetres(height)));
    }
}

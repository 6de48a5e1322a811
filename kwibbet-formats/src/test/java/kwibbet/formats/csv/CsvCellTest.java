package kwibbet.formats.csv;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** The signs are those that the Open Worldwide Application Security Project names under "CSV Injection" (from memory): {@code = + - @}, tab and carriage return. */
class CsvCellTest {

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "=1+1,'=1+1",
                "+49,'+49",
                "-3 mm,'-3 mm",
                "@sum,'@sum",
                "\"\tx\",\"'\tx\"",
                "'=1,''=1",
                "'quoted','quoted'",
                "Plain = fine,Plain = fine"
            })
    void noSheetProgramRunsIt(String text, String written) {
        assertThat(CsvCell.written(text)).isEqualTo(written);
        assertThat(CsvCell.read(written)).isEqualTo(text);
    }
}

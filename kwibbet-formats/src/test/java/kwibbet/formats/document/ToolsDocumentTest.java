package kwibbet.formats.document;

import org.junit.jupiter.api.Test;

import kwibbet.formats.json.Reading;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

import static org.assertj.core.api.Assertions.assertThat;

class ToolsDocumentTest {

    @Test
    void whatIsLeftOutOfATrimmerIsAsUsual() {
        Trimmer usual = Toolbox.GENERIC.trimmer();
        Trimmer read = Reading.of(
                        "{\"trimmer\":{\"longestCut\":\"17\"}}",
                        100,
                        document -> ToolsDocument.read(document, Toolbox.GENERIC, MeasureSystem.INCH))
                .orThrow()
                .trimmer();
        assertThat(read.longestCut()).isEqualTo(Length.ofInches(17));
        assertThat(read.reach().narrowest())
                .isEqualTo(usual.reach().narrowest())
                .isNotEqualTo(Length.ZERO);
        assertThat(read.graduation()).isEqualTo(usual.graduation());
        assertThat(read.stack()).isEqualTo(usual.stack());
        assertThat(read.slits()).isEqualTo(usual.slits());
    }
}

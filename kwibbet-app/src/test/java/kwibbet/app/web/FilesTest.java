package kwibbet.app.web;

import java.nio.charset.StandardCharsets;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockMultipartFile;

import static org.assertj.core.api.Assertions.assertThat;

/** Files out and in: a name that is no path, a text that is no larger than it may be. */
class FilesTest {

    @ParameterizedTest
    @CsvSource({
        "Night train,Night train.pdf",
        "../../etc/passwd,etcpasswd.pdf",
        "C:\\cards\\one,Ccardsone.pdf",
        "Løv & night,Løv  night.pdf",
        "???,card.pdf"
    })
    void noNameIsAPath(String title, String name) {
        assertThat(FileNames.of(title, ".pdf")).isEqualTo(name);
    }

    @Test
    void whatIsTooLargeOrNothingIsSaid() throws Exception {
        assertThat(Uploads.text(file("Ü".getBytes(StandardCharsets.UTF_8))).orThrow())
                .isEqualTo("Ü");
        assertThat(Uploads.text(file(new byte[0])).reasons().get(0).message()).contains("Choose a file");
        assertThat(Uploads.text(file(new byte[1_000_000])).reasons()).isEmpty();
        assertThat(Uploads.text(file(new byte[1_000_001])).reasons().get(0).message())
                .contains("up to 1 MB");
    }

    private static MockMultipartFile file(byte[] content) {
        return new MockMultipartFile("file", content);
    }
}

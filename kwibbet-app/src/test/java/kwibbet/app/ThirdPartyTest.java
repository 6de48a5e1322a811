package kwibbet.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What is packaged is told, each jar with its licence. */
class ThirdPartyTest {

    @Test
    void theListOfWhatIsPackagedIsNotStale() throws IOException {
        String told = Files.readString(Path.of("../THIRD-PARTY.md"));
        String packaged = Files.readString(Path.of("target/third-party/THIRD-PARTY.md"));
        assertThat(packaged).contains("tomcat-embed-core", "HikariCP", "logback-classic");
        assertThat(told).as("run scripts/third-party").isEqualTo(packaged);
    }
}

package kwibbet.app;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.mock.env.MockEnvironment;

import static org.assertj.core.api.Assertions.assertThat;

class StartCheckTest {

    @TempDir
    private Path folder;

    private MockEnvironment environment(Path data, int port) {
        return new MockEnvironment()
                .withProperty("kwibbet.data", data.toString())
                .withProperty("server.port", String.valueOf(port));
    }

    @Test
    void aFreePortAndAWritableFolderWillDo() {
        assertThat(StartCheck.obstacle(environment(folder.resolve("new/deep"), 0)))
                .isEmpty();
        assertThat(folder.resolve("new/deep")).isEmptyDirectory();
    }

    @Test
    void aBusyPortIsNamed() throws IOException {
        try (ServerSocket busy = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertThat(StartCheck.obstacle(environment(folder, busy.getLocalPort())))
                    .contains("port " + busy.getLocalPort() + " is busy. Choose another with --port N.");
        }
    }

    @Test
    void aFolderThatIsAFileIsNamed() throws IOException {
        Path file = Files.createFile(folder.resolve("file"));
        assertThat(StartCheck.obstacle(environment(file, 0)).orElseThrow())
                .contains(file.toString())
                .contains("--data DIR");
    }

    @Test
    void aPortThatIsNoneIsRefused() {
        assertThat(StartCheck.obstacle(environment(folder, 70_000)).orElseThrow())
                .contains("there is no port 70000");
    }
}

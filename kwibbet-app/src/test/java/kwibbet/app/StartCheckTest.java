package kwibbet.app;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.bootstrap.DefaultBootstrapContext;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.core.env.MapPropertySource;
import org.springframework.core.env.StandardEnvironment;
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
    void aFolderIsMadeAbsoluteBeforeTheDatabaseSeesIt() {
        StandardEnvironment environment = new StandardEnvironment();
        environment
                .getPropertySources()
                .addFirst(new MapPropertySource("flags", Map.of("kwibbet.data", "target/here", "server.port", "0")));
        new StartCheck()
                .onApplicationEvent(new ApplicationEnvironmentPreparedEvent(
                        new DefaultBootstrapContext(), new SpringApplication(), new String[0], environment));
        assertThat(environment.getProperty("kwibbet.data"))
                .isEqualTo(Path.of("target/here").toAbsolutePath().toString());
    }

    @Test
    void onlyTheDemoIsEverCleared() throws IOException {
        Path own = Files.createFile(folder.resolve("kwibbet.mv.db"));
        Path demo = Files.createFile(folder.resolve("kwibbet-demo.mv.db"));
        for (String profile : List.of("own", "demo")) {
            StandardEnvironment environment = new StandardEnvironment();
            environment.setActiveProfiles(profile);
            String database = profile.equals("demo") ? "kwibbet-demo" : "kwibbet";
            environment
                    .getPropertySources()
                    .addFirst(new MapPropertySource(
                            "flags",
                            Map.of(
                                    "kwibbet.data",
                                    folder.toString(),
                                    "kwibbet.database",
                                    database,
                                    "kwibbet.fresh",
                                    "yes",
                                    "server.port",
                                    "0")));
            new StartCheck()
                    .onApplicationEvent(new ApplicationEnvironmentPreparedEvent(
                            new DefaultBootstrapContext(), new SpringApplication(), new String[0], environment));
        }
        assertThat(own).exists();
        assertThat(demo).doesNotExist();
    }

    @Test
    void aDatabaseInUseIsNamed() throws IOException {
        Path file = Files.createFile(folder.resolve("kwibbet.mv.db"));
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            assertThat(channel.lock().isValid()).isTrue();
            assertThat(StartCheck.obstacle(environment(folder, 0)).orElseThrow())
                    .startsWith("another Kwibbet is using " + file);
        }
    }

    @Test
    void aPortThatIsNoneIsRefused() {
        assertThat(StartCheck.obstacle(environment(folder, 70_000)).orElseThrow())
                .contains("there is no port 70000");
    }
}

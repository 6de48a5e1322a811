package kwibbet.app;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** The scripts say in one line what stands in their way. */
class ScriptsTest {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    @TempDir
    private Path folder;

    private record Answer(int status, String words) {}

    private Answer demo(Map<String, String> environment, String... flags) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(ROOT.resolve("demo").toString()));
        command.addAll(List.of(flags));
        Path log = folder.resolve("log.txt");
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile());
        builder.environment().putAll(environment);
        int status = builder.start().waitFor();
        return new Answer(status, Files.readString(log, StandardCharsets.UTF_8).strip());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--port abc|“abc” is not a port: use a number from 1 to 65535.",
                "--port 0|There is no port 0: use a number from 1 to 65535.",
                "--port=70000|There is no port 70000: use a number from 1 to 65535.",
                "--port|--port wants a number.",
                "--data|--data wants a folder."
            })
    void aWrongFlagGetsOneLine(String flags, String line) throws Exception {
        Answer answer = demo(Map.of(), flags.split(" ", -1));
        assertThat(answer).isEqualTo(new Answer(1, line));
    }

    @Test
    void anUnknownFlagIsNamedBelowTheUsage() throws Exception {
        Answer answer = demo(Map.of(), "--colour");
        assertThat(answer.status()).isEqualTo(1);
        assertThat(answer.words()).startsWith("Usage: ./demo").endsWith("There is no flag --colour.");
    }

    @Test
    void aTooOldJdkIsNamed() throws Exception {
        Path bin = Files.createDirectories(folder.resolve("jdk/bin"));
        for (String tool : List.of("java", "javac")) {
            Path script = bin.resolve(tool);
            Files.writeString(script, "#!/bin/sh\necho '    java.specification.version = 1.8' >&2\n");
            assertThat(script.toFile().setExecutable(true)).isTrue();
        }
        Answer answer = demo(Map.of("JAVA_HOME", folder.resolve("jdk").toString()));
        assertThat(answer.status()).isEqualTo(1);
        assertThat(answer.words())
                .isEqualTo("Java 8 is too old: Kwibbet needs a JDK of version 17 or newer."
                        + " Install one, or point JAVA_HOME at it.");
    }
}

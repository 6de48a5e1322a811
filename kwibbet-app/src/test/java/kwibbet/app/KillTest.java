package kwibbet.app;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** Starts the application as a process of its own, without demo data, and ends it as a power cut would. */
class KillTest {

    private static final Duration START = Duration.ofMinutes(2);

    @TempDir
    private Path folder;

    private final HttpClient client =
            HttpClient.newBuilder().followRedirects(HttpClient.Redirect.NORMAL).build();
    private int port;

    @Test
    void whatWasConfirmedOutlivesAKill() throws Exception {
        Process first = start();
        assertThat(get("/")).contains("Nothing on the shelf yet");
        post("/inventory/starter-set", "");
        String card = post("/cards", "name=Kept&size=five-by-seven&paper=starter-white-square&fold=side");
        Matcher path = Pattern.compile("data-path=\"(/cards/[0-9a-f-]+)\"").matcher(card);
        assertThat(path.find()).isTrue();
        Matcher version = Pattern.compile("name=\"version\" value=\"(\\d+)\"").matcher(card);
        assertThat(version.find()).isTrue();
        String changed = post(path.group(1) + "/run", "station=card&version=" + version.group(1) + "&make=31&spares=2");
        assertThat(changed).contains("value=\"31\"");
        kill(first);

        Process second = start();
        assertThat(get("/")).contains("Kept", "make 31");
        assertThat(get(path.group(1))).contains("Undo: the count");
        assertThat(get("/inventory")).contains("White card stock, 12 × 12");
        kill(second);
    }

    private Process start() throws IOException, InterruptedException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        Process process = new ProcessBuilder(List.of(
                        java,
                        "-cp",
                        System.getProperty("java.class.path"),
                        KwibbetApplication.class.getName(),
                        "--server.port=" + port,
                        "--kwibbet.data=" + folder))
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("log.txt").toFile())
                .start();
        long deadline = System.nanoTime() + START.toNanos();
        while (!answers()) {
            assertThat(process.isAlive()).isTrue();
            assertThat(System.nanoTime()).isLessThan(deadline);
            Thread.sleep(200);
        }
        return process;
    }

    /** {@code destroyForcibly} is SIGKILL where there are signals: no hook runs, nothing is flushed. */
    private static void kill(Process process) throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    private boolean answers() throws InterruptedException {
        try {
            return client.send(request("/").build(), HttpResponse.BodyHandlers.ofString())
                            .statusCode()
                    == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
    }

    private String get(String path) throws IOException, InterruptedException {
        return client.send(request(path).build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }

    private String post(String path, String form) throws IOException, InterruptedException {
        HttpRequest request = request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(form))
                .build();
        HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return answer.body();
    }
}

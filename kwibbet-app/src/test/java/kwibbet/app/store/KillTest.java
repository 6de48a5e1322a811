package kwibbet.app.store;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import kwibbet.app.KwibbetApplication;

import static org.assertj.core.api.Assertions.assertThat;

/** Starts the application as a process of its own, without demo data, and ends it as a power cut would. */
class KillTest {

    private static final Duration START = Duration.ofMinutes(2);
    private static final int LINES = 1_500;

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
        String run = post("/runs/from/" + path.group(1).replace("/cards/", ""), "bench=make");
        Matcher bench =
                Pattern.compile("action=\"(/runs/[0-9a-f-]+/bench/make)/tick\"").matcher(run);
        assertThat(bench.find()).isTrue();
        Matcher step = Pattern.compile("name=\"step\" value=\"([^\"]+)\"").matcher(run);
        assertThat(step.find()).isTrue();
        String named = URLEncoder.encode(step.group(1), StandardCharsets.UTF_8);
        post(bench.group(1) + "/tick", "at=1&way=batch&step=" + named + "&times=20&key=a&on=false");
        kill(first);

        Process second = start();
        assertThat(get("/")).contains("Kept", "make 31");
        assertThat(get(path.group(1))).contains("Undo: the count");
        assertThat(get("/inventory")).contains("White card stock, 12 × 12");
        assertThat(get(bench.group(1) + "?at=1&way=batch")).contains("20 of 33 cards done");
        kill(second);
    }

    /** A list is laid in whole or not at all, wherever in the middle of it the process ends. */
    @Test
    @SuppressWarnings("FutureReturnValueIgnored") // nobody waits for an answer that is cut off
    void aListIsLaidInWholeOrNotAtAll() throws Exception {
        StringBuilder list = new StringBuilder("name,width,height\r\n");
        for (int i = 0; i < LINES; i++) {
            list.append("Paper ").append(i).append(",12,12\r\n");
        }
        String body = "--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.csv\"\r\n\r\n" + list
                + "\r\n--b--\r\n";
        for (int millis : new int[] {60, 250}) {
            Process process = start();
            client.sendAsync(
                    request("/inventory/papers/csv")
                            .header("Content-Type", "multipart/form-data; boundary=b")
                            .POST(HttpRequest.BodyPublishers.ofString(body))
                            .build(),
                    HttpResponse.BodyHandlers.discarding());
            Thread.sleep(millis);
            kill(process);
        }
        Process last = start();
        int laidIn = (int) get("/inventory/papers.csv").lines().count() - 1;
        kill(last);
        assertThat(laidIn).isIn(0, LINES);
    }

    @Test
    void dataThatCannotBeOpenedIsToldInOneLine() throws Exception {
        Files.write(
                folder.resolve("kwibbet.mv.db"), "no data of ours".repeat(900).getBytes(StandardCharsets.UTF_8));
        assertThat(refusal()).matches("Kwibbet cannot start: the data file in .* is damaged\\. .*");
        Files.delete(folder.resolve("kwibbet.mv.db"));
        kill(start());
        try (Connection data = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("kwibbet"), "kwibbet", "");
                Statement later = data.createStatement()) {
            later.executeUpdate(
                    "insert into \"flyway_schema_history\" select 99, '99', 'later', \"type\", 'V99__later.sql', \"checksum\", \"installed_by\", \"installed_on\","
                            + " \"execution_time\", \"success\" from \"flyway_schema_history\" where \"installed_rank\" = 1");
        }
        assertThat(refusal()).matches("Kwibbet cannot start: the data in .* is of a later release of Kwibbet\\. .*");
    }

    /** What a start that is refused says, which is one line. */
    private String refusal() throws IOException, InterruptedException {
        Process process = process();
        assertThat(process.waitFor(START.toSeconds(), TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isEqualTo(1);
        List<String> said = Files.readAllLines(folder.resolve("log.txt"));
        assertThat(said).hasSize(1);
        return said.get(0);
    }

    private Process start() throws IOException, InterruptedException {
        Process process = process();
        long deadline = System.nanoTime() + START.toNanos();
        while (!answers()) {
            assertThat(process.isAlive()).isTrue();
            assertThat(System.nanoTime()).isLessThan(deadline);
            Thread.sleep(200);
        }
        return process;
    }

    private Process process() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return new ProcessBuilder(List.of(
                        java,
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        KwibbetApplication.class.getName(),
                        "--server.port=" + port,
                        "--kwibbet.data=" + folder))
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("log.txt").toFile())
                .start();
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

package kwibbet.app;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import static org.assertj.core.api.Assertions.assertThat;

/** What is sent wrongly is answered as such, in full and in words, and takes nothing down; over a bare socket, since no client sends it. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:bad;DB_CLOSE_DELAY=-1", "kwibbet.data=target/bad"})
@ActiveProfiles("demo")
class BadRequestsTest {

    private static final String FORM = "application/x-www-form-urlencoded";
    private static final Pattern CARD = Pattern.compile("href=\"(/cards/[0-9a-f-]{36})\"");
    private static final Pattern VERSION = Pattern.compile("name=\"version\" value=\"(\\d+)\"");

    @LocalServerPort
    private int port;

    private String send(String line, String type, String body) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            OutputStream out = socket.getOutputStream();
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            String head = line + " HTTP/1.1\r\nHost: 127.0.0.1:" + port + "\r\nConnection: close\r\n"
                    + (type.isEmpty() ? "" : "Content-Type: " + type + "\r\nContent-Length: " + bytes.length + "\r\n")
                    + "\r\n";
            try {
                out.write(head.getBytes(StandardCharsets.UTF_8));
                out.write(bytes);
                out.flush();
            } catch (IOException refusedEarly) {
                // What is too large is refused before all of it is sent.
            }
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static int status(String answer) {
        return Integer.parseInt(answer.substring(9, 12));
    }

    private String file(String path, String content) throws IOException {
        return send(
                "POST " + path,
                "multipart/form-data; boundary=b",
                "--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a\"\r\n\r\n" + content
                        + "\r\n--b--\r\n");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POST /offcuts|paper=&width=3&height=3&count=1|422|Choose the paper",
                "POST /cards|name=A&size=a6&base=folded&paper=0123456789012345678901234567890123456789|422|Choose a paper",
                "POST /cards/none/findings/0|version=0|404|Nothing lies here",
                "POST /cards|name=%zz|400|Something was missing",
                "POST /inventory/papers|name=A&sizeOf=0123456789012345678901234567890123456789|422|Choose one of the list",
                "GET /patterns/1b1b|name=|404|Load its file again",
                "PUT /studio|system=%zz|404|Nothing lies here",
            })
    void aFormThatIsWrongIsAnsweredInWords(String line, String body, int status, String words) throws IOException {
        String answer = send(line, FORM, body);
        assertThat(status(answer)).isEqualTo(status);
        assertThat(answer).contains(words).contains("</html>");
    }

    @Test
    void aFormOrFileThatIsTooLargeIsCalledThat() throws IOException {
        assertThat(status(send("POST /cards", FORM, "name=" + "x".repeat(3_000_000))))
                .isEqualTo(413);
        String grooves = send("POST /inventory/tools", FORM, "grooves=" + "1, ".repeat(700));
        assertThat(status(grooves)).isEqualTo(422);
        assertThat(grooves).contains("Say it in up to 1000 letters");
        assertThat(file("/inventory/papers/csv", "x".repeat(1_100_000))).contains("up to 1 MB is read");
        String commas = file("/inventory/papers/csv", ",".repeat(500_000));
        assertThat(status(commas)).isEqualTo(422);
        assertThat(commas.length()).isLessThan(100_000);
        assertThat(commas).contains("not a list with a line of titles").contains("</html>");
    }

    /** Light or dark is answered with the page one comes from, by its path alone: two strokes at its start name another host. */
    @ParameterizedTest
    @CsvSource({
        "http://127.0.0.1/cards/new?size=a6, /cards/new?size=a6",
        "http://127.0.0.1//elsewhere.example/, /",
        "http://elsewhere.example, /",
        "about:blank, /"
    })
    void nobodyIsLedElsewhere(String from, String to) throws IOException {
        String answer = send("POST /theme", FORM + "\r\nReferer: " + from, "theme=dark");
        assertThat(answer).containsPattern("Location: (http://127.0.0.1:" + port + ")?" + Pattern.quote(to) + "\r\n");
    }

    @Test
    void aServiceThatIsAskedForNothingSaysSo() throws IOException {
        assertThat(status(send("POST /api/layouts", "application/json", "{\"pieces\":[]}")))
                .isEqualTo(400);
        assertThat(status(send("POST /api/score-plans", "application/json", "{")))
                .isEqualTo(400);
    }

    /** Committed, such a form once took the shelf down with it. */
    @Test
    void aChoiceLeftEmptyIsRefusedAndTheShelfStands() throws IOException {
        Matcher card = CARD.matcher(send("GET /", "", ""));
        assertThat(card.find()).isTrue();
        String page = send("GET " + card.group(1), "", "");
        Matcher version = VERSION.matcher(page);
        assertThat(version.find()).isTrue();
        String refused = send(
                "POST " + card.group(1) + "/base",
                FORM,
                "version=" + version.group(1) + "&fold=&width=" + URLEncoder.encode("5", StandardCharsets.UTF_8));
        assertThat(status(refused)).isEqualTo(422);
        assertThat(refused).contains("Choose one of the list");
        for (String path : new String[] {"/", card.group(1), "/compare", "/runs/new"}) {
            assertThat(status(send("GET " + path, "", ""))).isEqualTo(200);
        }
    }
}

package kwibbet.benchmark;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sends damaged requests and files to a running demo, always the same for a seed, and tells each that was answered with a fault of the service,
 * not within five seconds, or not at all; and how much memory is in use after each quarter. Written on bare sockets, since no client sends
 * what is not in form.
 */
public final class DamagedRequests {

    private static final int LONGEST_MILLIS = 5_000;
    private static final int LONGEST_HEAD = 8_000;
    private static final Pattern FORM =
            Pattern.compile("<form[^>]*method=\"post\"[^>]*action=\"([^\"]+)\"[^>]*>(.*?)</form>", Pattern.DOTALL);
    private static final Pattern FIELD = Pattern.compile("name=\"([^\"]+)\"(?:[^>]*?value=\"([^\"]*)\")?");
    private static final Pattern LINK = Pattern.compile("href=\"(/[^\"#]*)\"");
    private static final List<String> ODD = List.of(
            "",
            " ",
            "0",
            "-1",
            "1/0",
            "4 1/",
            "99999999999999999999",
            "1e9",
            "NaN",
            "seven",
            "3,5",
            "½½",
            "–",
            "\u0000",
            "\uFEFF",
            "\u202E4",
            "\uD83D\uDCA5",
            "'; drop table design; --",
            "<script>alert(1)</script>",
            "../../etc/passwd",
            "%zz",
            "=cmd()",
            "true",
            "null",
            "[]",
            "{}",
            "base",
            "mat-1",
            "none",
            "x".repeat(41),
            "9".repeat(300),
            "ä".repeat(2_001),
            "a\r\nSet-Cookie: x=y",
            "INCH",
            "METRIC",
            "24 in + 1 mm");

    private final int port;
    private final Random random;
    private final List<String> pages = new ArrayList<>();
    private final Map<String, Map<String, String>> forms = new LinkedHashMap<>();
    private final Map<String, Integer> answers = new TreeMap<>();
    private final List<String> faults = new ArrayList<>();

    private DamagedRequests(int port, long seed) {
        this.port = port;
        this.random = new Random(seed);
    }

    /**
     * Prints what was found, and ends with 1 where something was.
     *
     * @param arguments port, how many, seed, process of the service
     */
    public static void main(String[] arguments) throws IOException {
        DamagedRequests all = new DamagedRequests(Integer.parseInt(arguments[0]), Long.parseLong(arguments[2]));
        int count = Integer.parseInt(arguments[1]);
        all.look();
        System.out.printf(
                "%d pages, %d forms; %d requests, seed %s%n", all.pages.size(), all.forms.size(), count, arguments[2]);
        for (int i = 1; i <= count; i++) {
            all.one();
            if (i % Math.max(1, count / 4) == 0) {
                System.out.printf("%6d sent, answers %s, in use %s%n", i, all.answers, inUse(arguments[3]));
            }
        }
        all.faults.stream().limit(40).forEach(System.out::println);
        System.out.printf("%d faults%n", all.faults.size());
        System.exit(all.faults.isEmpty() ? 0 : 1);
    }

    /** The heap in use once what is dead was cleared away. */
    private static String inUse(String process) throws IOException {
        command("jcmd", process, "GC.run");
        return command("jcmd", process, "GC.heap_info").stream()
                .filter(line -> line.contains("used") && !line.contains("etaspace") && !line.contains("class space"))
                .map(line -> line.replaceAll("\\s*(\\w[\\w -]*?) +total (\\d+K), used (\\d+K).*", "$1 $3"))
                .map(String::strip)
                .reduce("", (one, other) -> one.isEmpty() ? other : one + "; " + other);
    }

    private static List<String> command(String... words) throws IOException {
        Process process = new ProcessBuilder(words).redirectErrorStream(true).start();
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            return lines.lines().toList();
        }
    }

    /** Finds pages and forms, as a maker would by going round. */
    private void look() throws IOException {
        List<String> queue = new ArrayList<>(List.of("/", "/cards/new", "/studio", "/studio/backup"));
        for (int i = 0; i < queue.size() && pages.size() < 90; i++) {
            String path = queue.get(i);
            // Where one part of a long answer ends and the next begins, its length stands in between.
            String html = send("GET " + path + " HTTP/1.1", "", new byte[0]).replaceAll("\r?\n[0-9a-f]{1,6}\r?\n", "");
            pages.add(path);
            Matcher form = FORM.matcher(html);
            while (form.find()) {
                Map<String, String> fields = new LinkedHashMap<>();
                Matcher field = FIELD.matcher(form.group(2));
                while (field.find()) {
                    fields.put(field.group(1), field.group(2) == null ? "" : field.group(2));
                }
                forms.put(address(form.group(1)), fields);
            }
            Matcher link = LINK.matcher(html);
            while (link.find()) {
                String there = link.group(1).replace("&amp;", "&");
                boolean isPage =
                        !there.matches(".*\\.(css|js|svg|pdf|zip|csv|fold|json)$") && !there.startsWith("/together");
                if (isPage && !queue.contains(there)) {
                    queue.add(there);
                }
            }
        }
    }

    private static String address(String action) {
        return URI.create(action.replace(" ", "%20")).toASCIIString();
    }

    private void one() throws IOException {
        int kind = random.nextInt(20);
        if (kind < 9) {
            form();
        } else if (kind < 13) {
            page();
        } else if (kind < 16) {
            file();
        } else if (kind < 19) {
            document();
        } else {
            raw();
        }
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private void form() throws IOException {
        String path = any(List.copyOf(forms.keySet()));
        if (path.endsWith("/remove")
                || path.endsWith("/take")
                || path.endsWith("/duplicate")
                || path.equals("/cards") && random.nextInt(8) > 0) {
            path = any(pages);
        }
        Map<String, String> fields = new LinkedHashMap<>(forms.getOrDefault(path, Map.of()));
        List<String> names = new ArrayList<>(fields.keySet());
        for (int i = 0, changes = random.nextInt(4); i < changes && !names.isEmpty(); i++) {
            String name = any(names);
            switch (random.nextInt(4)) {
                case 0 -> fields.remove(name);
                case 1 ->
                    fields.put(
                            any(List.of(
                                    "held", "pose", "station", "at", "edit", "gesture", "version", "what", "nudge",
                                    "x")),
                            any(ODD));
                default -> fields.put(name, any(ODD));
            }
        }
        StringBuilder body = new StringBuilder();
        fields.forEach((name, value) -> body.append(body.isEmpty() ? "" : "&")
                .append(URLEncoder.encode(name, StandardCharsets.UTF_8))
                .append('=')
                .append(random.nextInt(60) == 0 ? "%zz" : URLEncoder.encode(value, StandardCharsets.UTF_8)));
        if (random.nextInt(400) == 0) {
            body.append("&big=").append("x".repeat(3_000_000));
        }
        String within = random.nextBoolean() ? "HX-Request: true\r\n" : "";
        send(
                "POST " + path + " HTTP/1.1",
                within + "Content-Type: application/x-www-form-urlencoded\r\n",
                bytes(body.toString()));
    }

    private void page() throws IOException {
        StringBuilder path = new StringBuilder(any(pages));
        for (int i = 0, changes = random.nextInt(3); i < changes; i++) {
            int at = random.nextInt(path.length() + 1);
            switch (random.nextInt(3)) {
                case 0 -> path.insert(at, URLEncoder.encode(any(ODD), StandardCharsets.UTF_8));
                case 1 ->
                    path.append(path.indexOf("?") < 0 ? '?' : '&')
                            .append(any(
                                    List.of("held", "pose", "at", "card", "one", "trouble", "slips", "paper", "width")))
                            .append('=')
                            .append(URLEncoder.encode(any(ODD), StandardCharsets.UTF_8));
                default -> path.setLength(Math.max(1, at));
            }
        }
        send(
                any(List.of("GET", "GET", "GET", "HEAD", "DELETE", "POST")) + " " + path + " HTTP/1.1",
                random.nextBoolean() ? "HX-Request: true\r\n" : "",
                new byte[0]);
    }

    private void file() throws IOException {
        String path = any(List.of(
                "/designs", "/inventory/papers/csv", "/inventory/dies/csv", "/patterns", "/studio/backup/look"));
        byte[] content = damaged(any(FILES));
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.write(bytes("--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
                + any(List.of("a", "../a", "ä.csv", "")) + "\"\r\n\r\n"));
        body.write(content);
        body.write(bytes(random.nextInt(10) == 0 ? "\r\n--c" : "\r\n--b--\r\n"));
        send("POST " + path + " HTTP/1.1", "Content-Type: multipart/form-data; boundary=b\r\n", body.toByteArray());
    }

    private void document() throws IOException {
        String path = any(List.of("/api/cards", "/api/folds", "/api/layouts", "/api/score-plans", "/patterns/motion"));
        String type = path.startsWith("/patterns")
                ? "text/plain"
                : any(List.of("application/json", "application/json", "text/plain"));
        send("POST " + path + " HTTP/1.1", "Content-Type: " + type + "\r\n", damaged(any(FILES)));
    }

    private void raw() throws IOException {
        String line = any(List.of(
                "GET /%zz HTTP/1.1",
                "GET /cards/%00 HTTP/1.1",
                "GET  HTTP/1.1",
                "BREW / HTTP/1.1",
                "GET / HTTP/9.9",
                "GET /../../etc HTTP/1.1",
                "GET /inventory?paper=%zz HTTP/1.1",
                "POST /cards HTTP/1.1",
                "GET /" + "a/".repeat(900) + " HTTP/1.1",
                "PUT /studio HTTP/1.1"));
        byte[] noise = new byte[random.nextInt(200)];
        random.nextBytes(noise);
        send(
                line,
                any(List.of(
                        "Content-Type: application/x-www-form-urlencoded\r\n",
                        "Content-Type: what\r\n",
                        "Cookie: theme=" + "\"".repeat(50) + "\r\n",
                        "")),
                noise);
    }

    private static final List<String> FILES = List.of(
            """
            {"format": "kwibbet-design", "version": 2, "name": "Gate", "system": "inch", "base": {"key": "gate", "papers": {"paper": "night"}, "lengths":
             {"width": "5 in", "height": "7 in"}, "choices": {}, "counts": {}}, "additions": [{"id": "mat-1", "name": "Mat", "feature": "mat",
             "face": "front-outside", "papers": {}, "lengths": {"border": "1/8 in"}, "choices": {"fit": "border"}, "counts": {"strips": 2}}],
             "run": {"make": 3, "spares": 1}}""",
            """
            {"file_spec": 1.1, "vertices_coords": [[0, 0], [1, 0], [2, 0], [2, 1], [1, 1], [0, 1]], "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 4],
             [4, 5], [5, 0], [1, 4]], "edges_assignment": ["B", "B", "B", "B", "B", "B", "V"]}""",
            """
            {"unit": "in", "stock": [{"id": "letter", "width": "8 1/2", "height": "11"}], "pieces": [{"id": "base", "width": "8 1/2", "height": "5 1/2",
             "count": 24}], "cutting": {"kerf": "0", "longestCut": "12"}, "seconds": 0}""",
            """
            {"unit": "in", "board": {"width": "12", "grooves": "every 1/8 from 0 to 12", "diagonal": true}, "piece": {"width": "10", "height": "7"},
             "scores": [{"from": "left", "at": "2 1/2", "fold": "valley"}], "hand": "right"}""",
            "name,kind,width,height,unit,colour\nDusk,card-stock,12,12,in,#445566\nDawn,film,210,297,mm,#ddeeff\n",
            "name,shape,width,height,unit,metal\nLens,oval,2,2,in,1/16\n",
            "PK\u0003\u0004 no archive",
            "{\"pieces\":[]}",
            "[".repeat(5_000),
            ",".repeat(500_000),
            "");

    /** A document with some of its bytes gone, doubled or turned into others. */
    private byte[] damaged(String text) {
        StringBuilder changed = new StringBuilder(text);
        for (int i = 0, changes = random.nextInt(4); i < changes && !changed.isEmpty(); i++) {
            int at = random.nextInt(changed.length());
            int to = Math.min(changed.length(), at + 1 + random.nextInt(12));
            switch (random.nextInt(4)) {
                case 0 -> changed.delete(at, to);
                case 1 -> changed.insert(at, changed.substring(at, to));
                case 2 -> changed.replace(at, to, any(ODD));
                default -> changed.setCharAt(at, (char) random.nextInt(256));
            }
        }
        return bytes(changed.toString());
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** Sends a request, notes how it was answered, and gives the answer. */
    private String send(String line, String headers, byte[] body) throws IOException {
        String what = line + " "
                + new String(body, 0, Math.min(body.length, 300), StandardCharsets.UTF_8).replaceAll("\\s+", " ");
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(LONGEST_MILLIS);
            long began = System.nanoTime();
            try {
                socket.getOutputStream()
                        .write(bytes(line + "\r\nHost: 127.0.0.1:" + port + "\r\nConnection: close\r\n" + headers
                                + "Content-Length: " + body.length + "\r\n\r\n"));
                socket.getOutputStream().write(body);
                socket.getOutputStream().flush();
            } catch (IOException refusedEarly) {
                // What is too large may be refused before all of it is sent.
            }
            String answer;
            try {
                answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            } catch (SocketTimeoutException hangs) {
                return noted("none within 5 s", what, "");
            } catch (IOException reset) {
                return noted("cut off", "", "");
            }
            long millis = (System.nanoTime() - began) / 1_000_000;
            // A line without an address is one of HTTP 0.9, whose answers say no status; a head that is too long is cut
            // off.
            boolean saysNone = line.startsWith("GET  ") || line.length() + headers.length() > LONGEST_HEAD;
            String status =
                    answer.matches("(?s)HTTP/1.1 \\d{3}.*") ? answer.substring(9, 12) : saysNone ? "no status" : "none";
            boolean isFault = status.startsWith("5") && !status.equals("501") && !status.equals("505")
                    || status.equals("none")
                    || millis > LONGEST_MILLIS;
            return noted(status, isFault ? what + " (" + millis + " ms)" : "", answer);
        }
    }

    private String noted(String status, String fault, String answer) {
        answers.merge(status, 1, Integer::sum);
        if (!fault.isEmpty()) {
            faults.add(status + ": " + fault);
        }
        return answer;
    }
}

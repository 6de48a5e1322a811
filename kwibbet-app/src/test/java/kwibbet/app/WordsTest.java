package kwibbet.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** One word for one thing, as {@code docs/words.md} has it, in templates and in every phrase the sources hold. */
class WordsTest {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Pattern ROW = Pattern.compile("\\|[^|]+\\|[^|]+\\|([^|]*)\\|");
    private static final Pattern PHRASE = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/|(?m)^\\s*//.*$");
    private static final Pattern MARKUP = Pattern.compile("(?s)<!--.*?-->");
    /** What a template says: between its tags, and between the quotes of its expressions. */
    private static final Pattern SAID = Pattern.compile(">([^<>]+)<|'([^']*)'|\\|([^|]*)\\|");

    private static List<String> unwanted() throws IOException {
        List<String> words = new ArrayList<>();
        Matcher row = ROW.matcher(Files.readString(ROOT.resolve("docs/words.md")));
        while (row.find()) {
            Pattern.compile(",")
                    .splitAsStream(row.group(1))
                    .map(String::strip)
                    .filter(word -> !word.isEmpty() && !word.equals("not") && !word.startsWith("---"))
                    .forEach(words::add);
        }
        return words;
    }

    private static List<Path> files(String ending) throws IOException {
        List<Path> files = new ArrayList<>();
        for (String module : List.of("kwibbet-core", "kwibbet-formats", "kwibbet-app")) {
            try (Stream<Path> all = Files.walk(ROOT.resolve(module).resolve("src/main"))) {
                all.filter(file -> file.toString().endsWith(ending)).forEach(files::add);
            }
        }
        return files;
    }

    private static void check(Path file, String said, List<String> unwanted, List<String> found) {
        // Neither what is worked out nor a key of an open format is a word of ours.
        String words =
                said.toLowerCase(Locale.ROOT).replaceAll("\\$\\{[^}]*}", "").replaceAll("[a-z]+-first", "");
        unwanted.stream()
                .filter(words::contains)
                .forEach(word -> found.add(ROOT.relativize(file) + ": “" + said.strip() + "” says “" + word + "”"));
    }

    @Test
    void nothingIsCalledByTwoNames() throws IOException {
        List<String> unwanted = unwanted();
        assertThat(unwanted).hasSizeGreaterThan(10);
        List<String> found = new ArrayList<>();
        int phrases = 0;
        for (Path file : files(".java")) {
            Matcher phrase =
                    PHRASE.matcher(COMMENT.matcher(Files.readString(file)).replaceAll(""));
            while (phrase.find()) {
                // What has no blank is a key and not said; faults of programs are not said to makers.
                if (phrase.group(1).strip().contains(" ")) {
                    phrases++;
                    check(file, phrase.group(1), unwanted, found);
                }
            }
        }
        for (Path file : files(".html")) {
            Matcher said = SAID.matcher(MARKUP.matcher(Files.readString(file)).replaceAll(""));
            while (said.find()) {
                for (int group = 1; group <= 3; group++) {
                    if (said.group(group) != null && !said.group(group).isBlank()) {
                        phrases++;
                        check(file, said.group(group), unwanted, found);
                    }
                }
            }
        }
        assertThat(phrases).isGreaterThan(1_000);
        assertThat(found).isEmpty();
    }
}

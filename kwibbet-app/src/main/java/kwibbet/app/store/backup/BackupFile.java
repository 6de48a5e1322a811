package kwibbet.app.store.backup;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.outcome.Outcome;

/**
 * A backup as a ZIP file (APPNOTE 6.3, as {@code java.util.zip} writes it).
 *
 * <p>It holds {@code backup.json} with the format, its version, the number of the last migration, when it was made and the SHA-256 sum of every other
 * entry; {@code tables/NAME.json} with the rows of a table; {@code designs/ID/NUMBER.json} with each state of each design, which is a design
 * document.
 */
final class BackupFile {

    private static final String FORMAT = "kwibbet-backup";
    private static final int VERSION = 1;
    private static final String CONTENTS = "backup.json";
    private static final Pattern TABLE = Pattern.compile("tables/([a-z_]{1,60})\\.json");
    private static final Pattern COLUMN = Pattern.compile("[a-z_0-9]{1,60}");
    private static final long LARGEST = 400_000_000;
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private BackupFile() {}

    /** The file of what a database holds. */
    static byte[] write(Tables tables, Instant made) {
        Map<String, byte[]> entries = entries(tables);
        ObjectNode contents = JSON.createObjectNode()
                .put("format", FORMAT)
                .put("version", VERSION)
                .put("schema", tables.schema())
                .put("made", made.toString());
        ObjectNode sums = contents.putObject("sha256");
        entries.forEach((name, bytes) -> sums.put(name, sum(bytes)));
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(file, StandardCharsets.UTF_8)) {
            put(zip, CONTENTS, JSON.writeValueAsBytes(contents), made);
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                put(zip, entry.getKey(), entry.getValue(), made);
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return file.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes, Instant made) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(made.toEpochMilli());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    private static Map<String, byte[]> entries(Tables tables) {
        Map<String, byte[]> entries = new TreeMap<>();
        tables.rows().forEach((table, rows) -> {
            List<Map<String, Object>> plain = new ArrayList<>();
            for (Map<String, Object> row : rows) {
                Map<String, Object> copy = new LinkedHashMap<>(row);
                if (table.equals(Tables.REVISION)) {
                    String document = String.valueOf(copy.remove(Tables.DOCUMENT));
                    entries.put(designFile(row), document.getBytes(StandardCharsets.UTF_8));
                }
                plain.add(copy);
            }
            entries.put("tables/" + table + ".json", JSON.writeValueAsBytes(plain));
        });
        return entries;
    }

    private static String designFile(Map<String, Object> revision) {
        return "designs/" + revision.get(Tables.REVISION_OF) + "/" + revision.get(Tables.NUMBER) + ".json";
    }

    private static String sum(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** What a file holds, or why it is no whole backup. */
    static Outcome<Tables> read(byte[] file) {
        try {
            return Outcome.made(tables(unzipped(file)));
        } catch (IOException | IllegalArgumentException | JacksonException damaged) {
            return Outcome.refused("file", "This is no whole backup: " + reason(damaged));
        }
    }

    private static String reason(Exception damaged) {
        return damaged instanceof Unfit unfit
                ? unfit.words
                : "it is damaged, or was never one. Nothing was brought back.";
    }

    private static final class Unfit extends IOException {
        private static final long serialVersionUID = 1L;
        private final String words;

        Unfit(String words) {
            super(words);
            this.words = words;
        }
    }

    private static Map<String, byte[]> unzipped(byte[] file) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        long size = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] bytes = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, LARGEST - size + 1));
                size += bytes.length;
                if (size > LARGEST) {
                    throw new Unfit("it would unpack to more than " + LARGEST / 1_000_000 + " MB.");
                }
                entries.put(entry.getName(), bytes);
            }
        }
        return entries;
    }

    private static Tables tables(Map<String, byte[]> entries) throws IOException {
        JsonNode contents =
                JSON.readTree(Optional.ofNullable(entries.remove(CONTENTS)).orElse(new byte[0]));
        if (!FORMAT.equals(contents.path("format").asString(""))) {
            throw new Unfit("it does not say that it is one.");
        }
        if (contents.path("version").asInt(0) > VERSION) {
            throw new Unfit("it was made by a later release of Kwibbet.");
        }
        for (String name : contents.path("sha256").propertyNames()) {
            byte[] bytes = Optional.ofNullable(entries.get(name)).orElseThrow(() -> new Unfit(name + " is missing."));
            if (!sum(bytes).equals(contents.path("sha256").path(name).asString(""))) {
                throw new Unfit(name + " is not as it was written.");
            }
        }
        if (entries.size() != contents.path("sha256").size()) {
            throw new Unfit("it holds more than it says.");
        }
        Map<String, List<Map<String, Object>>> rows = new TreeMap<>();
        for (String name : entries.keySet()) {
            var table = TABLE.matcher(name);
            if (table.matches()) {
                rows.put(table.group(1), rows(table.group(1), entries));
            }
        }
        return new Tables(contents.path("schema").asString("1"), rows);
    }

    private static List<Map<String, Object>> rows(String table, Map<String, byte[]> entries) throws IOException {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (JsonNode node : JSON.readTree(entries.get("tables/" + table + ".json"))) {
            Map<String, Object> row = new LinkedHashMap<>();
            for (String column : node.propertyNames()) {
                if (!COLUMN.matcher(column).matches()) {
                    throw new Unfit("there is no column “" + column + "”.");
                }
                JsonNode value = node.path(column);
                row.put(
                        column,
                        value.isBoolean()
                                ? value.asBoolean()
                                : value.isNumber() ? (Object) value.asLong() : value.asString());
            }
            if (table.equals(Tables.REVISION)) {
                byte[] document = Optional.ofNullable(entries.get(designFile(row)))
                        .orElseThrow(() -> new Unfit("a state of a design is missing."));
                row.put(Tables.DOCUMENT, new String(document, StandardCharsets.UTF_8));
            }
            rows.add(row);
        }
        return rows;
    }
}

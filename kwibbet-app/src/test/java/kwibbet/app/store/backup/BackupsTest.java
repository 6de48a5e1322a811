package kwibbet.app.store.backup;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

import javax.sql.DataSource;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.context.annotation.ComponentScan;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.env.MockEnvironment;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.app.Samples;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Edit;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Studio;
import kwibbet.app.store.backup.Backups.Differing;
import kwibbet.formats.document.DesignDocument;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;
import kwibbet.stock.StockItem;
import kwibbet.tool.Hand;

import static org.assertj.core.api.Assertions.assertThat;

/** The whole studio out and back: into an empty one, into one in use, whole or not at all. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:backups;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@ComponentScan(basePackageClasses = DesignStore.class)
@Import(Backups.class)
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class BackupsTest {

    private static final PaperId STOCK = new PaperId("stock");

    @TempDir
    private Path folder;

    @Autowired
    private DataSource database;

    @Autowired
    private DesignStore designs;

    @Autowired
    private Inventory inventory;

    @Autowired
    private Stockroom stockroom;

    @Autowired
    private Backups backups;

    @MockitoBean
    private Clock clock;

    private JdbcTemplate jdbc;
    private StoredDesign card;

    @BeforeEach
    void fill() {
        at("2026-03-01T10:00:00Z");
        jdbc = new JdbcTemplate(database);
        empty();
        inventory.save(new Studio(MeasureSystem.METRIC, Studio.Sheets.A4), Hand.LEFT);
        inventory.save(Samples.paper(STOCK.value(), "Stock, “best”", Length.ofMillimetres(3, 10)));
        Size strip = new Size(Length.ofInches(2), Length.ofInches(1, 3));
        stockroom.putIn(Stockroom.newKey(), new Offcut(inventory.newOffcutId(), STOCK, strip, 4));
        card = designs.create(Samples.run("First, ünbekannt"));
        card = designs.save(
                card.id(),
                card.version(),
                card.run().with(card.design().withNotes("Line\nline")),
                Edit.of("the notes"));
    }

    private void at(String instant) {
        Mockito.when(clock.instant()).thenReturn(Instant.parse(instant));
        Mockito.when(clock.withZone(Mockito.any())).thenReturn(Clock.fixed(Instant.parse(instant), ZoneOffset.UTC));
    }

    private void empty() {
        inventory.replaced(() -> {
            List.of(
                            "design_revision",
                            "design",
                            "paper",
                            "die",
                            "offcut",
                            "toolbox",
                            "studio",
                            "booking",
                            "stock_movement",
                            "sheet_plan")
                    .forEach(table -> jdbc.update("delete from " + table));
            return true;
        });
    }

    private Tables here() {
        return Tables.read(jdbc);
    }

    private static byte[] write(Tables tables) {
        return BackupFile.write(tables, Instant.EPOCH);
    }

    @Test
    void anEmptyStudioIsAsTheOneThatWasKept() {
        byte[] file = backups.make();
        Tables before = here();
        empty();
        assertThat(designs.all()).isEmpty();
        assertThat(backups.restore(file, Differing.KEEP).reasons()).isEmpty();
        assertThat(here()).isEqualTo(before);
        assertThat(designs.get(card.id())).isEqualTo(card);
        assertThat(inventory.shelf().find(STOCK)).isPresent();
        assertThat(inventory.toolbox().hand()).isEqualTo(Hand.LEFT);
        assertThat(designs.undo(card.id(), card.version(), Edit.of("")).design().notes())
                .isEmpty();
    }

    @Test
    void inAStudioInUseNothingIsReplacedUnasked() {
        byte[] file = backups.make();
        StoredDesign other = designs.create(Samples.run("Other"));
        StoredDesign mine = designs.save(
                card.id(), card.version(), card.run().with(card.design().withName("Mine")), Edit.of("the name"));
        jdbc.update("delete from offcut");

        Comparison comparison = backups.compare(file).orThrow();
        assertThat(comparison.hasDiffering()).isTrue();
        assertThat(comparison.kinds())
                .contains(
                        new Comparison.Kind("cards with their history", 0, 1, 0),
                        new Comparison.Kind("offcuts in the drawer", 1, 0, 0),
                        new Comparison.Kind("papers with what came and went", 0, 0, 1));
        backups.restore(file, Differing.KEEP).orThrow();
        assertThat(designs.get(card.id())).isEqualTo(mine);
        assertThat(inventory.shelf().drawer()).hasSize(1);

        backups.restore(file, Differing.REPLACE).orThrow();
        StoredDesign back = designs.get(card.id());
        assertThat(back.design()).isEqualTo(card.design());
        assertThat(back.version()).isGreaterThan(mine.version());
        assertThat(designs.get(other.id())).isEqualTo(other);
    }

    /** The reader is the JDK's own; what it finds are design documents as anybody may read them. */
    @Test
    void itIsAZipOfOpenFiles() throws IOException {
        Path file = Files.write(folder.resolve("backup.zip"), backups.make());
        try (ZipFile zip = new ZipFile(file.toFile())) {
            List<? extends ZipEntry> entries = zip.stream().toList();
            assertThat(entries)
                    .extracting(ZipEntry::getName)
                    .contains("backup.json", "tables/paper.json", "designs/" + card.id() + "/1.json");
            ZipEntry state = zip.getEntry("designs/" + card.id() + "/1.json");
            String document = new String(zip.getInputStream(state).readAllBytes(), StandardCharsets.UTF_8);
            assertThat(DesignDocument.read(document).orThrow()).isEqualTo(card.run());
        }
    }

    @Test
    void aDamagedOneIsRefusedWhole() {
        byte[] file = backups.make();
        empty();
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            byte[] damaged = file.clone();
            int places = 1 + random.nextInt(3);
            for (int place = 0; place < places; place++) {
                damaged[random.nextInt(damaged.length)] ^= (byte) (1 + random.nextInt(255));
            }
            byte[] shown = i % 5 == 0 ? Arrays.copyOf(file, random.nextInt(file.length)) : damaged;
            Outcome<Tables> read = BackupFile.read(shown);
            if (read instanceof Outcome.Made<Tables> made) {
                // Only what says nothing was hit, as the time of an entry.
                assertThat(made).isEqualTo(BackupFile.read(file));
            } else {
                assertThat(backups.restore(shown, Differing.REPLACE).reasons()).isNotEmpty();
            }
        }
        assertThat(here().of("design")).isEmpty();
        assertThat(here().of("paper")).isEmpty();
    }

    @Test
    void whatCannotBeKeptBringsNothing() {
        Map<String, List<Map<String, Object>>> rows = new TreeMap<>(here().rows());
        Map<String, Object> paper = new LinkedHashMap<>(here().of("paper").get(0));
        paper.put("id", "second");
        paper.put("kind", "MARBLE");
        rows.put("paper", List.of(here().of("paper").get(0), paper));
        byte[] odd = write(new Tables(here().schema(), rows));
        empty();
        assertThat(backups.restore(odd, Differing.KEEP).reasons()).isNotEmpty();
        assertThat(here().of("paper")).isEmpty();
        assertThat(backups.restore(write(new Tables("99", rows)), Differing.KEEP)
                        .reasons())
                .extracting(reason -> reason.message())
                .first()
                .asString()
                .contains("later release");
    }

    /** Sheets that came and went since are not mixed with those of the backup. */
    @Test
    void whatIsOnHandIsThatOfOneLedger() {
        byte[] file = backups.make();
        stockroom.count(Stockroom.newKey(), new StockItem.Sheets(STOCK), 4);
        assertThat(backups.restore(file, Differing.KEEP).orThrow().hasDiffering())
                .isTrue();
        assertThat(onHand()).isEqualTo(4);
        backups.restore(file, Differing.REPLACE);
        assertThat(onHand()).isEqualTo(10);
        inventory.remove(STOCK);
        backups.restore(file, Differing.KEEP);
        assertThat(onHand()).isEqualTo(10);
        assertThat(inventory.shelf().drawer()).extracting(Offcut::count).containsExactly(4);
    }

    private int onHand() {
        return inventory.shelf().find(STOCK).orElseThrow().onHand();
    }

    /** As the release before edits had names, studios settings and the stock a ledger would have written it. */
    @Test
    void oneOfAnEarlierReleaseIsBroughtUpToDate() {
        Tables now = here();
        Map<String, List<Map<String, Object>>> rows = new TreeMap<>(now.rows());
        List.of("studio", "booking", "stock_movement", "sheet_plan").forEach(rows::remove);
        rows.put("paper", without(without(with(now.of("paper"), "on_hand", 12L), "other_face"), "other_pattern"));
        rows.put("offcut", with(now.of("offcut"), "pieces", 3L));
        List<Map<String, Object>> toolbox = now.of("toolbox");
        for (String later : List.of(
                "narrowest_strip",
                "plate_square",
                "punches",
                "folder_width",
                "folder_height",
                "platform_width",
                "platform_height",
                "printer_width",
                "printer_height",
                "stencil_width",
                "stencil_height",
                "edge_punches",
                "rounders",
                "no_heat",
                "punch_outlines")) {
            toolbox = without(toolbox, later);
        }
        rows.put("toolbox", toolbox);
        rows.put("design", without(now.of("design"), "last_edit"));
        rows.put("design_revision", without(now.of("design_revision"), "gesture"));
        byte[] earlier = write(new Tables("8", rows));
        empty();
        assertThat(backups.restore(earlier, Differing.KEEP).reasons()).isEmpty();
        assertThat(designs.get(card.id()).design()).isEqualTo(card.design());
        assertThat(inventory.shelf().papers()).extracting(Paper::onHand).containsExactly(12);
        assertThat(inventory.shelf().drawer()).extracting(Offcut::count).containsExactly(3);
        // Brought once more, it is what is there already, and adds nothing.
        assertThat(backups.restore(earlier, Differing.KEEP).orThrow().hasDiffering())
                .isFalse();
        assertThat(inventory.shelf().papers()).extracting(Paper::onHand).containsExactly(12);
    }

    private static List<Map<String, Object>> with(List<Map<String, Object>> rows, String column, Object value) {
        return rows.stream()
                .map(row -> {
                    Map<String, Object> copy = new LinkedHashMap<>(row);
                    copy.put(column, value);
                    return copy;
                })
                .toList();
    }

    private static List<Map<String, Object>> without(List<Map<String, Object>> rows, String column) {
        List<Map<String, Object>> fewer = new ArrayList<>();
        for (Map<String, Object> row : rows) {
            Map<String, Object> copy = new LinkedHashMap<>(row);
            assertThat(copy).containsKey(column);
            copy.remove(column);
            fewer.add(copy);
        }
        return fewer;
    }

    @Test
    void oneIsMadeForEachDayOfWorkAndFourteenAreKept() throws IOException {
        DailyBackup daily =
                new DailyBackup(backups, clock, new MockEnvironment().withProperty("kwibbet.data", folder.toString()));
        assertThat(daily.make()).isPresent();
        assertThat(daily.make()).isEmpty();
        Instant day = clock.instant();
        for (int i = 0; i < 20; i++) {
            day = day.plus(Duration.ofDays(1));
            at(day.toString());
            designs.create(Samples.run("Day " + i));
            assertThat(daily.make()).isPresent();
            at(day.plus(Duration.ofHours(2)).toString());
            assertThat(daily.make()).isEmpty();
        }
        assertThat(daily.there()).hasSize(14);
        Optional<Path> newest = daily.there().stream().findFirst();
        assertThat(newest.orElseThrow()).hasFileName("kwibbet-2026-03-21.zip");
        assertThat(backups.isOfNow(Files.readAllBytes(newest.get()))).isTrue();
    }
}

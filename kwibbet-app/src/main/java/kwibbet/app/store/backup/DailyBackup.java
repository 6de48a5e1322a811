package kwibbet.app.store.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** A backup for each day on which there was work, beside the data; the last fourteen are kept. */
@Component
public class DailyBackup {

    private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);
    private static final int KEPT = 14;
    private static final String START = "kwibbet-";
    private static final String END = ".zip";

    private final Backups backups;
    private final Clock clock;
    private final Path data;
    private final Path folder;
    private final ScheduledExecutorService hourly = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "daily-backup");
        thread.setDaemon(true);
        return thread;
    });

    DailyBackup(@Lazy Backups backups, Clock clock, Environment environment) {
        this.backups = backups;
        this.clock = clock;
        this.data = Path.of(environment.getProperty("kwibbet.data", "data")).toAbsolutePath();
        this.folder = data.resolve("backups");
    }

    @EventListener(ApplicationReadyEvent.class)
    @SuppressWarnings("FutureReturnValueIgnored") // what fails is told where it fails
    void begin() {
        hourly.scheduleWithFixedDelay(this::makeQuietly, 5, 60, TimeUnit.MINUTES);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        hourly.shutdownNow();
    }

    private void makeQuietly() {
        try {
            // Where there is no folder of data there is none to put backups beside.
            if (Files.isDirectory(data)) {
                make();
            }
        } catch (IOException | RuntimeException failed) {
            LOG.warn("Today's backup could not be made: {}", failed.getMessage());
        }
    }

    /**
     * Makes today's backup, or makes it anew, unless the last one holds all that is here.
     *
     * @return the file, if one was made
     * @throws IOException when it cannot be written
     */
    Optional<Path> make() throws IOException {
        Files.createDirectories(folder);
        List<Path> there = there();
        if (!there.isEmpty() && backups.isOfNow(Files.readAllBytes(there.get(0)))) {
            return Optional.empty();
        }
        Path file = folder.resolve(START + LocalDate.now(clock.withZone(ZoneId.systemDefault())) + END);
        Path written = Files.createTempFile(folder, START, ".part");
        Files.write(written, backups.make());
        Files.move(written, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        for (Path old : there().stream().skip(KEPT).toList()) {
            Files.delete(old);
        }
        return Optional.of(file);
    }

    /** Where they are. */
    public Path folder() {
        return folder;
    }

    /** The backups there are, newest first. */
    List<Path> there() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().matches(START + "\\d{4}-\\d\\d-\\d\\d\\" + END))
                    .sorted(Comparator.comparing(Path::getFileName).reversed())
                    .toList();
        }
    }
}

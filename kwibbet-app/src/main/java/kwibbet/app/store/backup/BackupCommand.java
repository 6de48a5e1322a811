package kwibbet.app.store.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** {@code --kwibbet.backup=FILE}: writes the whole studio into a file and ends; pages are not served meanwhile. */
@Component
@ConditionalOnProperty("kwibbet.backup")
class BackupCommand implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(BackupCommand.class);

    private final Backups backups;
    private final Environment environment;

    BackupCommand(Backups backups, Environment environment) {
        this.backups = backups;
        this.environment = environment;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        Path file = Path.of(environment.getRequiredProperty("kwibbet.backup"));
        Files.write(file, backups.make());
        LOG.info("The studio is in {}", file.toAbsolutePath());
    }
}

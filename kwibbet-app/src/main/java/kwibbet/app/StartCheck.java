package kwibbet.app;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import java.util.Optional;

import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.Environment;
import org.springframework.core.env.MapPropertySource;

/** Says in one line why Kwibbet cannot start here, before anything is opened, and ends with status 1. */
class StartCheck implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {

    @Override
    public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
        ConfigurableEnvironment environment = event.getEnvironment();
        // The database refuses a folder that hangs on the working directory.
        environment
                .getPropertySources()
                .addFirst(new MapPropertySource(
                        "absolute data folder",
                        Map.of("kwibbet.data", folder(environment).toString())));
        if (isCommand(environment)) {
            // A command does its work and ends; it serves no pages.
            environment
                    .getPropertySources()
                    .addFirst(new MapPropertySource("command", Map.of("spring.main.web-application-type", "none")));
        }
        Optional<String> obstacle = obstacle(environment);
        if (obstacle.isPresent()) {
            System.err.println("Kwibbet cannot start: " + obstacle.get());
            System.exit(1);
        }
        if (environment.getProperty("kwibbet.fresh", Boolean.class, false)) {
            clearDemo(environment);
        }
    }

    /** Only the demo's own file is ever cleared, and only after it is known that nobody has it open. */
    private static void clearDemo(Environment environment) {
        if (environment.matchesProfiles("demo")) {
            try {
                Files.deleteIfExists(databaseFile(environment));
            } catch (IOException stays) {
                System.err.println("The demo data could not be cleared: " + stays.getMessage());
            }
        }
    }

    static Optional<String> obstacle(Environment environment) {
        return folderObstacle(folder(environment))
                .or(() -> lockObstacle(databaseFile(environment)))
                .or(() -> isCommand(environment) ? Optional.empty() : portObstacle(environment));
    }

    private static boolean isCommand(Environment environment) {
        return environment.containsProperty("kwibbet.backup");
    }

    private static Path folder(Environment environment) {
        return Path.of(environment.getProperty("kwibbet.data", "data")).toAbsolutePath();
    }

    private static Path databaseFile(Environment environment) {
        return folder(environment).resolve(environment.getProperty("kwibbet.database", "kwibbet") + ".mv.db");
    }

    private static Optional<String> folderObstacle(Path folder) {
        if (folder.toString().contains(";")) {
            return Optional.of("the data folder " + folder + " holds a “;”. Choose another with --data DIR.");
        }
        try {
            Files.createDirectories(folder);
            Files.delete(Files.createTempFile(folder, "write", ".check"));
            return Optional.empty();
        } catch (IOException | SecurityException unwritable) {
            return Optional.of("the data folder " + folder + " cannot be written. Choose another with --data DIR.");
        }
    }

    private static Optional<String> lockObstacle(Path file) {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            return lock == null ? Optional.of(inUse(file)) : Optional.empty();
        } catch (OverlappingFileLockException ours) {
            return Optional.of(inUse(file));
        } catch (IOException unreadable) {
            return Optional.of("the data file " + file + " cannot be written.");
        }
    }

    private static String inUse(Path file) {
        return "another Kwibbet is using " + file + ". Stop it, or choose another folder with --data DIR.";
    }

    private static Optional<String> portObstacle(Environment environment) {
        String text = environment.getProperty("server.port", "8470");
        int port;
        try {
            port = Integer.parseInt(text);
        } catch (NumberFormatException misread) {
            return Optional.of("“" + text + "” is not a port. Use a number from 1 to 65535.");
        }
        if (port < 0 || port > 65_535) {
            return Optional.of("there is no port " + port + ". Use a number from 1 to 65535.");
        }
        try (ServerSocket free = new ServerSocket()) {
            free.setReuseAddress(true);
            String address = environment.getProperty("server.address", "127.0.0.1");
            free.bind(new InetSocketAddress(InetAddress.getByName(address), port));
            return Optional.empty();
        } catch (IOException busy) {
            return Optional.of("port " + port + " is busy. Choose another with --port N.");
        }
    }
}

package kwibbet.app.store;

import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import org.flywaydb.core.api.exception.FlywayValidateException;
import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.context.ConfigurableApplicationContext;

/** Says in one line why the data cannot be opened: it is damaged, or of a later release. Anything else is reported as usual. */
class StartFault implements SpringBootExceptionReporter {

    /** "File corrupted" and "unsupported database file version", of the error codes H2 publishes. */
    private static final Set<Integer> UNREADABLE = Set.of(90030, 90048);

    private final String place;

    StartFault(ConfigurableApplicationContext context) {
        place = context.getEnvironment().getProperty("kwibbet.data", "the data folder");
    }

    @Override
    public boolean reportException(Throwable failure) {
        Optional<String> words =
                causes(failure).flatMap(cause -> words(cause).stream()).findFirst();
        words.ifPresent(each -> System.err.println("Kwibbet cannot start: " + each));
        return words.isPresent();
    }

    private static Stream<Throwable> causes(Throwable failure) {
        return Stream.iterate(Optional.of(failure), Optional::isPresent, at -> at.map(Throwable::getCause))
                .flatMap(Optional::stream);
    }

    private Optional<String> words(Throwable cause) {
        if (cause instanceof FlywayValidateException) {
            return Optional.of("the data in " + place
                    + " is of a later release of Kwibbet. Start that one, or choose another folder with --data DIR.");
        }
        if (cause instanceof SQLException fault && UNREADABLE.contains(fault.getErrorCode())) {
            return Optional.of(
                    "the data file in " + place
                            + " is damaged. Put it aside and bring back a backup from its folder “backups”, or choose another folder with --data DIR.");
        }
        return Optional.empty();
    }
}

package kwibbet.app.fold;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

import jakarta.annotation.PreDestroy;
import org.springframework.stereotype.Component;

import kwibbet.formats.fold.FoldPattern;

/** The patterns that were last looked at, so that a page can ask how far its pattern is and stop it. Nothing of it is kept. */
@Component
class PatternStudies {

    private static final int REMEMBERED = 16;

    private final ExecutorService workers = Executors.newFixedThreadPool(2, work -> {
        Thread thread = new Thread(work, "pattern-study");
        thread.setDaemon(true);
        return thread;
    });

    private final Map<String, PatternStudy> studies = new LinkedHashMap<>();

    /** What a document is known by: the same for the same document. */
    static String id(String text) {
        return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8)).toString();
    }

    /**
     * Begins with a pattern, anew where it was stopped before. The one that was not looked at for longest is stopped and forgotten.
     *
     * @param text the document
     * @param pattern what it holds
     */
    synchronized PatternStudy begin(String text, FoldPattern pattern) {
        Optional<PatternStudy> before = find(id(text));
        if (before.isPresent() && !before.get().isStopped()) {
            return before.get();
        }
        PatternStudy study = new PatternStudy(text, pattern);
        studies.put(id(text), study);
        if (studies.size() > REMEMBERED) {
            String oldest = studies.keySet().iterator().next();
            Optional.ofNullable(studies.remove(oldest)).ifPresent(PatternStudy::stop);
        }
        workers.execute(study::work);
        return study;
    }

    /** One of those that were last looked at. */
    synchronized Optional<PatternStudy> find(String id) {
        Optional<PatternStudy> found = Optional.ofNullable(studies.remove(id));
        found.ifPresent(study -> studies.put(id, study));
        return found;
    }

    @PreDestroy
    synchronized void end() {
        studies.values().forEach(PatternStudy::stop);
        workers.shutdown();
    }
}

package kwibbet.app.fold;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.util.UriComponentsBuilder;

import kwibbet.app.web.Uploads;
import kwibbet.formats.fold.FoldPattern;
import kwibbet.formats.fold.FoldReader;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;

/** Patterns of others, read from FOLD files. Nothing is kept: the page carries the pattern along. */
@Controller
@RequestMapping("/patterns")
class FoldFileController {

    /** What takes no longer is shown at once. */
    private static final Duration AT_ONCE = Duration.ofMillis(250);

    private static final Duration STOPPED = Duration.ofSeconds(2);

    private final PatternStudies studies;

    FoldFileController(PatternStudies studies) {
        this.studies = studies;
    }

    @GetMapping
    String empty(Model model) {
        model.addAttribute("ours", OurPattern.ALL);
        return "patterns/patterns";
    }

    /** One of our own, as if it had been loaded. */
    @GetMapping("/ours/{key}")
    String ours(@PathVariable String key, Model model, HttpServletResponse response) throws InterruptedException {
        Optional<OurPattern> pattern = OurPattern.find(key);
        if (pattern.isEmpty()) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return empty(model);
        }
        String text = pattern.get().fold();
        PatternStudy study = studies.begin(text, FoldReader.read(text).orThrow());
        study.await(AT_ONCE);
        show(study, pattern.get().title(), model);
        return "patterns/patterns";
    }

    @PostMapping
    String study(@RequestParam MultipartFile file, Model model, HttpServletResponse response)
            throws IOException, InterruptedException {
        Outcome<String> sent = Uploads.text(file);
        String text = sent instanceof Outcome.Made<String> made ? made.value() : "";
        Outcome<FoldPattern> read = sent.then(FoldReader::read);
        if (read instanceof Outcome.Made<FoldPattern> made) {
            PatternStudy study = studies.begin(text, made.value());
            study.await(AT_ONCE);
            show(study, Optional.ofNullable(file.getOriginalFilename()).orElse(""), model);
        } else {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("ours", OurPattern.ALL);
            model.addAttribute(
                    "reasons",
                    read.reasons().stream().map(FoldFileController::words).toList());
        }
        return "patterns/patterns";
    }

    /** How far it is, or what was found. */
    @GetMapping("/{id}")
    String again(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String name,
            @RequestHeader(name = "HX-Request", required = false) @Nullable String part,
            Model model,
            HttpServletResponse response) {
        Optional<PatternStudy> study = studies.find(id);
        study.ifPresent(known -> show(known, name, model));
        if (study.isEmpty()) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            model.addAttribute("reasons", List.of("This pattern is not at hand any more. Load its file again."));
        }
        return part == null ? "patterns/patterns" : "patterns/patterns :: study";
    }

    /** Ends it with what was found so far. */
    @PostMapping("/{id}/stop")
    String stop(@PathVariable String id, @RequestParam(defaultValue = "") String name) throws InterruptedException {
        Optional<PatternStudy> study = studies.find(id);
        if (study.isPresent()) {
            study.get().stop();
            study.get().await(STOPPED);
        }
        return "redirect:"
                + UriComponentsBuilder.fromPath("/patterns/{id}")
                        .queryParam("name", "{name}")
                        .build(id, name);
    }

    private static void show(PatternStudy study, String fileName, Model model) {
        String name = fileName.isBlank() ? "pattern" : fileName;
        model.addAttribute("name", study.title().isBlank() ? name : study.title());
        model.addAttribute("fileName", fileName);
        model.addAttribute("pattern", study.text());
        model.addAttribute("id", PatternStudies.id(study.text()));
        model.addAttribute("underWay", study);
    }

    private static String words(Refusal reason) {
        return reason.field().isEmpty() ? reason.message() : reason.field() + ": " + reason.message();
    }

    /** The frames of a pattern that is sent. */
    @PostMapping(path = "/motion", consumes = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<MotionView> motion(
            @RequestBody String pattern, @RequestParam(defaultValue = "false") boolean spread) {
        Optional<PatternStudy> known = studies.find(PatternStudies.id(pattern));
        if (known.isPresent()) {
            return ResponseEntity.of(known.get().found().motion(spread));
        }
        Outcome<FoldPattern> read = FoldReader.read(pattern);
        return read instanceof Outcome.Made<FoldPattern> made
                ? ResponseEntity.of(studies.begin(pattern, made.value()).found().motion(spread))
                : ResponseEntity.badRequest().build();
    }
}

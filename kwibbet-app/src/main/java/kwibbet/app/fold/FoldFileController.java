package kwibbet.app.fold;

import java.io.IOException;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import kwibbet.app.web.Uploads;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.formats.fold.FoldPattern;
import kwibbet.formats.fold.FoldReader;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;

/** Patterns of others, read from FOLD files. Nothing is kept: the page carries the pattern along. */
@Controller
@RequestMapping("/patterns")
class FoldFileController {

    @GetMapping
    String empty() {
        return "patterns/patterns";
    }

    @PostMapping
    String study(@RequestParam MultipartFile file, Model model, HttpServletResponse response) throws IOException {
        Outcome<String> sent = Uploads.text(file);
        String text = sent instanceof Outcome.Made<String> made ? made.value() : "";
        Outcome<FoldPattern> read = sent.then(FoldReader::read);
        if (read instanceof Outcome.Made<FoldPattern> made) {
            String name = Optional.ofNullable(file.getOriginalFilename()).orElse("pattern");
            model.addAttribute(
                    "name", made.value().title().isBlank() ? name : made.value().title());
            model.addAttribute("pattern", text);
            model.addAttribute("study", study(made.value()));
            model.addAttribute("halfOpen", !made.value().isFlat());
        } else {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute(
                    "reasons",
                    read.reasons().stream().map(FoldFileController::words).toList());
        }
        return "patterns/patterns";
    }

    private static String words(Refusal reason) {
        return reason.field().isEmpty() ? reason.message() : reason.field() + ": " + reason.message();
    }

    /** The frames of a pattern that is sent. */
    @PostMapping(path = "/motion", consumes = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<MotionView> motion(
            @RequestBody String pattern, @RequestParam(defaultValue = "false") boolean spread) {
        Outcome<FoldPattern> read = FoldReader.read(pattern);
        return read instanceof Outcome.Made<FoldPattern> made
                ? ResponseEntity.of(study(made.value()).motion(spread))
                : ResponseEntity.badRequest().build();
    }

    private static FoldStudy study(FoldPattern read) {
        FlatFolding folding = FlatFolding.of(read.pattern());
        Optional<FoldSequence> sequence =
                folding instanceof FlatFolding.Folds folds ? Optional.of(FoldSequence.of(folds)) : Optional.empty();
        return FoldStudy.of(read.pattern(), folding, sequence);
    }
}

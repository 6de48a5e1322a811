package kwibbet.app.studio;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.store.backup.Backups;
import kwibbet.app.store.backup.Backups.Differing;
import kwibbet.app.store.backup.Comparison;
import kwibbet.app.store.backup.DailyBackup;
import kwibbet.outcome.Outcome;

/** The whole studio as a file, and back: first what a file would bring is shown, then it is brought. */
@Controller
@RequestMapping("/studio/backup")
class BackupController {

    private final Backups backups;
    private final DailyBackup daily;
    private final Clock clock;
    /** The file that was looked at last, until it is brought back or another is looked at. */
    private final AtomicReference<Looked> looked = new AtomicReference<>(Looked.NONE);

    BackupController(Backups backups, DailyBackup daily, Clock clock) {
        this.backups = backups;
        this.daily = daily;
        this.clock = clock;
    }

    @SuppressWarnings("ArrayRecordComponent") // never compared
    private record Looked(String token, byte[] file) {
        static final Looked NONE = new Looked("", new byte[0]);
    }

    @GetMapping
    String show(Model model) {
        model.addAttribute("folder", daily.folder());
        return "studio/backup";
    }

    @GetMapping("/kwibbet-backup.zip")
    ResponseEntity<byte[]> download() {
        String name = "kwibbet-" + LocalDate.now(clock.withZone(ZoneId.systemDefault())) + ".zip";
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, "application/zip")
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(backups.make());
    }

    @PostMapping("/look")
    String look(@RequestParam MultipartFile file, Model model, HttpServletResponse response) throws IOException {
        byte[] bytes = file.getBytes();
        Outcome<Comparison> comparison = backups.compare(bytes);
        if (comparison instanceof Outcome.Made<Comparison> made) {
            Looked now = new Looked(UUID.randomUUID().toString(), bytes);
            looked.set(now);
            model.addAttribute("token", now.token());
            model.addAttribute("comparison", made.value());
        } else {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", comparison.reasons().get(0).message());
        }
        return show(model);
    }

    @PostMapping("/bring")
    String bring(
            @RequestParam String token,
            @RequestParam(defaultValue = "KEEP") Differing differing,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        Looked last = Optional.ofNullable(looked.get()).orElse(Looked.NONE);
        Outcome<Comparison> brought = last.token().equals(token) && !token.isEmpty()
                ? backups.restore(last.file(), differing)
                : Outcome.refused("file", "Choose the file once more: another was looked at since.");
        if (brought.reasons().isEmpty()) {
            looked.set(Looked.NONE);
            after.addFlashAttribute("brought", true);
            return "redirect:/studio/backup";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("problem", brought.reasons().get(0).message());
        return show(model);
    }
}

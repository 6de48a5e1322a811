package kwibbet.app.lessons;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptKit;
import kwibbet.app.store.Kits;
import kwibbet.app.store.Lessons;
import kwibbet.app.store.NoSuchKitException;
import kwibbet.lesson.Classroom;
import kwibbet.lesson.Happening;
import kwibbet.picture.FinishedPicture;

/** A class while it is taught. Whatever is told carries a key, so that a button pressed twice tells it once. */
@Controller
@RequestMapping("/classes/{id}/lesson")
class LessonController {

    private static final String LEAD = "lessons/lead";
    private static final String SCREEN = "lessons/screen";

    private final Kits kits;
    private final Lessons lessons;
    private final Inventory inventory;

    LessonController(Kits kits, Lessons lessons, Inventory inventory) {
        this.kits = kits;
        this.lessons = lessons;
        this.inventory = inventory;
    }

    private String page(String id, String view, boolean isPart, Model model) {
        KeptKit kept = kits.get(id);
        LessonPage.Told told = new LessonPage.Told(
                UUID.randomUUID().toString(),
                lessons.mark(kept),
                inventory.shelf(),
                kits.cards(kept.kit()).stream()
                        .map(card -> FinishedPicture.standing(card, inventory.shelf()))
                        .toList());
        model.addAttribute(
                "page", new LessonPage(kept, Kits.meeting(kept), lessons.lesson(id), lessons.classroom(kept), told));
        return isPart ? view + " :: work" : view;
    }

    /** What the teacher leads the class by. */
    @GetMapping
    String lead(
            @PathVariable String id,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isPart,
            Model model) {
        return page(id, LEAD, isPart, model);
    }

    /** What the room sees. */
    @GetMapping("/screen")
    String screen(@PathVariable String id, Model model) {
        return page(id, SCREEN, false, model);
    }

    /** The page as it is by now: nothing where nothing was told since, on whatever device. */
    @GetMapping("/since")
    String since(
            @PathVariable String id,
            @RequestParam String seen,
            @RequestParam(defaultValue = "false") boolean screen,
            Model model,
            HttpServletResponse response) {
        if (lessons.mark(kits.get(id)).equals(seen)) {
            response.setStatus(HttpStatus.NO_CONTENT.value());
            return "lessons/lead :: nothing";
        }
        return page(id, screen ? SCREEN : LEAD, true, model);
    }

    /** Whatever was told, the page shows how things are now. */
    private static String to(String id) {
        return "redirect:/classes/" + id + "/lesson";
    }

    /** Whether the class has a step of that name: a page that is old may name another. */
    private boolean isStep(String id, String step) {
        return lessons.classroom(kits.get(id)).flatMap(room -> room.find(step)).isPresent();
    }

    /** The class begins, anew where it was taught before. */
    @PostMapping("/begin")
    String begin(@PathVariable String id, @RequestParam String key) {
        Kits.meeting(kits.get(id));
        lessons.begin(key, id);
        return to(id);
    }

    /**
     * A step is shown to the room.
     *
     * @param step which; empty for the welcome
     */
    @PostMapping("/show")
    String show(@PathVariable String id, @RequestParam String key, @RequestParam String step) {
        if (step.isEmpty() || isStep(id, step)) {
            lessons.tell(key, id, at -> new Happening.Shown(step, at));
        }
        return to(id);
    }

    /** A table has done a step, or has not after all. */
    @PostMapping("/tick")
    String tick(
            @PathVariable String id,
            @RequestParam String key,
            @RequestParam String table,
            @RequestParam String step,
            @RequestParam boolean done) {
        boolean isTable = kits.get(id).kit().seated().stream()
                .anyMatch(seat -> seat.name().equals(table));
        if (!isTable || !isStep(id, step)) {
            return to(id);
        }
        lessons.tell(
                key, id, at -> done ? new Happening.Done(table, step, at) : new Happening.NotDone(table, step, at));
        return to(id);
    }

    /** All tables have done the step that is shown, and the next one is. */
    @PostMapping("/all")
    String all(@PathVariable String id, @RequestParam String key, @RequestParam String step) {
        KeptKit kept = kits.get(id);
        Optional<Classroom> room = lessons.classroom(kept);
        room.flatMap(each -> each.find(step)).ifPresent(each -> {
            if (!each.share().told().isWaiting()) {
                lessons.doneByAll(key, kept, each);
            }
        });
        room.filter(each ->
                        each.shown().filter(shown -> shown.id().equals(step)).isPresent())
                .flatMap(Classroom::onward)
                .ifPresent(next -> lessons.tell(key, id, at -> new Happening.Shown(next.id(), at)));
        return to(id);
    }

    /** Some steps are left out, or made after all. */
    @PostMapping("/leave-out")
    String leaveOut(
            @PathVariable String id,
            @RequestParam String key,
            @RequestParam(name = "step") List<String> steps,
            @RequestParam boolean out) {
        lessons.tell(
                key,
                id,
                steps.stream().filter(step -> isStep(id, step)).toList(),
                (step, at) -> out ? new Happening.LeftOut(step, at) : new Happening.PutBack(step, at));
        return to(id);
    }

    /** The class is over. */
    @PostMapping("/end")
    String end(@PathVariable String id, @RequestParam String key, @RequestParam boolean teaches) {
        lessons.end(key, kits.get(id), teaches);
        return to(id);
    }

    /** The class is not over after all. */
    @PostMapping("/go-on")
    String goOn(@PathVariable String id, @RequestParam String key) {
        Kits.meeting(kits.get(id));
        lessons.goOn(key, id);
        return to(id);
    }

    @ExceptionHandler(NoSuchKitException.class)
    String none() {
        return "redirect:/classes";
    }
}

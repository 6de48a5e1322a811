package kwibbet.app.studio;

import java.util.Map;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import kwibbet.app.inventory.StarterSet;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Studio;
import kwibbet.app.web.Entries;
import kwibbet.measure.MeasureSystem;
import kwibbet.tool.Hand;

/** The settings of the studio. */
@Controller
@RequestMapping("/studio")
class StudioController {

    private final Inventory inventory;

    StudioController(Inventory inventory) {
        this.inventory = inventory;
    }

    @GetMapping
    String show(Model model) {
        return page(Entries.none(), model);
    }

    private String page(Entries entries, Model model) {
        model.addAttribute("entries", entries);
        model.addAttribute("studio", inventory.studio());
        model.addAttribute("hand", inventory.toolbox().hand());
        model.addAttribute("systems", MeasureSystem.values());
        model.addAttribute("sheets", Studio.Sheets.values());
        model.addAttribute("hands", Hand.values());
        return "studio/studio";
    }

    @PostMapping
    String keep(
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        Entries entries = Entries.of(typed);
        Studio studio = read(entries);
        Hand hand = entries.choice("hand", Hand.class);
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(entries, model);
        }
        inventory.save(studio, hand);
        after.addFlashAttribute("kept", true);
        return "redirect:/studio";
    }

    /** The one question of the first start: with its answer paper is laid in, and the first card can be begun. */
    @PostMapping("/first")
    String first(@RequestParam Map<String, String> typed) {
        Entries entries = Entries.of(typed);
        Studio studio = read(entries);
        if (entries.areGood()) {
            inventory.save(studio, inventory.toolbox().hand());
            if (inventory.shelf().papers().isEmpty()) {
                inventory.savePapers(StarterSet.papers(studio));
            }
        }
        return "redirect:/cards/new";
    }

    private static Studio read(Entries entries) {
        return new Studio(entries.choice("system", MeasureSystem.class), entries.choice("sheets", Studio.Sheets.class));
    }
}

package kwibbet.app.inventory;

import java.util.ArrayList;
import java.util.List;
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

import kwibbet.app.store.Inventory;
import kwibbet.app.store.MailDesk;
import kwibbet.app.web.Entries;
import kwibbet.mail.Envelope;
import kwibbet.mail.MailRoom;
import kwibbet.mail.Postage;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;
import kwibbet.wording.Names;

/** The envelopes of the studio and what sending costs, line after line; a line without a name is none. */
@Controller("mailPage")
@RequestMapping("/inventory/mail")
class MailController {

    private static final String NAME = "Give it a name of 1 to " + Names.LONGEST + " letters.";
    private static final int HEAVIEST = 100_000;

    private final MailDesk desk;
    private final Inventory inventory;

    MailController(MailDesk desk, Inventory inventory) {
        this.desk = desk;
        this.inventory = inventory;
    }

    @GetMapping
    String show(Model model) {
        return page(Entries.none(), model);
    }

    private String page(Entries entries, Model model) {
        model.addAttribute("entries", entries);
        model.addAttribute("room", desk.room());
        model.addAttribute("system", inventory.studio().system());
        return "inventory/mail";
    }

    /** Keeps what was entered. */
    @PostMapping
    String keep(
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        Entries entries = Entries.of(typed);
        MeasureSystem system = inventory.studio().system();
        MailRoom room = new MailRoom(
                envelopes(entries, system),
                new Postage(
                        rates(entries, system),
                        entries.cents("square"),
                        entries.cents("stiff"),
                        entries.cents("lumpy")));
        if (!entries.areGood()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(entries, model);
        }
        desk.keep(room);
        after.addFlashAttribute("said", "Kept.");
        return "redirect:/inventory/mail";
    }

    /** The table is again the one it came with. */
    @PostMapping("/as-it-came")
    String asItCame() {
        desk.keep(new MailRoom(desk.room().own(), Postage.INVENTED));
        return "redirect:/inventory/mail";
    }

    private static List<Envelope> envelopes(Entries entries, MeasureSystem system) {
        List<Envelope> envelopes = new ArrayList<>();
        for (int at = 0; at < MailRoom.MOST && entries.has("envelope-" + at); at++) {
            String name = entries.words("envelope-" + at);
            if (!name.isEmpty()) {
                named(entries, "envelope-" + at);
                envelopes.add(new Envelope(
                        name, new Size(entries.side("width-" + at, system), entries.side("height-" + at, system))));
            }
        }
        return envelopes;
    }

    private static List<Postage.Rate> rates(Entries entries, MeasureSystem system) {
        List<Postage.Rate> rates = new ArrayList<>();
        for (int at = 0; at < MailRoom.MOST && entries.has("rate-" + at); at++) {
            String name = entries.words("rate-" + at);
            if (!name.isEmpty()) {
                named(entries, "rate-" + at);
                int grams = entries.wholeNumber("grams-" + at);
                if (grams < 1 || grams > HEAVIEST) {
                    entries.refuse("grams-" + at, "It takes 1 to " + HEAVIEST + " g.");
                }
                rates.add(new Postage.Rate(
                        name,
                        entries.side("longest-" + at, system),
                        entries.side("thickest-" + at, system),
                        grams,
                        entries.cents("cents-" + at)));
            }
        }
        return rates;
    }

    private static void named(Entries entries, String field) {
        if (!Names.isOne(entries.words(field))) {
            entries.refuse(field, NAME);
        }
    }
}

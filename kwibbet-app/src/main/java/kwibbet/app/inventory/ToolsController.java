package kwibbet.app.inventory;

import java.util.Map;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptOutline;
import kwibbet.app.store.StaleItemException;
import kwibbet.app.web.Entries;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.picture.BoardPicture;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.Grooves;
import kwibbet.tool.HandTools;
import kwibbet.tool.Punch;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

/** What the trimmer, the scoring board and the press can do. */
@Controller
@RequestMapping("/inventory/tools")
class ToolsController {

    private final Inventory inventory;

    ToolsController(Inventory inventory) {
        this.inventory = inventory;
    }

    @GetMapping
    String show(Model model) {
        return page(Entries.none(), model);
    }

    private String page(Entries entries, Model model) {
        MeasureSystem system = inventory.studio().system();
        Toolbox tools = inventory.toolbox();
        model.addAttribute("version", inventory.versionOfTools());
        model.addAttribute("entries", entries);
        model.addAttribute("tools", tools);
        model.addAttribute(
                "marks", ToolForm.marks(system, tools.trimmer().graduation().step()));
        model.addAttribute("slits", Trimmer.Slits.values());
        model.addAttribute("plates", ScoringBoard.Plate.values());
        model.addAttribute("boardPicture", BoardPicture.of(tools.board(), tools.hand()));
        model.addAttribute("system", system);
        model.addAttribute("punches", Punch.said(tools.handTools().punches(), system));
        model.addAttribute("punchExample", Punch.example(system));
        model.addAttribute("edgePunches", EdgePunch.said(tools.handTools().edgePunches(), system));
        model.addAttribute("edgePunchExample", EdgePunch.example(system));
        model.addAttribute("rounders", HandTools.said(tools.handTools().rounders(), system));
        model.addAttribute("stencil", SidesField.of(tools.handTools().stencil(), system));
        model.addAttribute("folder", SidesField.of(tools.handTools().folder(), system));
        model.addAttribute("platform", SidesField.of(tools.handTools().platform(), system));
        model.addAttribute("printer", SidesField.of(tools.handTools().printer(), system));
        model.addAttribute("grooveExample", Grooves.example(system));
        model.addAttribute("millimetres", MeasureSystem.METRIC);
        return "inventory/tools";
    }

    @PostMapping
    String keep(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        Outcome<Toolbox> tools = ToolForm.read(
                entries,
                inventory.toolbox(),
                inventory.outlines().stream().map(KeptOutline::shape).toList(),
                inventory.studio().system());
        if (tools instanceof Outcome.Made<Toolbox> made) {
            try {
                inventory.save(made.value(), entries.version());
                return "redirect:/inventory/tools";
            } catch (StaleItemException elsewhere) {
                // What was typed stands in its fields, upon the version that is there now: sent again, it is kept.
                entries.refuse("version", Entries.STALE);
                response.setStatus(HttpStatus.CONFLICT.value());
                return page(entries, model);
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(entries, model);
    }
}

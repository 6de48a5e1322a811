package kwibbet.app.inventory;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptOutline;
import kwibbet.app.store.StaleItemException;
import kwibbet.app.web.Entries;
import kwibbet.app.web.PlotFile;
import kwibbet.app.web.Uploads;
import kwibbet.drawing.Drawing;
import kwibbet.formats.outline.DrawingReader;
import kwibbet.formats.outline.DrawnLines;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.Finish;
import kwibbet.outline.OwnShape;
import kwibbet.outline.ShapePart;
import kwibbet.outline.Source;
import kwibbet.outline.Tracing;
import kwibbet.picture.OutlinePicture;
import kwibbet.plot.Plot;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.wording.Names;

/** Outlines of the maker's own: put together of shapes, or read from a drawing, and kept for any card and die. */
@Controller
@RequestMapping("/inventory/outlines")
class OutlinesController {

    private static final String HOME = "redirect:/inventory/outlines";

    private final Inventory inventory;

    OutlinesController(Inventory inventory) {
        this.inventory = inventory;
    }

    private MeasureSystem system() {
        return inventory.studio().system();
    }

    /** All of them, to one scale. */
    @GetMapping
    String show(Model model) {
        return gallery(List.of(), model);
    }

    private String gallery(List<String> troubles, Model model) {
        List<KeptOutline> all = inventory.outlines();
        Size frame = OutlinePicture.frame(all.stream().map(KeptOutline::shape).toList());
        Map<String, Drawing> pictures = new LinkedHashMap<>();
        all.forEach(each -> pictures.put(each.id(), OutlinePicture.chip(each.shape(), frame)));
        model.addAttribute("outlines", all);
        model.addAttribute("pictures", pictures);
        model.addAttribute("troubles", troubles);
        model.addAttribute("system", system());
        return "inventory/outlines";
    }

    /** A rounded box, to begin with. */
    @PostMapping
    String add() {
        Size size = new Size(system().usual(Length.ofInches(3)), system().usual(Length.ofInches(4)));
        ShapePart box = ShapePart.of(new Source.OfTrade(CutShape.Kind.ROUNDED), size);
        String name = "Outline " + (inventory.outlines().size() + 1);
        OwnShape shape = OwnShape.of(name, List.of(box), Finish.NONE, system()).orThrow();
        return HOME + "/" + inventory.addOutline(shape, "");
    }

    /** What is understood of a drawing, kept as an outline of which the maker says which lines are cut. */
    @PostMapping("/read")
    String read(@RequestParam MultipartFile file, Model model, HttpServletResponse response) throws IOException {
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        Outcome<String> id =
                Uploads.text(file).then(DrawingReader::read).then(lines -> traced(lines, OutlineForm.nameOf(name)));
        if (id instanceof Outcome.Made<String> made) {
            return HOME + "/" + made.value();
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return gallery(id.reasons().stream().map(reason -> reason.message()).toList(), model);
    }

    private Outcome<String> traced(DrawnLines lines, String name) {
        return lines.tracing()
                .asFirstRead()
                .then(tracing -> OwnShape.of(name, List.of(part(tracing, lines)), Finish.NONE, system()))
                .then(shape -> Outcome.made(inventory.addOutline(shape, told(lines))));
    }

    private static ShapePart part(Tracing tracing, DrawnLines lines) {
        Size drawn = tracing.size(lines.unit()).orElseThrow(() -> new IllegalStateException("what is read has a box"));
        return ShapePart.of(new Source.Traced(tracing), drawn);
    }

    private static String told(DrawnLines lines) {
        String unit = lines.isUnitSaid()
                ? ""
                : "The drawing does not say how large it is: " + lines.unit().words() + " are taken. ";
        return unit + String.join(" ", lines.told());
    }

    /** One of them, to be changed. */
    @GetMapping("/{id}")
    String one(@PathVariable String id, Model model) {
        return inventory
                .outline(id)
                .map(kept -> editor(kept, kept.shape(), kept.shape().parts(), Entries.none(), model))
                .orElse(HOME);
    }

    private String editor(KeptOutline kept, OwnShape shown, List<ShapePart> parts, Entries entries, Model model) {
        model.addAttribute("kept", kept);
        model.addAttribute("shown", shown);
        model.addAttribute("changed", !shown.equals(kept.shape()) || !entries.areGood());
        model.addAttribute("version", inventory.versionOfOutline(kept.id()));
        model.addAttribute("picture", OutlinePicture.of(shown, system()));
        model.addAttribute("parts", OutlineForm.fields(parts, kept.shape()));
        model.addAttribute("answered", OutlineForm.answered(parts));
        model.addAttribute("entries", entries);
        model.addAttribute("kinds", CutShape.Kind.values());
        model.addAttribute("hows", ShapePart.How.values());
        model.addAttribute("uses", Tracing.Use.values());
        model.addAttribute("system", system());
        return "inventory/outline";
    }

    /** It as a file. */
    @GetMapping("/{id}/outline.{ending:svg|dxf}")
    ResponseEntity<byte[]> file(@PathVariable String id, @PathVariable String ending) {
        return inventory
                .outline(id)
                .map(kept -> PlotFile.of(ending).answer(Plot.of(kept.shape())))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** What was entered, drawn and not yet kept. */
    @PostMapping("/{id}/draw")
    String draw(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        return inventory
                .outline(id)
                .map(kept -> drawn(kept, typed, model, response))
                .orElse(HOME);
    }

    private String drawn(KeptOutline kept, Map<String, String> typed, Model model, HttpServletResponse response) {
        Entries entries = Entries.of(typed);
        OutlineForm form = new OutlineForm(entries, system(), kept.shape());
        Optional<OwnShape> shape = form.read();
        if (shape.isEmpty()) {
            return refused(kept, form, entries, model, response);
        }
        return editor(kept, shape.get(), shape.get().parts(), Entries.none(), model);
    }

    /** What was typed stays, beside what is wrong with it, and the outline is drawn as it was. */
    private String refused(
            KeptOutline kept, OutlineForm form, Entries entries, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return editor(kept, kept.shape(), form.parts(), entries, model);
    }

    /** Keeps it as it was entered. */
    @PostMapping("/{id}")
    String keep(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Optional<KeptOutline> kept = inventory.outline(id);
        if (kept.isEmpty()) {
            return HOME;
        }
        Entries entries = Entries.of(typed);
        OutlineForm form = new OutlineForm(entries, system(), kept.get().shape());
        Optional<OwnShape> shape = form.read();
        if (shape.isEmpty()) {
            return refused(kept.get(), form, entries, model, response);
        }
        try {
            inventory.save(kept.get().with(shape.get()), entries.version());
            return HOME + "/" + id;
        } catch (StaleItemException elsewhere) {
            response.setStatus(HttpStatus.CONFLICT.value());
            entries.refuse("version", Entries.STALE);
            return editor(kept.get(), shape.get(), shape.get().parts(), entries, model);
        }
    }

    /** A second one like it. */
    @PostMapping("/{id}/duplicate")
    String duplicate(@PathVariable String id) {
        return inventory
                .outline(id)
                .map(kept -> HOME + "/" + inventory.addOutline(copied(kept.shape()), kept.told()))
                .orElse(HOME);
    }

    private OwnShape copied(OwnShape shape) {
        return OwnShape.of(Names.ofCopy(shape.words()), shape.parts(), shape.finish(), system())
                .orThrow();
    }

    /** Takes it out; cards and dies that have it keep it. */
    @PostMapping("/{id}/remove")
    String remove(@PathVariable String id) {
        inventory.removeOutline(id);
        return HOME;
    }
}

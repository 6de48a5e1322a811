package kwibbet.app.count;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

import kwibbet.app.store.Inventory;
import kwibbet.app.web.Entries;
import kwibbet.cutting.SheetCount;
import kwibbet.cutting.SheetCount.Way;
import kwibbet.drawing.Drawing;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.CountPicture;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** How many of a piece come from one sheet, worked out as it is typed. */
@Controller
class CountController {

    private static final Length LARGEST = Length.ofInches(60);
    private static final Length SMALLEST = Length.ofInches(1, 8);

    /** What is shown as far as nothing else is asked: a standard card from a letter sheet, or an A6 from an A4. */
    private static final Map<MeasureSystem, Map<String, String>> FIRST = Map.of(
            MeasureSystem.INCH,
            Map.of("width", "4 1/4", "height", "5 1/2", "sheetWidth", "8 1/2", "sheetHeight", "11", "system", "INCH"),
            MeasureSystem.METRIC,
            Map.of("width", "105", "height", "148", "sheetWidth", "210", "sheetHeight", "297", "system", "METRIC"));

    private final Inventory inventory;

    CountController(Inventory inventory) {
        this.inventory = inventory;
    }

    @GetMapping("/count")
    String count(
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "") String within,
            Model model) {
        Map<String, String> asked =
                new HashMap<>(FIRST.getOrDefault(inventory.studio().system(), Map.of()));
        asked.putAll(typed);
        Entries entries = Entries.of(asked);
        MeasureSystem system = entries.choice("system", MeasureSystem.class);
        Length width = side(entries, "width", system);
        Length height = side(entries, "height", system);
        Length sheetWidth = side(entries, "sheetWidth", system);
        Length sheetHeight = side(entries, "sheetHeight", system);
        model.addAttribute("entries", entries);
        model.addAttribute("asked", asked);
        model.addAttribute("system", system);
        if (entries.areGood()) {
            SheetCount count = SheetCount.of(new Size(width, height), new Size(sheetWidth, sheetHeight));
            Map<Way, Drawing> pictures = new EnumMap<>(Way.class);
            count.layouts().forEach((way, layout) -> pictures.put(way, CountPicture.of(layout, system)));
            model.addAttribute("count", count);
            model.addAttribute("pictures", pictures);
        }
        return within.isEmpty() ? "count/count" : "count/count :: main";
    }

    private static Length side(Entries entries, String field, MeasureSystem system) {
        Length length = entries.length(field, system);
        if (length.isShorterThan(SMALLEST) || length.isLongerThan(LARGEST)) {
            entries.refuse(
                    field,
                    Phrase.in(system)
                            .words("It must be ")
                            .length(system.leastSaid(SMALLEST))
                            .words(" to ")
                            .length(system.mostSaid(LARGEST))
                            .words(".")
                            .end()
                            .text());
            return Length.ofInches(1);
        }
        return length;
    }
}

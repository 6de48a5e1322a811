package kwibbet.app.inventory;

import java.util.Optional;

import org.springframework.stereotype.Component;

import kwibbet.app.web.Entries;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Grammage;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.shape.Size;

/** Reads the form of a paper. */
@Component
class PaperForm {

    private static int weight(Entries entries) {
        Optional<Integer> grams = Grammage.parse(entries.words("weight"));
        if (grams.isEmpty()) {
            entries.refuse(
                    "weight",
                    "Enter it in g/m², as 216, or in pounds with its kind, as 80 lb cover: bond, text, cover, index, bristol or tag.");
        }
        return grams.orElse(1);
    }

    Optional<Paper> read(PaperId id, Entries entries, PaperShelf shelf) {
        MeasureSystem system = entries.choice("system", MeasureSystem.class);
        Length width = entries.side("sheetWidth", system);
        Length height = entries.side("sheetHeight", system);
        Length caliper = entries.length("caliper", MeasureSystem.METRIC);
        PaperKind kind = entries.choice("kind", PaperKind.class);
        Pattern pattern = entries.choice("pattern", Pattern.class);
        Grain grain = entries.choice("grain", Grain.class);
        int weight = weight(entries);
        int onHand = entries.wholeNumber("onHand");
        int cents = entries.cents("price");
        Colour colour = colour(entries, "colour");
        boolean twoFaced = entries.isTicked("twoFaced");
        Colour otherFace = twoFaced ? colour(entries, "otherFace") : colour;
        Pattern otherPattern = !twoFaced
                ? pattern
                : entries.has("otherPattern") ? entries.choice("otherPattern", Pattern.class) : Pattern.PLAIN;
        Length margin = entries.words("margin").isBlank() ? Length.ZERO : entries.length("margin", system);
        Optional<PaperId> sizeOf = Optional.of(entries.words("sizeOf"))
                .filter(other -> !other.isBlank() && !other.equals(id.value()))
                .map(PaperId::new);
        if (sizeOf.isPresent() && sizeOf.flatMap(shelf::find).isEmpty()) {
            entries.refuse("sizeOf", "Choose one of the list.");
        }
        if (!entries.areGood()) {
            return Optional.empty();
        }
        Outcome<Paper> paper = new Paper(
                        id,
                        entries.words("name"),
                        kind,
                        new Paper.Format(new Size(width, height), system, margin),
                        new Paper.Face(colour, pattern, otherFace, otherPattern),
                        new Paper.Body(grain, weight, caliper),
                        new Paper.Kept(onHand, cents),
                        sizeOf)
                .checked();
        entries.refuse(paper.reasons());
        return entries.areGood() ? Optional.of(paper.orThrow()) : Optional.empty();
    }

    private static Colour colour(Entries entries, String field) {
        try {
            return new Colour(entries.words(field));
        } catch (IllegalArgumentException misread) {
            entries.refuse(field, "Pick a colour.");
            return Colour.WHITE;
        }
    }
}

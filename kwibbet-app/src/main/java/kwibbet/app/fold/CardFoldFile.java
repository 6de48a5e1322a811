package kwibbet.app.fold;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.crease.FoldStep;
import kwibbet.crease.FoldedState;
import kwibbet.fold.CardFolding;
import kwibbet.fold.CardSheets;
import kwibbet.fold.FoldWords;
import kwibbet.formats.fold.FoldWriter;

/** A card as a FOLD document: the sheet of its base, or all its sheets. */
public final class CardFoldFile {

    private CardFoldFile() {}

    /** The document: the flat sheet of the base, and a frame for how it lies after each step, the last step first. */
    public static String of(String name, CardFolding folding) {
        CardFolding.BaseSheet sheet = folding.baseSheet().orThrow();
        return FoldWriter.text(name, "in", sheet.graph(), sheet.traced(), frames(folding, sheet.states()));
    }

    /** The document of all its paper: every sheet flat, what is stuck to what, and how all of it lies after each step. */
    public static String whole(String name, Card card, CardFolding folding) {
        CardSheets sheets = CardSheets.of(card, folding);
        return FoldWriter.text(name, "in", sheets, frames(folding, sheets.states()));
    }

    private static List<FoldWriter.Frame> frames(CardFolding folding, List<FoldedState> states) {
        List<FoldStep> steps = folding.sequence().map(all -> all.steps()).orElse(List.of());
        List<FoldWriter.Frame> frames = new ArrayList<>();
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).kind() != FoldStep.Kind.TURN) {
                frames.add(new FoldWriter.Frame(
                        FoldWords.of(steps.get(i), folding.pattern().pattern()), states.get(i)));
            }
        }
        return frames;
    }
}

package kwibbet.app.fold;

import java.util.ArrayList;
import java.util.List;

import kwibbet.crease.FoldStep;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldWords;
import kwibbet.formats.fold.FoldWriter;

/** The base of a card as a FOLD document. */
public final class CardFoldFile {

    private CardFoldFile() {}

    /** The document: the flat sheet of the base, and a frame for how it lies after each step, the last step first. */
    public static String of(String name, CardFolding folding) {
        CardFolding.BaseSheet sheet = folding.baseSheet().orThrow();
        List<FoldStep> steps = folding.sequence().map(all -> all.steps()).orElse(List.of());
        List<FoldWriter.Frame> frames = new ArrayList<>();
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).kind() != FoldStep.Kind.TURN) {
                frames.add(new FoldWriter.Frame(
                        FoldWords.of(steps.get(i), folding.pattern().pattern()),
                        sheet.states().get(i)));
            }
        }
        return FoldWriter.text(name, "in", sheet.graph(), sheet.traced(), frames);
    }
}

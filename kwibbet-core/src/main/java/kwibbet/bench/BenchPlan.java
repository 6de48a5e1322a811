package kwibbet.bench;

import java.util.List;

import kwibbet.card.Card;
import kwibbet.layout.SheetPlan;
import kwibbet.tool.Toolbox;

/**
 * All steps of a run, in the order they are done.
 *
 * @param trim the cuts, sheet after sheet
 * @param score the creases, piece after piece
 * @param make folding and sticking, card after card
 */
public record BenchPlan(List<TrimStep> trim, List<ScoreStep> score, List<MakeStep> make) {

    /** Copies the lists. */
    public BenchPlan {
        trim = List.copyOf(trim);
        score = List.copyOf(score);
        make = List.copyOf(make);
    }

    /**
     * The steps for a run.
     *
     * @param card the card
     * @param sheets how its sheets are cut
     * @param tools what they are cut and scored with
     */
    public static BenchPlan of(Card card, SheetPlan sheets, Toolbox tools) {
        List<TrimStep> trim = sheets.lettered().stream()
                .flatMap(lettered -> TrimStep.of(lettered, tools.trimmer()).stream())
                .toList();
        int cards = card.design().run().cards();
        List<ScoreStep> score = card.pieces().stream()
                .flatMap(piece -> piece.scores().stream().map(at -> ScoreStep.of(piece, at, cards, tools.board())))
                .toList();
        return new BenchPlan(trim, score, MakeStep.of(card));
    }
}

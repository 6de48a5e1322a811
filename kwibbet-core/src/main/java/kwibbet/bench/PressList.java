package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Card;
import kwibbet.card.Opening;
import kwibbet.card.Piece;
import kwibbet.press.PressPlan;
import kwibbet.press.PressPlan.ByHand;
import kwibbet.press.PressPlan.Load;
import kwibbet.press.Want;
import kwibbet.tool.Toolbox;

/**
 * All passes of a run.
 *
 * @param settings what lies on the bed together, load after load
 * @param byHand what is cut otherwise
 * @param passes how often the run passes the press
 * @param atLeast no plan for these dies passes less often
 */
public record PressList(List<PressSetting> settings, List<ByHand> byHand, int passes, int atLeast) {

    /** Copies the lists. */
    public PressList {
        settings = List.copyOf(settings);
        byHand = List.copyOf(byHand);
    }

    /** The passes of the run of a card. */
    public static PressList of(Card card, Toolbox tools) {
        return of(card, tools, PressPlan.of(card, tools.press(), tools.dies()));
    }

    /** The passes of the run of a card that was planned already. */
    static PressList of(Card card, Toolbox tools, PressPlan plan) {
        List<PressSetting> settings = new ArrayList<>();
        for (Load load : plan.loads()) {
            List<PressStep> steps = load.laid().stream()
                    .map(onBed -> new PressStep(
                            onBed, tools.hand(), inRegister(card, onBed.layup().first())))
                    .toList();
            settings.add(new PressSetting(settings.size() + 1, load, steps));
        }
        return new PressList(settings, plan.byHand(), plan.passes(), plan.atLeast());
    }

    private static List<String> inRegister(Card card, Want want) {
        return card.pieces().stream()
                .filter(piece -> !piece.id().equals(want.piece().id()))
                .filter(piece -> isOpenFor(piece, want))
                .map(Piece::name)
                .toList();
    }

    /** The ring of a shaker or a frame has an opening of its own name; it lines up all the same. */
    private static boolean isOpenFor(Piece piece, Want want) {
        return piece.openings().stream()
                .filter(opening -> opening.owner().equals(want.owner()))
                .map(Opening::shape)
                .anyMatch(shape -> want.piece().openings().stream()
                        .anyMatch(own ->
                                own.owner().equals(want.owner()) && own.shape().equals(shape)));
    }

    /** Whether an opening of a piece has been cut by a die. */
    boolean cuts(Piece piece, Opening opening) {
        return settings.stream()
                .flatMap(setting -> setting.steps().stream())
                .filter(step -> step.piece().equals(piece))
                .flatMap(step -> step.layings().stream())
                .map(laying -> laying.use().want())
                .anyMatch(want -> want.role() == Want.Role.FIELD
                        ? want.owner().equals(opening.owner())
                        : want.outline().equals(opening.outline()));
    }

    /** Whether no plan for these dies passes less often. */
    public boolean isProven() {
        return passes == atLeast;
    }
}

package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.making.Operation;
import kwibbet.press.DieUse;
import kwibbet.press.Layup;
import kwibbet.press.PressPlan;
import kwibbet.press.PressPlan.Load;
import kwibbet.press.PressPlan.OnBed;
import kwibbet.press.Want;
import kwibbet.tool.Hand;

/**
 * All passes of a run.
 *
 * @param plan what goes through the press, and what is cut by hand
 * @param settings what lies on the bed together, load after load
 */
public record PressList(PressPlan plan, List<PressSetting> settings) {

    /** Copies the list. */
    public PressList {
        settings = List.copyOf(settings);
    }

    /** The passes of the runs of some cards that were planned. */
    static PressList of(List<Card> cards, PressPlan plan, Hand hand) {
        List<List<PressSetting>> alike = new ArrayList<>();
        List<Layup> before = new ArrayList<>();
        for (Load load : plan.loads()) {
            List<PressStep> steps = load.laid().stream()
                    .map(onBed -> step(cards, onBed, load.passes(), hand, before))
                    .toList();
            load.laid().stream()
                    .map(OnBed::layup)
                    .filter(layup -> !before.contains(layup))
                    .forEach(before::add);
            PressSetting setting = new PressSetting(0, load, steps);
            alike.stream()
                    .filter(others -> others.get(0).isLike(setting))
                    .findFirst()
                    .ifPresentOrElse(others -> others.add(setting), () -> alike.add(new ArrayList<>(List.of(setting))));
        }
        List<PressSetting> settings = new ArrayList<>();
        alike.forEach(same -> settings.add(PressSetting.of(settings.size() + 1, same)));
        return new PressList(plan, settings);
    }

    private static PressStep step(List<Card> cards, OnBed onBed, int count, Hand hand, List<Layup> before) {
        Card card = cards.stream()
                .filter(each -> each.pieces().contains(onBed.layup().piece()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        "no card has the piece " + onBed.layup().piece().name()));
        List<DieLaying> layings = onBed.layup().uses().stream()
                .map(use -> DieLaying.of(use, onBed.layup(), hand, inRegister(card, use)))
                .toList();
        List<Operation.Stick> stuck = onBed.layup().lying().on().stream()
                .map(on -> Operation.Stick.of(card, on.join()))
                .toList();
        List<Layup> own = before.stream()
                .filter(layup -> layup.piece().equals(onBed.layup().piece()))
                .filter(layup -> !layup.equals(onBed.layup()))
                .toList();
        return new PressStep(onBed, layings, stuck, count, List.of(), own);
    }

    /** The other pieces that have the same opening for the same thing, cut in another pass. */
    private static List<String> inRegister(Card card, DieUse use) {
        Want want = use.want();
        return card.pieces().stream()
                .filter(piece -> !piece.id().equals(want.piece().id()))
                .filter(piece -> use.also().through().stream()
                        .noneMatch(other -> other.piece().equals(piece)))
                .filter(piece -> piece.openings().stream()
                        .anyMatch(opening -> opening.owner().equals(want.owner())
                                && want.shape().equals(Optional.of(opening.shape()))))
                .map(Piece::name)
                .toList();
    }
}

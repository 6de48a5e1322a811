package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;

import kwibbet.bench.TrimSetting.Blade;
import kwibbet.measure.Length;
import kwibbet.paper.PaperKind;

/**
 * At what a fence is set, in order, as it was found: given again for the same sheets, it gives the same list, whatever a later release would find.
 *
 * @param trimmer for what is cut with the trimmer's own blade
 * @param oldBlade for what is cut with the old blade
 */
public record FenceOrders(List<Length> trimmer, List<Length> oldBlade) {

    /** Nothing was found before. */
    public static final FenceOrders NONE = new FenceOrders(List.of(), List.of());

    /** Copies the lists. */
    public FenceOrders {
        trimmer = List.copyOf(trimmer);
        oldBlade = List.copyOf(oldBlade);
    }

    /** Those of a list of settings; what a knife cuts belongs to the blade with which the rest of its paper is cut. */
    static FenceOrders of(List<TrimSetting> settings) {
        List<Length> trimmer = new ArrayList<>();
        List<Length> oldBlade = new ArrayList<>();
        for (TrimSetting setting : settings) {
            boolean film = setting.steps().get(0).sheet().paper().kind() == PaperKind.FILM;
            (film ? oldBlade : trimmer).add(setting.set().exact());
        }
        return new FenceOrders(trimmer, oldBlade);
    }

    List<Length> of(Blade blade) {
        return blade == Blade.OLD_BLADE ? oldBlade : trimmer;
    }
}

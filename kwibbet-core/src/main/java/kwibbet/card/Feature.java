package kwibbet.card;

import java.util.List;

import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/** Something done to a panel: a record without components, since all that varies is in the {@link Settings}. */
public interface Feature extends Craft {

    /**
     * What it adds to the card, or why it cannot be made; the fields of the refusals are keys of parameters.
     *
     * @param site where it is to be, with its settings, each within its parameter's range
     */
    Outcome<Work> work(Site site);

    /** Whether it is its opening that is placed, not its first piece: the frame of a window or of a shaker reaches past that. */
    default boolean isPlacedByOpening() {
        return false;
    }

    /**
     * Settings to begin with before all others, the likeliest first, where it is at an edge or holds panels together, and the middle is no place to begin; or where it has
     * no room as it usually begins.
     *
     * @param settings what it starts from
     * @param room how large the place is
     * @param system what the maker measures in
     */
    default List<Settings> suited(Settings settings, Size room, MeasureSystem system) {
        return List.of();
    }

    /** Lengths of it, besides those every placing has, that say where it lies and not how large it is. */
    default List<Parameter.OfLength> distances() {
        return List.of();
    }

    /** Whether further layers on the same face go on top of it rather than beside it. */
    default boolean isLayer() {
        return false;
    }
}

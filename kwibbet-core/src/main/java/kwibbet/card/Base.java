package kwibbet.card;

import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/** A way to fold a sheet into a card: a record without components, since all that varies is in the {@link Settings}. */
public interface Base extends Craft {

    /** The size of the shut card. */
    Size finished(Settings settings);

    /** The settings for a card that is {@code finished} when shut, all else unchanged. */
    Settings sized(Settings settings, Size finished);

    /**
     * The size makers fold it to until they choose another; nothing where that is the {@linkplain CardSize#usual usual} one of every card.
     *
     * @param system what the maker measures in
     */
    default Optional<Size> usual(MeasureSystem system) {
        return Optional.empty();
    }

    /**
     * Changed settings, where what was worked out and is entered from now on starts from what it was, so that nothing jumps.
     *
     * @param before the settings as they were
     * @param after as they are wanted
     */
    default Settings continued(Settings before, Settings after) {
        return after;
    }

    /** Whether it lies a quarter turned: what its lengths grow with in one direction is the shut card's other side. */
    default boolean isTurned(Settings settings) {
        return false;
    }

    /**
     * The settings that put a score somewhere else; nothing where it lies where it must.
     *
     * @param settings the settings at the present size
     * @param score the key of the score
     * @param at its distance from the left or the top edge of the flat base
     */
    default Optional<Settings> moved(Settings settings, ScoreId score, Length at) {
        return Optional.empty();
    }

    /**
     * Another setting of a base that puts something right.
     *
     * @param words what it does, for a button
     * @param settings the settings
     */
    record WayOut(String words, Settings settings) {}

    /** With doors that meet, where its doors have widths of their own; nothing where it has no such doors. */
    default Optional<WayOut> withMeetingDoors(Settings settings) {
        return Optional.empty();
    }

    /**
     * With film that ends so much before the fold; nothing where it has no film of its own.
     *
     * @param settings the settings at the present size
     * @param by how much
     */
    default Optional<WayOut> withShorterFilm(Settings settings, Length by) {
        return Optional.empty();
    }

    /**
     * With a panel shortened that is folded in; nothing where no panel can be.
     *
     * @param settings the settings at the present size
     * @param panel the key of the panel
     * @param by how much
     */
    default Optional<WayOut> withShorterPanel(Settings settings, PanelId panel, Length by) {
        return Optional.empty();
    }

    /** With a foot trimmed off straight, so that it stands; nothing where it has no foot that can be. */
    default Optional<WayOut> withFlatFoot(Settings settings) {
        return Optional.empty();
    }

    /** With one score that folds the other way, one after the other; none where the base says how each folds. */
    default List<WayOut> withOneFoldTurned(Settings settings) {
        return List.of();
    }

    /**
     * The base with its parameters set, or why it cannot be made; the fields of the refusals are keys of parameters.
     *
     * @param brief its settings, each within its parameter's range
     */
    Outcome<Form> form(Brief brief);
}

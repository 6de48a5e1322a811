package kwibbet.card;

import java.util.List;
import java.util.Optional;

import kwibbet.measure.MeasureSystem;
import kwibbet.shape.CutShape;
import kwibbet.tool.Die;

/** Something a maker can choose and set: a base or a feature. */
public interface Craft {

    /** Names it in forms and documents; never changes once a design may hold it. */
    String key();

    /** What makers call it. */
    String title();

    /** One sentence that says what it is. */
    String sentence();

    /** All that can be set, in the order it is asked. */
    List<Parameter> parameters();

    /** What has a meaning as the rest is set. */
    default List<Parameter> asked(Settings settings) {
        return parameters();
    }

    /**
     * What it starts from: everything at its preset, for makers who measure in millimetres as {@link Presets} has it.
     *
     * @param system what the maker measures in
     */
    default Settings start(MeasureSystem system) {
        return Presets.of(this, system);
    }

    /**
     * The settings with which a die cuts it; nothing where it is not cut by one, or not by one of that shape.
     *
     * @param settings its settings at the present size
     * @param die the die
     */
    default Optional<Settings> cutWith(Settings settings, Die die) {
        return cutTo(settings, die.shape());
    }

    /**
     * What it is set to so that it comes out as a shape, as large as that is; nothing where its size does not follow one shape.
     *
     * @param settings its settings at the present size
     * @param shape the shape
     */
    default Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return Optional.empty();
    }

    /**
     * What else changes with a choice: how wide what is chosen usually is, as long as no width was said.
     *
     * @param before its settings before
     * @param after its settings with the choice
     * @param system what the maker measures in
     */
    default Settings following(Settings before, Settings after, MeasureSystem system) {
        return after;
    }

    /** The papers it is cut from. */
    default List<PaperSlot> papers() {
        return List.of(PaperSlot.PAPER);
    }
}

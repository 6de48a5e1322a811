package kwibbet.card;

import java.util.List;

import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/** A way to fold a sheet into a card: a record without components, since all that varies is in the {@link Settings}. */
public interface Base {

    /** Names it in forms and documents; never changes once a design may hold it. */
    String key();

    /** What makers call it. */
    String title();

    /** One sentence that says how it folds. */
    String sentence();

    /** What can be set, in the order it is asked. */
    List<Parameter> parameters();

    /** The settings for a card that is {@code finished} when shut, all else unchanged. */
    Settings sized(Settings settings, Size finished);

    /**
     * The base with its parameters set, or why it cannot be made.
     *
     * @param settings each within its parameter's range
     * @param system the system figures in refusals are said in
     */
    Outcome<Form> form(Settings settings, MeasureSystem system);
}

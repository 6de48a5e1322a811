package kwibbet.card.base;

import java.util.List;

import kwibbet.card.Base;
import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.PanelId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/**
 * A base whose folds all run one way. Its shut card is set by width and height; it is worked out with its folds upright and then
 * turned where they lie level.
 */
interface ParallelFoldBase extends Base {

    /** The panel that lies uppermost. */
    PanelId FRONT = new PanelId("front");

    /** The panel that lies still. */
    PanelId BACK = new PanelId("back");

    /** The four faces of a front that hangs on a back. */
    List<Face> FRONT_AND_BACK = List.of(
            Face.of(FRONT, Side.UNDER, "front"),
            Face.inside(FRONT, Side.UP, "inside front"),
            Face.inside(BACK, Side.UP, "inside back"),
            Face.back(BACK, Side.UNDER, "back"));

    @Override
    default Size finished(Settings settings) {
        return CardSides.size(settings);
    }

    @Override
    default Settings sized(Settings settings, Size finished) {
        return CardSides.sized(settings, finished);
    }

    @Override
    default boolean isTurned(Settings settings) {
        return settings.is(CardSides.LIES, CardSides.TURNED);
    }

    /** The size of the shut card with its folds upright. */
    default Size upright(Settings settings) {
        Size finished = finished(settings);
        return isTurned(settings) ? finished.turned() : finished;
    }

    @Override
    default Outcome<Form> form(Brief brief) {
        Settings settings = brief.settings();
        return upright(brief, upright(settings)).then(form -> Outcome.made(isTurned(settings) ? form.turned() : form));
    }

    /**
     * The form with its folds upright, or why it cannot be made.
     *
     * @param brief its settings, each within its parameter's range
     * @param finished the size of the shut card with its folds upright
     */
    Outcome<Form> upright(Brief brief, Size finished);
}

package kwibbet.card.base;

import kwibbet.card.Base;
import kwibbet.card.Design;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** Settings to start a card from. */
public final class Starts {

    private Starts() {}

    /**
     * The settings of a base for a shut card of that size, whatever else it needs grown or shrunk with it from its preset.
     *
     * @param base the base
     * @param finished the shut card
     * @param system decides what grown lengths are rounded to
     */
    public static Settings sized(Base base, Size finished, MeasureSystem system) {
        Settings entered = Settings.PRESET;
        for (Parameter parameter : base.parameters()) {
            if (parameter instanceof Parameter.OfLength length && length.follows() != Parameter.Follows.NOTHING) {
                entered = entered.with(length, length.preset());
            }
        }
        return Design.of("start", system, base, entered, PaperId.NONE)
                .resized(finished)
                .settled()
                .settings();
    }
}

package kwibbet.card;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/** What a base or a feature starts from. */
public final class Presets {

    private Presets() {}

    /**
     * Everything at its preset; for makers who measure in millimetres every length is entered as the round one they take, within its range.
     *
     * @param craft the base or feature
     * @param system what the maker measures in
     */
    public static Settings of(Craft craft, MeasureSystem system) {
        Settings settings = Settings.PRESET;
        if (system == MeasureSystem.INCH) {
            return settings;
        }
        for (Parameter parameter : craft.parameters()) {
            if (parameter instanceof Parameter.OfLength length) {
                settings = settings.with(length, within(length, system.usual(length.preset()), system));
            }
        }
        return settings;
    }

    private static Length within(Parameter.OfLength range, Length length, MeasureSystem system) {
        Length least = system.leastSaid(range.least());
        Length most = system.mostSaid(range.most());
        return Length.max(least, Length.min(length, most));
    }
}

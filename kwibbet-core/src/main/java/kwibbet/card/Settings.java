package kwibbet.card;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import kwibbet.measure.Length;

/**
 * The parameters of a base as a maker set them; those not set stand at their preset.
 *
 * @param lengths by parameter key
 * @param choices the key of the choice, by parameter key
 */
public record Settings(Map<String, Length> lengths, Map<String, String> choices) {

    /** Everything at its preset. */
    public static final Settings PRESET = new Settings(Map.of(), Map.of());

    /** Copies the maps. */
    public Settings {
        lengths = Map.copyOf(lengths);
        choices = Map.copyOf(choices);
    }

    /** These settings with one length changed. */
    public Settings with(Parameter.OfLength parameter, Length length) {
        Map<String, Length> changed = new HashMap<>(lengths);
        changed.put(parameter.key(), length);
        return new Settings(changed, choices);
    }

    /** These settings with another choice. */
    public Settings with(Parameter.OfChoice parameter, String choice) {
        Map<String, String> changed = new HashMap<>(choices);
        changed.put(parameter.key(), choice);
        return new Settings(lengths, changed);
    }

    /** The length set, or the preset. */
    public Length length(Parameter.OfLength parameter) {
        return Optional.ofNullable(lengths.get(parameter.key())).orElse(parameter.preset());
    }

    /** The key of the choice made, or of the first. */
    public String choice(Parameter.OfChoice parameter) {
        return Optional.ofNullable(choices.get(parameter.key()))
                .orElse(parameter.choices().get(0).key());
    }
}

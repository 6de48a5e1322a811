package kwibbet.card;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.artwork.Artwork;
import kwibbet.measure.Length;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;

/**
 * Parameters as a maker set them; those not set stand at their preset.
 *
 * @param lengths by parameter key
 * @param choices the key of the choice, by parameter key
 * @param counts by parameter key
 * @param outlines the outline of the maker's own that was chosen, by parameter key
 * @param artworks the picture of the maker's own that was chosen, by parameter key
 * @param cutter what its shapes are cut with
 */
public record Settings(
        Map<String, Length> lengths,
        Map<String, String> choices,
        Map<String, Integer> counts,
        Map<String, OwnShape> outlines,
        Map<String, Artwork> artworks,
        Cutter cutter) {

    /** Everything at its preset. */
    public static final Settings PRESET = new Settings(Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Cutter.ANY);

    /** Copies the maps. */
    public Settings {
        lengths = Map.copyOf(lengths);
        choices = Map.copyOf(choices);
        counts = Map.copyOf(counts);
        outlines = Map.copyOf(outlines);
        artworks = Map.copyOf(artworks);
    }

    /** These settings with one length changed. */
    public Settings with(Parameter.OfLength parameter, Length length) {
        return new Settings(changed(lengths, parameter.key(), length), choices, counts, outlines, artworks, cutter);
    }

    /** These settings with another choice; what of the maker's own was chosen before is forgotten. */
    public Settings with(Parameter.OfChoice parameter, String choice) {
        Map<String, OwnShape> otherOutlines = new HashMap<>(outlines);
        Map<String, Artwork> otherArtworks = new HashMap<>(artworks);
        if (!choice.equals(Parameter.OfChoice.OWN)) {
            otherOutlines.remove(parameter.key());
            otherArtworks.remove(parameter.key());
        }
        return new Settings(
                lengths, changed(choices, parameter.key(), choice), counts, otherOutlines, otherArtworks, cutter);
    }

    /** These settings once with each way of a choice, in its order. */
    public List<Settings> withEach(Parameter.OfChoice parameter) {
        return parameter.choices().stream()
                .map(way -> with(parameter, way.key()))
                .toList();
    }

    /** These settings with a picture of the maker's own. */
    public Settings with(Parameter.OfChoice parameter, Artwork artwork) {
        return new Settings(
                lengths,
                changed(choices, parameter.key(), Parameter.OfChoice.OWN),
                counts,
                outlines,
                changed(artworks, parameter.key(), artwork),
                cutter);
    }

    /**
     * These settings with what is cut to.
     *
     * @throws IllegalArgumentException when that is neither a shape of the trade nor an outline of the maker's own
     */
    public Settings with(Parameter.OfChoice parameter, Look look) {
        if (look instanceof CutShape.Kind kind) {
            return with(parameter, Parameter.Choice.of(kind).key());
        }
        if (look instanceof OwnShape outline) {
            return new Settings(
                    lengths,
                    changed(choices, parameter.key(), Parameter.OfChoice.OWN),
                    counts,
                    changed(outlines, parameter.key(), outline),
                    artworks,
                    cutter);
        }
        throw new IllegalArgumentException("nobody can choose " + look.inSentence());
    }

    /** These settings with another count. */
    public Settings with(Parameter.OfCount parameter, int count) {
        return new Settings(lengths, choices, changed(counts, parameter.key(), count), outlines, artworks, cutter);
    }

    /** These settings, cut with something else. */
    public Settings with(Cutter other) {
        return new Settings(lengths, choices, counts, outlines, artworks, other);
    }

    private static <T> Map<String, T> changed(Map<String, T> map, String key, T value) {
        Map<String, T> changed = new HashMap<>(map);
        changed.put(key, value);
        return changed;
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

    /** Whether a choice was made. */
    public boolean is(Parameter.OfChoice parameter, String choice) {
        return choice(parameter).equals(choice);
    }

    /** The outline of the maker's own that is chosen; nothing where something else is. */
    public Optional<OwnShape> outline(Parameter.OfChoice parameter) {
        return is(parameter, Parameter.OfChoice.OWN)
                ? Optional.ofNullable(outlines.get(parameter.key()))
                : Optional.empty();
    }

    /** The picture of the maker's own that is chosen; nothing where something else is. */
    public Optional<Artwork> artwork(Parameter.OfChoice parameter) {
        return is(parameter, Parameter.OfChoice.OWN)
                ? Optional.ofNullable(artworks.get(parameter.key()))
                : Optional.empty();
    }

    /** The count set, or the preset. */
    public int count(Parameter.OfCount parameter) {
        return Optional.ofNullable(counts.get(parameter.key())).orElse(parameter.preset());
    }
}

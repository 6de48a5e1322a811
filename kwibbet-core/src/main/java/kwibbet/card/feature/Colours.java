package kwibbet.card.feature;

import java.util.Map;
import java.util.Optional;

import kwibbet.card.Brief;
import kwibbet.card.Parameter;
import kwibbet.paper.Colour;

/** The colour of what comes ready made and is set on a face, so that it is drawn and counted as what it is. */
final class Colours {

    /** Which colour. */
    static final Parameter.OfChoice COLOUR = Parameter.OfChoice.of(
            "colour",
            "Colour",
            "What it is drawn in, and kept apart by among the supplies.",
            "any",
            "not said",
            "gold",
            "gold",
            "silver",
            "silver",
            "copper",
            "copper",
            "black",
            "black",
            "white",
            "white",
            "red",
            "red",
            "orange",
            "orange",
            "yellow",
            "yellow",
            "green",
            "green",
            "teal",
            "teal",
            "blue",
            "blue",
            "violet",
            "violet",
            "pink",
            "pink",
            "natural",
            "natural");

    private static final Map<String, Colour> DRAWN = Map.ofEntries(
            Map.entry("gold", new Colour("#c9a136")),
            Map.entry("silver", new Colour("#b8bcc2")),
            Map.entry("copper", new Colour("#b26a3c")),
            Map.entry("black", new Colour("#26262b")),
            Map.entry("white", new Colour("#fbfaf7")),
            Map.entry("red", new Colour("#b93232")),
            Map.entry("orange", new Colour("#d9772b")),
            Map.entry("yellow", new Colour("#e6c440")),
            Map.entry("green", new Colour("#4b8a4f")),
            Map.entry("teal", new Colour("#2e8585")),
            Map.entry("blue", new Colour("#3d6db3")),
            Map.entry("violet", new Colour("#7a569e")),
            Map.entry("pink", new Colour("#d98aa5")),
            Map.entry("natural", new Colour("#cdb48d")));

    private Colours() {}

    /** What it is drawn in; nothing where no colour is said. */
    static Optional<Colour> drawn(Brief brief) {
        return Optional.ofNullable(DRAWN.get(brief.choice(COLOUR)));
    }

    /** What is used up of it, with its colour where that is said: {@code gem, gold}. */
    static String named(Brief brief, String kind) {
        return drawn(brief).isPresent()
                ? kind + ", " + COLOUR.way(brief.choice(COLOUR)).label()
                : kind;
    }
}

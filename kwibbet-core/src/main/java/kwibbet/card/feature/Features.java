package kwibbet.card.feature;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Feature;

/** Every feature there is. */
public final class Features {

    /** In the order they are offered. */
    public static final List<Feature> ALL = List.of(
            new Mat(),
            new Ornament(),
            new Window(),
            new Shaker(),
            new Blind(),
            new Collar(),
            new Hanging(),
            new Pocket(),
            new GluedShut(),
            new BellyBand(),
            new Magnets(),
            new Tie(),
            new Bits(),
            new Ribbon(),
            new PullTab(),
            new StandStrip(),
            new SurfaceWork(),
            new PrintedPicture(),
            new EdgeDie(),
            new PunchedEdge(),
            new EndCut(),
            new PatternDie(),
            new StretchedDie(),
            new SmallCard());

    private Features() {}

    /** The feature of that key, if there is one. */
    public static Optional<Feature> find(String key) {
        return ALL.stream().filter(feature -> feature.key().equals(key)).findFirst();
    }
}

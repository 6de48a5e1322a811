package kwibbet.card.base;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Base;

/** Every base there is. */
public final class Bases {

    /** In the order they are offered. */
    public static final List<Base> ALL = List.of(
            new FoldedBase(),
            new GateBase(),
            new RollFold(),
            new ZigzagBase(),
            new WrapOverBase(),
            new BridgedBase(),
            new ShutterGate(),
            new PinwheelBase(),
            new ShapedBase(),
            new PastFoldBase(),
            new SquareEnvelope(),
            new WrapEnvelope(),
            new CustomStrip());

    private Bases() {}

    /** The base of that key, if there is one. */
    public static Optional<Base> find(String key) {
        return ALL.stream().filter(base -> base.key().equals(key)).findFirst();
    }
}

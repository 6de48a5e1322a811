package kwibbet.app.inventory;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.app.store.KeptOutline;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.tool.Die;

/**
 * What a die can cut: a shape of the trade, the outline it has, or one that is kept.
 *
 * @param key names it in a form
 * @param look what it looks like
 * @param isChosen whether the die in hand cuts it
 */
record DieLook(String key, Look look, boolean isChosen) {

    private static final String OWN = "own";

    /** What makers call it. */
    public String words() {
        return look.words();
    }

    /** All a die can cut, the shapes of the trade first. */
    static List<DieLook> all(Optional<Die> inHand, List<KeptOutline> outlines) {
        Optional<Look> present = inHand.map(die -> die.shape().look());
        List<DieLook> all = new ArrayList<>(Stream.of(CutShape.Kind.values())
                .map(kind -> new DieLook(kind.name(), kind, present.equals(Optional.of(kind))))
                .toList());
        present.filter(look -> look instanceof OwnShape).ifPresent(own -> all.add(new DieLook(OWN, own, true)));
        outlines.stream()
                .filter(kept -> !present.equals(Optional.of(kept.shape())))
                .map(kept -> new DieLook(kept.id(), kept.shape(), false))
                .forEach(all::add);
        return all;
    }

    /** What a form names, if it is there. */
    static Optional<Look> of(String key, Optional<Die> inHand, List<KeptOutline> outlines) {
        return all(inHand, outlines).stream()
                .filter(each -> each.key.equals(key))
                .map(DieLook::look)
                .findFirst();
    }
}

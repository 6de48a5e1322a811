package kwibbet.bench;

import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.press.DiePass;
import kwibbet.press.DieUse;
import kwibbet.press.Layup;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Rect;
import kwibbet.tool.Hand;

/**
 * How a die is laid on its paper, in figures a ruler shows: the metal from two edges, and the plate's edge from the die's cut.
 *
 * @param use the die and what it cuts
 * @param from the upright edge that is measured from
 * @param side how far the metal is from that edge; below zero where it reaches past it
 * @param top how far the metal is from the top edge
 * @param begins how far past the die's first cut the plate begins; nothing where it covers it
 * @param ends how far short of the die's far cut the plate ends; nothing where it covers it
 */
public record DieLaying(
        DieUse use, Edge from, Length side, Length top, Optional<Length> begins, Optional<Length> ends) {

    static DieLaying of(DieUse use, Layup layup, Hand hand) {
        DiePass pass = layup.diePass();
        Rect metal = use.metal(pass);
        Rect paper = layup.paper();
        Length side = hand.fence() == Edge.LEFT
                ? metal.left().minus(paper.left())
                : paper.right().minus(metal.right());
        Rect cut = use.cut(pass);
        Length die =
                use.run() == Axis.HORIZONTAL ? cut.size().width() : cut.size().height();
        return new DieLaying(
                use,
                hand.fence(),
                side,
                metal.top().minus(paper.top()),
                pass.from().map(from -> from.minus(pass.shift())),
                pass.to().map(to -> pass.shift().plus(die).minus(to)));
    }

    /** Whether the metal lies along all edges of its paper. */
    boolean isEdgeToEdge(Rect paper) {
        boolean turned = use.degrees() % 180 != 0;
        return side.isZero()
                && top.isZero()
                && paper.size()
                        .equals(
                                turned
                                        ? use.die().footprint().turned()
                                        : use.die().footprint());
    }
}

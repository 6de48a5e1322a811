package kwibbet.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.press.DieUse;
import kwibbet.press.Layup;
import kwibbet.shape.Edge;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.tool.DiePass;
import kwibbet.tool.Hand;

/**
 * How a die is laid on its paper, in figures a ruler shows: the metal from two edges, and the plate's edge from the die's cut.
 *
 * @param use the die and what it cuts
 * @param from the upright edge that is measured from
 * @param side how far the metal is from that edge; below zero where it reaches past it
 * @param top how far the metal is from the top edge
 * @param tip how far from the top edge the metal comes nearest to the upright one, where it lies aslant
 * @param begins how far past the die's first cut the plate begins; nothing where it covers it
 * @param ends how far short of the die's far cut the plate ends; nothing where it covers it
 * @param inRegister other pieces that the same opening goes through
 */
public record DieLaying(
        DieUse use,
        Edge from,
        Length side,
        Length top,
        Optional<Length> tip,
        Optional<Length> begins,
        Optional<Length> ends,
        List<String> inRegister) {

    /** Copies the names. */
    public DieLaying {
        inRegister = List.copyOf(inRegister);
    }

    /** Two distances leave open how far it is turned; where its side touches the nearer of them says it. */
    private static Optional<Length> tip(DieUse use, DiePass pass, Edge from, Rect paper) {
        Comparator<Point> nearer = from == Edge.LEFT
                ? Comparator.comparing(Point::x)
                : Comparator.comparing(Point::x).reversed();
        return use.rim(pass).corners().stream()
                .filter(corner -> use.isAslant())
                .min(nearer.thenComparing(Point::y))
                .map(nearest -> nearest.y().minus(paper.top()));
    }

    static DieLaying of(DieUse use, Layup layup, Hand hand, List<String> inRegister) {
        DiePass pass = layup.diePass();
        Rect metal = use.metal(pass);
        Rect paper = layup.paper();
        Length side = hand.fence() == Edge.LEFT
                ? metal.left().minus(paper.left())
                : paper.right().minus(metal.right());
        Length die = use.cut(pass).size().along(use.run());
        return new DieLaying(
                use,
                hand.fence(),
                side,
                metal.top().minus(paper.top()),
                tip(use, pass, hand.fence(), paper),
                pass.from().map(from -> from.minus(pass.shift())),
                pass.to().map(to -> pass.shift().plus(die).minus(to)),
                inRegister);
    }
}

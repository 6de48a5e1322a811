package kwibbet.making;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Side;

/**
 * What is taken up, turned over and left for something else from one operation to the next.
 *
 * <p>A piece lies face up at first and stays as it was laid last, so it is turned over as often as its own operations change the face. What goes on the
 * base in one go is one assembly; going on to another while some of it is still to be done is a jump.
 */
final class Changes {

    /** By identity: what an operation is done to is large, and each is there once. */
    private final IdentityHashMap<Operation, Handling> handling = new IdentityHashMap<>();

    private final Map<PieceId, Integer> sizes = new HashMap<>();

    /**
     * What is in hand.
     *
     * @param place the station, or what is worked on
     * @param tool the tool there
     */
    record Held(Object place, Object tool) {}

    /**
     * How an operation is done.
     *
     * @param held what is in hand
     * @param assembly what it belongs to
     * @param lying the piece that lies before the maker
     * @param face which face of that is up
     */
    record Handling(Held held, PieceId assembly, PieceId lying, Side face) {}

    Changes(Operations operations, Way way) {
        for (Operation each : operations.all()) {
            PieceId assembly = assembly(operations.card(), each.piece().id());
            List<Object> tool = List.of(each.station(), each.tool());
            Held held = way == Way.BATCH ? new Held(each.station(), each.tool()) : new Held(assembly, tool);
            handling.put(
                    each,
                    new Handling(
                            held,
                            assembly,
                            each.onto().map(Piece::id).orElse(each.piece().id()),
                            each.face()));
            sizes.merge(assembly, 1, Integer::sum);
        }
    }

    /** What goes on the base in one go: the addition that is stuck to the base, with all that is stuck to it. */
    private static PieceId assembly(Card card, PieceId of) {
        PieceId piece = of;
        for (Optional<PieceId> lower = lower(card, piece); lower.isPresent(); lower = lower(card, piece)) {
            piece = lower.get();
        }
        return card.additionOf(piece).map(Addition::id).orElse(PieceId.BASE);
    }

    private static Optional<PieceId> lower(Card card, PieceId piece) {
        return card.join(piece).map(Join::lower).filter(lower -> !card.isOfBase(lower));
    }

    /** How an operation is done; what only dries is in nobody's hands. */
    Optional<Handling> of(Operation operation) {
        return Optional.ofNullable(handling.get(operation));
    }

    /** How often an order changes what. */
    Making.Count count(List<Operation> order) {
        int moves = 0;
        int tools = 0;
        int turns = 0;
        int jumps = 0;
        Map<PieceId, Integer> left = new HashMap<>(sizes);
        Map<PieceId, Side> lying = new HashMap<>();
        List<Handling> before = new ArrayList<>();
        for (Operation each : order) {
            Optional<Handling> next = of(each);
            if (next.isEmpty()) {
                continue;
            }
            Handling here = next.get();
            if (!before.isEmpty()) {
                Handling last = before.get(before.size() - 1);
                moves += last.held().place().equals(here.held().place()) ? 0 : 1;
                tools += last.held().equals(here.held()) ? 0 : 1;
                boolean isLeft = !last.assembly().equals(here.assembly());
                jumps += isLeft && left.getOrDefault(last.assembly(), 0) > 0 ? 1 : 0;
            }
            turns += lying.getOrDefault(here.lying(), Side.UP) == here.face() ? 0 : 1;
            lying.put(here.lying(), here.face());
            left.merge(here.assembly(), -1, Integer::sum);
            before.add(here);
        }
        return new Making.Count(moves, tools, turns, jumps);
    }
}

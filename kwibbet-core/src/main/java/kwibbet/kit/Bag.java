package kwibbet.kit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.Piece;
import kwibbet.card.RunLine;
import kwibbet.card.SupplyList;
import kwibbet.kit.KitPlan.Share;
import kwibbet.layout.Wanted;
import kwibbet.making.Does;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.State;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * What is in each bag when everything that is prepared is done.
 *
 * @param items the pieces, those that are stuck together by now as one
 * @param besides what goes with them that is no paper and no tape
 */
public record Bag(List<Item> items, List<SupplyList> besides) {

    /** Copies the lists. */
    public Bag {
        items = List.copyOf(items);
        besides = List.copyOf(besides);
    }

    /**
     * A piece, with all that is stuck to it by now.
     *
     * @param state the work as it goes into the bag
     * @param piece the piece that lies at the bottom
     * @param blank what is trimmed for it, while it is still to be cut out of that; nothing where it has its outline
     * @param on what is stuck to it, and to that
     * @param count how many such are in a bag
     */
    public record Item(State state, Piece piece, Optional<Size> blank, List<Piece> on, int count) {

        /** Copies the list. */
        public Item {
            on = List.copyOf(on);
        }

        /** What it is called: what is done to it, and what is on it. */
        public String words() {
            List<String> done = done();
            String with = on.isEmpty()
                    ? ""
                    : ", with " + on.stream().map(Piece::name).collect(Collectors.joining(", ")) + " on it";
            return piece.name() + (done.isEmpty() ? "" : ", " + String.join(" and ", done)) + with;
        }

        /** The piece as it lies in the bag. */
        public Piece lying() {
            return blank.map(size -> new Piece(
                            piece.id(),
                            piece.name(),
                            piece.paper(),
                            piece.chosen(),
                            Outline.of(Rect.atOrigin(size)),
                            List.of(),
                            List.of(),
                            List.of(),
                            List.of(),
                            List.of()))
                    .orElse(piece);
        }

        private List<String> done() {
            if (blank.isPresent()) {
                return List.of("to be cut out");
            }
            List<Operation> done = state.done().stream()
                    .filter(each -> each.pieces().contains(piece))
                    .toList();
            Set<Does> does = done.stream().map(Operation::does).collect(Collectors.toSet());
            List<String> words = new ArrayList<>();
            if (done.stream().anyMatch(Bag::cutsOut)) {
                words.add("cut out");
            }
            if (!state.asItIs(piece).openings().isEmpty()) {
                words.add("opened");
            }
            if (does.contains(Does.FOLD)) {
                words.add("folded");
            } else if (does.contains(Does.SCORE)) {
                words.add("scored");
            }
            return words;
        }
    }

    private static boolean cutsOut(Operation operation) {
        return operation.does() == Does.CUT_OUT || (operation instanceof Operation.Pass pass && pass.cutsOut());
    }

    static Bag of(KitPlan plan) {
        List<Item> items = new ArrayList<>();
        List<RunLine> cards = new ArrayList<>();
        for (int line = 0; line < plan.kit().lines().size(); line++) {
            List<Share> shares = plan.of(line);
            if (!shares.isEmpty()) {
                int each = plan.kit().lines().get(line).each();
                items.addAll(items(plan, line, each));
                cards.add(new RunLine(shares.get(0).making().card(), new Copies(each, 0)));
            }
        }
        return new Bag(items, SupplyList.besidesTape(cards));
    }

    private static List<Item> items(KitPlan plan, int line, int count) {
        List<Share> shares = plan.of(line);
        Making making = shares.get(0).making();
        Card card = making.card();
        Set<Operation> prepared = new HashSet<>();
        shares.stream()
                .filter(share -> share.does().isBefore())
                .forEach(share -> prepared.addAll(share.told().steps()));
        State state = new State(
                card,
                shares.get(0).making().steps().stream()
                        .filter(prepared::contains)
                        .toList());
        List<Operation.Stick> stuck = state.done().stream()
                .filter(Operation.Stick.class::isInstance)
                .map(Operation.Stick.class::cast)
                .toList();
        List<Item> items = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            // What is still in the middle of another piece is packed with that.
            boolean isInMiddle = making.steps().stream()
                    .anyMatch(each -> each instanceof Operation.FromMiddle
                            && each.pieces().contains(piece)
                            && !prepared.contains(each));
            if (!isInMiddle && stuck.stream().noneMatch(stick -> stick.piece().equals(piece))) {
                boolean isUncut = making.steps().stream()
                        .anyMatch(each -> cutsOut(each) && each.pieces().contains(piece) && !prepared.contains(each));
                items.add(new Item(
                        state,
                        piece,
                        isUncut ? blank(plan.run(), line, piece) : Optional.empty(),
                        on(piece, stuck),
                        count));
            }
        }
        return items;
    }

    /** What is trimmed for a piece; nothing where its paper is not on the shelf. */
    private static Optional<Size> blank(RunPlan run, int line, Piece piece) {
        Card card = run.lines().get(line).card();
        return run.sheets().papers().stream()
                .flatMap(paper -> paper.order().wanted().stream())
                .filter(wanted ->
                        wanted.card().equals(card) && wanted.piece().id().equals(piece.id()))
                .map(Wanted::blank)
                .findFirst();
    }

    /** What is stuck to a piece, from the bottom up. */
    private static List<Piece> on(Piece piece, List<Operation.Stick> stuck) {
        List<Piece> reached = new ArrayList<>(List.of(piece));
        Set<Piece> on = new LinkedHashSet<>();
        for (int at = 0; at < reached.size(); at++) {
            Piece lower = reached.get(at);
            stuck.stream().filter(stick -> stick.lower().equals(lower)).forEach(stick -> {
                if (on.add(stick.piece())) {
                    reached.add(stick.piece());
                }
            });
        }
        return new ArrayList<>(on);
    }
}

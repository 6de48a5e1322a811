package kwibbet.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.shape.Axis;

/**
 * All pieces of a run, grouped by the paper they are cut from.
 *
 * @param cards how many cards, spares included
 * @param papers what is cut from each paper, in the order of the pieces
 * @param withoutPaper pieces whose paper is not on the shelf
 */
public record WorkOrder(int cards, List<PaperOrder> papers, List<Piece> withoutPaper) {

    /**
     * What is cut from one paper.
     *
     * @param paper the paper
     * @param wanted its pieces, at least one
     */
    public record PaperOrder(Paper paper, List<Wanted> wanted) {
        /** Copies the pieces. */
        public PaperOrder {
            wanted = List.copyOf(wanted);
        }
    }

    /** Copies the lists. */
    public WorkOrder {
        papers = List.copyOf(papers);
        withoutPaper = List.copyOf(withoutPaper);
    }

    /** The work order for the run of a card. */
    public static WorkOrder of(Card card, PaperShelf shelf) {
        int cards = card.design().run().cards();
        Map<PaperId, List<Wanted>> byPaper = new LinkedHashMap<>();
        List<Piece> withoutPaper = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            Optional<Paper> paper = shelf.find(piece.paper());
            if (paper.isEmpty()) {
                withoutPaper.add(piece);
            } else {
                byPaper.computeIfAbsent(piece.paper(), id -> new ArrayList<>())
                        .add(new Wanted(piece, cards, turning(card, piece, paper.get())));
            }
        }
        List<PaperOrder> papers = byPaper.entrySet().stream()
                .map(entry -> new PaperOrder(shelf.find(entry.getKey()).orElseThrow(), entry.getValue()))
                .toList();
        return new WorkOrder(cards, papers, withoutPaper);
    }

    private static Turning turning(Card card, Piece piece, Paper paper) {
        Turning byPattern = paper.pattern() == Pattern.ONE_WAY ? Turning.UPRIGHT : Turning.EITHER;
        boolean grainMatters = card.design().foldAlongGrain() && piece.id().equals(PieceId.BASE);
        return grainMatters ? byPattern.and(alongGrain(piece, paper.grain())) : byPattern;
    }

    private static Turning alongGrain(Piece piece, Grain grain) {
        if (grain.axis().isEmpty() || piece.scores().isEmpty()) {
            return Turning.EITHER;
        }
        Optional<Axis> fold = piece.scores().get(0).line().axis();
        return fold.isEmpty() ? Turning.EITHER : fold.equals(grain.axis()) ? Turning.UPRIGHT : Turning.TURNED;
    }
}

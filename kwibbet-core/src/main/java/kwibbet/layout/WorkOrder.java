package kwibbet.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.RunLine;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Turning;
import kwibbet.measure.Length;
import kwibbet.paper.Grain;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.press.PressPlan;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

/**
 * All pieces of a run, grouped by the paper they are cut from.
 *
 * @param papers what is cut from each paper, in the order of the pieces
 * @param withoutPaper pieces whose paper is not on the shelf
 */
public record WorkOrder(List<PaperOrder> papers, List<Piece> withoutPaper) {

    /**
     * What is cut from one paper.
     *
     * @param sizes the sheets of the paper: the size that was chosen first, then its other sizes on the shelf
     * @param leftovers what is cut first; none where that was not asked for
     * @param thrift what is spared
     * @param wanted its pieces, at least one
     * @param parts the same, those cut alike as one part
     */
    public record PaperOrder(
            List<Paper> sizes, List<Offcut> leftovers, Thrift thrift, List<Wanted> wanted, List<CutPart> parts) {
        /** Copies the lists. */
        public PaperOrder {
            sizes = List.copyOf(sizes);
            leftovers = List.copyOf(leftovers);
            wanted = List.copyOf(wanted);
            parts = List.copyOf(parts);
        }

        /** What is cut from one paper, those cut alike as one part. */
        static PaperOrder of(List<Paper> sizes, List<Offcut> leftovers, Thrift thrift, List<Wanted> wanted) {
            return new PaperOrder(sizes, leftovers, thrift, wanted, CutPart.of(wanted));
        }

        /**
         * What a part is cut to: its sides as the marks of the trimmer give them, so that no error gathers where pieces are cut one after the other. A
         * side that is as long as all sheets are, and needs no cut, stays; what a die or a hand cuts out has been given room already.
         */
        public Size cutTo(CutPart part, Trimmer trimmer) {
            return part.first().isCutOut()
                    ? part.blank()
                    : new Size(
                            side(part.blank().width(), trimmer),
                            side(part.blank().height(), trimmer));
        }

        private Length side(Length side, Trimmer trimmer) {
            boolean isWhole = sizes.stream().allMatch(paper -> paper.margin().isZero())
                    && Stream.concat(
                                    sizes.stream().map(Paper::sheet),
                                    leftovers.stream().map(Offcut::size))
                            .allMatch(sheet ->
                                    sheet.width().equals(side) || sheet.height().equals(side));
            return isWhole ? side : trimmer.atMark(side);
        }

        /** The size that was chosen. */
        public Paper paper() {
            return sizes.get(0);
        }
    }

    /** Copies the lists. */
    public WorkOrder {
        papers = List.copyOf(papers);
        withoutPaper = List.copyOf(withoutPaper);
    }

    /** The work order for the run of one card. */
    public static WorkOrder of(RunLine line, PaperShelf shelf, Thrift thrift, Toolbox tools) {
        return of(List.of(line), shelf, thrift, PressPlan.of(List.of(line), tools));
    }

    /**
     * The work order for a run.
     *
     * @param lines its cards, at least one, their pieces named apart
     * @param shelf the papers
     * @param thrift what is spared
     * @param press how they go through the press
     */
    public static WorkOrder of(List<RunLine> lines, PaperShelf shelf, Thrift thrift, PressPlan press) {
        Map<PaperId, List<Wanted>> byPaper = new LinkedHashMap<>();
        List<Piece> withoutPaper = new ArrayList<>();
        for (RunPiece each : RunPiece.fromSheets(lines, press)) {
            Piece piece = each.piece();
            shelf.find(piece.paper())
                    .ifPresentOrElse(
                            paper -> byPaper.computeIfAbsent(piece.paper(), id -> new ArrayList<>())
                                    .add(wanted(each, press, turnings(each.card(), piece, shelf.sizesOf(paper)))),
                            () -> withoutPaper.add(piece));
        }
        List<PaperOrder> papers = byPaper.entrySet().stream()
                .map(entry -> order(
                        shelf.find(entry.getKey())
                                .orElseThrow(() -> new IllegalStateException(
                                        "there is no paper " + entry.getKey().value() + " on the shelf")),
                        shelf,
                        thrift,
                        entry.getValue()))
                .toList();
        return new WorkOrder(papers, withoutPaper);
    }

    /**
     * What is still to be cut of this order.
     *
     * @param cut how many of a piece are cut already, by its name in the run; nothing for a piece that is not
     */
    public WorkOrder less(Map<PartId, Integer> cut) {
        List<PaperOrder> left = new ArrayList<>();
        for (PaperOrder order : papers) {
            List<Wanted> wanted = order.wanted().stream()
                    .map(each -> each.withCount(Math.max(0, each.count() - cut.getOrDefault(each.part(), 0))))
                    .filter(each -> each.count() > 0)
                    .toList();
            if (!wanted.isEmpty()) {
                left.add(PaperOrder.of(order.sizes(), order.leftovers(), order.thrift(), wanted));
            }
        }
        return new WorkOrder(left, withoutPaper);
    }

    /**
     * What was cut for another order and serves in this one: pieces of the same paper that are cut alike.
     *
     * @param other the other order
     * @param cut how many of its pieces are cut, by their names in it
     * @return how many pieces of this order that makes, by their names; never more than are wanted
     */
    public Map<PartId, Integer> served(WorkOrder other, Map<PartId, Integer> cut) {
        record Alike(PaperId paper, CutPart.Alike cut) {}
        Map<Alike, Integer> there = new HashMap<>();
        other.papers.forEach(order -> order.wanted()
                .forEach(each -> there.merge(
                        new Alike(order.paper().id(), CutPart.Alike.of(each)),
                        cut.getOrDefault(each.part(), 0),
                        Integer::sum)));
        Map<PartId, Integer> served = new LinkedHashMap<>();
        papers.forEach(order -> order.wanted().forEach(each -> {
            Alike alike = new Alike(order.paper().id(), CutPart.Alike.of(each));
            int own = Math.min(each.count(), there.getOrDefault(alike, 0));
            if (own > 0) {
                served.put(each.part(), own);
                there.merge(alike, -own, Integer::sum);
            }
        }));
        return served;
    }

    /** What is printed past an outline that is cut out takes more room than the metal of a die does, at times. */
    private static Wanted wanted(RunPiece each, PressPlan press, Map<PaperId, Turning> turnings) {
        Piece piece = each.piece();
        Wanted wanted = new Wanted(
                each.part(), each.card(), piece, press.paperFor(piece), press.slitsLeft(piece), each.count(), turnings);
        return wanted.isCutOut()
                ? wanted.on(wanted.paper().around(piece.outline().bounds().grown(piece.bleed())))
                : wanted;
    }

    private static PaperOrder order(Paper paper, PaperShelf shelf, Thrift thrift, List<Wanted> wanted) {
        List<Offcut> leftovers = thrift == Thrift.LEFTOVERS_FIRST ? shelf.leftoversOf(paper) : List.of();
        return PaperOrder.of(shelf.sizesOf(paper), leftovers, thrift, wanted);
    }

    private static Map<PaperId, Turning> turnings(Card card, Piece piece, List<Paper> sizes) {
        Map<PaperId, Turning> turnings = new LinkedHashMap<>();
        sizes.forEach(paper -> turnings.put(paper.id(), turning(card, piece, paper)));
        return turnings;
    }

    private static Turning turning(Card card, Piece piece, Paper paper) {
        boolean isBase = piece.id().equals(PieceId.BASE);
        // Of a base both faces are seen, of all else the one that shows.
        boolean hasUp = isBase ? paper.face().hasUp() : paper.pattern() == Pattern.ONE_WAY;
        Turning byPattern = hasUp ? Turning.UPRIGHT : Turning.EITHER;
        boolean grainMatters = card.design().foldAlongGrain() && isBase;
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

package kwibbet.press;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.DieCut;
import kwibbet.card.Opening;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;

/**
 * A shape that a piece needs and the trimmer cannot give it.
 *
 * @param piece the piece
 * @param role what it is to the piece
 * @param outline the shape, in the frame of the piece; of a field of openings the box around them
 * @param degrees how far the shape is turned on the piece, clockwise
 * @param owner what it is cut for
 * @param shape the shape by name, where it is known
 * @param edge how its edge repeats, where it has a patterned one
 * @param part where only part of the outline is to cut
 */
public record Want(
        Piece piece,
        Role role,
        Outline outline,
        int degrees,
        PieceId owner,
        Optional<CutShape> shape,
        Optional<Length> edge,
        Optional<PartCut> part) {

    /** What a shape is to its piece. */
    public enum Role {
        OUTLINE("outline"),
        OPENING("opening"),
        FIELD("field of openings"),
        PAST_FOLD("outline across the fold"),
        HANGING("shape left hanging"),
        EDGE("edge");

        private final String words;

        Role(String words) {
            this.words = words;
        }

        /** What makers call it. */
        public String words() {
            return words;
        }
    }

    /** Everything a piece needs; what is punched left out. */
    static List<Want> of(Card card, Piece piece) {
        List<Want> wants = new ArrayList<>();
        piece.partCuts().forEach(cut -> wants.add(of(piece, cut)));
        Optional<DieCut> edge = card.dieCuts().stream()
                .filter(cut -> cut.piece().equals(piece.id()))
                .findFirst();
        boolean hasOutline = wants.stream().anyMatch(want -> want.role == Role.OUTLINE);
        if (!hasOutline && (!piece.isRectangleButForEdges() || edge.isPresent())) {
            wants.add(new Want(
                    piece,
                    Role.OUTLINE,
                    piece.outline(),
                    0,
                    piece.id(),
                    Optional.empty(),
                    edge.map(DieCut::pitch),
                    Optional.empty()));
        }
        Map<PieceId, List<Opening>> fields = new LinkedHashMap<>();
        for (Opening opening : piece.openings()) {
            if (opening.isOfField()) {
                fields.computeIfAbsent(opening.owner(), owner -> new ArrayList<>())
                        .add(opening);
            } else if (!opening.isPunched()) {
                wants.add(of(piece, opening));
            }
        }
        fields.forEach((owner, openings) ->
                wants.add(opening(piece, Role.FIELD, around(openings), 0, owner, Optional.empty())));
        return wants;
    }

    /** The outline of a piece, whatever cuts it. */
    static Want outlineOf(Piece piece) {
        return new Want(
                piece,
                Role.OUTLINE,
                piece.outline(),
                0,
                piece.id(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** An opening of a piece, also one that is small enough for a punch. */
    static Want of(Piece piece, Opening opening) {
        return opening(
                piece,
                Role.OPENING,
                opening.cutLine(),
                opening.at().degrees(),
                opening.owner(),
                Optional.of(opening.shape()));
    }

    /** Whether all of it is cut with some openings of its piece. */
    boolean isAmong(List<Want> openings) {
        List<Outline> cut = openings.stream().map(Want::outline).toList();
        return switch (role) {
            case OPENING -> cut.contains(outline);
            case FIELD ->
                piece.openings().stream()
                        .filter(opening -> opening.owner().equals(owner))
                        .allMatch(opening -> cut.contains(opening.cutLine()));
            case OUTLINE, PAST_FOLD, HANGING, EDGE -> false;
        };
    }

    private static Want of(Piece piece, PartCut cut) {
        return new Want(
                piece,
                role(cut),
                cut.outline(),
                cut.degrees(),
                cut.addition().orElse(piece.id()),
                Optional.of(cut.shape()),
                Optional.empty(),
                Optional.of(cut));
    }

    private static Role role(PartCut cut) {
        if (cut instanceof PartCut.UnderPlate under) {
            return under.uncut() == PartCut.Uncut.HANGS ? Role.HANGING : Role.PAST_FOLD;
        }
        return cut instanceof PartCut.PastEdge ? Role.EDGE : Role.OUTLINE;
    }

    private static Want opening(
            Piece piece, Role role, Outline outline, int degrees, PieceId owner, Optional<CutShape> shape) {
        return new Want(piece, role, outline, degrees, owner, shape, Optional.empty(), Optional.empty());
    }

    /** Whether it is an opening of a piece, or a field of openings of which that is one. */
    public boolean isOf(Piece other, Opening opening) {
        return piece.equals(other)
                && (role == Role.FIELD ? owner.equals(opening.owner()) : outline.equals(opening.cutLine()));
    }

    private static Outline around(List<Opening> openings) {
        return Outline.of(openings.stream()
                .map(Opening::bounds)
                .reduce(Rect::around)
                .orElseThrow(() -> new IllegalStateException("a field has openings")));
    }

    /** The end of the paper that comes off with it. */
    public Optional<Rect> end() {
        return part.flatMap(cut -> cut instanceof PartCut.PastEdge past ? past.end() : Optional.empty());
    }

    /** Where it lies. */
    public Rect box() {
        return outline.bounds();
    }
}

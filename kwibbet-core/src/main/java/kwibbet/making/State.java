package kwibbet.making;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.shape.Outline;
import kwibbet.shape.Segment;

/**
 * The work as it lies when some of its operations are done.
 *
 * @param card what it becomes
 * @param done what is done, in order
 */
public record State(Card card, List<Operation> done) {

    /** Copies the list. */
    public State {
        done = List.copyOf(done);
    }

    /** A piece with what has been done to it: its openings that are cut, its lines that are scored, its faces that are worked on and marked. */
    public Piece asItIs(Piece piece) {
        List<Score> scores =
                piece.scores().stream().filter(score -> isCreased(piece, score)).toList();
        List<Opening> openings = piece.openings().stream()
                .filter(opening -> isCut(piece, opening))
                .map(opening -> opening.widenedOnly(off -> isCutOff(piece, off)))
                .toList();
        List<Zone> zones =
                piece.zones().stream().filter(zone -> isSeen(piece, zone)).toList();
        return new Piece(
                piece.id(),
                piece.name(),
                piece.paper(),
                piece.chosen(),
                piece.outline(),
                scores,
                openings,
                slits(piece),
                zones,
                piece.partCuts());
    }

    /** What is slit at the trimmer is there before anything is made; what is left hanging is cut at a step of its own. */
    private List<Segment> slits(Piece piece) {
        List<Segment> hanging = piece.partCuts().stream()
                .filter(part -> part instanceof PartCut.UnderPlate under && under.uncut() == PartCut.Uncut.HANGS)
                .flatMap(part -> part instanceof PartCut.UnderPlate under ? under.slits().stream() : Stream.empty())
                .toList();
        boolean isCut = hanging.isEmpty()
                || done.stream()
                        .anyMatch(each -> (each instanceof Operation.CutOut byHand
                                        && byHand.pieces().contains(piece))
                                || (each instanceof Operation.Pass pass && pass.leavesHanging(piece)));
        return isCut
                ? piece.slits()
                : piece.slits().stream().filter(slit -> !hanging.contains(slit)).toList();
    }

    /** What is stuck to a face of a piece by now, in order. */
    public List<Join> stuckOn(PieceId lower, Side side) {
        return done.stream()
                .filter(Operation.Stick.class::isInstance)
                .map(each -> ((Operation.Stick) each).join())
                .filter(join -> join.lower().equals(lower) && join.side() == side)
                .toList();
    }

    private boolean isCreased(Piece piece, Score score) {
        return done.stream()
                .filter(each -> each.piece().equals(piece))
                .anyMatch(each -> (each instanceof Operation.Crease crease
                                && crease.scores().contains(score))
                        || (each instanceof Operation.Pass pass && pass.creases(score)));
    }

    private boolean isCut(Piece piece, Opening opening) {
        return done.stream()
                .anyMatch(each -> (each instanceof Operation.Open open && open.cuts(piece, opening))
                        || (each instanceof Operation.Pass pass && pass.cuts(piece, opening))
                        || (each instanceof Operation.CutOut out && out.opens(piece, opening)));
    }

    private boolean isCutOff(Piece piece, Outline off) {
        return done.stream()
                .anyMatch(each ->
                        (each instanceof Operation.CutOut out && out.pieces().contains(piece))
                                || (each instanceof Operation.Pass pass && pass.cuts(piece, off)));
    }

    private boolean isSeen(Piece piece, Zone zone) {
        if (zone.use() == Zone.Use.PRINT) {
            return true;
        }
        if (zone.use() == Zone.Use.SET_ON) {
            return done.stream()
                    .anyMatch(each -> each instanceof Operation.ByHand hand
                            && hand.direction().owner().equals(zone.owner())
                            && !hand.direction().does().isFoldingBack());
        }
        Set<Does> worked = worked(piece, zone).collect(Collectors.toSet());
        boolean isMasked = worked.remove(Does.MASK) && !worked.remove(Does.UNMASK);
        return isMasked || (!worked.isEmpty() && !worked.contains(Does.ERASE));
    }

    private Stream<Does> worked(Piece piece, Zone zone) {
        return done.stream()
                .filter(each -> each instanceof Operation.Treat treat
                        && treat.piece().equals(piece)
                        && treat.zone().equals(zone))
                .map(Operation::does);
    }
}

package kwibbet.review;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Host;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.fold.FoldedView;
import kwibbet.fold.SeenPanel;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Overlay;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Something lies where nobody ever sees it: covered, or behind what has no opening, from whichever side the card is looked at. */
record NeverSeen() implements Rule {

    /** Square inches of which one sees nothing. */
    private static final double UNSEEN = 0.01;

    @Override
    public String key() {
        return "never-seen";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Addition> unseen = new ArrayList<>();
        for (Addition addition : card.design().additions()) {
            if (lies(card, addition)) {
                unseen.add(addition);
            }
        }
        // Laid flat, the card shows all it has: what is not seen then is seen in no other way.
        Pose flat = card.form().pose(Pose.OPEN);
        for (Pose pose : List.of(flat, flat.fromBehind())) {
            if (!unseen.isEmpty()) {
                Papers papers = new Papers(card);
                List<SeenPanel> seen = FoldedView.of(card, pose).panels();
                unseen.removeIf(addition -> isSeen(card, addition, seen, papers));
            }
        }
        return unseen.stream().map(addition -> finding(card, addition)).toList();
    }

    /** Whether it has a piece, and lies where the card laid flat shows: a small card on it stays shut then. */
    private static boolean lies(Card card, Addition addition) {
        boolean onBase = !(addition.host() instanceof Host.OnFace on)
                || card.panel(on.face().panel())
                        .filter(panel -> card.isOfBase(panel.piece()))
                        .isPresent();
        return onBase
                && card.pieces().stream()
                        .anyMatch(piece -> isOf(card, piece.id(), addition) && !isLoose(card, piece.id()));
    }

    private static boolean isOf(Card card, PieceId piece, Addition addition) {
        return card.additionOf(piece).equals(Optional.of(addition));
    }

    private static boolean isSeen(Card card, Addition addition, List<SeenPanel> seen, Papers papers) {
        for (int i = 0; i < seen.size(); i++) {
            SeenPanel each = seen.get(i);
            if (isOf(card, each.panel().piece(), addition)
                    && visible(card, each, seen.subList(i + 1, seen.size()), papers) > UNSEEN) {
                return true;
            }
        }
        return false;
    }

    private static double visible(Card card, SeenPanel each, List<SeenPanel> nearer, Papers papers) {
        Region own = papers.of(each);
        List<Region> over = Stream.concat(
                        nearer.stream().filter(other -> !isOver(each, other)), each.hiddenBy().stream())
                .filter(other -> papers.of(other)
                        .outline()
                        .bounds()
                        .overlaps(own.outline().bounds()))
                .filter(other -> !card.isClear(other.panel().piece())
                        && !isLoose(card, other.panel().piece())
                        && !isStuckOn(card, other.panel().piece(), each.panel().piece()))
                .map(papers::of)
                .toList();
        // Most have more area than all that lies over them could hide.
        double atLeast = own.area()
                - over.stream().mapToDouble(other -> atMostShared(own, other)).sum();
        if (atLeast > UNSEEN) {
            return atLeast;
        }
        return Overlay.without(own, over).stream().mapToDouble(Region::area).sum();
    }

    private static double atMostShared(Region one, Region other) {
        double bounds = one.outline()
                .bounds()
                .shared(other.outline().bounds())
                .map(Rect::size)
                .map(size -> size.width().toInches() * size.height().toInches())
                .orElse(0.0);
        return Math.min(other.area(), bounds);
    }

    /** What is stuck on it is held up or stiffened by it. */
    private static boolean isStuckOn(Card card, PieceId piece, PieceId lower) {
        return card.join(piece)
                .filter(join -> join.lower().equals(lower) || isStuckOn(card, join.lower(), lower))
                .isPresent();
    }

    /** Whether a panel lies over one that is painted later: overlaps can go round in a ring. */
    private static boolean isOver(SeenPanel each, SeenPanel paintedLater) {
        return paintedLater.hiddenBy().stream()
                .anyMatch(over -> over.panel().id().equals(each.panel().id()));
    }

    /** A band, and what is on it, is slipped off; what lies loose comes out. */
    private static boolean isLoose(Card card, PieceId piece) {
        return card.join(piece)
                .filter(join -> card.isSlippedOn(join)
                        || join.adhesion().kind() == Adhesion.Kind.LOOSE
                        || isLoose(card, join.lower()))
                .isPresent();
    }

    /** The paper of panels as it is seen, of each worked out once. */
    private static final class Papers {
        private final Card card;
        private final IdentityHashMap<SeenPanel, Region> known = new IdentityHashMap<>();

        Papers(Card card) {
            this.card = card;
        }

        Region of(SeenPanel seen) {
            return known.computeIfAbsent(
                    seen,
                    each -> each.seen(
                            each.panel().material(card.pieceOf(each.panel().piece()))));
        }
    }

    private Finding finding(Card card, Addition addition) {
        Piece piece = card.pieces().stream()
                .filter(each -> isOf(card, each.id(), addition))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("an addition that is not seen has no piece"));
        return finding(
                Severity.WARNING,
                piece.id(),
                piece.outline(),
                Phrase.in(card.design().system())
                        .words("Nobody sees " + addition.name() + ": something lies over all of it."),
                Optional.empty());
    }
}

package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Hold;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.feature.Placing;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Margins;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.wording.Phrase;

/** What is stuck to nothing lies under nothing that keeps it, nor does a brad go through it. */
record FallsOut() implements Rule {

    @Override
    public String key() {
        return "falls-out";
    }

    @Override
    public List<Finding> check(Card card) {
        return card.joins().stream()
                .filter(join -> join.adhesion().kind() == Adhesion.Kind.LOOSE
                        && card.keeping(join).isEmpty()
                        && !isPinned(card, join))
                .map(join -> finding(
                        Severity.WARNING,
                        join.upper(),
                        card.pieceOf(join.upper()).outline(),
                        Phrase.in(card.design().system())
                                .words(
                                        card.nameOf(join.upper())
                                                + " is stuck to nothing and lies under nothing: it falls out. Lay a pocket over it, or stick it."),
                        slipped(card, join).or(() -> WetOnFilm.taped(card, join))))
                .toList();
    }

    /** Whether a hole of one thing goes through it and what it lies on. */
    private static boolean isPinned(Card card, Join join) {
        List<Opening> below = card.pieceOf(join.lower()).openings();
        return card.pieceOf(join.upper()).openings().stream().anyMatch(hole -> below.stream()
                .anyMatch(other -> other.owner().equals(hole.owner())
                        && other.outline().equals(hole.outline().in(join.placement()))));
    }

    /** Thought of before what it lies on, on the same face, it lies under that. */
    private static Optional<Remedy> slipped(Card card, Join join) {
        Design design = card.design().settled();
        Optional<Addition> loose = design.addition(join.upper());
        return pockets(card, join)
                .filter(pocket -> design.addition(pocket.upper()).isPresent())
                .findFirst()
                .flatMap(over -> design.addition(over.upper())
                        .flatMap(pocket -> loose.map(addition -> new Remedy(
                                "slip it under " + pocket.name(),
                                before(design, under(card, join, over, addition).with(pocket.host()), pocket)))));
    }

    /** Where it lies on a pocket it lies under it, too. */
    private static Addition under(Card card, Join join, Join pocket, Addition loose) {
        if (!join.lower().equals(pocket.upper())) {
            return loose;
        }
        Margins over = card.margins(pocket);
        Margins on = card.margins(join);
        Point corner = new Point(over.left().plus(on.left()), over.top().plus(on.top()));
        return loose.with(Placing.placed(card.design().present(loose), corner));
    }

    /** What is held along some of its edges, so that something can be slipped under it: what it lies on, or over. */
    private static Stream<Join> pockets(Card card, Join join) {
        Stream<Join> beside = card.joins().stream()
                .filter(other -> other.panel().equals(join.panel())
                        && other.side() == join.side()
                        && Overlay.overlap(other.zone(), join.zone()));
        return Stream.concat(card.join(join.lower()).stream(), beside)
                .filter(other -> other.adhesion().hold() instanceof Hold.Along);
    }

    private static Design before(Design design, Addition loose, Addition pocket) {
        List<Addition> ordered = new ArrayList<>(design.additions());
        ordered.removeIf(each -> each.id().equals(loose.id()));
        ordered.add(ordered.indexOf(pocket), loose);
        return design.withAdditions(ordered);
    }
}

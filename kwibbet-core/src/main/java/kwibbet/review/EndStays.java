package kwibbet.review;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.feature.EdgeDie;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Axis;
import kwibbet.wording.Phrase;

/** A die that is to take the end of the paper off ends short of the corners: it cuts a notch, and the end stays. */
record EndStays() implements Rule {

    /** So far a die reaches past both ends of what it cuts off, so that nobody has to lay it to a hair; common practice, no source. */
    private static final Length PAST = Length.ofInches(1, 4);

    @Override
    public String key() {
        return "end-stays";
    }

    @Override
    public List<Finding> check(Card card) {
        return card.pieces().stream()
                .flatMap(piece -> piece.edgeCuts().stream()
                        .filter(cut -> cut.end().isEmpty())
                        .flatMap(cut -> stays(card, piece, cut)))
                .toList();
    }

    private Stream<Finding> stays(Card card, Piece piece, PartCut.PastEdge cut) {
        Design design = card.design();
        return design
                .addition(cut.owner())
                .filter(addition -> addition.feature() instanceof EdgeDie
                        && design.present(addition).is(EdgeDie.END, EdgeDie.OFF))
                .map(addition -> finding(card, piece, cut, addition))
                .stream();
    }

    private Finding finding(Card card, Piece piece, PartCut.PastEdge cut, Addition addition) {
        Axis along = cut.edge().axis();
        Length edge = cut.within().size().along(along);
        Length die = cut.outline().bounds().size().along(along);
        return finding(
                Severity.WARNING,
                piece.id(),
                cut.outline(),
                Phrase.in(card.design().system())
                        .words("The die of " + addition.name() + " is ")
                        .length(die)
                        .words(" long and its edge ")
                        .length(edge)
                        .words(": it cuts a notch, and the end of the paper stays."),
                Optional.of(longEnough(card.design(), addition, edge)));
    }

    private static Remedy longEnough(Design design, Addition addition, Length edge) {
        Settings settings = design.present(addition);
        Length enough = edge.plus(design.system().usual(PAST).multipliedBy(2));
        return new Remedy(
                "a die that reaches past both corners",
                design.settled().with(addition.with(settings.with(EdgeDie.along(settings), enough))));
    }
}

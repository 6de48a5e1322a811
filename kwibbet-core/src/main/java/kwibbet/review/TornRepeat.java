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
import kwibbet.card.feature.PunchedEdge;
import kwibbet.measure.Length;
import kwibbet.outline.EdgeRun;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.wording.Phrase;

/**
 * A pattern runs over both ends of an edge, and so little of its last repeat is left there that it looks torn. Begun half a repeat beside, half a repeat more is left.
 */
record TornRepeat() implements Rule {

    /** Less than that share of a repeat is a shred. Common practice, no source. */
    private static final int SHRED = 4;

    @Override
    public String key() {
        return "torn-repeat";
    }

    @Override
    public List<Finding> check(Card card) {
        return card.pieces().stream()
                .flatMap(piece -> piece.edgeCuts().stream().flatMap(cut -> check(card, piece, cut)))
                .toList();
    }

    private Stream<Finding> check(Card card, Piece piece, PartCut.PastEdge past) {
        Optional<EdgeRun> run = past.run().filter(each -> past.plain().isNegative());
        if (run.isEmpty()) {
            return Stream.empty();
        }
        Length left = run.get().pitch().plus(past.plain());
        return left.multipliedBy(SHRED).isShorterThan(run.get().pitch())
                ? Stream.of(finding(card, piece, past, run.get(), left))
                : Stream.empty();
    }

    private Finding finding(Card card, Piece piece, PartCut.PastEdge past, EdgeRun run, Length left) {
        return finding(
                Severity.WARNING,
                piece.id(),
                past.outline(),
                Phrase.in(card.design().system())
                        .words("Of the last " + run.pattern().one() + " at both ends of an edge of "
                                + card.nameOf(piece.id()) + " only ")
                        .length(left)
                        .words(" is left: it looks torn."),
                card.design().addition(past.owner()).map(addition -> begunBeside(card.design(), addition, run)));
    }

    private static Remedy begunBeside(Design design, Addition addition, EdgeRun run) {
        Settings settings = design.present(addition);
        String other = run.hasOneInTheMiddle() ? PunchedEdge.GAP : PunchedEdge.ONE;
        return new Remedy(
                "begin half a " + run.pattern().one() + " beside",
                design.settled().with(addition.with(settings.with(PunchedEdge.ENDS, other))));
    }
}

package kwibbet.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Card;
import kwibbet.card.PieceId;
import kwibbet.card.Remaking;
import kwibbet.fold.CardFolding;
import kwibbet.outcome.Outcome;

/** All rules, applied to a card. */
public final class Review {

    /** Those that need nothing but the card, in the order their findings are told where they are equally bad. */
    public static final List<Rule> RULES = List.of(
            new StuckAcrossFold(),
            new HeldByNothing(),
            new FallsOut(),
            new StuckIn(),
            new CutAcrossFold(),
            new FlapTooLong(),
            new FilmAtFold(),
            new NothingBridges(),
            new TapeOnShow(),
            new WetOnFilm(),
            new GlueOnThin(),
            new FilmEdgeOnShow(),
            new FoamOnShow(),
            new OpeningMisses(),
            new OpeningCovered(),
            new NotSeenThrough(),
            new HiddenWork(),
            new EndAtFold(),
            new WorkCutAway(),
            new NeverSeen(),
            new CoarsePrint(),
            new PrintAtEdge(),
            new NotPrintable(),
            new HeatAfterFilm(),
            new PartlyOn(),
            new NotLevel(),
            new MiddleUnused(),
            new PastHost(),
            new PastCutEdge(),
            new TornRepeat(),
            new EndStays(),
            new TapedFlat(),
            new PatternUpsideDown(),
            new UnevenBorders(),
            new FlushOneWay(),
            new OffCentre(),
            new DoorsApart(),
            new FootOffTable(),
            new SticksOut());

    private Review() {}

    /** What is worth a look, the worst first. */
    public static List<Finding> of(Card card) {
        return of(card, CardFolding.of(card));
    }

    /** The same, where it is known already how the card closes. */
    public static List<Finding> of(Card card, CardFolding folding) {
        List<Finding> findings = new ArrayList<>();
        Remaking remaking = new Remaking(card.materials());
        for (Rule rule : rules(folding)) {
            List<Finding> found = rule.check(card);
            found.forEach(finding -> findings.add(sound(finding, found, rule, remaking)));
        }
        findings.sort(Comparator.comparing(Finding::severity));
        return List.copyOf(findings);
    }

    private static List<Rule> rules(CardFolding folding) {
        List<Rule> rules = new ArrayList<>(List.of(new DoesNotFold(folding)));
        rules.addAll(RULES);
        return rules;
    }

    /** A way out is offered only where it leads to a card on which the finding is gone. */
    private static Finding sound(Finding finding, List<Finding> found, Rule rule, Remaking remaking) {
        Optional<Finding.Remedy> remedy = finding.remedy().filter(way -> helps(way, finding, found, rule, remaking));
        return new Finding(
                finding.rule(), finding.severity(), finding.piece(), finding.where(), finding.words(), remedy);
    }

    private static boolean helps(
            Finding.Remedy way, Finding finding, List<Finding> found, Rule rule, Remaking remaking) {
        if (!(remaking.make(way.design()) instanceof Outcome.Made<Card> made)) {
            return false;
        }
        Rule again = rule instanceof DoesNotFold ? new DoesNotFold(CardFolding.of(made.value())) : rule;
        return count(finding.piece(), again.check(made.value())) < count(finding.piece(), found);
    }

    private static long count(PieceId piece, List<Finding> found) {
        return found.stream().filter(each -> each.piece().equals(piece)).count();
    }
}

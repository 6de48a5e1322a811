package kwibbet.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

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
            new InTheWay(),
            new PatternUpsideDown(),
            new UnevenBorders(),
            new FlushOneWay(),
            new OffCentre(),
            new DoorsApart(),
            new FootOffTable(),
            new SticksOut());

    /** Nobody looks for a way out of more of a kind at once: with one taken the next are looked at. */
    private static final int TRIED = 12;

    private final Card card;
    private final List<Checked> checked;

    /**
     * What a rule finds.
     *
     * @param rule the rule
     * @param found its findings
     */
    private record Checked(Rule rule, List<Finding> found) {}

    private Review(Card card, List<Checked> checked) {
        this.card = card;
        this.checked = checked;
    }

    /** What is worth a look, the worst first. */
    public static List<Finding> of(Card card) {
        return of(card, CardFolding.of(card));
    }

    /** The same, where it is known already how the card closes. */
    public static List<Finding> of(Card card, CardFolding folding) {
        return begun(card, folding).findings();
    }

    /** All that is found, whose ways out have not been tried yet, which takes as long again. */
    public static Review begun(Card card, CardFolding folding) {
        return new Review(
                card,
                rules(folding).stream()
                        .map(rule -> new Checked(rule, rule.check(card)))
                        .toList());
    }

    /** What is worth a look, the worst first; whether its ways out help is not known. */
    public List<Finding> found() {
        return worstFirst(checked.stream().flatMap(each -> each.found.stream()));
    }

    /** The same with the ways out that help, tried for the first dozen a rule finds. */
    public List<Finding> findings() {
        Remaking remaking = new Remaking(card.materials());
        return worstFirst(checked.stream().flatMap(each -> IntStream.range(0, each.found.size())
                .mapToObj(at -> at < TRIED
                        ? sound(each.found.get(at), each.found, each.rule, remaking)
                        : each.found.get(at).with(Optional.empty()))));
    }

    private static List<Finding> worstFirst(Stream<Finding> findings) {
        return findings.sorted(Comparator.comparing(Finding::severity)).toList();
    }

    private static List<Rule> rules(CardFolding folding) {
        List<Rule> rules = new ArrayList<>(List.of(new DoesNotFold(folding)));
        rules.addAll(RULES);
        return rules;
    }

    /** A way out is offered only where it leads to a card on which the finding is gone. */
    private static Finding sound(Finding finding, List<Finding> found, Rule rule, Remaking remaking) {
        return finding.with(finding.remedy().filter(way -> helps(way, finding, found, rule, remaking)));
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

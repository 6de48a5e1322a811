package kwibbet.review;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.fold.CardFolding;

/** All rules, applied to a card. */
public final class Review {

    /** Those that need nothing but the card, in the order their findings are told where they are equally bad. */
    public static final List<Rule> RULES = List.of(
            new StuckAcrossFold(),
            new CutAcrossFold(),
            new FlapTooLong(),
            new FilmAtFold(),
            new NothingBridges(),
            new TapeOnShow(),
            new FoamOnShow(),
            new OpeningMisses(),
            new HiddenWork(),
            new HeatAfterFilm(),
            new PartlyOn(),
            new PatternUpsideDown(),
            new UnevenBorders(),
            new OffCentre(),
            new DoorsApart(),
            new SticksOut());

    private Review() {}

    /** What is worth a look, the worst first. */
    public static List<Finding> of(Card card) {
        return of(card, CardFolding.of(card));
    }

    /** The same, where it is known already how the card closes. */
    public static List<Finding> of(Card card, CardFolding folding) {
        return Stream.concat(Stream.of(new DoesNotFold(folding)), RULES.stream())
                .flatMap(rule -> rule.check(card).stream())
                .map(finding -> sound(finding, card))
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }

    /** A way out is offered only where it leads to a card. */
    private static Finding sound(Finding finding, Card card) {
        Optional<Finding.Remedy> remedy = finding.remedy()
                .filter(way ->
                        CardMaker.make(way.design(), card.materials()).reasons().isEmpty());
        return new Finding(
                finding.rule(), finding.severity(), finding.piece(), finding.where(), finding.words(), remedy);
    }
}

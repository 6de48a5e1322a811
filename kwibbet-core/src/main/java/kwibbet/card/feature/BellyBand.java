package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Adhesion;
import kwibbet.card.Direction;
import kwibbet.card.Feature;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A strip that wraps the shut card and slides off.
 *
 * <p>Its length is twice the width of what it wraps, plus the overlap, plus the slack that lets it slide over the plies; a 4 1/4 card
 * needs about twice its width plus overlap (common practice, no source). The ends meet behind.
 */
public record BellyBand() implements Feature {

    /** How high it is. */
    public static final Parameter.OfLength HEIGHT = Shapes.length(
                    "height", "Height", "How high the band is.", "1/4", "12", "1 1/2")
            .following(Parameter.Follows.HEIGHT);
    /** How far its ends overlap. */
    public static final Parameter.OfLength OVERLAP =
            Shapes.length("overlap", "Overlap", "How far its ends overlap behind.", "1/4", "4", "1/2");

    @Override
    public String key() {
        return "belly-band";
    }

    @Override
    public String title() {
        return "Belly band";
    }

    @Override
    public String sentence() {
        return "A strip that wraps the shut card and slides off.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(HEIGHT));
        all.addAll(List.of(Placing.DOWN, Placing.FROM_TOP, OVERLAP));
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        return settings.is(Placing.DOWN, Placing.BY) ? parameters() : List.of(HEIGHT, Placing.DOWN, OVERLAP);
    }

    /** It slides when it is wider than the card by two calipers of all it wraps. */
    private static Length slack(Site site) {
        int plies = 2 + site.others().size() + site.below().size();
        return site.brief()
                .caliper(PaperSlot.PAPER)
                .multipliedBy(plies)
                .roundedUpTo(site.brief().materials().trim())
                .shown();
    }

    @Override
    public Outcome<Work> work(Site site) {
        Length height = site.brief().length(HEIGHT);
        Rect card = site.shutCard();
        Length width = card.size().width();
        List<Refusal> reasons = new ArrayList<>();
        if (height.isLongerThan(card.size().height())) {
            reasons.add(new Refusal(
                    HEIGHT.key(),
                    "The band is higher than the shut card. It can be at most "
                            + site.brief().figure(card.size().height()) + "."));
        }
        if (site.brief().length(OVERLAP).isLongerThan(width)) {
            reasons.add(new Refusal(
                    OVERLAP.key(),
                    "The ends overlap by more than the card is wide, "
                            + site.brief().figure(width) + "."));
        }
        return reasons.isEmpty() ? Outcome.made(wrapped(site, card, height)) : Outcome.refused(reasons);
    }

    private static Work wrapped(Site site, Rect card, Length height) {
        Length width = card.size().width();
        Length slack = slack(site);
        Length front =
                width.plus(slack).roundedUpTo(site.brief().materials().trim()).shown();
        Length tails = front.plus(site.brief().length(OVERLAP));
        Length left = tails.half();
        Length right = tails.minus(left);
        Size size = new Size(front.plus(tails), height);
        PanelId whole = PanelId.of(site.id());
        PanelId one = site.panelPart("left");
        PanelId other = site.panelPart("right");
        Piece band = Piece.of(site.id(), site.name(), site.brief().paper(PaperSlot.PAPER), size)
                .scored(List.of(
                        Score.upright(one.hinge(), left, size, Score.Fold.MOUNTAIN),
                        Score.upright(other.hinge(), left.plus(front), size, Score.Fold.MOUNTAIN)));
        Outline face = Outline.of(Rect.of(left, Length.ZERO, front, height));
        Outline leftTail = Outline.of(Rect.of(Length.ZERO, Length.ZERO, left, height));
        Outline rightTail = Outline.of(Rect.of(left.plus(front), Length.ZERO, right, height));
        Point corner =
                new Point(card.left().minus(front.minus(width).half()).minus(left), Placing.topIn(card, site, height));
        Work.Collector work = new Work.Collector();
        work.piece(
                band,
                Adhesion.NONE,
                Panel.stuck(whole, site.id(), face, site.panel(), site.side(), site.at(corner)),
                Panel.folded(one, site.id(), leftTail, whole, one.hinge(), 180),
                Panel.folded(other, site.id(), rightTail, whole, other.hinge(), 180));
        // Round the whole shut card, whatever lies over the panel it is put on.
        site.others().forEach(each -> work.above(whole, each.panel().id()));
        for (PanelId tail : List.of(one, other)) {
            work.above(site.panel(), tail);
            site.others().forEach(each -> work.above(each.panel().id(), tail));
        }
        work.above(other, one);
        work.direction(new Direction(
                site.id(),
                site.id(),
                Direction.Does.WRAP,
                Phrase.of("Wrap " + site.name()
                        + " round the shut card and tape its ends to each other behind, not to the card.")));
        return work.end();
    }
}

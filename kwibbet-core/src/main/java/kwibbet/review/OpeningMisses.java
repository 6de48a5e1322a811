package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Host;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.ShutFold;
import kwibbet.card.Site;
import kwibbet.card.feature.Placing;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/** Two openings that lie over each other when the card is shut nearly line up, and do not. */
record OpeningMisses() implements Rule {

    private static final Length SMALLEST = Length.ofInches(1, 2);
    private static final Length MEANT = Length.ofInches(1, 4);
    /** Openings of one size were meant to meet though they are farther off. */
    private static final Length ALIKE = Length.ofInches(1, 2);

    @Override
    public String key() {
        return "opening-misses";
    }

    /**
     * An opening where it lies when all is shut.
     *
     * @param piece what it is cut in
     * @param panel the panel of that piece
     * @param place what the panel of that piece is called
     * @param opening the opening
     * @param outline where
     */
    private record Shut(Piece piece, Panel panel, String place, Opening opening, Outline outline) {}

    @Override
    public List<Finding> check(Card card) {
        List<Shut> openings = openings(card);
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < openings.size(); i++) {
            for (int j = i + 1; j < openings.size(); j++) {
                Shut one = openings.get(i);
                Shut other = openings.get(j);
                if (!one.panel().equals(other.panel()) && misses(one.outline(), other.outline())) {
                    findings.add(finding(card, one, other));
                }
            }
        }
        return findings;
    }

    private static List<Shut> openings(Card card) {
        ShutFold shut = card.shut();
        List<Shut> openings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            for (Opening opening : piece.openings()) {
                Optional<Panel> panel = card.panelsOf(piece.id()).stream()
                        .filter(each -> Overlay.contains(Region.of(each.outline()), opening.outline()))
                        .findFirst();
                boolean large = !opening.shape().size().width().isShorterThan(SMALLEST);
                if (large && panel.isPresent()) {
                    Outline there = opening.outline().in(shut.of(panel.get().id()));
                    openings.add(new Shut(piece, panel.get(), "the " + card.nameOf(panel.get()), opening, there));
                }
            }
        }
        return openings;
    }

    /** Partly over each other, by an offset too small to be meant. */
    private static boolean misses(Outline one, Outline other) {
        Point offset = offset(one, other);
        Length most = Length.max(offset.x().abs(), offset.y().abs());
        boolean alike = one.bounds().size().equals(other.bounds().size());
        return (most.isShorterThan(MEANT) || (alike && !most.isLongerThan(ALIKE)))
                && !Overlay.without(Region.of(one), Region.of(other)).isEmpty()
                && !Overlay.without(Region.of(other), Region.of(one)).isEmpty();
    }

    private static Point offset(Outline one, Outline other) {
        Point middle = one.bounds().middle();
        Point there = other.bounds().middle();
        return new Point(there.x().minus(middle.x()), there.y().minus(middle.y()));
    }

    private Finding finding(Card card, Shut one, Shut other) {
        Point offset = offset(one.outline(), other.outline());
        return finding(
                Severity.WARNING,
                other.piece().id(),
                other.opening().outline(),
                Phrase.in(card.design().system())
                        .words("Shut, the openings in " + one.place() + " and in " + other.place()
                                + " miss each other by ")
                        .length(offset.x().abs())
                        .words(" across and ")
                        .length(offset.y().abs())
                        .words(" down."),
                inRegister(card, one, other));
    }

    /** Moves the second opening over the first, where a maker placed it on a face. */
    private static Optional<Remedy> inRegister(Card card, Shut one, Shut other) {
        return card.design()
                .addition(other.opening().owner())
                .filter(addition -> addition.feature().parameters().contains((Parameter) Placing.ACROSS))
                .filter(addition -> addition.host() instanceof Host.OnFace)
                .flatMap(addition -> card.face(((Host.OnFace) addition.host()).face())
                        .map(face -> new Remedy("bring them into register", moved(card, addition, face, one, other))));
    }

    private static Design moved(Card card, Addition addition, Face face, Shut one, Shut other) {
        Placement panel = card.shut().of(other.panel().id());
        Placement site = Site.frameOn(other.panel(), face).within(panel).inverse();
        Rect wanted = one.outline()
                .in(site)
                .bounds()
                .centred(other.outline().in(site).bounds().size());
        return card.design()
                .settled()
                .with(addition.with(Placing.placed(card.design().present(addition), wanted.corner())));
    }
}

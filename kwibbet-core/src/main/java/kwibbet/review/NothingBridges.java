package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.PanelId;
import kwibbet.card.Piece;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.feature.Beginnings;
import kwibbet.card.feature.Ornament;
import kwibbet.measure.Length;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/** Only film joins two pieces and nothing stiff reaches across the gap: the front bows. */
record NothingBridges() implements Rule {

    @Override
    public String key() {
        return "nothing-bridges";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Piece film : card.pieces()) {
            if (!card.isClear(film.id()) || !card.isOfBase(film.id())) {
                continue;
            }
            List<Outline> strips = strips(card, film);
            boolean bridged = card.joinsOn(film.id()).stream()
                    .filter(join -> !card.isOfBase(join.upper()))
                    .anyMatch(join -> strips.stream().allMatch(strip -> Overlay.overlap(strip, join.zone())));
            if (strips.size() > 1 && !bridged) {
                findings.add(finding(card, film));
            }
        }
        return findings;
    }

    /** What the film joins, in its own frame: what it is stuck to, and the base's pieces stuck to it. */
    private static List<Outline> strips(Card card, Piece film) {
        Stream<Outline> below = card.join(film.id()).stream()
                .map(join -> card.hostArea(join).in(join.placement().inverse()));
        Stream<Outline> above = card.joinsOn(film.id()).stream()
                .filter(join -> card.isOfBase(join.upper()))
                .map(Join::zone);
        return Stream.concat(below, above).toList();
    }

    private Finding finding(Card card, Piece film) {
        return finding(
                Severity.WARNING,
                film.id(),
                film.outline(),
                Phrase.in(card.design().system())
                        .words(
                                "Nothing stiff reaches across the clear gap, so the front bows. An ornament taller than the gap holds it, with a second copy behind."),
                topper(card, film));
    }

    private static Optional<Remedy> topper(Card card, Piece film) {
        FaceId face = new FaceId(PanelId.of(film.id()), Side.UNDER);
        if (card.face(face).isEmpty()) {
            return Optional.empty();
        }
        Design design = card.design().settled();
        Ornament ornament = new Ornament();
        Size half = new Size(half(film.size().width()), half(film.size().height()));
        boolean tall = film.size().height().isLongerThan(film.size().width());
        Settings settings = Settings.PRESET;
        Size size = tall
                ? new Size(half.width(), taller(film.size().height()))
                : new Size(taller(film.size().width()), half.height());
        settings = Beginnings.sized(settings, size).with(Ornament.COPY, "behind");
        Addition topper =
                design.next(ornament, new Host.OnFace(face), settings, Map.of()).withName("Bridging ornament");
        return Optional.of(new Remedy("add an ornament that bridges it", design.plus(topper)));
    }

    private static Length half(Length side) {
        return side.half();
    }

    private static Length taller(Length side) {
        return side.multipliedBy(3).dividedDownBy(4);
    }
}

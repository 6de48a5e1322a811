package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.base.Starts;
import kwibbet.outcome.Outcome;

/**
 * A begun card on another base, at the size it has: what fits stays.
 *
 * @param design the card on the other base
 * @param leftOut what is on the card and does not fit there, in its order
 */
public record OtherBase(Design design, List<Addition> leftOut) {

    /** Copies the list. */
    public OtherBase {
        leftOut = List.copyOf(leftOut);
    }

    /**
     * The card on another base, or why that cannot be made at its size.
     *
     * <p>What was on a face goes to the face of that name, or else to the one that is as many along of those that are seen when it is.
     *
     * @param card the card as it is
     * @param base the other base
     */
    public static Outcome<OtherBase> of(Card card, Base base) {
        Design before = card.design().settled();
        Design bare = before.on(base, Starts.sized(base, card.form().finished(), before.system()));
        return CardMaker.make(bare, card.materials()).then(made -> Outcome.made(moved(card, before, made)));
    }

    private static OtherBase moved(Card card, Design before, Card bare) {
        Card soFar = bare;
        List<Addition> leftOut = new ArrayList<>();
        for (Addition addition : before.additions()) {
            Design there = soFar.design();
            Optional<Outcome<Card>> with = host(addition, card, soFar)
                    .map(host -> CardMaker.make(there.plus(addition.with(host)), card.materials()));
            if (with.isPresent() && with.get() instanceof Outcome.Made<Card> made) {
                soFar = made.value();
            } else {
                leftOut.add(addition);
            }
        }
        return new OtherBase(soFar.design(), leftOut);
    }

    private static Optional<Host> host(Addition addition, Card from, Card to) {
        return addition.host() instanceof Host.OnFace on
                ? face(on.face(), from, to).map(Host.OnFace::new)
                : Optional.of(addition.host());
    }

    private static Optional<FaceId> face(FaceId id, Card from, Card to) {
        if (to.face(id).isPresent()) {
            return Optional.of(id);
        }
        Optional<Face> face = from.face(id);
        if (face.isEmpty()) {
            return Optional.empty();
        }
        Face.Role role = face.get().role();
        int along = ofRole(from, role).indexOf(face.get());
        List<Face> there = ofRole(to, role);
        return along >= 0 && along < there.size() ? Optional.of(there.get(along).id()) : Optional.empty();
    }

    private static List<Face> ofRole(Card card, Face.Role role) {
        return card.form().faces().stream().filter(face -> face.role() == role).toList();
    }
}

package kwibbet.card.feature;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Host;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.measure.Length;

/**
 * A thing on a card and all that is on it, made a second time: beside the first where there is room, else over it, a little aside.
 *
 * @param card the card
 * @param first what is made once more
 */
record OnceMore(Card card, Addition first) {

    /** What leaves room for a number after it. */
    private static final int NAME = 50;

    /** The design with it; as it is where no card can be made of that. */
    Design design() {
        Design settled = card.design().settled();
        Length gap = settled.system().usual(Length.ofInches(1, 4));
        return Moves.beside(card, first.id(), gap).stream()
                .map(settings -> with(settled, settings))
                .filter(more -> CardMaker.make(more, card.materials()).reasons().isEmpty())
                .findFirst()
                .orElse(card.design());
    }

    private Design with(Design settled, Settings placed) {
        Map<PieceId, PieceId> copies = new HashMap<>();
        Design design = settled;
        for (Addition addition : settled.additions()) {
            Optional<Addition> copy = addition.id().equals(first.id())
                    ? Optional.of(addition.with(placed))
                    : host(addition.host(), copies).map(addition::with);
            if (copy.isPresent()) {
                PieceId id = design.nextId(addition.feature());
                copies.put(addition.id(), id);
                design = design.plus(copy.get().withId(id).withName(name(design, addition.name())));
            }
        }
        return design;
    }

    /** The same place on the copy of what it is on; nothing where that is not copied. */
    private static Optional<Host> host(Host host, Map<PieceId, PieceId> copies) {
        if (host instanceof Host.OnPiece on) {
            return copied(on.piece().value(), copies).map(PieceId::new).map(Host.OnPiece::new);
        }
        FaceId face = ((Host.OnFace) host).face();
        return copied(face.panel().value(), copies)
                .map(PanelId::new)
                .map(panel -> new Host.OnFace(new FaceId(panel, face.side())));
    }

    /** What a piece or a panel of a copied thing is called on the copy; each begins with the id of its addition. */
    private static Optional<String> copied(String id, Map<PieceId, PieceId> copies) {
        return copies.entrySet().stream()
                .filter(each -> id.equals(each.getKey().value())
                        || id.startsWith(each.getKey().value() + "-"))
                .map(each -> each.getValue().value()
                        + id.substring(each.getKey().value().length()))
                .findFirst();
    }

    /** Its name with the next number nothing is called by yet. */
    private static String name(Design design, String name) {
        String bare = name.replaceFirst(" \\d+$", "");
        String called = bare.length() > NAME ? bare.substring(0, NAME) : bare;
        List<String> taken = design.additions().stream().map(Addition::name).toList();
        int number = 2;
        while (taken.contains(called + " " + number)) {
            number++;
        }
        return called + " " + number;
    }
}

package kwibbet.card.feature;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.PaperSlot;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;

/** What is done all day, done at once. Each gives the changed design; what cannot be made is left out of it. */
public final class QuickWays {

    private QuickWays() {}

    /** 1/8 in, common practice, no source; 3 mm for those who measure in millimetres. */
    public static Length usualBorder(Design design) {
        return design.system().usual(Length.ofInches(1, 8));
    }

    /** A mat with the usual border on every outer face but the back; what is cut into a face there is cut through its mat. */
    public static Design matEveryPanel(Card card) {
        Design design = card.design().settled();
        for (Face face : card.form().faces()) {
            boolean outer = face.role() == Face.Role.SHOWN;
            boolean clear = card.panel(face.panel())
                    .filter(panel -> card.isClear(panel.piece()))
                    .isPresent();
            if (outer && !clear) {
                Host top = design.topOf(new Host.OnFace(face.id()));
                Settings settings = new Mat().start(design.system()).with(Mat.BORDER, usualBorder(design));
                Addition mat = mat(design, top, settings, Beginnings.paper(card, top));
                Design matted = tried(card, design, mat);
                design = matted.equals(design) ? design : throughMat(card, matted, top, mat);
            }
        }
        return design;
    }

    /** Openings in what a mat was put on would be closed by it: they are cut from its face on, at the same place. */
    private static Design throughMat(Card card, Design matted, Host host, Addition mat) {
        Design design = matted;
        for (Addition opening : matted.additions()) {
            if (opening.feature() instanceof Window && opening.host().equals(host)) {
                Design closed = design;
                design = Window.throughMat(opening, mat.id(), mat.settings().length(Mat.BORDER))
                        .map(closed.without(opening.id())::plus)
                        .filter(open ->
                                CardMaker.make(open, card.materials()).reasons().isEmpty())
                        .orElse(closed);
            }
        }
        return design;
    }

    private static Addition mat(Design design, Host host, Settings settings, PaperId paper) {
        return design.next(new Mat(), host, settings, Map.of(PaperSlot.PAPER.key(), paper));
    }

    private static Design tried(Card card, Design design, Addition addition) {
        Design more = design.plus(addition);
        return CardMaker.make(more, card.materials()).reasons().isEmpty() ? more : design;
    }

    /** Every layer of the outside again on the other face of its panel, in the same order. */
    public static Design sameInside(Card card) {
        Design design = card.design().settled();
        Map<PieceId, PieceId> copies = new HashMap<>();
        for (Addition addition : card.design().settled().additions()) {
            Optional<Host> host = inside(card, addition.host(), copies);
            if (host.isPresent() && addition.feature().isLayer()) {
                PieceId id = design.nextId(addition.feature());
                String name = (addition.name().length() > 50 ? addition.name().substring(0, 50) : addition.name())
                        + ", inside";
                Design more =
                        tried(card, design, addition.withId(id).withName(name).with(host.get()));
                if (!more.equals(design)) {
                    copies.put(addition.id(), id);
                    design = more;
                }
            }
        }
        return design;
    }

    private static Optional<Host> inside(Card card, Host host, Map<PieceId, PieceId> copies) {
        if (host instanceof Host.OnPiece on) {
            return Optional.ofNullable(copies.get(on.piece())).map(Host.OnPiece::new);
        }
        return card.face(((Host.OnFace) host).face())
                .filter(face -> face.role() != Face.Role.INSIDE)
                .flatMap(face -> card.faces().stream()
                        .filter(other -> other.panel().equals(face.panel()) && other.side() != face.side())
                        .findFirst())
                .map(face -> new Host.OnFace(face.id()));
    }

    /** A thing and all that is on it made once more, beside it. */
    public static Design onceMore(Card card, PieceId held) {
        return card.additionOf(held)
                .map(first -> new OnceMore(card, first).design())
                .orElse(card.design());
    }

    /** Whether a thing can be made once more: it has to have a place of its own. */
    public static boolean canBeMadeOnceMore(Card card, PieceId held) {
        return card.additionOf(held)
                .filter(first -> Moves.obstacle(card, first.id()).isEmpty())
                .isPresent();
    }

    /**
     * Another mat on a mat and all that lies on it, with the border of the topmost, in the paper below that one: papers alternate as
     * they step down.
     */
    public static Design stepDown(Card card, PieceId id) {
        Design design = card.design().settled();
        if (design.addition(id).isEmpty()) {
            return design;
        }
        Host.OnPiece top = (Host.OnPiece) design.topOf(new Host.OnPiece(id));
        Length border = design.addition(top.piece())
                .map(Addition::settings)
                .filter(settings -> settings.is(Mat.FIT, Mat.BY_BORDER))
                .map(settings -> settings.length(Mat.BORDER))
                .orElse(usualBorder(design));
        PaperId paper = card.join(top.piece())
                .map(Join::lower)
                .flatMap(card::piece)
                .map(Piece::paper)
                .orElse(card.base().paper());
        return design.plus(mat(design, top, new Mat().start(design.system()).with(Mat.BORDER, border), paper));
    }
}

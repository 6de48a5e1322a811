package kwibbet.card.feature;

import kwibbet.card.Card;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Panel;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** Settings to start a feature from: presets, none larger than suits its place. */
public final class Beginnings {

    /** A new thing takes at most this share of its place. */
    private static final double SHARE = 0.6;

    private Beginnings() {}

    /**
     * The settings of a feature that is about to be put on a card.
     *
     * @param feature the feature
     * @param card the card
     * @param host where on it
     */
    public static Settings of(Feature feature, Card card, Host host) {
        Size room = room(card, host);
        MeasureSystem system = card.design().system();
        Graduation marks = system == MeasureSystem.INCH ? Graduation.EIGHTHS : Graduation.MILLIMETRES;
        Settings settings = feature.start(system);
        for (Parameter parameter : feature.parameters()) {
            if (parameter instanceof Parameter.OfLength length
                    && length.follows() != Parameter.Follows.NOTHING
                    && !Placing.ALL.contains(length)
                    && !feature.distances().contains(length)) {
                Length side = length.follows() == Parameter.Follows.WIDTH ? room.width() : room.height();
                Length most = part(side).roundedDownTo(marks).shown();
                Length least = system.leastSaid(length.least());
                settings = settings.with(length, Length.max(least, Length.min(settings.length(length), most)));
            }
        }
        return new FreePlace(feature, card, host, room).nearest(settings);
    }

    /** The card stock a new thing is cut from until another is chosen: one that can be told from what it lies on. */
    public static PaperId paper(Card card, Host host) {
        PaperId below =
                card.hostPiece(host).map(Piece::paper).orElse(card.base().paper());
        return card.materials().shelf().papers().stream()
                .filter(paper ->
                        paper.kind() == PaperKind.CARD_STOCK && !paper.id().equals(below))
                .findFirst()
                .map(Paper::id)
                .orElse(below);
    }

    /** Settings of something cut to a shape, at a size. */
    public static Settings sized(Settings settings, Size size) {
        return settings.with(Shapes.WIDTH, size.width()).with(Shapes.HEIGHT, size.height());
    }

    private static Length part(Length side) {
        return side.scaledBy(SHARE);
    }

    private static Size room(Card card, Host host) {
        if (host instanceof Host.OnFace face) {
            return card.face(face.face())
                    .flatMap(each -> card.panel(each.panel()))
                    .map(panel -> panel.outline().bounds())
                    .map(Rect::size)
                    .orElse(card.form().finished());
        }
        // What is folded has no more room than the part of it that is stuck down.
        PieceId piece = ((Host.OnPiece) host).piece();
        return card.panelsOf(piece).stream()
                .filter(panel -> panel.hanging() instanceof Panel.Stuck)
                .findFirst()
                .map(panel -> panel.outline().bounds().size())
                .orElse(card.form().finished());
    }
}

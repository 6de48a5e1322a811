package kwibbet.card;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Size;

/**
 * What a base comes to with its parameters set.
 *
 * @param finished the size of the shut card
 * @param parts what is cut for it, the piece that folds first; its panels; the faces things can be stuck to, the front first
 * @param poses how it is looked at, shut first
 * @param closing the scores that fold, in the order they are folded to shut it
 * @param hands what hands do about it
 */
public record Form(Size finished, Parts parts, List<Pose> poses, List<ScoreId> closing, Hands hands)
        implements OfParts {

    private static final int QUARTER = 90;

    /**
     * One panel over another, seen from the up face of the panel that lies still.
     *
     * @param upper the panel that lies nearer
     * @param lower the panel that lies farther
     */
    public record Above(PanelId upper, PanelId lower) {}

    /**
     * What hands do about a base.
     *
     * @param holdings what holds its pieces together where that is not flat tape
     * @param directions what they do besides cutting, folding and sticking
     * @param supplies what they use up for that
     */
    public record Hands(List<Work.Holding> holdings, List<Direction> directions, List<Supply> supplies) {
        /** Nothing of note. */
        public static final Hands USUAL = new Hands(List.of(), List.of(), List.of());

        /** Copies the lists. */
        public Hands {
            holdings = List.copyOf(holdings);
            directions = List.copyOf(directions);
            supplies = List.copyOf(supplies);
        }
    }

    /** A base of one piece that folds panel by panel. */
    public static Form of(
            Size finished, Piece base, List<Panel> panels, List<Face> faces, List<Pose> poses, List<ScoreId> closing) {
        return new Form(finished, new Parts(List.of(base), panels, faces, List.of()), poses, closing, Hands.USUAL);
    }

    /** Copies the lists. The base lies inside up, so that the face its paper is chosen for is the one that looks down. */
    public Form {
        List<Piece> pieces = parts.pieces().stream()
                .map(piece -> piece.id().equals(PieceId.BASE) ? piece.insideUp() : piece)
                .toList();
        parts = new Parts(pieces, parts.panels(), parts.faces(), parts.above());
        poses = List.copyOf(poses);
        closing = List.copyOf(closing);
    }

    /** The size of the flat base. */
    public Size flat() {
        return base().size();
    }

    /** The pose of that key, or the first. */
    public Pose pose(String key) {
        return poses.stream().filter(pose -> pose.key().equals(key)).findFirst().orElse(poses.get(0));
    }

    /** The same a quarter turned clockwise: what was at the left is at the top. */
    public Form turned() {
        Parts turned = new Parts(
                pieces().stream().map(piece -> piece.in(quarter(piece))).toList(),
                panels().stream().map(this::turned).toList(),
                faces().stream().map(Face::turned).toList(),
                above());
        return new Form(
                finished.turned(), turned, poses.stream().map(Pose::turned).toList(), closing, hands);
    }

    private static Placement quarter(Piece piece) {
        return new Placement(new Point(piece.size().height(), Length.ZERO), QUARTER, false);
    }

    private Placement quarter(PieceId id) {
        return quarter(piece(id).orElseThrow(() -> new IllegalStateException("the base has no piece " + id.value())));
    }

    private Panel turned(Panel panel) {
        Placement own = quarter(panel.piece());
        Panel.Hanging hanging = panel.hanging();
        if (hanging instanceof Panel.Stuck stuck) {
            Placement others = quarter(panel(stuck.panel())
                    .orElseThrow(() -> new IllegalStateException(
                            "the base has no panel " + stuck.panel().value()))
                    .piece());
            Placement between = own.inverse().within(stuck.placement()).within(others);
            hanging = new Panel.Stuck(stuck.panel(), stuck.side(), between);
        }
        List<Outline> freed = panel.freed().stream().map(part -> part.in(own)).toList();
        return new Panel(panel.id(), panel.piece(), panel.outline().in(own), freed, hanging);
    }

    /**
     * The same with each face that looks up when the card is shut turned so that what is on it stands upright there; what is
     * seen open or from behind stands as it lies.
     */
    public Form uprighted() {
        Pose shut = pose(Pose.SHUT);
        ShutFold fold = ShutFold.of(panels(), pieces(), shut, closing);
        List<Face> upright = faces().stream()
                .map(face -> face.turnedUpright(upright(face, fold.of(face.panel()), shut.view())))
                .toList();
        return new Form(finished, new Parts(pieces(), panels(), upright, above()), poses, closing, hands);
    }

    private static int upright(Face face, Placement table, Pose.View view) {
        for (int degrees = 0; degrees < 4 * QUARTER; degrees += QUARTER / 2) {
            Placement seen = new Placement(Point.ORIGIN, degrees, face.side() == Side.UNDER).within(table);
            if (!seen.mirrored() && Math.floorMod(seen.degrees() + view.roll(), 4 * QUARTER) == 0) {
                return degrees;
            }
        }
        return 0;
    }
}

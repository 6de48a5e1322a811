package kwibbet.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.shape.Outline;
import kwibbet.shape.Segment;

/**
 * What a feature comes to.
 *
 * @param parts what is cut for it, with its panels, and faces of them that further things can be stuck to
 * @param changes what is done to pieces that are there already
 * @param holdings what holds its pieces
 * @param hollows pieces whose hidden middle is cut out
 * @param extras what comes with it besides
 */
public record Work(Parts parts, Changes changes, List<Holding> holdings, List<Hollow> hollows, Extras extras) {

    /**
     * What is done to pieces and panels that are there already.
     *
     * @param openings what is cut through pieces
     * @param slits cuts inside pieces
     * @param scores creases on pieces
     * @param zones areas of pieces
     * @param freed parts of panels that are cut free and fold on their own
     * @param edges what is cut off at the edges of panels
     * @param partCuts shapes of which a part is cut
     */
    public record Changes(
            List<On<Opening>> openings,
            List<On<Segment>> slits,
            List<On<Score>> scores,
            List<On<Zone>> zones,
            List<Freed> freed,
            List<EdgeCut> edges,
            List<On<PartCut.UnderPlate>> partCuts) {

        /** Copies the lists. */
        public Changes {
            openings = List.copyOf(openings);
            slits = List.copyOf(slits);
            scores = List.copyOf(scores);
            zones = List.copyOf(zones);
            freed = List.copyOf(freed);
            edges = List.copyOf(edges);
            partCuts = List.copyOf(partCuts);
        }
    }

    /**
     * Something on a piece that is there already.
     *
     * @param piece the piece
     * @param what what is done to it, in its frame
     * @param <T> the kind of thing
     */
    public record On<T>(PieceId piece, T what) {}

    /**
     * What holds one of the pieces; flat tape where nothing is said.
     *
     * @param piece the piece
     * @param adhesion what holds it
     */
    public record Holding(PieceId piece, Adhesion adhesion) {}

    /**
     * A piece whose middle is cut out where another hides it.
     *
     * @param piece the piece
     * @param lap what is kept under what hides it, on each side
     * @param isKept whether another piece is cut from what comes out
     */
    public record Hollow(PieceId piece, Length lap, boolean isKept) {}

    /**
     * A part of a panel that is cut free but for one score.
     *
     * @param panel the panel it was part of
     * @param outline the part
     */
    public record Freed(PanelId panel, Outline outline) {}

    /**
     * A cut at the edge of a panel.
     *
     * @param panel the panel
     * @param off what is cut off, in the frame of its piece
     * @param die the die's outline that cuts it, if a die is to
     * @param isInner whether it is cut at the edge of an opening
     */
    public record EdgeCut(PanelId panel, Outline off, Optional<PartCut.PastEdge> die, boolean isInner) {

        /** What a die cuts off that lies over the edge. */
        public static EdgeCut byDie(PanelId panel, PartCut.PastEdge die) {
            return new EdgeCut(panel, die.outline(), Optional.of(die), false);
        }

        /** What a die cuts off that lies over the edge of an opening. */
        public static EdgeCut atOpening(PanelId panel, PartCut.PastEdge die) {
            return new EdgeCut(panel, die.outline(), Optional.of(die), true);
        }

        /** What is cut off with the rest of the outline. */
        public static EdgeCut byHand(PanelId panel, Outline off) {
            return new EdgeCut(panel, off, Optional.empty(), false);
        }
    }

    /** Copies the lists. */
    public Work {
        holdings = List.copyOf(holdings);
        hollows = List.copyOf(hollows);
    }

    /** Collects what a feature comes to, in whatever order, but that a panel is given after the one it hangs on. */
    public static final class Collector {

        private final List<Piece> pieces = new ArrayList<>();
        private final List<Panel> panels = new ArrayList<>();
        private final List<Face> faces = new ArrayList<>();
        private final List<On<Opening>> openings = new ArrayList<>();
        private final List<On<Segment>> slits = new ArrayList<>();
        private final List<On<Score>> scores = new ArrayList<>();
        private final List<On<Zone>> zones = new ArrayList<>();
        private final List<Supply> supplies = new ArrayList<>();
        private final List<Holding> holdings = new ArrayList<>();
        private final List<Hollow> hollows = new ArrayList<>();
        private final List<Freed> freed = new ArrayList<>();
        private final List<EdgeCut> edges = new ArrayList<>();
        private final List<On<PartCut.UnderPlate>> partCuts = new ArrayList<>();
        private final List<Form.Above> above = new ArrayList<>();
        private final List<Direction> directions = new ArrayList<>();
        private final List<DieCut> dieCuts = new ArrayList<>();
        private final List<Closure> closures = new ArrayList<>();

        /** Adds a piece with its panels. */
        public Collector piece(Piece piece, Panel... itsPanels) {
            pieces.add(piece);
            panels.addAll(List.of(itsPanels));
            return this;
        }

        /** Adds a piece with its panels, held otherwise than by flat tape. */
        public Collector piece(Piece piece, Adhesion adhesion, Panel... itsPanels) {
            holdings.add(new Holding(piece.id(), adhesion));
            return piece(piece, itsPanels);
        }

        /** Adds several panels of one piece. */
        public Collector piece(Piece piece, Adhesion adhesion, List<Panel> itsPanels) {
            return piece(piece, adhesion, itsPanels.toArray(Panel[]::new));
        }

        /** Says what holds a piece. */
        public Collector holding(PieceId piece, Adhesion adhesion) {
            holdings.add(new Holding(piece, adhesion));
            return this;
        }

        /** Adds a face. */
        public Collector face(Face face) {
            faces.add(face);
            return this;
        }

        /** Adds an opening in another piece. */
        public Collector opening(PieceId piece, Opening opening) {
            openings.add(new On<>(piece, opening));
            return this;
        }

        /** Adds a slit in another piece. */
        public Collector slit(PieceId piece, Segment slit) {
            slits.add(new On<>(piece, slit));
            return this;
        }

        /** Adds a score on another piece. */
        public Collector score(PieceId piece, Score score) {
            scores.add(new On<>(piece, score));
            return this;
        }

        /** Adds a zone on another piece. */
        public Collector zone(PieceId piece, Zone zone) {
            zones.add(new On<>(piece, zone));
            return this;
        }

        /** Adds a shape of which a part is cut; what it slits is added besides. */
        public Collector partCut(PieceId piece, PartCut.UnderPlate cut) {
            partCuts.add(new On<>(piece, cut));
            return this;
        }

        /** Adds something used up. */
        public Collector supply(Supply supply) {
            supplies.add(supply);
            return this;
        }

        /** Asks for the hidden middle of a piece to be cut out. */
        public Collector hollow(PieceId piece, Length lap, boolean isKept) {
            hollows.add(new Hollow(piece, lap, isKept));
            return this;
        }

        /** Adds a part of another panel that folds on its own. */
        public Collector freed(PanelId from, Panel flap) {
            freed.add(new Freed(from, flap.outline()));
            panels.add(flap);
            return this;
        }

        /** Cuts into the edge of another panel. */
        public Collector edge(EdgeCut cut) {
            edges.add(cut);
            return this;
        }

        /** Says which panel lies over which. */
        public Collector above(PanelId upper, PanelId lower) {
            above.add(new Form.Above(upper, lower));
            return this;
        }

        /** Adds something to do. */
        public Collector direction(Direction direction) {
            directions.add(direction);
            return this;
        }

        /** Says that a piece has the edge of a die. */
        public Collector dieCut(DieCut cut) {
            dieCuts.add(cut);
            return this;
        }

        /** Sticks two panels to each other as they lie when the card is shut. */
        public Collector closure(Closure closure) {
            closures.add(closure);
            return this;
        }

        /** All of it. */
        public Work end() {
            return new Work(
                    new Parts(pieces, panels, faces, above),
                    new Changes(openings, slits, scores, zones, freed, edges, partCuts),
                    holdings,
                    hollows,
                    new Extras(supplies, directions, dieCuts, closures));
        }
    }
}

package kwibbet.press;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Opening;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.press.Lying.Away;
import kwibbet.press.Lying.Through;
import kwibbet.shape.Axis;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DiePass;

/**
 * A piece as it goes through the press once: the paper, and the dies taped on it.
 *
 * @param paper the paper as it lies, in the frame of the piece
 * @param count how many such papers go through
 * @param uses the dies on it, at least one; all of one piece
 * @param pass which of its passes a stretched die does, from 0; 0 where it has but one
 * @param lying whether it is folded, or others are stuck to it
 */
public record Layup(Rect paper, int count, List<DieUse> uses, int pass, Lying lying) {

    /** Copies the dies. */
    public Layup {
        uses = List.copyOf(uses);
    }

    /** The piece that is cut. */
    public Piece piece() {
        return uses.get(0).want().piece();
    }

    /** In how many passes its die does it: several where it is stretched. */
    public int passes() {
        return uses.get(0).passes().size();
    }

    /** The pass of its die. */
    public DiePass diePass() {
        return uses.get(0).passes().get(pass);
    }

    /** All shapes that are cut, in whatever piece. */
    public Stream<Want> wants() {
        return uses.stream().flatMap(DieUse::wants);
    }

    /**
     * A piece with dies on it.
     *
     * @param all all dies of the piece that have not taken an end of its paper off already
     * @param uses those that are on it
     * @param count how many such papers go through
     * @param pass which of its passes a stretched die does
     * @param lying how it lies
     */
    static Layup of(List<DieUse> all, List<DieUse> uses, int count, int pass, Lying lying) {
        Optional<DieUse> outline = all.stream()
                .filter(use -> use.want().role() == Want.Role.OUTLINE)
                .findFirst();
        Rect own = all.stream()
                .flatMap(use -> use.want().end().stream())
                .reduce(uses.get(0).want().piece().outline().bounds(), Rect::around);
        Rect flat = outline.map(Layup::flatPaper).orElse(own);
        Rect paper = outline.isPresent() && lying.fold() instanceof Through
                ? halfPaper(outline.get())
                : lying.fold() instanceof Away away ? away.rest() : flat;
        return new Layup(paper, count, uses, pass, lying);
    }

    /** The same on a paper that may be longer; as it is where it does not lie flat, or comes out of a larger one. */
    Layup on(Rect longer) {
        return lying.equals(Lying.FLAT) && longer.contains(paper) ? new Layup(longer, count, uses, pass, lying) : this;
    }

    /**
     * The flat paper that a die cuts a piece out of: larger by the metal all round, but not where the paper's own edge is that of the
     * piece.
     */
    private static Rect flatPaper(DieUse use) {
        return use.want()
                .part()
                .flatMap(part -> part instanceof PartCut.Folded folded
                        ? Optional.of(halfPaper(use).around(halfPaper(use).mirrored(folded.fold())))
                        : Optional.empty())
                .orElse(use.want().box().grown(use.die().metal()));
    }

    /** The folded paper under a die: it ends where the die is not to cut, and lies under the metal everywhere else. */
    private static Rect halfPaper(DieUse use) {
        Rect within = use.want()
                .part()
                .orElseThrow(() -> new IllegalStateException("a piece that is cut folded has a part that is cut"))
                .within();
        Rect box = use.want().box();
        Rect metal = box.grown(use.die().metal());
        Length left = within.left().equals(box.left()) ? metal.left() : within.left();
        Length top = within.top().equals(box.top()) ? metal.top() : within.top();
        Length right = within.right().equals(box.right()) ? metal.right() : within.right();
        Length bottom = within.bottom().equals(box.bottom()) ? metal.bottom() : within.bottom();
        return Rect.of(left, top, right.minus(left), bottom.minus(top));
    }

    /** The paper before it is folded. */
    public Rect flatPaper() {
        return lying.fold() instanceof Through through
                ? paper.around(paper.mirrored(through.line()))
                : lying.fold() instanceof Away away ? paper.around(away.other()) : paper;
    }

    /**
     * The flat paper with what it is scored with before the press: the score it is folded at where a die cuts it out folded, all of them where a part of it is folded away; nothing
     * where it lies flat, or has its edges anyway.
     */
    public Optional<Piece> scoredPaper() {
        Rect flat = flatPaper();
        if (lying.fold() instanceof Away && cutsOut()) {
            Placement there =
                    Placement.at(new Point(flat.left().negated(), flat.top().negated()));
            return Optional.of(Piece.of(piece().id(), piece().name(), piece().paper(), flat.size())
                    .scored(piece().scores().stream()
                            .map(score -> score.in(there))
                            .toList()));
        }
        if (!(lying.fold() instanceof Through through)) {
            return Optional.empty();
        }
        boolean upright = through.line().axis().equals(Optional.of(Axis.VERTICAL));
        Length at = upright
                ? through.line().start().x().minus(flat.left())
                : through.line().start().y().minus(flat.top());
        Piece piece = piece();
        return piece.scores().stream()
                .filter(score -> score.line().equals(through.line()))
                .findFirst()
                .map(score -> upright
                        ? Score.upright(score.id(), at, flat.size(), score.fold())
                        : Score.level(score.id(), at, flat.size(), score.fold()))
                .map(score -> Piece.of(piece.id(), piece.name(), piece.paper(), flat.size())
                        .scored(List.of(score)));
    }

    /** Everything that lies on the bed, in the frame of the piece. */
    public Rect extent() {
        Rect extent = paper.around(metal());
        if (lying.fold() instanceof Away away) {
            extent = extent.around(away.other().mirrored(away.line()));
        }
        for (Lying.On on : lying.on()) {
            extent = extent.around(on.piece().outline().in(on.placement()).bounds());
        }
        return extent;
    }

    /** The metal of all its dies, in the frame of the piece. */
    public Rect metal() {
        return uses.stream()
                .map(use -> use.metal(diePass()))
                .reduce(Rect::around)
                .orElseThrow(() -> new IllegalStateException("a layup has dies"));
    }

    /** Whether it cuts the piece out. */
    public boolean cutsOut() {
        return uses.stream()
                .map(use -> use.want().role())
                .anyMatch(role -> role == Want.Role.OUTLINE || role == Want.Role.EDGE);
    }

    /** What of its paper it takes off past the edges of the piece. */
    public List<Rect> endsOff() {
        return uses.stream()
                .flatMap(use -> use.want().end().stream())
                .filter(paper::contains)
                .toList();
    }

    /** What its dies cut into the paper it lies on, in the frame of the piece. */
    public List<Segment> cuts() {
        Region plate = Region.of(Outline.of(underPlate()));
        Region on = Region.of(Outline.of(paper));
        // Of a die for a field of openings only the box round them is known.
        return uses.stream()
                .filter(use -> use.want().role() != Want.Role.FIELD)
                .flatMap(use -> Stream.concat(Stream.of(use.cutLine(diePass())), use.innerLines(diePass()).stream()))
                .flatMap(line -> line.edges().stream())
                .flatMap(edge -> Overlay.within(edge, plate).stream())
                .flatMap(edge -> Overlay.within(edge, on).stream())
                .toList();
    }

    /** What falls out of the paper with that. */
    public List<Outline> openings() {
        return uses.stream()
                .filter(DieUse::isWhole)
                .flatMap(use -> Stream.concat(Stream.of(use.want()), use.also().inside().stream()))
                .filter(want -> want.role() == Want.Role.OPENING || want.role() == Want.Role.FIELD)
                .flatMap(want -> piece().openings().stream().filter(opening -> want.isOf(piece(), opening)))
                .map(Opening::cutLine)
                .toList();
    }

    /** What of the metal lies between the plates. */
    private Rect underPlate() {
        DiePass pass = diePass();
        DieUse use = uses.get(0);
        Rect metal = metal();
        Length near = use.want().box().start(use.run());
        Length from = pass.from().map(near::plus).orElse(metal.start(use.run()));
        Length to = pass.to().map(near::plus).orElse(metal.end(use.run()));
        return use.run() == Axis.HORIZONTAL
                ? Rect.of(from, metal.top(), to.minus(from), metal.size().height())
                : Rect.of(metal.left(), from, metal.size().width(), to.minus(from));
    }

    /** Whether nothing else can go through with it: the plate's edge has its place, or the die needs the whole press. */
    public boolean isAlone() {
        return diePass().isPartial() || uses.stream().anyMatch(use -> use.die().detail() == Die.Detail.INTRICATE);
    }

    /** Whether the paper sticks out between the plates, whichever way it lies. */
    boolean sticksOut(Size bed) {
        Size size = extent().size();
        return !size.fitsIn(bed) && !size.turned().fitsIn(bed);
    }

    /** Whether it can go through at all: the paper no wider than the bed, the metal between the plates. */
    boolean goesThrough(Size bed) {
        return goesThrough(extent().size(), metal().size(), bed)
                || goesThrough(extent().size().turned(), metal().size().turned(), bed);
    }

    private static boolean goesThrough(Size extent, Size metal, Size bed) {
        return !extent.height().isLongerThan(bed.height()) && !metal.width().isLongerThan(bed.width());
    }

    /** Whether its paper fits between the sides of the press. */
    boolean isNarrow(Size bed) {
        Size size = extent().size();
        return !size.width().isLongerThan(bed.height()) || !size.height().isLongerThan(bed.height());
    }

    /** Whether it goes through turned a quarter, where it does not as it is. */
    boolean isTurned(Size bed) {
        return !goesThrough(extent().size(), metal().size(), bed);
    }
}

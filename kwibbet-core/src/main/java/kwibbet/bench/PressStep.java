package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.making.Operation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.press.DieUse;
import kwibbet.press.Layup;
import kwibbet.press.Lying;
import kwibbet.press.PressPlan.OnBed;
import kwibbet.press.Want;
import kwibbet.shape.Axis;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.tool.Die;
import kwibbet.wording.Phrase;
import kwibbet.wording.Turns;

/**
 * One paper with its dies, as it is laid on the bed.
 *
 * @param onBed the paper and the dies, and where they lie
 * @param layings how the dies are laid on the paper
 * @param stuck what is stuck to the paper before
 * @param count how many such papers go through so, one at each pass
 * @param like the papers of other pieces that go through just so, one after the other
 * @param before how the paper went through before
 */
public record PressStep(
        OnBed onBed,
        List<DieLaying> layings,
        List<Operation.Stick> stuck,
        int count,
        List<PressStep> like,
        List<Layup> before) {

    /** Copies the lists. */
    public PressStep {
        stuck = List.copyOf(stuck);
        layings = List.copyOf(layings);
        like = List.copyOf(like);
        before = List.copyOf(before);
    }

    /** What goes through, piece by piece. */
    public Stream<PressStep> each() {
        return Stream.concat(Stream.of(this), like.stream());
    }

    /** What the pieces are called. */
    public String names() {
        return Alike.names(each().map(PressStep::piece).toList());
    }

    private int all() {
        return each().mapToInt(PressStep::count).sum();
    }

    /** The same, and others like it. */
    PressStep and(List<PressStep> others) {
        return new PressStep(onBed, layings, stuck, count, others, before);
    }

    /** Whether another piece goes through just so: on the same paper, under the same dies in the same places, with nothing stuck to it. */
    boolean isLike(PressStep other) {
        Layup own = onBed.layup();
        Layup its = other.onBed.layup();
        return stuck.isEmpty()
                && other.stuck.isEmpty()
                && own.paper().equals(its.paper())
                && own.pass() == its.pass()
                && own.lying().equals(its.lying())
                && onBed.place().equals(other.onBed.place())
                && onBed.turned() == other.onBed.turned()
                && piece().paper().equals(other.piece().paper())
                && piece().id().equals(PieceId.BASE) == other.piece().id().equals(PieceId.BASE)
                && layings.stream()
                        .map(Laid::of)
                        .toList()
                        .equals(other.layings.stream().map(Laid::of).toList())
                && before.stream()
                        .map(Layup::cuts)
                        .toList()
                        .equals(other.before.stream().map(Layup::cuts).toList());
    }

    /** How a die lies, whatever piece it cuts. */
    private record Laid(
            Die die, int degrees, Outline outline, Want.Role role, Length side, Length top, List<String> register) {
        static Laid of(DieLaying laying) {
            Want want = laying.use().want();
            return new Laid(
                    laying.use().die(),
                    laying.use().degrees(),
                    want.outline(),
                    want.role(),
                    laying.side(),
                    laying.top(),
                    laying.inRegister());
        }
    }

    /** The piece that is cut. */
    public Piece piece() {
        return onBed.layup().piece();
    }

    /** What is cut of which piece, and how many. */
    public Phrase what(MeasureSystem system) {
        Layup layup = onBed.layup();
        Phrase.Writer writer = Phrase.in(system)
                .words(names() + " × " + all() + ", paper ")
                .size(layup.flatPaper().size());
        if (isFolded()) {
            writer.words(", folded to ").size(layup.paper().size());
        }
        // The die cuts from above, and margins are those of this face.
        writer.words(isFolded() ? "" : ", " + ScoreStep.faceUp(piece(), false));
        return writer.end();
    }

    /** The plate's edge lies in the fold, so that only what is left goes between the plates. */
    private static Phrase away(Lying.Away away, MeasureSystem system) {
        return Phrase.in(system)
                .words("Fold the part beyond its score, ")
                .size(away.other().size())
                .words(
                        away.isUp()
                                ? ", up over the upper plate: open, it is wider than the bed."
                                : ", down under the lower plate: open, it is wider than the bed.")
                .end();
    }

    private boolean isFolded() {
        return onBed.layup().lying().fold() instanceof Lying.Through;
    }

    /** The piece, and which of its passes it is where a stretched die takes several. */
    public String name() {
        int passes = onBed.layup().passes();
        return names() + (passes == 1 ? "" : ", pass " + (onBed.layup().pass() + 1) + " of " + passes);
    }

    /** What is done with the paper before, and how the dies are laid, one sentence each. */
    public List<Phrase> sentences(MeasureSystem system) {
        List<Phrase> sentences = new ArrayList<>();
        if (isFolded()) {
            sentences.add(Phrase.of("Fold it along its score and press the crease flat: the die cuts both layers."));
        }
        stuck.forEach(stick -> sentences.add(Phrase.in(system)
                .phrase(stick.sentence(system))
                .words(" With adhesive where the die cuts too: it cuts through "
                        + (stuck.size() == 1 ? "both." : "all."))
                .end()));
        if (onBed.layup().lying().fold() instanceof Lying.Away away) {
            sentences.add(away(away, system));
        }
        layings().forEach(laying -> sentences.add(sentence(laying, system)));
        if (onBed.turned()) {
            // Edges are called as the paper lies while its dies are laid.
            sentences.add(Phrase.of("Then put it on the bed turned a quarter, its top to the right."));
        }
        layings().forEach(laying -> sentences.addAll(plate(laying, system)));
        if (layings().stream().anyMatch(laying -> laying.use().die().detail() == Die.Detail.INTRICATE)) {
            sentences.add(Phrase.of(
                    "Look at every line before you lift the die off: where one is missed, pass it again just as it"
                            + " lies. Take the loose bits out before the next paper, or they mark it."));
        }
        return sentences;
    }

    private Phrase sentence(DieLaying laying, MeasureSystem system) {
        Layup layup = onBed.layup();
        DieUse use = laying.use();
        Phrase.Writer writer = Phrase.in(system);
        Optional<DieUse> around = layup.uses().stream()
                .filter(other -> !other.equals(use) && other.want().role() == Want.Role.OUTLINE)
                .findFirst();
        if (around.isPresent() && isCentred(use, around.get())) {
            writer.words("Tape " + use.die().name() + turned(use) + " into the middle of "
                            + around.get().die().name() + ": ")
                    .length(use.want()
                            .box()
                            .left()
                            .minus(around.get().want().box().left()))
                    .words(" from cut to cut.");
        } else if (use.metal(layup.diePass()).equals(layup.paper())) {
            writer.words("Lay " + use.die().name() + turned(use) + " on it, metal along the edges of the paper.");
        } else {
            margins(laying, writer);
        }
        furtherOn(use, writer);
        endOff(use, writer);
        return writer.words(register(laying)).end();
    }

    private static boolean isCentred(DieUse inner, DieUse outer) {
        Rect one = inner.want().box();
        Rect other = outer.want().box();
        return one.left().minus(other.left()).equals(other.right().minus(one.right()))
                && one.top().minus(other.top()).equals(other.bottom().minus(one.bottom()));
    }

    /** The metal is what a ruler is laid against; the cut lies further in by the metal. */
    private void margins(DieLaying laying, Phrase.Writer writer) {
        writer.words("Lay " + laying.use().die().name() + turned(laying.use()) + " with its metal ");
        margin(laying.side(), edge(laying.from()), writer);
        writer.words(" and ");
        margin(laying.top(), edge(Edge.TOP), writer);
        laying.tip().ifPresent(tip -> writer.words("; its point nearest to the " + edge(laying.from()) + " edge ")
                .length(tip)
                .words(" below the top edge"));
        writer.words(".");
    }

    /** What an edge of the paper is called as it lies. */
    private String edge(Edge edge) {
        Rect paper = onBed.layup().paper();
        boolean isFold = onBed.layup()
                .lying()
                .fold()
                .at()
                .map(Segment::middle)
                .filter(fold -> switch (edge) {
                    case LEFT -> fold.x().equals(paper.left());
                    case RIGHT -> fold.x().equals(paper.right());
                    case TOP -> fold.y().equals(paper.top());
                    case BOTTOM -> fold.y().equals(paper.bottom());
                })
                .isPresent();
        return isFold ? "folded" : edge.word();
    }

    private static void margin(Length margin, String edge, Phrase.Writer writer) {
        if (margin.isZero()) {
            writer.words("along the " + edge + " edge");
            return;
        }
        writer.length(margin.abs()).words((margin.isNegative() ? " past the " : " from the ") + edge + " edge");
    }

    private static String turned(DieUse use) {
        return switch (use.degrees()) {
            case 90 -> ", its top to the right,";
            case 180 -> ", upside down,";
            case 270 -> ", its top to the left,";
            case 0 -> "";
            default -> ", turned " + Turns.words(use.degrees()) + ",";
        };
    }

    /** Why the paper is longer than the piece. */
    private void endOff(DieUse use, Phrase.Writer writer) {
        if (use.want().part().orElse(null) instanceof PartCut.PastEdge past) {
            past.end().filter(onBed.layup().endsOff()::contains).ifPresent(end -> writer.words(
                            " The end of the paper past it comes off: for that the paper is ")
                    .length(end.size().along(past.edge().axis().across()))
                    .words(" longer at its " + past.edge().word() + " edge."));
        }
    }

    /** Where the die lies beside its pass before. */
    private void furtherOn(DieUse use, Phrase.Writer writer) {
        Layup layup = onBed.layup();
        if (layup.pass() > 0) {
            Length shift = layup.diePass()
                    .shift()
                    .minus(use.passes().get(layup.pass() - 1).shift());
            writer.words(" That is ").length(shift.abs()).words(shift.isNegative() ? " back" : " further on");
            long repeats = shift.abs().dividedBy(use.die().sides().pitch());
            writer.words(
                            use.die().sides().isPatterned()
                                    ? ", " + repeats + (repeats == 1 ? " repeat" : " repeats")
                                    : "")
                    .words(": lay it into its own cut.");
        }
    }

    /** What the plate leaves free of the die, whose cuts are called as they are seen on the bed. */
    private List<Phrase> plate(DieLaying laying, MeasureSystem system) {
        DieUse use = laying.use();
        boolean across = use.run() == Axis.HORIZONTAL;
        Edge first = seen(across ? Edge.LEFT : Edge.TOP);
        Edge last = seen(across ? Edge.RIGHT : Edge.BOTTOM);
        String atFold =
                switch (use.want().role()) {
                    case PAST_FOLD -> ", its edge along the fold.";
                    case HANGING -> ": what is inside stays hanging there.";
                    case OUTLINE, OPENING, FIELD, EDGE -> ".";
                };
        Stream<Phrase> begins = laying.begins().stream().map(past -> Phrase.in(system)
                .words("Let the plate begin ")
                .length(past)
                .words(inwards(first) + atFold)
                .end());
        Stream<Phrase> ends = laying.ends().stream().map(before -> Phrase.in(system)
                .words("Let the plate end ")
                .length(before)
                .words(inwards(last) + atFold)
                .end());
        return Stream.concat(begins, ends).toList();
    }

    /** Where an edge of the paper is on the bed. */
    private Edge seen(Edge edge) {
        if (!onBed.turned()) {
            return edge;
        }
        return switch (edge) {
            case LEFT -> Edge.TOP;
            case TOP -> Edge.RIGHT;
            case RIGHT -> Edge.BOTTOM;
            case BOTTOM -> Edge.LEFT;
        };
    }

    private static String inwards(Edge cut) {
        String way =
                switch (cut) {
                    case LEFT -> " right of";
                    case RIGHT -> " left of";
                    case TOP -> " below";
                    case BOTTOM -> " above";
                };
        return way + " the die’s " + cut.word() + " cut";
    }

    private static String register(DieLaying laying) {
        return laying.inRegister().isEmpty()
                ? ""
                : " It must line up with the one in " + String.join(" and in ", laying.inRegister()) + ".";
    }
}

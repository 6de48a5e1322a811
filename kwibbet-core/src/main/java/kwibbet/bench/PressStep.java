package kwibbet.bench;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Piece;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.press.DieUse;
import kwibbet.press.Layup;
import kwibbet.press.PressPlan.OnBed;
import kwibbet.press.Want;
import kwibbet.shape.Rect;
import kwibbet.wording.Phrase;

/**
 * One paper with its dies, as it is laid on the bed.
 *
 * @param onBed the paper and the dies, and where they lie
 * @param layings how the dies are laid on the paper
 */
public record PressStep(OnBed onBed, List<DieLaying> layings) {

    /** Copies the dies. */
    public PressStep {
        layings = List.copyOf(layings);
    }

    /** The piece that is cut. */
    public Piece piece() {
        return onBed.layup().piece();
    }

    /** What is cut of which piece, and how many. */
    public Phrase what(MeasureSystem system) {
        return Phrase.in(system)
                .words(piece().name() + " × " + onBed.layup().count() + ", paper ")
                .size(onBed.layup().paper().size())
                .words(onBed.turned() ? ", turned a quarter, its top to the right" : "")
                .end();
    }

    /** The piece, and which of its passes it is where a stretched die takes several. */
    public String name() {
        int passes = onBed.layup().uses().get(0).passes().size();
        return piece().name() + (passes == 1 ? "" : ", pass " + (onBed.layup().pass() + 1) + " of " + passes);
    }

    /** How the dies are laid, one sentence each. */
    public List<Phrase> sentences(MeasureSystem system) {
        return layings().stream().map(laying -> sentence(laying, system)).toList();
    }

    private Phrase sentence(DieLaying laying, MeasureSystem system) {
        Layup layup = onBed.layup();
        DieUse use = laying.use();
        Phrase.Writer writer = Phrase.in(system);
        Optional<DieUse> around = layup.uses().stream()
                .filter(other -> !other.equals(use) && other.want().role() == Want.Role.OUTLINE)
                .findFirst();
        if (around.isPresent() && isCentred(use, around.get())) {
            writer.words("Tape " + use.die().name() + " into the middle of "
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
        plateEdge(laying, writer);
        return writer.words(register(laying)).end();
    }

    private static boolean isCentred(DieUse inner, DieUse outer) {
        Rect one = inner.want().box();
        Rect other = outer.want().box();
        return one.left().minus(other.left()).equals(other.right().minus(one.right()))
                && one.top().minus(other.top()).equals(other.bottom().minus(one.bottom()));
    }

    /** The metal is what a ruler is laid against; the cut lies further in by the metal. */
    private static void margins(DieLaying laying, Phrase.Writer writer) {
        writer.words("Lay " + laying.use().die().name() + turned(laying.use()) + " with its metal ");
        margin(laying.side(), laying.from().word(), writer);
        writer.words(" and ");
        margin(laying.top(), "top", writer);
        writer.words(".");
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
            default -> "";
        };
    }

    private void plateEdge(DieLaying laying, Phrase.Writer writer) {
        Layup layup = onBed.layup();
        DieUse use = laying.use();
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
        laying.begins()
                .ifPresent(past ->
                        writer.words(" Let the plate begin ").length(past).words(" past the die’s first cut."));
        laying.ends()
                .ifPresent(before ->
                        writer.words(" Let the plate end ").length(before).words(" short of the die’s far cut."));
    }

    private static String register(DieLaying laying) {
        return laying.inRegister().isEmpty()
                ? ""
                : " It must line up with the one in " + String.join(" and in ", laying.inRegister()) + ".";
    }
}

package kwibbet.bench;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A line of a trim list: all that its words say, and nothing else. Whoever follows it looks for paper by what it is called and by its size, and knows of
 * no layout.
 *
 * @param sheet the letter of the sheet, as it is written on its strips
 * @param take what is taken in hand
 * @param atOnce how many are cut together
 * @param from the edge that is measured from
 * @param set how far from it
 * @param guide fence or ruler
 * @param times how often each is cut; after a cut what lies beyond it is cut again
 * @param gives what comes of it: first what lay between the edge and the cut, then what lay beyond
 */
public record TrimLine(
        String sheet, Heap take, int atOnce, Edge from, Length set, Guide guide, int times, List<Heap> gives) {

    /** How the place of a cut is found. */
    public enum Guide {
        FENCE(""),
        /** With a knife along a ruler: the cut is too long. */
        RULER_TOO_LONG(" This is longer than your trimmer cuts."),
        /** With a knife along a ruler: what is cut is too narrow. */
        RULER_TOO_NARROW(" Your trimmer does not hold a strip so narrow.");

        private final String why;

        Guide(String why) {
            this.why = why;
        }
    }

    /** Paper on the table, as it is called. */
    public sealed interface Thing {
        /** What one is called. */
        String word();

        /** What several are called. */
        default String words() {
            return word() + "s";
        }
    }

    /** Paper that is not a piece yet, or never will be. */
    public enum Paper implements Thing {
        SHEET("sheet"),
        OFFCUT("offcut"),
        STRIP("strip");

        private final String word;

        Paper(String word) {
            this.word = word;
        }

        @Override
        public String word() {
            return word;
        }
    }

    /**
     * A strip that must not be taken for another of its size: a printer has left some of its edges bare.
     *
     * @param edges the bare edges, in the order of their names
     */
    public record BareStrip(List<Edge> edges) implements Thing {
        /** Copies the list. */
        public BareStrip {
            edges = List.copyOf(edges);
        }

        @Override
        public String word() {
            return Paper.STRIP.word() + where();
        }

        @Override
        public String words() {
            return Paper.STRIP.words() + where();
        }

        private String where() {
            StringBuilder where = new StringBuilder(" bare at ");
            for (int i = 0; i < edges.size(); i++) {
                where.append(i == 0 ? "the " : i + 1 == edges.size() ? " and the " : ", the ")
                        .append(edges.get(i).word());
            }
            return where.append(',').toString();
        }
    }

    /**
     * A piece that is cut to its size.
     *
     * @param word what it is called
     */
    public record Cut(String word) implements Thing {}

    /**
     * Equal things.
     *
     * @param thing what they are
     * @param size how large each is said to be, as it lies
     * @param count how many; at least 1
     * @param units what their size is given in
     */
    public record Heap(Thing thing, Size size, int count, MeasureSystem units) {

        /** As they are taken: {@code 4 strips 2 × 10 in}. */
        private void taken(Phrase.Writer writer) {
            writer.words(count == 1 ? thing.word() + " " : count + " " + thing.words() + " ")
                    .phrase(Phrase.in(units).size(size).end());
        }

        /** As they come off: {@code 12 × Base 2 × 3 in}. */
        private void gained(Phrase.Writer writer) {
            // A name that ends in a figure is kept apart from the figure that follows.
            boolean endsInFigure =
                    Character.isDigit(thing.word().charAt(thing.word().length() - 1));
            writer.words((count == 1 ? "" : count + " × ") + thing.word() + (endsInFigure ? ", " : " "))
                    .phrase(Phrase.in(units).size(size).end());
        }
    }

    /** Copies the list. */
    public TrimLine {
        gives = List.copyOf(gives);
    }

    /** What to take in hand, how it lies and how often it is cut. */
    public Phrase sentence() {
        Phrase.Writer writer = Phrase.in(take.units).words("Take the ");
        take.taken(writer);
        writer.words(take.count > 1 && atOnce > 1 ? ", " + atOnce + " at once" : "");
        String each = take.count > 1 ? " each" : "";
        String often = times == 1 ? "." : " " + times + " times.";
        if (guide == Guide.FENCE) {
            return writer.words(", " + from.word() + " edge at the fence, and cut" + each + often)
                    .end();
        }
        return writer.words(", measure from the " + from.word() + " edge and cut" + each + " with a knife along a ruler"
                        + often + guide.why)
                .end();
    }

    /** What comes off and what stays in hand. */
    public Phrase result() {
        Phrase.Writer writer = Phrase.in(take.units).words("Gives ");
        for (int i = 0; i < gives.size(); i++) {
            writer.words(i == 0 ? "" : i + 1 == gives.size() ? " and " : ", ");
            gives.get(i).gained(writer);
        }
        return writer.words(".").end();
    }
}

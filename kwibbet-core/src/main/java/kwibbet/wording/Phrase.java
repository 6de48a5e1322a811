package kwibbet.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

/**
 * Words and figures in the order they are read.
 *
 * @param runs the parts; blanks between them are part of the words
 */
public record Phrase(List<Run> runs) {

    /** One part of a phrase. */
    public sealed interface Run {
        /** The part as plain text. */
        String text();
    }

    /**
     * Plain words.
     *
     * @param text the words
     */
    public record Words(String text) implements Run {}

    /**
     * A printed length.
     *
     * @param figure the figure
     * @param withUnit whether its unit is printed
     */
    public record Measure(Figure figure, boolean withUnit) implements Run {
        @Override
        public String text() {
            return withUnit ? figure.textWithUnit() : figure.text();
        }
    }

    /** Copies the parts. */
    public Phrase {
        runs = List.copyOf(runs);
    }

    /** A phrase of words alone. */
    public static Phrase of(String words) {
        return new Phrase(List.of(new Words(words)));
    }

    /** A phrase of one figure without its unit. */
    public static Phrase of(Length length, MeasureSystem system) {
        return new Phrase(List.of(new Measure(Figure.of(length, system), false)));
    }

    /** Starts a phrase whose figures are printed in {@code system}. */
    public static Writer in(MeasureSystem system) {
        return new Writer(system);
    }

    /** The phrase on one line. */
    public String text() {
        return runs.stream().map(Run::text).collect(Collectors.joining());
    }

    @Override
    public String toString() {
        return text();
    }

    /** Puts a phrase together. */
    public static final class Writer {

        private final MeasureSystem system;
        private final List<Run> runs = new ArrayList<>();

        private Writer(MeasureSystem system) {
            this.system = system;
        }

        /** Adds words. */
        public Writer words(String text) {
            runs.add(new Words(text));
            return this;
        }

        /** Adds a figure with its unit. */
        public Writer length(Length length) {
            runs.add(new Measure(Figure.of(length, system), true));
            return this;
        }

        /** Adds a figure without its unit. */
        public Writer bare(Length length) {
            runs.add(new Measure(Figure.of(length, system), false));
            return this;
        }

        /** Adds width × height, with the unit once. */
        public Writer size(Size size) {
            return bare(size.width()).words(" × ").length(size.height());
        }

        /** Adds another phrase. */
        public Writer phrase(Phrase phrase) {
            runs.addAll(phrase.runs);
            return this;
        }

        /** The phrase so far. */
        public Phrase end() {
            return new Phrase(runs);
        }
    }
}

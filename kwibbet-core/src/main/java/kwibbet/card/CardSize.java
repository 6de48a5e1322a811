package kwibbet.card;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.SheetSizes;
import kwibbet.paper.SheetSizes.Family;
import kwibbet.shape.Size;
import kwibbet.wording.Phrase;

/**
 * A finished size that is made every day.
 *
 * @param key names it in forms
 * @param title what makers call it
 * @param size the shut card
 * @param system the system it is said in
 */
public record CardSize(String key, String title, Size size, MeasureSystem system) {

    /** Standard, 5 × 7, slimline, DL and 144 square are common practice, no source; A5, A6 and B6 are ISO 216; the others are ours. */
    public static final List<CardSize> ALL = List.of(
            inches("standard", "Standard", Length.ofInches(17, 4), Length.ofInches(11, 2)),
            inches("five-by-seven", "5 × 7", Length.ofInches(5), Length.ofInches(7)),
            inches("slimline", "Slimline", Length.ofInches(4), Length.ofInches(9)),
            inches("small-slim", "Small slim", Length.ofInches(7, 2), Length.ofInches(6)),
            inches("square", "Square", Length.ofInches(5), Length.ofInches(5)),
            inches("standard-landscape", "Standard, landscape", Length.ofInches(11, 2), Length.ofInches(17, 4)),
            inches("five-by-seven-landscape", "7 × 5", Length.ofInches(7), Length.ofInches(5)),
            new CardSize("a6", "A6", SheetSizes.of(Family.A, 6), MeasureSystem.METRIC),
            new CardSize("a5", "A5", SheetSizes.of(Family.A, 5), MeasureSystem.METRIC),
            new CardSize("b6", "B6", SheetSizes.of(Family.B, 6), MeasureSystem.METRIC),
            millimetres("dl", "DL", 99, 210),
            millimetres("square-144", "Square", 144, 144),
            new CardSize(
                    "a6-landscape", "A6, landscape", SheetSizes.of(Family.A, 6).turned(), MeasureSystem.METRIC),
            new CardSize(
                    "a5-landscape", "A5, landscape", SheetSizes.of(Family.A, 5).turned(), MeasureSystem.METRIC));

    /** All of them, those said in a system first. */
    public static List<CardSize> in(MeasureSystem system) {
        return ALL.stream()
                .sorted(Comparator.comparing(size -> size.system() != system))
                .toList();
    }

    /** What is chosen until another is, by makers of a system. */
    public static CardSize usual(MeasureSystem system) {
        return find(system == MeasureSystem.INCH ? "five-by-seven" : "a6")
                .orElseThrow(() -> new IllegalStateException("the usual size is one of the everyday sizes"));
    }

    /** The size of that key, if there is one. */
    public static Optional<CardSize> find(String key) {
        return ALL.stream().filter(size -> size.key().equals(key)).findFirst();
    }

    /** Its title and its measure; only the measure where that is what makers call it. */
    public String words() {
        String measure = Phrase.in(system).size(size).end().text();
        return measure.startsWith(title) ? measure : title + ", " + measure;
    }

    private static CardSize millimetres(String key, String title, int width, int height) {
        Size size = new Size(Length.ofMillimetres(width), Length.ofMillimetres(height));
        return new CardSize(key, title, size, MeasureSystem.METRIC);
    }

    private static CardSize inches(String key, String title, Length width, Length height) {
        return new CardSize(key, title, new Size(width, height), MeasureSystem.INCH);
    }
}

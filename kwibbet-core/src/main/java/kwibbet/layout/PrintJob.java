package kwibbet.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import kwibbet.artwork.Artwork;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

/**
 * What a printer at home prints before anything is cut.
 *
 * @param faces each face of each sheet on which something is printed, a back after its front
 */
public record PrintJob(List<PrintedSheet> faces) {

    /** Copies the list. */
    public PrintJob {
        faces = List.copyOf(faces);
    }

    /** What is printed of a plan. */
    public static PrintJob of(SheetPlan plan) {
        return new PrintJob(PrintedSheet.of(plan));
    }

    /** Whether nothing is printed. */
    public boolean isNone() {
        return faces.isEmpty();
    }

    /** The pictures, each once. */
    public Set<Artwork> artworks() {
        return faces.stream()
                .flatMap(face -> face.pictures().stream())
                .map(picture -> picture.print().artwork())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Map<Lettered, List<PrintedSheet>> sheets() {
        return faces.stream()
                .collect(Collectors.groupingBy(PrintedSheet::sheet, LinkedHashMap::new, Collectors.toList()));
    }

    /** How many sheets go through the printer. */
    public int count() {
        return sheets().keySet().stream().mapToInt(Lettered::copies).sum();
    }

    /** What to do, sheet by sheet: how many, which face, and how to turn them. */
    public List<String> words() {
        List<String> words = new ArrayList<>();
        sheets().forEach((sheet, printed) -> words.add("Sheet " + sheet.letter() + ": print " + sheet.copies() + " on "
                + sheet.paper().name() + ", " + faces(sheet, printed) + "."));
        return words;
    }

    private static String faces(Lettered sheet, List<PrintedSheet> printed) {
        if (printed.size() > 1) {
            return "both faces, turned on the " + turned(sheet.layout().sheet()) + " edge";
        }
        boolean isFront = printed.get(0).face() == PrintedSheet.Face.FRONT;
        if (!sheet.paper().face().isTwoFaced()) {
            return "one face";
        }
        return isFront ? "on the face that shows" : "on the back of the face that shows";
    }

    /** Turned over sideways, which for a page that stands is about its long edge. */
    private static String turned(Size sheet) {
        Length width = sheet.width();
        return width.isLongerThan(sheet.height()) ? "short" : "long";
    }
}

package kwibbet.formats.outline;

import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The transform attribute of SVG, as chapter 8.5 of Scalable Vector Graphics 2 and CSS Transforms 1, chapter 8 have it. */
final class Transforms {

    private static final Pattern ONE = Pattern.compile("([a-zA-Z]+)\\s*\\(([^)]*)\\)");
    private static final Pattern BETWEEN = Pattern.compile("[\\s,]+");

    private Transforms() {}

    /**
     * All transforms of a list, one within the other.
     *
     * @throws UnreadableDrawing when one of them is unknown or lacks a number
     */
    static AffineTransform of(String text) {
        AffineTransform all = new AffineTransform();
        Matcher each = ONE.matcher(text);
        while (each.find()) {
            all.concatenate(one(each.group(1), numbers(each.group(2)), each.group()));
        }
        return all;
    }

    private static AffineTransform one(String name, List<Double> values, String said) {
        int count = values.size();
        AffineTransform found = new AffineTransform();
        if (name.equals("matrix") && count == 6) {
            found.setTransform(
                    values.get(0), values.get(1), values.get(2), values.get(3), values.get(4), values.get(5));
        } else if (name.equals("translate") && (count == 1 || count == 2)) {
            found.translate(values.get(0), count == 2 ? values.get(1) : 0);
        } else if (name.equals("scale") && (count == 1 || count == 2)) {
            found.scale(values.get(0), values.get(count - 1));
        } else if (name.equals("rotate") && count == 1) {
            found.rotate(Math.toRadians(values.get(0)));
        } else if (name.equals("rotate") && count == 3) {
            found.rotate(Math.toRadians(values.get(0)), values.get(1), values.get(2));
        } else if (name.equals("skewX") && count == 1) {
            found.shear(Math.tan(Math.toRadians(values.get(0))), 0);
        } else if (name.equals("skewY") && count == 1) {
            found.shear(0, Math.tan(Math.toRadians(values.get(0))));
        } else {
            throw new UnreadableDrawing("A transform in it cannot be read: “" + said + "”.");
        }
        return found;
    }

    private static List<Double> numbers(String text) {
        try {
            return Stream.of(BETWEEN.split(text.strip(), -1))
                    .filter(number -> !number.isEmpty())
                    .map(Double::valueOf)
                    .toList();
        } catch (NumberFormatException broken) {
            throw new UnreadableDrawing("A number in one of its transforms cannot be read: “" + text + "”.");
        }
    }
}

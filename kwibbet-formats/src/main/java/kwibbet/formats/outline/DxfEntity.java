package kwibbet.formats.outline;

import java.util.ArrayList;
import java.util.List;

/**
 * An entity of a DXF file.
 *
 * @param type its type, as {@code LINE}
 * @param groups its groups in order
 */
record DxfEntity(String type, List<Group> groups) {

    static final DxfEntity NONE = new DxfEntity("", List.of());

    /**
     * A group.
     *
     * @param code what it is
     * @param value what it says
     */
    record Group(int code, String value) {

        /** @throws UnreadableDrawing when it is no number */
        double number() {
            try {
                double number = Double.parseDouble(value);
                if (Double.isFinite(number)) {
                    return number;
                }
            } catch (NumberFormatException broken) {
                throw new UnreadableDrawing("A number in it cannot be read: “" + value + "”.");
            }
            throw new UnreadableDrawing("A number in it cannot be drawn: “" + value + "”.");
        }
    }

    DxfEntity {
        groups = List.copyOf(groups);
    }

    String text(int code) {
        return groups.stream()
                .filter(group -> group.code() == code)
                .map(Group::value)
                .findFirst()
                .orElse("");
    }

    double number(int code, double otherwise) {
        return groups.stream()
                .filter(group -> group.code() == code)
                .findFirst()
                .map(Group::number)
                .orElse(otherwise);
    }

    /** Zero where none is said. */
    int whole(int code) {
        return (int) number(code, 0);
    }

    /** All numbers of a code. */
    List<Double> numbers(int code) {
        return groups.stream()
                .filter(group -> group.code() == code)
                .map(Group::number)
                .toList();
    }

    /** The corners of an LWPOLYLINE: x, y and bulge each. */
    List<double[]> vertices() {
        List<double[]> corners = new ArrayList<>();
        for (Group group : groups) {
            if (group.code() == 10) {
                corners.add(new double[] {group.number(), 0, 0});
            } else if (group.code() == 20 && !corners.isEmpty()) {
                corners.get(corners.size() - 1)[1] = group.number();
            } else if (group.code() == 42 && !corners.isEmpty()) {
                corners.get(corners.size() - 1)[2] = group.number();
            }
        }
        return corners;
    }

    /** The points of a pair of codes, x and y. */
    List<double[]> points(int code) {
        List<Double> across = numbers(code);
        List<Double> up = numbers(code + 10);
        if (across.size() != up.size()) {
            throw new UnreadableDrawing("A point of a " + type + " in it lacks a number.");
        }
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < across.size(); i++) {
            points.add(new double[] {across.get(i), up.get(i)});
        }
        return points;
    }
}

package kwibbet.formats.outline;

import java.awt.geom.Point2D;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Path data of SVG: all commands, absolute and relative, as chapter 9.3 of Scalable Vector Graphics 2 has them.
 *
 * <p>As that asks (9.5.4), what is drawn up to an error is kept and the rest left out.
 */
final class PathData {

    private static final Pattern NUMBER = Pattern.compile("[+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d+)?");

    private final String text;
    private final Pen pen;
    private int at;
    private double x;
    private double y;
    private double startX;
    private double startY;
    /** The last control point, for commands that go on smoothly. */
    private double controlX;

    private double controlY;
    private char before = 'M';

    private PathData(String text, Pen pen) {
        this.text = text;
        this.pen = pen;
    }

    /**
     * Draws path data.
     *
     * @return whether all of it was in form
     */
    static boolean draw(String text, Pen pen) {
        PathData path = new PathData(text, pen);
        boolean good = path.draw();
        pen.end();
        return good;
    }

    private boolean draw() {
        skip(" \t\r\n\f");
        char command = 'M';
        boolean first = true;
        while (at < text.length()) {
            char next = text.charAt(at);
            if ("MmLlHhVvCcSsQqTtAaZz".indexOf(next) >= 0) {
                command = next;
                at++;
            } else if (first || "Zz".indexOf(command) >= 0) {
                return false;
            }
            if (first && Character.toUpperCase(command) != 'M') {
                return false;
            }
            first = false;
            try {
                step(command);
            } catch (NumberFormatException broken) {
                return false;
            }
            before = Character.toUpperCase(command);
            command = command == 'M' ? 'L' : command == 'm' ? 'l' : command;
            skip(" \t\r\n\f,");
        }
        return true;
    }

    private void step(char command) {
        boolean relative = Character.isLowerCase(command);
        double fromX = relative ? x : 0;
        double fromY = relative ? y : 0;
        switch (Character.toUpperCase(command)) {
            case 'M' -> move(fromX + number(), fromY + number());
            case 'L' -> line(fromX + number(), fromY + number());
            case 'H' -> line(fromX + number(), y);
            case 'V' -> line(x, fromY + number());
            case 'C' ->
                cubic(fromX + number(), fromY + number(), new double[] {
                    fromX + number(), fromY + number(), fromX + number(), fromY + number()
                });
            case 'S' -> {
                boolean smooth = before == 'C' || before == 'S';
                cubic(smooth ? 2 * x - controlX : x, smooth ? 2 * y - controlY : y, new double[] {
                    fromX + number(), fromY + number(), fromX + number(), fromY + number()
                });
            }
            case 'Q' -> quadratic(fromX + number(), fromY + number(), fromX + number(), fromY + number());
            case 'T' -> {
                boolean smooth = before == 'Q' || before == 'T';
                quadratic(
                        smooth ? 2 * x - controlX : x,
                        smooth ? 2 * y - controlY : y,
                        fromX + number(),
                        fromY + number());
            }
            case 'A' ->
                arc(
                        Math.abs(number()),
                        Math.abs(number()),
                        number(),
                        flag(),
                        flag(),
                        fromX + number(),
                        fromY + number());
            default -> close();
        }
    }

    private void move(double toX, double toY) {
        pen.moveTo(toX, toY);
        startX = toX;
        startY = toY;
        here(toX, toY);
    }

    private void line(double toX, double toY) {
        begin();
        pen.lineTo(toX, toY);
        here(toX, toY);
    }

    private void cubic(double x1, double y1, double[] rest) {
        begin();
        pen.curveTo(x, y, x1, y1, rest[0], rest[1], rest[2], rest[3]);
        here(rest[2], rest[3]);
        controlX = rest[0];
        controlY = rest[1];
    }

    /** As the cubic curve that it is. */
    private void quadratic(double x1, double y1, double toX, double toY) {
        begin();
        pen.curveTo(
                x,
                y,
                x + 2.0 / 3 * (x1 - x),
                y + 2.0 / 3 * (y1 - y),
                toX + 2.0 / 3 * (x1 - toX),
                toY + 2.0 / 3 * (y1 - toY),
                toX,
                toY);
        here(toX, toY);
        controlX = x1;
        controlY = y1;
    }

    /** From end points to the middle, SVG 2 appendix B.2.4; radii that are too small are made larger, B.2.5. */
    private void arc(double rx, double ry, double degrees, boolean large, boolean clockwise, double toX, double toY) {
        begin();
        if (rx == 0 || ry == 0 || (toX == x && toY == y)) {
            pen.lineTo(toX, toY);
            here(toX, toY);
            return;
        }
        double tilt = Math.toRadians(degrees % 360);
        double cos = Math.cos(tilt);
        double sin = Math.sin(tilt);
        double halfX = (x - toX) / 2;
        double halfY = (y - toY) / 2;
        double alongX = cos * halfX + sin * halfY;
        double alongY = -sin * halfX + cos * halfY;
        double reach = alongX * alongX / (rx * rx) + alongY * alongY / (ry * ry);
        double wider = Math.max(1, Math.sqrt(reach));
        double a = rx * wider;
        double b = ry * wider;
        double off = Math.sqrt(Math.max(0, 1 / Math.min(reach, 1) - 1)) * (large == clockwise ? -1 : 1);
        double middleAlongX = off * a * alongY / b;
        double middleAlongY = -off * b * alongX / a;
        double from = Math.atan2((alongY - middleAlongY) / b, (alongX - middleAlongX) / a);
        double to = Math.atan2((-alongY - middleAlongY) / b, (-alongX - middleAlongX) / a);
        double sweep = (to - from) % (2 * Math.PI);
        if (clockwise && sweep < 0) {
            sweep += 2 * Math.PI;
        } else if (!clockwise && sweep > 0) {
            sweep -= 2 * Math.PI;
        }
        Point2D middle = new Point2D.Double(
                cos * middleAlongX - sin * middleAlongY + (x + toX) / 2,
                sin * middleAlongX + cos * middleAlongY + (y + toY) / 2);
        pen.arc(middle, new Point2D.Double(a, b), tilt, from, sweep);
        here(toX, toY);
    }

    private void close() {
        pen.close();
        here(startX, startY);
    }

    /** After a closed part the next begins where that one began. */
    private void begin() {
        if (before == 'Z') {
            pen.moveTo(x, y);
        }
    }

    private void here(double toX, double toY) {
        x = toX;
        y = toY;
        controlX = toX;
        controlY = toY;
    }

    private void skip(String letters) {
        while (at < text.length() && letters.indexOf(text.charAt(at)) >= 0) {
            at++;
        }
    }

    /** @throws NumberFormatException when none stands there */
    private double number() {
        skip(" \t\r\n\f,");
        Matcher number = NUMBER.matcher(text).region(at, text.length());
        if (!number.lookingAt()) {
            throw new NumberFormatException("no number at " + at);
        }
        at = number.end();
        return Double.parseDouble(number.group().toLowerCase(Locale.ROOT));
    }

    /** A flag is one figure and needs nothing after it. */
    private boolean flag() {
        skip(" \t\r\n\f,");
        if (at >= text.length() || (text.charAt(at) != '0' && text.charAt(at) != '1')) {
            throw new NumberFormatException("no flag at " + at);
        }
        return text.charAt(at++) == '1';
    }
}

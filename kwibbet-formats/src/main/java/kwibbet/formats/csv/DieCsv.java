package kwibbet.formats.csv;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

import kwibbet.formats.outline.OutlineDocument;
import kwibbet.measure.Figure;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Sides.Pattern;

/** Writes and reads dies, one a line. */
public final class DieCsv {

    private enum Column {
        NAME,
        SHAPE,
        WIDTH,
        HEIGHT,
        UNIT,
        METAL,
        DETAIL,
        EDGE,
        PITCH,
        SET,
        ON_HAND,
        OUTLINE
    }

    /** Stands as the shape where it is an outline of the maker's own. */
    private static final String OWN = "own";

    private final Map<String, DieId> known = new HashMap<>();
    private final Supplier<DieId> newId;

    private DieCsv(List<Die> dies, Supplier<DieId> newId) {
        dies.forEach(die -> known.put(die.name(), die.id()));
        this.newId = newId;
    }

    /** Dies, a line each after a line of titles. */
    public static String write(List<Die> dies) {
        List<String> titles = Stream.of(Column.values()).map(CsvLine::word).toList();
        return CsvList.write(titles, dies, DieCsv::line);
    }

    private static List<Object> line(Die die) {
        Size size = die.shape().size();
        MeasureSystem system = die.system();
        return List.of(
                die.name(),
                die.shape().look() instanceof CutShape.Kind kind ? CsvLine.word(kind) : OWN,
                Figure.entry(size.width(), system),
                Figure.entry(size.height(), system),
                system.symbol(),
                Figure.entry(die.metal(), system),
                CsvLine.word(die.detail()),
                CsvLine.word(die.sides().pattern()),
                die.sides().isPatterned() ? Figure.entry(die.sides().pitch(), system) : "",
                die.set(),
                die.onHand(),
                die.shape().look() instanceof OwnShape own ? OutlineDocument.write(own) : "");
    }

    /**
     * Reads dies; a line with the name of a die there is changes that die, any other is a new one.
     *
     * @param text the document
     * @param dies the dies there are
     * @param newId an id no die has, a new one each time
     * @return the dies of the document, or what is wrong, each with its line and column
     */
    public static Outcome<List<Die>> read(String text, List<Die> dies, Supplier<DieId> newId) {
        DieCsv reading = new DieCsv(dies, newId);
        return CsvList.read(text, reading::die);
    }

    private Outcome<Die> die(CsvLine line) {
        String name = line.text(Column.NAME);
        MeasureSystem system = line.system(Column.UNIT);
        Pattern edge = line.choice(Column.EDGE, Pattern.STRAIGHT);
        Sides sides = edge == Pattern.STRAIGHT ? Sides.STRAIGHT : new Sides(edge, line.side(Column.PITCH, system));
        Die die = new Die(
                Optional.ofNullable(known.get(name)).orElseGet(newId),
                name,
                new CutShape(look(line), new Size(line.side(Column.WIDTH, system), line.side(Column.HEIGHT, system))),
                line.length(Column.METAL, system, "0"),
                line.choice(Column.DETAIL, Die.Detail.PLAIN),
                sides,
                line.text(Column.SET),
                line.whole(Column.ON_HAND, "1"));
        known.put(name, die.id());
        return die.checked();
    }

    private static Look look(CsvLine line) {
        if (!line.text(Column.SHAPE).equals(OWN)) {
            return line.choice(Column.SHAPE, CutShape.Kind.RECTANGLE);
        }
        Outcome<OwnShape> own = OutlineDocument.read(line.text(Column.OUTLINE));
        if (own instanceof Outcome.Made<OwnShape> made) {
            return made.value();
        }
        own.reasons().forEach(reason -> line.refuse(Column.OUTLINE, reason.message()));
        return CutShape.Kind.RECTANGLE;
    }
}

package kwibbet.kit;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Where learners come together.
 *
 * @param place what it is called; may be empty
 * @param tools how many there are of each shared tool; of those that are not here everybody has one
 * @param tables who sits together; nothing where it does not matter
 */
public record Venue(String place, Map<SharedTool, Integer> tools, List<Table> tables) {

    /** Copies the tools and the tables. */
    public Venue {
        tools = Map.copyOf(tools);
        tables = List.copyOf(tables);
    }

    /** A room of which no tables are told. */
    public static Venue of(String place, Map<SharedTool, Integer> tools) {
        return new Venue(place, tools, List.of());
    }

    /** Its tables as they are typed, one a line. */
    public String tablesTyped() {
        return Table.typed(tables);
    }

    /** The same with one more of a tool. */
    Venue withOneMore(SharedTool tool) {
        Map<SharedTool, Integer> more = new EnumMap<>(SharedTool.class);
        more.putAll(tools);
        more.merge(tool, 1, Integer::sum);
        return new Venue(place, more, tables);
    }
}

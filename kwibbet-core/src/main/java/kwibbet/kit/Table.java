package kwibbet.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Learners who sit together, or one by name.
 *
 * @param name what they are called
 * @param learners how many sit there
 */
public record Table(String name, int learners) {

    /** No more are in a room. */
    public static final int MOST = 200;

    /** So many sit together where nothing is said; common practice, no source. */
    private static final int USUAL = 4;

    private static final Pattern COUNTED = Pattern.compile("(.*?)\\s*[,:;]\\s*(\\d{1,4})");

    /**
     * Reads tables, one a line: a name and, after a comma, how many sit there; one learner where nothing is said.
     *
     * @param lines what was typed
     */
    public static List<Table> read(String lines) {
        List<Table> tables = new ArrayList<>();
        for (String line : lines.lines().toList()) {
            Matcher counted = COUNTED.matcher(line.strip());
            if (counted.matches()) {
                tables.add(new Table(counted.group(1), Integer.parseInt(counted.group(2))));
            } else if (!line.isBlank()) {
                tables.add(new Table(line.strip(), 1));
            }
        }
        return List.copyOf(tables);
    }

    /** Tables as they are typed. */
    public static String typed(List<Table> tables) {
        return tables.stream()
                .map(each -> each.learners == 1 ? each.name : each.name + ", " + each.learners)
                .collect(Collectors.joining("\n"));
    }

    /** What those are called who find no place, as none of the tables is. */
    private static String others(List<Table> tables) {
        String name = "Others";
        for (int number = 2; isThere(name, tables); number++) {
            name = "Others " + number;
        }
        return name;
    }

    private static boolean isThere(String name, List<Table> tables) {
        return tables.stream().anyMatch(table -> table.name.equals(name));
    }

    /**
     * Where so many learners sit: the first tables fill first, who finds no place sits by themselves, and where no table is told of they sit in fours.
     *
     * @param tables the tables
     * @param learners how many come
     */
    static List<Table> seated(List<Table> tables, int learners) {
        List<Table> seated = new ArrayList<>();
        int left = learners;
        for (Table table : tables) {
            int here = Math.min(left, table.learners);
            if (here > 0) {
                seated.add(new Table(table.name, here));
            }
            left -= here;
        }
        int size = tables.isEmpty() ? Math.max(USUAL, (learners + MOST - 1) / MOST) : Math.max(1, left);
        for (int number = 1; left > 0; number++) {
            int here = Math.min(left, size);
            seated.add(new Table(tables.isEmpty() ? "Table " + number : others(tables), here));
            left -= here;
        }
        return seated;
    }
}

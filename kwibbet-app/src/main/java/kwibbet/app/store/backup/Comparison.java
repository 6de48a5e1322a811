package kwibbet.app.store.backup;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a backup would bring to a studio.
 *
 * @param kinds each kind of thing, in the order it is told
 */
public record Comparison(List<Kind> kinds) {

    /** Copies the list. */
    public Comparison {
        kinds = List.copyOf(kinds);
    }

    /**
     * One kind of thing.
     *
     * @param words what makers call it
     * @param missing how many of the backup are not here
     * @param differing how many are here, and are otherwise
     * @param same how many are here as they are in the backup
     */
    public record Kind(String words, int missing, int differing, int same) {}

    private static final Map<String, String> WORDS = words();

    private static Map<String, String> words() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put(Tables.DESIGN, "cards with their history");
        words.put(Tables.PAPER, "papers with what came and went");
        words.put(Tables.TAPE, "tapes with what came and went");
        words.put(Tables.GOODS, "findings and the like with what came and went");
        words.put("die", "dies");
        words.put("offcut", "offcuts in the drawer");
        words.put("booking", "bookings of what came and went");
        words.put("sheet_plan", "sheet plans");
        words.put("toolbox", "tools");
        words.put("studio", "studio");
        return words;
    }

    /** Whether something is here otherwise than in the backup. */
    public boolean hasDiffering() {
        return kinds.stream().anyMatch(kind -> kind.differing() > 0);
    }

    static Comparison of(Tables here, Tables backup) {
        List<Kind> kinds = new ArrayList<>();
        Map<String, String> all = new LinkedHashMap<>(WORDS);
        backup.rows().keySet().stream()
                .filter(table -> !table.equals(Tables.REVISION) && !table.equals(Tables.MOVEMENT))
                .forEach(table -> all.putIfAbsent(table, table.replace('_', ' ')));
        all.forEach((table, words) -> {
            Map<Object, Object> mine = things(here, table);
            Map<Object, Object> theirs = things(backup, table);
            int missing = (int)
                    theirs.keySet().stream().filter(id -> !mine.containsKey(id)).count();
            int same = (int) theirs.entrySet().stream()
                    .filter(each -> each.getValue().equals(mine.get(each.getKey())))
                    .count();
            kinds.add(new Kind(words, missing, theirs.size() - missing - same, same));
        });
        return new Comparison(kinds);
    }

    /** What there is, by its id, as far as makers see it: how often it was changed and when makes no difference. */
    static Map<Object, Object> things(Tables tables, String table) {
        Map<Object, Object> things = new TreeMap<>();
        for (Map<String, Object> row : tables.of(table)) {
            Map<String, Object> thing = new LinkedHashMap<>(row);
            thing.keySet().removeAll(List.of(Tables.VERSION, "changed_at", "last_edit"));
            Object id = row.getOrDefault(Tables.ID, "");
            things.put(
                    id,
                    switch (table) {
                        case Tables.DESIGN -> List.of(thing, tables.belonging(Tables.REVISION, Tables.REVISION_OF, id));
                        case Tables.PAPER, Tables.TAPE, Tables.GOODS ->
                            List.of(thing, tables.belonging(Tables.MOVEMENT, Tables.MOVEMENT_OF, id));
                        default -> thing;
                    });
        }
        return things;
    }
}

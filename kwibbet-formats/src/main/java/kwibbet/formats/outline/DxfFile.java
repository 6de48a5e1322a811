package kwibbet.formats.outline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import kwibbet.formats.outline.DxfEntity.Group;

/**
 * A DXF file by its sections.
 *
 * @param sections what each section holds, by its name
 * @param units the number of {@code $INSUNITS}; zero where none is said
 */
record DxfFile(Map<String, List<DxfEntity>> sections, int units) {

    DxfFile {
        sections = Map.copyOf(sections);
    }

    List<DxfEntity> section(String name) {
        return sections.getOrDefault(name, List.of());
    }

    /**
     * Takes a file apart.
     *
     * @throws UnreadableDrawing when it is no DXF file in ASCII
     */
    static DxfFile read(String text) {
        List<Group> groups = groups(text);
        Map<String, List<DxfEntity>> sections = new HashMap<>();
        int units = 0;
        int at = 0;
        while (at < groups.size()) {
            Group group = groups.get(at);
            if (is(group, 0, "SECTION") && at + 1 < groups.size()) {
                String name = groups.get(at + 1).value();
                int end = at + 2;
                while (end < groups.size() && !is(groups.get(end), 0, "ENDSEC")) {
                    end++;
                }
                List<Group> inside = groups.subList(at + 2, end);
                if (name.equals("HEADER")) {
                    units = units(inside);
                }
                sections.put(name, entities(inside));
                at = end;
            }
            at++;
        }
        if (!sections.containsKey("ENTITIES")) {
            throw new UnreadableDrawing("It is no DXF drawing in ASCII: it has no section of entities.");
        }
        return new DxfFile(sections, units);
    }

    private static boolean is(Group group, int code, String value) {
        return group.code() == code && group.value().equals(value);
    }

    private static List<Group> groups(String text) {
        List<String> rows = text.lines().toList();
        List<Group> groups = new ArrayList<>();
        for (int i = 0; i + 1 < rows.size(); i += 2) {
            try {
                groups.add(new Group(
                        Integer.parseInt(rows.get(i).strip()), rows.get(i + 1).strip()));
            } catch (NumberFormatException broken) {
                throw new UnreadableDrawing(
                        "It is no DXF drawing in ASCII: a group code was expected in row " + (i + 1) + ".");
            }
        }
        return groups;
    }

    private static int units(List<Group> header) {
        for (int i = 0; i + 1 < header.size(); i++) {
            if (is(header.get(i), 9, "$INSUNITS")) {
                return (int) header.get(i + 1).number();
            }
        }
        return 0;
    }

    private static List<DxfEntity> entities(List<Group> groups) {
        List<DxfEntity> entities = new ArrayList<>();
        List<Group> here = new ArrayList<>();
        String type = "";
        for (Group group : groups) {
            if (group.code() == 0) {
                if (!type.isEmpty()) {
                    entities.add(new DxfEntity(type, here));
                }
                type = group.value();
                here = new ArrayList<>();
            } else {
                here.add(group);
            }
        }
        if (!type.isEmpty()) {
            entities.add(new DxfEntity(type, here));
        }
        return entities;
    }
}

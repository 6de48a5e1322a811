package kwibbet.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import kwibbet.shape.Size;

/**
 * Parts that differ in nothing but their name are cut as one; this tells them apart again when all is planned.
 *
 * <p>The search remembers one best way a room, so it would not mix two parts of one size on a sheet of its own accord.
 */
final class Members {

    private record Alike(Size size, Map<StockId, Turning> from) {}

    private final Map<PartId, List<Part>> members = new LinkedHashMap<>();
    private final List<Part> kinds = new ArrayList<>();

    private Members(Collection<List<Part>> alike) {
        alike.forEach(together -> {
            int count = together.stream().mapToInt(Part::count).reduce(0, Math::addExact);
            kinds.add(together.get(0).withCount(count));
            members.put(together.get(0).id(), together);
        });
    }

    /** Parts of one size for the same stocks together. */
    static Members together(List<Part> parts) {
        Map<Alike, List<Part>> alike = new LinkedHashMap<>();
        parts.forEach(part -> alike.computeIfAbsent(new Alike(part.size(), part.from()), each -> new ArrayList<>())
                .add(part));
        return new Members(alike.values());
    }

    /** Each part for itself, where they differ in something else. */
    static Members apart(List<Part> parts) {
        return new Members(parts.stream().map(List::of).toList());
    }

    /** One part for each kind, under the name of its first member. */
    List<Part> kinds() {
        return kinds;
    }

    /**
     * Sheets with the parts under their own names.
     *
     * @param layouts the sheets
     * @param left how many of each part are on none of them
     */
    record Named(List<SheetLayout> layouts, Map<Part, Integer> left) {}

    /** Gives the parts of sheets their own names. */
    Named named(List<SheetLayout> layouts) {
        List<SheetLayout> named = new ArrayList<>();
        Map<Part, Integer> left = new LinkedHashMap<>();
        members.values().forEach(together -> together.forEach(part -> left.put(part, part.count())));
        for (SheetLayout layout : layouts) {
            int copies = layout.copies();
            while (copies > 0) {
                Map<Part, Integer> taken = take(layout, left);
                int times = taken.entrySet().stream()
                        .mapToInt(each -> left.getOrDefault(each.getKey(), 0) / each.getValue())
                        .reduce(copies, Math::min);
                taken.forEach((part, count) -> left.merge(part, -count * times, Integer::sum));
                Map<PartId, Deque<PartId>> names = names(taken);
                named.add(new SheetLayout(
                        layout.stock(), layout.sheet(), layout.kerf(), times, renamed(layout.root(), names)));
                copies -= times;
            }
        }
        return new Named(named, left);
    }

    /** Which members fill the places of one sheet: of each kind the first that are left. */
    private Map<Part, Integer> take(SheetLayout layout, Map<Part, Integer> left) {
        Map<Part, Integer> taken = new LinkedHashMap<>();
        layout.counts().forEach((kind, count) -> {
            int open = count;
            for (Part member : members.getOrDefault(kind, List.of())) {
                int of = Math.min(open, left.getOrDefault(member, 0));
                if (of > 0) {
                    taken.put(member, of);
                    open -= of;
                }
            }
        });
        return taken;
    }

    private Map<PartId, Deque<PartId>> names(Map<Part, Integer> taken) {
        Map<PartId, Deque<PartId>> names = new HashMap<>();
        members.forEach((kind, together) -> {
            Deque<PartId> queue = new ArrayDeque<>();
            for (Part member : together) {
                for (int i = taken.getOrDefault(member, 0); i > 0; i--) {
                    queue.add(member.id());
                }
            }
            names.put(kind, queue);
        });
        return names;
    }

    private static Section renamed(Section section, Map<PartId, Deque<PartId>> names) {
        if (section instanceof Section.Filled filled) {
            return new Section.Filled(
                    names.getOrDefault(filled.part(), new ArrayDeque<>()).remove(), filled.turned());
        }
        if (section instanceof Section.Split split) {
            Section first = renamed(split.first(), names);
            return Section.split(split.axis(), split.at(), first, renamed(split.second(), names));
        }
        return section;
    }
}

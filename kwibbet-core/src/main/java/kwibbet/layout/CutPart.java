package kwibbet.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import kwibbet.card.Piece;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Turning;
import kwibbet.paper.PaperId;
import kwibbet.shape.Outline;
import kwibbet.shape.Size;
import kwibbet.wording.Names;

/**
 * Pieces that are cut alike: from one paper, of one size, with one grain and one way up, cut out to one outline if they are, with the same printed on them. They are one part for sheets and
 * fence, and are told apart when they are made.
 *
 * @param id names it; the name of its first use
 * @param uses the pieces it serves as, at least one
 */
public record CutPart(PartId id, List<Wanted> uses) {

    /**
     * Copies the list.
     *
     * @throws IllegalArgumentException when it is empty
     */
    public CutPart {
        uses = List.copyOf(uses);
        if (uses.isEmpty()) {
            throw new IllegalArgumentException("a part is of some use");
        }
    }

    /** What is alike of pieces of one paper that are one part. */
    record Alike(Size blank, Map<PaperId, Turning> turnings, Optional<Outline> cutOutTo, Set<Object> printed) {
        static Alike of(Wanted wanted) {
            return new Alike(
                    wanted.blank(),
                    wanted.turnings(),
                    wanted.isCutOut() ? Optional.of(wanted.piece().outline()) : Optional.empty(),
                    printedOn(wanted.piece()));
        }
    }

    /** What is printed on a piece, whoever asked for it; which face of it is the paper's chosen one matters only then. */
    private static Set<Object> printedOn(Piece piece) {
        return piece.zones().stream()
                .filter(zone -> zone.print().isPresent())
                .map(zone -> List.of(zone.outline(), zone.print(), zone.side() == piece.chosen()))
                .collect(Collectors.toSet());
    }

    /** The parts of some pieces of one paper, in the order in which they first appear. */
    static List<CutPart> of(List<Wanted> wanted) {
        Map<Alike, List<Wanted>> alike = new LinkedHashMap<>();
        wanted.forEach(each ->
                alike.computeIfAbsent(Alike.of(each), key -> new ArrayList<>()).add(each));
        return alike.values().stream()
                .map(uses -> new CutPart(uses.get(0).part(), uses))
                .toList();
    }

    /** The first piece it serves as; the others are cut like it. */
    public Wanted first() {
        return uses.get(0);
    }

    /** What is cut. */
    public Size blank() {
        return first().blank();
    }

    /** How many are cut. */
    public int count() {
        return uses.stream().mapToInt(Wanted::count).reduce(0, Math::addExact);
    }

    /** What one of it is called while it is cut: by its name where all its uses have that, and else just a piece. */
    public String name() {
        List<String> names = names();
        return names.size() == 1 ? names.get(0) : "piece";
    }

    /** Whether all its uses have one name. */
    public boolean hasName() {
        return names().size() == 1;
    }

    /** Whether nobody could tell the two apart by name and size. */
    boolean looksLike(CutPart other) {
        return name().equals(other.name())
                && (blank().equals(other.blank())
                        || blank().equals(other.blank().turned()));
    }

    private List<String> names() {
        return uses.stream().map(use -> use.piece().name()).distinct().toList();
    }

    /** What it serves as, in words. */
    public String usedAs() {
        return String.join(", ", Names.together(names()));
    }

    /** How many of those that were cut serve as each of its uses: the first get theirs first, what is too many falls to the last. */
    public Map<PartId, Integer> shared(int cut) {
        int left = cut;
        Map<PartId, Integer> shared = new LinkedHashMap<>();
        for (Wanted use : uses) {
            boolean isLast = use.equals(uses.get(uses.size() - 1));
            int own = isLast ? left : Math.min(left, use.count());
            shared.put(use.part(), own);
            left -= own;
        }
        return shared;
    }
}

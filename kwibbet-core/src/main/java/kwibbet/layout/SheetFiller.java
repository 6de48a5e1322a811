package kwibbet.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/** Fills sheet after sheet with the most valuable pattern for what is still missing. */
final class SheetFiller {

    private final Size sheet;
    private final List<Wanted> wanted;
    private final Weighting weighting;
    private final Map<PieceId, Integer> missing = new HashMap<>();
    /** The best pattern does not change while the same parts are missing, however many. */
    private final Map<List<Wanted>, Optional<Section>> patterns = new HashMap<>();

    SheetFiller(Size sheet, List<Wanted> wanted, Weighting weighting) {
        this.sheet = sheet;
        this.wanted = wanted;
        this.weighting = weighting;
        wanted.forEach(part -> missing.put(part.piece().id(), part.count()));
    }

    List<SheetLayout> fill() {
        List<SheetLayout> layouts = new ArrayList<>();
        while (missing.values().stream().anyMatch(count -> count > 0)) {
            SheetLayout next = nextLayout();
            next.counts().forEach((piece, count) -> missing.merge(piece, -count * next.copies(), Math::addExact));
            add(layouts, next);
        }
        return layouts;
    }

    private static void add(List<SheetLayout> layouts, SheetLayout next) {
        for (int i = 0; i < layouts.size(); i++) {
            if (layouts.get(i).isCutLike(next)) {
                layouts.set(i, next.withCopies(layouts.get(i).copies() + next.copies()));
                return;
            }
        }
        layouts.add(next);
    }

    /** The best pattern, or what of it is still missing, or sheets filled by hand; as often as it is wanted whole. */
    private SheetLayout nextLayout() {
        Optional<SheetLayout> pattern = bestPattern().map(this::once);
        if (pattern.isPresent() && wholeCopies(pattern.get()) > 0) {
            return repeated(pattern.get());
        }
        SheetLayout byHand = once(filled(sheet.width().toTicks(), sheet.height().toTicks(), new HashMap<>(missing)));
        return repeated(pattern.map(whole -> once(pruned(whole.root(), new HashMap<>(missing))))
                .filter(pruned -> area(pruned) >= area(byHand))
                .orElse(byHand));
    }

    private SheetLayout once(Section root) {
        return new SheetLayout(sheet, 1, root);
    }

    private SheetLayout repeated(SheetLayout layout) {
        return layout.withCopies(wholeCopies(layout));
    }

    private Optional<Section> bestPattern() {
        List<Wanted> parts =
                wanted.stream().filter(part -> stillMissing(part, missing) > 0).toList();
        return patterns.computeIfAbsent(parts, this::bestPattern);
    }

    private Optional<Section> bestPattern(List<Wanted> parts) {
        List<Long> values = parts.stream()
                .map(part -> weighting.values().get(wanted.indexOf(part)))
                .toList();
        return PatternFinder.of(sheet, parts, values).map(finder -> finder.pattern(sheet));
    }

    private int wholeCopies(SheetLayout layout) {
        return layout.counts().entrySet().stream()
                .mapToInt(entry -> missing.getOrDefault(entry.getKey(), 0) / entry.getValue())
                .min()
                .orElse(0);
    }

    private static double area(SheetLayout layout) {
        return layout.placements().stream()
                .mapToDouble(placement -> placement.area().size().area())
                .sum();
    }

    /** The pattern with every part beyond what is missing left over. */
    private static Section pruned(Section section, Map<PieceId, Integer> missing) {
        if (section instanceof Section.Part part) {
            return missing.merge(part.piece(), -1, Math::addExact) >= 0 ? part : Section.LEFTOVER;
        }
        if (section instanceof Section.Split split) {
            Section first = pruned(split.first(), missing);
            return Section.split(split.axis(), split.at(), first, pruned(split.second(), missing));
        }
        return section;
    }

    /** Largest part first into the corner, then into the rests. */
    private Section filled(long width, long height, Map<PieceId, Integer> left) {
        if (width <= 0 || height <= 0) {
            return Section.LEFTOVER;
        }
        Size room = new Size(Length.ofTicks(width), Length.ofTicks(height));
        return wanted.stream()
                .filter(part -> stillMissing(part, left) > 0 && part.fitsIn(room))
                .max(Comparator.comparingDouble(part -> part.piece().size().area()))
                .map(part -> {
                    left.merge(part.piece().id(), -1, Math::addExact);
                    return Corner.of(part, betterWay(part, room), width, height, (w, h) -> filled(w, h, left));
                })
                .orElse(Section.LEFTOVER);
    }

    /** The way round of which more go side by side. */
    private static boolean betterWay(Wanted part, Size room) {
        return part.turning().ways().stream()
                .filter(turned -> part.room(turned).fitsIn(room))
                .max(Comparator.comparingLong(turned -> inGrid(part.room(turned), room)))
                .orElseThrow();
    }

    private static long inGrid(Size part, Size room) {
        return room.across(Axis.VERTICAL).dividedBy(part.width())
                * room.across(Axis.HORIZONTAL).dividedBy(part.height());
    }

    private static int stillMissing(Wanted part, Map<PieceId, Integer> left) {
        return left.getOrDefault(part.piece().id(), 0);
    }
}

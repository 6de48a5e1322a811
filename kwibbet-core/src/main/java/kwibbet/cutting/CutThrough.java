package kwibbet.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import kwibbet.cutting.FencePlan.Setting;
import kwibbet.cutting.FencePlan.Take;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A check of fence plans, apart from the search: does the cuts one after the other, each on what the cuts before it have left.
 *
 * @param made how many pieces of each size there are in the end, of all copies of all sheets; what is left over too
 * @param faults the cuts that could not be made: what they take was not there, or the setting does not part it
 */
public record CutThrough(Map<Size, Integer> made, List<Take> faults) {

    /** Copies the results. */
    public CutThrough {
        made = Map.copyOf(made);
        faults = List.copyOf(faults);
    }

    /** What comes of a plan. */
    public static CutThrough of(FencePlan plan) {
        List<Map<Rect, Integer>> there = new ArrayList<>();
        plan.layouts().forEach(layout -> {
            Map<Rect, Integer> own = new HashMap<>();
            own.put(Rect.atOrigin(layout.sheet()), layout.copies());
            there.add(own);
        });
        List<Take> faults = new ArrayList<>();
        for (Setting setting : plan.settings()) {
            for (Take take : setting.takes()) {
                Cut cut = take.cut();
                Map<Rect, Integer> own = there.get(take.layout());
                if (!own.containsKey(cut.inHand()) || !parts(setting, cut)) {
                    faults.add(take);
                    continue;
                }
                int copies = own.remove(cut.inHand());
                own.put(cut.inHand().upTo(cut.axis(), setting.at()), copies);
                cut.inHand().beyond(cut.axis(), setting.at()).ifPresent(rest -> own.put(rest, copies));
            }
        }
        Map<Size, Integer> made = new HashMap<>();
        there.forEach(own -> own.forEach((area, copies) -> made.merge(area.size(), copies, Integer::sum)));
        return new CutThrough(made, faults);
    }

    private static boolean parts(Setting setting, Cut cut) {
        return setting.at().isPositive()
                && setting.at().isShorterThan(cut.inHand().size().across(cut.axis()));
    }
}

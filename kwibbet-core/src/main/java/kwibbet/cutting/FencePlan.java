package kwibbet.cutting;

import java.util.List;

import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.measure.Length;

/**
 * In which order sheets are cut at a trimmer so that its fence is set seldom.
 *
 * @param layouts the layouts, their pieces moved to where they are cut off
 * @param settings what is set, in order, and cut at it
 * @param atLeast no order needs fewer settings in which pieces are cut off a strip one by one, equal ones at one setting, as is common practice
 */
public record FencePlan(List<SheetLayout> layouts, List<Setting> settings, int atLeast) {

    /** How the place of a cut is found. */
    public enum Guide {
        FENCE,
        /** Longer than the trimmer reaches: a knife along a ruler. */
        KNIFE
    }

    /**
     * A setting and all that is cut at it.
     *
     * @param at the distance from the edge that lies at the fence
     * @param guide fence or knife
     * @param takes what is cut, in order
     */
    public record Setting(Length at, Guide guide, List<Take> takes) {
        /** Copies the cuts. */
        public Setting {
            takes = List.copyOf(takes);
        }
    }

    /**
     * A cut of a layout.
     *
     * @param layout the place of the layout
     * @param cut the cut
     */
    public record Take(int layout, Cut cut) {}

    /** Copies the lists. */
    public FencePlan {
        layouts = List.copyOf(layouts);
        settings = List.copyOf(settings);
    }

    /** How often the fence is set. */
    public long fenceSettings() {
        return settings.stream()
                .filter(setting -> setting.guide() == Guide.FENCE)
                .count();
    }

    /** Whether no order needs fewer settings. */
    public boolean isProven() {
        return fenceSettings() == atLeast;
    }
}

package kwibbet.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import kwibbet.measure.MeasureSystem;
import kwibbet.press.PressPlan.Load;
import kwibbet.wording.Phrase;

/**
 * What lies on the bed of the press together, and how often it is passed.
 *
 * @param number its place in the order of pressing, from 1
 * @param load what lies on the bed
 * @param steps what is laid down, paper by paper
 */
public record PressSetting(int number, Load load, List<PressStep> steps) implements ToolSetting {

    /** Copies the steps. */
    public PressSetting {
        steps = List.copyOf(steps);
    }

    /** Loads that are just the same but for the pieces, told as one. */
    static PressSetting of(int number, List<PressSetting> same) {
        PressSetting first = same.get(0);
        List<PressStep> steps = new ArrayList<>();
        for (int place = 0; place < first.steps.size(); place++) {
            int here = place;
            List<PressStep> others = same.stream()
                    .skip(1)
                    .map(setting -> setting.steps.get(here))
                    .toList();
            steps.add(first.steps.get(place).and(others));
        }
        int passes = same.stream().mapToInt(setting -> setting.load.passes()).sum();
        return new PressSetting(number, new Load(first.load.laid(), passes), steps);
    }

    /** Whether another load is just the same but for the pieces. */
    boolean isLike(PressSetting other) {
        if (steps.size() != other.steps.size()) {
            return false;
        }
        for (int place = 0; place < steps.size(); place++) {
            if (!steps.get(place).isLike(other.steps.get(place))) {
                return false;
            }
        }
        return true;
    }

    @Override
    public Phrase heading(MeasureSystem system) {
        return Phrase.of(steps.stream().map(PressStep::name).collect(Collectors.joining(" + ")));
    }

    @Override
    public Phrase aside(MeasureSystem system) {
        return Phrase.of(load.passes() == 1 ? "1 pass" : load.passes() + " passes");
    }

    /** What goes through at once. */
    public Phrase sentence(MeasureSystem system) {
        if (steps.size() > 1) {
            return Phrase.of(steps.size() + " papers lie on the bed together.");
        }
        return Phrase.of(
                steps.get(0).onBed().layup().isAlone() ? "It goes through by itself." : "One paper at a time.");
    }
}

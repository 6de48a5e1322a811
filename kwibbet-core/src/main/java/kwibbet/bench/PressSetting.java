package kwibbet.bench;

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

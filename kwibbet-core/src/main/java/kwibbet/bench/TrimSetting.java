package kwibbet.bench;

import java.util.List;

import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.wording.Phrase;

/**
 * One setting of the trimmer's fence and everything that is cut at it, on whatever sheet.
 *
 * @param number its place in the order of cutting, from 1
 * @param set the figure to set
 * @param blade which blade
 * @param steps what is cut, in order
 */
public record TrimSetting(int number, Rounded set, Blade blade, List<TrimStep> steps) implements ToolSetting {

    /** What it is cut with. */
    public enum Blade {
        TRIMMER,
        /** Film blunts a blade, so it comes last and gets one that is blunt already. */
        OLD_BLADE,
        KNIFE
    }

    /** Copies the steps. */
    public TrimSetting {
        steps = List.copyOf(steps);
    }

    /** How often the blade comes down. */
    public int passes() {
        return steps.stream().mapToInt(TrimStep::passes).sum();
    }

    @Override
    public Phrase heading(MeasureSystem system) {
        return Phrase.in(system).length(set.shown()).end();
    }

    @Override
    public Phrase aside(MeasureSystem system) {
        String passes = passes() + (passes() == 1 ? " cut" : " cuts");
        return Phrase.of(
                switch (blade) {
                    case TRIMMER -> passes;
                    case OLD_BLADE -> passes + ", old blade";
                    case KNIFE -> passes + ", knife";
                });
    }

    /** What to set. */
    public Phrase sentence(MeasureSystem system) {
        String set = blade == Blade.KNIFE ? "Measure " : "Set the fence to ";
        return Phrase.in(system)
                .words(set)
                .length(set().shown())
                .words(".")
                .phrase(note(system))
                .end();
    }

    /** What must be known besides the figure; nothing in most cases. */
    public Phrase note(MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system);
        if (blade == Blade.OLD_BLADE) {
            writer.words(" Film: use the old blade.");
        }
        return writer.phrase(Nearest.errorOf(set, system)).end();
    }
}

package kwibbet.bench;

import java.util.List;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/**
 * Pieces of a run that lie as far from the fence and are scored in the same grooves, one after the other.
 *
 * @param number its place in the order of scoring, from 1
 * @param shift how far the pieces are slid off the fence
 * @param grooves the grooves, from the fence outwards
 * @param steps what is scored, piece by piece
 */
public record ScoreSetting(int number, Length shift, List<Length> grooves, List<ScoreStep> steps)
        implements ToolSetting {

    /** Copies the lists. */
    public ScoreSetting {
        grooves = List.copyOf(grooves);
        steps = List.copyOf(steps);
    }

    /** The grooves, as the board is marked, whatever the card is measured in. */
    @Override
    public Phrase heading(MeasureSystem system) {
        MeasureSystem marks = steps.get(0).marks();
        Phrase.Writer writer = Phrase.in(marks);
        for (int i = 0; i < grooves.size(); i++) {
            writer.words(i == 0 ? "" : ", ").phrase(Phrase.of(grooves.get(i), marks));
        }
        return writer.words(" " + marks.symbol()).end();
    }

    @Override
    public Phrase aside(MeasureSystem system) {
        return sentence(system);
    }

    /** Where the pieces lie. */
    public Phrase sentence(MeasureSystem system) {
        return shift.isZero()
                ? Phrase.of("Against the fence.")
                : Phrase.in(system)
                        .words("Slide the paper ")
                        .length(shift)
                        .words(" off the fence.")
                        .end();
    }
}

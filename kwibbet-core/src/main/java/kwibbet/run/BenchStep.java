package kwibbet.run;

import kwibbet.bench.PressSetting;
import kwibbet.bench.ScoreList.ByRuler;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.SlitStep;
import kwibbet.bench.TrimSetting;
import kwibbet.bench.TrimStep;
import kwibbet.making.Does;
import kwibbet.making.Making;

/** A step of a run as it is worked through at the bench: one to look at, and one to tick off. */
public sealed interface BenchStep {

    /** So long a sheet or a strip is under the blade. */
    double CUT = 0.25;
    /** So long a slit takes. */
    double SLIT = 0.5;

    /** Names it within its run. */
    StepKey key();

    /** How often it is done in all: cuts, pieces, passes or cards, as its station counts. */
    int due();

    /** What its time is kept with: steps that take alike long have it in common. */
    default String timedAs() {
        return key().station().name();
    }

    /** How long it usually takes each time, in minutes; common practice, no source. */
    double usualMinutes();

    /** Whether nothing is done, but something dries: all of it at once. */
    default boolean isWaiting() {
        return false;
    }

    /**
     * Sheets or strips cut at one setting of the fence.
     *
     * @param key names it
     * @param setting at what the fence is set
     * @param step what is cut
     */
    record Trimmed(StepKey key, TrimSetting setting, TrimStep step) implements BenchStep {
        @Override
        public int due() {
            return step.passes();
        }

        @Override
        public double usualMinutes() {
            return CUT;
        }
    }

    /**
     * A cut that starts and stops inside a piece.
     *
     * @param key names it
     * @param step where it is cut
     */
    record Slit(StepKey key, SlitStep step) implements BenchStep {
        @Override
        public int due() {
            return step.count();
        }

        @Override
        public double usualMinutes() {
            return SLIT;
        }
    }

    /**
     * Pieces scored while they lie one way.
     *
     * @param key names it
     * @param setting in which grooves
     * @param step the pieces and how they lie
     */
    record Scored(StepKey key, ScoreSetting setting, ScoreStep step) implements BenchStep {
        @Override
        public int due() {
            return step.count();
        }

        @Override
        public double usualMinutes() {
            return Does.SCORE.minutes();
        }
    }

    /**
     * A score along a ruler.
     *
     * @param key names it
     * @param ruled which
     */
    record Ruled(StepKey key, ByRuler ruled) implements BenchStep {
        @Override
        public int due() {
            return ruled.count();
        }

        @Override
        public double usualMinutes() {
            return Does.SCORE.minutes();
        }
    }

    /**
     * What lies on the bed of the press together.
     *
     * @param key names it
     * @param setting the papers and their dies
     */
    record Pressed(StepKey key, PressSetting setting) implements BenchStep {
        @Override
        public int due() {
            return setting.load().passes();
        }

        @Override
        public double usualMinutes() {
            return Does.PRESS.minutes();
        }
    }

    /**
     * What hands do with the pieces of a card.
     *
     * @param key names it
     * @param line which card of the run, from 0
     * @param making how that card is made
     * @param step what is done
     * @param due how many cards are made
     */
    record Made(StepKey key, int line, Making making, Making.Told step, int due) implements BenchStep {
        @Override
        public boolean isWaiting() {
            return step.isWaiting();
        }

        @Override
        public String timedAs() {
            return step.timedAs();
        }

        @Override
        public double usualMinutes() {
            return step.minutes();
        }
    }
}

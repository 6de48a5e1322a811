package kwibbet.scoring;

import java.util.List;
import java.util.Optional;

import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.measure.Rounded;

/**
 * How the scores of a piece are made on a board.
 *
 * @param settings how it is laid, in order, and what is scored then
 * @param atLeast no plan needs fewer settings
 * @param unreachable what the board cannot score
 */
public record ScorePlan(List<Setting> settings, int atLeast, List<Unreachable> unreachable) {

    /** Copies the lists. */
    public ScorePlan {
        settings = List.copyOf(settings);
        unreachable = List.copyOf(unreachable);
    }

    /**
     * One way the piece lies and what is scored while it does.
     *
     * @param lying how it lies
     * @param shift how far it is slid off the fence
     * @param scores what is scored, from the fence outwards
     */
    public record Setting(Lying lying, Length shift, List<Scored> scores) {
        /** Copies the scores. */
        public Setting {
            scores = List.copyOf(scores);
        }
    }

    /**
     * A score in a groove.
     *
     * @param score which
     * @param groove the groove, by its distance from the fence
     * @param at where that creases the piece, from what lies at the fence, and how far that is from what was wanted
     */
    public record Scored(Score score, Length groove, Rounded at) {}

    /**
     * A score the board cannot make.
     *
     * @param score which
     * @param why why not
     * @param nearest the nearest place it can score, from the left or the top edge; nothing where there is none
     */
    public record Unreachable(Score score, Why why, Optional<Rounded> nearest) {

        /** Why a board cannot make a score. */
        public enum Why {
            BEYOND_BOARD,
            SLANTED,
            NO_PLATE
        }
    }

    /** Whether no plan needs fewer settings. */
    public boolean isProven() {
        return settings.size() == atLeast;
    }
}

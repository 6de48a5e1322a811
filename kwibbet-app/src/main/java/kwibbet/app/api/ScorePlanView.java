package kwibbet.app.api;

import java.util.List;

import io.swagger.v3.oas.annotations.media.Schema;

import kwibbet.formats.cutting.ScoreRequest;
import kwibbet.scoring.Lying;
import kwibbet.scoring.ScorePlan;

/**
 * How a piece is scored. Lengths are texts with their unit, exact.
 *
 * @param settings how it is laid, in order
 * @param atLeast no plan lays it in fewer ways
 * @param proven whether the plan reaches that
 * @param unreachable what the board cannot score
 */
@Schema(name = "ScorePlan", description = "How a piece is scored on a board. Lengths are texts with their unit, exact.")
record ScorePlanView(List<SettingView> settings, int atLeast, boolean proven, List<UnreachableView> unreachable) {

    /** The edge or corner at the fence; how far it is slid off; degrees clockwise after it was turned over, if it was. */
    @Schema(name = "ScoreSetting")
    record SettingView(String edge, String shift, int turned, boolean flipped, List<ScoredView> scores) {
        static SettingView of(ScorePlan.Setting setting, ScoreRequest request) {
            return new SettingView(
                    edge(setting.lying()),
                    setting.shift().toString(),
                    setting.lying().turned(request.hand()),
                    setting.lying().flipped(),
                    setting.scores().stream()
                            .map(scored -> ScoredView.of(scored, request))
                            .toList());
        }

        private static String edge(Lying lying) {
            if (lying instanceof Lying.InPlate plate) {
                return plate.level().word() + "-" + plate.upright().word();
            }
            if (lying instanceof Lying.SquareInPlate square) {
                return square.levelAtFence().word() + "-"
                        + square.uprightAtFence().word();
            }
            return ((Lying.AtFence) lying).edge().word();
        }
    }

    /** The place of the score in the request, its groove, and where from the edge at the fence that creases the piece. */
    @Schema(name = "Scored")
    record ScoredView(int score, String groove, String at) {
        static ScoredView of(ScorePlan.Scored scored, ScoreRequest request) {
            return new ScoredView(
                    request.placeOf(scored.score()),
                    scored.groove().toString(),
                    scored.at().shown().toString());
        }
    }

    /** Why not, the nearest place the board can score and how far that is off; both empty where there is none. */
    @Schema(name = "ScoreUnreachable")
    record UnreachableView(int score, String reason, String nearest, String error) {
        static UnreachableView of(ScorePlan.Unreachable unreachable, ScoreRequest request) {
            return new UnreachableView(
                    request.placeOf(unreachable.score()),
                    unreachable.why().name(),
                    unreachable.nearest().map(near -> near.shown().toString()).orElse(""),
                    unreachable.nearest().map(near -> near.error().toString()).orElse(""));
        }
    }

    static ScorePlanView of(ScorePlan plan, ScoreRequest request) {
        return new ScorePlanView(
                plan.settings().stream()
                        .map(setting -> SettingView.of(setting, request))
                        .toList(),
                plan.atLeast(),
                plan.isProven(),
                plan.unreachable().stream()
                        .map(each -> UnreachableView.of(each, request))
                        .toList());
    }
}

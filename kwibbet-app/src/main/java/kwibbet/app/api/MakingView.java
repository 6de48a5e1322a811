package kwibbet.app.api;

import java.util.List;
import java.util.Locale;

import io.swagger.v3.oas.annotations.media.Schema;

import kwibbet.card.Piece;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.measure.MeasureSystem;

/** How a card is made: its steps in order, and how often something else is taken up, with how few there could be. */
@Schema(name = "Making")
record MakingView(List<StepView> steps, CostView cost) {

    /** A step; {@code does} is one word of a closed list, {@code after} what it waits for and why. */
    @Schema(name = "MakingStep")
    record StepView(
            String id,
            String does,
            List<String> pieces,
            String onto,
            String face,
            String station,
            String tool,
            double minutes,
            List<WaitView> after,
            String words) {
        static StepView of(Making making, Operation step) {
            MeasureSystem system = making.card().design().system();
            return new StepView(
                    step.id(),
                    word(step.does()),
                    step.pieces().stream().map(piece -> piece.id().value()).toList(),
                    step.onto().map(Piece::id).map(id -> id.value()).orElse(""),
                    word(step.face()),
                    word(step.station()),
                    step.tool().words(),
                    step.minutes(),
                    making.before(step).stream()
                            .map(wait -> new WaitView(wait.before().id(), wait.reason()))
                            .toList(),
                    step.sentence(system).text());
        }
    }

    /** A step that comes before, and why. */
    @Schema(name = "MakingWait")
    record WaitView(String step, String reason) {}

    /** How often the station (or, one at a time, what is worked on) and the tool change, a piece is turned over and something left unfinished; what no order goes below. */
    @Schema(name = "MakingCost")
    record CostView(
            int moves,
            int movesAtLeast,
            int tools,
            int toolsAtLeast,
            int turns,
            int turnsAtLeast,
            int jumps,
            int jumpsAtLeast,
            boolean proven) {
        static CostView of(Making.Cost cost) {
            Making.Count counted = cost.counted();
            Making.Count atLeast = cost.atLeast();
            return new CostView(
                    counted.moves(),
                    atLeast.moves(),
                    counted.tools(),
                    atLeast.tools(),
                    counted.turns(),
                    atLeast.turns(),
                    counted.jumps(),
                    atLeast.jumps(),
                    cost.isProven());
        }
    }

    static MakingView of(Making making) {
        return new MakingView(
                making.steps().stream().map(step -> StepView.of(making, step)).toList(), CostView.of(making.cost()));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

package kwibbet.app.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import kwibbet.app.api.ApiController.RefusedView;
import kwibbet.cutting.Budget;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.OneSheet;
import kwibbet.cutting.SheetSearch;
import kwibbet.formats.cutting.LayoutRequest;
import kwibbet.formats.cutting.ScoreRequest;
import kwibbet.outcome.Outcome;
import kwibbet.scoring.ScoreSearch;

/** How pieces are cut from sheets and scored on a board. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Cutting room", description = "How pieces are cut from sheets and scored on a board. Nothing is kept.")
class CuttingRoomController {

    private static final String TWO_BASES =
            """
            {"unit": "in",
             "stock": [{"id": "letter", "width": "8 1/2", "height": "11", "onHand": 20, "price": 0.4}],
             "pieces": [{"id": "base", "width": "8 1/2", "height": "5 1/2", "count": 24, "turning": "any"}],
             "cutting": {"kerf": "0", "longestCut": "12"}, "seconds": 2}""";

    private static final String GATE =
            """
            {"unit": "in", "board": {"width": "12", "grooves": "every 1/8 from 0 to 12", "diagonal": true},
             "piece": {"width": "10", "height": "7"},
             "scores": [{"from": "left", "at": "2 1/2", "fold": "valley"}, {"from": "right", "at": "2 1/2", "fold": "valley"}],
             "hand": "right"}""";

    @PostMapping(path = "/layouts", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "The fewest sheets for some pieces, cut from edge to edge, and how few there can be",
            description =
                    "Where a piece has no count, one sheet is filled as valuably as can be; a value is a whole number.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "A job, as docs/formats.md describes it",
                            content =
                                    @Content(schema = @Schema(type = "object"), examples = @ExampleObject(TWO_BASES))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = LayoutView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Something is not in form",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> layouts(@RequestBody String document) {
        Outcome<LayoutRequest> read = LayoutRequest.read(document);
        if (!(read instanceof Outcome.Made<LayoutRequest> made)) {
            return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
        }
        LayoutRequest request = made.value();
        if (request.isOneSheet()) {
            OneSheet sheet = OneSheet.of(request.job(), request.worths());
            return ResponseEntity.ok(LayoutView.of(sheet.plan(), sheet.value()));
        }
        CuttingPlan plan = SheetSearch.refined(request.job(), Budget.about(request.time()), better -> {});
        return ResponseEntity.ok(LayoutView.of(plan, 0));
    }

    @PostMapping(path = "/score-plans", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "The fewest ways to lay a piece on a scoring board so that all its scores fall into grooves",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "A piece and a board, as docs/formats.md describes them",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(GATE))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = ScorePlanView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Something is not in form",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> scorePlans(@RequestBody String document) {
        Outcome<ScoreRequest> read = ScoreRequest.read(document);
        if (!(read instanceof Outcome.Made<ScoreRequest> made)) {
            return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
        }
        ScoreRequest request = made.value();
        return ResponseEntity.ok(ScorePlanView.of(
                ScoreSearch.plan(request.scores(), request.piece(), request.board(), request.hand()), request));
    }
}

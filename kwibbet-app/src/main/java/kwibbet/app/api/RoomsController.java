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
import kwibbet.formats.document.RoomRequest;
import kwibbet.outcome.Outcome;

/** When learners who share tools are done. */
@RestController
@RequestMapping(path = "/api/rooms", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Rooms", description = "When learners who share tools are done, and where they wait. Nothing is kept.")
class RoomsController {

    private static final String EVENING =
            """
            {"learners": 12, "differ": 0.25, "tools": {"board": 1}, "slot": 30, "rooms": 500, "seed": 1,
             "steps": [{"id": "score", "station": "board", "tool": "board", "minutes": 1, "spread": 0.3},
                       {"id": "fold", "station": "table", "minutes": 2, "after": ["score"]},
                       {"id": "stick", "station": "table", "minutes": 6, "after": ["fold"]}]}""";

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "The times by which half and nine in ten are done, and the waits by tool",
            description = "The same request with the same seed gives the same answer.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "Learners, tools and steps, as docs/formats.md describes it",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(EVENING))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = RoomView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Something is not in form",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> simulate(@RequestBody String document) {
        Outcome<RoomRequest> read = RoomRequest.read(document);
        if (read instanceof Outcome.Made<RoomRequest> made) {
            return ResponseEntity.ok(RoomView.of(made.value()));
        }
        return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
    }
}

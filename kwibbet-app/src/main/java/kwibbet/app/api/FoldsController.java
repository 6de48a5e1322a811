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

import kwibbet.formats.fold.FoldPattern;
import kwibbet.formats.fold.FoldReader;
import kwibbet.outcome.Outcome;

/** How a crease pattern folds flat. */
@RestController
@RequestMapping(path = "/api/folds", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Folds", description = "How a crease pattern folds flat. Nothing is kept.")
class FoldsController {

    private static final String HALF =
            """
            {"file_spec": 1.1, "frame_classes": ["creasePattern"],
             "vertices_coords": [[0, 0], [1, 0], [2, 0], [2, 1], [1, 1], [0, 1]],
             "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 0], [1, 4]],
             "edges_assignment": ["B", "B", "B", "B", "B", "B", "V"]}""";

    @PostMapping(consumes = {MediaType.APPLICATION_JSON_VALUE, MediaType.TEXT_PLAIN_VALUE})
    @Operation(
            summary = "Whether a pattern folds flat, what lies over what, and in which order to fold it",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "A FOLD document, version 1 to 1.2",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(HALF))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = FoldView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "The document is damaged",
            content = @Content(schema = @Schema(implementation = ApiController.RefusedView.class)))
    ResponseEntity<Object> folds(@RequestBody String document) {
        Outcome<FoldPattern> read = FoldReader.read(document);
        return read instanceof Outcome.Made<FoldPattern> made
                ? ResponseEntity.ok(FoldView.of(made.value()))
                : ResponseEntity.badRequest().body(ApiController.RefusedView.of(read.reasons()));
    }
}

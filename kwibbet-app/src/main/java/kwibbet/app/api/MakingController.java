package kwibbet.app.api;

import java.util.List;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import kwibbet.app.api.ApiController.RefusedView;
import kwibbet.app.store.Inventory;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.formats.document.MakingRequest;
import kwibbet.making.Making;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.press.PressPlan;

/** How a card is made, step by step. */
@RestController
@RequestMapping(path = "/api/making", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Making", description = "How a card is made, step by step, and why in that order. Nothing is kept.")
class MakingController {

    private static final String WINDOW =
            """
            {"design": {"format": "kwibbet-design", "version": 2, "name": "Window", "system": "inch",
                        "base": {"key": "folded", "papers": {"paper": "blue"}, "lengths": {"width": "5 in", "height": "7 in"}},
                        "additions": [], "run": {"make": 1, "spares": 0}},
             "way": "batch", "copies": 24}""";

    private final Inventory inventory;

    MakingController(Inventory inventory) {
        this.inventory = inventory;
    }

    /** A damaged document is a bad request; one in form of which no card can be made is unprocessable. */
    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "The steps of making a card in order, with what each waits for and why",
            description = "Papers and tools that are left out are those of the studio.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "A card and how it is made, as docs/formats.md describes it",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(WINDOW))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = MakingView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Something is not in form",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    @ApiResponse(
            responseCode = "422",
            description = "No card can be made of the design",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> make(@RequestBody String document) {
        Outcome<MakingRequest> read = MakingRequest.read(document, inventory.shelf(), inventory.toolbox());
        if (!(read instanceof Outcome.Made<MakingRequest> made)) {
            return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
        }
        MakingRequest request = made.value();
        Materials materials =
                new Materials(request.shelf(), request.tools().trimmer().graduation());
        Outcome<Card> card = CardMaker.make(request.line().design(), materials);
        if (!(card instanceof Outcome.Made<Card> one)) {
            List<Refusal> reasons = card.reasons().stream()
                    .map(reason -> new Refusal("/design: " + reason.field(), reason.message()))
                    .toList();
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(RefusedView.of(reasons));
        }
        RunLine line = new RunLine(one.value(), request.line().copies());
        PressPlan press = PressPlan.of(List.of(line), request.tools());
        return ResponseEntity.ok(MakingView.of(Making.of(one.value(), press, request.way())));
    }
}

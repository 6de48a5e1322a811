package kwibbet.app.api;

import java.util.List;

import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

import kwibbet.app.store.Inventory;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Features;
import kwibbet.formats.document.DesignDocument;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.review.Review;

/** What can be made, and what a design comes to. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
@OpenAPIDefinition(info = @Info(title = "Kwibbet", version = "1"))
@Tag(name = "Cards", description = "What can be made, and what a design comes to. Nothing is kept.")
class ApiController {

    private static final int LARGEST = 1_000_000;
    private static final String SMALLEST =
            """
            {"format": "kwibbet-design", "version": 2, "name": "Plain gate", "system": "inch",
             "base": {"key": "gate", "papers": {}, "lengths": {"width": "5 in", "height": "7 in"}},
             "additions": [], "run": {"make": 1, "spares": 0}}""";

    private final Inventory inventory;

    ApiController(Inventory inventory) {
        this.inventory = inventory;
    }

    /**
     * Why a design was refused.
     *
     * @param reasons all that is wrong, at least one
     */
    @Schema(name = "Refused")
    record RefusedView(List<ReasonView> reasons) {
        static RefusedView of(List<Refusal> reasons) {
            return new RefusedView(reasons.stream()
                    .map(reason -> new ReasonView(reason.field(), reason.message()))
                    .toList());
        }
    }

    /**
     * One thing that is wrong.
     *
     * @param field where: a JSON pointer where the document is damaged, otherwise the key of a parameter, after the id of an
     *     addition and a dot where it is one of an addition
     * @param message what is wrong and what would be right
     */
    @Schema(name = "Reason")
    record ReasonView(String field, String message) {}

    @GetMapping("/bases")
    @Operation(summary = "Every base, with its parameters and their ranges")
    List<CraftView> bases() {
        return Bases.ALL.stream().map(CraftView::of).toList();
    }

    @GetMapping("/features")
    @Operation(summary = "Every feature, with its parameters and their ranges")
    List<CraftView> features() {
        return Features.ALL.stream().map(CraftView::of).toList();
    }

    /** A damaged document is a bad request; one in form of which no card can be made is unprocessable. */
    @PostMapping(path = "/cards", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "The card of a design: all pieces, scores, joins and findings",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "A design document, as docs/formats.md describes it",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(SMALLEST))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = CardView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "The document is damaged, or of a newer version",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    @ApiResponse(
            responseCode = "422",
            description = "No card can be made of it",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> card(@RequestBody String design) {
        if (design.length() > LARGEST) {
            return ResponseEntity.badRequest()
                    .body(RefusedView.of(List.of(new Refusal("", "A design document is at most 1 MB."))));
        }
        var read = DesignDocument.read(design);
        if (!read.reasons().isEmpty()) {
            return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
        }
        Outcome<Card> card = CardMaker.make(read.orThrow().design(), inventory.materials());
        return card instanceof Outcome.Made<Card> made
                ? ResponseEntity.ok(CardView.of(made.value(), Review.of(made.value())))
                : ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(RefusedView.of(card.reasons()));
    }
}

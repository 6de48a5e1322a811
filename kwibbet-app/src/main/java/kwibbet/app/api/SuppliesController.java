package kwibbet.app.api;

import java.math.BigDecimal;
import java.util.List;

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
import kwibbet.formats.document.SuppliesRequest;
import kwibbet.kit.Purchase;
import kwibbet.outcome.Outcome;

/** What has to be bought, in packs. */
@RestController
@RequestMapping(path = "/api/supplies", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Supplies", description = "What has to be bought, in packs. Nothing is kept.")
class SuppliesController {

    private static final String LINES =
            """
            {"lines": [{"name": "magnets", "need": 26, "onHand": 4, "reserved": 2, "pack": 20, "cents": 350},
                       {"name": "tape, in", "need": 840.5, "onHand": 1000, "pack": 360}]}""";

    /**
     * Something that is needed; amounts are in the unit of the request.
     *
     * @param name what it is called
     * @param need how much is needed
     * @param missing how much of that there is not
     * @param packs how many packs are to be bought
     * @param left what is left of them
     * @param lastHardlyUsed whether the last one is bought for a quarter of it or less
     * @param cents what they cost
     */
    record SupplyView(
            String name,
            BigDecimal need,
            BigDecimal missing,
            long packs,
            BigDecimal left,
            boolean lastHardlyUsed,
            long cents) {
        static SupplyView of(SuppliesRequest.Line line) {
            Purchase purchase = line.purchase();
            return new SupplyView(
                    line.name(),
                    purchase.need(),
                    purchase.missing(),
                    purchase.packs(),
                    purchase.left(),
                    purchase.isLastHardlyUsed(),
                    purchase.cost());
        }
    }

    /**
     * All of it.
     *
     * @param lines in the order of the request
     * @param cents what all packs cost
     */
    record SuppliesView(List<SupplyView> lines, long cents) {
        /** Copies the lines. */
        SuppliesView {
            lines = List.copyOf(lines);
        }
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "What is missing, how many packs that is, and what they cost",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "What is needed, as docs/formats.md describes it",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(LINES))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = SuppliesView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Something is not in form",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> supplies(@RequestBody String document) {
        Outcome<SuppliesRequest> read = SuppliesRequest.read(document);
        if (read instanceof Outcome.Made<SuppliesRequest> made) {
            List<SupplyView> lines =
                    made.value().lines().stream().map(SupplyView::of).toList();
            return ResponseEntity.ok(new SuppliesView(
                    lines, lines.stream().mapToLong(SupplyView::cents).sum()));
        }
        return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
    }
}

package kwibbet.app.api;

import java.util.ArrayList;
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
import kwibbet.bench.JointPlan;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Materials;
import kwibbet.card.RunLine;
import kwibbet.cutting.Budget;
import kwibbet.formats.document.PlanRequest;
import kwibbet.layout.KnownPlans;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;

/** How a run of some cards is cut, scored and pressed. */
@RestController
@RequestMapping(path = "/api/plans", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Plans", description = "How a run of some cards is cut, scored and pressed. Nothing is kept.")
class PlansController {

    private static final String GATE =
            """
            {"unit": "in",
             "lines": [{"design": {"format": "kwibbet-design", "version": 2, "name": "Plain gate", "system": "inch",
                                   "base": {"key": "gate", "papers": {"paper": "blue"}, "lengths": {"width": "5 in", "height": "7 in"}},
                                   "additions": [], "run": {"make": 1, "spares": 0}},
                        "copies": 24, "spares": 2}],
             "papers": [{"id": "blue", "width": "12", "height": "12", "onHand": 30, "cents": 40}],
             "tools": {"trimmer": {"longestCut": "12", "marks": "1/16"}}, "budget": 2}""";

    private final Inventory inventory;

    PlansController(Inventory inventory) {
        this.inventory = inventory;
    }

    /** A damaged document is a bad request; one in form of which no card can be made is unprocessable. */
    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "The layouts, parts, settings and loads of a run, with what no plan does better",
            description = "Papers and tools that are left out are those of the studio.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "A run, as docs/formats.md describes it",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(GATE))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = PlanView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Something is not in form",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    @ApiResponse(
            responseCode = "422",
            description = "No card can be made of a design",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> plan(@RequestBody String document) {
        Outcome<PlanRequest> read = PlanRequest.read(document, inventory.shelf(), inventory.toolbox());
        if (!(read instanceof Outcome.Made<PlanRequest> made)) {
            return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
        }
        PlanRequest request = made.value();
        Materials materials =
                new Materials(request.shelf(), request.tools().trimmer().graduation());
        List<RunLine> lines = new ArrayList<>();
        List<Refusal> reasons = new ArrayList<>();
        for (int line = 0; line < request.lines().size(); line++) {
            PlanRequest.Line wanted = request.lines().get(line);
            Outcome<Card> card = CardMaker.make(wanted.design(), materials);
            if (card instanceof Outcome.Made<Card> one) {
                lines.add(new RunLine(one.value(), wanted.copies()));
            }
            for (Refusal reason : card.reasons()) {
                reasons.add(new Refusal("/lines/" + line + "/design: " + reason.field(), reason.message()));
            }
        }
        if (!reasons.isEmpty()) {
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(RefusedView.of(reasons));
        }
        JointPlan plan = JointPlan.of(
                lines,
                request.shelf(),
                request.thrift(),
                request.tools(),
                KnownPlans.NONE,
                Budget.about(request.time()));
        return ResponseEntity.ok(PlanView.of(plan.run()));
    }
}

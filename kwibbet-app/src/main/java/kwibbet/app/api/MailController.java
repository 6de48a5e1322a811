package kwibbet.app.api;

import java.util.List;
import java.util.Optional;

import com.fasterxml.jackson.annotation.JsonInclude;
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
import kwibbet.card.base.SquareEnvelope;
import kwibbet.formats.document.MailRequest;
import kwibbet.mail.Envelope;
import kwibbet.mail.Postage;
import kwibbet.mail.Weight;
import kwibbet.outcome.Outcome;

/** What a card is mailed in. */
@RestController
@RequestMapping(path = "/api/mail", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Mail", description = "Which envelopes take a card, and what sending it costs. Nothing is kept.")
class MailController {

    private static final String CARD =
            """
            {"unit": "in", "width": "5", "height": "7", "thickness": "1/8", "grams": 18.5, "lumpy": true}""";

    /**
     * An envelope that takes it.
     *
     * @param name what it is called
     * @param width its longer side
     * @param height its shorter side
     * @param grams what it weighs with what is in it
     * @param square whether it is nearly square
     * @param rate the cheapest rate; left out where none takes it
     * @param cents what that costs with all that is added
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record EnvelopeView(
            String name,
            String width,
            String height,
            double grams,
            boolean square,
            Optional<String> rate,
            Optional<Integer> cents) {
        static EnvelopeView of(Envelope envelope, MailRequest request) {
            double grams = request.sent().grams() + Weight.ofEnvelope(envelope.size());
            Postage.Item item = new Postage.Item(
                    envelope.size(),
                    request.sent().enclosure().thick(),
                    grams,
                    request.sent().isStiff(),
                    request.sent().isLumpy());
            Optional<Postage.Charge> charge = request.postage().of(item);
            return new EnvelopeView(
                    envelope.name(),
                    envelope.size().width().toString(),
                    envelope.size().height().toString(),
                    grams,
                    item.isSquare(),
                    charge.map(each -> each.rate().name()),
                    charge.map(Postage.Charge::cents));
        }
    }

    /**
     * An envelope folded from a square that lies on its corner.
     *
     * @param side the side of the square
     * @param sides from the left and the right corner, along both edges, so far to the marks of a fold
     * @param flaps the same from the upper and the lower corner
     * @param overlap how far the upper flap reaches over the lower
     * @param envelope it with what is in it
     */
    record SquareView(String side, String sides, String flaps, String overlap, EnvelopeView envelope) {
        static SquareView of(MailRequest request) {
            SquareEnvelope.Sheet fold = request.sent().enclosure().square(request.system());
            return new SquareView(
                    fold.side().toString(),
                    fold.sides().toString(),
                    fold.flaps().toString(),
                    fold.overlap().toString(),
                    EnvelopeView.of(new Envelope("folded from a square", fold.envelope()), request));
        }
    }

    /**
     * All of it.
     *
     * @param envelopes those that take it, the smallest first
     * @param square one folded from a square
     */
    record MailView(List<EnvelopeView> envelopes, SquareView square) {
        /** Copies the envelopes. */
        MailView {
            envelopes = List.copyOf(envelopes);
        }
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(
            summary = "Envelopes that take a card, the smallest first, with weight and postage",
            description = "The postage table that is used where none is sent is invented.",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            description = "The shut card, as docs/formats.md describes it",
                            content = @Content(schema = @Schema(type = "object"), examples = @ExampleObject(CARD))))
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = MailView.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Something is not in form",
            content = @Content(schema = @Schema(implementation = RefusedView.class)))
    ResponseEntity<Object> mail(@RequestBody String document) {
        Outcome<MailRequest> read = MailRequest.read(document);
        if (!(read instanceof Outcome.Made<MailRequest> made)) {
            return ResponseEntity.badRequest().body(RefusedView.of(read.reasons()));
        }
        MailRequest request = made.value();
        return ResponseEntity.ok(new MailView(
                request.sent().enclosure().envelopes(request.envelopes()).stream()
                        .map(envelope -> EnvelopeView.of(envelope, request))
                        .toList(),
                SquareView.of(request)));
    }
}

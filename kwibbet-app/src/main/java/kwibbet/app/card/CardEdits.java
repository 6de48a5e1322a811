package kwibbet.app.card;

import java.util.Optional;

import org.springframework.stereotype.Component;

import kwibbet.app.web.Entries;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Fit;
import kwibbet.card.Layer;
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.outcome.Refusal;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** Turns a sent form into a changed design; what cannot be made is noted in the entries and changes nothing. */
@Component
class CardEdits {

    /** The base form: every parameter, the paper, and whether the fold follows the grain. */
    Optional<Design> base(Design design, Entries entries) {
        Settings settings = design.settings();
        for (Parameter parameter : design.base().parameters()) {
            if (parameter instanceof Parameter.OfLength length) {
                settings = settings.with(length, entries.length(length.key(), design.system()));
            } else if (parameter instanceof Parameter.OfChoice choice) {
                settings = settings.with(choice, entries.words(choice.key()));
            }
        }
        PaperId paper = paper(entries);
        return checked(design.withBase(settings, paper, entries.isTicked("foldAlongGrain")), entries, "");
    }

    /** A new mat on top of what lies on a face of the card. */
    Optional<Design> addMat(Card card, Entries entries) {
        Design design = card.design();
        Length border = entries.length("border", design.system());
        PaperId paper = paper(entries);
        Optional<Face> face = card.form().face(entries.words("face"));
        if (face.isEmpty()) {
            entries.refuse("face", "Choose where the mat goes.");
            return Optional.empty();
        }
        PieceId id = design.nextLayerId();
        String name = "Mat " + id.value().substring("mat-".length());
        Layer mat = new Layer(id, name, design.topOf(face.get()), new Fit.ByBorder(border), paper);
        return checked(design.plus(mat), entries, id.value());
    }

    /** The form of one layer. */
    Optional<Design> layer(Design design, Layer layer, Entries entries) {
        Fit fit = fit(design, entries);
        PaperId paper = paper(entries);
        Layer changed = new Layer(layer.id(), entries.words("name"), layer.host(), fit, paper);
        return checked(design.with(changed), entries, layer.id().value());
    }

    /** The design without a layer, if what sat on it still fits. */
    Optional<Design> without(Design design, Layer layer, Entries entries) {
        return checked(design.without(layer.id()), entries, "");
    }

    private static Fit fit(Design design, Entries entries) {
        if (entries.words("fit").equals("border")) {
            return new Fit.ByBorder(entries.length("border", design.system()));
        }
        return new Fit.BySize(new Size(positive(design, entries, "width"), positive(design, entries, "height")));
    }

    private static Length positive(Design design, Entries entries, String field) {
        Length length = entries.length(field, design.system());
        if (!length.isPositive()) {
            entries.refuse(field, "It must be more than 0.");
            return Length.ofInches(1);
        }
        return length;
    }

    Optional<Design> run(Design design, Entries entries) {
        Run run = new Run(entries.wholeNumber("make"), entries.wholeNumber("spares"));
        return checked(design.withRun(run), entries, "");
    }

    Optional<Design> name(Design design, Entries entries) {
        return checked(design.withName(entries.words("name")), entries, "");
    }

    private static PaperId paper(Entries entries) {
        if (entries.words("paper").isEmpty()) {
            entries.refuse("paper", "Choose a paper.");
            return new PaperId("none");
        }
        return new PaperId(entries.words("paper"));
    }

    /**
     * The design if a card can be made of it.
     *
     * @param inHand the layer whose form was sent, so that what is wrong with it is said beside its own fields
     */
    private static Optional<Design> checked(Design changed, Entries entries, String inHand) {
        if (!entries.areGood()) {
            return Optional.empty();
        }
        entries.refuse(CardMaker.make(changed).reasons().stream()
                .map(reason -> placed(reason, inHand))
                .toList());
        return entries.areGood() ? Optional.of(changed) : Optional.empty();
    }

    /** Where another layer no longer fits, that is said at the form as a whole; the message names the layer. */
    private static Refusal placed(Refusal reason, String inHand) {
        String own = inHand + ".";
        if (!inHand.isEmpty() && reason.field().startsWith(own)) {
            return reason.at(reason.field().substring(own.length()));
        }
        return reason.field().contains(".") ? reason.at("form") : reason;
    }
}

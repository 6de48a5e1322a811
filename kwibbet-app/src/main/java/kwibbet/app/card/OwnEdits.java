package kwibbet.app.card;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.app.web.Entries;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.OwnMaking;
import kwibbet.card.OwnMaking.Order;
import kwibbet.card.OwnMaking.Telling;
import kwibbet.card.OwnStep;
import kwibbet.card.PieceId;
import kwibbet.card.Side;
import kwibbet.making.Does;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Wait;

/** What a maker changes about how a card is made, as its forms say it. Each gives the changed design, or notes what is wrong and gives nothing. */
final class OwnEdits {

    static final String FORM = "own";
    static final List<String> FIELDS = List.of("own-words", "own-with", "own-minutes", "own-drying", "say");

    private final Making making;
    private final Entries entries;

    private OwnEdits(Making making, Entries entries) {
        this.making = making;
        this.entries = entries;
    }

    /** What a form asks for. */
    static Optional<Design> edit(Making making, Entries entries) {
        OwnEdits edits = new OwnEdits(making, entries);
        Optional<OwnMaking> changed =
                switch (entries.words("change")) {
                    case "add" -> edits.add();
                    case "remove" -> Optional.of(edits.own().without(entries.words("step")));
                    case "say" -> edits.say();
                    case "leave-out" -> edits.told(edits.toldWith(entries.words("step")), "");
                    case "as-usual" -> Optional.of(edits.own().toldAsUsual(entries.words("step")));
                    case "together" -> edits.together();
                    case "now" -> edits.now();
                    case "any-order" ->
                        Optional.of(edits.own().without(new Order(entries.words("first"), entries.words("then"))));
                    default -> {
                        entries.refuse("form", "There is no such change.");
                        yield Optional.empty();
                    }
                };
        return entries.areGood() ? changed.map(edits.design()::with) : Optional.empty();
    }

    private Design design() {
        return making.card().design();
    }

    private OwnMaking own() {
        return design().own();
    }

    private Card card() {
        return making.card();
    }

    /** A step more, wherever it fits, or right before or after the one in hand. */
    private Optional<OwnMaking> add() {
        String words = entries.words("own-words");
        String with = entries.words("own-with");
        if (words.isBlank() || words.length() > OwnStep.LONGEST) {
            entries.refuse("own-words", "Say what to do, in 1 to " + OwnStep.LONGEST + " letters.");
        }
        if (with.length() > OwnStep.LONGEST_WITH) {
            entries.refuse("own-with", "Say with what in up to " + OwnStep.LONGEST_WITH + " letters.");
        }
        int minutes = minutes("own-minutes", OwnStep.MOST_MINUTES);
        int drying = minutes("own-drying", OwnStep.MOST_DRYING);
        Optional<PieceId> piece = card().pieces().stream()
                .filter(each -> entries.words("own-place").startsWith(each.id().value() + " "))
                .map(each -> each.id())
                .findFirst();
        if (piece.isEmpty()) {
            entries.refuse("form", "That piece is not there any more: choose another.");
        }
        if (!entries.areGood() || piece.isEmpty()) {
            return Optional.empty();
        }
        Side face = Stream.of(Side.values())
                .filter(side -> entries.words("own-place").endsWith(" " + side.name()))
                .findFirst()
                .orElse(Side.UP);
        OwnStep step = new OwnStep(own().nextId(), piece.get(), face, words, with, minutes, drying);
        OwnMaking more = own().plus(step);
        String beside = entries.words("step");
        return Optional.of(
                switch (entries.words("own-when").toLowerCase(Locale.ROOT)) {
                    case "before" -> more.ordered(step.id(), beside);
                    case "after" -> more.ordered(beside, step.id());
                    default -> more;
                });
    }

    private int minutes(String field, int most) {
        if (entries.words(field).isBlank()) {
            return 0;
        }
        int minutes = entries.wholeNumber(field);
        if (minutes < 0 || minutes > most) {
            entries.refuse(field, "It is 0 to " + most + " minutes.");
        }
        return minutes;
    }

    private Optional<OwnMaking> say() {
        String words = entries.words("say");
        if (words.isBlank() || words.length() > OwnStep.LONGEST) {
            entries.refuse("say", "Say it in 1 to " + OwnStep.LONGEST + " letters.");
            return Optional.empty();
        }
        return told(toldWith(entries.words("step")), words);
    }

    /** The steps that are told as one with a step. */
    private List<String> toldWith(String id) {
        return making.told().stream()
                .filter(told -> told.steps().stream().anyMatch(step -> step.id().equals(id)))
                .findFirst()
                .map(told -> told.steps().stream().map(Operation::id).toList())
                .orElse(List.of(id));
    }

    private Optional<OwnMaking> told(List<String> steps, String words) {
        return Optional.of(own().told(new Telling(steps, words)));
    }

    /** The step in hand and the next are one from now on, in the words of both. */
    private Optional<OwnMaking> together() {
        List<Making.Told> told = making.told();
        List<String> steps = toldWith(entries.words("step"));
        for (int at = 0; at + 1 < told.size(); at++) {
            if (told.get(at).steps().stream().map(Operation::id).toList().equals(steps)) {
                List<String> both = Stream.concat(
                                steps.stream(),
                                told.get(at + 1).steps().stream().map(Operation::id))
                        .toList();
                String words = told.get(at).sentence(design().system()).text() + " "
                        + told.get(at + 1).sentence(design().system()).text();
                if (words.length() > OwnStep.LONGEST) {
                    entries.refuse("say", "Together they are too long: say the one in hand shorter first.");
                    return Optional.empty();
                }
                return told(both, words);
            }
        }
        entries.refuse("say", "Nothing comes after it.");
        return Optional.empty();
    }

    /** A later step is done before the one in hand, unless that has to be done first: then it is said what is in the way, and why. */
    private Optional<OwnMaking> now() {
        Optional<Operation> later = making.find(entries.words("step"));
        // While something dries, something else can be done before what waits for it.
        Optional<Operation> inHand = making.find(entries.words("in-hand"))
                .flatMap(each -> each.does() == Does.DRY ? making.following(each) : Optional.of(each));
        if (later.isEmpty() || inHand.isEmpty()) {
            entries.refuse("form", "That step is not there any more.");
            return Optional.empty();
        }
        List<Wait> way = making.inTheWay(inHand.get(), later.get());
        if (way.isEmpty()) {
            return Optional.of(own().ordered(later.get().id(), inHand.get().id()));
        }
        entries.refuse("form", "That cannot come first. " + making.words(way));
        return Optional.empty();
    }
}

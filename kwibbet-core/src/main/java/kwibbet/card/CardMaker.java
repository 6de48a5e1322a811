package kwibbet.card;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Size;

/** Derives a card from its design. */
public final class CardMaker {

    private static final int MOST_ADDITIONS = 60;
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_NOTES = 4_000;
    private static final Length LONGEST_SIDE = Length.ofInches(48);

    private CardMaker() {}

    /**
     * The card, or all that stands in its way. The fields of the refusals are the keys of the base's parameters, or those
     * of an addition after its id and a dot, or {@code name}, {@code notes} and {@code additions}, or {@code form} for what belongs to no entry.
     *
     * @param design what is wanted
     * @param materials what its papers are
     */
    public static Outcome<Card> make(Design design, Materials materials) {
        return make(design, materials, new Remaking(materials));
    }

    static Outcome<Card> make(Design design, Materials materials, Remaking remaking) {
        List<Refusal> reasons = new ArrayList<>();
        if (!isName(design.name())) {
            reasons.add(new Refusal("name", "Give the card a name of 1 to " + LONGEST_NAME + " letters."));
        }
        if (design.notes().length() > LONGEST_NOTES) {
            reasons.add(new Refusal("notes", "Notes can be " + LONGEST_NOTES + " letters long."));
        }
        if (design.additions().size() > MOST_ADDITIONS) {
            reasons.add(new Refusal("additions", "A card can hold " + MOST_ADDITIONS + " additions."));
        }
        Growth growth = Growth.of(design);
        Settings settings = growth.ofBase(design.base(), design.settings());
        reasons.addAll(outOfRange(design.base(), settings, design.system()));
        if (!reasons.isEmpty()) {
            return Outcome.refused(reasons);
        }
        Brief brief = new Brief(settings, design.papers(), design.system(), materials);
        Outcome<Form> folded = design.base().form(brief).then(form -> sized(form, design.system()));
        if (!folded.reasons().isEmpty()) {
            return Outcome.refused(folded.reasons().stream()
                    .map(reason -> asked(reason, design.base(), settings))
                    .toList());
        }
        return folded.then(form -> new Assembly(design, materials, form.uprighted(), growth, remaking).build());
    }

    /** What is wrong with something that is not asked as the rest is set is said at the form as a whole. */
    static Refusal asked(Refusal reason, Craft craft, Settings settings) {
        boolean shown = List.of("form", "on", "name").contains(reason.field())
                || craft.asked(settings).stream()
                        .anyMatch(parameter -> parameter.key().equals(reason.field()));
        return shown ? reason : reason.at("form");
    }

    static boolean isName(String name) {
        return !name.isBlank() && name.length() <= LONGEST_NAME;
    }

    /** What is larger than any sheet there is can neither be bought nor cut. */
    private static Outcome<Form> sized(Form form, MeasureSystem system) {
        for (Piece piece : form.pieces()) {
            Size size = piece.size();
            if (Length.max(size.width(), size.height()).isLongerThan(LONGEST_SIDE)) {
                return Outcome.refused(
                        "width",
                        piece.name() + " would be " + Figure.of(Length.max(size.width(), size.height()), system)
                                + " long. No sheet is longer than " + Figure.of(system.mostSaid(LONGEST_SIDE), system)
                                + ".");
            }
        }
        return Outcome.made(form);
    }

    /** Every parameter that is set outside its range; the fields are the keys of the parameters. */
    static List<Refusal> outOfRange(Craft craft, Settings settings, MeasureSystem system) {
        return craft.asked(settings).stream()
                .flatMap(parameter -> outOfRange(parameter, settings, system))
                .toList();
    }

    private static Stream<Refusal> outOfRange(Parameter parameter, Settings settings, MeasureSystem system) {
        if (parameter instanceof Parameter.OfLength range) {
            Length length = settings.length(range);
            boolean within = !length.isShorterThan(range.least()) && !length.isLongerThan(range.most());
            return refusal(
                    within,
                    range,
                    () -> " must be "
                            + Figure.of(system.leastSaid(range.least()), system).text() + " to "
                            + Figure.of(system.mostSaid(range.most()), system) + ", not " + Figure.of(length, system)
                            + ".");
        }
        if (parameter instanceof Parameter.OfCount range) {
            int count = settings.count(range);
            boolean within = count >= range.least() && count <= range.most();
            return refusal(
                    within, range, () -> " must be " + range.least() + " to " + range.most() + ", not " + count + ".");
        }
        Parameter.OfChoice choice = (Parameter.OfChoice) parameter;
        String chosen = settings.choice(choice);
        return refusal(choice.allows(chosen, settings), choice, () -> " cannot be “" + chosen + "”.");
    }

    private static Stream<Refusal> refusal(boolean holds, Parameter parameter, Supplier<String> words) {
        return holds ? Stream.of() : Stream.of(new Refusal(parameter.key(), parameter.label() + words.get()));
    }
}

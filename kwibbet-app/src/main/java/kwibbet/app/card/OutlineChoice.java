package kwibbet.app.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.app.store.KeptOutline;
import kwibbet.card.Craft;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.outline.OwnShape;

/** An outline of the maker's own among the shapes of a list: the one a card has, and those that are kept for any card. */
final class OutlineChoice {

    private static final String KEPT = "outline:";

    private OutlineChoice() {}

    /** The ways of a choice with the outlines after them; the one the card has is there once. */
    static List<Parameter.Choice> ways(Parameter.OfChoice choice, Settings settings, List<KeptOutline> outlines) {
        List<Parameter.Choice> ways = new ArrayList<>(choice.choices());
        if (choice.takesOwn()) {
            Optional<OwnShape> present = settings.outline(choice);
            present.ifPresent(own -> ways.add(new Parameter.Choice(Parameter.OfChoice.OWN, own.words())));
            outlines.stream()
                    .filter(kept -> !present.equals(Optional.of(kept.shape())))
                    .map(kept -> new Parameter.Choice(KEPT + kept.id(), called(kept.shape(), present)))
                    .forEach(ways::add);
        }
        return ways;
    }

    /** An outline that was changed since the card took it stands beside the one the card has. */
    private static String called(OwnShape kept, Optional<OwnShape> present) {
        boolean same = present.filter(own -> own.words().equals(kept.words())).isPresent();
        return same ? kept.words() + ", as it is now" : kept.words();
    }

    /** The outline a form names, if it names one that is kept. */
    static Optional<OwnShape> of(String way, List<KeptOutline> outlines) {
        return outlines.stream()
                .filter(kept -> way.equals(KEPT + kept.id()))
                .map(KeptOutline::shape)
                .findFirst();
    }

    /** With an outline chosen: as large as it was drawn, where the size is one of its own. */
    static Settings chosen(Craft craft, Settings settings, Parameter.OfChoice choice, OwnShape outline) {
        return craft.cutTo(settings, outline.asDrawn())
                .filter(cut -> cut.outline(choice).isPresent())
                .orElseGet(() -> settings.with(choice, outline));
    }
}

package kwibbet.app.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.app.store.KeptOutline;
import kwibbet.artwork.Artwork;
import kwibbet.card.Craft;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.outline.OwnShape;

/** Something of the maker's own among the ways of a list: an outline or a picture, the one a card has and those that are kept for any card. */
final class OwnChoice {

    private static final String KEPT = "outline:";
    private static final String PICTURE = "picture:";

    private OwnChoice() {}

    /** The ways of a choice with those of the maker's own after them; the one the card has is there once. */
    static List<Parameter.Choice> ways(Parameter.OfChoice choice, Settings settings, OwnThings own) {
        List<Parameter.Choice> ways = new ArrayList<>(choice.choices());
        if (choice.takesArtwork()) {
            ways.addAll(artworks(settings.artwork(choice), own.artworks()));
        }
        if (choice.takesOutline()) {
            Optional<OwnShape> present = settings.outline(choice);
            present.ifPresent(shape -> ways.add(new Parameter.Choice(Parameter.OfChoice.OWN, shape.words())));
            own.outlines().stream()
                    .filter(kept -> !present.equals(Optional.of(kept.shape())))
                    .map(kept -> new Parameter.Choice(KEPT + kept.id(), called(kept.shape(), present)))
                    .forEach(ways::add);
        }
        return ways;
    }

    private static List<Parameter.Choice> artworks(Optional<Artwork> present, List<Artwork> kept) {
        List<Parameter.Choice> ways = new ArrayList<>();
        present.ifPresent(artwork -> ways.add(new Parameter.Choice(Parameter.OfChoice.OWN, artwork.name())));
        kept.stream()
                .filter(artwork -> present.map(Artwork::id)
                        .filter(id -> id.equals(artwork.id()))
                        .isEmpty())
                .map(artwork -> new Parameter.Choice(PICTURE + artwork.id().value(), artwork.name()))
                .forEach(ways::add);
        return ways;
    }

    /** The picture a form names, if it names one that is kept. */
    static Optional<Artwork> artwork(String way, List<Artwork> kept) {
        return kept.stream()
                .filter(artwork -> way.equals(PICTURE + artwork.id().value()))
                .findFirst();
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

package kwibbet.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.Site;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.Placing;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.review.Finding.Remedy;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Region;
import kwibbet.wording.Phrase;

/**
 * Tape is seen through the film it holds.
 *
 * <p>What holds a film to something shows through it from its free side, unless something that is not clear lies there: stuck on the film,
 * stuck over it to the same face, or what the film's own piece lies on.
 */
record TapeOnShow() implements Rule {

    /** Square inches of tape on show that nobody sees. */
    private static final double UNSEEN = 0.02;

    @Override
    public String key() {
        return "tape-on-show";
    }

    @Override
    public List<Finding> check(Card card) {
        List<Finding> findings = new ArrayList<>();
        for (Join join : card.joins()) {
            boolean upperClear = card.isClear(join.upper());
            boolean lowerClear = card.isClear(join.lower());
            if (upperClear == lowerClear || join.adhesive().isEmpty()) {
                continue;
            }
            List<Region> hiding = upperClear ? overUpper(card, join) : underLower(card, join);
            double shown = join.adhesive().stream()
                    .flatMap(tape -> Overlay.without(tape, hiding).stream())
                    .mapToDouble(Region::area)
                    .sum();
            if (shown > UNSEEN) {
                findings.add(finding(card, join, upperClear));
            }
        }
        return findings;
    }

    /** In the frame of the lower piece: what lies over a film that is stuck on it. */
    private static List<Region> overUpper(Card card, Join film) {
        Stream<Region> onFilm = card.joinsOn(film.upper()).stream()
                .filter(join -> join.side() == freeSide(film) && !card.isClear(join.upper()))
                .map(join -> area(card, join).in(film.placement()));
        Stream<Region> overFilm = card.joinsOn(film.lower()).stream()
                .filter(join -> join.side() == film.side() && !card.isClear(join.upper()))
                .map(join -> area(card, join));
        Stream<Region> beneath = card.join(film.lower()).stream()
                .filter(join -> join.touching() == film.side() && !card.isClear(join.lower()))
                .map(join -> Region.of(card.hostArea(join).in(join.placement().inverse())));
        return Stream.of(onFilm, overFilm, beneath).flatMap(each -> each).toList();
    }

    /** In the frame of the film: what lies on its other face. */
    private static List<Region> underLower(Card card, Join onFilm) {
        Side free = onFilm.side().opposite();
        Stream<Region> stuck = card.joinsOn(onFilm.lower()).stream()
                .filter(join -> join.side() == free && !card.isClear(join.upper()))
                .map(join -> area(card, join));
        Stream<Region> beneath = card.join(onFilm.lower()).stream()
                .filter(join -> join.touching() == free && !card.isClear(join.lower()))
                .map(join -> Region.of(card.hostArea(join).in(join.placement().inverse())));
        return Stream.concat(stuck, beneath).toList();
    }

    private static Side freeSide(Join film) {
        return film.touching().opposite();
    }

    private static Region area(Card card, Join join) {
        Panel panel = card.stuckPanel(join);
        return Region.of(panel.outline().in(join.placement()));
    }

    private Finding finding(Card card, Join join, boolean upperClear) {
        PieceId film = upperClear ? join.upper() : join.lower();
        Outline where = join.adhesive().get(0).outline();
        return finding(
                Severity.WARNING,
                join.lower(),
                where,
                Phrase.in(card.design().system())
                        .words(shows(join) + " through " + card.nameOf(film) + " where it holds "
                                + card.nameOf(upperClear ? join.lower() : join.upper())
                                + ". A layer over it hides it."),
                cover(card, join, film, upperClear));
    }

    private static String shows(Join join) {
        return switch (join.adhesion().kind()) {
            case GLUE -> "Liquid glue shows";
            case PEN -> "The line of the glue pen shows";
            case DOTS -> "Every glue dot shows";
            case FOAM -> "Foam tape shows";
            case PADS -> "Every foam pad shows";
            case OWN -> "The adhesive of the label shows";
            case TAPE, NONE, LOOSE -> "Tape shows";
        };
    }

    /** A strip over the tape, where the base offers a face for it. */
    private static Optional<Remedy> cover(Card card, Join join, PieceId film, boolean upperClear) {
        Side side = upperClear ? join.side() : join.side().opposite();
        PanelId panel = upperClear ? join.panel() : PanelId.of(film);
        Optional<Face> face = card.faces().stream()
                .filter(each -> each.panel().equals(panel) && each.side() == side)
                .findFirst();
        return face.map(each -> {
            Design design = card.design().settled();
            Mat mat = new Mat();
            Settings settings = upperClear ? Settings.PRESET.with(Mat.BORDER, Length.ZERO) : strip(card, join, each);
            Map<String, PaperId> papers = Map.of("paper", card.base().paper());
            Addition strip = design.next(mat, new Host.OnFace(each.id()), settings, papers)
                    .withName("Hides the tape");
            return new Remedy("add a layer that hides it", design.plus(strip));
        });
    }

    /** As large as what is stuck to the film, in the same place. */
    private static Settings strip(Card card, Join join, Face face) {
        Placement frame = Site.frameOn(card.panelOf(face.panel()), face);
        Outline zone = join.zone().in(frame.inverse());
        Point corner = zone.bounds().corner();
        Settings sized = Settings.PRESET
                .with(Mat.FIT, Mat.BY_SIZE)
                .with(Mat.WIDTH, zone.bounds().size().width())
                .with(Mat.HEIGHT, zone.bounds().size().height());
        return Placing.placed(sized, corner);
    }
}

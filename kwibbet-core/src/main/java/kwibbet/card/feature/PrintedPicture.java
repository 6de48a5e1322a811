package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.artwork.Artwork;
import kwibbet.card.Feature;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Parameter.Follows;
import kwibbet.card.Print;
import kwibbet.card.Settings;
import kwibbet.card.Site;
import kwibbet.card.Work;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;

/** A picture of the maker's own, printed at home on a face before its piece is cut. */
public record PrintedPicture() implements Feature {

    /** Which picture. */
    public static final Parameter.OfChoice PICTURE = new Parameter.OfChoice(
            "picture",
            "Picture",
            "What is printed; a picture of yours, or the one that comes along to try sizes with.",
            List.of(new Parameter.Choice("sample", Artwork.SAMPLE.name())),
            Parameter.Own.ARTWORK);
    /** How large. */
    public static final Parameter.OfChoice FIT = Parameter.OfChoice.of(
            "fit",
            "Size",
            "Filling, what is too much of it is cut off; whole, some of the paper may stay bare.",
            PrintedPicture.FILL,
            "fills the face",
            PrintedPicture.WHOLE,
            "whole, as large as it fits",
            PrintedPicture.SIZE,
            "so wide");
    /** How wide, where that is said. */
    public static final Parameter.OfLength WIDTH = Parameter.OfLength.fixed(
                    "width",
                    "Width",
                    "How wide the whole picture is printed; what reaches past the face is cut off.",
                    Length.ofInches(1, 4),
                    Length.ofInches(48),
                    Length.ofInches(3))
            .following(Follows.WIDTH);
    /** Which way up. */
    public static final Parameter.OfChoice TURN = Parameter.OfChoice.of(
            "turn",
            "Turned",
            "Which way up it is on the face, as that is looked at.",
            "0",
            "upright",
            "90",
            "a quarter, top to the right",
            "180",
            "upside down",
            "270",
            "a quarter, top to the left");
    /** How far it is printed past the edge. */
    public static final Parameter.OfLength BLEED = Shapes.length(
            "bleed",
            "Bleed",
            "How far it is printed past the edges that are cut, so that no white shows if a cut is a hair off; 0 for nothing.",
            "0",
            "1/4",
            "1/8");

    /** It fills the face. */
    public static final String FILL = "fill";
    /** All of it is seen. */
    public static final String WHOLE = "whole";
    /** So wide as is said. */
    public static final String SIZE = "size";

    @Override
    public String key() {
        return "print";
    }

    @Override
    public String title() {
        return "Printed picture";
    }

    @Override
    public String sentence() {
        return "A picture of your own, printed at home before the piece is cut.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(PICTURE, FIT, WIDTH, TURN));
        all.addAll(Placing.ALL);
        all.add(BLEED);
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(PICTURE, FIT));
        if (settings.is(FIT, SIZE)) {
            asked.add(WIDTH);
        }
        asked.add(TURN);
        asked.addAll(Placing.asked(settings));
        asked.add(BLEED);
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of();
    }

    /** The picture that is set. */
    public static Artwork artwork(Settings settings) {
        return settings.artwork(PICTURE).orElse(Artwork.SAMPLE);
    }

    @Override
    public Outcome<Work> work(Site site) {
        Settings settings = site.brief().settings();
        int turn = Integer.parseInt(settings.choice(TURN));
        boolean isTurned = turn % 180 != 0;
        Artwork artwork = artwork(settings);
        Length bleed = settings.length(BLEED);
        Size room = site.size();
        Size printed = size(artwork, settings, isTurned ? room.turned() : room);
        Size lying = isTurned ? printed.turned() : printed;
        Rect box = new Rect(corner(site, lying, bleed), lying);
        Optional<Outline> seen = Overlay.shared(site.room(), Region.of(Outline.of(box))).stream()
                .max(Comparator.comparingDouble(Region::area))
                .map(Region::outline);
        if (seen.isEmpty()) {
            return Outcome.refused(
                    settings.is(Placing.ACROSS, Placing.BY) ? Placing.FROM_LEFT.key() : Placing.FROM_TOP.key(),
                    "Nothing of the picture would be seen on the " + site.place() + ".");
        }
        Print print = new Print(artwork, printed, turned(box, turn), bleed);
        return Outcome.made(new Work.Collector()
                .zone(site.piece(), site.printed(seen.get(), print))
                .end());
    }

    private static Size size(Artwork artwork, Settings settings, Size room) {
        Length twice = settings.length(BLEED).multipliedBy(2);
        return switch (settings.choice(FIT)) {
            case SIZE -> artwork.ofWidth(settings.length(WIDTH));
            case WHOLE -> artwork.within(room);
            default ->
                artwork.covering(
                        new Size(room.width().plus(twice), room.height().plus(twice)));
        };
    }

    /** What fills a face and is flush with an edge is flush with what is printed past it. */
    private static Point corner(Site site, Size size, Length bleed) {
        Point corner = Placing.corner(site, size);
        boolean fills = site.brief().is(FIT, FILL);
        return fills
                ? corner.plus(
                        past(site.brief().choice(Placing.ACROSS), bleed),
                        past(site.brief().choice(Placing.DOWN), bleed))
                : corner;
    }

    private static Length past(String way, Length bleed) {
        return switch (way) {
            case Placing.START -> bleed.negated();
            case Placing.END -> bleed;
            default -> Length.ZERO;
        };
    }

    /** Where the frame of what fills a box lies once it is turned. */
    private static Placement turned(Rect box, int degrees) {
        Point origin =
                switch (degrees) {
                    case 90 -> new Point(box.right(), box.top());
                    case 180 -> new Point(box.right(), box.bottom());
                    case 270 -> new Point(box.left(), box.bottom());
                    default -> box.corner();
                };
        return new Placement(origin, degrees, false);
    }
}

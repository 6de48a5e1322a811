package kwibbet.press;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Cutter;
import kwibbet.card.PartCut;
import kwibbet.card.Score;
import kwibbet.measure.Length;
import kwibbet.shape.Axis;
import kwibbet.shape.CutShape;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.Die.Detail;
import kwibbet.tool.DiePass;
import kwibbet.tool.Sides.Pattern;
import kwibbet.tool.Stretch;

/** Finds the die that cuts a shape: one that has it, or a straight-sided one that can be stretched or shortened to it. */
final class DieSearch {

    /** So much of a shape, as a share, may differ where curves are drawn with other edges. */
    private static final double ALIKE = 2e-3;

    private static final List<Integer> QUARTERS = List.of(0, 90, 180, 270);

    /** A die that cuts more of the piece at once goes before all others. */
    private static final Comparator<DieUse> EASIEST = Comparator.comparingInt((DieUse use) ->
                    -use.also().inside().size() - use.also().creased().size())
            .thenComparing(use -> use.passes().size())
            .thenComparing(use -> use.die().detail())
            .thenComparing(use -> use.die().metal());

    private static final int QUARTER = 90;
    private static final int ROUND = 360;

    private final Want want;
    private final Rect box;
    private final double area;

    private DieSearch(Want want) {
        this.want = want;
        this.box = want.box();
        this.area = want.outline().area();
    }

    /** The die the maker wants, or else the one that takes the fewest passes; nothing where none can cut it, or none is to. */
    static Optional<DieUse> find(Want want, List<Die> dies, Cutter cutter) {
        List<DieUse> uses = cutter instanceof Cutter.ByHand ? List.of() : new DieSearch(want).uses(dies);
        return uses.stream()
                .filter(use -> cutter.equals(new Cutter.ByDie(use.die().id())))
                .findFirst()
                .or(() -> uses.stream().min(EASIEST));
    }

    private List<DieUse> uses(List<Die> dies) {
        List<DieUse> uses = new ArrayList<>();
        for (Die die : dies) {
            if (!suits(die)) {
                continue;
            }
            turns().flatMap(degrees -> use(die, degrees).stream()).findFirst().ifPresent(uses::add);
        }
        return uses;
    }

    /** Straight on the paper, or else aslant as the shape lies. */
    private Stream<Integer> turns() {
        Stream<Integer> aslant = Stream.of(0, 180, 90, 270)
                .filter(more -> want.degrees() % QUARTER != 0)
                .map(more -> (want.degrees() + more) % ROUND);
        return Stream.concat(QUARTERS.stream(), aslant);
    }

    /** A field of openings needs a die that cuts one; a patterned edge needs its pattern, and a plain one none that shows in its outline. */
    private boolean suits(Die die) {
        boolean intricate = die.detail() == Detail.INTRICATE;
        boolean byDetail =
                switch (want.role()) {
                    case FIELD -> intricate;
                    case OPENING, PAST_FOLD, HANGING -> !intricate;
                    case OUTLINE, EDGE -> true;
                };
        boolean plain = !die.sides().isPatterned() || die.sides().pattern() == Pattern.STITCHED;
        return byDetail
                && want.edge().map(pitch -> die.sides().pitch().equals(pitch)).orElse(plain);
    }

    private Optional<DieUse> use(Die die, int degrees) {
        if (degrees % QUARTER != 0) {
            boolean isWhole = want.part().isEmpty() || want.role() == Want.Role.EDGE;
            return isWhole && hasArea(die.shape()) && isAlike(die, degrees) ? whole(die, degrees) : Optional.empty();
        }
        Size size = degrees % 180 == 0 ? die.shape().size() : die.shape().size().turned();
        if (size.equals(box.size())) {
            return hasArea(die.shape()) && isAlike(die, degrees) ? whole(die, degrees) : Optional.empty();
        }
        boolean straight = die.shape().is(CutShape.Kind.RECTANGLE)
                && want.outline().isRectangle()
                && want.role() != Want.Role.FIELD
                && want.part().isEmpty();
        if (!straight) {
            return Optional.empty();
        }
        return run(size, box.size())
                .flatMap(run -> Stretch.passes(size.along(run), box.size().along(run), die.sides())
                        .map(passes -> DieUse.of(want, die, degrees, run, passes)));
    }

    /**
     * A die with the openings and scores of the piece that its inner lines make; nothing where one of them would cut or crease what is to stay whole. What falls out of an
     * opening may be cut as it likes.
     */
    private Optional<DieUse> whole(Die die, int degrees) {
        DieUse use = asItIs(die, degrees);
        if (want.role() == Want.Role.EDGE) {
            boolean isPlain =
                    die.shape().holes().isEmpty() && die.shape().creases().isEmpty();
            return Optional.of(use).filter(each -> isPlain);
        }
        if (want.role() == Want.Role.OPENING) {
            return Optional.of(use);
        }
        List<Want> openings = new ArrayList<>();
        for (Outline line : use.innerLines(DiePass.WHOLE)) {
            want.piece().openings().stream()
                    .filter(each -> isAlike(line, each.cutLine()))
                    .map(each -> Want.of(want.piece(), each))
                    .findFirst()
                    .ifPresent(openings::add);
        }
        Creases creases = new Creases(use.creaseLines(DiePass.WHOLE));
        List<Score> creased =
                want.piece().scores().stream().filter(creases::make).toList();
        boolean fits = openings.size() == die.shape().holes().size()
                && creases.allOn(want.piece().scores());
        return fits ? Optional.of(use.with(openings, creased)) : Optional.empty();
    }

    private DieUse asItIs(Die die, int degrees) {
        return want.part()
                .flatMap(part -> part instanceof PartCut.UnderPlate ? Optional.of(part.within()) : Optional.empty())
                .map(under -> upTo(die, degrees, under))
                .orElse(DieUse.of(want, die, degrees, Axis.VERTICAL, List.of(DiePass.WHOLE)));
    }

    /** The plate begins or ends where the cut does. */
    private DieUse upTo(Die die, int degrees, Rect under) {
        Axis run = under.size().width().equals(box.size().width()) ? Axis.VERTICAL : Axis.HORIZONTAL;
        Length start = box.start(run);
        Length from = under.start(run);
        Length to = under.end(run);
        DiePass pass = new DiePass(
                Length.ZERO,
                from.equals(start) ? Optional.empty() : Optional.of(from.minus(start)),
                to.equals(box.end(run)) ? Optional.empty() : Optional.of(to.minus(start)));
        return DieUse.of(want, die, degrees, run, List.of(pass));
    }

    /** The direction in which two sizes differ; nothing where they do in both. */
    private static Optional<Axis> run(Size one, Size other) {
        if (one.width().equals(other.width())) {
            return Optional.of(Axis.VERTICAL);
        }
        return one.height().equals(other.height()) ? Optional.of(Axis.HORIZONTAL) : Optional.empty();
    }

    /** Outlines take long to lay over each other; few shapes have the same area. */
    private boolean hasArea(CutShape shape) {
        return Math.abs(shape.area() - area) <= 2 * ALIKE * area;
    }

    /** The same corners are the same shape; those of one curve can be others, so that what they share has to tell. */
    private boolean isAlike(Die die, int degrees) {
        return isAlike(DieUse.turnedInto(die.shape().outline(), degrees, box.corner()), want.outline());
    }

    private static boolean isAlike(Outline laid, Outline wanted) {
        return new HashSet<>(laid.corners()).equals(new HashSet<>(wanted.corners()))
                || Overlay.sharedArea(Region.of(laid), Region.of(wanted))
                        > Math.max(laid.area(), wanted.area()) * (1 - ALIKE);
    }

    /** Of the dies of the same shape, the one nearest in size. */
    static Optional<Die> nearest(Want want, List<Die> dies) {
        return want.shape().flatMap(shape -> dies.stream()
                .filter(die -> die.shape().is(shape.look()))
                .min(Comparator.comparing(die -> off(die.shape().size(), shape.size()))));
    }

    private static Length off(Size one, Size other) {
        return one.width()
                .minus(other.width())
                .abs()
                .plus(one.height().minus(other.height()).abs());
    }

    /** Where a die can be laid so that its metal stays clear of another's, or wholly within its cut. */
    static boolean canBeTaped(DieUse one, DieUse other) {
        return isWithin(one, other)
                || isWithin(other, one)
                || !one.metal(DiePass.WHOLE).overlaps(other.metal(DiePass.WHOLE))
                || !Overlay.overlap(one.rim(DiePass.WHOLE), other.rim(DiePass.WHOLE));
    }

    /** Whether the metal of a die lies wholly within what another cuts out. */
    private static boolean isWithin(DieUse inner, DieUse outer) {
        return outer.cut(DiePass.WHOLE).contains(inner.metal(DiePass.WHOLE))
                && Overlay.contains(Region.of(outer.cutLine(DiePass.WHOLE)), inner.rim(DiePass.WHOLE));
    }
}

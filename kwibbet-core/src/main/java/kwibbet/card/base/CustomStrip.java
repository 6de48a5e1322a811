package kwibbet.card.base;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Strip.Crease;
import kwibbet.card.base.Strip.Leaf;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Size;

/**
 * Any strip of panels, each of its own width, each crease a valley, a mountain or only scored.
 *
 * <p>The last panel lies still; the creases are folded from the first to the last.
 */
public record CustomStrip() implements ParallelFoldBase {

    private static final int MOST = 8;

    /** How many panels. */
    public static final Parameter.OfCount PANELS =
            new Parameter.OfCount("panels", "Panels", "How many panels lie side by side.", 2, MOST, 4);
    /** The widths, from the first panel on. */
    public static final List<Parameter.OfLength> WIDTHS =
            IntStream.rangeClosed(1, MOST).mapToObj(CustomStrip::width).toList();
    /** The creases, from the first on. */
    public static final List<Parameter.OfChoice> FOLDS =
            IntStream.range(1, MOST).mapToObj(CustomStrip::fold).toList();

    /** What the flat strip is cut to. */
    public static final Parameter.OfChoice SHAPE = new Parameter.OfChoice(
            "shape",
            "Outline",
            "What the flat strip is cut to. One of your own that is creased says where its scores are.",
            Stream.of(CutShape.Kind.values()).map(Parameter.Choice::of).toList(),
            Parameter.Own.OUTLINE);

    private static final Length NARROWEST = Length.ofInches(1, 4);

    private static Parameter.OfLength width(int number) {
        return CardSides.length(
                        "panel" + number,
                        "Panel " + number,
                        "0 for as wide as the shut card.",
                        Length.ZERO,
                        CardSides.WIDEST,
                        Length.ZERO)
                .following(Parameter.Follows.WIDTH);
    }

    private static Parameter.OfChoice fold(int number) {
        return Parameter.OfChoice.of(
                "fold" + number,
                "Score " + number,
                "Which way panels " + number + " and " + (number + 1) + " fold.",
                "valley",
                "valley",
                "mountain",
                "mountain",
                "flat",
                "stays flat");
    }

    @Override
    public String key() {
        return "custom";
    }

    @Override
    public String title() {
        return "Your own strip";
    }

    @Override
    public String sentence() {
        return "Any panels side by side, folded either way.";
    }

    @Override
    public List<Parameter> parameters() {
        return Stream.of(
                        Stream.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, SHAPE, PANELS),
                        WIDTHS.stream(),
                        FOLDS.stream())
                .<Parameter>flatMap(each -> each)
                .toList();
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        Optional<List<Length>> creased = creased(settings);
        int count = creased.map(List::size).orElse(Math.min(MOST, Math.max(2, settings.count(PANELS))));
        return Stream.of(
                        Stream.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, SHAPE),
                        creased.isPresent() ? Stream.<Parameter>of() : Stream.of(PANELS),
                        creased.isPresent()
                                ? Stream.<Parameter>of()
                                : WIDTHS.stream().limit(count),
                        FOLDS.stream().limit(Math.min(MOST, count) - 1L))
                .<Parameter>flatMap(each -> each)
                .toList();
    }

    /** The widths of the panels of a creased outline, as large as it is drawn; nothing where panels are entered. */
    private static Optional<List<Length>> creased(Settings settings) {
        return settings.outline(SHAPE).flatMap(outline -> CutStrip.widths(outline, outline.size()));
    }

    /** Its widest panel as wide as the shut card; only an outline that is creased has one. */
    @Override
    public Optional<Settings> cutTo(Settings settings, CutShape shape) {
        return CutStrip.widths(shape.look(), shape.size()).map(widths -> {
            Size upright = new Size(widest(widths), shape.size().height());
            Size finished = isTurned(settings) ? upright.turned() : upright;
            return CardSides.sized(settings.with(SHAPE, shape.look()), finished);
        });
    }

    private static Length widest(List<Length> widths) {
        return widths.stream().reduce(Length.ZERO, Length::max);
    }

    @Override
    public Optional<WayOut> withShorterPanel(Settings settings, PanelId panel, Length by) {
        if (creased(settings).isPresent()) {
            return Optional.empty();
        }
        // What a feature adds is no panel of the strip.
        return numberOf(panel, CustomStrip::panel).map(number -> {
            Length entered = settings.length(WIDTHS.get(number - 1));
            Length width = entered.isZero() ? settings.length(CardSides.WIDTH) : entered;
            return new WayOut("make it that much shorter", settings.with(WIDTHS.get(number - 1), width.minus(by)));
        });
    }

    @Override
    public List<WayOut> withOneFoldTurned(Settings settings) {
        List<Parameter> asked = asked(settings);
        return FOLDS.stream()
                .filter(asked::contains)
                .filter(fold -> !settings.is(fold, "flat"))
                .map(fold -> new WayOut(
                        "fold " + fold.label().toLowerCase(Locale.ROOT) + " the other way",
                        settings.with(fold, settings.is(fold, "valley") ? "mountain" : "valley")))
                .toList();
    }

    /** The panel before the score changes; those after it keep their widths. */
    @Override
    public Optional<Settings> moved(Settings settings, ScoreId score, Length at) {
        return creased(settings).isPresent() ? Optional.empty() : scoreMoved(settings, score, at);
    }

    private Optional<Settings> scoreMoved(Settings settings, ScoreId score, Length at) {
        return numberOf(score, CustomStrip::score).map(number -> {
            Length before = Length.ZERO;
            for (int i = 0; i < number - 1; i++) {
                before = before.plus(widthOf(settings, i));
            }
            return settings.with(WIDTHS.get(number - 1), at.minus(before));
        });
    }

    private static PanelId panel(int number) {
        return new PanelId("panel-" + number);
    }

    private static ScoreId score(int number) {
        return new ScoreId("fold-" + number);
    }

    private static <T> Optional<Integer> numberOf(T id, IntFunction<T> numbered) {
        return IntStream.rangeClosed(1, MOST)
                .boxed()
                .filter(number -> numbered.apply(number).equals(id))
                .findFirst();
    }

    private Length widthOf(Settings settings, int panel) {
        Length own = settings.length(WIDTHS.get(panel));
        return own.isZero() ? upright(settings).width() : own;
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        Optional<List<Length>> creased = creased(brief.settings());
        boolean slanting = creased.isEmpty()
                && brief.settings()
                        .outline(SHAPE)
                        .filter(outline -> !outline.creases(outline.size()).isEmpty())
                        .isPresent();
        if (slanting) {
            return Outcome.refused(
                    SHAPE.key(), "The creases of this outline do not all run upright: turn its parts until they do.");
        }
        return creased.isPresent() ? byCreases(brief, finished, creased.get()) : byWidths(brief, finished);
    }

    private static Outcome<Form> byCreases(Brief brief, Size finished, List<Length> drawn) {
        if (drawn.size() > MOST) {
            return Outcome.refused(SHAPE.key(), "This outline has more than " + (MOST - 1) + " creases.");
        }
        Length widest = widest(drawn);
        List<Leaf> leaves = IntStream.range(0, drawn.size())
                .mapToObj(i -> new Leaf(
                        panel(i + 1),
                        widest.equals(finished.width())
                                ? drawn.get(i)
                                : drawn.get(i).scaledBy(finished.width().ratioTo(widest))))
                .toList();
        return form(finished, leaves, brief);
    }

    private Outcome<Form> byWidths(Brief brief, Size finished) {
        int count = brief.count(PANELS);
        List<Leaf> leaves = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Length own = brief.length(WIDTHS.get(i));
            Length width = own.isZero() ? finished.width() : own;
            if (width.isLongerThan(finished.width())) {
                return Outcome.refused(
                        WIDTHS.get(i).key(),
                        "Panel " + (i + 1) + " is wider than the shut card. It can be at most "
                                + brief.figure(finished.width()) + ".");
            }
            if (width.isShorterThan(NARROWEST)) {
                return Outcome.refused(
                        WIDTHS.get(i).key(),
                        "Panel " + (i + 1) + " must be 0, or at least " + brief.figure(NARROWEST) + " wide.");
            }
            leaves.add(new Leaf(panel(i + 1), width));
        }
        return form(finished, leaves, brief);
    }

    private static Outcome<Form> form(Size finished, List<Leaf> leaves, Brief brief) {
        List<Crease> creases = new ArrayList<>();
        List<Face> faces = new ArrayList<>();
        Map<ScoreId, Integer> standing = new HashMap<>();
        Map<ScoreId, Integer> shut = new HashMap<>();
        for (int i = 0; i < leaves.size(); i++) {
            String title = "panel " + (i + 1);
            boolean isLast = i == leaves.size() - 1;
            faces.add(
                    isLast
                            ? Face.back(leaves.get(i).id(), Side.UNDER, title)
                            : Face.of(leaves.get(i).id(), Side.UNDER, title));
            faces.add(Face.inside(leaves.get(i).id(), Side.UP, "inside panel " + (i + 1)));
            if (i < leaves.size() - 1) {
                String way = brief.choice(FOLDS.get(i));
                ScoreId score = score(i + 1);
                creases.add(new Crease(score, way.equals("mountain") ? Score.Fold.MOUNTAIN : Score.Fold.VALLEY));
                shut.put(score, way.equals("flat") ? 0 : 180);
                standing.put(score, way.equals("flat") ? 0 : 100);
            }
        }
        Strip strip = new Strip(leaves, creases, leaves.size() - 1, finished.height());
        List<Pose> poses = Pose.all(shut, standing, new Pose.View(0, 0, -28, 16), Pose.View.TENT);
        List<ScoreId> closing = creases.stream().map(Crease::id).toList();
        Look look = brief.look(SHAPE);
        if (look.equals(CutShape.Kind.RECTANGLE)) {
            return Outcome.made(Form.of(finished, strip.piece(brief), strip.panels(), faces, poses, closing));
        }
        return CutStrip.of(strip, look)
                .then(cut -> Outcome.made(Form.of(
                        finished,
                        cut.piece(brief.paper(PaperSlot.PAPER)),
                        strip.panels(cut.panels()),
                        faces,
                        poses,
                        closing)));
    }
}

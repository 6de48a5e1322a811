package kwibbet.card.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Score;
import kwibbet.card.Settings;
import kwibbet.measure.Length;
import kwibbet.measure.LengthParseException;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperId;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;

/**
 * A blank as makers say it, {@code 4 1/4 × 8 1/2, score at 5 1/2}: how large it is cut and where it is scored, from the left or the top.
 *
 * @param size the blank, the first figure from left to right
 * @param axis which way its scores run: upright where they lie along its width
 * @param scores where they are, from the left or the top, rising; at least one
 */
public record SpokenBlank(Size size, Axis axis, List<Length> scores) {

    private static final Pattern SAID = Pattern.compile(
            "\\s*(.+?)\\s*(?:×|\\bx\\b|\\bby\\b)\\s*(.+?)\\s*(?:[,;]\\s*)?(?:scored?|folded|fold|scores)\\s*(?:at|on)?\\s*(.+?)\\s*",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    private static final Pattern BETWEEN = Pattern.compile("\\s*(?:,|;|&|\\band\\b)\\s*", Pattern.CASE_INSENSITIVE);
    private static final String LIKE_THIS = "Say it like this: 4 1/4 × 8 1/2, score at 5 1/2.";
    private static final Length CLOSE = Length.ofInches(1, 4);
    private static final int MOST_PANELS = 8;

    /** Copies the list. */
    public SpokenBlank {
        scores = List.copyOf(scores);
    }

    /**
     * What was said, or what would be right; refusals name the field {@code blank}.
     *
     * @param said in words
     * @param system what a bare figure is measured in
     */
    public static Outcome<SpokenBlank> parse(String said, MeasureSystem system) {
        Matcher words = SAID.matcher(said);
        if (!words.matches()) {
            return refused(LIKE_THIS);
        }
        try {
            Size size = new Size(Length.parse(words.group(1), system), Length.parse(words.group(2), system));
            List<Length> scores = BETWEEN.splitAsStream(words.group(3))
                    .map(each -> Length.parse(each, system))
                    .sorted()
                    .toList();
            return of(size, scores);
        } catch (LengthParseException wrong) {
            return refused(Optional.ofNullable(wrong.getMessage()).orElse("") + " " + LIKE_THIS);
        }
    }

    private static Outcome<SpokenBlank> of(Size size, List<Length> scores) {
        boolean distinct = scores.stream().distinct().count() == scores.size();
        Length last = scores.get(scores.size() - 1);
        if (!scores.get(0).isPositive() || !distinct || scores.size() >= MOST_PANELS) {
            return refused("Scores lie at up to " + (MOST_PANELS - 1) + " places, each more than 0 from the edge.");
        }
        boolean acrossFits = last.isShorterThan(size.width());
        boolean downFits = last.isShorterThan(size.height());
        if (!acrossFits && !downFits) {
            return refused("A score lies past the end of the blank: its longer side is "
                    + Length.max(size.width(), size.height()) + ".");
        }
        // Where they fit both ways, the longer side is the one that is folded.
        boolean across = acrossFits && (!downFits || !size.height().isLongerThan(size.width()));
        return Outcome.made(new SpokenBlank(size, across ? Axis.VERTICAL : Axis.HORIZONTAL, scores));
    }

    private static Outcome<SpokenBlank> refused(String message) {
        return Outcome.refused("blank", message);
    }

    /**
     * A base it may be.
     *
     * @param base the base
     * @param settings its settings
     */
    public record Reading(Base base, Settings settings) {}

    /** What it may be, the likeliest first: bases whose flat size and scores are just those said. */
    public List<Reading> readings(MeasureSystem system, Materials materials) {
        return Stream.of(folded(), bridged(), gate(), wrapOver(), roll(), zigzag(), custom())
                .flatMap(Optional::stream)
                .filter(reading -> isJustThis(reading, system, materials))
                .toList();
    }

    private boolean isJustThis(Reading reading, MeasureSystem system, Materials materials) {
        Design design = Design.of("said", system, reading.base(), reading.settings(), PaperId.NONE);
        return CardMaker.make(design, materials) instanceof Outcome.Made<Card> made
                && isCutSo(made.value().base());
    }

    private boolean isCutSo(Piece piece) {
        Length along = along();
        List<Length> said = scores.stream().sorted().toList();
        List<Length> at =
                piece.scores().stream().map(score -> placeOf(score)).sorted().toList();
        List<Length> fromTheOtherEnd = at.stream().map(along::minus).sorted().toList();
        return piece.size().equals(size) && (at.equals(said) || fromTheOtherEnd.equals(said));
    }

    private Length placeOf(Score score) {
        return axis == Axis.VERTICAL
                ? score.line().start().x()
                : score.line().start().y();
    }

    private Length along() {
        return axis == Axis.VERTICAL ? size.width() : size.height();
    }

    private Length across() {
        return axis == Axis.VERTICAL ? size.height() : size.width();
    }

    private boolean lies() {
        return axis == Axis.HORIZONTAL;
    }

    private List<Length> panels() {
        List<Length> panels = new ArrayList<>();
        Length from = Length.ZERO;
        for (Length score : scores) {
            panels.add(score.minus(from));
            from = score;
        }
        panels.add(along().minus(from));
        return panels;
    }

    private int count() {
        return scores.size() + 1;
    }

    /** The settings of a base for a shut card so deep along the folds' way. */
    private Settings sized(Base base, Length depth) {
        Size shut = lies() ? new Size(across(), depth) : new Size(depth, across());
        return base.sized(Settings.PRESET, shut);
    }

    private Settings lying(Base base, Length depth) {
        Settings settings = sized(base, depth);
        return lies() ? settings.with(CardSides.LIES, CardSides.TURNED) : settings;
    }

    private Optional<Reading> folded() {
        if (count() != 2) {
            return Optional.empty();
        }
        FoldedBase base = new FoldedBase();
        Length back = Length.max(panels().get(0), panels().get(1));
        Length front = Length.min(panels().get(0), panels().get(1));
        Settings settings = sized(base, back).with(FoldedBase.SHORT_BY, back.minus(front));
        return Optional.of(new Reading(base, lies() ? settings.with(FoldedBase.FOLD, FoldedBase.AT_TOP) : settings));
    }

    private Optional<Reading> bridged() {
        if (count() != 2 || panels().get(0).equals(panels().get(1))) {
            return Optional.empty();
        }
        BridgedBase base = new BridgedBase();
        Length back = Length.max(panels().get(0), panels().get(1));
        Settings settings = sized(base, back)
                .with(BridgedBase.STRIP, Length.min(panels().get(0), panels().get(1)))
                .with(BridgedBase.FOLD, lies() ? CardSides.AT_TOP : CardSides.AT_SIDE);
        return Optional.of(new Reading(base, settings));
    }

    private Optional<Reading> gate() {
        if (count() != 3) {
            return Optional.empty();
        }
        GateBase base = new GateBase();
        Length left = panels().get(0);
        Length middle = panels().get(1);
        Length right = panels().get(2);
        Settings settings = lying(base, middle);
        if (left.equals(right) && left.plus(right).equals(middle)) {
            return Optional.of(new Reading(base, settings));
        }
        String doors = left.plus(right).isLongerThan(middle) ? GateBase.OVERLAP : GateBase.OWN;
        return Optional.of(new Reading(
                base,
                settings.with(GateBase.DOORS, doors).with(GateBase.LEFT, left).with(GateBase.RIGHT, right)));
    }

    private Optional<Reading> wrapOver() {
        if (count() != 3) {
            return Optional.empty();
        }
        WrapOverBase base = new WrapOverBase();
        Length flap = Length.min(panels().get(0), panels().get(2));
        return Optional.of(new Reading(base, lying(base, panels().get(1)).with(WrapOverBase.FLAP, flap)));
    }

    /** Each inner flap a little shorter than the one before. */
    private Optional<Reading> roll() {
        Length by = panels().get(count() - 2).minus(panels().get(count() - 1)).abs();
        if (count() < 3 || by.isLongerThan(CLOSE)) {
            return Optional.empty();
        }
        RollFold base = new RollFold();
        return Optional.of(new Reading(
                base,
                lying(base, Length.max(panels().get(0), panels().get(count() - 1)))
                        .with(RollFold.PANELS, count())
                        .with(RollFold.RELIEF, RollFold.OWN)
                        .with(RollFold.SHORTER_BY, by)));
    }

    private Optional<Reading> zigzag() {
        if (count() < 3) {
            return Optional.empty();
        }
        ZigzagBase base = new ZigzagBase();
        return Optional.of(new Reading(base, lying(base, panels().get(0)).with(ZigzagBase.PANELS, count())));
    }

    private Optional<Reading> custom() {
        CustomStrip base = new CustomStrip();
        Length widest = panels().stream().reduce(Length.ZERO, Length::max);
        Settings settings = lying(base, widest).with(CustomStrip.PANELS, count());
        for (int i = 0; i < count(); i++) {
            Parameter.OfLength width = CustomStrip.WIDTHS.get(i);
            settings = settings.with(width, panels().get(i));
        }
        return Optional.of(new Reading(base, settings));
    }
}

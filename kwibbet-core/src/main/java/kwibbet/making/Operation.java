package kwibbet.making;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Direction;
import kwibbet.card.Hold;
import kwibbet.card.Join;
import kwibbet.card.Middles;
import kwibbet.card.Opening;
import kwibbet.card.OwnStep;
import kwibbet.card.PanelId;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pleats;
import kwibbet.card.Punching;
import kwibbet.card.Score;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.press.DieUse;
import kwibbet.press.HandCut;
import kwibbet.press.Layup;
import kwibbet.press.Lying;
import kwibbet.press.PressPlan;
import kwibbet.press.Want;
import kwibbet.shape.Axis;
import kwibbet.shape.CutShape;
import kwibbet.shape.Edge;
import kwibbet.shape.Margins;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.wording.Phrase;
import kwibbet.wording.Turns;

/** One thing hands do with the pieces of a card, from the cut rectangles on. */
public sealed interface Operation {

    /** Names it within its card, as long as what it is done to is there. */
    String id();

    /** What it does. */
    Does does();

    /** The piece in hand, the first where there are several. */
    Piece piece();

    /** All pieces it is done to at once. */
    default List<Piece> pieces() {
        return List.of(piece());
    }

    /** The piece it is done on, where that is another. */
    default Optional<Piece> onto() {
        return Optional.empty();
    }

    /** Which face of the piece in hand is up. */
    default Side face() {
        return Side.UP;
    }

    /** Where it is done. */
    default Station station() {
        return does().station();
    }

    /** With what; changing it is taking up something else. */
    default Tool tool() {
        return Tool.usual(does());
    }

    /** Where and with what, in words. */
    default String stationAndTool() {
        String with = "with " + tool().words();
        return station().words().equals(with) ? with : station().words() + ", " + with;
    }

    /** How long it takes one card, in minutes. */
    default double minutes() {
        return does().minutes();
    }

    /** What its time is kept with: operations that take alike long have it in common. */
    default String timedAs() {
        return does().name();
    }

    /** How long it dries before the piece is touched again, in minutes; 0 where nothing is wet. */
    default int drying() {
        return does().drying();
    }

    /** What to do. */
    Phrase sentence(MeasureSystem system);

    /** What to do with several pieces, with which just the same is done. */
    default Phrase sentence(List<Piece> alike, MeasureSystem system) {
        return sentence(system);
    }

    /** A piece turned over like a page, with its left top corner where it was. */
    static Placement turnedOver(Piece piece) {
        return new Placement(new Point(piece.size().width(), Length.ZERO), 0, true);
    }

    /** What others must have in common with it to be told with it as one; nothing where it is told by itself. */
    default Optional<Alike> alike() {
        return Optional.empty();
    }

    /** What operations have in common that are told as one. */
    sealed interface Alike {}

    /**
     * What is pressed alike, one piece after the other.
     *
     * @param dies what it is pressed with
     * @param size the size of the paper
     * @param cuts what is cut of it, and where
     */
    record Pressed(String dies, Size size, List<Cut> cuts) implements Alike {
        /** Copies the list. */
        public Pressed {
            cuts = List.copyOf(cuts);
        }

        /**
         * What a die cuts of a piece.
         *
         * @param role what it is to the piece
         * @param box where
         */
        public record Cut(Want.Role role, Rect box) {}
    }

    /**
     * What is creased or folded alike, whatever it is called.
     *
     * @param does what is done
     * @param size the size of the piece
     * @param creases where it bends, and which way
     */
    record Bent(Does does, Size size, List<Crossing> creases) implements Alike {
        /** Copies the list. */
        public Bent {
            creases = List.copyOf(creases);
        }

        /**
         * Where a piece bends.
         *
         * @param line the line
         * @param fold which way
         */
        public record Crossing(Segment line, Score.Fold fold) {}

        private static Bent of(Does does, Piece piece, List<Score> scores) {
            return new Bent(
                    does,
                    piece.size(),
                    scores.stream()
                            .map(score -> new Crossing(score.line(), score.fold()))
                            .toList());
        }
    }

    /**
     * Creases at the board or along a ruler; how the piece is laid for it, the score list says.
     *
     * @param piece the piece
     * @param lying the piece as it is scored: its whole paper, where that is cut out folded afterwards
     * @param scores what no die creases of it
     */
    record Crease(Piece piece, Piece lying, List<Score> scores) implements Operation {

        /** So many lines are told one by one. */
        private static final int FEW = 4;

        /** Copies the list. */
        public Crease {
            scores = List.copyOf(scores);
        }

        @Override
        public String id() {
            return "score-" + piece.id().value();
        }

        @Override
        public Does does() {
            return Does.SCORE;
        }

        @Override
        public Optional<Alike> alike() {
            return Optional.of(Bent.of(does(), lying, lying.scores()));
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return sentence(List.of(piece), system);
        }

        @Override
        public Phrase sentence(List<Piece> alike, MeasureSystem system) {
            List<Score> told = lying.scores();
            String names = Wording.names(alike);
            List<Score.Measured> measured = measured();
            boolean isPlain = told.size() == scores.size() && told.size() <= FEW && measured.size() == told.size();
            if (!isPlain) {
                return Phrase.of(
                        "Score " + names + ", " + (scores.size() == 1 ? "one line." : scores.size() + " lines."));
            }
            Phrase.Writer writer = Phrase.in(system).words("Score " + names + ": ");
            List<Setting> settings = settings();
            for (int i = 0; i < settings.size(); i++) {
                Setting each = settings.get(i);
                writer.words(i == 0 ? "" : i + 1 == settings.size() ? " and " : ", ");
                boolean isLastFrom =
                        i + 1 == settings.size() || settings.get(i + 1).from() != each.from();
                if (isLastFrom) {
                    writer.length(each.at()).words(" from the " + each.from().word() + " edge");
                } else {
                    writer.phrase(Phrase.of(each.at(), system));
                }
            }
            boolean isWhole = measured.stream().allMatch(Score.Measured::isWhole);
            return writer.words(isWhole ? "." : ", as far as drawn.").end();
        }

        private List<Score.Measured> measured() {
            return lying.scores().stream()
                    .flatMap(score -> score.measured(lying.size()).stream())
                    .toList();
        }

        /** Where a board is set for those that run level or upright: what goes on beyond a shape is one line, set once. */
        public List<Setting> settings() {
            return measured().stream()
                    .map(each -> new Setting(each.at(), each.from()))
                    .distinct()
                    .toList();
        }

        /**
         * Where a board is set.
         *
         * @param at how far from an edge
         * @param from which edge
         */
        public record Setting(Length at, Edge from) {}
    }

    /**
     * One pass of the press; how the dies are laid, the press list says.
     *
     * @param layup the paper with its dies
     * @param number which of the passes of its piece
     */
    record Pass(Layup layup, int number) implements Operation {
        @Override
        public String id() {
            return "press-" + piece().id().value() + "-" + number;
        }

        @Override
        public Does does() {
            return Does.PRESS;
        }

        @Override
        public Piece piece() {
            return layup.piece();
        }

        @Override
        public Tool tool() {
            List<Die> dies = layup.uses().stream().map(DieUse::die).distinct().toList();
            return new Tool(
                    dies.stream().map(die -> die.id().value()).collect(Collectors.joining("+", "dies:", "")),
                    dies.stream().map(Die::name).collect(Collectors.joining(" and ")));
        }

        /** Only one pass of one paper that lies open by itself, which creases nothing, is told with others. */
        @Override
        public Optional<Alike> alike() {
            boolean isPlain = layup.passes() == 1
                    && layup.lying().equals(Lying.FLAT)
                    && layup.uses().stream()
                            .allMatch(use -> use.also().creased().isEmpty());
            return isPlain
                    ? Optional.of(new Pressed(
                            tool().key(),
                            layup.paper().size(),
                            layup.wants()
                                    .map(want -> new Pressed.Cut(want.role(), want.box()))
                                    .toList()))
                    : Optional.empty();
        }

        @Override
        public Phrase sentence(List<Piece> alike, MeasureSystem system) {
            return alike.size() == 1
                    ? sentence(system)
                    : Phrase.of("Cut the " + what() + " of " + Wording.names(alike)
                            + " in the press, one after the other, with " + tool().words() + ".");
        }

        /** Whether it cuts an opening of a piece, the one in hand or one stuck to it. */
        boolean cuts(Piece other, Opening opening) {
            return layup.wants().anyMatch(want -> want.isOf(other, opening));
        }

        /** Whether it cuts something off at an edge of a piece. */
        boolean cuts(Piece other, Outline off) {
            return layup.wants()
                    .anyMatch(want -> want.role() == Want.Role.EDGE
                            && want.piece().equals(other)
                            && want.outline().equals(off));
        }

        /** Whether it cuts a shape that stays hanging in a piece. */
        boolean leavesHanging(Piece other) {
            return layup.wants()
                    .anyMatch(want ->
                            want.role() == Want.Role.HANGING && want.piece().equals(other));
        }

        /** Whether it creases its piece there. */
        boolean creases(Score score) {
            return layup.uses().stream().anyMatch(use -> use.also().creased().contains(score));
        }

        /** Whether it cuts the piece out. */
        public boolean cutsOut() {
            return layup.cutsOut();
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            String through = String.join(
                    " and ",
                    layup.lying().on().stream().map(on -> on.piece().name()).toList());
            int passes = layup.passes();
            if (layup.uses().stream().anyMatch(use -> !use.also().creased().isEmpty())) {
                return Phrase.of("Cut and crease " + piece().name() + " in the press, with " + tool().words() + ".");
            }
            return Phrase.of("Cut the " + what() + " of " + piece().name()
                    + (through.isEmpty() ? "" : ", through " + through + " too,") + " in the press, " + uncut()
                    + "with "
                    + tool().words() + (passes == 1 ? "." : ", pass " + (layup.pass() + 1) + " of " + passes + "."));
        }

        /** Which side of a shape stays, which the edge of the plate sees to. */
        private String uncut() {
            return layup.wants()
                    .filter(want -> want.role() == Want.Role.HANGING)
                    .map(want -> "all but its "
                            + HandCut.LeftHanging.of(want, piece().outline().bounds())
                                    .held()
                                    .word() + ", ")
                    .findFirst()
                    .orElse("");
        }

        private String what() {
            List<Want.Role> roles = Stream.concat(
                            layup.uses().stream().map(DieUse::want),
                            layup.uses().stream().flatMap(use -> use.also().inside().stream()))
                    .map(Want::role)
                    .toList();
            List<String> what = roles.stream()
                    .distinct()
                    .map(role -> role.words() + (Collections.frequency(roles, role) > 1 ? "s" : ""))
                    .toList();
            return String.join(" and the ", what);
        }
    }

    /**
     * An outline that no die cuts, cut by hand.
     *
     * @param pieces the pieces that are cut out alike
     * @param cuts how each part of it is marked and cut
     */
    record CutOut(List<Piece> pieces, List<HandCut> cuts) implements Operation {
        /** Copies the lists. */
        public CutOut {
            pieces = List.copyOf(pieces);
            cuts = List.copyOf(cuts);
        }

        @Override
        public String id() {
            return "cut-out-" + piece().id().value();
        }

        @Override
        public Piece piece() {
            return pieces.get(0);
        }

        @Override
        public Does does() {
            return Does.CUT_OUT;
        }

        @Override
        public Tool tool() {
            return cuts.stream()
                    .flatMap(cut -> byTool(cut).stream())
                    .findFirst()
                    .orElseGet(() -> Tool.usual(does()));
        }

        /** What a cut takes that is made with neither knife nor scissors. */
        private static Optional<Tool> byTool(HandCut cut) {
            if (cut instanceof HandCut.Punched punched) {
                return Optional.of(Tool.of(punched.punch()));
            }
            if (cut instanceof HandCut.EdgePunched edge) {
                return Optional.of(Tool.of(edge));
            }
            return cut instanceof HandCut.Rounded rounded && rounded.hasRounder()
                    ? Optional.of(Tool.ROUNDER)
                    : Optional.empty();
        }

        /** Whether it cuts an opening of a piece as well, as a punch does that has one. */
        boolean opens(Piece other, Opening opening) {
            return pieces.contains(other)
                    && cuts.stream()
                            .anyMatch(cut -> cut instanceof HandCut.Punched punched
                                    && Punching.opensAsWell(punched.punch(), opening));
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            Phrase.Writer writer = Phrase.in(system).words(Wording.names(pieces) + ".");
            cuts.forEach(cut -> writer.words(" ").phrase(cut.sentence(system)));
            return writer.words(pieces.size() == 1 ? "" : " " + PressPlan.ByHand.TOGETHER)
                    .end();
        }
    }

    /**
     * A piece cut from what came out of the middle of another.
     *
     * @param piece the piece
     * @param middle what it is cut from
     */
    record FromMiddle(Piece piece, Middles.Middle middle) implements Operation {
        @Override
        public String id() {
            return "from-middle-" + piece.id().value();
        }

        @Override
        public Does does() {
            return Does.CUT_OUT;
        }

        @Override
        public Tool tool() {
            return Tool.TRIMMER;
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            String from = "the middle that came out of " + middle.of().name();
            return piece.size().equals(middle.size())
                    ? Phrase.of(piece.name() + " is " + from + ": keep it.")
                    : Phrase.in(system)
                            .words("Cut " + piece.name() + ", ")
                            .size(piece.size())
                            .words(", from " + from + ".")
                            .end();
        }
    }

    /**
     * The edge of a die that is not at hand, cut otherwise.
     *
     * @param piece the piece
     * @param words how
     */
    record CutEdge(Piece piece, Phrase words) implements Operation {
        @Override
        public String id() {
            return "cut-edge-" + piece.id().value();
        }

        @Override
        public Does does() {
            return Does.CUT_OUT;
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return words;
        }
    }

    /**
     * Openings of one thing, all alike, cut by a punch or a knife.
     *
     * @param pieces the pieces they are cut in, of which all are cut alike
     * @param openings those of the first piece
     * @param onTop those that lie on the first pleat, where all the others are cut through them as the pleats lie on each other; otherwise none
     * @param punching what the maker's punches can do; nothing where any hole can be punched
     */
    record Open(List<Piece> pieces, List<Opening> openings, List<Opening> onTop, Optional<Punching> punching)
            implements Operation {
        /** Copies the lists. */
        public Open {
            pieces = List.copyOf(pieces);
            openings = List.copyOf(openings);
            onTop = List.copyOf(onTop);
        }

        static Open of(List<Piece> pieces, List<Opening> openings, Optional<Punching> punching) {
            Piece first = pieces.get(0);
            boolean all = first.openings().size() == openings.size()
                    && openings.get(0).isPunched();
            List<Opening> onTop = all ? Pleats.onTop(first, openings) : List.of();
            boolean isSmall = openings.get(0).isPunched();
            return new Open(pieces, openings, onTop, punching.filter(each -> isSmall || each instanceof Punching.With));
        }

        /** Whether it cuts what an addition needs: holes for its brads, say. */
        public boolean isFor(PieceId addition) {
            return openings.get(0).owner().equals(addition);
        }

        /** Whether all layers of a pleated piece are cut at once. */
        public boolean isThroughPleats() {
            return !onTop.isEmpty();
        }

        @Override
        public String id() {
            return "open-" + piece().id().value() + "-"
                    + openings.get(0).owner().value() + "-" + piece().openings().indexOf(openings.get(0));
        }

        @Override
        public Does does() {
            return Does.OPEN;
        }

        @Override
        public Piece piece() {
            return pieces.get(0);
        }

        @Override
        public Tool tool() {
            if (punching.isEmpty()) {
                return openings.get(0).isPunched() ? new Tool("punch", "punch") : Tool.usual(Does.OPEN);
            }
            return punching.get() instanceof Punching.With with ? Tool.of(with.punch()) : Tool.usual(Does.OPEN);
        }

        /** Why no punch cuts it, where the maker has said which there are. */
        private String why() {
            if (punching.isEmpty() || punching.get() instanceof Punching.With) {
                return "";
            }
            return punching.get() instanceof Punching.OutOfReach far
                    ? " Your " + far.punch().words() + " does not reach so far in: use the point of a knife."
                    : " You have no punch of that size: use the point of a knife.";
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            CutShape shape = openings.get(0).shape();
            boolean isAslant = openings.stream().anyMatch(Opening::isAslant);
            if (shape.look().isDrawn() || isAslant) {
                return Phrase.of("Print " + Wording.names(pieces) + " at full size, and cut "
                        + (openings.size() == 1 ? "the " + openings.get(0).name() : openings.size() + " openings")
                        + " along the print.");
            }
            Phrase.Writer writer = Phrase.in(system);
            if (isThroughPleats()) {
                writer.words("Hold " + Wording.names(pieces) + " in its pleats and punch through all of them: "
                        + onTop.size() + " " + openings.get(0).name() + "s, each ");
            } else if (openings.size() == 1) {
                writer.words("Cut the " + openings.get(0).name() + " in " + Wording.names(pieces) + ", ")
                        .words(shape.isCircle() ? "a circle " : shape.look().inSentence() + " ");
            } else {
                writer.words("Cut " + openings.size() + " " + openings.get(0).name() + "s in " + Wording.names(pieces)
                        + ", each ");
            }
            if (shape.isCircle()) {
                writer.length(shape.size().width()).words(" across");
            } else {
                writer.size(shape.size());
            }
            where(writer);
            return writer.words(pieces.size() == 1 ? "." : ". " + PressPlan.ByHand.TOGETHER)
                    .words(why())
                    .end();
        }

        /** Whether it cuts an opening of a piece. */
        boolean cuts(Piece other, Opening opening) {
            return pieces.contains(other)
                    && openings.stream()
                            .anyMatch(each -> each.shape().equals(opening.shape())
                                    && each.at().equals(opening.at()));
        }

        private void where(Phrase.Writer writer) {
            List<Length> lefts = distinct(Rect::left);
            List<Length> tops = distinct(Rect::top);
            if (lefts.size() * tops.size() != told().size()) {
                writer.words(", where the piece at full size shows them");
                return;
            }
            writer.words(": ");
            along(writer, lefts, " from the left");
            writer.words(openings.size() == 1 ? ", " : "; ");
            along(writer, tops, " from the top");
        }

        private List<Opening> told() {
            return isThroughPleats() ? onTop : openings;
        }

        private List<Length> distinct(Function<Rect, Length> edge) {
            return told().stream()
                    .map(Opening::bounds)
                    .map(edge)
                    .distinct()
                    .sorted()
                    .toList();
        }

        /** Where they start, and how far each is from the one before; each by itself where they lie unevenly. */
        private static void along(Phrase.Writer writer, List<Length> at, String from) {
            boolean even = at.size() > 2
                    && IntStream.range(2, at.size()).allMatch(i -> at.get(i)
                            .minus(at.get(i - 1))
                            .equals(at.get(1).minus(at.get(0))));
            if (even) {
                writer.length(at.get(0))
                        .words(from + ", then every ")
                        .length(at.get(1).minus(at.get(0)))
                        .words(", " + at.size() + " times");
                return;
            }
            for (int i = 0; i < at.size(); i++) {
                writer.words(i == 0 ? "" : i == at.size() - 1 ? " and " : ", ").length(at.get(i));
            }
            writer.words(from);
        }
    }

    /**
     * Work on a face.
     *
     * @param piece the piece
     * @param zone where and what
     * @param does what it is: work with ink or heat, a pencil mark, or a magnet
     * @param medium what it takes
     */
    record Treat(Piece piece, Zone zone, Does does, Tool medium) implements Operation {
        @Override
        public String id() {
            // Steps are named by those who change them: what is done there can change and stay the same step.
            return (does.isSurfaceWork() ? "treat" : Wording.id(does)) + "-"
                    + piece.id().value() + "-" + zone.owner().value() + "-"
                    + piece.zones().indexOf(zone);
        }

        @Override
        public Side face() {
            return zone.side();
        }

        @Override
        public Tool tool() {
            return medium;
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            if (does == Does.ERASE) {
                return Phrase.of("Erase the pencil marks on " + piece.name() + ".");
            }
            if (does == Does.UNMASK) {
                return Phrase.of("Take the mask off " + piece.name() + ".");
            }
            Rect bounds = asItLies().outline().bounds();
            Phrase.Writer writer = Phrase.in(system)
                    .words(piece.name() + (zone.side() == Side.UP ? ": " : ", turned over: "))
                    .words(does == Does.MASK ? "lay low-tack tape round an area of " : zone.words() + ", on ")
                    .size(bounds.size())
                    .words(", ");
            Margins margins = Margins.of(bounds, Rect.atOrigin(piece.size()));
            boolean isRight = margins.isNearerRight();
            Wording.from(isRight ? margins.right() : margins.left(), isRight ? "the right" : "the left", writer);
            writer.words(" and ");
            boolean isBottom = margins.isNearerBottom();
            Wording.from(isBottom ? margins.bottom() : margins.top(), isBottom ? "the bottom" : "the top", writer);
            return writer.words(".").end();
        }

        /** Whether one has to know where it is done. */
        public boolean isMeasured() {
            return does != Does.ERASE && does != Does.UNMASK;
        }

        /** Whether another area of the same face can be worked on while this one is wet. */
        boolean isApartFrom(Treat other) {
            return does.isSurfaceWork()
                    && zone.side() == other.zone.side()
                    && !Overlay.overlap(zone.outline(), other.zone.outline());
        }

        /** The area as one sees it with its face up. */
        public Zone asItLies() {
            return zone.side() == Side.UP ? zone : zone.in(turnedOver(piece));
        }
    }

    /**
     * A fold along all scores of a piece that fold freely.
     *
     * @param piece the piece that is folded
     * @param scores along which scores
     * @param pressure how hard its paper is creased
     */
    record Fold(Piece piece, List<Score> scores, Pressure pressure) implements Operation {
        /** Copies the list. */
        public Fold {
            scores = List.copyOf(scores);
        }

        @Override
        public String id() {
            return "fold-" + piece.id().value();
        }

        @Override
        public Does does() {
            return Does.FOLD;
        }

        @Override
        public double minutes() {
            return does().minutes() * scores.size();
        }

        @Override
        public Optional<Alike> alike() {
            return Optional.<Alike>of(Bent.of(does(), piece, scores))
                    .filter(bent -> !piece.id().equals(PieceId.BASE));
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return sentence(List.of(piece), system);
        }

        @Override
        public Phrase sentence(List<Piece> alike, MeasureSystem system) {
            long valleys = scores.stream()
                    .filter(score -> score.fold() == Score.Fold.VALLEY)
                    .count();
            String which = scores.size() == 1 ? "its score" : "its " + scores.size() + " scores";
            String way = valleys == scores.size()
                    ? way(Score.Fold.VALLEY)
                    : valleys == 0
                            ? way(Score.Fold.MOUNTAIN)
                            : isByTurns()
                                    ? "to and fro, the first "
                                            + scores.get(0).fold().word()
                                    : counted(valleys, Score.Fold.VALLEY) + " and "
                                            + counted(scores.size() - valleys, Score.Fold.MOUNTAIN);
            String names = Wording.names(alike).toLowerCase(Locale.ROOT);
            return Phrase.of("Fold the " + names + (alike.size() == 1 ? "" : ", each") + " along " + which + ", " + way
                    + pressure.words(scores.size() * alike.size()));
        }

        private static String counted(long count, Score.Fold fold) {
            return count == 1 ? "one " + fold.word() : count + " " + fold.word() + "s";
        }

        private String way(Score.Fold fold) {
            if (piece.id().equals(PieceId.BASE)) {
                return (fold == Score.Fold.VALLEY ? "inside" : "outside") + " faces together";
            }
            return (scores.size() == 1 ? "a " : "all ") + fold.word() + (scores.size() == 1 ? "" : "s");
        }

        private boolean isByTurns() {
            return scores.size() > 2
                    && IntStream.range(1, scores.size())
                            .allMatch(i ->
                                    scores.get(i).fold() != scores.get(i - 1).fold());
        }
    }

    /** How hard a paper is creased, by its weight. Common practice, no source. */
    enum Pressure {
        /** Thin paper whitens. */
        LIGHT(", and crease it with the fingers only: pressed hard, thin paper whitens."),
        FIRM(", and press the crease flat."),
        /** Heavy paper springs. */
        BURNISHED(", and burnish the crease, or heavy paper springs open.");

        private static final int THIN = 130;
        private static final int HEAVY = 300;

        private final String words;

        Pressure(String words) {
            this.words = words;
        }

        private String words(int creases) {
            return creases == 1
                    ? words
                    : words.replace("the crease", "the creases").replace("crease it", "crease them");
        }

        static Pressure of(Card card, Piece piece) {
            int grams = card.materials()
                    .shelf()
                    .find(piece.paper())
                    .map(Paper::gramsPerSquareMetre)
                    .orElse(THIN);
            return grams < THIN ? LIGHT : grams > HEAVY ? BURNISHED : FIRM;
        }
    }

    /**
     * A folded piece tried before anything is stuck to what folds inside it.
     *
     * @param piece the piece
     * @param flap the panel that lies inside
     * @param inner what that is called
     * @param over what is folded over it
     */
    record TrialFold(Piece piece, PanelId flap, String inner, String over) implements Operation {
        @Override
        public String id() {
            return "trial-fold-" + flap.value();
        }

        @Override
        public Does does() {
            return Does.TRIAL_FOLD;
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.of("Fold " + inner + " in on trial and " + over + " over it. Where " + inner
                    + " catches in the fold, trim a hair off its edge.");
        }
    }

    /**
     * Adhesive put on a piece, whose liner stays on until it is stuck.
     *
     * @param stick how it is stuck then
     */
    record Adhere(Stick stick) implements Operation {
        /** So much less than to the edge is still all over. */
        private static final Length SPARED = Length.ofInches(3, 8);

        @Override
        public String id() {
            return "adhesive-" + piece().id().value();
        }

        @Override
        public Does does() {
            return Does.ADHESIVE;
        }

        @Override
        public Piece piece() {
            return stick.piece();
        }

        @Override
        public Side face() {
            return stick.join().touching();
        }

        @Override
        public Tool tool() {
            return stick.tool();
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            boolean hasHoles = !piece().openings().isEmpty()
                    || stick.join().adhesive().stream()
                            .anyMatch(region -> !region.holes().isEmpty());
            return Phrase.in(system)
                    .phrase(start(List.of(piece()), system))
                    .words(", ")
                    .length(stick.join().adhesion().kind().offEdge())
                    .words(hasHoles ? " off edges and openings" : " off its edges")
                    .words(". Leave its liner on.")
                    .end();
        }

        /** Whether the adhesive reaches as far as the piece: not where that hangs past what it is stuck to. */
        private boolean isAllOver() {
            Placement own = stick.join().placement().inverse();
            return stick.join().adhesive().stream()
                    .map(area -> area.in(own).outline().bounds())
                    .reduce(Rect::around)
                    .filter(reach -> {
                        Rect all = piece().outline().bounds();
                        Length most = stick.join().adhesion().kind().offEdge().plus(SPARED);
                        return reach.grown(most).contains(all);
                    })
                    .isPresent();
        }

        /** Of what, and where to, on pieces that are alike. */
        Phrase start(List<Piece> alike, MeasureSystem system) {
            Adhesion adhesion = stick.join().adhesion();
            Phrase.Writer writer = Phrase.in(system)
                    .words("Put " + (adhesion.layers() == 2 ? "two layers of " : "")
                            + adhesion.kind().words());
            if (adhesion.kind().isRaised()) {
                writer.words(adhesion.layers() > 1 ? ", each " : ", ")
                        .length(adhesion.layer())
                        .words(" high,");
            }
            // Named as one sees them with that face up.
            Hold seen = face() == Side.UP ? adhesion.hold() : adhesion.hold().turnedOver();
            if (!seen.where().isEmpty()) {
                return writer.words(" " + seen.where() + " the " + (face() == Side.UP ? "front" : "back") + " of "
                                + Wording.names(alike))
                        .end();
            }
            boolean isWhole = Wording.isClose(
                            stick.onPiece().size().width(), piece().size().width())
                    && Wording.isClose(
                            stick.onPiece().size().height(), piece().size().height());
            return writer.words(" on the " + (isWhole && isAllOver() ? "" : "hatched part of the ")
                            + (face() == Side.UP ? "front" : "back") + " of " + Wording.names(alike))
                    .end();
        }
    }

    /**
     * An end of a sleeve that is held.
     *
     * @param piece the sleeve
     * @param end its panel that is folded round
     * @param at on which side of the sleeve that is
     * @param lower what it is stuck to
     * @param place what makers call that
     * @param isUnder whether it lies between the sleeve and that; otherwise it lies behind both
     */
    record HoldEnd(Piece piece, PanelId end, Edge at, Piece lower, String place, boolean isUnder) implements Operation {
        @Override
        public String id() {
            return "hold-" + end.value();
        }

        @Override
        public Does does() {
            return Does.HOLD_END;
        }

        @Override
        public Optional<Piece> onto() {
            return Optional.of(lower);
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.of("Fold the tab at the " + at.word() + " of " + piece.name()
                    + (isUnder
                            ? " under it and tape it to the " + place + "."
                            : " round the edge of the " + place + " and tape it behind."));
        }
    }

    /**
     * A piece slid under a sleeve while one of its ends is free.
     *
     * @param piece the piece
     * @param sleeve what lies over it
     */
    record Tuck(Piece piece, Piece sleeve) implements Operation {
        @Override
        public String id() {
            return "tuck-" + piece.id().value();
        }

        @Override
        public Does does() {
            return Does.TUCK;
        }

        @Override
        public Optional<Piece> onto() {
            return Optional.of(sleeve);
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.of("Slide " + piece.name() + " under " + sleeve.name() + " and see that it runs freely.");
        }
    }

    /**
     * A part folded out so that the card stands on it.
     *
     * @param piece the piece it is part of
     * @param leg the part
     */
    record StandUp(Piece piece, PanelId leg) implements Operation {
        @Override
        public String id() {
            return "stand-up-" + leg.value();
        }

        @Override
        public Does does() {
            return Does.STAND_UP;
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.of("Fold " + piece.name() + " out at its fold and see that the card stands on it.");
        }
    }

    /**
     * What is wet left alone until it is dry.
     *
     * @param wet what was done
     */
    record Dry(Operation wet) implements Operation {
        @Override
        public String id() {
            return "dry-" + wet.id();
        }

        @Override
        public Does does() {
            return Does.DRY;
        }

        @Override
        public Piece piece() {
            return wet.piece();
        }

        @Override
        public Side face() {
            return wet.face();
        }

        @Override
        public String stationAndTool() {
            return station().words() + ", with your hands free";
        }

        /** As long as it takes; hands are free meanwhile. */
        @Override
        public double minutes() {
            return wet.drying();
        }

        /** Whether something else touches what is wet. */
        public boolean isTouchedBy(Operation other) {
            if (other.does() == Does.WRAP || other.does().isShutting() || other.does() == Does.STAND_UP) {
                return true;
            }
            boolean same = other.pieces().stream().anyMatch(wet.pieces()::contains)
                    || other.onto().filter(wet.pieces()::contains).isPresent();
            return same && !(other instanceof Treat treat && wet instanceof Treat there && treat.isApartFrom(there));
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            int minutes = wet.drying();
            String start = wet.does().isGlued()
                    ? "Put a weight on " + piece().name() + " and let the glue dry for "
                    : wet.does().isSurfaceWork()
                            ? "Let the ink on " + piece().name() + " dry for "
                            : "Let " + piece().name() + " dry for ";
            return Phrase.of(start + minutes + (minutes == 1 ? " minute." : " minutes."));
        }
    }

    /**
     * A piece stuck on what it sits on.
     *
     * @param piece the piece
     * @param lower the piece it is stuck to
     * @param join where
     * @param upright how the frame of the piece lies on what stands upright there: turned, where it is stuck on aslant
     * @param own the part of the piece that is stuck: of what is folded, one panel; as it lies there
     * @param host what it lies on, as that is looked at
     * @param folds at which edges of that there is a fold
     * @param touching along how much of its edge it touches what it lies on, where that has a hole behind the rest of it
     * @param around what it is set into, where that has an opening of its shape
     * @param kept what keeps it, where it lies loose
     */
    record Stick(
            Piece piece,
            Piece lower,
            Join join,
            Placement upright,
            Rect own,
            Rect host,
            Set<Edge> folds,
            Optional<Length> touching,
            Optional<Piece> around,
            Optional<Piece> kept)
            implements Operation {

        /** Copies the set. */
        public Stick {
            folds = Set.copyOf(folds);
        }

        /** How a piece of a card is stuck on. */
        public static Stick of(Card card, Join join) {
            Piece lower = card.pieceOf(join.lower());
            Placement upright = card.upright(join);
            Placement toUpright = join.placement().inverse().within(upright);
            Rect host = card.hostArea(join).in(toUpright).bounds();
            Set<Edge> folds = EnumSet.noneOf(Edge.class);
            lower.scores().stream().map(score -> toUpright.apply(score.line())).forEach(line -> alongEdge(line, host)
                    .ifPresent(folds::add));
            Rect own = card.stuckPanel(join).outline().in(upright).bounds();
            return new Stick(
                    card.pieceOf(join.upper()),
                    lower,
                    join,
                    upright,
                    own,
                    host,
                    folds,
                    touching(card.pieceOf(join.lower()), join),
                    card.setInto(join).map(beside -> card.pieceOf(beside.upper())),
                    card.keeping(join).map(over -> card.pieceOf(over.upper())));
        }

        /** The part of it that is stuck, in its own frame. */
        private Rect onPiece() {
            return upright.degrees() == 0
                    ? own
                    : join.zone().in(join.placement().inverse()).bounds();
        }

        /** Nothing where no hole runs under its edge, as a film over a window has none. */
        private static Optional<Length> touching(Piece lower, Join join) {
            double free = lower.openings().stream()
                    .filter(opening -> !join.zone().bounds().contains(opening.bounds()))
                    .map(opening -> Region.of(opening.outline()))
                    .mapToDouble(hole -> Overlay.inches(join.zone(), hole))
                    .sum();
            return free > LEAST_FREE
                    ? Optional.of(Length.nearestInches(Overlay.inches(join.zone(), Region.of(lower.outline())) - free))
                    : Optional.empty();
        }

        /** Less of an edge over a hole is nothing to tell, in inches. */
        private static final double LEAST_FREE = 1.0 / 8;

        private static Optional<Edge> alongEdge(Segment line, Rect host) {
            if (line.axis().filter(Axis.VERTICAL::equals).isPresent()) {
                Length x = line.start().x();
                return Wording.isClose(x, host.left())
                        ? Optional.of(Edge.LEFT)
                        : Wording.isClose(x, host.right()) ? Optional.of(Edge.RIGHT) : Optional.empty();
            }
            if (line.axis().isEmpty()) {
                return Optional.empty();
            }
            Length y = line.start().y();
            return Wording.isClose(y, host.top())
                    ? Optional.of(Edge.TOP)
                    : Wording.isClose(y, host.bottom()) ? Optional.of(Edge.BOTTOM) : Optional.empty();
        }

        /**
         * How far it lies from an edge of what it lies on.
         *
         * @param from the edge
         * @param by how far; less than 0 where it reaches past it
         */
        public record Measured(Edge from, Length by) {}

        private Margins margins() {
            return Margins.of(own, host);
        }

        private boolean isCentred() {
            Margins margins = margins();
            return Wording.isClose(margins.left(), margins.right())
                    && Wording.isClose(margins.top(), margins.bottom())
                    && !margins.least().isNegative();
        }

        /** From which edges it is measured, across and down: those it lies nearest to, a fold before others. */
        public List<Measured> measured() {
            Margins margins = margins();
            return List.of(
                    nearer(new Measured(Edge.LEFT, margins.left()), new Measured(Edge.RIGHT, margins.right())),
                    nearer(new Measured(Edge.TOP, margins.top()), new Measured(Edge.BOTTOM, margins.bottom())));
        }

        private Measured nearer(Measured one, Measured other) {
            if (one.by().isNegative() != other.by().isNegative()) {
                return one.by().isNegative() ? other : one;
            }
            if (Wording.isClose(one.by().abs(), other.by().abs())) {
                return folds.contains(other.from()) ? other : one;
            }
            return other.by().abs().isShorterThan(one.by().abs()) ? other : one;
        }

        @Override
        public String id() {
            return "stick-" + piece.id().value();
        }

        @Override
        public Does does() {
            if (!join.adhesion().kind().sticks()) {
                return kept.isPresent() ? Does.TUCK : Does.LAY;
            }
            return join.adhesion().hold().hinges().isEmpty() ? Does.STICK : Does.HANG;
        }

        @Override
        public int drying() {
            return join.adhesion().kind().drying();
        }

        /** Two that are held otherwise take unlike long. */
        @Override
        public String timedAs() {
            return does().name() + (isWet() ? " " + join.adhesion().kind().name() : "");
        }

        private boolean isWet() {
            return join.adhesion().kind().isWet();
        }

        @Override
        public Optional<Piece> onto() {
            return Optional.of(lower);
        }

        @Override
        public Side face() {
            return join.side();
        }

        @Override
        public Tool tool() {
            return Tool.of(join.adhesion().kind());
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            if (isWet()) {
                return after(new Adhere(this), system);
            }
            if (join.adhesion().kind() == Adhesion.Kind.OWN) {
                return peeled(system);
            }
            return switch (does()) {
                case LAY -> sentence("Lay " + piece.name(), system);
                case TUCK -> sentence("Slip " + piece.name() + under(), system);
                case HANG -> sentence("Hang " + piece.name() + by(), system);
                default -> sentence("Stick " + piece.name(), system);
            };
        }

        /** Under what it is slipped. */
        private String under() {
            return kept.map(over -> " under " + over.name()).orElse("");
        }

        /** By which edge it hangs. */
        private String by() {
            return join.adhesion().hold().hinges().stream()
                    .map(edge -> " by its " + edge.word() + " edge")
                    .findFirst()
                    .orElse("");
        }

        /** What to do where the adhesive was told by itself. */
        Phrase peeled(MeasureSystem system) {
            if (isWet()) {
                return sentence(system);
            }
            if (join.adhesion().kind() == Adhesion.Kind.OWN) {
                return sentence("Peel " + piece.name() + " off its backing and stick it", system);
            }
            return switch (does()) {
                case LAY, TUCK -> sentence(system);
                case HANG -> sentence("Peel the liner and hang " + piece.name() + by(), system);
                default -> sentence("Peel the liner and stick " + piece.name(), system);
            };
        }

        /** What to do where the adhesive is told just before. */
        Phrase after(Adhere adhesive, MeasureSystem system) {
            return Phrase.in(system)
                    .phrase(adhesive.start(List.of(piece), system))
                    .phrase(sentence(does() == Does.HANG ? " and hang it by that" : " and stick it", system))
                    .end();
        }

        /** What to do with several that are stuck alike, this one among them. */
        Phrase together(List<Stick> alike, MeasureSystem system) {
            String places = alike.stream()
                    .map(stick -> stick.piece.name() + stick.where())
                    .collect(Collectors.joining("; "));
            Phrase.Writer writer = Phrase.in(system)
                    .phrase(new Adhere(this)
                            .start(alike.stream().map(Stick::piece).toList(), system))
                    .words(". Stick " + places + "; each ");
            return allRound(writer).words(".").end();
        }

        /** Whether another of its size comes to lie in the middle of a place of the same size, held alike. */
        boolean isLike(Stick other) {
            return isEvenAllRound()
                    && other.isEvenAllRound()
                    && around.isEmpty()
                    && other.around.isEmpty()
                    && piece.size().equals(other.piece.size())
                    && upright.equals(other.upright)
                    && own.size().equals(other.own.size())
                    && host.size().equals(other.host.size())
                    && join.side() == other.join.side()
                    && join.touching() == other.join.touching()
                    && join.adhesion().equals(other.join.adhesion());
        }

        private boolean isEvenAllRound() {
            return isCentred() && Wording.isClose(margins().left(), margins().top());
        }

        private Phrase.Writer allRound(Phrase.Writer writer) {
            return margins().left().isZero()
                    ? writer.words("edge to edge")
                    : writer.words("centred: ").length(margins().left()).words(" shows all round");
        }

        private Phrase sentence(String start, MeasureSystem system) {
            String turned = upright.degrees() == 0 ? "" : ", turned " + Turns.words(upright.degrees());
            Phrase.Writer writer = Phrase.in(system).words(start + where() + turned);
            if (around.isPresent()) {
                return writer.words(", into its negative in " + around.get().name() + ", level with it.")
                        .end();
            }
            Margins margins = margins();
            if (isEvenAllRound()) {
                allRound(writer.words(", "));
            } else if (isCentred()) {
                writer.words(", centred: ");
                shown(margins.left(), " left and right", writer);
                writer.words(", ");
                shown(margins.top(), " above and below", writer);
            } else {
                List<Measured> measured = measured();
                writer.words(": ");
                from(measured.get(0), writer);
                writer.words(", ");
                from(measured.get(1), writer);
            }
            touching.ifPresent(held -> writer.words("; it is held along ")
                    .length(held.roundedTo(Graduation.usual(system)).shown())
                    .words(" of its edge"));
            return writer.words(".").end();
        }

        private static void shown(Length margin, String where, Phrase.Writer writer) {
            if (Wording.isClose(margin, Length.ZERO)) {
                writer.words("flush" + where);
            } else {
                writer.length(margin).words(" shows" + where);
            }
        }

        private void from(Measured measured, Phrase.Writer writer) {
            Edge from = measured.from();
            boolean isOneOfTwo = folds.contains(from.opposite())
                    || measured().stream().map(Measured::from).allMatch(folds::contains);
            String edge = !folds.contains(from)
                    ? "the " + from.word() + " edge"
                    : isOneOfTwo ? "the fold at the " + from.word() : "the fold";
            Wording.from(measured.by(), edge, writer);
        }

        private String where() {
            if (!join.place().equals(lower.name()) && !join.place().isEmpty()) {
                return " on the " + join.place();
            }
            return (join.side() == Side.UP ? " on " : " behind ") + lower.name();
        }
    }

    /**
     * Something else hands do.
     *
     * @param piece the piece in hand
     * @param direction what and how
     */
    record ByHand(Piece piece, Direction direction) implements Operation {
        @Override
        public String id() {
            return Wording.id(does()) + "-" + direction.owner().value();
        }

        @Override
        public Does does() {
            return switch (direction.does()) {
                case DUST -> Does.DUST;
                case FILL -> Does.FILL;
                case THREAD -> Does.THREAD;
                case FOLD_BACK -> Does.FOLD_BACK;
                case TURN_BACK -> Does.TURN_BACK;
                case KEEP -> Does.KEEP;
                case FASTEN -> Does.FASTEN;
                case SET_ON -> Does.SET_ON;
                case POUR -> Does.POUR;
                case BIND -> Does.BIND;
                case CLOSE -> Does.CLOSE;
                case SEAL -> Does.SEAL;
                case WRAP -> Does.WRAP;
            };
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return direction.words();
        }
    }

    /**
     * A step of the maker's own.
     *
     * @param piece the piece in hand
     * @param step what the maker says of it
     */
    record Own(Piece piece, OwnStep step) implements Operation {

        /** So much of its words tells a step from others. */
        private static final int MOST_OF_WORDS = 80;

        @Override
        public String id() {
            return step.id();
        }

        @Override
        public Does does() {
            return Does.OWN;
        }

        @Override
        public Side face() {
            return step.face();
        }

        @Override
        public Tool tool() {
            return step.with().isEmpty() ? Tool.usual(Does.OWN) : new Tool("own:" + step.with(), step.with());
        }

        @Override
        public double minutes() {
            return step.minutes();
        }

        /** Two steps of one's own take alike long where they are said in the same words. */
        @Override
        public String timedAs() {
            String words = step.words().strip().toLowerCase(Locale.ROOT);
            return does().name() + " " + words.substring(0, Math.min(words.length(), MOST_OF_WORDS));
        }

        @Override
        public int drying() {
            return step.drying();
        }

        @Override
        public Phrase sentence(MeasureSystem system) {
            return Phrase.of(step.words() + (step.words().matches(".*[.!?]") ? "" : "."));
        }
    }
}

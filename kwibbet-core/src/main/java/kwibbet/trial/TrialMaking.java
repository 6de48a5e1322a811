package kwibbet.trial;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Side;
import kwibbet.card.Zone;
import kwibbet.making.Does;
import kwibbet.making.Operation;
import kwibbet.measure.Length;
import kwibbet.outline.EdgePattern;
import kwibbet.press.HandCut;
import kwibbet.press.Layup;
import kwibbet.press.Lying;
import kwibbet.press.PressPlan;
import kwibbet.press.Want;
import kwibbet.shape.Edge;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Region;

/**
 * Somebody who does the steps of making in the order they are told, and sees what that does to paper, film and glue. Knows what hands and materials do, and
 * nothing of the rules an order was made by.
 */
public final class TrialMaking {

    /**
     * Something that cannot be done as it is told, or spoils the card.
     *
     * @param step the step
     * @param what what happens
     */
    public record Ruin(Operation step, String what) {}

    /** In inches: half of 1/64. */
    private static final double CLOSE = 1.0 / 128;

    private final Card card;
    private final PressPlan press;
    private final List<Operation> all;
    private final Set<Operation> done = new LinkedHashSet<>();
    private final List<Ruin> ruins = new ArrayList<>();

    private TrialMaking(Card card, PressPlan press, List<Operation> all) {
        this.card = card;
        this.press = press;
        this.all = all;
    }

    /**
     * Does what it is told.
     *
     * @param card what is to become of it
     * @param press what dies cut
     * @param order the steps
     * @return what went wrong, in order; nothing where the card comes out
     */
    public static List<Ruin> of(Card card, PressPlan press, List<Operation> order) {
        TrialMaking trial = new TrialMaking(card, press, order);
        for (Operation step : order) {
            trial.shut(step);
            trial.wet(step);
            trial.inMiddle(step);
            trial.step(step);
            trial.done.add(step);
        }
        return List.copyOf(trial.ruins);
    }

    private void ruin(Operation step, String what) {
        ruins.add(new Ruin(step, what));
    }

    private void step(Operation step) {
        if (step instanceof Operation.Crease score) {
            score(score);
        } else if (step instanceof Operation.Pass pass) {
            pass(pass);
        } else if (step instanceof Operation.Open open) {
            open(open);
        } else if (step instanceof Operation.Treat treat) {
            treat(treat);
        } else if (step instanceof Operation.Fold fold) {
            fold(fold);
        } else if (step instanceof Operation.Stick stick) {
            stick(stick);
        } else if (step instanceof Operation.ByHand byHand) {
            byHand(byHand);
        } else if (step instanceof Operation.Adhere adhere) {
            adhere(adhere);
        } else if (step instanceof Operation.HoldEnd end) {
            hold(end);
        } else if (step instanceof Operation.Tuck tuck) {
            tuck(tuck);
        } else if (step instanceof Operation.TrialFold trial) {
            trialFold(trial);
        } else if (step instanceof Operation.StandUp stand) {
            standUp(stand);
        } else if (step instanceof Operation.Dry dry) {
            if (!done.contains(dry.wet())) {
                ruin(dry, "nothing is wet yet");
            }
        } else if (!(step instanceof Operation.Own)) {
            // What a step of the maker's own does only they know.
            cutOut(step);
        }
    }

    /** What is cut from the middle of another piece is nowhere before that has come out and it is cut. */
    private void inMiddle(Operation step) {
        if (step instanceof Operation.FromMiddle cut) {
            boolean isThere = done.stream()
                    .anyMatch(each -> each.pieces().contains(cut.middle().of())
                            && (each.does() == Does.OPEN || each.does() == Does.PRESS));
            if (!isThere) {
                ruin(cut, "there is nothing to cut it from");
            }
            return;
        }
        boolean isUncut = all.stream()
                .anyMatch(each -> each instanceof Operation.FromMiddle cut
                        && !done.contains(cut)
                        && (step.pieces().contains(cut.piece())
                                || step.onto().filter(cut.piece()::equals).isPresent()));
        if (isUncut) {
            ruin(step, "its piece is still in the middle of another");
        }
    }

    /** Behind what is glued shut, and under a band, nothing is reached. */
    private void shut(Operation step) {
        boolean banded = done.stream().anyMatch(each -> each.does() == Does.WRAP);
        boolean glued = done.stream().anyMatch(each -> each.does().isShutting());
        boolean closes = step.does() == Does.WRAP || step.does().isShutting();
        if (step.does() == Does.DRY || step.does() == Does.STAND_UP) {
            return;
        }
        if (glued && !closes && !isOnBand(step)) {
            ruin(step, "it is glued shut");
        }
        if (banded && step.does() != Does.WRAP && !isOnBand(step)) {
            ruin(step, "there is a band round it");
        }
    }

    /** What is wet smears or slides when its piece is taken in hand, pressed or covered; only ink elsewhere on that face can be laid beside it. */
    private void wet(Operation step) {
        boolean isWaiting = step instanceof Operation.Dry;
        for (Operation wet : done) {
            boolean isDry = wet.drying() == 0
                    || done.stream()
                            .anyMatch(each -> each instanceof Operation.Dry dry
                                    && dry.wet().equals(wet));
            if (isWaiting || isDry) {
                continue;
            }
            boolean inHand = step.pieces().stream().anyMatch(wet.pieces()::contains)
                    || step.onto().filter(wet.pieces()::contains).isPresent();
            boolean beside = step instanceof Operation.Treat ink
                    && ink.does().isSurfaceWork()
                    && wet instanceof Operation.Treat first
                    && !isAt(first, ink)
                    && first.zone().side() == ink.zone().side();
            boolean pressed = step.does().isShutting() || step.does() == Does.WRAP || step.does() == Does.STAND_UP;
            if (pressed || (inHand && !beside)) {
                ruin(step, "what is wet there smears or slides");
            }
        }
    }

    private void adhere(Operation.Adhere adhere) {
        Piece piece = adhere.piece();
        Join join = adhere.stick().join();
        boolean isCutLater = all.stream()
                .anyMatch(each -> !done.contains(each)
                        && each.pieces().contains(piece)
                        && (each.does() == Does.OPEN || each.does() == Does.PRESS || each.does() == Does.CUT_OUT));
        if (isCutLater) {
            ruin(adhere, "the blade still to come drags through it");
        }
        boolean isOnLater = all.stream()
                .anyMatch(each -> each instanceof Operation.Stick other
                        && !done.contains(other)
                        && other.join().lower().equals(piece.id())
                        && other.join().side() == join.touching()
                        && (card.isOfBase(other.join().upper()) || !card.isOfBase(piece.id()))
                        && isCovered(other.join(), join));
        if (isOnLater) {
            ruin(adhere, "it covers where something is still to be stuck");
        }
        if (under(piece.id()).isPresent()) {
            ruin(adhere, "that face is not reached");
        }
        if (isPowdered(piece.id(), true)) {
            ruin(adhere, "it does not stick, powdered or full as it is");
        }
    }

    private void hold(Operation.HoldEnd end) {
        if (under(end.piece().id()).isEmpty()) {
            ruin(end, "there is nothing to hold yet");
        }
        List<Operation> ends = all.stream()
                .filter(each ->
                        each instanceof Operation.HoldEnd other && other.piece().equals(end.piece()))
                .toList();
        List<Operation> held = ends.stream().filter(done::contains).toList();
        boolean isLast = held.size() + 1 == ends.size();
        boolean isOpen = all.stream()
                .anyMatch(each -> each instanceof Operation.Tuck tuck
                        && tuck.sleeve().equals(end.piece())
                        && !done.contains(tuck));
        if (isLast && isOpen && ends.size() > 1) {
            ruin(end, "what belongs under it can no longer be laid straight");
        }
    }

    private void tuck(Operation.Tuck tuck) {
        boolean isHeld = all.stream()
                .anyMatch(each -> each instanceof Operation.HoldEnd end
                        && end.piece().equals(tuck.sleeve())
                        && done.contains(end));
        if (!isHeld) {
            ruin(tuck, "the sleeve shifts, since nothing holds it");
        }
        if (under(tuck.piece().id()).isEmpty()) {
            ruin(tuck, "it is carried by nothing yet");
        }
    }

    private void standUp(Operation.StandUp stand) {
        boolean isUnfinished = all.stream()
                .anyMatch(each -> !done.contains(each)
                        && each.does() != Does.STAND_UP
                        && each.does() != Does.OWN
                        && each.does() != Does.DRY);
        if (isUnfinished) {
            ruin(stand, "it does not lie flat for what is still to be done");
        }
    }

    private void trialFold(Operation.TrialFold trial) {
        if (isPending(trial.piece(), Does.FOLD)) {
            ruin(trial, "it does not fold yet");
        }
        if (on(trial.piece().id()).stream().anyMatch(join -> join.panel().equals(trial.flap()))) {
            ruin(trial, "what is trimmed now leaves an uneven border");
        }
    }

    private boolean isOnBand(Operation step) {
        return step.onto()
                .filter(lower -> all.stream()
                        .anyMatch(
                                each -> each.does() == Does.WRAP && each.piece().equals(lower)))
                .isPresent();
    }

    private Stream<Join> stuck() {
        return done.stream().filter(Operation.Stick.class::isInstance).map(each -> ((Operation.Stick) each).join());
    }

    private List<Join> on(PieceId lower) {
        return stuck().filter(join -> join.lower().equals(lower)).toList();
    }

    private Optional<Join> under(PieceId upper) {
        return stuck().filter(join -> join.upper().equals(upper)).findFirst();
    }

    /** Whether any of a place on a piece lies on what that piece is stuck to. */
    private boolean isCovered(Join place, Join lower) {
        Outline ground = card.panelOf(lower.panel()).outline();
        return Overlay.sharedArea(Region.of(place.zone().in(lower.placement())), Region.of(ground)) > Overlay.NOTHING;
    }

    private boolean isLoose(Piece piece) {
        return on(piece.id()).isEmpty() && under(piece.id()).isEmpty();
    }

    private boolean isPending(Piece piece, Does does) {
        return all.stream()
                .anyMatch(each -> each.does() == does && each.pieces().contains(piece) && !done.contains(each));
    }

    /** Whether a piece has still to be cut out of its paper. */
    private boolean isUncut(Piece piece) {
        return all.stream()
                .filter(each -> !done.contains(each) && each.pieces().contains(piece))
                .anyMatch(each -> each.does() == Does.CUT_OUT
                        || (each instanceof Operation.Pass pass && pass.layup().cutsOut()));
    }

    private boolean isCutFolded(Piece piece) {
        return press.scoredPaper(piece).isPresent();
    }

    private void score(Operation.Crease score) {
        if (!isLoose(score.piece())) {
            ruin(score, "it does not lie flat on the board");
        }
        if (isUncut(score.piece()) != isCutFolded(score.piece())
                && (isUncut(score.piece()) || hasOutlineStep(score.piece()))) {
            ruin(score, isUncut(score.piece()) ? "it has no edge for the fence" : "the die has cut it unfolded");
        }
    }

    private boolean hasOutlineStep(Piece piece) {
        return all.stream()
                .filter(each -> each.pieces().contains(piece))
                .anyMatch(each -> each.does() == Does.CUT_OUT
                        || (each instanceof Operation.Pass pass && pass.layup().cutsOut()));
    }

    private void fold(Operation.Fold fold) {
        Piece piece = fold.piece();
        if (isPending(piece, Does.SCORE)) {
            ruin(fold, "it cracks, since it was not scored");
        }
        if (!isLoose(piece)) {
            ruin(fold, "it is too stiff to crease");
        }
        if (isUncut(piece) && !isCutFolded(piece)) {
            ruin(fold, "it has no edge to fold by");
        }
    }

    private void cutOut(Operation step) {
        for (Piece piece : step.pieces()) {
            if (!isLoose(piece)) {
                ruin(step, "the cut goes through what it is stuck to");
            }
            if (step instanceof Operation.CutOut out && !out.cuts().stream().allMatch(cut -> isPunched(piece, cut))) {
                ruin(step, "punched from that mark, it comes out beside where it belongs");
            }
        }
    }

    /** Whether a pattern that is pushed on from its mark comes out where the edge of the piece has it. */
    private static boolean isPunched(Piece piece, HandCut cut) {
        if (!(cut instanceof HandCut.EdgePunched punched)) {
            return true;
        }
        Length half = punched.run().pitch().half();
        int halves = punched.run().repeats();
        for (int i = -halves; i <= halves; i++) {
            boolean isMiddle = (i + halves) % 2 == 1;
            boolean isAtEdge = isMiddle == (punched.run().pattern() == EdgePattern.SCALLOPS);
            Length in = isAtEdge ? Length.ZERO : punched.run().deep();
            // Where there is no paper nothing is cut; what is cut beside its place leaves paper where some of them
            // should turn.
            Point turn = from(
                    piece,
                    punched.edge(),
                    punched.middle().plus(half.multipliedBy(i)),
                    punched.inset().plus(in));
            if (Overlay.nearest(Region.of(piece.outline()), turn).equals(turn)
                    && Overlay.toEdge(piece.outline(), turn) > CLOSE) {
                return false;
            }
        }
        return true;
    }

    /** A place that is measured along an edge from its left or upper end, and in from it. */
    private static Point from(Piece piece, Edge edge, Length along, Length in) {
        Rect paper = piece.outline().bounds();
        return switch (edge) {
            case LEFT -> new Point(paper.left().plus(in), paper.top().plus(along));
            case TOP -> new Point(paper.left().plus(along), paper.top().plus(in));
            case RIGHT -> new Point(paper.right().minus(in), paper.top().plus(along));
            case BOTTOM -> new Point(paper.left().plus(along), paper.bottom().minus(in));
        };
    }

    private void pass(Operation.Pass pass) {
        Piece piece = pass.piece();
        List<PieceId> through =
                pass.layup().lying().on().stream().map(on -> on.piece().id()).toList();
        if (pass.layup().cutsOut()) {
            cutOut(pass);
        } else {
            pass.layup()
                    .wants()
                    .filter(want -> want.piece().equals(piece) && want.role() != Want.Role.PAST_FOLD)
                    .forEach(want -> cut(pass, piece, want.outline(), through));
        }
        if (!hasItsEdges(pass)) {
            ruin(pass, "its paper has lost the edge it is measured from");
        }
        boolean isRaised = on(piece.id()).stream()
                .anyMatch(join -> join.adhesion().kind().isRaised() && !through.contains(join.upper()));
        if (isRaised) {
            ruin(pass, "the press crushes the foam on it");
        }
        through.stream()
                .filter(each -> under(each).isEmpty())
                .forEach(each -> ruin(pass, "what it is to cut through is not there"));
        if (pass.layup().lying().fold().at().isPresent() && isPending(piece, Does.FOLD)) {
            ruin(pass, "it is to lie folded, and does not");
        }
    }

    /** A ruler is laid against the edges its paper had when the list was written. */
    private boolean hasItsEdges(Operation.Pass pass) {
        return done.stream()
                .filter(each -> each instanceof Operation.Pass && each.piece().equals(pass.piece()))
                .map(each -> ((Operation.Pass) each).layup())
                .filter(layup -> layup.lying().equals(Lying.FLAT) && layup.passes() == 1 && layup.cutsOut())
                .allMatch(layup -> left(layup).contains(pass.layup().paper()));
    }

    /** What is left of a paper that went through flat. */
    private static Rect left(Layup layup) {
        Rect own = layup.piece().outline().bounds();
        boolean isOutline = layup.uses().stream().anyMatch(use -> use.want().role() == Want.Role.OUTLINE);
        return isOutline
                ? own
                : layup.piece().ends().stream()
                        .filter(end ->
                                layup.paper().contains(end) && !layup.endsOff().contains(end))
                        .reduce(own, Rect::around);
    }

    private void open(Operation.Open open) {
        for (Piece piece : open.pieces()) {
            if (isUncut(piece)) {
                ruin(open, "it has no edge to measure from");
            }
            if (open.isThroughPleats() && isPending(piece, Does.FOLD)) {
                ruin(open, "its pleats do not lie on each other");
            }
            piece.openings().stream()
                    .filter(opening -> open.openings().stream().anyMatch(each -> isLike(each, opening)))
                    .forEach(opening -> cut(open, piece, opening.outline(), List.of()));
        }
    }

    private static boolean isLike(Opening one, Opening other) {
        return one.shape().equals(other.shape()) && one.at().equals(other.at());
    }

    /** A blade cuts all that lies under it. */
    private void cut(Operation step, Piece piece, Outline where, List<PieceId> through) {
        if (under(piece.id()).isPresent()) {
            ruin(step, "the blade goes through what is below");
        }
        on(piece.id()).stream()
                .filter(join -> !through.contains(join.upper()) && Overlay.overlap(where, join.zone()))
                .forEach(join -> ruin(step, "the blade goes through what is stuck on it"));
    }

    private void treat(Operation.Treat treat) {
        Piece piece = treat.piece();
        Zone zone = treat.zone();
        if (treat.does() == Does.ERASE) {
            erase(treat);
            return;
        }
        boolean covered = on(piece.id()).stream()
                .anyMatch(join -> join.side() == zone.side() && Overlay.overlap(join.zone(), zone.outline()));
        if (covered
                || under(piece.id())
                        .filter(join -> join.touching() == zone.side())
                        .isPresent()) {
            ruin(treat, "that face is covered");
        }
        if (isUnderAdhesive(treat)) {
            ruin(treat, "there is adhesive on that face");
        }
        if (treat.does() == Does.MARK) {
            mark(treat);
        }
        if (treat.does() == Does.SET_MAGNET) {
            magnet(treat);
        }
        if (treat.does().isSurfaceWork()) {
            ink(treat);
        }
    }

    private boolean isUnderAdhesive(Operation.Treat treat) {
        return done.stream()
                .anyMatch(each -> each instanceof Operation.Adhere adhere
                        && adhere.piece().equals(treat.piece())
                        && adhere.stick().join().touching() == treat.zone().side());
    }

    /** Whether film within an inch hangs on the same work by now. */
    private boolean isHotBesideFilm(Operation.Treat heat) {
        Set<PieceId> work = new LinkedHashSet<>(Set.of(heat.piece().id()));
        List<Join> stuck = stuck().toList();
        for (int before = 0; before < work.size(); ) {
            before = work.size();
            for (Join join : stuck) {
                if (work.contains(join.upper()) || work.contains(join.lower())) {
                    work.add(join.upper());
                    work.add(join.lower());
                }
            }
        }
        Optional<Rect> hot = lies(heat.piece().id(), heat.zone().outline());
        return work.stream()
                .filter(each -> card.isClear(each) && !each.equals(heat.piece().id()))
                .flatMap(each -> lies(each, card.pieceOf(each).outline()).stream())
                .anyMatch(film -> hot.filter(
                                spot -> film.grown(Length.ofInches(1)).overlaps(spot))
                        .isPresent());
    }

    private Optional<Rect> lies(PieceId piece, Outline outline) {
        return card.onBase(piece).map(place -> outline.in(place).bounds());
    }

    private void ink(Operation.Treat treat) {
        Piece piece = treat.piece();
        boolean onFoam = under(piece.id())
                .filter(join -> join.adhesion().height().isPositive())
                .isPresent();
        boolean besideRaised = on(piece.id()).stream()
                .anyMatch(join -> join.adhesion().height().isPositive()
                        && Overlay.overlap(
                                card.panelOf(join.panel()).outline(),
                                treat.zone().outline()));
        boolean foamBehind = done.stream()
                .anyMatch(each -> each instanceof Operation.Adhere adhere
                        && adhere.piece().equals(piece)
                        && adhere.stick().join().adhesion().height().isPositive());
        if (onFoam || besideRaised || foamBehind) {
            ruin(treat, "a stamp does not come down flat");
        }
        boolean film = stuck().anyMatch(
                        join -> (join.lower().equals(piece.id()) || join.upper().equals(piece.id()))
                                && (card.isClear(join.upper()) || card.isClear(join.lower())));
        if (film || (treat.does() == Does.HEAT && isHotBesideFilm(treat))) {
            ruin(treat, "the film warps");
        }
        boolean foldedBack = done.stream()
                .anyMatch(each -> each.does().isFoldingBack() && each.piece().equals(piece));
        if (foldedBack) {
            ruin(treat, "what is folded back is not worked on");
        }
        boolean isThePicture = treat.zone().side() == Side.UP
                && treat.zone().outline().area() > 0.5 * piece.outline().area();
        if (isThePicture && hasOutlineStep(piece) && !isUncut(piece)) {
            ruin(treat, "the stamp must be met by eye");
        }
        masked(treat);
        boolean markPending = all.stream()
                .anyMatch(each -> each instanceof Operation.Treat mark
                        && mark.does() == Does.MARK
                        && !done.contains(mark)
                        && isAt(mark, treat));
        if (markPending) {
            ruin(treat, "nobody knows yet what will be seen there");
        }
        boolean markGone = done.stream()
                .anyMatch(each ->
                        each instanceof Operation.Treat erased && erased.does() == Does.ERASE && isAt(erased, treat));
        if (markGone) {
            ruin(treat, "the mark is gone");
        }
    }

    private void masked(Operation.Treat ink) {
        for (Operation each : all) {
            boolean same = each instanceof Operation.Treat mask
                    && mask.piece().equals(ink.piece())
                    && mask.zone().owner().equals(ink.zone().owner());
            if (same && each.does() == Does.MASK && !done.contains(each)) {
                ruin(ink, "it runs into what is to be kept free");
            }
            if (same && each.does() == Does.UNMASK && done.contains(each)) {
                ruin(ink, "the mask is off");
            }
        }
    }

    /** One of a pair is found by the pull of the other, through what covers that, when the card can be shut. */
    private void magnet(Operation.Treat magnet) {
        all.stream()
                .filter(each -> each instanceof Operation.Treat other
                        && other.does() == Does.SET_MAGNET
                        && !other.equals(magnet)
                        && other.zone().owner().equals(magnet.zone().owner()))
                .map(Operation.Treat.class::cast)
                .forEach(other -> {
                    boolean isSecond = isStuckOver(other) && (!isStuckOver(magnet) || placeOf(other) > placeOf(magnet));
                    if (isSecond && under(other.piece().id()).isEmpty()) {
                        ruin(magnet, "nothing pulls it to its place yet");
                    }
                    boolean lands = isSecond || (!isStuckOver(magnet) && !isStuckOver(other));
                    if (lands && isPending(card.base(), Does.FOLD)) {
                        ruin(magnet, "the card does not shut yet");
                    }
                });
    }

    private int placeOf(Operation.Treat magnet) {
        return card.pieces().indexOf(magnet.piece());
    }

    /** Whether its own piece, a layer and no part of the base, is stuck down over it some time. */
    private boolean isStuckOver(Operation.Treat magnet) {
        return all.stream()
                .filter(Operation.Stick.class::isInstance)
                .map(each -> ((Operation.Stick) each).join())
                .anyMatch(join -> join.upper().equals(magnet.piece().id())
                        && !card.isOfBase(join.upper())
                        && join.touching() == magnet.zone().side());
    }

    private static boolean isAt(Operation.Treat mark, Operation.Treat treat) {
        return mark.piece().equals(treat.piece())
                && mark.zone().side() == treat.zone().side()
                && Overlay.overlap(mark.zone().outline(), treat.zone().outline());
    }

    /** It is drawn through the opening, which has to be there, with the card shut. */
    private void mark(Operation.Treat mark) {
        boolean openingPending = all.stream()
                .filter(each -> !done.contains(each))
                .anyMatch(each -> each instanceof Operation.Open open
                        ? open.openings().stream()
                                .anyMatch(opening ->
                                        isDrawnThrough(mark, opening.owner(), open.piece(), opening.outline()))
                        : each instanceof Operation.Pass pass
                                && pass.layup()
                                        .wants()
                                        .filter(want ->
                                                want.role() == Want.Role.OPENING || want.role() == Want.Role.FIELD)
                                        .anyMatch(want ->
                                                isDrawnThrough(mark, want.owner(), want.piece(), want.outline())));
        if (openingPending) {
            ruin(mark, "there is no opening to draw through");
        }
        if (isPending(card.base(), Does.FOLD)) {
            ruin(mark, "the card does not shut, and the opening lies elsewhere");
        }
    }

    private static boolean isDrawnThrough(Operation.Treat mark, PieceId owner, Piece piece, Outline opening) {
        boolean isItself = piece.equals(mark.piece())
                && Overlay.overlap(opening, mark.zone().outline());
        return owner.equals(mark.zone().owner()) && !isItself;
    }

    private void erase(Operation.Treat erase) {
        boolean drawn = done.stream()
                .anyMatch(each -> each instanceof Operation.Treat mark
                        && mark.does() == Does.MARK
                        && mark.piece().equals(erase.piece())
                        && mark.zone().equals(erase.zone()));
        if (!drawn) {
            ruin(erase, "there is nothing to erase");
        }
        if (isUnderAdhesive(erase)) {
            ruin(erase, "there is adhesive on that face");
        }
        boolean covered = on(erase.piece().id()).stream()
                .filter(join -> join.side() == erase.zone().side())
                .anyMatch(join -> Overlay.overlap(join.zone(), erase.zone().outline())
                        && !Overlay.contains(Region.of(erase.zone().outline()), join.zone()));
        if (covered
                || under(erase.piece().id())
                        .filter(join -> join.touching() == erase.zone().side())
                        .isPresent()) {
            ruin(erase, "the mark is covered");
        }
    }

    private void stick(Operation.Stick stick) {
        Join join = stick.join();
        boolean hasNoAdhesive = all.stream()
                .anyMatch(each -> each instanceof Operation.Adhere adhere
                        && adhere.stick().equals(stick)
                        && !done.contains(adhere));
        if (hasNoAdhesive) {
            ruin(stick, "nothing holds it");
        }
        for (Piece piece : List.of(stick.piece(), stick.lower())) {
            if (isUncut(piece)) {
                ruin(stick, "it has no edges to be laid by");
            }
        }
        boolean dangles = on(join.upper()).stream()
                .anyMatch(hung -> hung.adhesion().hold().hinges().size() == 1
                        && !(hung.side() == join.touching() && isCovered(hung, join))
                        && Overlay.without(
                                                Region.of(hung.zone()),
                                                Region.of(stick.piece().outline()))
                                        .stream()
                                        .mapToDouble(Region::area)
                                        .sum()
                                > Overlay.NOTHING);
        if (dangles) {
            ruin(stick, "what hangs from it is in the way");
        }
        boolean lateLower = on(join.lower()).stream()
                .anyMatch(other -> other.side() == join.side()
                        && card.joins().indexOf(other) > card.joins().indexOf(join)
                        && Overlay.overlap(other.zone(), join.zone()));
        boolean isLoose = join.adhesion().kind() == Adhesion.Kind.LOOSE;
        if (lateLower && !isLoose) {
            ruin(stick, "it belongs under what is there");
        }
        if (isLoose && !lateLower && card.keeping(join).isPresent()) {
            ruin(stick, "it slides about, since what keeps it is not there");
        }
        boolean baseWaits = card.isOfBase(join.lower())
                && !card.isOfBase(join.upper())
                && all.stream()
                        .anyMatch(each -> each instanceof Operation.Stick other
                                && other.join().upper().equals(join.lower())
                                && !done.contains(other));
        if (baseWaits) {
            ruin(stick, "it hides where the base is still to be taped");
        }
        boolean ofBase = card.isOfBase(join.lower()) && !card.isOfBase(join.upper());
        if (!ofBase
                && under(join.lower())
                        .filter(lower -> lower.touching() == join.side() && isCovered(join, lower))
                        .isPresent()) {
            ruin(stick, "nobody reaches behind what is stuck");
        }
        boolean outOfNegative = all.stream()
                .anyMatch(each -> each.does() == Does.KEEP && each.piece().id().equals(join.lower()));
        if (outOfNegative && under(join.lower()).isPresent()) {
            ruin(stick, "it is out of its negative, and is not laid exactly");
        }
        boolean notKept = all.stream()
                .anyMatch(each ->
                        each.does() == Does.KEEP && each.piece().id().equals(join.lower()) && !done.contains(each));
        if (notKept) {
            ruin(stick, "its negative is gone");
        }
        filled(stick);
    }

    /** Powder lets nothing stick any more. */
    private void filled(Operation.Stick stick) {
        if (isPowdered(stick.piece().id(), false)) {
            ruin(stick, "it does not stick, powdered or full as it is");
        }
    }

    /** Whether the addition a piece belongs to has been powdered or filled; what closes it is stuck then, but its adhesive is on before. */
    private boolean isPowdered(PieceId piece, boolean withTheCover) {
        return card.additionOf(piece)
                .filter(addition -> withTheCover || !addition.id().equals(piece))
                .filter(addition -> done.stream()
                        .anyMatch(each -> each instanceof Operation.ByHand byHand
                                && byHand.direction().owner().equals(addition.id())
                                && (byHand.does() == Does.DUST || byHand.does() == Does.FILL)))
                .isPresent();
    }

    private void byHand(Operation.ByHand step) {
        PieceId owner = step.direction().owner();
        switch (step.does()) {
            case DUST -> {
                if (under(owner).isPresent()) {
                    ruin(step, "it is closed");
                }
            }
            case FILL -> fill(step, owner);
            case KEEP -> {
                if (under(step.piece().id()).isPresent() || isUncut(step.piece())) {
                    ruin(step, "it is in no negative");
                }
            }
            case THREAD -> {
                if (under(step.piece().id()).isPresent()) {
                    ruin(step, "it hangs, and its pleats are not reached");
                }
                if (isPending(step.piece(), Does.FOLD)
                        || isPending(step.piece(), Does.OPEN)
                        || isPending(step.piece(), Does.PRESS)) {
                    ruin(step, "there are no pleats with holes in line");
                }
            }
            case FOLD_BACK, TURN_BACK -> {
                if (under(step.piece().id()).isPresent() || isPending(step.piece(), Does.SCORE)) {
                    ruin(step, "its corners do not fold back");
                }
                if (isPending(step.piece(), Does.PRESS) || isPending(step.piece(), Does.CUT_OUT)) {
                    ruin(step, "folded back, it does not lie flat under a die");
                }
                if (all.stream()
                        .anyMatch(each ->
                                each instanceof Operation.Open holes && holes.isFor(owner) && !done.contains(holes))) {
                    ruin(step, "there are no holes yet to lie on each other");
                }
            }
            case FASTEN -> fasten(step, owner);
            case SET_ON, POUR, BIND -> setOn(step, owner);
            default -> {
                // A band and a front that is shut need nothing but what is shut.
            }
        }
    }

    /** What stands up is crushed, rubbed off or pushed off by what is still to be done to its piece; round edges that are stuck down nothing goes. */
    private void setOn(Operation.ByHand step, PieceId owner) {
        Piece piece = step.piece();
        for (Does does : List.of(Does.PRESS, Does.OPEN, Does.CUT_OUT, Does.FOLD, Does.SCORE, Does.ERASE)) {
            if (isPending(piece, does)) {
                ruin(step, "it is crushed or rubbed off by what is still to come");
            }
        }
        boolean isInkedLater = all.stream()
                .anyMatch(each -> each instanceof Operation.Treat ink
                        && ink.does().isSurfaceWork()
                        && ink.piece().equals(piece)
                        && !done.contains(ink));
        if (isInkedLater) {
            ruin(step, "a stamp does not come down flat beside it");
        }
        boolean goesBehind = step.does() == Does.BIND;
        boolean isStuck = under(piece.id()).isPresent();
        boolean hasAdhesive = done.stream()
                .anyMatch(each -> each instanceof Operation.Adhere adhere
                        && adhere.piece().equals(piece));
        boolean isStuckLater = all.stream()
                .anyMatch(each ->
                        each instanceof Operation.Stick stick && stick.piece().equals(piece) && !done.contains(stick));
        if (goesBehind && (isStuck || hasAdhesive)) {
            ruin(step, "its ends do not go behind what is stuck down");
        }
        if (!goesBehind && isStuckLater) {
            ruin(step, "it is pushed off as its piece is pressed on");
        }
        boolean isCovered = on(piece.id()).stream().anyMatch(join -> piece.zones().stream()
                .anyMatch(zone -> zone.owner().equals(owner)
                        && zone.use() == Zone.Use.SET_ON
                        && zone.side() == join.side()
                        && Overlay.overlap(zone.outline(), join.zone())));
        if (isCovered) {
            ruin(step, "its place is covered");
        }
    }

    private void fill(Operation.ByHand step, PieceId owner) {
        if (under(owner).isPresent()) {
            ruin(step, "it is closed");
        }
        if (all.stream()
                .anyMatch(each -> each.does() == Does.DUST
                        && ((Operation.ByHand) each).direction().owner().equals(owner)
                        && !done.contains(each))) {
            ruin(step, "the filler clings");
        }
        boolean leaks = all.stream()
                .anyMatch(each -> each instanceof Operation.Stick stick
                        && !done.contains(stick)
                        && !stick.piece().id().equals(owner)
                        && card.additionOf(stick.piece().id())
                                .filter(addition -> addition.id().equals(owner))
                                .isPresent());
        boolean hasNoWall = all.stream()
                .anyMatch(each -> each instanceof Operation.Adhere wall
                        && wall.piece().id().equals(owner)
                        && !done.contains(wall));
        if (leaks || hasNoWall) {
            ruin(step, "the filler falls out");
        }
    }

    private void fasten(Operation.ByHand step, PieceId owner) {
        for (Operation each : all) {
            if (each instanceof Operation.Open holes && holes.isFor(owner) && !done.contains(holes)) {
                ruin(step, "there is no hole");
            } else if (each instanceof Operation.ByHand back
                    && back.does() == Does.TURN_BACK
                    && back.direction().owner().equals(owner)
                    && !done.contains(back)) {
                ruin(step, "they hold the corners down");
            } else if (each instanceof Operation.Stick stick) {
                boolean both = hasHole(stick.piece(), owner) && hasHole(stick.lower(), owner);
                if (both && !done.contains(stick)) {
                    ruin(step, "not all they go through is there");
                }
                boolean covers = !hasHole(stick.piece(), owner)
                        && stick.lower().openings().stream()
                                .anyMatch(opening -> opening.owner().equals(owner)
                                        && Overlay.overlap(
                                                opening.outline(), stick.join().zone()));
                if (covers && done.contains(stick)) {
                    ruin(step, "where they go is covered");
                }
            }
        }
    }

    private static boolean hasHole(Piece piece, PieceId owner) {
        return piece.openings().stream().anyMatch(opening -> opening.owner().equals(owner));
    }
}

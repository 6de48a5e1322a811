package kwibbet.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Middles;
import kwibbet.card.Opening;
import kwibbet.card.OwnStep;
import kwibbet.card.Panel;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Zone;
import kwibbet.card.feature.SurfaceWork;
import kwibbet.press.HandCut;
import kwibbet.press.Layup;
import kwibbet.press.PressPlan;
import kwibbet.press.Want;
import kwibbet.shape.CutShape;
import kwibbet.shape.Overlay;

/**
 * All operations of a card, in the order its pieces, folds and joins are told, and what rules ask of them.
 *
 * @param card the card
 * @param press what dies cut of it
 * @param all each operation once
 */
record Operations(Card card, PressPlan press, List<Operation> all) {

    /** Copies the list. */
    Operations {
        all = List.copyOf(all);
    }

    /** What has to be done to a card, from its cut rectangles on. */
    static Operations of(Card card, PressPlan press) {
        return new Operations(card, press, new Finder(card, press).found());
    }

    /** Those of a kind. */
    <T extends Operation> List<T> every(Class<T> kind) {
        return all.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** How a piece is stuck on. */
    Optional<Operation.Stick> stick(PieceId upper) {
        return every(Operation.Stick.class).stream()
                .filter(stick -> stick.piece().id().equals(upper))
                .findFirst();
    }

    /** How the adhesive is put on a piece. */
    Optional<Operation.Adhere> adhesive(PieceId upper) {
        return every(Operation.Adhere.class).stream()
                .filter(adhere -> adhere.piece().id().equals(upper))
                .findFirst();
    }

    /** All that is stuck to a piece. */
    List<Operation.Stick> onto(PieceId lower) {
        return every(Operation.Stick.class).stream()
                .filter(stick -> stick.lower().id().equals(lower))
                .toList();
    }

    /** Whether what is stuck to a piece comes to lie between that and what it is stuck to: what is past that is still reached afterwards. */
    boolean isBetween(Operation.Stick behind, Operation.Stick stick) {
        Join join = stick.join();
        return Overlay.overlap(
                behind.join().zone(), card.hostArea(join).in(join.placement().inverse()));
    }

    /** How a piece gets its outline, where the trimmer does not give it. */
    List<Operation> cuttingOut(PieceId piece) {
        return all.stream()
                .filter(each ->
                        each.pieces().stream().anyMatch(other -> other.id().equals(piece)))
                .filter(each -> each.does() == Does.CUT_OUT || (each instanceof Operation.Pass pass && pass.cutsOut()))
                .toList();
    }

    /** What hands do for an addition. */
    Optional<Operation.ByHand> byHand(PieceId owner, Does does) {
        return every(Operation.ByHand.class).stream()
                .filter(each -> each.direction().owner().equals(owner) && each.does() == does)
                .findFirst();
    }

    /** Finds them. */
    private record Finder(Card card, PressPlan press) {

        /** Folded so far, in degrees, a part lies flat again. */
        private static final int FLAT = 180;

        List<Operation> found() {
            List<Operation> all = new ArrayList<>();
            Middles middles = Middles.of(card, press::cutsOut);
            for (Piece piece : card.pieces()) {
                middles.of(piece).ifPresent(middle -> all.add(new Operation.FromMiddle(piece, middle)));
                of(piece, all);
            }
            all.addAll(openings());
            all.addAll(new FoldsInside(card).trials());
            // From the top down: what is left free is stuck together flat on the bench, and goes on the card in one go.
            for (int i = card.joins().size() - 1; i >= 0; i--) {
                Join join = card.joins().get(i);
                // That a band is wrapped round is what puts it there.
                if (!card.isSlippedOn(join)) {
                    Operation.Stick stick = Operation.Stick.of(card, join);
                    if (join.adhesion().kind().hasLiner()) {
                        all.add(new Operation.Adhere(stick));
                    }
                    all.add(stick);
                }
            }
            all.addAll(new Sleeves(card).held());
            card.pieces().forEach(piece -> leg(piece, all));
            for (OwnStep own : card.design().own().steps()) {
                card.piece(own.piece()).ifPresent(piece -> all.add(new Operation.Own(piece, own)));
            }
            card.directions()
                    .forEach(direction -> all.add(
                            new Operation.ByHand(card.piece(direction.piece()).orElse(card.base()), direction)));
            return all;
        }

        private void of(Piece piece, List<Operation> all) {
            List<Score> scores = press.scoresLeft(piece);
            if (!scores.isEmpty()) {
                Piece lying = press.scoredPaper(piece).orElseGet(() -> piece.withScores(scores));
                all.add(new Operation.Crease(piece, lying, scores));
            }
            piece.zones().forEach(zone -> treat(piece, zone, all));
            passes(piece, all);
            boolean isToldElsewhere =
                    card.dieCuts().stream().anyMatch(cut -> cut.piece().equals(piece.id()));
            List<HandCut> cuts = press.byHandOf(piece)
                    .filter(want -> want.role() == Want.Role.PAST_FOLD
                            || want.role() == Want.Role.HANGING
                            || want.role() == Want.Role.EDGE
                            || (want.role() == Want.Role.OUTLINE && !isToldElsewhere))
                    // What is cut out has its edges.
                    .sorted(Comparator.comparing(want -> want.role() == Want.Role.EDGE))
                    .flatMap(want -> press.cutsOf(want).stream())
                    .toList();
            if (!cuts.isEmpty()) {
                cutOut(piece, cuts, all);
            }
            card.dieCuts().stream()
                    .filter(cut -> cut.piece().equals(piece.id()) && !press.cutsOut(piece))
                    .forEach(cut -> all.add(new Operation.CutEdge(piece, cut.otherwise())));
            List<Score> folded = piece.scores().stream()
                    .filter(score -> isFolded(piece, score))
                    .toList();
            if (!folded.isEmpty()) {
                all.add(new Operation.Fold(piece, folded, Operation.Pressure.of(card, piece)));
            }
        }

        /** The one part of a piece that is folded out neither flat nor back. */
        private void leg(Piece piece, List<Operation> all) {
            List<Panel> legs = card.panelsOf(piece.id()).stream()
                    .filter(panel -> panel.hanging() instanceof Panel.OnScore hinge
                            && hinge.degrees()
                                    .filter(degrees -> degrees > 0 && degrees < FLAT)
                                    .isPresent())
                    .toList();
            if (legs.size() == 1) {
                Panel leg = legs.get(0);
                all.add(new Operation.StandUp(piece, leg.id()));
            }
        }

        /** With those of one thing, paper and size that are cut out alike, since they have to match. */
        private void cutOut(Piece piece, List<HandCut> cuts, List<Operation> all) {
            for (int i = 0; i < all.size(); i++) {
                if (all.get(i) instanceof Operation.CutOut other
                        && other.cuts().equals(cuts)
                        && card.areOfOneThing(other.piece().id(), piece.id())
                        && other.piece().paper().equals(piece.paper())
                        && other.piece().size().equals(piece.size())) {
                    List<Piece> more = new ArrayList<>(other.pieces());
                    more.add(piece);
                    all.set(i, new Operation.CutOut(more, cuts));
                    return;
                }
            }
            all.add(new Operation.CutOut(List.of(piece), cuts));
        }

        private void treat(Piece piece, Zone zone, List<Operation> all) {
            switch (zone.use()) {
                case SURFACE -> {
                    Parameter.Choice technique = technique(zone);
                    all.add(new Operation.Treat(
                            piece, zone, work(technique), new Tool("medium:" + technique.key(), technique.label())));
                    if (isMasked(piece, zone, work(technique))) {
                        all.add(new Operation.Treat(piece, zone, Does.MASK, Tool.usual(Does.MASK)));
                        all.add(new Operation.Treat(piece, zone, Does.UNMASK, Tool.usual(Does.UNMASK)));
                    }
                }
                case MAGNET -> all.add(new Operation.Treat(piece, zone, Does.SET_MAGNET, Tool.usual(Does.SET_MAGNET)));
                case PENCIL -> {
                    all.add(new Operation.Treat(piece, zone, Does.MARK, Tool.usual(Does.MARK)));
                    all.add(new Operation.Treat(piece, zone, Does.ERASE, Tool.usual(Does.ERASE)));
                }
                case SET_ON, PRINT, KEEP_OUT -> {}
            }
        }

        /** Ink and colour are spread past an area, unless what is kept free around it is covered. */
        private static boolean isMasked(Piece piece, Zone area, Does work) {
            return (work == Does.STENCIL || work == Does.COLOUR)
                    && piece.zones().stream()
                            .anyMatch(zone -> zone.use() == Zone.Use.KEEP_OUT
                                    && zone.owner().equals(area.owner()));
        }

        private static Does work(Parameter.Choice technique) {
            return switch (technique.key()) {
                case SurfaceWork.STENCIL -> Does.STENCIL;
                case SurfaceWork.EMBOSS -> Does.EMBOSS;
                case SurfaceWork.HEAT -> Does.HEAT;
                case SurfaceWork.COLOUR -> Does.COLOUR;
                default -> Does.STAMP;
            };
        }

        private Parameter.Choice technique(Zone zone) {
            return card.design()
                    .addition(zone.owner())
                    .map(each -> card.design().present(each).choice(SurfaceWork.TECHNIQUE))
                    .map(SurfaceWork.TECHNIQUE::way)
                    .orElseThrow(() -> new IllegalStateException(
                            "a worked area is owned by " + zone.owner().value() + ", which is not on the card"));
        }

        /** Each way its paper goes through the press, once. */
        private void passes(Piece piece, List<Operation> all) {
            List<Layup> layups = press.loads().stream()
                    .flatMap(load -> load.laid().stream())
                    .map(PressPlan.OnBed::layup)
                    .filter(layup -> layup.piece().equals(piece))
                    .toList();
            List<List<Object>> told = new ArrayList<>();
            for (Layup layup : layups) {
                List<Object> what = List.of(layup.uses(), layup.pass());
                if (!told.contains(what)) {
                    told.add(what);
                    all.add(new Operation.Pass(layup, told.size()));
                }
            }
        }

        /** What folds freely: not what a die cut folded, nor what is folded back for good by hand. */
        private boolean isFolded(Piece piece, Score score) {
            boolean foldedBack = card.directions().stream()
                    .anyMatch(direction -> direction.does().isFoldingBack()
                            && direction.piece().equals(piece.id()));
            return card.panelsOf(piece.id()).stream()
                    .filter(panel -> panel.hanging() instanceof Panel.OnScore hinge
                            && hinge.score().equals(score.id()))
                    .map(panel -> (Panel.OnScore) panel.hanging())
                    .anyMatch(hinge -> !foldedBack || hinge.degrees().isEmpty());
        }

        /** What no die cuts; alike openings of one thing at once, also in pieces that are alike. */
        private List<Operation> openings() {
            record Alike(PieceId owner, String name, CutShape shape) {}
            Map<Piece, List<List<Opening>>> groups = new LinkedHashMap<>();
            for (Piece piece : card.pieces()) {
                Map<Alike, List<Opening>> alike = new LinkedHashMap<>();
                piece.openings().stream()
                        .filter(opening -> !isPressed(piece, opening))
                        .forEach(opening -> alike.computeIfAbsent(
                                        new Alike(opening.owner(), opening.name(), opening.shape()),
                                        each -> new ArrayList<>())
                                .add(opening));
                groups.put(piece, List.copyOf(alike.values()));
            }
            List<Operation> all = new ArrayList<>();
            List<Piece> told = new ArrayList<>();
            groups.forEach((piece, openings) -> {
                if (!told.contains(piece)) {
                    List<Piece> like = groups.keySet().stream()
                            .filter(other -> other.equals(piece) || isLike(piece, other))
                            .toList();
                    told.addAll(like);
                    openings.forEach(
                            each -> all.add(Operation.Open.of(like, each, press.punching(like.get(0), each.get(0)))));
                }
            });
            return all;
        }

        /** Two pieces of one addition that no hand could tell apart. */
        private boolean isLike(Piece one, Piece other) {
            boolean sameOwner = card.additionOf(one.id()).isPresent()
                    && card.additionOf(one.id()).equals(card.additionOf(other.id()));
            return sameOwner
                    && one.paper().equals(other.paper())
                    && one.outline().equals(other.outline())
                    && shapes(one).equals(shapes(other));
        }

        private static List<List<Object>> shapes(Piece piece) {
            return piece.openings().stream()
                    .<List<Object>>map(opening -> List.of(opening.shape(), opening.at()))
                    .toList();
        }

        private boolean isPressed(Piece piece, Opening opening) {
            return press.punchedOut(piece, opening)
                    || press.loads().stream()
                            .flatMap(load -> load.laid().stream())
                            .flatMap(laid -> laid.layup().wants())
                            .anyMatch(want -> want.isOf(piece, opening));
        }
    }

    /** What a pass cuts inside a piece, whether it falls out or stays hanging. */
    static Stream<Want> cutInside(Operation.Pass pass) {
        return Stream.concat(openingsOf(pass), pass.layup().wants().filter(want -> want.role() == Want.Role.HANGING));
    }

    /** The pieces a pass cuts an opening in, the one in hand or one stuck to it. */
    static Stream<Want> openingsOf(Operation.Pass pass) {
        return pass.layup().wants().filter(want -> want.role() == Want.Role.OPENING || want.role() == Want.Role.FIELD);
    }
}

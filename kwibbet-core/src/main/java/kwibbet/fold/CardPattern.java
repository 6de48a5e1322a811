package kwibbet.fold;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import kwibbet.card.Adhesion;
import kwibbet.card.Card;
import kwibbet.card.Form;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ShutFold;
import kwibbet.card.Side;
import kwibbet.crease.Above;
import kwibbet.crease.Crease;
import kwibbet.crease.CreasePattern;
import kwibbet.crease.Facet;
import kwibbet.crease.Isometry;
import kwibbet.crease.Stretch;
import kwibbet.crease.Vertex;
import kwibbet.crease.Weld;
import kwibbet.shape.Outline;
import kwibbet.shape.Overlay;
import kwibbet.shape.Placement;
import kwibbet.shape.Region;

/**
 * The crease pattern of a card: its panels as facets, its scores as creases, what is stuck as welds.
 *
 * <p>A panel that is stuck within another and carries nothing that folds goes wherever that one goes, with nothing between; it rides on it
 * and is no facet of its own.
 *
 * @param pattern the pattern
 * @param facets the panel each facet is
 * @param carriers for each panel of the card, the facet it is or rides on
 */
public record CardPattern(CreasePattern pattern, List<Panel> facets, Map<PanelId, Integer> carriers) {

    private static final int HALF_WAY = 90;

    /** Copies the lists. */
    public CardPattern {
        facets = List.copyOf(facets);
        carriers = Map.copyOf(carriers);
    }

    /**
     * The pattern of a card that is to be shut.
     *
     * @param card the card
     * @param asMeant whether the panels of the base come to lie over each other as the order says in which they close
     */
    public static CardPattern of(Card card, boolean asMeant) {
        return new Tracing(card, asMeant).pattern();
    }

    /** Where a sheet lies in the frame of another. */
    static Isometry isometry(Placement placement) {
        double cos = Math.cos(Math.toRadians(placement.degrees()));
        double sin = Math.sin(Math.toRadians(placement.degrees()));
        double mirror = placement.mirrored() ? -1 : 1;
        return new Isometry(
                mirror * cos,
                mirror * sin,
                -sin,
                cos,
                placement.offset().x().toInches(),
                placement.offset().y().toInches());
    }

    /** One card. */
    private static final class Tracing {

        private final Card card;
        private final boolean asMeant;
        private final Pose shut;
        private final Map<PanelId, Panel> panels = new HashMap<>();
        private final Set<PanelId> hosts = new HashSet<>();
        private final List<Panel> facets = new ArrayList<>();
        private final Map<PanelId, Integer> carriers = new HashMap<>();
        private final Map<PieceId, Integer> sheets = new HashMap<>();

        Tracing(Card card, boolean asMeant) {
            this.card = card;
            this.asMeant = asMeant;
            this.shut = card.form().pose(Pose.SHUT);
            card.panels().forEach(panel -> panels.put(panel.id(), panel));
        }

        CardPattern pattern() {
            List<Panel> folding = folding();
            List<Panel> fromTheTop = new ArrayList<>(folding);
            Collections.reverse(fromTheTop);
            Set<PanelId> riders = new HashSet<>();
            for (Panel panel : fromTheTop) {
                if (rides(panel)) {
                    riders.add(panel.id());
                } else {
                    panel.hanging().on().ifPresent(hosts::add);
                }
            }
            for (Panel panel : folding) {
                sheets.putIfAbsent(panel.piece(), sheets.size());
                if (riders.contains(panel.id())) {
                    carriers.put(
                            panel.id(),
                            facet(panel.hanging()
                                    .on()
                                    .orElseThrow(() -> new IllegalStateException("what rides is stuck to something"))));
                } else {
                    carriers.put(panel.id(), facets.size());
                    facets.add(panel);
                }
            }
            List<Crease> creases = new ArrayList<>();
            List<Weld> welds = new ArrayList<>();
            for (Panel panel : facets) {
                crease(panel).ifPresent(creases::add);
                weld(panel).ifPresent(welds::add);
            }
            CreasePattern pattern =
                    new CreasePattern(facets.stream().map(this::asFacet).toList(), creases, welds, known());
            return new CardPattern(pattern, facets, carriers);
        }

        private int facet(PanelId panel) {
            return Optional.ofNullable(carriers.get(panel))
                    .orElseThrow(() -> new IllegalStateException("no facet carries " + panel.value()));
        }

        private boolean rides(Panel panel) {
            if (!(panel.hanging() instanceof Panel.Stuck stuck) || hosts.contains(panel.id()) || isLoose(panel)) {
                return false;
            }
            Outline lying = panel.outline().in(stuck.placement());
            return Overlay.contains(Region.of(panel(stuck.panel()).outline()), lying);
        }

        /** A band only holds the shut card together: it comes on after the last fold, with all that is on it. */
        private List<Panel> folding() {
            Set<PanelId> slipped = new HashSet<>();
            List<Panel> folding = new ArrayList<>();
            for (Panel panel : card.panels()) {
                boolean band = !card.isOfBase(panel.piece()) && isLoose(panel);
                boolean onBand = panel.hanging().on().filter(slipped::contains).isPresent();
                if (band || onBand) {
                    slipped.add(panel.id());
                } else {
                    folding.add(panel);
                }
            }
            return folding;
        }

        private boolean isLoose(Panel panel) {
            return card.join(panel.piece())
                    .filter(join -> join.adhesion().kind() == Adhesion.Kind.NONE)
                    .isPresent();
        }

        private Panel panel(PanelId id) {
            return Optional.ofNullable(panels.get(id))
                    .orElseThrow(() -> new IllegalStateException("the pattern has no panel " + id.value()));
        }

        private Facet asFacet(Panel panel) {
            List<List<Vertex>> rings = Places.rings(panel.material(card.pieceOf(panel.piece())));
            return new Facet(
                    card.nameOf(panel),
                    Optional.ofNullable(sheets.get(panel.piece()))
                            .orElseThrow(() -> new IllegalStateException("the pattern has no sheet of "
                                    + panel.piece().value())),
                    rings.get(0),
                    rings.subList(1, rings.size()));
        }

        private Optional<Crease> crease(Panel panel) {
            if (!(panel.hanging() instanceof Panel.OnScore hinge)) {
                return Optional.empty();
            }
            Piece piece = card.pieceOf(panel.piece());
            Score score = piece.scoreOf(hinge.score());
            int degrees = hinge.degrees().orElse(shut.angle(hinge.score()));
            Crease.Fold way = score.fold() == Score.Fold.VALLEY ? Crease.Fold.VALLEY : Crease.Fold.MOUNTAIN;
            Stretch line = new Stretch(
                    Places.vertex(score.line().start()),
                    Places.vertex(score.line().end()));
            return Optional.of(new Crease(
                    facet(hinge.panel()),
                    facet(panel.id()),
                    line.within(Places.corners(panel.outline()))
                            .within(Places.corners(panel(hinge.panel()).outline())),
                    degrees > HALF_WAY ? way : Crease.Fold.FLAT,
                    hinge.degrees().isPresent()));
        }

        private Optional<Weld> weld(Panel panel) {
            return panel.hanging() instanceof Panel.Stuck stuck
                    ? Optional.of(new Weld(
                            facet(stuck.panel()),
                            facet(panel.id()),
                            isometry(stuck.placement()),
                            stuck.side() == Side.UP,
                            !isLoose(panel)))
                    : Optional.empty();
        }

        /** What is said of panels, then what the order says in which the base is meant to be closed. */
        private List<Above> known() {
            List<Above> known = new ArrayList<>(said());
            if (asMeant) {
                ShutFold meant = ShutFold.of(
                        card.panels(), card.pieces(), shut, card.form().closing());
                List<PanelId> ofBase = facets.stream()
                        .filter(panel -> card.isOfBase(panel.piece()))
                        .map(Panel::id)
                        .toList();
                for (PanelId one : ofBase) {
                    for (PanelId other : ofBase) {
                        Above above = new Above(facet(one), facet(other));
                        if (meant.level(one) > meant.level(other)
                                && !known.contains(new Above(facet(other), facet(one)))) {
                            known.add(above);
                        }
                    }
                }
            }
            return known;
        }

        private List<Above> said() {
            List<Above> known = new ArrayList<>();
            for (Form.Above above : card.above()) {
                if (carriers.containsKey(above.upper()) && carriers.containsKey(above.lower())) {
                    known.add(new Above(facet(above.upper()), facet(above.lower())));
                }
            }
            return known;
        }
    }
}

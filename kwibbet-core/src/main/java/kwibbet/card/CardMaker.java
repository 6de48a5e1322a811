package kwibbet.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/** Derives a card from its design. */
public final class CardMaker {

    private static final int MOST_LAYERS = 40;
    private static final int LONGEST_NAME = 60;
    /** Narrower than this, a trimmer's clamp no longer holds the piece; common practice, no source. */
    private static final Length NARROWEST = Length.ofInches(1, 8);

    private CardMaker() {}

    /**
     * The card, or all that stands in its way. The fields of the refusals are the keys of the base's parameters, or
     * {@code border}, {@code width} and {@code height} after a layer's id and a dot, or {@code name}, {@code make}, {@code
     * spares} and {@code layers}.
     */
    public static Outcome<Card> make(Design design) {
        List<Refusal> reasons = new ArrayList<>(design.run().checked().reasons());
        if (design.name().isBlank() || design.name().length() > LONGEST_NAME) {
            reasons.add(new Refusal("name", "Give the card a name of 1 to " + LONGEST_NAME + " letters."));
        }
        if (design.layers().size() > MOST_LAYERS) {
            reasons.add(new Refusal("layers", "A card can hold " + MOST_LAYERS + " layers."));
        }
        for (Parameter parameter : design.base().parameters()) {
            reasons.addAll(outOfRange(parameter, design));
        }
        if (!reasons.isEmpty()) {
            return Outcome.refused(reasons);
        }
        return design.base().form(design.settings(), design.system()).then(form -> new Stack(design, form).build());
    }

    private static List<Refusal> outOfRange(Parameter parameter, Design design) {
        MeasureSystem system = design.system();
        if (parameter instanceof Parameter.OfLength range) {
            Length length = design.settings().length(range);
            if (length.isShorterThan(range.least()) || length.isLongerThan(range.most())) {
                return List.of(new Refusal(
                        range.key(),
                        range.label() + " must be "
                                + Figure.of(range.least(), system).text() + " to " + Figure.of(range.most(), system)
                                + ", not " + Figure.of(length, system) + "."));
            }
        }
        if (parameter instanceof Parameter.OfChoice choice) {
            String chosen = design.settings().choice(choice);
            if (choice.choices().stream().noneMatch(way -> way.key().equals(chosen))) {
                return List.of(new Refusal(choice.key(), choice.label() + " cannot be “" + chosen + "”."));
            }
        }
        return List.of();
    }

    /** Lays the layers on a base, from the bottom up. */
    private static final class Stack {

        private final Design design;
        private final Form form;
        private final List<Piece> pieces = new ArrayList<>();
        private final List<Join> joins = new ArrayList<>();
        private final List<Refusal> reasons = new ArrayList<>();
        private final Map<PieceId, Join> laid = new HashMap<>();

        Stack(Design design, Form form) {
            this.design = design;
            this.form = form;
        }

        Outcome<Card> build() {
            pieces.add(new Piece(PieceId.BASE, "Base", design.paper(), form.flat(), form.scores()));
            for (Layer layer : design.layers()) {
                lay(layer);
            }
            return reasons.isEmpty() ? Outcome.made(new Card(design, form, pieces, joins)) : Outcome.refused(reasons);
        }

        private void lay(Layer layer) {
            if (layer.id().equals(PieceId.BASE) || laid.containsKey(layer.id())) {
                refuse(layer, "layer", "Two pieces are called “" + layer.id().value() + "”.");
                return;
            }
            Rect area;
            Face face;
            PieceId lower;
            if (layer.host() instanceof Host.OnFace host) {
                var found = form.face(host.face());
                if (found.isEmpty()) {
                    refuse(layer, "on", "This base has no face “" + host.face() + "” for it to sit on.");
                    return;
                }
                face = found.get();
                area = form.panel(face.panel()).orElseThrow().area();
                lower = PieceId.BASE;
            } else {
                Host.OnLayer host = (Host.OnLayer) layer.host();
                Join below = laid.get(host.layer());
                if (below == null) {
                    refuse(layer, "on", "The layer it sits on is not there.");
                    return;
                }
                face = below.face();
                area = below.zone();
                lower = host.layer();
            }
            fitted(layer, area.size(), face)
                    .map(size -> new Join(layer.id(), lower, face, area.centred(size)))
                    .ifPresent(join -> add(layer, join));
        }

        private void add(Layer layer, Join join) {
            laid.put(layer.id(), join);
            joins.add(join);
            pieces.add(new Piece(
                    layer.id(), layer.name(), layer.paper(), join.zone().size(), List.of()));
        }

        private Optional<Size> fitted(Layer layer, Size host, Face face) {
            if (layer.name().isBlank() || layer.name().length() > LONGEST_NAME) {
                refuse(layer, "name", "Give the layer a name of 1 to " + LONGEST_NAME + " letters.");
                return Optional.empty();
            }
            if (layer.fit() instanceof Fit.ByBorder fit) {
                return byBorder(layer, fit.border(), host, face);
            }
            Size size = ((Fit.BySize) layer.fit()).size();
            boolean tooWide = size.width().isLongerThan(host.width());
            boolean tooHigh = size.height().isLongerThan(host.height());
            for (String side : List.of("width", "height")) {
                if ((side.equals("width") ? size.width() : size.height()).isShorterThan(NARROWEST)) {
                    refuse(
                            layer,
                            side,
                            "Less than " + Figure.of(NARROWEST, design.system()) + " cannot be held and cut.");
                    return Optional.empty();
                }
            }
            if (tooWide) {
                refuse(layer, "width", tooLarge(layer, "wider", host.width(), face));
            }
            if (tooHigh) {
                refuse(layer, "height", tooLarge(layer, "higher", host.height(), face));
            }
            return tooWide || tooHigh ? Optional.empty() : Optional.of(size);
        }

        private Optional<Size> byBorder(Layer layer, Length border, Size host, Face face) {
            Length twice = border.multipliedBy(2);
            Length shorter = Length.min(host.width(), host.height());
            if (border.isNegative()) {
                refuse(layer, "border", layer.name() + " would be larger than what it sits on. A border is 0 or more.");
                return Optional.empty();
            }
            if (twice.plus(NARROWEST).isLongerThan(shorter)) {
                Length widest = Length.max(shorter.minus(NARROWEST), Length.ZERO);
                Figure most = Figure.of(Length.ofTicks(widest.toTicks() / 2), design.system());
                refuse(
                        layer,
                        "border",
                        "Hardly anything would be left of " + layer.name() + " on the " + face.title()
                                + ". The border can be at most " + most + ".");
                return Optional.empty();
            }
            return Optional.of(new Size(host.width().minus(twice), host.height().minus(twice)));
        }

        private String tooLarge(Layer layer, String how, Length most, Face face) {
            return layer.name() + " would be " + how + " than what it sits on, on the " + face.title()
                    + ". It can be at most " + Figure.of(most, design.system()) + ".";
        }

        private void refuse(Layer layer, String field, String message) {
            reasons.add(new Refusal(layer.id().value() + "." + field, message));
        }
    }
}

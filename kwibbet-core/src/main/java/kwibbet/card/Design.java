package kwibbet.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;

/**
 * What a maker keeps of a card: relations, from which every piece is derived.
 *
 * @param name what the maker calls it
 * @param system the system its figures are read and printed in
 * @param base how the sheet folds
 * @param settings the parameters of the base
 * @param paper what the base is cut from
 * @param foldAlongGrain whether the first score must run with the paper's grain where that is known
 * @param layers mats and other layers, each after the one it sits on
 * @param run how many are made
 */
public record Design(
        String name,
        MeasureSystem system,
        Base base,
        Settings settings,
        PaperId paper,
        boolean foldAlongGrain,
        List<Layer> layers,
        Run run) {

    /** Copies the layers. */
    public Design {
        layers = List.copyOf(layers);
    }

    /** This design under another name. */
    public Design withName(String otherName) {
        return new Design(otherName, system, base, settings, paper, foldAlongGrain, layers, run);
    }

    /** This design read and printed in another system; no length changes. */
    public Design withSystem(MeasureSystem otherSystem) {
        return new Design(name, otherSystem, base, settings, paper, foldAlongGrain, layers, run);
    }

    /** This design with its base set and cut otherwise. */
    public Design withBase(Settings otherSettings, PaperId otherPaper, boolean alongGrain) {
        return new Design(name, system, base, otherSettings, otherPaper, alongGrain, layers, run);
    }

    /** This design with other layers. */
    public Design withLayers(List<Layer> otherLayers) {
        return new Design(name, system, base, settings, paper, foldAlongGrain, otherLayers, run);
    }

    /** This design made another number of times. */
    public Design withRun(Run otherRun) {
        return new Design(name, system, base, settings, paper, foldAlongGrain, layers, otherRun);
    }

    /** This design with one layer more, on top of all. */
    public Design plus(Layer layer) {
        List<Layer> more = new ArrayList<>(layers);
        more.add(layer);
        return withLayers(more);
    }

    /** This design with the layer of the same id replaced. */
    public Design with(Layer changed) {
        return withLayers(layers.stream()
                .map(layer -> layer.id().equals(changed.id()) ? changed : layer)
                .toList());
    }

    /** This design without a layer; what sat on it sits on what it sat on. */
    public Design without(PieceId id) {
        Optional<Layer> gone = layer(id);
        if (gone.isEmpty()) {
            return this;
        }
        Host host = gone.get().host();
        return withLayers(layers.stream()
                .filter(layer -> !layer.id().equals(id))
                .map(layer -> layer.host().equals(new Host.OnLayer(id))
                        ? new Layer(layer.id(), layer.name(), host, layer.fit(), layer.paper())
                        : layer)
                .toList());
    }

    /** The layer of that id, if there is one. */
    public Optional<Layer> layer(PieceId id) {
        return layers.stream().filter(layer -> layer.id().equals(id)).findFirst();
    }

    /** What the next layer on a face is stuck to: the topmost layer there, or the face itself. */
    public Host topOf(Face face) {
        Host top = new Host.OnFace(face.key());
        for (Layer layer : layers) {
            if (layer.host().equals(top)) {
                top = new Host.OnLayer(layer.id());
            }
        }
        return top;
    }

    /** An id no piece of this design has yet. */
    public PieceId nextLayerId() {
        int number = 1;
        while (layer(new PieceId("mat-" + number)).isPresent()) {
            number++;
        }
        return new PieceId("mat-" + number);
    }
}

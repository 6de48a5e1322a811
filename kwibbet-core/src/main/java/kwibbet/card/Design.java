package kwibbet.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/**
 * What a maker keeps of a card: relations, from which every piece is derived.
 *
 * @param name what the maker calls it
 * @param system the system its figures are read and printed in
 * @param base how the sheet folds
 * @param settings the parameters of the base
 * @param papers what the base is cut from, by the key of the slot
 * @param foldAlongGrain whether the first score must run with the paper's grain where that is known
 * @param additions what is done to it, each after what it is done to
 * @param notes the maker's own words
 * @param own what the maker changed about how it is made
 * @param drawnFor the size of the shut card its fixed lengths were entered for, where that is another than the present one
 */
public record Design(
        String name,
        MeasureSystem system,
        Base base,
        Settings settings,
        Map<String, PaperId> papers,
        boolean foldAlongGrain,
        List<Addition> additions,
        String notes,
        OwnMaking own,
        Optional<Size> drawnFor) {

    /** Copies the lists. */
    public Design {
        papers = Map.copyOf(papers);
        additions = List.copyOf(additions);
    }

    /** A base with nothing on it. */
    public static Design of(String name, MeasureSystem system, Base base, Settings settings, PaperId paper) {
        return new Design(
                name,
                system,
                base,
                settings,
                Map.of(PaperSlot.PAPER.key(), paper),
                false,
                List.of(),
                "",
                OwnMaking.NONE,
                Optional.empty());
    }

    /** This design under another name. */
    public Design withName(String otherName) {
        return new Design(otherName, system, base, settings, papers, foldAlongGrain, additions, notes, own, drawnFor);
    }

    /** This design read and printed in another system; no length changes. */
    public Design withSystem(MeasureSystem other) {
        return new Design(name, other, base, settings, papers, foldAlongGrain, additions, notes, own, drawnFor);
    }

    /** This design with its base set otherwise. */
    public Design with(Settings other) {
        return new Design(name, system, base, other, papers, foldAlongGrain, additions, notes, own, drawnFor);
    }

    /** This design on another base, with nothing on it. */
    public Design on(Base otherBase, Settings other) {
        return new Design(
                name, system, otherBase, other, papers, foldAlongGrain, List.of(), notes, own, Optional.empty());
    }

    /** This design with its base cut otherwise. */
    public Design withPapers(Map<String, PaperId> other, boolean alongGrain) {
        return new Design(name, system, base, settings, other, alongGrain, additions, notes, own, drawnFor);
    }

    /** This design with other additions. */
    public Design withAdditions(List<Addition> other) {
        return new Design(name, system, base, settings, papers, foldAlongGrain, other, notes, own, drawnFor);
    }

    /** This design with other notes. */
    public Design withNotes(String other) {
        return new Design(name, system, base, settings, papers, foldAlongGrain, additions, other, own, drawnFor);
    }

    /** This design made otherwise. */
    public Design with(OwnMaking other) {
        return new Design(name, system, base, settings, papers, foldAlongGrain, additions, notes, other, drawnFor);
    }

    private Design drawnFor(Optional<Size> other) {
        return new Design(name, system, base, settings, papers, foldAlongGrain, additions, notes, own, other);
    }

    /** The size of the shut card. */
    public Size finished() {
        return base.finished(settings);
    }

    /**
     * This design for another size of the shut card. Borders, laps and depths stay; widths, heights and offsets that were
     * entered grow with the card. Resized back, it is the design it was.
     */
    public Design resized(Size other) {
        Size drawn = drawnFor.orElse(finished());
        return with(base.sized(settings, other)).drawnFor(drawn.equals(other) ? Optional.empty() : Optional.of(drawn));
    }

    /** The settings of the base at the present size. */
    public Settings present() {
        return Growth.of(this).ofBase(base, settings);
    }

    /** The settings of an addition at the present size. */
    public Settings present(Addition addition) {
        return Growth.of(this).of(addition);
    }

    /** This design with all lengths as they are at the present size, to enter others beside them. */
    public Design settled() {
        if (drawnFor.isEmpty()) {
            return this;
        }
        Growth growth = Growth.of(this);
        return with(growth.ofBase(base, settings))
                .withAdditions(additions.stream()
                        .map(addition -> addition.with(growth.of(addition)))
                        .toList())
                .drawnFor(Optional.empty());
    }

    /** This design with one addition more, on top of all. */
    public Design plus(Addition addition) {
        List<Addition> more = new ArrayList<>(additions);
        more.add(addition);
        return withAdditions(more);
    }

    /** This design with the addition of the same id replaced. */
    public Design with(Addition changed) {
        return withAdditions(additions.stream()
                .map(addition -> addition.id().equals(changed.id()) ? changed : addition)
                .toList());
    }

    /** This design without an addition; what sat on it sits on what it sat on. */
    public Design without(PieceId id) {
        Optional<Addition> gone = addition(id);
        if (gone.isEmpty()) {
            return this;
        }
        Host host = gone.get().host();
        return withAdditions(additions.stream()
                .filter(addition -> !addition.id().equals(id))
                .map(addition -> addition.host().equals(new Host.OnPiece(id)) ? addition.with(host) : addition)
                .toList());
    }

    /** The addition of that id, if there is one. */
    public Optional<Addition> addition(PieceId id) {
        return additions.stream().filter(addition -> addition.id().equals(id)).findFirst();
    }

    /** What the next layer on a face or a piece is stuck to: the topmost layer there, or the face or piece itself. */
    public Host topOf(Host host) {
        Host top = host;
        for (Addition addition : additions) {
            if (addition.host().equals(top) && addition.feature().isLayer()) {
                top = new Host.OnPiece(addition.id());
            }
        }
        return top;
    }

    /** An id no piece of this design has yet. */
    public PieceId nextId(Feature feature) {
        return idOf(feature, nextNumber(feature));
    }

    /** A feature under the next free number, which is also in its name; it is not on this design yet. */
    public Addition next(Feature feature, Host host, Settings itsSettings, Map<String, PaperId> itsPapers) {
        String title = feature.title() + " " + nextNumber(feature);
        return new Addition(nextId(feature), title, feature, host, itsSettings, itsPapers);
    }

    private int nextNumber(Feature feature) {
        int number = 1;
        while (addition(idOf(feature, number)).isPresent()) {
            number++;
        }
        return number;
    }

    private static PieceId idOf(Feature feature, int number) {
        return new PieceId(feature.key() + "-" + number);
    }
}

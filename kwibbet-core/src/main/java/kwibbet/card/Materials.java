package kwibbet.card;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;

/**
 * What thickness and roundings are worked out from.
 *
 * @param shelf the papers there are
 * @param trim the marks of the trimmer: reliefs are rounded up to what it shows
 */
public record Materials(PaperShelf shelf, Graduation trim) {

    /** An empty shelf and a trimmer that shows sixteenths. */
    public static final Materials USUAL = new Materials(new PaperShelf(List.of()), Graduation.SIXTEENTHS);

    /** The thickness of ordinary card stock, about 270 g/m²; common practice, no source. */
    private static final Length USUAL_CALIPER = Length.ofMillimetres(3, 10);

    /** The thickness of a paper; that of ordinary card stock where it is not on the shelf. */
    public Length caliper(PaperId paper) {
        return shelf.find(paper).map(Paper::caliper).orElse(USUAL_CALIPER);
    }

    /** Whether a paper is clear film. */
    public boolean isClear(PaperId paper) {
        return shelf.find(paper).map(Paper::kind).filter(PaperKind.FILM::equals).isPresent()
                || paper.equals(PaperId.FILM);
    }

    /** Whether a paper is a sheet of labels, coated with adhesive behind. */
    public boolean isLabel(PaperId paper) {
        return shelf.find(paper)
                .map(Paper::kind)
                .filter(PaperKind.LABEL::equals)
                .isPresent();
    }

    /**
     * What a slot is cut from: the paper chosen for it; or, where any stock does, that of the thing it is part of; or the first of its
     * kind; or one that is not on the shelf.
     */
    public PaperId paper(PaperSlot slot, Map<String, PaperId> chosen) {
        Optional<PaperId> main = slot.kind() == PaperKind.CARD_STOCK
                ? Optional.ofNullable(chosen.get(PaperSlot.PAPER.key()))
                : Optional.empty();
        return Optional.ofNullable(chosen.get(slot.key())).or(() -> main).orElseGet(() -> first(slot.kind()));
    }

    private PaperId first(PaperKind kind) {
        return shelf.papers().stream()
                .filter(paper -> paper.kind() == kind)
                .findFirst()
                .map(Paper::id)
                .orElse(kind == PaperKind.FILM ? PaperId.FILM : PaperId.NONE);
    }
}

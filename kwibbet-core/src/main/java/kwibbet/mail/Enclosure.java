package kwibbet.mail;

import java.util.Comparator;
import java.util.List;

import kwibbet.card.base.SquareEnvelope;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

/**
 * What goes into an envelope.
 *
 * @param size the size of the shut card
 * @param thick how thick it is
 */
public record Enclosure(Size size, Length thick) {

    /** So much wider and higher than what is in it an envelope is, besides the thickness it goes round; common practice, no source. */
    public static final Length CLEARANCE = Length.ofInches(1, 8);

    /** The inside an envelope needs at least: around its thickness paper loses that much each way. */
    public Size needs() {
        Length more = CLEARANCE.plus(thick);
        Size across = size.width().isShorterThan(size.height()) ? size.turned() : size;
        return new Size(across.width().plus(more), across.height().plus(more));
    }

    /** The least square from which an envelope for it is folded, all its marks such as a tool shows. */
    public SquareEnvelope.Sheet square(MeasureSystem system) {
        return SquareEnvelope.Sheet.of(needs(), SquareEnvelope.OVERLAP.preset(), Graduation.usual(system));
    }

    /** Whether it goes into an envelope, upright or across. */
    public boolean fits(Envelope envelope) {
        Size needs = needs();
        Size within = envelope.size();
        Size across = within.width().isShorterThan(within.height()) ? within.turned() : within;
        return !needs.width().isLongerThan(across.width()) && !needs.height().isLongerThan(across.height());
    }

    /** Those that take it, the smallest first. */
    public List<Envelope> envelopes(List<Envelope> all) {
        return all.stream()
                .filter(this::fits)
                .sorted(Comparator.comparingDouble(envelope -> envelope.size().area()))
                .toList();
    }
}

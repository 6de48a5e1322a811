package kwibbet.tool;

import java.util.List;
import java.util.Optional;

import kwibbet.shape.Size;

/**
 * What lies on the bench besides trimmer, board and press. What is not said is taken to do what is asked of it.
 *
 * @param punches the punches; where none is said, any hole is punched
 * @param folder the largest area an embossing folder gives
 * @param platform the largest sheet the stamping platform takes
 * @param printer the largest sheet the printer takes
 */
public record HandTools(List<Punch> punches, Optional<Size> folder, Optional<Size> platform, Optional<Size> printer) {

    /** Nothing is said. */
    public static final HandTools ANY = new HandTools(List.of(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Copies the list. */
    public HandTools {
        punches = List.copyOf(punches);
    }
}

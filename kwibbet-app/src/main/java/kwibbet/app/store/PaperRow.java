package kwibbet.app.store;

import java.util.Optional;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.Pattern;
import kwibbet.shape.Size;

/** A paper of the inventory; lengths in ticks. */
@Entity
@Table(name = "paper")
class PaperRow extends KeptRow {

    private int place;
    private String name = "";

    @Enumerated(EnumType.STRING)
    private PaperKind kind = PaperKind.CARD_STOCK;

    private long sheetWidth;
    private long sheetHeight;

    @Enumerated(EnumType.STRING)
    private MeasureSystem measureSystem = MeasureSystem.INCH;

    private String colour = "";
    private String otherFace = "";

    @Enumerated(EnumType.STRING)
    private Pattern pattern = Pattern.PLAIN;

    /** Of papers kept before it could be said, none. */
    @Enumerated(EnumType.STRING)
    private @Nullable Pattern otherPattern;

    @Enumerated(EnumType.STRING)
    private Grain grain = Grain.UNKNOWN;

    private int weight;
    private long caliper;
    private int cents;
    private long margin;
    private @Nullable String sizeOf;

    protected PaperRow() {}

    PaperRow(String id, int place) {
        super(id);
        this.place = place;
    }

    void set(Paper paper) {
        name = paper.name();
        kind = paper.kind();
        sheetWidth = paper.sheet().width().toTicks();
        sheetHeight = paper.sheet().height().toTicks();
        measureSystem = paper.system();
        colour = paper.colour().hex();
        otherFace = paper.face().isTwoFaced() ? paper.face().other().hex() : "";
        pattern = paper.pattern();
        otherPattern = paper.face().otherPattern();
        grain = paper.grain();
        weight = paper.gramsPerSquareMetre();
        caliper = paper.caliper().toTicks();
        cents = paper.cents();
        margin = paper.margin().toTicks();
        sizeOf = paper.sizeOf().map(PaperId::value).orElse(null);
    }

    private Paper.Face face() {
        Colour shown = new Colour(colour);
        Colour other = otherFace.isEmpty() ? shown : new Colour(otherFace);
        return otherPattern == null
                ? new Paper.Face(shown, pattern, other)
                : new Paper.Face(shown, pattern, other, otherPattern);
    }

    int place() {
        return place;
    }

    /** The paper, of which there are so many sheets. */
    Paper paper(int onHand) {
        return new Paper(
                new PaperId(getId()),
                name,
                kind,
                new Paper.Format(
                        new Size(Length.ofTicks(sheetWidth), Length.ofTicks(sheetHeight)),
                        measureSystem,
                        Length.ofTicks(margin)),
                face(),
                new Paper.Body(grain, weight, Length.ofTicks(caliper)),
                new Paper.Kept(onHand, cents),
                Optional.ofNullable(sizeOf).map(PaperId::new));
    }
}

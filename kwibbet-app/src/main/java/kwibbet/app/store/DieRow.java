package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

import kwibbet.formats.outline.OutlineDocument;
import kwibbet.measure.Length;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;

/** A die of the inventory; lengths in ticks. */
@Entity
@Table(name = "die")
class DieRow extends KeptRow {

    private int place;
    private String name = "";

    @Enumerated(EnumType.STRING)
    private CutShape.Kind shape = CutShape.Kind.OVAL;

    private long width;
    private long height;
    private long metal;

    @Enumerated(EnumType.STRING)
    private Die.Detail detail = Die.Detail.PLAIN;

    @Enumerated(EnumType.STRING)
    private Sides.Pattern edge = Sides.Pattern.STRAIGHT;

    private long pitch;
    /** The outline of the maker's own that it cuts; nothing where it cuts a shape of the trade. */
    @Lob
    private @Nullable String outline;

    private String nestedSet = "";
    private int onHand;

    protected DieRow() {}

    DieRow(String id, int place) {
        super(id);
        this.place = place;
    }

    void set(Die die) {
        name = die.name();
        if (die.shape().look() instanceof OwnShape own) {
            outline = OutlineDocument.write(own);
        } else if (die.shape().look() instanceof CutShape.Kind kind) {
            shape = kind;
            outline = null;
        }
        width = die.shape().size().width().toTicks();
        height = die.shape().size().height().toTicks();
        metal = die.metal().toTicks();
        detail = die.detail();
        edge = die.sides().pattern();
        pitch = die.sides().pitch().toTicks();
        nestedSet = die.set();
        onHand = die.onHand();
    }

    private Look look() {
        return outline == null ? shape : OutlineDocument.read(outline).orThrow();
    }

    int place() {
        return place;
    }

    Die die() {
        return new Die(
                new DieId(getId()),
                name,
                new CutShape(look(), new Size(Length.ofTicks(width), Length.ofTicks(height))),
                Length.ofTicks(metal),
                detail,
                new Sides(edge, Length.ofTicks(pitch)),
                nestedSet,
                onHand);
    }
}

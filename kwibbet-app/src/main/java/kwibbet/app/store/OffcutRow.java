package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** Leftovers of one size in the drawer; lengths in ticks. */
@Entity
@Table(name = "offcut")
class OffcutRow extends KeptRow {

    private String paper = "";
    private long width;
    private long height;
    private int pieces;

    protected OffcutRow() {}

    OffcutRow(Offcut offcut) {
        super(offcut.id().value());
        paper = offcut.paper().value();
        width = offcut.size().width().toTicks();
        height = offcut.size().height().toTicks();
        pieces = offcut.count();
    }

    void setPieces(int count) {
        pieces = count;
    }

    Offcut offcut() {
        Size size = new Size(Length.ofTicks(width), Length.ofTicks(height));
        return new Offcut(new OffcutId(getId()), new PaperId(paper), size, pieces);
    }
}

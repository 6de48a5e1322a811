package kwibbet.app.store;

import java.util.Optional;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;
import kwibbet.stock.StockItem;
import kwibbet.stock.StockLevels;

/** A size of leftovers that is or was in the drawer; lengths in ticks. How many there are the ledger tells. */
@Entity
@Table(name = "offcut")
class OffcutRow extends KeptRow {

    private String paper = "";
    private long width;
    private long height;

    protected OffcutRow() {}

    OffcutRow(OffcutId id, StockItem.Leftovers leftovers) {
        super(id.value());
        paper = leftovers.paper().value();
        width = leftovers.size().width().toTicks();
        height = leftovers.size().height().toTicks();
    }

    /** What there is of it; nothing where there is none. */
    Optional<Offcut> offcut(StockLevels levels) {
        Size size = new Size(Length.ofTicks(width), Length.ofTicks(height));
        PaperId of = new PaperId(paper);
        return Optional.of(levels.of(new StockItem.Leftovers(of, size)))
                .filter(count -> count > 0)
                .map(count -> new Offcut(new OffcutId(getId()), of, size, Math.toIntExact(count)));
    }
}

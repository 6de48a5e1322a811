package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

import kwibbet.measure.Length;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** Leftovers of one size in the drawer; lengths in ticks. */
@Entity
@Table(name = "offcut")
class OffcutRow implements Persistable<String> {

    @Id
    private String id = "";

    private String paper = "";
    private long width;
    private long height;
    private int pieces;

    @Version
    private @Nullable Long version;

    protected OffcutRow() {}

    OffcutRow(Offcut offcut) {
        id = offcut.id().value();
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
        return new Offcut(new OffcutId(id), new PaperId(paper), size, pieces);
    }

    @Override
    public String getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }
}

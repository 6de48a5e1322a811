package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

import kwibbet.formats.outline.OutlineDocument;

/** An outline of the maker's own, as a document. */
@Entity
@Table(name = "outline")
class OutlineRow extends KeptRow {

    private int place;

    @Lob
    private String document = "";

    private String told = "";

    protected OutlineRow() {}

    OutlineRow(String id, int place) {
        super(id);
        this.place = place;
    }

    void set(KeptOutline outline) {
        document = OutlineDocument.write(outline.shape());
        told = outline.told();
    }

    int place() {
        return place;
    }

    /** The outline, which was drawn before it was kept. */
    KeptOutline outline() {
        return new KeptOutline(getId(), OutlineDocument.read(document).orThrow(), told);
    }
}

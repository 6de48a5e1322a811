package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** One state of a design. */
@Entity
@Table(name = "design_revision")
class RevisionRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @SuppressWarnings("UnusedVariable") // read by the queries of a design's revisions
    private String designId = "";

    private int number;
    private String label = "";
    private String gesture = "";

    @Lob
    private String document = "";

    protected RevisionRow() {}

    RevisionRow(String designId, int number, Edit edit, String document) {
        this.designId = designId;
        this.number = number;
        this.label = edit.label();
        this.gesture = edit.gesture();
        this.document = document;
    }

    int number() {
        return number;
    }

    String label() {
        return label;
    }

    /** Whether it goes on with the same gesture. */
    boolean isPartOf(Edit edit) {
        return !gesture.isEmpty() && gesture.equals(edit.gesture());
    }

    void setDocument(String changed) {
        document = changed;
    }

    String document() {
        return document;
    }
}

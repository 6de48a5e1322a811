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

    @Lob
    private String document = "";

    protected RevisionRow() {}

    RevisionRow(String designId, int number, String label, String document) {
        this.designId = designId;
        this.number = number;
        this.label = label;
        this.document = document;
    }

    int number() {
        return number;
    }

    String label() {
        return label;
    }

    String document() {
        return document;
    }
}

package kwibbet.app.store;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A design and which of its revisions is the present one. */
@Entity
@Table(name = "design")
class DesignRow extends KeptRow {

    private String name = "";
    private int head;
    private boolean removed;
    private String lastEdit = "";

    @SuppressWarnings("UnusedVariable") // read by the query that orders the shelf
    private Instant changedAt = Instant.EPOCH;

    protected DesignRow() {}

    DesignRow(String id) {
        super(id);
    }

    void moveTo(int number, String newName, Instant now) {
        head = number;
        name = newName;
        changedAt = now;
    }

    /** Whether it is as it is by this edit, which was sent once more. */
    boolean isMadeBy(Edit edit) {
        return !edit.id().isEmpty() && edit.id().equals(lastEdit);
    }

    void setMadeBy(Edit edit) {
        lastEdit = edit.id();
    }

    void setRemoved(boolean isRemoved) {
        removed = isRemoved;
    }

    int head() {
        return head;
    }

    boolean isRemoved() {
        return removed;
    }

    String name() {
        return name;
    }
}

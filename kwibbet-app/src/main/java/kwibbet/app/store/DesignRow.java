package kwibbet.app.store;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A design and which of its revisions is the present one. */
@Entity
@Table(name = "design")
class DesignRow implements Persistable<String> {

    @Id
    private String id = "";

    private String name = "";
    private int head;
    private boolean removed;

    @SuppressWarnings("UnusedVariable") // read by the query that orders the shelf
    private Instant changedAt = Instant.EPOCH;

    @Version
    private @Nullable Long version;

    protected DesignRow() {}

    DesignRow(String id) {
        this.id = id;
    }

    void moveTo(int number, String newName, Instant now) {
        head = number;
        name = newName;
        changedAt = now;
    }

    void setRemoved(boolean isRemoved) {
        removed = isRemoved;
    }

    @Override
    public String getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
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

    long version() {
        return version == null ? 0 : version;
    }
}

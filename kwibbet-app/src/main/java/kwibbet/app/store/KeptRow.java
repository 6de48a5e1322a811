package kwibbet.app.store;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A row whose id is given to it: it is new until it has a version. */
@MappedSuperclass
abstract class KeptRow implements Persistable<String> {

    @Id
    private String id = "";

    @Version
    private @Nullable Long version;

    protected KeptRow() {}

    protected KeptRow(String id) {
        this.id = id;
    }

    @Override
    public String getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    long version() {
        return version == null ? 0 : version;
    }
}

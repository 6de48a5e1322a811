package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

import kwibbet.measure.MeasureSystem;

/** What holds for the whole studio. There is one row at most; none until the maker chose. */
@Entity
@Table(name = "studio")
class StudioRow implements Persistable<Integer> {

    static final int ONLY = 1;

    @Id
    private int id = ONLY;

    @Enumerated(EnumType.STRING)
    private MeasureSystem measureSystem = Studio.UNCHOSEN.system();

    @Enumerated(EnumType.STRING)
    private Studio.Sheets sheets = Studio.UNCHOSEN.sheets();

    @Version
    private @Nullable Long version;

    protected StudioRow() {}

    static StudioRow empty() {
        return new StudioRow();
    }

    void set(Studio studio) {
        measureSystem = studio.system();
        sheets = studio.sheets();
    }

    Studio studio() {
        return new Studio(measureSystem, sheets);
    }

    @Override
    public Integer getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }
}

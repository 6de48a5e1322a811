package kwibbet.app.store;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

import org.springframework.data.domain.Limit;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.card.Design;
import kwibbet.formats.document.DesignDocument;

/**
 * Keeps designs and their history. A change is in the file when the method returns.
 *
 * <p>Every change names the version it was made to; where that is no longer the present one, {@link StaleDesignException} is
 * thrown and nothing is stored.
 */
@Service
public class DesignStore {

    private final DesignRows designs;
    private final RevisionRows revisions;
    private final TransactionTemplate transaction;
    private final Clock clock;

    DesignStore(DesignRows designs, RevisionRows revisions, TransactionTemplate transaction, Clock clock) {
        this.designs = designs;
        this.revisions = revisions;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** The designs changed last, newest first. */
    @Transactional(readOnly = true)
    public List<StoredDesign> recent(int most) {
        return designs.findByRemovedFalseOrderByChangedAtDesc(Limit.of(most)).stream()
                .map(this::stored)
                .toList();
    }

    /** Every design, newest first; removed ones left out. */
    @Transactional(readOnly = true)
    public List<StoredDesign> all() {
        return designs.findByRemovedFalseOrderByChangedAtDesc(Limit.unlimited()).stream()
                .map(this::stored)
                .toList();
    }

    /**
     * The design of that id.
     *
     * @throws NoSuchDesignException when there is none, or it was removed
     */
    @Transactional(readOnly = true)
    public StoredDesign get(String id) {
        return stored(row(id, false));
    }

    /** Keeps a new design. */
    public StoredDesign create(Design design) {
        return change(() -> {
            DesignRow row = new DesignRow(UUID.randomUUID().toString());
            row.moveTo(0, design.name(), clock.instant());
            DesignRow saved = designs.save(row);
            revisions.save(new RevisionRow(saved.getId(), 0, "start", DesignDocument.write(design)));
            return saved;
        });
    }

    /**
     * Keeps a changed design; what undo had taken back is gone.
     *
     * @param id which
     * @param seen the version it was changed from
     * @param design what it is now
     * @param label what was done, for undo
     * @throws StaleDesignException when {@code seen} is not the present version
     * @throws NoSuchDesignException when there is none
     */
    public StoredDesign save(String id, long seen, Design design, String label) {
        return change(() -> {
            DesignRow row = row(id, seen);
            if (stored(row).design().equals(design)) {
                return row;
            }
            revisions.deleteByDesignIdAndNumberGreaterThan(id, row.head());
            revisions.flush();
            int next = row.head() + 1;
            revisions.save(new RevisionRow(id, next, label, DesignDocument.write(design)));
            row.moveTo(next, design.name(), clock.instant());
            return row;
        });
    }

    /**
     * Takes the last change back; nothing happens at the start.
     *
     * @throws StaleDesignException when {@code seen} is not the present version
     * @throws NoSuchDesignException when there is none
     */
    public StoredDesign undo(String id, long seen) {
        return moved(id, seen, -1);
    }

    /**
     * Brings back what undo took; nothing happens at the end.
     *
     * @throws StaleDesignException when {@code seen} is not the present version
     * @throws NoSuchDesignException when there is none
     */
    public StoredDesign redo(String id, long seen) {
        return moved(id, seen, 1);
    }

    private StoredDesign moved(String id, long seen, int by) {
        return change(() -> {
            DesignRow row = row(id, seen);
            revisions
                    .findByDesignIdAndNumber(id, row.head() + by)
                    .ifPresent(revision ->
                            row.moveTo(revision.number(), design(revision).name(), clock.instant()));
            return row;
        });
    }

    /**
     * Takes a design off the shelf; {@link #restore} puts it back.
     *
     * @throws NoSuchDesignException when there is none
     */
    @Transactional
    public String remove(String id) {
        DesignRow row = row(id, false);
        row.setRemoved(true);
        return row.name();
    }

    /**
     * Puts a removed design back on the shelf.
     *
     * @throws NoSuchDesignException when there is no removed design of that id
     */
    @Transactional
    public void restore(String id) {
        row(id, true).setRemoved(false);
    }

    private StoredDesign change(Supplier<DesignRow> work) {
        try {
            String id = transaction.execute(status -> work.get().getId());
            return transaction.execute(status -> stored(row(id, false)));
        } catch (ObjectOptimisticLockingFailureException clash) {
            throw new StaleDesignException(String.valueOf(clash.getIdentifier()));
        }
    }

    private DesignRow row(String id, boolean removed) {
        return designs.findById(id)
                .filter(row -> row.isRemoved() == removed)
                .orElseThrow(() -> new NoSuchDesignException(id));
    }

    private DesignRow row(String id, long seen) {
        DesignRow row = row(id, false);
        if (row.version() != seen) {
            throw new StaleDesignException(id);
        }
        return row;
    }

    private StoredDesign stored(DesignRow row) {
        RevisionRow present =
                revisions.findByDesignIdAndNumber(row.getId(), row.head()).orElseThrow();
        Optional<String> undo = row.head() > 0 ? Optional.of(present.label()) : Optional.empty();
        Optional<String> redo =
                revisions.findByDesignIdAndNumber(row.getId(), row.head() + 1).map(RevisionRow::label);
        return new StoredDesign(row.getId(), row.version(), design(present), undo, redo);
    }

    private static Design design(RevisionRow revision) {
        return DesignDocument.read(revision.document()).orThrow();
    }
}

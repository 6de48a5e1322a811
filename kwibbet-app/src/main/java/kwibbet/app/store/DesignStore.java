package kwibbet.app.store;

import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;

import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.formats.document.DesignDocument;
import kwibbet.outcome.Outcome;
import kwibbet.run.CardRun;

/**
 * Keeps designs and their history. A change is in the file when the method returns, and was read back before.
 *
 * <p>Every change names the version it was made to; where that is no longer the present one, {@link StaleDesignException} is
 * thrown and nothing is stored. A change that is sent once more because its answer was lost is recognised by its {@link Edit}.
 */
@Service
public class DesignStore {

    /** The state of a row that is there already, ISO 9075. */
    private static final String UNIQUE = "23505";

    private final DesignRows designs;
    private final RevisionRows revisions;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Room room;
    // A document never changes: what was read of one is known by its text, and outlines in it are put together once.
    private final Map<String, CardRun> known = Collections.synchronizedMap(new Workshop.Recent<>());

    DesignStore(DesignRows designs, RevisionRows revisions, TransactionTemplate transaction, Clock clock, Room room) {
        this.designs = designs;
        this.revisions = revisions;
        this.transaction = transaction;
        this.clock = clock;
        this.room = room;
    }

    /**
     * What stands on the shelf.
     *
     * @param designs those that can be read, newest first
     * @param damaged those whose present state cannot be read
     * @param hasOlder whether older ones follow
     */
    public record Shelf(List<StoredDesign> designs, List<DamagedDesign> damaged, boolean hasOlder) {
        /** Copies the lists. */
        public Shelf {
            designs = List.copyOf(designs);
            damaged = List.copyOf(damaged);
        }
    }

    /** In which order designs stand. */
    public enum Order {
        /** The one changed last first. */
        RECENT,
        /** By name. */
        NAME;

        private Sort sort() {
            Sort sort =
                    switch (this) {
                        case RECENT -> Sort.by(Sort.Direction.DESC, "changedAt");
                        case NAME -> Sort.by(Sort.Order.by("name").ignoreCase());
                    };
            return sort.and(Sort.by("id"));
        }
    }

    /**
     * Which designs are looked at.
     *
     * @param words what their names contain, in whatever case; empty for all
     * @param order in which order
     * @param isAway whether those that are off the shelf are meant
     */
    public record Look(String words, Order order, boolean isAway) {

        /** All on the shelf, the one changed last first. */
        public static final Look ALL = new Look("", Order.RECENT, false);
    }

    /**
     * Some designs.
     *
     * @param look which
     * @param page which page of them, from 1
     * @param most how many to a page
     */
    @Transactional(readOnly = true)
    public Shelf shelf(Look look, int page, int most) {
        return read(look, PageRequest.of(page - 1, most, look.order().sort()));
    }

    /** Whether any design is off the shelf. */
    @Transactional(readOnly = true)
    public boolean hasAway() {
        return designs.existsByRemovedTrue();
    }

    /** Every design, newest first; removed ones and such as cannot be read are left out. */
    @Transactional(readOnly = true)
    public List<StoredDesign> all() {
        return read(Look.ALL, Pageable.unpaged(Look.ALL.order().sort())).designs();
    }

    private Shelf read(Look look, Pageable page) {
        Slice<DesignRow> rows = designs.findByRemovedAndNameContainingIgnoreCase(look.isAway(), look.words(), page);
        List<StoredDesign> readable = new ArrayList<>();
        List<DamagedDesign> damaged = new ArrayList<>();
        for (DesignRow row : rows) {
            RevisionRow present = present(row);
            Outcome<CardRun> read = read(present.document());
            if (read instanceof Outcome.Made<CardRun> made) {
                readable.add(stored(row, present, made.value()));
            } else {
                damaged.add(damaged(row, read.reasons().get(0).message()));
            }
        }
        return new Shelf(readable, damaged, rows.hasNext());
    }

    private static DamagedDesign damaged(DesignRow row, String reason) {
        return new DamagedDesign(row.getId(), row.version(), row.name(), row.head() > 0, reason);
    }

    /**
     * The design of that id.
     *
     * @throws NoSuchDesignException when there is none, or it was removed
     * @throws DamagedDesignException when its present state cannot be read
     */
    @Transactional(readOnly = true)
    public StoredDesign get(String id) {
        return stored(row(id, false));
    }

    /**
     * The design of that id, to be changed.
     *
     * @param seen the version the maker saw
     * @throws StaleDesignException when {@code seen} is not the present version
     * @throws NoSuchDesignException when there is none, or it was removed
     * @throws DamagedDesignException when its present state cannot be read
     */
    @Transactional(readOnly = true)
    public StoredDesign current(String id, long seen) {
        StoredDesign stored = get(id);
        if (stored.version() != seen) {
            throw new StaleDesignException(id);
        }
        return stored;
    }

    /**
     * Keeps a new design.
     *
     * @throws UnkeepableDesignException when what would be written could not be read back
     */
    public StoredDesign create(CardRun run) {
        String id = UUID.randomUUID().toString();
        return changed(id, () -> {
            DesignRow row = new DesignRow(id);
            row.moveTo(0, run.design().name(), clock.instant());
            DesignRow saved = designs.save(row);
            revisions.save(new RevisionRow(saved.getId(), 0, Edit.of("start"), written(run)));
        });
    }

    /**
     * Keeps a changed design; what undo had taken back is gone.
     *
     * @param id which
     * @param seen the version it was changed from
     * @param run what it is now, and its run
     * @param edit what was done; what goes on with the gesture of the present state takes its place
     * @throws StaleDesignException when {@code seen} is not the present version
     * @throws NoSuchDesignException when there is none
     * @throws UnkeepableDesignException when what would be written could not be read back
     */
    public StoredDesign save(String id, long seen, CardRun run, Edit edit) {
        return change(id, seen, edit, row -> {
            if (stored(row).run().equals(run)) {
                return;
            }
            String document = written(run);
            RevisionRow present = present(row);
            revisions.deleteByDesignIdAndNumberGreaterThan(id, row.head());
            revisions.flush();
            if (present.isPartOf(edit)) {
                present.setDocument(document);
                row.moveTo(row.head(), run.design().name(), clock.instant());
            } else {
                revisions.save(new RevisionRow(id, row.head() + 1, edit, document));
                row.moveTo(row.head() + 1, run.design().name(), clock.instant());
            }
            row.setMadeBy(edit);
        });
    }

    /** The design as an edit left it that is sent once more; nothing where it is as it is by another. */
    @Transactional(readOnly = true)
    public Optional<StoredDesign> madeBy(String id, Edit edit) {
        return designs.findById(id)
                .filter(row -> !row.isRemoved() && row.isMadeBy(edit))
                .map(this::stored);
    }

    /**
     * Takes the last change back; nothing happens at the start. A state that cannot be read can be stepped back from.
     *
     * @throws StaleDesignException when {@code seen} is not the present version
     * @throws NoSuchDesignException when there is none
     */
    public StoredDesign undo(String id, long seen, Edit edit) {
        return moved(id, seen, -1, edit);
    }

    /**
     * Brings back what undo took; nothing happens at the end.
     *
     * @throws StaleDesignException when {@code seen} is not the present version
     * @throws NoSuchDesignException when there is none
     */
    public StoredDesign redo(String id, long seen, Edit edit) {
        return moved(id, seen, 1, edit);
    }

    private StoredDesign moved(String id, long seen, int by, Edit edit) {
        return change(id, seen, edit, row -> revisions
                .findByDesignIdAndNumber(id, row.head() + by)
                .ifPresent(revision -> {
                    String name = DesignDocument.read(revision.document()) instanceof Outcome.Made<CardRun> made
                            ? made.value().design().name()
                            : row.name();
                    row.moveTo(revision.number(), name, clock.instant());
                    row.setMadeBy(edit);
                }));
    }

    /**
     * Takes a design off the shelf; {@link #restore} puts it back.
     *
     * @throws NoSuchDesignException when there is none
     */
    public String remove(String id) {
        return room.forWriting(() -> Objects.requireNonNull(transaction.execute(status -> {
            DesignRow row = row(id, false);
            row.setRemoved(true);
            return row.name();
        })));
    }

    /**
     * Puts a removed design back on the shelf.
     *
     * @throws NoSuchDesignException when there is no removed design of that id
     */
    public void restore(String id) {
        room.forWriting(() -> {
            transaction.executeWithoutResult(status -> row(id, true).setRemoved(false));
            return id;
        });
    }

    private StoredDesign change(String id, long seen, Edit edit, Consumer<DesignRow> work) {
        return changed(id, () -> {
            DesignRow row = row(id, false);
            if (row.isMadeBy(edit)) {
                return;
            }
            if (row.version() != seen) {
                throw new StaleDesignException(id);
            }
            work.accept(row);
        });
    }

    /** Of several changes to one version that come in at once the first is kept; whichever way the others clash, they are stale. */
    private StoredDesign changed(String id, Runnable work) {
        try {
            room.forWriting(() -> {
                transaction.executeWithoutResult(status -> work.run());
                return id;
            });
        } catch (ConcurrencyFailureException clash) {
            throw new StaleDesignException(id);
        } catch (DataIntegrityViolationException fault) {
            if (isTaken(fault)) {
                throw new StaleDesignException(id);
            }
            throw fault;
        }
        return transaction.execute(status -> stored(row(id, false)));
    }

    private static boolean isTaken(DataIntegrityViolationException fault) {
        return fault.getMostSpecificCause() instanceof SQLException cause && UNIQUE.equals(cause.getSQLState());
    }

    private DesignRow row(String id, boolean removed) {
        return designs.findById(id)
                .filter(row -> row.isRemoved() == removed)
                .orElseThrow(() -> new NoSuchDesignException(id));
    }

    private RevisionRow present(DesignRow row) {
        return revisions
                .findByDesignIdAndNumber(row.getId(), row.head())
                .orElseThrow(() -> new NoSuchDesignException(row.getId()));
    }

    private StoredDesign stored(DesignRow row) {
        RevisionRow present = present(row);
        Outcome<CardRun> read = read(present.document());
        if (read instanceof Outcome.Made<CardRun> made) {
            return stored(row, present, made.value());
        }
        throw new DamagedDesignException(damaged(row, read.reasons().get(0).message()));
    }

    private StoredDesign stored(DesignRow row, RevisionRow present, CardRun run) {
        Optional<String> undo = row.head() > 0 ? Optional.of(present.label()) : Optional.empty();
        Optional<String> redo =
                revisions.findByDesignIdAndNumber(row.getId(), row.head() + 1).map(RevisionRow::label);
        return new StoredDesign(row.getId(), row.version(), run, undo, redo);
    }

    private Outcome<CardRun> read(String document) {
        CardRun before = known.get(document);
        if (before != null) {
            return Outcome.made(before);
        }
        Outcome<CardRun> read = DesignDocument.read(document);
        if (read instanceof Outcome.Made<CardRun> made) {
            known.put(document, made.value());
        }
        return read;
    }

    /** What is kept is what can be read. */
    private String written(CardRun run) {
        String document = DesignDocument.write(run);
        Outcome<CardRun> read = DesignDocument.read(document);
        if (read instanceof Outcome.Made<CardRun> made && made.value().equals(run)) {
            known.put(document, made.value());
            return document;
        }
        throw new UnkeepableDesignException(read.reasons());
    }
}

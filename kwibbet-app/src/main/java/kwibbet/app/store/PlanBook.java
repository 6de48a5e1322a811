package kwibbet.app.store;

import java.util.Optional;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;
import kwibbet.formats.cutting.PlanDocument;
import kwibbet.layout.KnownPlans;
import kwibbet.outcome.Outcome;

/** Keeps the best plan found for each job. A plan is replaced by a better one only, and never again once it is final. */
@Component
public class PlanBook implements KnownPlans {

    private static final Logger LOG = LoggerFactory.getLogger(PlanBook.class);

    private final SheetPlanRows rows;
    private final TransactionTemplate transaction;
    private final Room room;

    PlanBook(SheetPlanRows rows, TransactionTemplate transaction, Room room) {
        this.rows = rows;
        this.transaction = transaction;
        this.room = room;
    }

    @Override
    public Optional<Known> of(CuttingJob job) {
        return rows.findById(PlanDocument.keyOf(job)).flatMap(row -> known(row, job));
    }

    private static Optional<Known> known(SheetPlanRow row, CuttingJob job) {
        Outcome<CuttingPlan> read = PlanDocument.read(row.document(), job);
        if (read instanceof Outcome.Made<CuttingPlan> made) {
            return Optional.of(new Known(made.value(), row.isSettled()));
        }
        LOG.warn("The sheet plan {} cannot be read and is made anew: {}", row.getId(), read.reasons());
        return Optional.empty();
    }

    /**
     * Keeps a plan, or what was known where that is better.
     *
     * @param plan a plan
     * @param isFinal whether nothing better is looked for from now on
     */
    public synchronized void keep(CuttingPlan plan, boolean isFinal) {
        try {
            room.forWriting(() -> transaction.execute(status -> {
                put(plan, isFinal);
                return true;
            }));
        } catch (NoRoomException full) {
            // It is still shown, and found once more when it is next asked for.
            LOG.warn("A sheet plan was not kept: {}", full.getMessage());
        }
    }

    private void put(CuttingPlan plan, boolean isFinal) {
        String key = PlanDocument.keyOf(plan.job());
        SheetPlanRow row = rows.findById(key).orElseGet(() -> new SheetPlanRow(key));
        Optional<Known> known = row.isNew() ? Optional.empty() : known(row, plan.job());
        if (known.filter(Known::isFinal).isPresent()) {
            return;
        }
        CuttingPlan best =
                known.map(Known::plan).map(each -> each.orBetter(plan)).orElse(plan);
        row.set(PlanDocument.write(best), isFinal);
        rows.save(row);
    }
}

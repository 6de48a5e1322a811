package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** How a job is cut, by the digest of the job. */
@Entity
@Table(name = "sheet_plan")
class SheetPlanRow extends KeptRow {

    @Lob
    private String document = "";

    private boolean settled;

    protected SheetPlanRow() {}

    SheetPlanRow(String job) {
        super(job);
    }

    void set(String plan, boolean isFinal) {
        document = plan;
        settled = isFinal;
    }

    String document() {
        return document;
    }

    boolean isSettled() {
        return settled;
    }
}

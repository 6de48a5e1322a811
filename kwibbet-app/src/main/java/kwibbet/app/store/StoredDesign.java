package kwibbet.app.store;

import java.util.Optional;

import kwibbet.card.Design;
import kwibbet.run.CardRun;

/**
 * A design as it is kept, with the run that comes with it.
 *
 * @param id its id
 * @param version grows with every change; whoever changes it says which version they saw
 * @param run the design, how many are made, and what is spared
 * @param undo what undo would take back, if anything
 * @param redo what redo would bring back, if anything
 */
public record StoredDesign(String id, long version, CardRun run, Optional<String> undo, Optional<String> redo) {

    /** The design. */
    public Design design() {
        return run.design();
    }

    /** The same with a changed design that is not kept. */
    public StoredDesign as(Design changed) {
        return new StoredDesign(id, version, run.with(changed), undo, redo);
    }
}

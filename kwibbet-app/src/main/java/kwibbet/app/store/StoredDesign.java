package kwibbet.app.store;

import java.util.Optional;

import kwibbet.card.Design;

/**
 * A design as it is kept.
 *
 * @param id its id
 * @param version grows with every change; whoever changes it says which version they saw
 * @param design the design
 * @param undo what undo would take back, if anything
 * @param redo what redo would bring back, if anything
 */
public record StoredDesign(String id, long version, Design design, Optional<String> undo, Optional<String> redo) {

    /** The same with a changed design that is not kept. */
    public StoredDesign as(Design changed) {
        return new StoredDesign(id, version, changed, undo, redo);
    }
}

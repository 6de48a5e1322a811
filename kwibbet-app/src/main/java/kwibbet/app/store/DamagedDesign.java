package kwibbet.app.store;

/**
 * A design whose present state cannot be read.
 *
 * @param id its id
 * @param version of its row
 * @param name what it was called last
 * @param hasEarlier whether there is a state before this one
 * @param reason what is wrong with the document
 */
public record DamagedDesign(String id, long version, String name, boolean hasEarlier, String reason) {}

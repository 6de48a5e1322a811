package kwibbet.tool;

/**
 * Names a die of the inventory.
 *
 * @param value the id
 */
public record DieId(String value) {}

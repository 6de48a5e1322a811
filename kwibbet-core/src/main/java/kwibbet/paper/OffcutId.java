package kwibbet.paper;

/**
 * Names leftovers of one size in the drawer.
 *
 * @param value the id
 */
public record OffcutId(String value) {}

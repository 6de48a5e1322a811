package kwibbet.making;

/**
 * One operation has to come before another.
 *
 * @param before the one
 * @param after the other
 * @param rule the key of the rule that says so
 * @param reason why, as a sentence
 */
public record Wait(Operation before, Operation after, String rule, String reason) {}

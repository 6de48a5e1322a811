package kwibbet.tool;

/**
 * The tools at hand for a run.
 *
 * @param trimmer what sheets are cut with
 * @param board what pieces are scored on
 */
public record Toolbox(Trimmer trimmer, ScoringBoard board) {}

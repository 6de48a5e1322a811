package kwibbet.crease;

/**
 * One facet over another, seen from the up face of the first facet of the pattern.
 *
 * @param upper the index of the facet that lies nearer
 * @param lower the index of the facet that lies farther
 */
public record Above(int upper, int lower) {}

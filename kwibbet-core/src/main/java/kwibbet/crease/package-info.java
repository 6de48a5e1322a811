/**
 * How flat paper folds flat: the crease pattern, the conditions at a vertex, what lies over what, and in which order to fold.
 *
 * <p>A pattern is facets joined by creases and by glue. Every crease that folds is a reflection, so where each facet ends follows from
 * walking from facet to facet ({@link kwibbet.crease.FoldedPlaces}). What lies over what is a choice for each pair of facets that overlap,
 * bound by conditions where creases and facets meet ({@link kwibbet.crease.Overlaps}) and found by exact search ({@link
 * kwibbet.crease.OrderSearch}). The conditions are those of J. Justin, "Towards a mathematical theory of origami" (1997), in the form of
 * choices for pairs as in H. A. Akitaya, E. D. Demaine and J. S. Ku, "Computing flat-folded states" (2024); both recalled from memory. Simple
 * folds are those of E. M. Arkin and others, "When can you fold a map?" (2004).
 *
 * <p>Lengths are {@code double}s in one unit, inches for cards, because angles demand it; x runs right, y down and up is towards the
 * viewer. Facets are known by their index in the pattern. Nothing is null; uses {@code outcome} and the JDK.
 */
@NullMarked
package kwibbet.crease;

import org.jspecify.annotations.NullMarked;

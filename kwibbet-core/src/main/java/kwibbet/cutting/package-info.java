/**
 * Rectangles cut from sheets from edge to edge: the fewest sheets, and the proof that there can be no fewer. Knows nothing of
 * cards and papers.
 *
 * <p>Every layout is a tree of cuts from edge to edge (guillotine cuts), so it can be done at a trimmer. A plan carries a
 * lower bound on its sheets; where the two agree it is proven that no plan uses fewer.
 *
 * <p>Method: column generation after P. C. Gilmore and R. E. Gomory, "A linear programming approach to the cutting stock
 * problem", Operations Research 9 (1961), doi:10.1287/opre.9.6.849, with the two-dimensional knapsack of their "Multistage
 * cutting stock problems of two and more dimensions", Operations Research 13 (1965), doi:10.1287/opre.13.1.94, over the positions
 * of {@link kwibbet.cutting.Positions}; whole sheets by dives, see {@link kwibbet.cutting.Dive}; the bound is {@link
 * kwibbet.cutting.LowerBound}.
 *
 * <p>Sides are {@link kwibbet.measure.Length}; x runs right, y down. Nothing is null. Uses {@code shape} and {@code measure}.
 */
@NullMarked
package kwibbet.cutting;

import org.jspecify.annotations.NullMarked;

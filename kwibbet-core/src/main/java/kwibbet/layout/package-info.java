/**
 * From cards and a count to sheets: the work order, and how each sheet is cut.
 *
 * <p>Every layout is a tree of cuts from edge to edge (guillotine cuts), so it can be done at a trimmer. A plan carries a
 * lower bound on its sheets; where the two agree it is proven that no plan uses fewer.
 *
 * <p>Method: patterns by dynamic programming over normal positions, after P. C. Gilmore and R. E. Gomory, "Multistage
 * cutting stock problems of two and more dimensions", Operations Research 13 (1965), doi:10.1287/opre.13.1.94, and J. E.
 * Beasley, "Algorithms for unconstrained two-dimensional guillotine cutting", Journal of the Operational Research Society
 * 36 (1985), doi:10.1057/jors.1985.51; the bound is a dual-feasible weighting of the parts, as in the former.
 *
 * <p>Nothing is null. Uses {@code card} and below.
 */
@NullMarked
package kwibbet.layout;

import org.jspecify.annotations.NullMarked;

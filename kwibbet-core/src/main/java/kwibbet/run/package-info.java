/**
 * A run of its own: some cards, how many of each, what is spared, and how far it is.
 *
 * <p>One open run comes with each card ({@link kwibbet.run.CardRun}). An open run follows its cards: it is planned anew whenever one of them, a paper or a tool changes. A settled run keeps all it was planned with
 * ({@link kwibbet.run.SettledRun}), so its lists stay as they are; what would become of it with the cards as they are now is told ({@link
 * kwibbet.run.RunChange}), and done only when the maker says so: then what is cut already stays cut, and the rest is planned anew.
 *
 * <p>Nothing is null; uses {@code bench}, {@code layout} and below.
 */
@NullMarked
package kwibbet.run;

import org.jspecify.annotations.NullMarked;

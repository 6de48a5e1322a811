/**
 * How a card is made after the trimmer: what hands do ({@link kwibbet.making.Operation}), what has to come before what and why, one class a rule
 * ({@link kwibbet.making.WaitRule}), and the order that changes tools least often ({@link kwibbet.making.OrderSearch}), with how few there could be.
 *
 * <p>To add a rule, write a class that implements {@link kwibbet.making.WaitRule} and name it in {@link kwibbet.making.Rules}. Rules read joins,
 * zones, openings and what hands do, never what a base or a feature is called. The orders they ask for are common practice, no source, unless said. The
 * search is A* (Hart, Nilsson, Raphael, 1968) over what is done, closed under what costs nothing more; it counts as {@link kwibbet.making.Changes} says and is
 * bounded by {@link kwibbet.making.Rounds}. {@link kwibbet.making.Smoothing} and {@link kwibbet.making.Drying} then place what costs nothing. Nothing is null.
 * Uses {@code press}, {@code card} and below.
 */
@NullMarked
package kwibbet.making;

import org.jspecify.annotations.NullMarked;

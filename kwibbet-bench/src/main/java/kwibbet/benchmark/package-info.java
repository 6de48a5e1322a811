/** Benchmarks of the core, run with {@code kwibbet-bench/run}; the figures they print are what is claimed anywhere. */
@NullMarked
package kwibbet.benchmark;

import org.jspecify.annotations.NullMarked;

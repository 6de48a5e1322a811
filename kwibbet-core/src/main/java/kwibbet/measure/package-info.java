/**
 * Lengths, exact in inches and in millimetres, and how they are read and printed.
 *
 * <p>Nothing is null. Every sum and product is exact or throws {@link java.lang.ArithmeticException}; losing a part of a
 * length happens only in the methods whose names say so ({@code roundedTo}, {@code nearest…}), and the first hand back
 * what was lost. This package uses nothing but the JDK.
 *
 * <p>Verbs: {@code of…} is exact, {@code parse} reads text, {@code with}, {@code plus}, {@code minus}, {@code
 * multipliedBy}, {@code dividedBy} give new values, {@code to…} converts.
 */
@NullMarked
package kwibbet.measure;

import org.jspecify.annotations.NullMarked;

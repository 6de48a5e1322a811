package kwibbet.outcome;

import java.util.List;
import java.util.function.Function;

/**
 * A value, or the reasons there is none.
 *
 * @param <T> the kind of value
 */
public sealed interface Outcome<T> {

    /**
     * It can be made.
     *
     * @param value what was made
     * @param <T> the kind of value
     */
    record Made<T>(T value) implements Outcome<T> {}

    /**
     * It cannot be made.
     *
     * @param reasons all that is wrong, at least one
     * @param <T> the kind of value there would have been
     */
    record Refused<T>(List<Refusal> reasons) implements Outcome<T> {
        /**
         * Copies the reasons.
         *
         * @throws IllegalArgumentException when there are none
         */
        public Refused {
            reasons = List.copyOf(reasons);
            if (reasons.isEmpty()) {
                throw new IllegalArgumentException("a refusal needs a reason");
            }
        }
    }

    /** It was made. */
    static <T> Outcome<T> made(T value) {
        return new Made<>(value);
    }

    /** It was refused for one reason. */
    static <T> Outcome<T> refused(String field, String message) {
        return new Refused<>(List.of(new Refusal(field, message)));
    }

    /** It was refused for several reasons. */
    static <T> Outcome<T> refused(List<Refusal> reasons) {
        return new Refused<>(reasons);
    }

    /** Goes on with the value, or keeps the refusal. */
    default <R> Outcome<R> then(Function<? super T, Outcome<R>> next) {
        if (this instanceof Made<T> made) {
            return next.apply(made.value());
        }
        return new Refused<>(reasons());
    }

    /** The reasons; empty when it was made. */
    default List<Refusal> reasons() {
        return this instanceof Refused<T> refused ? refused.reasons() : List.of();
    }

    /**
     * The value, where it is known that there is one.
     *
     * @throws IllegalStateException when it was refused, with the reasons
     */
    default T orThrow() {
        if (this instanceof Made<T> made) {
            return made.value();
        }
        throw new IllegalStateException(reasons().toString());
    }
}

package kwibbet.app.bench;

import java.util.Map;
import java.util.Optional;

import kwibbet.making.Way;
import kwibbet.run.BenchStation;
import kwibbet.run.StepKey;

/**
 * What a request to the bench view says.
 *
 * @param station the station one is at
 * @param at the number of the step that is looked at, from 1; nothing for what is done next
 * @param way how the cards are made; nothing for what is usual
 */
record Asked(BenchStation station, Optional<Integer> at, Optional<Way> way) {

    static Asked of(BenchStation station, Map<String, String> typed) {
        return new Asked(
                station,
                number(typed, "at"),
                Optional.ofNullable(typed.get("way")).flatMap(Way::of));
    }

    /** The same of another step; of 0 where all is done. */
    Asked at(int step) {
        return new Asked(station, Optional.of(step), way);
    }

    /** The same of what is done next. */
    Asked atNext() {
        return new Asked(station, Optional.empty(), way);
    }

    private static Optional<Integer> number(Map<String, String> typed, String field) {
        return Optional.ofNullable(typed.get(field))
                .filter(digits -> digits.matches("\\d{1,6}"))
                .map(Integer::valueOf);
    }

    /**
     * A step that was done, as a form says it.
     *
     * @param phase of which lists of the run the step is
     * @param step names the step
     * @param times how often it was done; at least 1
     * @param key names the tick, which is counted once
     * @param isOn whether one goes on to the next step
     */
    record Done(int phase, StepKey step, int times, String key, boolean isOn) {

        private static final int LONGEST_KEY = 60;

        /** What a form says; nothing where it says nothing that could be counted. */
        static Optional<Done> of(BenchStation station, Map<String, String> typed) {
            String key = typed.getOrDefault("key", "");
            int times = number(typed, "times").orElse(0);
            boolean isOn = !typed.getOrDefault("on", "").equals("false");
            return StepKey.of(station, typed.getOrDefault("step", ""))
                    .filter(step -> !key.isBlank() && key.length() <= LONGEST_KEY && times > 0)
                    .map(step -> new Done(number(typed, "phase").orElse(0), step, times, key, isOn));
        }
    }
}

package kwibbet.lesson;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import kwibbet.kit.Fit;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitPlan.Share;
import kwibbet.kit.Meeting;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Table;
import kwibbet.making.Operation;
import kwibbet.making.Pace;
import kwibbet.making.Timing;
import kwibbet.room.Room;
import kwibbet.room.Standing;
import kwibbet.room.Task;

/** A class that is taught, beside its plan, at one moment. Minutes are counted from its beginning. */
public final class Classroom {

    /** So many minutes of the plan weigh as much as what was seen, so that the first table that is quick or slow does not turn the plan over. */
    private static final double PLAN_WEIGHS = 10;

    /** Whoever is done sooner after a step did not do it just then. */
    private static final Duration LEAST = Duration.ofSeconds(5);

    private static final double A_MINUTE = 60_000;

    private final KitPlan kit;
    private final Meeting meeting;
    private final Fit plan;
    private final Room room;
    private final Lesson lesson;
    private final double now;
    private final List<Step> steps;
    private final Map<String, Task> tasks = new HashMap<>();
    private final List<Seat> seats;
    private final long nineInTen;

    private Classroom(KitPlan kit, Fit plan, Room room, Lesson lesson, Instant at) {
        this.kit = kit;
        this.meeting = plan.meeting();
        this.plan = plan;
        this.room = room;
        this.lesson = lesson;
        this.now = minute(at);
        room.tasks().forEach(task -> tasks.put(task.id(), task));
        List<Step> all = new ArrayList<>();
        for (Share share : kit.taught()) {
            all.add(new Step(
                    share,
                    all.size() + 1,
                    plan.rooms()
                            .stage(share.id())
                            .map(each -> opening() + each.half())
                            .orElse(opening()),
                    plan.rooms()
                            .stage(share.id())
                            .map(each -> opening() + each.nineInTen())
                            .orElse(opening()),
                    lesson.leftOut().contains(share.id())));
        }
        this.steps = List.copyOf(all);
        this.seats = queued(kit.kit().seated());
        this.nineInTen = without(lesson.leftOut());
    }

    /**
     * A class while it is taught.
     *
     * @param plan who does what
     * @param fit how the room goes by plan
     * @param lesson what was told of it
     * @param now the moment
     * @return nothing where nothing is left to learners, or a tool they need is missing
     */
    public static Optional<Classroom> of(KitPlan plan, Fit fit, Lesson lesson, Instant now) {
        return plan.room().map(room -> new Classroom(plan, fit, room, lesson, now));
    }

    /**
     * A step that is left to learners.
     *
     * @param share what is done
     * @param number its number in the class, from 1
     * @param half half of the learners are done with it by then
     * @param nineInTen nine in ten are
     * @param isLeftOut whether it is left out
     */
    public record Step(Share share, int number, int half, int nineInTen, boolean isLeftOut) {
        /** Names it. */
        public String id() {
            return share.id();
        }

        /** How long a learner takes for it once, in minutes; what dries, how long it does. */
        public double minutes() {
            return share.learner().minutes();
        }
    }

    /**
     * A table in the class.
     *
     * @param table who sits there
     * @param done how many steps are over there
     * @param next what they do now, or wait to do; nothing where all is done, or something has to dry first
     * @param since when they came to it
     * @param waiting how many of them wait for its tool
     * @param dries until when something dries that they wait for; nothing where nothing does
     */
    public record Seat(Table table, int done, Optional<Step> next, double since, int waiting, Optional<Double> dries) {

        Seat waiting(int people) {
            return new Seat(table, done, next, since, people, dries);
        }

        /** The tool they wait for; nothing where they do not. */
        public Optional<SharedTool> tool() {
            return next.filter(step -> waiting > 0)
                    .flatMap(step -> SharedTool.of(step.share().told().lead()));
        }

        /** Whether they are done with everything. */
        public boolean isDone() {
            return next.isEmpty() && dries.isEmpty();
        }
    }

    private int opening() {
        return meeting.slot().opening();
    }

    private double minute(Instant at) {
        return lesson.begun()
                .map(begun -> Duration.between(begun, at).toMillis() / A_MINUTE)
                .orElse(0.0);
    }

    /** How long it goes on by now, in whole minutes; how long it was, once it is over. */
    public long elapsed() {
        return (long) Math.floor(lesson.ended().map(end -> minute(end.at())).orElse(now));
    }

    /** How long a learner takes for a step, for all cards in a bag. */
    public double minutes(Step step) {
        return step.minutes() * (task(step).byItself() ? 1 : kit.each(step.share()));
    }

    /** All steps, in order. */
    public List<Step> steps() {
        return steps;
    }

    /** The step that is shown to the room; nothing before the first. */
    public Optional<Step> shown() {
        return find(lesson.shown());
    }

    /** A step; nothing where none has that name. */
    public Optional<Step> find(String id) {
        return steps.stream().filter(step -> step.id().equals(id)).findFirst();
    }

    /** The step after the one that is shown, of those that are not left out; nothing after the last. */
    public Optional<Step> onward() {
        int at = shown().map(Step::number).orElse(0);
        return steps.stream()
                .filter(step -> step.number() > at && !step.isLeftOut())
                .findFirst();
    }

    /** The step before the one that is shown; nothing before the first. */
    public Optional<Step> back() {
        int at = shown().map(Step::number).orElse(0);
        return steps.stream()
                .filter(step -> step.number() < at && !step.isLeftOut())
                .reduce((one, later) -> later);
    }

    /** All tables, in the order they are told of. */
    public List<Seat> seats() {
        return seats;
    }

    /** What a table ticked off last; nothing where it ticked off nothing. */
    public Optional<Step> last(Table table) {
        Map<String, Instant> ticked = lesson.doneBy(table.name());
        return steps.stream()
                .filter(step -> ticked.containsKey(step.id()))
                .max(Comparator.comparing((Step step) -> ticked.getOrDefault(step.id(), Instant.EPOCH))
                        .thenComparing(Step::number));
    }

    /** How the class goes by plan. */
    public Fit plan() {
        return plan;
    }

    private List<Seat> queued(List<Table> tables) {
        List<Seat> come = tables.stream().map(this::seat).toList();
        Map<String, Integer> free = new HashMap<>(room.tools());
        Map<String, Integer> waiting = new HashMap<>();
        come.stream().sorted(Comparator.comparingDouble(Seat::since)).forEach(seat -> tool(seat)
                .ifPresent(tool -> {
                    int there =
                            Math.min(free.getOrDefault(tool, 0), seat.table().learners());
                    free.merge(tool, -there, Integer::sum);
                    waiting.put(seat.table().name(), seat.table().learners() - there);
                }));
        return come.stream()
                .map(seat -> seat.waiting(waiting.getOrDefault(seat.table().name(), 0)))
                .toList();
    }

    private Optional<String> tool(Seat seat) {
        return seat.next().flatMap(step -> task(step).tool());
    }

    private Task task(Step step) {
        return Optional.ofNullable(tasks.get(step.id()))
                .orElseThrow(() -> new IllegalStateException("the room has no step " + step.id()));
    }

    /** When each step was over at a table, of those that are; what dries ends by itself. */
    private Map<String, Double> over(Table table) {
        Map<String, Double> over = new HashMap<>();
        Map<String, Instant> ticked = lesson.doneBy(table.name());
        for (Step step : steps) {
            Optional<Double> ready = ready(step, over);
            Optional<Double> ended = step.isLeftOut()
                    ? Optional.of(0.0)
                    : task(step).byItself()
                            ? ready.map(from -> from + step.minutes())
                            : Optional.ofNullable(ticked.get(step.id())).map(this::minute);
            ended.filter(at -> at <= now).ifPresent(at -> over.put(step.id(), at));
        }
        return over;
    }

    /** When the last of what comes before a step was over; nothing where something is not. */
    private Optional<Double> ready(Step step, Map<String, Double> over) {
        List<String> after = task(step).after();
        return over.keySet().containsAll(after)
                ? Optional.of(after.stream()
                        .mapToDouble(each -> over.getOrDefault(each, 0.0))
                        .max()
                        .orElse(opening()))
                : Optional.empty();
    }

    private Seat seat(Table table) {
        Map<String, Double> over = over(table);
        double came = steps.stream()
                .filter(step -> !step.isLeftOut() && !task(step).byItself())
                .mapToDouble(step -> over.getOrDefault(step.id(), 0.0))
                .reduce(opening(), Math::max);
        List<Step> left =
                steps.stream().filter(step -> !over.containsKey(step.id())).toList();
        int done = (int) steps.stream()
                .filter(step -> over.containsKey(step.id()) && !step.isLeftOut())
                .count();
        Optional<Step> next = left.stream()
                .filter(step -> !task(step).byItself() && ready(step, over).isPresent())
                .findFirst();
        double since = Math.max(came, next.flatMap(step -> ready(step, over)).orElse(came));
        Optional<Double> dries = next.isPresent()
                ? Optional.empty()
                : left.stream()
                        .filter(step -> task(step).byItself())
                        .flatMap(step -> ready(step, over).map(from -> from + step.minutes()).stream())
                        .min(Double::compare);
        return new Seat(table, done, next, since, 0, dries);
    }

    /**
     * How many times as long as planned learners take; what was planned weighs less and less as steps are ticked off.
     */
    public double factor() {
        double seen = 0;
        double planned = 0;
        for (Seat seat : seats) {
            Map<String, Instant> ticked = lesson.doneBy(seat.table().name());
            // What is ticked off during the welcome tells of no pace.
            double busy =
                    ticked.values().stream().mapToDouble(this::minute).max().orElse(0) - opening();
            int by = steps.stream()
                    .filter(step -> busy > 0 && ticked.containsKey(step.id()))
                    .mapToInt(Step::half)
                    .max()
                    .orElse(opening());
            int people = seat.table().learners();
            seen += people * (Math.max(0, busy) + PLAN_WEIGHS);
            planned += people * (by - opening() + PLAN_WEIGHS);
        }
        return seen / planned;
    }

    /** The time by which nine in ten are done with what is not left out, as far as the class is by now. */
    public long nineInTen() {
        return nineInTen;
    }

    private long without(Set<String> leftOut) {
        Room left = room.slower(factor()).without(leftOut);
        Set<String> there = new HashSet<>();
        left.tasks().forEach(task -> there.add(task.id()));
        List<Standing> standings = new ArrayList<>();
        seats.stream().sorted(Comparator.comparingDouble(Seat::since)).forEach(seat -> {
            for (int person = 0; person < seat.table().learners(); person++) {
                standings.add(standing(seat, person, there));
            }
        });
        double from = Math.max(now, opening());
        return Math.round(from + KitPlan.goingOn(left, standings).nineInTen());
    }

    private Standing standing(Seat seat, int person, Set<String> there) {
        Map<String, Double> over = over(seat.table());
        Map<String, Double> underWay = new HashMap<>();
        for (Step step : steps) {
            if (task(step).byItself() && !over.containsKey(step.id())) {
                ready(step, over).ifPresent(from -> underWay.put(step.id(), Math.max(0, now - from)));
            }
        }
        seat.next()
                .filter(step -> person >= seat.waiting())
                .ifPresent(step -> underWay.put(step.id(), Math.max(0, now - seat.since())));
        underWay.keySet().retainAll(there);
        return new Standing(over.keySet(), underWay);
    }

    /** How many minutes later than planned nine in ten will be done; 0 where they will not be later. */
    public long behind() {
        return Math.max(0, nineInTen - plan.nineInTen());
    }

    /** Whether nine in ten will be done in time. */
    public boolean isInTime() {
        return nineInTen <= meeting.slot().minutes();
    }

    /** The tables whose next step nine in ten should have done by now. */
    public List<Seat> late() {
        return seats.stream()
                .filter(seat -> seat.next()
                        .filter(step -> step.nineInTen() < Math.floor(now))
                        .isPresent())
                .toList();
    }

    /**
     * A step that can be left out.
     *
     * @param step the last of what is left out
     * @param with all that is left out with it, since it only serves it
     * @param nineInTen when nine in ten are done then
     */
    public record Spared(Step step, Set<String> with, long nineInTen) {
        /** Copies the set. */
        public Spared {
            with = Set.copyOf(with);
        }
    }

    /** What can be left out so that it takes less time, what gains most first: what adorns the card and nothing else waits for, if somebody has not done it yet. */
    public List<Spared> spared() {
        List<Spared> spared = new ArrayList<>();
        for (Step step : steps) {
            boolean isOpen = seats.stream()
                    .anyMatch(seat -> !lesson.doneBy(seat.table().name()).containsKey(step.id()));
            if (isOpen && !step.isLeftOut() && adorns(step) && isLast(step)) {
                Set<String> with = withWhatServes(step);
                Set<String> out = new HashSet<>(lesson.leftOut());
                out.addAll(with);
                long done = without(out);
                if (done < nineInTen) {
                    spared.add(new Spared(step, with, done));
                }
            }
        }
        spared.sort(Comparator.comparingLong(Spared::nineInTen)
                .thenComparing(each -> each.step().number(), Comparator.reverseOrder()));
        return List.copyOf(spared);
    }

    /** Whether it puts on what is no part of the folding card itself, or works on a face. */
    private static boolean adorns(Step step) {
        Set<String> additions = new HashSet<>();
        step.share()
                .making()
                .card()
                .design()
                .additions()
                .forEach(each -> additions.add(each.id().value()));
        List<Operation> told = step.share().told().steps();
        return told.stream().anyMatch(each -> adorns(each, additions))
                && told.stream().allMatch(each -> adorns(each, additions) || serves(each));
    }

    private static boolean adorns(Operation operation, Set<String> additions) {
        return switch (operation.does()) {
            case STICK, HANG, LAY, FASTEN, SET_ON, POUR, BIND, SET_MAGNET, THREAD, WRAP ->
                additions.contains(operation.piece().id().value());
            case STAMP, STENCIL, EMBOSS, HEAT, COLOUR -> true;
            default -> false;
        };
    }

    /** Whether it is done for the sake of something else. */
    private static boolean serves(Operation operation) {
        return switch (operation.does()) {
            case ADHESIVE, MARK, MASK, UNMASK, ERASE, DUST, KEEP, DRY -> true;
            default -> false;
        };
    }

    private List<Step> waitingFor(String id) {
        return steps.stream()
                .filter(each -> !each.isLeftOut() && task(each).after().contains(id))
                .toList();
    }

    private boolean isLast(Step step) {
        return waitingFor(step.id()).stream().allMatch(each -> task(each).byItself());
    }

    /** A step with what comes before it only for its sake: adhesive, marks, what is held ready. */
    private Set<String> withWhatServes(Step last) {
        Set<String> out = new HashSet<>(Set.of(last.id()));
        for (int at = steps.size() - 1; at >= 0; at--) {
            Step step = steps.get(at);
            boolean serves = step.share().told().steps().stream().allMatch(Classroom::serves);
            List<Step> waiting = waitingFor(step.id());
            if (serves && !waiting.isEmpty() && waiting.stream().allMatch(each -> out.contains(each.id()))) {
                out.add(step.id());
            }
        }
        return out;
    }

    /**
     * A step of which it is known now how long it takes.
     *
     * @param step the step, with what was planned for it
     * @param seen how long a learner took, and from how many tables
     */
    public record Learned(Step step, Pace.Minutes seen) {}

    /** What its minutes teach, step by step. */
    public List<Learned> learned() {
        Pace seen = new Pace(timings());
        return steps.stream()
                .map(step -> new Learned(step, seen.of(step.share().told().timedAs(), 1, step.minutes())))
                .filter(learned -> learned.seen().timings() > 0)
                .toList();
    }

    /** What tables took for a step of one card, from what they did before, where nobody there waited for a tool or for what dries; the minutes of the next plan. */
    public List<Timing> timings() {
        List<Timing> timings = new ArrayList<>();
        for (Seat seat : seats) {
            Instant from = lesson.begun()
                    .map(each -> each.plus(Duration.ofMinutes(opening())))
                    .orElse(Instant.EPOCH);
            Map<String, Instant> ticked = lesson.doneBy(seat.table().name());
            List<Step> inOrder = steps.stream()
                    .filter(step -> ticked.containsKey(step.id()))
                    .sorted(Comparator.comparing((Step step) -> ticked.getOrDefault(step.id(), Instant.EPOCH))
                            .thenComparing(Step::number))
                    .toList();
            for (Step step : inOrder) {
                Instant to = ticked.getOrDefault(step.id(), from);
                Duration took = Duration.between(from, to);
                if (took.compareTo(LEAST) > 0 && isTold(step)) {
                    timings.add(new Timing(step.share().told().timedAs(), 1, took.dividedBy(kit.each(step.share()))));
                }
                from = to;
            }
        }
        return timings;
    }

    private boolean isTold(Step step) {
        boolean isShared = task(step)
                .tool()
                .filter(tool -> room.tools().getOrDefault(tool, 0) < room.people())
                .isPresent();
        return !isShared
                && task(step).after().stream().noneMatch(each -> Optional.ofNullable(tasks.get(each))
                        .filter(Task::byItself)
                        .isPresent());
    }
}

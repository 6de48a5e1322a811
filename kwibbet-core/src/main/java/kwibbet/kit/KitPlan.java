package kwibbet.kit;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.RunLine;
import kwibbet.kit.Sharing.StepOf;
import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Pace;
import kwibbet.making.Wait;
import kwibbet.making.Way;
import kwibbet.press.PressPlan;
import kwibbet.room.Minutes;
import kwibbet.room.Preparation;
import kwibbet.room.Room;
import kwibbet.room.Rooms;
import kwibbet.room.Standing;
import kwibbet.room.Task;
import kwibbet.run.BenchStation;
import kwibbet.run.BenchStep;
import kwibbet.run.RunBench;

/**
 * Who does which step of a kit, how long that takes before, and what it leaves to the room.
 *
 * @param kit the kit
 * @param run the lists of its cards together
 * @param shares the steps of its cards, in order
 * @param cutting how long all its sheets are under the blade, in minutes
 */
public record KitPlan(Kit kit, RunPlan run, List<Share> shares, double cutting) {

    /** So many rooms are simulated: enough for the time nine in ten are done by to be right to about a minute in ninety. */
    private static final int ROOMS = 400;

    /** Of crowds fewer rooms are, since their people tell as much. */
    private static final int FEWEST_ROOMS = 20;

    private static final int MOST_PEOPLE = 100_000;

    private static final long SEED = 1;

    /** Copies the list. */
    public KitPlan {
        shares = List.copyOf(shares);
    }

    /**
     * A step and who does it.
     *
     * @param step names it
     * @param line which card of the kit, from 0
     * @param number its number among the steps of that card, from 1
     * @param making how that card is made
     * @param told what is done
     * @param after the numbers of the steps of that card that come before it
     * @param said who was to do it
     * @param does who does it: what comes after something that is left to learners is theirs, too
     * @param each how long it takes the maker once, in minutes
     * @param learner how long it takes a learner once, and from how many times that is known
     * @param ahead how long it takes to do it for all bags before
     */
    public record Share(
            StepOf step,
            int line,
            int number,
            Making making,
            Making.Told told,
            Set<Integer> after,
            Who said,
            Who does,
            double each,
            Pace.Minutes learner,
            double ahead) {
        /** Copies the set. */
        public Share {
            after = Set.copyOf(after);
        }

        /** Whether it cannot be done by who was to do it. */
        public boolean isTooLate() {
            return said.isBefore() && !does.isBefore();
        }

        /** Whether it goes on with the same card at the same station as another. */
        boolean goesOnWith(Share other) {
            return line == other.line
                    && told.first().station() == other.told.first().station();
        }

        /** Names it in the room. */
        public String id() {
            return line + " " + step.step();
        }
    }

    /**
     * Who does what of a kit.
     *
     * @param kit the kit
     * @param cards its cards, in the order of its lines, their pieces named as by themselves
     * @param run the lists of all of them together
     * @param paces how long those take who make it
     */
    public static KitPlan of(Kit kit, List<Card> cards, RunPlan run, Paces paces) {
        List<Share> shares = new ArrayList<>();
        for (int line = 0; line < cards.size(); line++) {
            PressPlan press = PressPlan.of(
                    List.of(new RunLine(cards.get(line), kit.copies(kit.lines().get(line)))), run.tools());
            shares.addAll(shares(kit, line, Making.of(cards.get(line), press, Way.ONE), paces));
        }
        double cutting = RunBench.of(run, Way.BATCH).at(BenchStation.TRIM).stream()
                .mapToDouble(step -> minutes(step, paces.maker()))
                .sum();
        return new KitPlan(kit, run, shares, cutting);
    }

    private static double minutes(BenchStep step, Pace pace) {
        return pace.of(step.timedAs(), step.due(), step.usualMinutes()).minutes() * step.due();
    }

    private static List<Share> shares(Kit kit, int line, Making making, Paces paces) {
        String card = kit.lines().get(line).card();
        int copies = kit.copies(kit.lines().get(line)).cards();
        double factor = kit.meeting().map(each -> each.pace().factor()).orElse(1.0);
        List<Share> shares = new ArrayList<>();
        Map<Integer, Who> done = new HashMap<>();
        for (Making.Told told : making.told()) {
            int number = making.numberOf(told);
            Set<Integer> after = after(making, told);
            boolean isLate = after.stream()
                    .anyMatch(each -> !done.getOrDefault(each, Who.LEARNER).isBefore());
            Who said = told.isWaiting() ? follows(isLate) : kit.sharing().of(card, told);
            Who does = isLate ? Who.LEARNER : said;
            done.put(number, does);
            double each = told.isWaiting()
                    ? drying(told)
                    : paces.maker().of(told.timedAs(), 1, told.minutes()).minutes();
            Pace.Minutes learner = told.isWaiting()
                    ? new Pace.Minutes(each, 0)
                    : paces.learners().of(told.timedAs(), 1, each * factor);
            double ahead = told.isWaiting()
                    ? 0
                    : paces.maker().of(told.timedAs(), copies, told.minutes()).minutes() * copies;
            StepOf step = new StepOf(card, told.lead().id());
            shares.add(new Share(step, line, number, making, told, after, said, does, each, learner, ahead));
        }
        return shares;
    }

    /** What dries does so with whoever made it wet. */
    private static Who follows(boolean isLate) {
        return isLate ? Who.LEARNER : Who.MAKER;
    }

    private static double drying(Making.Told told) {
        return told.steps().stream()
                .mapToInt(each -> each instanceof Operation.Dry dry ? dry.wet().drying() : 0)
                .max()
                .orElse(0);
    }

    /** The numbers of the steps that come right before one; through what is left out of the list, too. */
    private static Set<Integer> after(Making making, Making.Told told) {
        Set<Integer> numbers = new TreeSet<>();
        List<Operation> reached = new ArrayList<>(told.steps());
        Set<Operation> seen = new HashSet<>(reached);
        for (int at = 0; at < reached.size(); at++) {
            for (Wait wait : making.before(reached.get(at))) {
                int number = making.numberOf(wait.before());
                if (number > 0) {
                    numbers.add(number);
                } else if (seen.add(wait.before())) {
                    reached.add(wait.before());
                }
            }
        }
        numbers.remove(making.numberOf(told));
        return numbers;
    }

    /** The steps of a card of the kit, from 0. */
    public List<Share> of(int line) {
        return shares.stream().filter(share -> share.line() == line).toList();
    }

    /** The steps that are left to learners, in order. */
    public List<Share> taught() {
        return shares.stream().filter(share -> !share.does().isBefore()).toList();
    }

    /**
     * What learners do at one station without leaving it.
     *
     * @param shares its steps, at least one
     */
    public record Stretch(List<Share> shares) {
        /** Copies the list. */
        public Stretch {
            shares = List.copyOf(shares);
        }

        /** Its first step. */
        public Share first() {
            return shares.get(0);
        }

        /** Names it. */
        public String key() {
            return first().id().replace(' ', '-');
        }

        /** Where it is, and the numbers of its steps, as {@code at the scoring board 1–3}. */
        public String words() {
            int from = first().number();
            int to = shares.get(shares.size() - 1).number();
            return first().told().first().station().words() + " " + (from == to ? from : from + "–" + to);
        }
    }

    /** What is left to learners, station by station. */
    public List<Stretch> stretches() {
        List<List<Share>> stretches = new ArrayList<>();
        for (Share share : taught()) {
            if (share.told().isWaiting()) {
                continue;
            }
            boolean goesOn = !stretches.isEmpty()
                    && stretches.get(stretches.size() - 1).get(0).goesOnWith(share);
            if (!goesOn) {
                stretches.add(new ArrayList<>());
            }
            stretches.get(stretches.size() - 1).add(share);
        }
        return stretches.stream().map(Stretch::new).toList();
    }

    /**
     * What it saves to prepare a stretch.
     *
     * @param stretch the stretch
     * @param steps its steps, and those that have to be done before them, which are prepared then, too
     * @param fit how the room goes then; nothing where nothing is left to learners
     */
    public record Saving(Stretch stretch, List<Share> steps, Optional<Fit> fit) {
        /** Copies the list. */
        public Saving {
            steps = List.copyOf(steps);
        }

        /** How long that takes before, in whole minutes. */
        public long minutes() {
            return Math.round(steps.stream().mapToDouble(Share::ahead).sum());
        }
    }

    /** What it saves to prepare the stretch of that key; nothing where nothing happens in a room, or there is no such stretch. */
    public Optional<Saving> saving(String key) {
        return stretches().stream()
                .filter(stretch -> stretch.key().equals(key))
                .findFirst()
                .flatMap(stretch ->
                        kit.meeting().flatMap(meeting -> room().map(room -> saving(stretch, meeting, room))));
    }

    private Saving saving(Stretch stretch, Meeting meeting, Room room) {
        Set<String> prepared = new HashSet<>();
        stretch.shares().forEach(share -> prepared.addAll(room.withWhatComesBefore(share.id())));
        Room left = room.without(prepared);
        Optional<Fit> fit = left.tasks().isEmpty() ? Optional.empty() : Optional.of(fit(meeting, left));
        List<Share> steps = taught().stream()
                .filter(share -> prepared.contains(share.id()) && !share.told().isWaiting())
                .toList();
        return new Saving(stretch, steps, fit);
    }

    /** How often a step is done for a bag. */
    public int each(Share share) {
        return kit.lines().get(share.line()).each();
    }

    /**
     * When a step is done by plan.
     *
     * @param share the step
     * @param half half of the learners are done with it by then
     * @param nineInTen nine in ten are
     */
    public record Due(Share share, LocalTime half, LocalTime nineInTen) {}

    /** When each step that is left to learners is done, on the clock of the class. */
    public List<Due> timetable(Fit fit) {
        return taught().stream()
                .flatMap(share -> fit.rooms().stage(share.id()).stream()
                        .map(stage -> new Due(share, fit.clock(stage.half()), fit.clock(stage.nineInTen()))))
                .toList();
    }

    /** How many of the steps that are left to learners are planned with what learners took in earlier classes. */
    public long learned() {
        return taught().stream().filter(share -> share.learner().timings() > 0).count();
    }

    /** What is in each bag when all that is prepared is done. */
    public Bag bag() {
        return Bag.of(this);
    }

    /** The days before a class on which the maker prepares; none of a kit without a class. */
    public List<KitDay> days() {
        return kit.meeting().map(meeting -> KitDay.before(this, meeting)).orElse(List.of());
    }

    /** How long the maker and their helper are busy before, in words. */
    public String before() {
        String own =
                "You: " + Pace.time(before(Who.MAKER)) + " before, " + Pace.time(cutting) + " of it at the trimmer.";
        return before(Who.HELPER) > 0 ? own + " A helper: " + Pace.time(before(Who.HELPER)) + "." : own;
    }

    /** How long somebody is busy before, in minutes; the maker also cuts the sheets. */
    public double before(Who who) {
        double steps = shares.stream()
                .filter(share -> share.does() == who)
                .mapToDouble(Share::ahead)
                .sum();
        return steps + (who == Who.MAKER ? cutting : 0);
    }

    /**
     * The room with what is left to learners; nothing of a kit without a class, where nothing is left to them, or where a tool is {@link #missing()}.
     */
    public Optional<Room> room() {
        return kit.meeting().filter(meeting -> missing().isEmpty()).flatMap(meeting -> {
            Map<String, Integer> tools = new HashMap<>();
            meeting.tools().forEach((tool, count) -> tools.put(tool.key(), count));
            List<Task> tasks =
                    taught().stream().map(share -> task(share, meeting)).toList();
            return tasks.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Room(kit.bags(), meeting.pace().paces(), Minutes.NONE, tools, tasks));
        });
    }

    /** What a learner does with all of a card that is in their bag. */
    private Task task(Share share, Meeting meeting) {
        boolean byItself = share.told().isWaiting();
        Optional<String> tool = SharedTool.of(share.told().lead())
                .filter(each -> meeting.tools().containsKey(each))
                .map(SharedTool::key);
        int times = byItself ? 1 : each(share);
        Minutes minutes = Minutes.of(
                share.learner().minutes() * times, byItself ? 0 : meeting.pace().spread());
        List<String> after = of(share.line()).stream()
                .filter(other ->
                        share.after().contains(other.number()) && !other.does().isBefore())
                .map(Share::id)
                .toList();
        return new Task(share.id(), tool, minutes, after, byItself);
    }

    private static int roomsFor(Room room) {
        return Math.max(FEWEST_ROOMS, Math.min(ROOMS, MOST_PEOPLE / room.people()));
    }

    /** How what happens in the room goes with the slot. */
    public Optional<Fit> fit() {
        return kit.meeting().flatMap(meeting -> room().map(room -> fit(meeting, room)));
    }

    private static Fit fit(Meeting meeting, Room room) {
        return new Fit(meeting, goingOn(room, List.of()));
    }

    /** What happens in a room with the people of all classes, from how far each of them is; from the beginning where nothing is told. */
    public static Rooms goingOn(Room room, List<Standing> standings) {
        return Rooms.goingOn(room, standings, roomsFor(room), SEED);
    }

    /**
     * What would make it fit.
     *
     * @param least the least that has to be prepared besides
     * @param steps the steps that are prepared then; what dries in between needs nobody
     * @param fit how the room goes then
     * @param borrowed what one more of a tool changes, of each that somebody waits for
     */
    public record Proposal(Preparation least, List<Share> steps, Fit fit, List<Borrowed> borrowed) {
        /** Copies the lists. */
        public Proposal {
            steps = List.copyOf(steps);
            borrowed = List.copyOf(borrowed);
        }

        /** How long that takes before, in whole minutes. */
        public long minutes() {
            return Math.round(least.minutes());
        }
    }

    /**
     * One more of a tool.
     *
     * @param tool the tool
     * @param fit how the room goes then
     */
    public record Borrowed(SharedTool tool, Fit fit) {}

    /** What would make it fit; nothing where nothing happens in a room. */
    public Optional<Proposal> proposal() {
        return kit.meeting().flatMap(meeting -> room().map(room -> {
            Map<String, Double> ahead = new HashMap<>();
            shares.forEach(share -> ahead.put(share.id(), share.ahead()));
            Preparation least = Preparation.least(room, ahead, meeting.handsOn(), roomsFor(room), SEED);
            List<Share> steps = shares.stream()
                    .filter(share ->
                            least.tasks().contains(share.id()) && !share.told().isWaiting())
                    .toList();
            List<Borrowed> borrowed = fit(meeting, room).rooms().waits().stream()
                    .filter(wait -> wait.mean() > 0)
                    .flatMap(wait -> SharedTool.of(wait.tool()).stream())
                    .map(tool -> new Borrowed(tool, fit(meeting, room.withOneMore(tool.key()))))
                    .toList();
            return new Proposal(least, steps, new Fit(meeting, least.rooms()), borrowed);
        }));
    }

    /** The tools that are needed in the room and are not there. */
    public List<SharedTool> missing() {
        Map<SharedTool, Integer> tools = kit.meeting().map(Meeting::tools).orElse(Map.of());
        return taught().stream()
                .flatMap(share -> SharedTool.of(share.told().lead()).stream())
                .filter(tool -> tools.getOrDefault(tool, 1) == 0)
                .distinct()
                .toList();
    }
}

package kwibbet.app.lessons;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

import kwibbet.app.store.KeptKit;
import kwibbet.app.web.Markup;
import kwibbet.drawing.Drawing;
import kwibbet.kit.Meeting;
import kwibbet.lesson.Classroom;
import kwibbet.lesson.Classroom.Seat;
import kwibbet.lesson.Classroom.Step;
import kwibbet.lesson.Lesson;
import kwibbet.making.Pace;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.StepPicture;
import kwibbet.wording.Phrase;

/**
 * What is shown of a class while it is taught.
 *
 * @param kept the class
 * @param meeting when and where it is
 * @param lesson how far it is
 * @param classroom its tables beside the plan; nothing where nothing is left to learners, or a tool they need is missing
 * @param told what is kept besides
 */
public record LessonPage(KeptKit kept, Meeting meeting, Lesson lesson, Optional<Classroom> classroom, Told told) {

    /** From so many minutes behind it is told. */
    private static final int WORTH_TELLING = 2;

    /** Less of a difference in pace than that is none. */
    private static final double ALIKE = 0.08;

    /**
     * What is kept besides.
     *
     * @param once names what is told next
     * @param mark changes with everything that is told, and with every minute
     * @param shelf the papers of its cards
     * @param cards its cards, standing
     */
    public record Told(String once, String mark, PaperShelf shelf, List<Drawing> cards) {
        /** Copies the list. */
        public Told {
            cards = List.copyOf(cards);
        }
    }

    /** The address of the lesson. */
    public String path() {
        return "/classes/" + kept.id() + "/lesson";
    }

    /** What the class is called. */
    public String name() {
        return kept.kit().name();
    }

    /** Its cards, standing. */
    public List<Drawing> cards() {
        return told.cards();
    }

    /** Whether it has begun and has not ended. */
    public boolean isGoingOn() {
        return lesson.isGoingOn() && classroom.isPresent();
    }

    /** Whether it was taught and is over. */
    public boolean isOver() {
        return lesson.ended().isPresent();
    }

    private Classroom room() {
        return classroom.orElseThrow(() -> new IllegalStateException("nothing is left to learners"));
    }

    /** How long it goes on, beside how long it is. */
    public String minute() {
        return "Minute " + room().elapsed() + " of " + meeting.slot().minutes();
    }

    /** The step that is shown; nothing during the welcome. */
    public Optional<Step> shown() {
        return room().shown();
    }

    /** The picture of the step that is shown. */
    public Drawing picture(Step step) {
        MeasureSystem system = system(step);
        return StepPicture.of(step.share().making(), step.share().told(), told.shelf(), system);
    }

    private static MeasureSystem system(Step step) {
        return step.share().making().card().design().system();
    }

    /** What is done. */
    public Phrase sentence(Step step) {
        return step.share().told().sentence(system(step));
    }

    /** Of which card the step is; empty where there is only one. */
    public String card(Step step) {
        return kept.kit().lines().size() == 1
                ? ""
                : step.share().making().card().design().name();
    }

    /** Where one is. */
    public String at(Step step) {
        return "Step " + step.number() + " of " + room().steps().size();
    }

    /** How long it takes, by plan and by the room. */
    public String takes(Step step) {
        return "About " + Pace.time(room().minutes(step)) + "; by plan most are done at minute " + step.nineInTen()
                + ".";
    }

    /** All tables. */
    public List<Seat> seats() {
        return room().seats();
    }

    /** Where a table is. */
    public String where(Seat seat) {
        if (seat.isDone()) {
            return "done with everything";
        }
        if (seat.dries().isPresent()) {
            return "waits until minute " + Math.round(Math.ceil(seat.dries().get())) + " for what dries";
        }
        String step = seat.next().map(next -> "step " + next.number()).orElse("");
        return seat.tool()
                .map(tool -> step + ", " + seat.waiting() + " of "
                        + seat.table().learners() + " wait for the " + tool.words())
                .orElse(step);
    }

    /** What a table does next, in few words. */
    public String task(Seat seat) {
        return seat.next()
                .map(next -> next.share().told().lead().stationAndTool())
                .orElse("");
    }

    /** Whether a table is behind: nine in ten should be done with its step by now. */
    public boolean isLate(Seat seat) {
        return room().late().contains(seat);
    }

    /** Whether the plan still holds, in sentences. */
    public String outlook() {
        long done = room().nineInTen();
        String end = "Nine in ten will be done at minute " + done + " of "
                + meeting.slot().minutes() + ".";
        String behind = room().behind() >= WORTH_TELLING ? " That is " + room().behind() + " min behind the plan." : "";
        double factor = room().factor();
        String pace = Math.abs(factor - 1) < ALIKE
                ? ""
                : String.format(Locale.ROOT, " They take %.1f times as long as planned.", factor);
        return end + behind + pace;
    }

    /** Whether it will be in time. */
    public boolean isInTime() {
        return room().isInTime();
    }

    /** What can be left out, where it will not be in time. */
    public List<Classroom.Spared> spared() {
        return isInTime() ? List.of() : room().spared();
    }

    /** The steps that are left out. */
    public List<Step> leftOut() {
        return room().steps().stream().filter(Step::isLeftOut).toList();
    }

    /** What its minutes teach, step by step. */
    public List<Classroom.Learned> learned() {
        return room().learned();
    }

    /** Whether later classes are planned with that. */
    public boolean teaches() {
        return lesson.ended().filter(Lesson.End::teaches).isPresent();
    }

    /** What was planned for a step and what it took. */
    public String words(Classroom.Learned learned) {
        int tables = learned.seen().timings();
        return "planned " + Pace.time(learned.step().minutes()) + ", took "
                + Pace.time(learned.seen().minutes()) + " (" + Markup.counted(tables, "table", "tables") + ")";
    }
}

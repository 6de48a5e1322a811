package kwibbet.kit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.RunLine;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.Thrift;
import kwibbet.making.Pace;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.TOOLS;
import static kwibbet.Inches.make;

/** Small classes whose figures can be worked by hand. */
public final class ClassPlans {

    private ClassPlans() {}

    /** They take twice as long, all the same. */
    public static final LearnerPace ALIKE = new LearnerPace(200, 0, 0);

    /** A class of so many minutes, with those tools. */
    public static Meeting meeting(int minutes, int opening, Map<SharedTool, Integer> tools) {
        return new Meeting(
                new Slot(LocalDate.of(2027, 3, 20), LocalTime.of(14, 0), minutes, opening),
                Venue.of("", tools),
                ALIKE,
                3);
    }

    /** A class without spare bags. */
    public static Kit kit(int bags, Sharing sharing, Meeting meeting, Kit.Line... lines) {
        return new Kit(
                "Evening",
                Kit.Contents.of(List.of(lines)),
                new Kit.Bags(bags, 0),
                sharing,
                Optional.of(meeting),
                Pricing.NONE);
    }

    /** Who does what of a kit of those cards. */
    public static KitPlan plan(Kit kit, Pace pace, Design... designs) {
        return plan(kit, new Paces(pace, Pace.UNKNOWN), designs);
    }

    /** Who does what of a kit of those cards, made by those paces. */
    public static KitPlan plan(Kit kit, Paces paces, Design... designs) {
        List<Card> cards =
                Arrays.stream(designs).map(each -> make(each).orThrow()).toList();
        List<RunLine> lines = new ArrayList<>();
        for (int i = 0; i < cards.size(); i++) {
            lines.add(new RunLine(cards.get(i), kit.copies(kit.lines().get(i))));
        }
        RunPlan run = RunPlan.of(lines, MATERIALS.shelf(), Thrift.FEWEST_SHEETS, TOOLS, KnownPlans.NONE);
        return KitPlan.of(kit, cards, run, paces);
    }
}

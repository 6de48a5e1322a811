package kwibbet.app.kits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.app.store.Kits;
import kwibbet.app.web.Markup;
import kwibbet.kit.KitCost;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitSupplies;
import kwibbet.kit.Meeting;
import kwibbet.kit.Who;
import kwibbet.making.Pace;

/** The stations of a kit or class, in the order they are gone through, each with its figure. */
final class KitStations {

    private KitStations() {}

    /**
     * A station.
     *
     * @param key the key that goes there
     * @param title what it is called
     * @param href where it is on the page, or its page
     * @param figure its figure
     * @param isTroubled whether something is wrong there
     */
    record Stop(int key, String title, String href, String figure, boolean isTroubled) {}

    private record Reading(String title, String href, String figure, boolean isTroubled) {}

    /**
     * The stations of a kit.
     *
     * @param planned the kit as it would be made now
     * @param supplies what it still takes
     * @param cost what it costs
     * @param lesson where it is taught
     */
    static List<Stop> of(Kits.Planned planned, Optional<KitSupplies> supplies, KitCost cost, String lesson) {
        KitPlan plan = planned.plan();
        List<Reading> readings = new ArrayList<>();
        Optional<Meeting> meeting = plan.kit().meeting();
        meeting.ifPresent(each -> readings.add(
                new Reading("Prepare", "#days", Pace.time(plan.before(Who.MAKER) + plan.before(Who.HELPER)), false)));
        supplies.ifPresent(each -> readings.add(new Reading("Buy", "#buy", bought(each), each.isShort())));
        planned.fit()
                .ifPresent(fit -> readings.add(new Reading(
                        "Room",
                        "#room",
                        fit.nineInTen() + " of " + fit.meeting().slot().minutes() + " min",
                        !fit.isInTime())));
        int things = plan.bag().items().size() + plan.kit().extras().size();
        readings.add(new Reading("Bags", "#bag", Markup.counted(things, "thing", "things") + " in each", false));
        readings.add(new Reading(
                "Cost",
                "#cost",
                cost.price().map(price -> "ask " + KitCost.money(price)).orElse("not known"),
                cost.price().isEmpty()));
        readings.add(
                new Reading("Share out", "#who", Markup.counted(plan.shares().size(), "step", "steps"), false));
        meeting.ifPresent(each -> readings.add(new Reading(
                "Teach", lesson, each.slot().day() + ", " + each.slot().start(), false)));
        List<Stop> stops = new ArrayList<>();
        readings.forEach(each ->
                stops.add(new Stop(stops.size() + 1, each.title(), each.href(), each.figure(), each.isTroubled())));
        return stops;
    }

    private static String bought(KitSupplies supplies) {
        int missing = supplies.missing();
        return missing == 0 ? "all is there" : Markup.counted(missing, "thing is", "things are") + " short";
    }
}

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
     * @param title what it is called
     * @param href where it is on the page, or its page
     * @param figure its figure
     * @param isTroubled whether something is wrong there
     */
    record Stop(String title, String href, String figure, boolean isTroubled) {}

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
        List<Stop> stops = new ArrayList<>();
        Optional<Meeting> meeting = plan.kit().meeting();
        meeting.ifPresent(each -> stops.add(
                new Stop("Prepare", "#days", Pace.time(plan.before(Who.MAKER) + plan.before(Who.HELPER)), false)));
        supplies.ifPresent(each -> stops.add(new Stop("Buy", "#buy", bought(each), each.isShort())));
        planned.fit()
                .ifPresent(fit -> stops.add(new Stop(
                        "Room",
                        "#room",
                        fit.nineInTen() + " of " + fit.meeting().slot().minutes() + " min",
                        !fit.isInTime())));
        int things = plan.bag().items().size() + plan.kit().extras().size();
        stops.add(new Stop("Bags", "#bag", Markup.counted(things, "thing", "things") + " in each", false));
        stops.add(new Stop(
                "Cost",
                "#cost",
                cost.price().map(price -> "ask " + KitCost.money(price)).orElse("not known"),
                cost.price().isEmpty()));
        stops.add(new Stop("Share out", "#who", Markup.counted(plan.shares().size(), "step", "steps"), false));
        meeting.ifPresent(each -> stops.add(
                new Stop("Teach", lesson, each.slot().day() + ", " + each.slot().start(), false)));
        return stops;
    }

    private static String bought(KitSupplies supplies) {
        int missing = supplies.missing();
        return missing == 0 ? "all is there" : Markup.counted(missing, "thing is", "things are") + " short";
    }
}

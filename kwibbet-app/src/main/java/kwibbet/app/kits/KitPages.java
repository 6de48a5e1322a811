package kwibbet.app.kits;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import kwibbet.app.store.DamagedRunException;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.KeptKit;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.Kits;
import kwibbet.app.store.MailDesk;
import kwibbet.app.store.Runs;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.base.Envelopes;
import kwibbet.drawing.Drawing;
import kwibbet.formats.pdf.ClassPapers;
import kwibbet.formats.pdf.Labels;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.kit.Bag;
import kwibbet.kit.Kit;
import kwibbet.kit.KitCost;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitSupplies;
import kwibbet.kit.LabelSheet;
import kwibbet.kit.Meeting;
import kwibbet.kit.Pricing;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Who;
import kwibbet.mail.MailRoom;
import kwibbet.mail.Mailing;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.RoomPicture;
import kwibbet.picture.StepPicture;
import kwibbet.run.CardRun;
import kwibbet.stock.Shortage;

/** What the pages of kits and classes show. */
@Component
class KitPages {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

    private final Kits kits;
    private final Runs runs;
    private final DesignStore designs;
    private final Inventory inventory;
    private final Workshop workshop;
    private final MailDesk desk;

    KitPages(Kits kits, Runs runs, DesignStore designs, Inventory inventory, Workshop workshop, MailDesk desk) {
        this.kits = kits;
        this.runs = runs;
        this.designs = designs;
        this.inventory = inventory;
        this.workshop = workshop;
        this.desk = desk;
    }

    /**
     * A card of a kit as it is shown.
     *
     * @param card its id
     * @param name what it is called
     * @param standing its picture
     * @param count how many are made of it
     */
    record Shown(String card, String name, Drawing standing, int count) {}

    /**
     * A kit in the list.
     *
     * @param kept the kit
     * @param when when it is, in words; empty where it is no class
     * @param cards its cards, those on the shelf
     */
    record Listed(KeptKit kept, String when, List<Shown> cards) {}

    List<Listed> listed() {
        return kits.all().stream()
                .map(kept -> new Listed(
                        kept, kept.kit().meeting().map(KitPages::when).orElse(""), shown(kept.kit())))
                .toList();
    }

    /** The class that comes next, with what it still lacks. */
    void next(LocalDate today, Model model) {
        kits.all().stream()
                .filter(kept -> !kept.isAway())
                .filter(kept -> kept.kit()
                        .meeting()
                        .filter(each -> !each.slot().date().isBefore(today))
                        .isPresent())
                .min(Comparator.comparing(kept -> kept.kit()
                        .meeting()
                        .map(each -> each.slot().date().atTime(each.slot().start()))
                        .orElse(LocalDateTime.MAX)))
                .ifPresent(kept -> {
                    head(kept, model);
                    model.addAttribute("lacking", lacking(kept, kits.planned(kept.kit()), kits.supplies(kept), today));
                });
    }

    private List<Shown> shown(Kit kit) {
        Map<String, StoredDesign> all = stored();
        return kit.lines().stream()
                .flatMap(line -> Optional.ofNullable(all.get(line.card())).stream()
                        .map(stored -> shown(stored, kit.copies(line).cards())))
                .toList();
    }

    private Map<String, StoredDesign> stored() {
        return designs.all().stream().collect(Collectors.toMap(StoredDesign::id, each -> each));
    }

    private Shown shown(StoredDesign stored, int count) {
        Card card = workshop.card(stored.design());
        return new Shown(stored.id(), stored.design().name(), FinishedPicture.standing(card, inventory.shelf()), count);
    }

    /** All cards on the shelf, to choose from. */
    List<Shown> choices() {
        return designs.all().stream().map(stored -> shown(stored, 1)).toList();
    }

    static String when(Meeting meeting) {
        return meeting.slot().date().format(DAY) + ", " + meeting.slot().start() + "–"
                + meeting.slot().end()
                + (meeting.place().isBlank() ? "" : ", " + meeting.place());
    }

    MeasureSystem system() {
        return inventory.studio().system();
    }

    private static void head(KeptKit kept, Model model) {
        model.addAttribute("kept", kept);
        model.addAttribute("kit", kept.kit());
        model.addAttribute("when", kept.kit().meeting().map(KitPages::when).orElse(""));
    }

    void show(KeptKit kept, Entries entries, LocalDate today, Model model) {
        Kit kit = kept.kit();
        head(kept, model);
        model.addAttribute("entries", entries);
        model.addAttribute("meeting", kit.meeting().orElse(null));
        model.addAttribute("cards", shown(kit));
        model.addAttribute(
                "names", stored().values().stream().collect(Collectors.toMap(StoredDesign::id, each -> each.design()
                        .name())));
        model.addAttribute("sharedTools", SharedTool.values());
        model.addAttribute("everyone", Who.values());
        model.addAttribute("counted", Pricing.Counted.values());
        model.addAttribute("roundings", Pricing.Rounding.values());
        model.addAttribute("system", system());
        model.addAttribute("run", runs.get(kept.run()));
        Optional<Kits.Planned> planned = kits.planned(kit);
        Optional<KitSupplies> supplies = kits.supplies(kept);
        planned.ifPresent(each -> {
            planned(each, model);
            model.addAttribute(
                    "stops", KitStations.of(each, supplies, kits.cost(each), "/classes/" + kept.id() + "/lesson"));
        });
        supplies.ifPresent(each -> model.addAttribute("supplies", each));
        kits.packing(kept).ifPresent(each -> model.addAttribute("packing", each));
        model.addAttribute("packKey", Stockroom.newKey().value());
        model.addAttribute("lacking", lacking(kept, planned, supplies, today));
    }

    private void planned(Kits.Planned planned, Model model) {
        KitPlan plan = planned.plan();
        model.addAttribute("plan", plan);
        model.addAttribute("cost", kits.cost(planned));
        model.addAttribute(
                "stations",
                plan.shares().stream()
                        .filter(share -> !share.told().isWaiting())
                        .map(share -> share.told().first().station())
                        .distinct()
                        .toList());
        model.addAttribute("missing", plan.missing());
        Bag bag = plan.bag();
        model.addAttribute("bag", bag);
        model.addAttribute(
                "bagPictures",
                bag.items().stream()
                        .map(item -> StepPicture.lying(item.state(), item.lying(), inventory.shelf(), system()))
                        .toList());
        planned.fit().ifPresent(fit -> {
            model.addAttribute("fit", fit);
            model.addAttribute("roomPicture", RoomPicture.of(plan, fit, inventory.shelf()));
        });
    }

    /**
     * How a card of a kit is mailed.
     *
     * @param card the id of the card
     * @param name what it is called
     * @param mailing how; nothing of one that cannot be shut
     */
    record Mailed(String card, String name, Optional<Mailing> mailing) {}

    /** Of what there is too little to pack all bags. */
    String tooFew(List<Shortage> shortages) {
        return shortages.stream()
                .map(each -> each.item().words(system()).text() + ": short by "
                        + each.item().amount("", each.missing(), system()).text())
                .collect(Collectors.joining("; ", "There is too little on the shelf. ", "."));
    }

    /** What is printed for a kit; nothing where all of its cards are off the shelf. */
    Optional<byte[]> papers(KeptKit kept, PageFormat format) {
        return kits.plan(kept.kit()).flatMap(plan -> kits.supplies(kept)
                .map(supplies -> ClassPapers.write(
                        plan,
                        supplies,
                        kept.kit().meeting().map(KitPages::when).orElse(""),
                        inventory.shelf(),
                        system(),
                        format)));
    }

    /** A label for each bag: what it is for, what is in it, and which of all it is. */
    List<Labels.Label> labels(KeptKit kept) {
        Kit kit = kept.kit();
        Map<String, StoredDesign> all = stored();
        List<String> cards = kit.lines().stream()
                .flatMap(line -> Optional.ofNullable(all.get(line.card())).stream()
                        .map(stored -> (line.each() > 1 ? line.each() + " × " : "")
                                + stored.design().name()))
                .toList();
        String when = kit.meeting()
                .map(meeting -> meeting.slot().day() + ", " + meeting.slot().start())
                .orElse("");
        int bags = kit.allBags();
        return IntStream.rangeClosed(1, bags)
                .mapToObj(number -> {
                    List<String> lines = new ArrayList<>();
                    lines.add(String.join(", ", cards));
                    if (!when.isEmpty()) {
                        lines.add(when);
                    }
                    lines.add("Bag " + number + " of " + bags);
                    return new Labels.Label(kit.name(), lines);
                })
                .toList();
    }

    /** How labels lie on their sheets. */
    void labels(KeptKit kept, LabelSheet sheet, Model model) {
        head(kept, model);
        model.addAttribute("sheet", sheet);
        model.addAttribute("system", system());
        model.addAttribute("formats", PageFormat.values());
    }

    /** How the cards of a kit are mailed. */
    void mail(KeptKit kept, Model model) {
        Map<String, StoredDesign> all = stored();
        MailRoom room = desk.room();
        model.addAttribute("kept", kept);
        model.addAttribute("system", system());
        model.addAttribute("room", room);
        model.addAttribute("ownEnvelopes", Envelopes.ALL);
        model.addAttribute(
                "mailed",
                kept.kit().lines().stream()
                        .flatMap(line -> Optional.ofNullable(all.get(line.card())).stream())
                        .map(stored -> new Mailed(stored.id(), stored.design().name(), mailing(stored, room)))
                        .toList());
    }

    /**
     * An envelope for a card of a kit, as a card of its own, of the paper of that card and as many; nothing where that card cannot be shut or the envelope not be
     * made.
     *
     * @param card the id of the card
     * @param base what it is folded from
     */
    Optional<CardRun> envelope(KeptKit kept, String card, Base base) {
        return kept.kit().lines().stream()
                .filter(line -> line.card().equals(card))
                .findFirst()
                .flatMap(line -> Optional.ofNullable(stored().get(card)).flatMap(stored -> mailing(stored, desk.room())
                        .map(mailing -> CardRun.ofOne(mailing.envelope(workshop.card(stored.design()), base))
                                .with(kept.kit().copies(line)))))
                .filter(run -> workshop.make(run.design()).reasons().isEmpty());
    }

    private Optional<Mailing> mailing(StoredDesign stored, MailRoom room) {
        return Mailing.of(workshop.card(stored.design()), workshop.folding(stored.design()), inventory.shelf(), room);
    }

    /** What one more or one less changes: as many as there are, and those beside. */
    void beside(KeptKit kept, Model model) {
        Kit kit = kept.kit();
        List<KitCost> beside = new ArrayList<>();
        for (int bags = Math.max(1, kit.bags() - 1); bags <= Math.min(Kit.MOST_BAGS, kit.bags() + 1); bags++) {
            kits.planned(kit.withBags(bags)).map(kits::cost).ifPresent(beside::add);
        }
        model.addAttribute("kit", kit);
        model.addAttribute("beside", beside);
    }

    /** What a kit still lacks, in sentences. */
    private List<String> lacking(
            KeptKit kept, Optional<Kits.Planned> planned, Optional<KitSupplies> supplies, LocalDate today) {
        List<String> lacking = new ArrayList<>();
        long gone = kept.kit().lines().stream()
                .filter(line -> !runs.isOnShelf(line.card()))
                .count();
        if (gone > 0) {
            lacking.add(gone == 1 ? "One of its cards is off the shelf." : gone + " of its cards are off the shelf.");
        }
        planned.ifPresent(each -> each.plan()
                .missing()
                .forEach(tool -> lacking.add("There is no " + tool.words() + " in the room, and learners need one.")));
        planned.flatMap(Kits.Planned::fit)
                .filter(fit -> !fit.isInTime())
                .ifPresent(fit -> lacking.add("It does not fit the time."));
        supplies.filter(KitSupplies::isShort).ifPresent(each -> lacking.add("Something has to be bought."));
        KeptRun run = runs.get(kept.run());
        lacking.addAll(lists(run));
        planned.flatMap(each -> each.plan().days().stream().findFirst())
                .filter(first -> first.date().isBefore(today) && !run.isSettled())
                .ifPresent(first -> lacking.add("Preparing should have begun on " + first.day() + "."));
        return lacking;
    }

    private List<String> lists(KeptRun run) {
        if (!run.isSettled()) {
            return List.of("Its lists are not settled yet.");
        }
        try {
            List<String> lacking = new ArrayList<>();
            if (!runs.changes(run).isEmpty()) {
                lacking.add("Its lists are those of before the last change.");
            }
            if (!run.progress().isAllCut(runs.plan(run))) {
                lacking.add("Its sheets are not all cut.");
            }
            return lacking;
        } catch (DamagedRunException damaged) {
            return List.of("Its lists cannot be read.");
        }
    }
}

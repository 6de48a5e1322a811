package kwibbet.kit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Copies;
import kwibbet.outcome.Refusal;
import kwibbet.wording.Names;

/**
 * Bags of the same cards.
 *
 * @param name what the maker calls it
 * @param contents what is in a bag
 * @param count how many bags
 * @param sharing who does what
 * @param meeting when and where learners make them; nothing of a kit that is sold
 * @param pricing how its price is made
 */
public record Kit(
        String name, Contents contents, Bags count, Sharing sharing, Optional<Meeting> meeting, Pricing pricing) {

    /** A kit has at most so many bags. */
    public static final int MOST_BAGS = 5_000;

    private static final int USUAL_BAGS = 12;

    /** At most so many of one card are in a bag, and so many cards in a kit. */
    public static final int MOST_EACH = 50;

    /**
     * A card of which some are in each bag.
     *
     * @param card the id of the card
     * @param each how many of it
     */
    public record Line(String card, int each) {}

    /**
     * How many bags.
     *
     * @param wanted how many are wanted: of a class, how many learners come
     * @param spares bags besides
     */
    public record Bags(int wanted, int spares) {}

    /** What goes with the cards, and a line that is still empty. */
    public List<Extra> extrasAndOneMore() {
        List<Extra> lines = new ArrayList<>(extras());
        lines.add(new Extra("", 1, Extra.Pack.ONE));
        return lines;
    }

    /**
     * What is in a bag.
     *
     * @param lines which cards
     * @param extras what goes with them
     */
    public record Contents(List<Line> lines, List<Extra> extras) {
        /** Copies the lists. */
        public Contents {
            lines = List.copyOf(lines);
            extras = List.copyOf(extras);
        }

        /** Cards alone. */
        public static Contents of(List<Line> lines) {
            return new Contents(lines, List.of());
        }
    }

    /** Which cards are in a bag. */
    public List<Line> lines() {
        return contents.lines();
    }

    /** What goes with them. */
    public List<Extra> extras() {
        return contents.extras();
    }

    /** What a new one begins with: a class in a fortnight. */
    public static Kit begun(LocalDate today) {
        return new Kit(
                "",
                Contents.of(List.of()),
                new Bags(USUAL_BAGS, 1),
                Sharing.NONE,
                Optional.of(Meeting.begun(today)),
                Pricing.NONE);
    }

    /** Why it cannot be, each reason at the entry it belongs to; empty where it can. */
    public List<Refusal> refusals() {
        List<Refusal> refusals = new ArrayList<>();
        if (!Names.isOne(name)) {
            refusals.add(new Refusal("name", "Give it a name of 1 to " + Names.LONGEST + " letters."));
        }
        if (lines().isEmpty()) {
            refusals.add(new Refusal("card", "Choose at least one card."));
        }
        if (lines().size() > MOST_EACH) {
            refusals.add(new Refusal("card", "A bag holds up to " + MOST_EACH + " different cards."));
        }
        if (bags() < 1 || bags() > MOST_BAGS) {
            String whose = meeting.isPresent() ? "learners come to a class" : "bags are made at a time";
            refusals.add(new Refusal("bags", "1 to " + MOST_BAGS + " " + whose + "."));
        }
        if (spares() < 0 || spares() > MOST_BAGS) {
            refusals.add(new Refusal("spares", "Spare bags can be 0 to " + MOST_BAGS + "."));
        }
        for (Line line : lines()) {
            if (line.each() < 1 || line.each() > MOST_EACH) {
                refusals.add(new Refusal("each-" + line.card(), "1 to " + MOST_EACH + " of a card are in a bag."));
            } else {
                copies(line).checked().reasons().stream()
                        .findFirst()
                        .ifPresent(reason -> refusals.add(new Refusal("bags", reason.message())));
            }
        }
        refusals.addAll(refusals(extras()));
        meeting.ifPresent(each -> refusals.addAll(refusals(each)));
        if (pricing.rate() < 0 || pricing.rate() > Pricing.MOST_RATE) {
            refusals.add(new Refusal("rate", "An hour costs 0 to " + Pricing.MOST_RATE / 100 + "."));
        }
        if (pricing.margin() < 0 || pricing.margin() > Pricing.MOST_MARGIN) {
            refusals.add(new Refusal("margin", "The margin is 0 to " + Pricing.MOST_MARGIN + " % of the price."));
        }
        return refusals;
    }

    private static List<Refusal> refusals(List<Extra> extras) {
        List<Refusal> refusals = new ArrayList<>();
        if (extras.size() > Extra.MOST) {
            refusals.add(new Refusal("extras", "Up to " + Extra.MOST + " other things are in a bag."));
        }
        for (int at = 0; at < extras.size(); at++) {
            Extra extra = extras.get(at);
            if (!Names.isOne(extra.name())) {
                refusals.add(new Refusal("extra-name-" + at, "Give it a name of 1 to " + Names.LONGEST + " letters."));
            }
            if (extra.each() < 1 || extra.each() > MOST_BAGS) {
                refusals.add(new Refusal("extra-each-" + at, "1 to " + MOST_BAGS + " are in a bag."));
            }
            if (extra.pack().size() < 1 || extra.pack().size() > Extra.Pack.LARGEST) {
                refusals.add(new Refusal("extra-pack-" + at, "A pack holds 1 to " + Extra.Pack.LARGEST + "."));
            }
        }
        return refusals;
    }

    private static List<Refusal> refusals(Meeting meeting) {
        List<Refusal> refusals = new ArrayList<>();
        Slot slot = meeting.slot();
        if (slot.minutes() < 1 || slot.minutes() > Slot.LONGEST) {
            refusals.add(new Refusal("minutes", "A class lasts 1 to " + Slot.LONGEST + " minutes."));
        } else if (slot.opening() < 0 || slot.opening() >= slot.minutes()) {
            refusals.add(new Refusal("opening", "The words before leave some of the " + slot.minutes() + " minutes."));
        }
        if (meeting.place().length() > Names.LONGEST) {
            refusals.add(new Refusal("place", "The place has up to " + Names.LONGEST + " letters."));
        }
        meeting.tools().forEach((tool, count) -> {
            if (count < 0 || count > MOST_BAGS) {
                refusals.add(new Refusal(
                        tool.key(),
                        "How many " + tool.plural() + " there are: 0 to " + MOST_BAGS
                                + ", or nothing where everybody has one."));
            }
        });
        List<Table> tables = meeting.venue().tables();
        if (tables.size() > Table.MOST
                || tables.stream().anyMatch(each -> !Names.isOne(each.name()) || each.learners() < 1)) {
            refusals.add(new Refusal(
                    "tables",
                    "Up to " + Table.MOST + " tables or names, one a line, each of 1 to " + Names.LONGEST
                            + " letters; after a comma, how many sit there, at least 1."));
        } else if (tables.stream().map(Table::name).distinct().count() < tables.size()) {
            refusals.add(new Refusal("tables", "Two of them have the same name."));
        }
        if (meeting.day() < 1 || meeting.day() > Slot.LONGEST) {
            refusals.add(new Refusal("day", "A day of preparing is 1 to " + Slot.LONGEST + " minutes."));
        }
        LearnerPace pace = meeting.pace();
        if (pace.slower() < 1 || pace.slower() > LearnerPace.MOST) {
            refusals.add(new Refusal("slower", "Learners take 1 to " + LearnerPace.MOST + " % of your time."));
        }
        if (pace.between() < 0 || pace.between() > LearnerPace.MOST) {
            refusals.add(new Refusal("between", "They differ by 0 to " + LearnerPace.MOST + " %."));
        }
        if (pace.within() < 0 || pace.within() > LearnerPace.MOST) {
            refusals.add(new Refusal("within", "A step varies by 0 to " + LearnerPace.MOST + " %."));
        }
        return refusals;
    }

    /** How many bags are wanted: of a class, how many learners come. */
    public int bags() {
        return count.wanted();
    }

    /** How many bags besides. */
    public int spares() {
        return count.spares();
    }

    /** How many bags in all. */
    public int allBags() {
        return bags() + spares();
    }

    /** The same with another card in each bag, as many of it as of one that is in them. */
    public Kit withBeside(String card, String other) {
        List<Line> more = new ArrayList<>(lines());
        lines().stream()
                .filter(line -> line.card().equals(card))
                .findFirst()
                .ifPresent(line -> more.add(new Line(other, line.each())));
        return with(more);
    }

    /** The same with only some of its cards. */
    public Kit with(List<Line> others) {
        return new Kit(name, new Contents(others, extras()), count, sharing, meeting, pricing);
    }

    /** The same at another price. */
    public Kit with(Pricing other) {
        return new Kit(name, contents, count, sharing, meeting, other);
    }

    /** The same for so many. */
    public Kit withBags(int wanted) {
        return new Kit(name, contents, new Bags(wanted, spares()), sharing, meeting, pricing);
    }

    /** How many of a card are made for it. */
    public Copies copies(Line line) {
        return new Copies(bags() * line.each(), spares() * line.each());
    }

    /** Where its learners sit; nowhere where it is no class. */
    public List<Table> seated() {
        return meeting.map(each -> Table.seated(each.venue().tables(), bags())).orElse(List.of());
    }

    /** Whether it is for a class. */
    public boolean isClass() {
        return meeting.isPresent();
    }

    /** The same, other steps being done by others. */
    public Kit with(Sharing other) {
        return new Kit(name, contents, count, other, meeting, pricing);
    }

    /** The same with one more of a tool in the room. */
    public Kit withOneMore(SharedTool tool) {
        return new Kit(name, contents, count, sharing, meeting.map(each -> each.withOneMore(tool)), pricing);
    }
}

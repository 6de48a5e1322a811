package kwibbet.card;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/**
 * What cards use up besides paper: each thing once.
 *
 * @param name what makers call it
 * @param total all of it
 */
public record SupplyList(String name, Supply.Amount total) {

    /** Volumes that differ by less, in shares, are the same. */
    private static final double ALIKE = 1e-9;

    /** The supplies of a card, in the order they are first needed. */
    public static List<SupplyList> of(Card card) {
        return of(List.of(new RunLine(card, Copies.ONE)));
    }

    /** What all cards of some lines use up besides paper and tape, each thing once. */
    public static List<SupplyList> besidesTape(List<RunLine> lines) {
        return of(lines).stream()
                .filter(each -> !(each.total instanceof Supply.OfTape))
                .toList();
    }

    /** What all cards of some lines use up besides paper, each thing once: a tape is itself whatever its height is said in. */
    public static List<SupplyList> of(List<RunLine> lines) {
        Map<Object, SupplyList> totals = new LinkedHashMap<>();
        for (RunLine line : lines) {
            for (Supply supply : line.card().supplies()) {
                Object thing = supply.amount() instanceof Supply.OfTape tape ? tape.tape() : supply.name();
                SupplyList more = new SupplyList(supply.name(), times(supply.amount(), line.cards()));
                totals.merge(thing, more, (one, other) -> new SupplyList(one.name, sum(one.total, other.total)));
            }
        }
        return List.copyOf(totals.values());
    }

    private static Supply.Amount times(Supply.Amount amount, int cards) {
        if (amount instanceof Supply.OfLength length) {
            return new Supply.OfLength(length.length().multipliedBy(cards));
        }
        if (amount instanceof Supply.OfTape tape) {
            return new Supply.OfTape(tape.tape(), tape.length().multipliedBy(cards));
        }
        if (amount instanceof Supply.OfCount count) {
            return new Supply.OfCount(Math.multiplyExact(count.count(), cards));
        }
        return new Supply.OfVolume(((Supply.OfVolume) amount).cubicInches() * cards);
    }

    /** Things of one name are measured alike; should they not be, the first stands. */
    private static Supply.Amount sum(Supply.Amount one, Supply.Amount other) {
        if (one instanceof Supply.OfLength first && other instanceof Supply.OfLength second) {
            return new Supply.OfLength(first.length().plus(second.length()));
        }
        if (one instanceof Supply.OfTape first && other instanceof Supply.OfTape second) {
            return new Supply.OfTape(first.tape(), first.length().plus(second.length()));
        }
        if (one instanceof Supply.OfCount first && other instanceof Supply.OfCount second) {
            return new Supply.OfCount(Math.addExact(first.count(), second.count()));
        }
        if (one instanceof Supply.OfVolume first && other instanceof Supply.OfVolume second) {
            return new Supply.OfVolume(first.cubicInches() + second.cubicInches());
        }
        return one;
    }

    /** Whether another is the same thing, in whatever amount; a tape is itself whatever its height is said in. */
    public boolean isLike(SupplyList other) {
        if (total instanceof Supply.OfTape one && other.total instanceof Supply.OfTape another) {
            return one.tape().equals(another.tape());
        }
        return total.getClass().equals(other.total.getClass()) && name.equals(other.name);
    }

    /** So many times as much. */
    public SupplyList times(int count) {
        return new SupplyList(name, times(total, count));
    }

    /**
     * What the first of so many cards use. Of several designs nobody says which are made first: each card takes its share, and all of them take all.
     *
     * @param made how many; 0 to {@code all}
     * @param all how many there are; at least 1
     */
    public SupplyList share(int made, int all) {
        if (total instanceof Supply.OfVolume volume) {
            return new SupplyList(name, new Supply.OfVolume(volume.cubicInches() * made / all));
        }
        if (total instanceof Supply.OfCount count) {
            return new SupplyList(name, new Supply.OfCount((int) ((long) count.count() * made / all)));
        }
        return new SupplyList(name, ofLength(length(total).multipliedBy(made).dividedDownBy(all)));
    }

    /** What is still to be used when the first of so many cards are made. */
    public SupplyList rest(int made, int all) {
        SupplyList used = share(made, all);
        if (total instanceof Supply.OfVolume volume) {
            double rest = volume.cubicInches() - ((Supply.OfVolume) used.total).cubicInches();
            return new SupplyList(name, new Supply.OfVolume(rest));
        }
        if (total instanceof Supply.OfCount count) {
            return new SupplyList(name, new Supply.OfCount(count.count() - ((Supply.OfCount) used.total).count()));
        }
        return new SupplyList(name, ofLength(length(total).minus(length(used.total))));
    }

    private Supply.Amount ofLength(Length length) {
        return total instanceof Supply.OfTape tape
                ? new Supply.OfTape(tape.tape(), length)
                : new Supply.OfLength(length);
    }

    /**
     * How many packs of it that is; the last one need not be used up.
     *
     * @param pack the same thing, as much as is in a pack; more than nothing
     */
    public long packs(SupplyList pack) {
        if (total instanceof Supply.OfVolume volume) {
            return (long) Math.ceil(volume.cubicInches() / ((Supply.OfVolume) pack.total).cubicInches() - ALIKE);
        }
        if (total instanceof Supply.OfCount count) {
            long each = ((Supply.OfCount) pack.total).count();
            return (count.count() + each - 1) / each;
        }
        Length length = length(total);
        return length.isZero() ? 0 : length.minus(Length.TICK).dividedBy(length(pack.total)) + 1;
    }

    /** How many packs of it that is, in shares of one. */
    public double share(SupplyList pack) {
        if (total instanceof Supply.OfVolume volume) {
            return volume.cubicInches() / ((Supply.OfVolume) pack.total).cubicInches();
        }
        if (total instanceof Supply.OfCount count) {
            return (double) count.count() / ((Supply.OfCount) pack.total).count();
        }
        return length(total).ratioTo(length(pack.total));
    }

    private static Length length(Supply.Amount amount) {
        return amount instanceof Supply.OfTape tape ? tape.length() : ((Supply.OfLength) amount).length();
    }

    /** The next whole inch or centimetre up, since a roll is cut generously; nothing stays nothing. */
    public static Length generously(Length length, MeasureSystem system) {
        if (length.isZero()) {
            return length;
        }
        Length unit = system == MeasureSystem.INCH ? Length.ofInches(1) : Length.ofMillimetres(10);
        return unit.multipliedBy(length.minus(Length.GRAIN).dividedBy(unit) + 1);
    }

    /** The line as it is read. */
    public Phrase words(MeasureSystem system) {
        return Phrase.in(system).words(name + ": ").phrase(amount(system)).end();
    }

    /** How much of it, as it is read. */
    public Phrase amount(MeasureSystem system) {
        Phrase.Writer writer = Phrase.in(system);
        if (total instanceof Supply.OfLength length) {
            return writer.length(generously(length.length(), system)).end();
        }
        if (total instanceof Supply.OfTape tape) {
            return writer.length(generously(tape.length(), system)).end();
        }
        if (total instanceof Supply.OfCount count) {
            return writer.words(String.valueOf(count.count())).end();
        }
        return writer.words(volume(((Supply.OfVolume) total).in(system), system))
                .end();
    }

    /** To a hundredth of a cubic inch or a tenth of a millilitre; what is less than that is more than nothing. */
    private static String volume(double amount, MeasureSystem system) {
        int places = system == MeasureSystem.INCH ? 2 : 1;
        double least = Math.pow(10, -places);
        boolean isLess = amount > 0 && amount < least;
        return (isLess ? "less than " : "")
                + String.format(Locale.ROOT, "%." + places + "f ", isLess ? least : amount)
                + (system == MeasureSystem.INCH ? "cu in" : "ml");
    }
}

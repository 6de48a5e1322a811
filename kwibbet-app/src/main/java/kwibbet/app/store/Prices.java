package kwibbet.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Objects;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.card.Supply;
import kwibbet.card.SupplyList;
import kwibbet.card.Tape;
import kwibbet.kit.PriceList;
import kwibbet.kit.PriceList.Sold;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;

/** What tape, findings, cord and filler cost, and how they are sold. */
@Service
public class Prices {

    private final JdbcTemplate jdbc;
    private final Inventory inventory;
    private final TransactionTemplate transaction;

    Prices(JdbcTemplate jdbc, Inventory inventory, TransactionTemplate transaction) {
        this.jdbc = jdbc;
        this.inventory = inventory;
        this.transaction = transaction;
    }

    private enum Kind {
        TAPE,
        LENGTH,
        COUNT,
        VOLUME;

        static Kind of(Supply.Amount amount) {
            if (amount instanceof Supply.OfTape) {
                return TAPE;
            }
            if (amount instanceof Supply.OfLength) {
                return LENGTH;
            }
            return amount instanceof Supply.OfCount ? COUNT : VOLUME;
        }
    }

    /** How everything is sold of which that is known. */
    public PriceList all() {
        return new PriceList(Objects.requireNonNull(transaction.execute(
                status -> jdbc.query("select * from goods_price order by id", (row, at) -> sold(row)))));
    }

    private static Sold sold(ResultSet row) throws SQLException {
        String amount = row.getString("amount");
        String height = row.getString("height");
        Supply.Amount pack =
                switch (Kind.valueOf(row.getString("kind"))) {
                    case TAPE ->
                        new Supply.OfTape(
                                height.isEmpty() ? new Tape.Flat() : new Tape.Foam(length(height)), length(amount));
                    case LENGTH -> new Supply.OfLength(length(amount));
                    case COUNT -> new Supply.OfCount(Integer.parseInt(amount));
                    case VOLUME -> new Supply.OfVolume(Double.parseDouble(amount));
                };
        return new Sold(new SupplyList(row.getString("name"), pack), row.getInt("cents"));
    }

    private static Length length(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }

    /** Tells things apart, whatever a tape's height is said in. */
    public static String key(SupplyList thing) {
        return thing.total() instanceof Supply.OfTape tape ? ("tape " + height(tape.tape())).strip() : thing.name();
    }

    private static String height(Tape tape) {
        return tape instanceof Tape.Foam foam ? foam.height().toString() : "";
    }

    /** Keeps how something is sold, in place of how it was. */
    public void keep(Sold sold) {
        Supply.Amount pack = sold.pack().total();
        inventory.replaced(() -> {
            forget(sold.pack());
            jdbc.update(
                    "insert into goods_price (id, name, kind, height, amount, cents, version) values (?, ?, ?, ?, ?, ?, 0)",
                    key(sold.pack()),
                    sold.pack().name(),
                    Kind.of(pack).name(),
                    pack instanceof Supply.OfTape tape ? height(tape.tape()) : "",
                    amount(pack),
                    sold.cents());
            return sold;
        });
    }

    /** How something is sold is not known any more. */
    public void remove(SupplyList thing) {
        inventory.replaced(() -> {
            forget(thing);
            return thing;
        });
    }

    private void forget(SupplyList thing) {
        jdbc.update("delete from goods_price where id = ?", key(thing));
    }

    private static String amount(Supply.Amount pack) {
        if (pack instanceof Supply.OfTape tape) {
            return tape.length().toString();
        }
        if (pack instanceof Supply.OfLength length) {
            return length.length().toString();
        }
        return pack instanceof Supply.OfCount count
                ? String.valueOf(count.count())
                : String.valueOf(((Supply.OfVolume) pack).cubicInches());
    }
}

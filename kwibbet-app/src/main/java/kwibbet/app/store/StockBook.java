package kwibbet.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

import kwibbet.card.Tape;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;
import kwibbet.stock.Booking;
import kwibbet.stock.BookingKey;
import kwibbet.stock.Movement;
import kwibbet.stock.Reason;
import kwibbet.stock.StockEntry;
import kwibbet.stock.StockItem;
import kwibbet.stock.StockItem.Goods;
import kwibbet.stock.StockLevels;

/** The ledger of the stock in the data. Bookings are added and never changed; every method is called within a transaction. */
@Component
class StockBook {

    private final JdbcTemplate jdbc;
    private final Clock clock;

    StockBook(JdbcTemplate jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private static final String GOODS = " (select tape.height from tape where tape.id = thing) as tape,"
            + " (select goods.name from goods where goods.id = thing) as name,"
            + " (select goods.measure from goods where goods.id = thing) as measure";
    private static final String THING = "thing, width, height," + GOODS;

    /** How much there is of everything. */
    StockLevels levels() {
        Map<StockItem, Long> levels = new HashMap<>();
        jdbc.query(
                "select " + THING + ", sum(amount) as amount from stock_movement group by thing, width, height",
                row -> {
                    levels.put(item(row), row.getLong("amount"));
                });
        return new StockLevels(levels);
    }

    private static StockItem item(ResultSet row) throws SQLException {
        Optional<Long> height = Optional.ofNullable(row.getObject("tape", Long.class));
        if (height.isPresent()) {
            return new StockItem.Taped(tape(height.get()));
        }
        Optional<String> name = Optional.ofNullable(row.getString("name"));
        if (name.isPresent()) {
            return new StockItem.Named(name.get(), StockItem.Measure.valueOf(row.getString("measure")));
        }
        PaperId paper = new PaperId(row.getString("thing"));
        long width = row.getLong("width");
        return width == 0
                ? new StockItem.Sheets(paper)
                : new StockItem.Leftovers(
                        paper, new Size(Length.ofTicks(width), Length.ofTicks(row.getLong("height"))));
    }

    private static Tape tape(long height) {
        return height == 0 ? new Tape.Flat() : new Tape.Foam(Length.ofTicks(height));
    }

    /** What goods are called in the data. */
    static String idOf(Goods goods) {
        if (goods instanceof StockItem.Named named) {
            return named.measure().name().toLowerCase(Locale.ROOT) + " " + named.name();
        }
        Tape tape = ((StockItem.Taped) goods).tape();
        return tape instanceof Tape.Foam foam ? "foam-" + foam.height().toTicks() : "tape";
    }

    /** All goods anything was ever booked of: flat tape first, foam tape by its height, then the rest by name. */
    List<Goods> goods() {
        List<Goods> goods = new ArrayList<>(jdbc.query(
                "select height from tape order by height",
                (row, at) -> new StockItem.Taped(tape(row.getLong("height")))));
        goods.addAll(jdbc.query(
                "select name, measure from goods order by name, measure",
                (row, at) -> new StockItem.Named(
                        row.getString("name"), StockItem.Measure.valueOf(row.getString("measure")))));
        return goods;
    }

    /** Why things are gone once cards are made. */
    static final List<Reason> MADE = List.of(Reason.STUCK, Reason.USED);

    /** How much of each thing is gone for a run, for some reasons; what was taken back is not gone. */
    Map<Goods, Long> goneFor(String run, List<Reason> reasons) {
        Map<Goods, Long> gone = new HashMap<>();
        jdbc.query(
                "select " + THING + ", reason, sum(amount) as amount from stock_movement"
                        + " join booking b on b.id = stock_movement.booking where b.run = ?"
                        + " and not exists (select 1 from booking other where other.id = 'back ' || b.id)"
                        + " group by thing, width, height, reason",
                row -> {
                    if (reasons.contains(Reason.valueOf(row.getString("reason"))) && item(row) instanceof Goods goods) {
                        gone.merge(goods, -row.getLong("amount"), Math::addExact);
                    }
                },
                run);
        return gone;
    }

    private String thingOf(StockItem item) {
        if (item instanceof StockItem.OfPaper ofPaper) {
            return ofPaper.paper().value();
        }
        Goods goods = (Goods) item;
        if (!goods().contains(goods)) {
            if (goods instanceof StockItem.Named named) {
                jdbc.update(
                        "insert into goods (id, name, measure, version) values (?, ?, ?, 0)",
                        idOf(goods),
                        named.name(),
                        named.measure().name());
            } else {
                Tape tape = ((StockItem.Taped) goods).tape();
                long height = tape instanceof Tape.Foam foam ? foam.height().toTicks() : 0;
                jdbc.update("insert into tape (id, height, version) values (?, ?, 0)", idOf(goods), height);
            }
        }
        return idOf(goods);
    }

    /** Whether there is a booking of that key. */
    boolean has(BookingKey key) {
        return count("select count(*) from booking where id = ?", key.value()) > 0;
    }

    private long count(String query, Object... values) {
        return Optional.ofNullable(jdbc.queryForObject(query, Long.class, values))
                .orElse(0L);
    }

    /** Adds a booking whose key is not there yet. */
    void add(Booking booking) {
        jdbc.update(
                "insert into booking (id, number, what, run, booked_at, version) values (?, ?, ?, ?, ?, 0)",
                booking.key().value(),
                count("select coalesce(max(number), 0) + 1 from booking"),
                booking.what(),
                booking.run().orElse(null),
                OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
        int place = 0;
        for (Movement each : booking.movements()) {
            Optional<Size> size =
                    each.item() instanceof StockItem.OfPaper ofPaper ? ofPaper.leftoverSize() : Optional.empty();
            jdbc.update(
                    "insert into stock_movement (id, booking, thing, width, height, amount, reason, version)"
                            + " values (?, ?, ?, ?, ?, ?, ?, 0)",
                    String.format(Locale.ROOT, "%s %03d", booking.key().value(), ++place),
                    booking.key().value(),
                    thingOf(each.item()),
                    size.map(Size::width).map(Length::toTicks).orElse(0L),
                    size.map(Size::height).map(Length::toTicks).orElse(0L),
                    each.amount(),
                    each.reason().name());
        }
    }

    /** The booking of a key. */
    Optional<Booking> find(BookingKey key) {
        return jdbc
                .query(
                        "select what, run from booking where id = ?",
                        (row, at) -> new Booking(
                                key, row.getString("what"), Optional.ofNullable(row.getString("run")), movements(key)),
                        key.value())
                .stream()
                .findFirst();
    }

    private List<Movement> movements(BookingKey key) {
        return jdbc.query(
                "select " + THING + ", amount, reason from stock_movement where booking = ? order by id",
                (row, at) -> new Movement(item(row), row.getLong("amount"), Reason.valueOf(row.getString("reason"))),
                key.value());
    }

    /** The movements of one paper with its leftovers, the last first. */
    List<StockEntry> entries(PaperId paper) {
        return entries(paper.value());
    }

    /** The movements of some goods, the last first. */
    List<StockEntry> entries(Goods goods) {
        return entries(idOf(goods));
    }

    private List<StockEntry> entries(String thing) {
        List<StockEntry> entries = new ArrayList<>();
        Map<StockItem, Long> levels = new HashMap<>();
        jdbc.query(
                "select b.id, b.what, b.run, b.booked_at, m.thing, m.width, m.height, m.amount, m.reason,"
                        + GOODS + ","
                        + " exists (select 1 from booking other where other.id = 'back ' || b.id) as is_back"
                        + " from stock_movement m join booking b on b.id = m.booking where m.thing = ?"
                        + " order by b.booked_at, b.number, m.id",
                row -> {
                    StockItem item = item(row);
                    long amount = row.getLong("amount");
                    entries.add(new StockEntry(
                            new BookingKey(row.getString("id")),
                            row.getObject("booked_at", OffsetDateTime.class).toInstant(),
                            row.getString("what"),
                            Optional.ofNullable(row.getString("run")),
                            new Movement(item, amount, Reason.valueOf(row.getString("reason"))),
                            levels.merge(item, amount, Math::addExact),
                            row.getBoolean("is_back")));
                },
                thing);
        return entries.stream()
                .collect(ArrayList::new, (list, each) -> list.add(0, each), (one, other) -> one.addAll(0, other));
    }
}

package kwibbet.app.store;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.formats.document.MailRoomDocument;
import kwibbet.mail.MailRoom;
import kwibbet.outcome.Outcome;

/** The envelopes of the studio, and what sending costs. */
@Service
public class MailDesk {

    private final JdbcTemplate jdbc;
    private final Inventory inventory;
    private final TransactionTemplate transaction;

    MailDesk(JdbcTemplate jdbc, Inventory inventory, TransactionTemplate transaction) {
        this.jdbc = jdbc;
        this.inventory = inventory;
        this.transaction = transaction;
    }

    /** What cards are mailed with; as usual where nothing else was kept. */
    public MailRoom room() {
        List<String> kept = Objects.requireNonNull(
                transaction.execute(status -> jdbc.queryForList("select document from mail_room", String.class)));
        return kept.stream()
                .map(MailRoomDocument::read)
                .flatMap(read -> read instanceof Outcome.Made<MailRoom> made ? Stream.of(made.value()) : Stream.empty())
                .findFirst()
                .orElse(MailRoom.USUAL);
    }

    /** Keeps what cards are mailed with. */
    public void keep(MailRoom room) {
        inventory.replaced(() -> {
            jdbc.update("delete from mail_room");
            if (!room.equals(MailRoom.USUAL)) {
                jdbc.update(
                        "insert into mail_room (id, document, version) values (1, ?, 0)", MailRoomDocument.write(room));
            }
            return room;
        });
    }
}

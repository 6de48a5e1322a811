package kwibbet.formats.document;

import java.util.List;

import org.junit.jupiter.api.Test;

import kwibbet.mail.Envelope;
import kwibbet.mail.MailRoom;
import kwibbet.mail.Postage;
import kwibbet.measure.Length;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

class MailRoomDocumentTest {

    @Test
    void whatIsWrittenIsReadBack() {
        MailRoom room = new MailRoom(
                List.of(new Envelope("kraft, odd", new Size(Length.ofMillimetres(1633, 10), Length.ofInches(71, 16)))),
                new Postage(
                        List.of(new Postage.Rate("bicycle", Length.ofInches(9), Length.ofMillimetres(7), 40, 115)),
                        1,
                        2,
                        3));
        assertThat(MailRoomDocument.read(MailRoomDocument.write(room)).orThrow())
                .isEqualTo(room);
        assertThat(MailRoomDocument.read(MailRoomDocument.write(MailRoom.USUAL)).orThrow())
                .isEqualTo(MailRoom.USUAL)
                .satisfies(read -> assertThat(read.isInvented()).isTrue());
        assertThat(MailRoomDocument.read("{\"format\": \"kwibbet-kit\"}").reasons())
                .isNotEmpty();
    }
}

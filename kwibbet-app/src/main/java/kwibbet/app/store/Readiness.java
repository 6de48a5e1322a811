package kwibbet.app.store;

import org.springframework.stereotype.Component;

/** Whether a fault was that of a database that has closed itself. */
@Component
public class Readiness {

    private final Room room;

    Readiness(Room room) {
        this.room = room;
    }

    /** Whether that was why; if so it is opened again for the next request. */
    public boolean opensAgain(Throwable fault) {
        boolean isClosed = Room.isCannotWrite(fault);
        if (isClosed) {
            room.openAgain();
        }
        return isClosed;
    }
}

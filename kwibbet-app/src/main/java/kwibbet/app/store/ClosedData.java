package kwibbet.app.store;

import java.sql.SQLException;

import com.zaxxer.hikari.SQLExceptionOverride;

/**
 * Lets a connection go at once whose database has closed itself. Asked to roll back first, as one that is handed back is, H2 may look for ever
 * for a version of its store that no longer comes.
 */
public final class ClosedData implements SQLExceptionOverride {

    @java.lang.Override
    public Override adjudicate(SQLException fault) {
        return Room.isCannotWrite(fault) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}

package kwibbet.app.card;

import kwibbet.app.store.Edit;
import kwibbet.app.web.Entries;

/**
 * What a request to a card's page says.
 *
 * @param id the design
 * @param version the version the maker saw; −1 where nothing is changed
 * @param edit what names it
 * @param form which form of the page it was: {@code base}, {@code addition}, {@code name}; empty where it was none
 * @param entries the form
 * @param looking what is looked at
 * @param isWithinPage whether only the station's part of the page is wanted
 */
record Asked(String id, long version, Edit edit, String form, Entries entries, Looking looking, boolean isWithinPage) {

    Asked holding(String piece) {
        return new Asked(id, version, edit, form, entries, looking.holding(piece), isWithinPage);
    }
}

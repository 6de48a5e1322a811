package kwibbet.app.card;

import kwibbet.app.web.Entries;

/**
 * What a request to a card's page says.
 *
 * @param id the design
 * @param version the version the maker saw; −1 where nothing is changed
 * @param entries the form
 * @param looking what is looked at
 * @param isWithinPage whether only the station's part of the page is wanted
 */
record Asked(String id, long version, Entries entries, Looking looking, boolean isWithinPage) {

    Asked holding(String piece) {
        return new Asked(id, version, entries, looking.holding(piece), isWithinPage);
    }
}

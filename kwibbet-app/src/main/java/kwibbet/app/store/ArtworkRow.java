package kwibbet.app.store;

import java.util.Base64;

import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

import kwibbet.artwork.Artwork;
import kwibbet.formats.artwork.ReadArtwork;

/** A picture of the maker's own with its dots. */
@Entity
@Table(name = "artwork")
@SuppressWarnings(
        "UnusedVariable") // Read by the queries of its repository, so that dots are fetched only where they are wanted.
class ArtworkRow extends KeptRow {

    private int place;
    private String name = "";
    private int across;
    private int down;
    private String colour = "";

    @Lob
    private String dots = "";

    @Lob
    private String shown = "";

    protected ArtworkRow() {}

    ArtworkRow(ReadArtwork read, int place) {
        super(read.artwork().id().value());
        Artwork artwork = read.artwork();
        this.place = place;
        this.name = artwork.name();
        this.across = artwork.across();
        this.down = artwork.down();
        this.colour = artwork.colour().hex();
        this.dots = Base64.getEncoder().encodeToString(read.dots());
        this.shown = Base64.getEncoder().encodeToString(read.small());
    }
}

package kwibbet.app.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.multipart.MultipartFile;

import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.formats.artwork.ArtworkReader;
import kwibbet.formats.artwork.ReadArtwork;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;

/** Pictures of the maker's own, and the one that comes along. A picture never changes: what has other dots is another one. */
@Service
public class Artworks {

    private static final String SAMPLE = "artwork/sample.png";

    private final ArtworkRows rows;
    private final TransactionTemplate transactions;
    private final Room room;

    Artworks(ArtworkRows rows, TransactionTemplate transactions, Room room) {
        this.rows = rows;
        this.transactions = transactions;
        this.room = room;
    }

    /** All of them, in the order they were brought. */
    public List<Artwork> all() {
        return rows.known().stream()
                .map(known -> new Artwork(
                        new ArtworkId(known.id()),
                        known.name(),
                        known.across(),
                        known.down(),
                        new Colour(known.colour())))
                .toList();
    }

    /** The names of those whose dots are not here. */
    public List<String> unkept(Collection<Artwork> artworks) {
        return artworks.stream()
                .filter(artwork -> !artwork.equals(Artwork.SAMPLE)
                        && !rows.existsById(artwork.id().value()))
                .map(Artwork::name)
                .toList();
    }

    /** Keeps a picture; one that is kept already stays as it is. */
    public Artwork keep(ReadArtwork read) {
        room.forWriting(() -> {
            transactions.executeWithoutResult(status -> {
                if (!rows.existsById(read.artwork().id().value())) {
                    rows.saveAndFlush(new ArtworkRow(read, rows.lastPlace() + 1));
                }
            });
            return true;
        });
        return read.artwork();
    }

    /**
     * Reads a picture from a file and keeps it.
     *
     * @param file what was sent
     * @param page which page of a PDF, from 1, as it was typed
     * @return the picture, or why it cannot be read, in a sentence
     * @throws IOException when what was sent can no longer be reached
     */
    public Outcome<Artwork> bring(MultipartFile file, String page) throws IOException {
        if (file.isEmpty()) {
            return Outcome.refused("file", "Choose a file first.");
        }
        if (!page.strip().matches("[1-9][0-9]{0,3}")) {
            return Outcome.refused("page", "Say which page of a PDF as a number, 1 for the first.");
        }
        String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
        return ArtworkReader.read(file.getBytes(), name, Integer.parseInt(page.strip()))
                .then(read -> Outcome.made(keep(read)));
    }

    /** Keeps what came with a design: of dots that are not what they are said to be nothing. */
    public void keep(Map<ArtworkId, byte[]> came, Map<ArtworkId, Artwork> asked) {
        came.forEach((id, dots) -> Optional.ofNullable(asked.get(id)).ifPresent(artwork -> {
            if (ArtworkReader.read(dots, artwork.name()) instanceof Outcome.Made<ReadArtwork> read
                    && read.value().artwork().id().equals(id)) {
                keep(read.value());
            }
        }));
    }

    /** Takes a picture out. */
    public void remove(ArtworkId id) {
        room.forWriting(() -> {
            transactions.executeWithoutResult(status -> rows.deleteById(id.value()));
            return true;
        });
    }

    /** The dots of a picture, as PNG or JPEG. */
    public Optional<byte[]> dots(ArtworkId id) {
        return id.equals(Artwork.SAMPLE.id())
                ? Optional.of(sample())
                : rows.dots(id.value()).map(Base64.getDecoder()::decode);
    }

    /** A picture with few dots, as JPEG; the one that comes along as PNG. */
    public Optional<byte[]> shown(ArtworkId id) {
        return id.equals(Artwork.SAMPLE.id())
                ? Optional.of(sample())
                : rows.shown(id.value()).map(Base64.getDecoder()::decode);
    }

    private static byte[] sample() {
        try (InputStream file = new ClassPathResource(SAMPLE).getInputStream()) {
            return file.readAllBytes();
        } catch (IOException missing) {
            throw new UncheckedIOException("the sample picture comes with the program", missing);
        }
    }
}

package kwibbet.app.store;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ArtworkRows extends JpaRepository<ArtworkRow, String> {

    /** What is known of a picture, without its dots. */
    record Known(String id, String name, int across, int down, String colour) {}

    @Query("select new kwibbet.app.store.ArtworkRows$Known(row.id, row.name, row.across, row.down, row.colour)"
            + " from ArtworkRow row order by row.place")
    List<Known> known();

    @Query("select row.dots from ArtworkRow row where row.id = :id")
    Optional<String> dots(String id);

    @Query("select row.shown from ArtworkRow row where row.id = :id")
    Optional<String> shown(String id);

    @Query("select coalesce(max(row.place), -1) from ArtworkRow row")
    int lastPlace();
}

package kwibbet.app.store;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface PaperRows extends JpaRepository<PaperRow, String> {

    List<PaperRow> findAllByOrderByPlaceAsc();

    Optional<PaperRow> findTopByOrderByPlaceDesc();
}

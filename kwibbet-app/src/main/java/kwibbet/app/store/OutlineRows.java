package kwibbet.app.store;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface OutlineRows extends JpaRepository<OutlineRow, String> {

    List<OutlineRow> findAllByOrderByPlaceAsc();

    Optional<OutlineRow> findTopByOrderByPlaceDesc();
}

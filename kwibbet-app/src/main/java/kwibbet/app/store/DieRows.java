package kwibbet.app.store;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface DieRows extends JpaRepository<DieRow, String> {

    List<DieRow> findAllByOrderByPlaceAsc();

    Optional<DieRow> findTopByOrderByPlaceDesc();
}

package kwibbet.app.store;

import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRows extends JpaRepository<RevisionRow, Long> {

    Optional<RevisionRow> findByDesignIdAndNumber(String designId, int number);

    void deleteByDesignIdAndNumberGreaterThan(String designId, int number);
}

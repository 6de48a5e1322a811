package kwibbet.app.store;

import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;

interface DesignRows extends JpaRepository<DesignRow, String> {

    Slice<DesignRow> findByRemovedAndNameContainingIgnoreCase(boolean removed, String words, Pageable pageable);

    boolean existsByRemovedTrue();
}

package kwibbet.app.store;

import java.util.List;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface DesignRows extends JpaRepository<DesignRow, String> {

    List<DesignRow> findByRemovedFalseOrderByChangedAtDesc(Limit limit);
}

package kwibbet.app.store;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface OffcutRows extends JpaRepository<OffcutRow, String> {

    List<OffcutRow> findAllByOrderByPaperAscWidthDescHeightDesc();

    Optional<OffcutRow> findByPaperAndWidthAndHeight(String paper, long width, long height);

    void deleteByPaper(String paper);
}

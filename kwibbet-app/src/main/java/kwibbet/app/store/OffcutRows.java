package kwibbet.app.store;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

interface OffcutRows extends JpaRepository<OffcutRow, String> {

    List<OffcutRow> findAllByOrderByPaperAscWidthDescHeightDesc();

    void deleteByPaper(String paper);
}

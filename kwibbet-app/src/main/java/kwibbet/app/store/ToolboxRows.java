package kwibbet.app.store;

import org.springframework.data.jpa.repository.JpaRepository;

interface ToolboxRows extends JpaRepository<ToolboxRow, Integer> {}

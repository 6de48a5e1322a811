package kwibbet.app.store;

import org.springframework.data.jpa.repository.JpaRepository;

interface SheetPlanRows extends JpaRepository<SheetPlanRow, String> {}

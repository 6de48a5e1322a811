package kwibbet.app.store;

import org.springframework.data.jpa.repository.JpaRepository;

interface StudioRows extends JpaRepository<StudioRow, Integer> {}

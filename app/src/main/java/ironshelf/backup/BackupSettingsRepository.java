package ironshelf.backup;

import org.springframework.data.jpa.repository.JpaRepository;

interface BackupSettingsRepository extends JpaRepository<BackupSettings, Long> {}

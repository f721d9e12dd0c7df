package ironshelf.dispatch;

import org.springframework.data.jpa.repository.JpaRepository;

interface ReturnRepository extends JpaRepository<ReturnEntity, Long> {}

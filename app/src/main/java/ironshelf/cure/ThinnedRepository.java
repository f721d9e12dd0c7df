package ironshelf.cure;

import org.springframework.data.jpa.repository.JpaRepository;

interface ThinnedRepository extends JpaRepository<Thinned, String> {}

package ironshelf.act;

import org.springframework.data.jpa.repository.JpaRepository;

interface ActRepository extends JpaRepository<Act, String> {}

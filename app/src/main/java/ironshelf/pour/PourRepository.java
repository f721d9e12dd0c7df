package ironshelf.pour;

import org.springframework.data.jpa.repository.JpaRepository;

interface PourRepository extends JpaRepository<Pour, Long> {
  java.util.List<Pour> findAllByOrderById();
}

package ironshelf.pour.record;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface WasteRepository extends JpaRepository<Waste, Long> {

  @Query(
      "select w from Waste w join Pour p on p.id = w.pourId where p.undoneAt is null"
          + " order by w.id desc")
  List<Waste> standing(Pageable page);

  List<Waste> findByPourIdInOrderById(Collection<Long> pourIds);

  List<Waste> findByPourIdBetweenOrderById(long from, long to);
}

package ironshelf.piece;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepActRepository extends JpaRepository<StepAct, Long> {
  List<StepAct> findTop20ByUndoneAtIsNullAndPuttingBackIsFalseAndDoneAtAfterOrderByIdDesc(
      Instant since);

  List<StepAct> findByTouchIsNotNullAndUndoneAtIsNullOrderById();
}

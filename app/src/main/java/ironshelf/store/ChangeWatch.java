package ironshelf.store;

import ironshelf.act.Changed;
import jakarta.annotation.PostConstruct;
import jakarta.persistence.EntityManagerFactory;
import java.util.Set;
import java.util.TreeSet;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostDeleteEventListener;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Says after each commit which tables it changed. It listens where rows are written, so that no act
 * can forget to say it.
 */
@Component
class ChangeWatch
    implements PostInsertEventListener, PostUpdateEventListener, PostDeleteEventListener {

  private static final long serialVersionUID = 1L;

  private final transient EntityManagerFactory entities;
  private final transient ApplicationEventPublisher events;

  ChangeWatch(EntityManagerFactory entities, ApplicationEventPublisher events) {
    this.entities = entities;
    this.events = events;
  }

  @PostConstruct
  void listen() {
    EventListenerRegistry registry =
        entities
            .unwrap(SessionFactoryImplementor.class)
            .getServiceRegistry()
            .requireService(EventListenerRegistry.class);
    registry.appendListeners(EventType.POST_INSERT, this);
    registry.appendListeners(EventType.POST_UPDATE, this);
    registry.appendListeners(EventType.POST_DELETE, this);
  }

  @Override
  public void onPostInsert(PostInsertEvent event) {
    changed(event.getPersister(), event.getEntity());
  }

  @Override
  public void onPostUpdate(PostUpdateEvent event) {
    changed(event.getPersister(), event.getEntity());
  }

  @Override
  public void onPostDelete(PostDeleteEvent event) {
    changed(event.getPersister(), event.getEntity());
  }

  @Override
  public boolean requiresPostCommitHandling(EntityPersister persister) {
    return false;
  }

  private void changed(EntityPersister persister, Object row) {
    if (!TransactionSynchronizationManager.isSynchronizationActive()) {
      return;
    }
    Tables tables = (Tables) TransactionSynchronizationManager.getResource(this);
    if (tables == null) {
      tables = new Tables();
      tables.resume();
      TransactionSynchronizationManager.registerSynchronization(tables);
    }
    tables.names.add(persister.getIdentifierTableName());
    if (row instanceof OfPour of) {
      tables.add(of);
    }
  }

  /** What one transaction changed; one within another has its own. */
  private final class Tables implements TransactionSynchronization {
    private final Set<String> names = new TreeSet<>();
    private final Set<Long> pours = new TreeSet<>();
    private final Set<Long> casts = new TreeSet<>();

    private void add(OfPour row) {
      Long pour = row.pourOf();
      if (pour != null) {
        pours.add(pour);
      }
      Long cast = row.castOf();
      if (cast != null) {
        casts.add(cast);
      }
    }

    @Override
    public void suspend() {
      TransactionSynchronizationManager.unbindResource(ChangeWatch.this);
    }

    @Override
    public void resume() {
      TransactionSynchronizationManager.bindResource(ChangeWatch.this, this);
    }

    @Override
    public void afterCommit() {
      events.publishEvent(new Changed(names, pours, casts));
    }

    @Override
    public void afterCompletion(int status) {
      TransactionSynchronizationManager.unbindResourceIfPossible(ChangeWatch.this);
    }
  }
}

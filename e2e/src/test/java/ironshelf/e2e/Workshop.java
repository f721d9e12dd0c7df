package ironshelf.e2e;

import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.util.Set;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * Hands a test what it asks for: an {@link Empty} shop, one a class; a {@link Browser}, one a
 * thread, whose windows close with their class; and the demo's shop, one for the whole run. Classes
 * that use the demo hold the lock of its name.
 */
final class Workshop implements ParameterResolver {

  /** The resource lock of the demo. */
  static final String DEMO = "demo";

  private static final ExtensionContext.Namespace OURS =
      ExtensionContext.Namespace.create(Workshop.class);

  /** A parameter of {@link RunningApp} that starts with nothing in it. */
  @Retention(RetentionPolicy.RUNTIME)
  @interface Empty {}

  /** A parameter of {@link RunningApp} that is empty, in a process that can be killed. */
  @Retention(RetentionPolicy.RUNTIME)
  @interface Own {}

  /** A parameter of {@link RunningApp} that is a demo in US units, for its class alone. */
  @Retention(RetentionPolicy.RUNTIME)
  @interface Us {}

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    return Set.of(Browser.class, RunningApp.class).contains(parameter.getParameter().getType());
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    // A store closes what it holds when its class, or the run, is done.
    ExtensionContext.Store ofClass = context.getParent().orElseThrow().getStore(OURS);
    ExtensionContext.Store ofRun = context.getRoot().getStore(OURS);
    if (parameter.getParameter().getType() == Browser.class) {
      // What drives it answers to the thread that started it.
      Browser browser =
          ofRun.getOrComputeIfAbsent(
              Thread.currentThread(), thread -> new Browser(), Browser.class);
      ofClass.getOrComputeIfAbsent("windows", name -> (AutoCloseable) browser::closeWindows);
      return browser;
    }
    if (parameter.isAnnotated(Own.class)) {
      return ofClass.getOrComputeIfAbsent("own", name -> RunningApp.killable(), RunningApp.class);
    }
    if (parameter.isAnnotated(Us.class)) {
      return ofClass.getOrComputeIfAbsent("us", name -> RunningApp.demo("us"), RunningApp.class);
    }
    return parameter.isAnnotated(Empty.class)
        ? ofClass.getOrComputeIfAbsent("empty", name -> RunningApp.empty(), RunningApp.class)
        : ofRun.getOrComputeIfAbsent(DEMO, name -> RunningApp.demo("metric"), RunningApp.class);
  }
}

package ironshelf.http.json;

import java.lang.reflect.Type;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Refuses a request when its body is read and something was found wrong with it. */
@ControllerAdvice
class BindingAdvice extends RequestBodyAdviceAdapter {

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public Object afterBodyRead(
      Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    BindingFindings.take().orRefuse();
    return body;
  }

  @Override
  public @org.jspecify.annotations.Nullable Object handleEmptyBody(
      @org.jspecify.annotations.Nullable Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    // A body whose root could not be made counts as empty; say what was found, if anything was.
    BindingFindings.take().orRefuse();
    return body;
  }
}

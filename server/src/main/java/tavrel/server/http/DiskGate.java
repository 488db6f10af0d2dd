package tavrel.server.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tavrel.server.store.DiskRoom;

/** While the disk is full, what is kept can be looked at and nothing new is taken. */
@Component
class DiskGate implements HandlerInterceptor, WebMvcConfigurer {

  private static final Set<String> LOOKING =
      Set.of(HttpMethod.GET.name(), HttpMethod.HEAD.name(), HttpMethod.OPTIONS.name());

  private final DiskRoom room;

  DiskGate(DiskRoom room) {
    this.room = room;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    // Signing in and out needs no room.
    registry.addInterceptor(this).addPathPatterns("/api/**").excludePathPatterns("/api/session");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (!LOOKING.contains(request.getMethod()) && room.isFull()) {
      throw Problem.diskFull();
    }
    return true;
  }
}

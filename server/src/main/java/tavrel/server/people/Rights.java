package tavrel.server.people;

import java.lang.annotation.Annotation;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Who may ask for one address of the API, as its resource tells.
 *
 * @param method how it is asked
 * @param path its pattern
 * @param roles who may; empty for anybody at all
 */
record Rights(HttpMethod method, String path, Set<Role> roles) {

  private static final String API = "/api/";

  /** Those of every resource; addresses without variables come before those that hold them. */
  static List<Rights> of(RequestMappingHandlerMapping handlers) {
    return handlers.getHandlerMethods().entrySet().stream()
        .flatMap(
            each ->
                each.getKey().getPatternValues().stream()
                    .filter(path -> path.startsWith(API))
                    .flatMap(
                        path ->
                            methods(each.getKey())
                                .map(method -> of(method, path, each.getValue()))))
        .sorted(
            Comparator.comparing((Rights right) -> right.path().contains("{"))
                .thenComparing(Rights::path)
                .thenComparing(right -> right.method().name()))
        .toList();
  }

  private static Stream<HttpMethod> methods(RequestMappingInfo info) {
    if (info.getMethodsCondition().isEmpty()) {
      throw new IllegalStateException(
          info + " does not say how it is asked; nobody would guard it");
    }
    return info.getMethodsCondition().getMethods().stream().map(RequestMethod::asHttpMethod);
  }

  private static Rights of(HttpMethod method, String path, HandlerMethod handler) {
    if (told(handler, AllowedToAnyone.class).isPresent()) {
      return new Rights(method, path, Set.of());
    }
    return new Rights(
        method,
        path,
        told(handler, AllowedTo.class)
            .map(allowed -> Set.of(allowed.value()))
            .orElse(HttpMethod.GET.equals(method) ? Set.of(Role.values()) : Set.of(Role.KEEPER)));
  }

  /** What the method says goes before what its resource says. */
  private static <A extends Annotation> Optional<A> told(HandlerMethod handler, Class<A> kind) {
    return Optional.ofNullable(
            AnnotatedElementUtils.findMergedAnnotation(handler.getMethod(), kind))
        .or(
            () ->
                Optional.ofNullable(
                    AnnotatedElementUtils.findMergedAnnotation(handler.getBeanType(), kind)));
  }

  /** Every role. */
  static String[] everybody() {
    return names(Set.of(Role.values()));
  }

  private static String[] names(Set<Role> roles) {
    return roles.stream().map(Role::name).sorted().toArray(String[]::new);
  }

  /** Tells it to whoever holds requests against it. */
  void tell(
      AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry
          may) {
    var asked = may.requestMatchers(method, path);
    if (roles.isEmpty()) {
      asked.permitAll();
    } else {
      asked.hasAnyRole(names(roles));
    }
  }
}

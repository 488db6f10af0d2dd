package tavrel.server.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The pages: one document for every screen, with a fresh nonce for the theme's style sheet, and the
 * bundled files that it loads.
 */
@Controller
class Pages {

  private static final String NONCE = "__NONCE__";

  private final SecureRandom random = new SecureRandom();
  private final String document;

  Pages() throws IOException {
    ClassPathResource page = new ClassPathResource("web/index.html");
    document =
        page.exists()
            ? page.getContentAsString(StandardCharsets.UTF_8)
            : "The screens are not built. Run ./tavrel build.";
  }

  /** Every address that is neither API nor file is a screen; the browser finds out which. */
  @GetMapping(
      value = {
        "/",
        "/sign-in",
        "/welcome",
        "/apiaries/**",
        "/hives/**",
        "/t/**",
        "/counts/**",
        "/spacing/**",
        "/figures",
        "/parameters",
        "/dose/**",
        "/rules/**",
        "/season/**",
        "/gear/**",
        "/run/**",
        "/register",
        "/people",
        "/safekeeping",
        "/waiting",
        "/account"
      },
      produces = MediaType.TEXT_HTML_VALUE)
  ResponseEntity<String> page(HttpServletRequest request) {
    byte[] bytes = new byte[16];
    random.nextBytes(bytes);
    String nonce = Base64.getEncoder().encodeToString(bytes);
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .header("Content-Security-Policy", policy(nonce))
        .body(document.replace(NONCE, nonce));
  }

  private static String policy(String nonce) {
    return String.join(
        "; ",
        "default-src 'none'",
        "script-src 'self'",
        "style-src 'self' 'nonce-" + nonce + "'",
        "img-src 'self' data:",
        "font-src 'self'",
        "connect-src 'self'",
        "manifest-src 'self'",
        "worker-src 'self'",
        "base-uri 'none'",
        "form-action 'self'",
        "frame-ancestors 'none'");
  }

  /** Files with a content hash in their name never change. */
  @Configuration(proxyBeanMethods = false)
  static class Files implements WebMvcConfigurer {

    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer types) {
      types.mediaType("webmanifest", new MediaType("application", "manifest+json"));
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
      registry
          .addResourceHandler("/assets/**")
          .addResourceLocations("classpath:/web/assets/")
          .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
      registry
          .addResourceHandler("/mark.svg")
          .addResourceLocations("classpath:/web/")
          .setCacheControl(CacheControl.maxAge(Duration.ofDays(1)));
      registry
          .addResourceHandler("/sw.js", "/manifest.webmanifest")
          .addResourceLocations("classpath:/web/")
          .setCacheControl(CacheControl.noCache());
    }
  }
}

package tavrel.server.guide;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;

/** The guide for keepers: the same pages that stand in docs/guide. */
@RestController
class GuideResource {

  /** Its pages; nothing else is read from the files. */
  private static final Set<String> PAGES =
      Set.of(
          "index",
          "first-yard",
          "first-round",
          "year",
          "crew",
          "register",
          "when-something-goes-wrong");

  /** Nothing but one sheet of style: no script, nothing inline. */
  private static final String POLICY =
      "default-src 'none'; style-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

  private static final List<Extension> TABLES = List.of(TablesExtension.create());
  private static final Parser PARSER = Parser.builder().extensions(TABLES).build();
  private static final HtmlRenderer RENDERER =
      HtmlRenderer.builder().extensions(TABLES).escapeHtml(true).build();

  /** A page of the guide. */
  @GetMapping(value = "/api/guide/{page}", produces = MediaType.TEXT_HTML_VALUE)
  ResponseEntity<String> page(@PathVariable String page) throws IOException {
    if (!PAGES.contains(page)) {
      throw Problem.missing(Missing.PAGE);
    }
    Node text = PARSER.parse(read(page));
    text.accept(new LinksWithin());
    String html =
        "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\">"
            + "<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">"
            + "<title>Tavrel: guide</title>"
            + "<link rel=\"stylesheet\" href=\"/api/guide/look/page.css\"></head><body><main>"
            + "<nav><a href=\"/api/guide/index\">Guide</a> · <a href=\"/\">Tavrel</a></nav>"
            + RENDERER.render(text)
            + "</main></body></html>";
    return ResponseEntity.ok().header("Content-Security-Policy", POLICY).body(html);
  }

  /** How its pages look. */
  @GetMapping(value = "/api/guide/look/page.css", produces = "text/css")
  ResponseEntity<Resource> style() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(1, TimeUnit.HOURS))
        .body(new ClassPathResource("apidocs/page.css"));
  }

  private static String read(String page) throws IOException {
    try (InputStream in = new ClassPathResource("guide/" + page + ".md").getInputStream()) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /** Links between pages lead to pages here; those to other papers of the project are left out. */
  private static final class LinksWithin extends AbstractVisitor {

    @Override
    public void visit(Link link) {
      String to = link.getDestination();
      if (to.endsWith(".md")) {
        link.setDestination(
            to.contains("/") ? "/api/guide/index" : "/api/guide/" + to.replace(".md", ""));
      }
      visitChildren(link);
    }
  }
}

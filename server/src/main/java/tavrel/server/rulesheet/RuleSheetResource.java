package tavrel.server.rulesheet;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.core.rulesheet.RuleSheet;

/** Rule sheets. */
@RestController
@RequestMapping("/api/rule-sheets")
class RuleSheetResource {

  private final RuleSheets sheets;

  RuleSheetResource(RuleSheets sheets) {
    this.sheets = sheets;
  }

  /** Rule sheets that stand. */
  @GetMapping
  List<RuleSheet> all() {
    return sheets.current();
  }

  /** All versions of rule sheets, read out line by line. */
  @GetMapping("/read")
  List<RuleSheets.ReadSheet> read() {
    return sheets.read();
  }

  /** Keeps a rule sheet, or a new version of one. */
  @PutMapping("/{id}")
  RuleSheet add(@PathVariable UUID id, @RequestBody RuleSheet sheet) {
    if (!sheet.id().equals(id)) {
      throw new InvalidValue("id", "differsFromAddress", "differs from the address");
    }
    return sheets.add(sheet);
  }
}

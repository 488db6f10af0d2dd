package tavrel.server.apiary;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Groups of yards. */
@RestController
@RequestMapping("/api/yard-groups")
class YardGroupResource {

  private final YardGroups groups;

  YardGroupResource(YardGroups groups) {
    this.groups = groups;
  }

  /** All groups of yards, by name. */
  @GetMapping
  List<YardGroup> all() {
    return groups.all();
  }

  /** Writes a group of yards down as it is to be; without yards it is no more. */
  @PutMapping
  List<YardGroup> put(@RequestBody YardGroups.Grouping group) {
    return groups.put(group);
  }
}

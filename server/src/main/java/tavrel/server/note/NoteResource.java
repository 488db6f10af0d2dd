package tavrel.server.note;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Notes about hives, yards, runs, tools and lots. */
@RestController
@RequestMapping("/api/notes")
class NoteResource {

  private final Notes notes;

  NoteResource(Notes notes) {
    this.notes = notes;
  }

  /** Notes about a thing, the latest first. */
  @GetMapping
  List<Notes.Note> of(@RequestParam About about, @RequestParam UUID aboutId) {
    return notes.of(about, aboutId);
  }

  /** Keeps a note; the same id again changes nothing. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/{id}")
  void keep(
      @PathVariable UUID id, @RequestBody NewNote note, @AuthenticationPrincipal Account who) {
    notes.keep(id, note, who);
  }

  /** Strikes a note out: its writer may, and the keeper. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping("/{id}")
  void strike(@PathVariable UUID id, @AuthenticationPrincipal Account who) {
    notes.strike(id, who);
  }
}

package tavrel.server.photo;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.note.About;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Pictures of hives, yards, runs, tools and lots. */
@RestController
@RequestMapping("/api/photos")
class PhotoResource {

  private final Photos photos;

  PhotoResource(Photos photos) {
    this.photos = photos;
  }

  /** Pictures of a thing, the latest first. */
  @GetMapping
  List<Photos.Photo> of(@RequestParam About about, @RequestParam UUID aboutId) {
    return photos.of(about, aboutId);
  }

  /**
   * Keeps a picture, a JPEG or a PNG of at most 400 kB and 4,096 pixels a side; what a camera wrote
   * beside it (place, time, device) is left out. The same id again changes nothing.
   */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping(
      value = "/{id}",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  void keep(
      @PathVariable UUID id,
      @RequestParam About about,
      @RequestParam UUID aboutId,
      @RequestParam(required = false) @Nullable Instant at,
      @RequestBody byte[] picture,
      @AuthenticationPrincipal Account who) {
    photos.keep(id, about, aboutId, at, picture, who);
  }

  /** A picture itself; no browser takes it for anything else. */
  @GetMapping("/{id}/picture")
  ResponseEntity<Resource> picture(@PathVariable UUID id) {
    Path file = photos.file(id);
    return ResponseEntity.ok()
        .contentType(file.toString().endsWith(".png") ? MediaType.IMAGE_PNG : MediaType.IMAGE_JPEG)
        .header("Content-Security-Policy", "default-src 'none'; sandbox")
        .header("X-Content-Type-Options", "nosniff")
        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
        .body(new FileSystemResource(file));
  }

  /** Strikes a picture out: who added it may, and the keeper. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping("/{id}")
  void strike(@PathVariable UUID id, @AuthenticationPrincipal Account who) {
    photos.strike(id, who);
  }
}

package tavrel.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.net.URI;
import java.nio.file.Files;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tavrel.server.Yard;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

/** Pictures are kept once, shown so that no browser runs them, and go when they are struck out. */
class PhotosTest extends Yard {

  @Autowired private PictureFiles files;

  @Test
  void a_picture_is_kept_once_and_comes_back_as_nothing_but_a_picture() throws Exception {
    UUID id = UUID.randomUUID();
    byte[] picture = SomePictures.jpeg(80, 60, 21);
    assertThat(add(crew, id, hives.get(0), picture).getStatus()).isEqualTo(200);
    assertThat(add(crew, id, hives.get(0), picture).getStatus()).isEqualTo(200);
    JsonNode listed = listed(hives.get(0));
    assertThat(listed).hasSize(1);
    assertThat(listed.get(0).path("writtenBy").asText()).isEqualTo(crew.name());
    assertThat(listed.get(0).path("width").asInt()).isEqualTo(80);
    MockHttpServletResponse shown = shown(id);
    assertThat(shown.getContentAsByteArray()).isEqualTo(Picture.read(picture).bytes());
    assertThat(shown.getContentType()).isEqualTo("image/jpeg");
    assertThat(shown.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
    assertThat(shown.getHeader("Content-Security-Policy")).isEqualTo("default-src 'none'; sandbox");
  }

  @Test
  void what_is_no_picture_is_refused_and_nothing_of_it_is_kept() throws Exception {
    UUID id = UUID.randomUUID();
    byte[] zip = {'P', 'K', 3, 4, 20, 0, 0, 0, 8, 0};
    MockHttpServletResponse answer = add(crew, id, hives.get(1), zip);
    assertThat(answer.getStatus()).isEqualTo(400);
    assertThat(answer.getContentAsString()).contains("pictureNone");
    assertThat(listed(hives.get(1))).isEmpty();
    assertThat(shown(id).getStatus()).isEqualTo(404);
    assertThat(
            add(crew, UUID.randomUUID(), UUID.randomUUID().toString(), SomePictures.png(9, 9))
                .getStatus())
        .isEqualTo(404);
    assertThat(add(reader, UUID.randomUUID(), hives.get(1), SomePictures.png(9, 9)).getStatus())
        .isEqualTo(403);
  }

  @Test
  void of_two_pictures_that_are_the_same_one_file_is_kept_until_both_are_struck_out()
      throws Exception {
    byte[] picture = SomePictures.jpeg(80, 60, 22);
    String name = Picture.read(picture).fileName();
    UUID one = UUID.randomUUID();
    UUID other = UUID.randomUUID();
    add(crew, one, hives.get(2), picture);
    add(keeper, other, hives.get(3), picture);
    assertThat(files.find(name)).isPresent();
    Account stranger = person(Role.CREW);
    assertThat(send(stranger, HttpMethod.DELETE, "/api/photos/" + one, "").status()).isEqualTo(409);
    assertThat(send(crew, HttpMethod.DELETE, "/api/photos/" + one, "").status()).isEqualTo(200);
    assertThat(listed(hives.get(2))).isEmpty();
    assertThat(shown(one).getStatus()).isEqualTo(404);
    assertThat(files.find(name))
        .hasValueSatisfying(file -> assertThat(Files.exists(file)).isTrue());
    assertThat(send(keeper, HttpMethod.DELETE, "/api/photos/" + other, "").status()).isEqualTo(200);
    assertThat(files.find(name)).isEmpty();
  }

  private MockHttpServletResponse add(Account who, UUID id, String hiveId, byte[] picture)
      throws Exception {
    String path = "/api/photos/%s?about=HIVE&aboutId=%s".formatted(id, hiveId);
    return mvc.perform(
            MockMvcRequestBuilders.put(URI.create(path))
                .contentType(MediaType.IMAGE_JPEG)
                .content(picture)
                .with(SecurityMockMvcRequestPostProcessors.csrf())
                .with(as(who)))
        .andReturn()
        .getResponse();
  }

  private MockHttpServletResponse shown(@Nullable UUID id) throws Exception {
    return mvc.perform(
            MockMvcRequestBuilders.get(URI.create("/api/photos/" + id + "/picture"))
                .with(as(reader)))
        .andReturn()
        .getResponse();
  }

  private JsonNode listed(String hiveId) {
    return get(reader, "/api/photos?about=HIVE&aboutId=" + hiveId).json();
  }
}

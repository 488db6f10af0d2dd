package tavrel.server.photo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;
import org.springframework.util.FileSystemUtils;

/** Where pictures lie: in the data folder; the demo's in one that goes with it. */
@Configuration(proxyBeanMethods = false)
class PictureFolders {

  @Bean
  @Profile("!demo")
  PictureFiles pictureFiles(@Value("${tavrel.data}") Path data) {
    return PictureFiles.of(data);
  }

  @Bean
  @Profile("demo")
  PictureFiles demoPictureFiles() throws IOException {
    Path folder = Files.createTempDirectory("tavrel-demo");
    Runtime.getRuntime()
        .addShutdownHook(
            new Thread(
                () -> {
                  try {
                    FileSystemUtils.deleteRecursively(folder);
                  } catch (IOException left) {
                    // The machine clears its folder for such files itself.
                  }
                }));
    return PictureFiles.of(folder);
  }
}

package tavrel.server.weather;

import java.util.List;
import org.springframework.stereotype.Service;

/** Files in the folder for weather, as they were read last. */
@Service
class FolderFiles {

  private final FolderFileMapper mapper;

  FolderFiles(FolderFileMapper mapper) {
    this.mapper = mapper;
  }

  /** All, by name. */
  List<FolderFile> all() {
    return mapper.all();
  }
}

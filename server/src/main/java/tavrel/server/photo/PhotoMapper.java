package tavrel.server.photo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import tavrel.server.note.About;

/** What pictures are of, and what their files are called. */
@Mapper
interface PhotoMapper {

  /** A picture as it is kept. */
  record Kept(UUID id, String fileName, UUID accountId, boolean struck) {}

  @Select(
      """
      select id, about, about_id, width, height, written_at, written_by
      from photo
      where about = #{about} and about_id = #{aboutId} and struck_at is null
      order by written_at desc, id desc
      """)
  List<Photos.Photo> of(About about, UUID aboutId);

  @Select(
      """
      select id, file_name, account_id, struck_at is not null as struck
      from photo
      where id = #{id}
      """)
  Optional<Kept> kept(UUID id);

  @Insert(
      """
      insert into photo (id, about, about_id, file_name, width, height, written_at, written_by, account_id)
      values (#{photo.id}, #{photo.about}, #{photo.aboutId}, #{fileName}, #{photo.width}, #{photo.height},
        #{photo.writtenAt}, #{photo.writtenBy}, #{accountId})
      """)
  void add(Photos.Photo photo, String fileName, UUID accountId);

  @Update(
      "update photo set struck_at = #{at}, struck_by = #{by} where id = #{id} and struck_at is null")
  void strike(UUID id, Instant at, String by);

  @Select("select count(*) from photo where file_name = #{fileName} and struck_at is null")
  int naming(String fileName);
}

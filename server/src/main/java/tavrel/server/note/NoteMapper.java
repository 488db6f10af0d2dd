package tavrel.server.note;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Notes kept. */
@Mapper
interface NoteMapper {

  @Select(
      """
      select id, about, about_id, says, written_at, written_by
      from note
      where about = #{about} and about_id = #{aboutId} and struck_at is null
      order by written_at desc, id desc
      """)
  List<Notes.Note> of(About about, UUID aboutId);

  @Select("select account_id from note where id = #{id}")
  Optional<UUID> writer(UUID id);

  @Insert(
      """
      insert into note (id, about, about_id, says, written_at, written_by, account_id)
      values (#{id}, #{note.about}, #{note.aboutId}, #{note.says}, #{at}, #{by}, #{accountId})
      """)
  void add(UUID id, NewNote note, Instant at, String by, UUID accountId);

  @Update(
      "update note set struck_at = #{at}, struck_by = #{by} where id = #{id} and struck_at is null")
  void strike(UUID id, Instant at, String by);
}

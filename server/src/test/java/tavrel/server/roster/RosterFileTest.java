package tavrel.server.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.core.InvalidValue;
import tavrel.core.hive.Floor;
import tavrel.server.words.Wording;

class RosterFileTest {

  private static final String HEADER =
      "apiary,hive,position,brood boxes,supers,floor,latitude,longitude\n";

  @Test
  void a_plain_roster_is_read() {
    RosterFile file = read(HEADER + "Home,1,1,2x deep 10,1,\"mesh, tray tight\",47.6,-24.3\n");
    assertThat(file.errors()).isEmpty();
    assertThat(file.rows())
        .singleElement()
        .satisfies(
            row -> {
              assertThat(row.apiary()).isEqualTo("Home");
              assertThat(row.boxes()).hasSize(2);
              assertThat(row.floor()).isEqualTo(Floor.MESH_TIGHT_TRAY);
              assertThat(row.latitude()).isEqualTo(47.6);
            });
  }

  @Test
  void semicolons_decimal_commas_byte_order_mark_and_windows_line_ends_are_the_normal_case() {
    RosterFile file =
        read(
            "\uFEFFApiary;Hive;Position;Brood boxes;Latitude;Longitude\r\nHome;1;1;deep;47,6;-24,3\r\n\r\nHome;2;2;deep;;\r\n");
    assertThat(file.errors()).isEmpty();
    assertThat(file.rows()).extracting(RosterRow::hive).containsExactly("1", "2");
    assertThat(file.rows().get(0).latitude()).isEqualTo(47.6);
    assertThat(Wording.PLAIN.of(file.readAs())).isEqualTo("UTF-8, columns parted by semicolons");
  }

  @ParameterizedTest
  @CsvSource({"UTF-8, UTF-8", "windows-1252, Windows-1252", "UTF-16, UTF-16"})
  void accents_come_through_in_the_usual_encodings(String charset, String said) {
    RosterFile file =
        RosterFile.read(
            (HEADER + "Élan à l'étang,Nº 1,1,deep,0,solid,,\n").getBytes(Charset.forName(charset)));
    assertThat(file.rows())
        .singleElement()
        .satisfies(
            row -> {
              assertThat(row.apiary()).isEqualTo("Élan à l'étang");
              assertThat(row.hive()).isEqualTo("Nº 1");
            });
    assertThat(Wording.PLAIN.of(file.readAs())).startsWith(said);
  }

  @Test
  void quoted_cells_may_hold_separators_quotes_and_line_breaks() {
    RosterFile file =
        read(
            HEADER
                + "\"Bank, lower\",\"the \"\"old\"\" one\",1,\"deep + medium\",0,solid,,\n\"Two\nlines\",2,1,deep,0,solid,,\nLast,3,1,nope,0,solid,,\n");
    assertThat(file.rows())
        .extracting(RosterRow::apiary)
        .containsExactly("Bank, lower", "Two\nlines");
    assertThat(file.errors())
        .singleElement()
        .satisfies(error -> assertThat(error.line()).isEqualTo(5));
  }

  @Test
  void blank_lines_and_lines_of_empty_cells_are_passed_over() {
    assertThat(read(HEADER + "\n,,,,,,,\nHome,1,1,deep,0,solid,,\n   \n").rows()).hasSize(1);
  }

  @Test
  void each_bad_row_says_line_column_and_what_is_allowed() {
    RosterFile file =
        read(
            HEADER
                + "Home,1,1,deep,0,solid,,\n"
                + "Home,1,2,deep,0,solid,,\n"
                + "Home,3,1,deep,0,solid,,\n"
                + "Home,4,4,barrel,0,solid,,\n"
                + "Home,5,5,deep,-1,solid,,\n"
                + "Home,6,six,deep,0,solid,,\n"
                + "Home,7,7,deep,0,plank,,\n"
                + ",8,8,deep,0,solid,,\n"
                + "Home,9,9,deep,0,solid,95,10\n"
                + "Home,10,10,deep,0,solid,47,\n"
                + "Home,11,11,,0,solid,,\n");
    assertThat(file.rows()).hasSize(1);
    assertThat(file.errors())
        .extracting(error -> error.line() + " " + error.column())
        .containsExactly(
            "3 hive",
            "4 position",
            "5 brood boxes",
            "6 supers",
            "7 position",
            "8 floor",
            "9 apiary",
            "10 latitude",
            "11 longitude",
            "12 brood boxes");
    assertThat(Wording.PLAIN.of(file.errors().get(0).says())).contains("line 2");
  }

  @Test
  void a_row_in_error_does_not_block_the_name_for_a_good_row() {
    RosterFile file = read(HEADER + "Home,1,1,barrel,0,solid,,\nHome,1,1,deep,0,solid,,\n");
    assertThat(file.errors()).hasSize(1);
    assertThat(file.rows()).hasSize(1);
  }

  @Test
  void one_apiary_stands_in_one_place() {
    RosterFile file =
        read(HEADER + "Home,1,1,deep,0,solid,47.6,-24.3\nHome,2,2,deep,0,solid,48.6,-24.3\n");
    assertThat(file.errors())
        .singleElement()
        .satisfies(
            error -> assertThat(Wording.PLAIN.of(error.says())).contains("differ from line 2"));
  }

  @Test
  void missing_columns_are_said_and_not_guessed_in_silence() {
    RosterFile file = read("hive,apiary,boxes,colour\n1,Home,deep,red\n2,Home,deep,blue\n");
    assertThat(file.rows()).extracting(RosterRow::place).containsExactly(1, 2);
    assertThat(file.notes())
        .hasSize(4)
        .anyMatch(note -> Wording.PLAIN.of(note).contains("colour"))
        .anyMatch(note -> Wording.PLAIN.of(note).contains("every floor is solid"));
    assertThatThrownBy(() -> read("apiary,hive\nHome,1\n")).hasMessageContaining("brood boxes");
    assertThatThrownBy(() -> read("apiary,hive,hive,boxes\n")).hasMessageContaining("twice");
  }

  @Test
  void what_is_no_table_is_refused_with_a_word_on_what_to_do() {
    byte[] noise = new byte[4096];
    new Random(1).nextBytes(noise);
    assertThatThrownBy(() -> RosterFile.read(noise))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("CSV");
    assertThatThrownBy(
            () -> RosterFile.read("PK\u0003\u0004 zipped sheet".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("CSV");
    assertThatThrownBy(() -> RosterFile.read(new byte[0])).hasMessageContaining("empty");
    assertThatThrownBy(() -> read("\n\n")).hasMessageContaining("header");
    assertThatThrownBy(() -> read(HEADER + "\"Home,1,1,deep"))
        .hasMessageContaining("quotation mark");
  }

  @Test
  void a_wrong_word_is_told_once_for_all_its_rows_and_mended_for_all_of_them() {
    String text =
        HEADER
            + "Home,1,1,deep 10,0,mesh,,\nHome,2,2,deep 10,0,Mesh,,\nHome,3,3,10 frame deeps,0,solid,,\n"
            + "Home,4,4,deep 10,0,bare mesh,,\n";
    assertThat(WrongWord.in(read(text)))
        .containsExactly(
            new WrongWord(
                "floor",
                "mesh",
                2,
                List.of("mesh tray tight", "mesh tray loose", "bare mesh", "solid")),
            new WrongWord(
                "brood boxes", "10 frame deeps", 1, WrongWord.in(read(text)).get(1).offered()));
    RosterFile mended =
        RosterFile.read(
            text.getBytes(StandardCharsets.UTF_8),
            List.of(
                new Meaning("floor", "mesh", "mesh tray loose"),
                new Meaning("brood boxes", "10 frame deeps", "deep 10")));
    assertThat(mended.errors()).isEmpty();
    assertThat(mended.rows())
        .extracting(RosterRow::floor)
        .containsExactly(
            Floor.MESH_LOOSE_TRAY, Floor.MESH_LOOSE_TRAY, Floor.SOLID, Floor.BARE_MESH);
  }

  @Test
  void more_rows_than_an_outfit_has_are_refused() {
    String rows =
        IntStream.rangeClosed(1, RosterFile.MOST_ROWS + 1)
            .mapToObj(i -> "Home," + i + ",,deep,0,solid,,")
            .collect(Collectors.joining("\n"));
    assertThatThrownBy(() -> read(HEADER + rows)).isInstanceOf(InvalidValue.class);
  }

  private static RosterFile read(String text) {
    return RosterFile.read(text.getBytes(StandardCharsets.UTF_8));
  }
}

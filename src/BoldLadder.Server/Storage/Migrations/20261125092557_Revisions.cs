using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BoldLadder.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class Revisions : Migration
    {
        private static readonly (string Table, string Name, string Columns, string To)[] Keys =
        [
            ("groups", "fk_groups_ladders_school_id_ladder_id", "school_id, ladder_id", "ladders (school_id, id)"),
            ("ladder_edits", "fk_ladder_edits_ladders_school_id_ladder_id", "school_id, ladder_id", "ladders (school_id, id)"),
            ("ladder_revisions", "fk_ladder_revisions_ladders_school_id_ladder_id", "school_id, ladder_id", "ladders (school_id, id)"),
            ("ladders", "fk_ladders_schools_school_id", "school_id", "schools (id)"),
            ("lesson_edits", "fk_lesson_edits_lessons_school_id_lesson_id", "school_id, lesson_id", "lessons (school_id, id)"),
            ("lessons", "fk_lessons_groups_school_id_group_id", "school_id, group_id", "groups (school_id, id)"),
            ("lessons", "fk_lessons_ladder_revisions_school_id_ladder_id_ladder_revision", "school_id, ladder_id, ladder_revision", "ladder_revisions (school_id, ladder_id, number)"),
            ("log", "fk_log_groups_school_id_group_id", "school_id, group_id", "groups (school_id, id)"),
            ("own_words", "fk_own_words_schools_school_id", "school_id", "schools (id)"),
        ];

        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            Bind(migrationBuilder, "restrict");

            // What a school does otherwise than what ships goes into one document.
            migrationBuilder.AddColumn<string>(name: "conventions", table: "schools", type: "jsonb", nullable: true);
            migrationBuilder.AddColumn<string>(name: "conventions", table: "groups", type: "jsonb", nullable: true);
            migrationBuilder.Sql(
                """
                update schools set conventions = jsonb_strip_nulls(jsonb_build_object('v', 1,
                    'weakVowels', case when weak_vowels = 'strict' then 'strict' end,
                    'plurals', case when plurals = 'early' then 'early' end,
                    'lessonMinutes', case when lesson_minutes <> 25 then lesson_minutes end))
                """);
            migrationBuilder.Sql("alter table schools drop constraint ck_schools_minutes");
            foreach (var column in (string[])["weak_vowels", "plurals", "lesson_minutes"])
            {
                migrationBuilder.DropColumn(name: column, table: "schools");
            }

            migrationBuilder.RenameColumn(name: "corrections_revision", table: "schools", newName: "words_revision");
            migrationBuilder.AddColumn<int>(name: "revision", table: "schools", type: "integer", nullable: false, defaultValue: 1);
            migrationBuilder.AddColumn<int>(name: "revision", table: "groups", type: "integer", nullable: false, defaultValue: 1);

            // A lesson that was changed by a person keeps its state; any other is made again when it is opened next.
            migrationBuilder.AddColumn<bool>(name: "touched", table: "lessons", type: "boolean", nullable: false, defaultValue: false);
            migrationBuilder.AddColumn<string>(name: "made_from", table: "lessons", type: "text", nullable: false, defaultValue: "");
            migrationBuilder.Sql("update lessons set touched = true where revision > 1 and outcome is null");
            foreach (var column in (string[])["corrections_revision", "log_position", "lexicon"])
            {
                migrationBuilder.DropColumn(name: column, table: "lessons");
            }

            // In how many things a draft differs is worked out.
            migrationBuilder.DropColumn(name: "unpublished", table: "ladders");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(name: "unpublished", table: "ladders", type: "integer", nullable: false, defaultValue: 1);
            migrationBuilder.AddColumn<int>(name: "corrections_revision", table: "lessons", type: "integer", nullable: false, defaultValue: 0);
            migrationBuilder.AddColumn<long>(name: "log_position", table: "lessons", type: "bigint", nullable: false, defaultValue: 0L);
            migrationBuilder.AddColumn<string>(name: "lexicon", table: "lessons", type: "text", nullable: false, defaultValue: "");
            migrationBuilder.DropColumn(name: "touched", table: "lessons");
            migrationBuilder.DropColumn(name: "made_from", table: "lessons");
            migrationBuilder.DropColumn(name: "revision", table: "groups");
            migrationBuilder.DropColumn(name: "revision", table: "schools");
            migrationBuilder.RenameColumn(name: "words_revision", table: "schools", newName: "corrections_revision");
            migrationBuilder.AddColumn<string>(name: "weak_vowels", table: "schools", type: "character varying(20)", nullable: false, defaultValue: "lenient");
            migrationBuilder.AddColumn<string>(name: "plurals", table: "schools", type: "text", nullable: false, defaultValue: "own-rung");
            migrationBuilder.AddColumn<int>(name: "lesson_minutes", table: "schools", type: "integer", nullable: false, defaultValue: 25);
            migrationBuilder.Sql("alter table schools add constraint ck_schools_minutes check (lesson_minutes between 10 and 90)");
            migrationBuilder.DropColumn(name: "conventions", table: "schools");
            migrationBuilder.DropColumn(name: "conventions", table: "groups");
            Bind(migrationBuilder, "cascade");
        }

        private static void Bind(MigrationBuilder migrationBuilder, string onDelete)
        {
            foreach (var (table, name, columns, to) in Keys)
            {
                migrationBuilder.Sql($"alter table {table} drop constraint {name}, add constraint {name} foreign key ({columns}) references {to} on delete {onDelete}");
            }
        }
    }
}

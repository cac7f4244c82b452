using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BoldLadder.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class First : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "schools",
                columns: table => new
                {
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(100)", maxLength: 100, nullable: false),
                    accent = table.Column<string>(type: "character varying(20)", maxLength: 20, nullable: false),
                    weak_vowels = table.Column<string>(type: "character varying(20)", maxLength: 20, nullable: false),
                    lesson_minutes = table.Column<int>(type: "integer", nullable: false),
                    year = table.Column<string>(type: "jsonb", nullable: false),
                    corrections_revision = table.Column<int>(type: "integer", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_schools", x => x.id);
                    table.CheckConstraint("ck_schools_minutes", "lesson_minutes between 10 and 90");
                });

            migrationBuilder.CreateTable(
                name: "corrections",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    accent = table.Column<string>(type: "text", nullable: false),
                    word = table.Column<string>(type: "character varying(40)", maxLength: 40, nullable: false),
                    split = table.Column<string>(type: "character varying(400)", maxLength: 400, nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_corrections", x => new { x.school_id, x.accent, x.word });
                    table.ForeignKey(
                        name: "fk_corrections_schools_school_id",
                        column: x => x.school_id,
                        principalTable: "schools",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ladders",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    draft = table.Column<string>(type: "jsonb", nullable: false),
                    draft_revision = table.Column<int>(type: "integer", nullable: false),
                    published = table.Column<int>(type: "integer", nullable: false),
                    unpublished = table.Column<int>(type: "integer", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_ladders", x => new { x.school_id, x.id });
                    table.ForeignKey(
                        name: "fk_ladders_schools_school_id",
                        column: x => x.school_id,
                        principalTable: "schools",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "groups",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(100)", maxLength: 100, nullable: false),
                    ladder_id = table.Column<Guid>(type: "uuid", nullable: false),
                    position = table.Column<int>(type: "integer", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_groups", x => new { x.school_id, x.id });
                    table.ForeignKey(
                        name: "fk_groups_ladders_school_id_ladder_id",
                        columns: x => new { x.school_id, x.ladder_id },
                        principalTable: "ladders",
                        principalColumns: new[] { "school_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ladder_edits",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    ladder_id = table.Column<Guid>(type: "uuid", nullable: false),
                    number = table.Column<int>(type: "integer", nullable: false),
                    name = table.Column<string>(type: "text", nullable: false),
                    inverse = table.Column<string>(type: "jsonb", nullable: false),
                    undone = table.Column<bool>(type: "boolean", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_ladder_edits", x => new { x.school_id, x.ladder_id, x.number });
                    table.ForeignKey(
                        name: "fk_ladder_edits_ladders_school_id_ladder_id",
                        columns: x => new { x.school_id, x.ladder_id },
                        principalTable: "ladders",
                        principalColumns: new[] { "school_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ladder_revisions",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    ladder_id = table.Column<Guid>(type: "uuid", nullable: false),
                    number = table.Column<int>(type: "integer", nullable: false),
                    document = table.Column<string>(type: "jsonb", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_ladder_revisions", x => new { x.school_id, x.ladder_id, x.number });
                    table.ForeignKey(
                        name: "fk_ladder_revisions_ladders_school_id_ladder_id",
                        columns: x => new { x.school_id, x.ladder_id },
                        principalTable: "ladders",
                        principalColumns: new[] { "school_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "log",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    group_id = table.Column<Guid>(type: "uuid", nullable: false),
                    position = table.Column<long>(type: "bigint", nullable: false),
                    lesson_id = table.Column<Guid>(type: "uuid", nullable: false),
                    day = table.Column<DateOnly>(type: "date", nullable: false),
                    outcome = table.Column<string>(type: "text", nullable: false),
                    document = table.Column<string>(type: "jsonb", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_log", x => new { x.school_id, x.group_id, x.position });
                    table.CheckConstraint("ck_log_outcome", "outcome in ('taught', 'partly', 'missed', 'takenBack')");
                    table.ForeignKey(
                        name: "fk_log_groups_school_id_group_id",
                        columns: x => new { x.school_id, x.group_id },
                        principalTable: "groups",
                        principalColumns: new[] { "school_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "lessons",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    group_id = table.Column<Guid>(type: "uuid", nullable: false),
                    day = table.Column<DateOnly>(type: "date", nullable: false),
                    slot = table.Column<int>(type: "integer", nullable: false),
                    document = table.Column<string>(type: "jsonb", nullable: false),
                    revision = table.Column<int>(type: "integer", nullable: false),
                    ladder_id = table.Column<Guid>(type: "uuid", nullable: false),
                    ladder_revision = table.Column<int>(type: "integer", nullable: false),
                    corrections_revision = table.Column<int>(type: "integer", nullable: false),
                    log_position = table.Column<long>(type: "bigint", nullable: false),
                    lexicon = table.Column<string>(type: "text", nullable: false),
                    outcome = table.Column<string>(type: "text", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_lessons", x => new { x.school_id, x.id });
                    table.CheckConstraint("ck_lessons_outcome", "outcome in ('taught', 'partly', 'missed')");
                    table.CheckConstraint("ck_lessons_slot", "slot between 1 and 9");
                    table.ForeignKey(
                        name: "fk_lessons_groups_school_id_group_id",
                        columns: x => new { x.school_id, x.group_id },
                        principalTable: "groups",
                        principalColumns: new[] { "school_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "fk_lessons_ladder_revisions_school_id_ladder_id_ladder_revision",
                        columns: x => new { x.school_id, x.ladder_id, x.ladder_revision },
                        principalTable: "ladder_revisions",
                        principalColumns: new[] { "school_id", "ladder_id", "number" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "lesson_edits",
                columns: table => new
                {
                    school_id = table.Column<Guid>(type: "uuid", nullable: false),
                    lesson_id = table.Column<Guid>(type: "uuid", nullable: false),
                    number = table.Column<int>(type: "integer", nullable: false),
                    name = table.Column<string>(type: "text", nullable: false),
                    inverse = table.Column<string>(type: "jsonb", nullable: false),
                    undone = table.Column<bool>(type: "boolean", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_lesson_edits", x => new { x.school_id, x.lesson_id, x.number });
                    table.ForeignKey(
                        name: "fk_lesson_edits_lessons_school_id_lesson_id",
                        columns: x => new { x.school_id, x.lesson_id },
                        principalTable: "lessons",
                        principalColumns: new[] { "school_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_groups_school_id_ladder_id",
                table: "groups",
                columns: new[] { "school_id", "ladder_id" });

            migrationBuilder.CreateIndex(
                name: "ix_lessons_school_id_group_id_day_slot",
                table: "lessons",
                columns: new[] { "school_id", "group_id", "day", "slot" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "ix_lessons_school_id_ladder_id_ladder_revision",
                table: "lessons",
                columns: new[] { "school_id", "ladder_id", "ladder_revision" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "corrections");

            migrationBuilder.DropTable(
                name: "ladder_edits");

            migrationBuilder.DropTable(
                name: "lesson_edits");

            migrationBuilder.DropTable(
                name: "log");

            migrationBuilder.DropTable(
                name: "lessons");

            migrationBuilder.DropTable(
                name: "groups");

            migrationBuilder.DropTable(
                name: "ladder_revisions");

            migrationBuilder.DropTable(
                name: "ladders");

            migrationBuilder.DropTable(
                name: "schools");
        }
    }
}

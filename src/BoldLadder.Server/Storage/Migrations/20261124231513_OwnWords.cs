using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BoldLadder.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class OwnWords : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(name: "plurals", table: "schools", type: "text", nullable: false, defaultValue: "own-rung");
            migrationBuilder.RenameTable(name: "corrections", newName: "own_words");
            migrationBuilder.Sql("alter table own_words rename constraint pk_corrections to pk_own_words");
            migrationBuilder.Sql("alter table own_words rename constraint fk_corrections_schools_school_id to fk_own_words_schools_school_id");
            foreach (var column in (string[])["spelling", "familiarity", "spoken"])
            {
                migrationBuilder.AddColumn<string>(name: column, table: "own_words", type: "text", nullable: false, defaultValue: "");
            }

            // What was there were splits of the lexicon's words; a change of type reads each row whatever its school.
            migrationBuilder.Sql("alter table own_words alter column spelling type text using word");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var column in (string[])["spelling", "familiarity", "spoken"])
            {
                migrationBuilder.DropColumn(name: column, table: "own_words");
            }

            migrationBuilder.Sql("alter table own_words rename constraint pk_own_words to pk_corrections");
            migrationBuilder.Sql("alter table own_words rename constraint fk_own_words_schools_school_id to fk_corrections_schools_school_id");
            migrationBuilder.RenameTable(name: "own_words", newName: "corrections");
            migrationBuilder.DropColumn(name: "plurals", table: "schools");
        }
    }
}

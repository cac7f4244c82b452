using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BoldLadder.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class LadderHistory : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<DateOnly>(
                name: "published_on",
                table: "ladder_revisions",
                type: "date",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "forward",
                table: "ladder_edits",
                type: "jsonb",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "published_on",
                table: "ladder_revisions");

            migrationBuilder.DropColumn(
                name: "forward",
                table: "ladder_edits");
        }
    }
}

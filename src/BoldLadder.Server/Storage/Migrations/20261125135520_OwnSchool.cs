using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BoldLadder.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class OwnSchool : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "imports",
                table: "schools",
                type: "jsonb",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "archived",
                table: "groups",
                type: "boolean",
                nullable: false,
                defaultValue: false);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "imports",
                table: "schools");

            migrationBuilder.DropColumn(
                name: "archived",
                table: "groups");
        }
    }
}

using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BoldLadder.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class KeptWishes : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "wishes",
                table: "ladders",
                type: "jsonb",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "wishes",
                table: "ladders");
        }
    }
}

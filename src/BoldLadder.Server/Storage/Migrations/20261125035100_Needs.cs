using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace BoldLadder.Server.Storage.Migrations
{
    /// <inheritdoc />
    public partial class Needs : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "needs",
                table: "schools",
                type: "text",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "needs",
                table: "schools");
        }
    }
}

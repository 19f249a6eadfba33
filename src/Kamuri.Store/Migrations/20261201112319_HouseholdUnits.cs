using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Kamuri.Store.Migrations
{
    /// <inheritdoc />
    public partial class HouseholdUnits : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Amounts",
                table: "household",
                type: "TEXT",
                nullable: false,
                defaultValue: "Millilitres");

            migrationBuilder.AddColumn<string>(
                name: "Currency",
                table: "household",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "FirstDayOfWeek",
                table: "household",
                type: "TEXT",
                nullable: false,
                defaultValue: "Monday");

            migrationBuilder.AddColumn<string>(
                name: "Lengths",
                table: "household",
                type: "TEXT",
                nullable: false,
                defaultValue: "Centimetres");

            migrationBuilder.AddColumn<string>(
                name: "Temperatures",
                table: "household",
                type: "TEXT",
                nullable: false,
                defaultValue: "Celsius");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Amounts",
                table: "household");

            migrationBuilder.DropColumn(
                name: "Currency",
                table: "household");

            migrationBuilder.DropColumn(
                name: "FirstDayOfWeek",
                table: "household");

            migrationBuilder.DropColumn(
                name: "Lengths",
                table: "household");

            migrationBuilder.DropColumn(
                name: "Temperatures",
                table: "household");
        }
    }
}

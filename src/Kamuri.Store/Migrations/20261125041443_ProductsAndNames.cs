using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Kamuri.Store.Migrations
{
    /// <inheritdoc />
    public partial class ProductsAndNames : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "products",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    Role = table.Column<string>(type: "TEXT", nullable: false),
                    Label = table.Column<string>(type: "TEXT", nullable: false),
                    SizeMillilitres = table.Column<double>(type: "REAL", nullable: true),
                    LeftMillilitres = table.Column<double>(type: "REAL", nullable: true),
                    Price = table.Column<decimal>(type: "TEXT", nullable: true),
                    Opened = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    MonthsAfterOpening = table.Column<int>(type: "INTEGER", nullable: true),
                    Archived = table.Column<bool>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_products", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "taught_names",
                columns: table => new
                {
                    Name = table.Column<string>(type: "TEXT", maxLength: 120, nullable: false),
                    Class = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_taught_names", x => x.Name);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "products");

            migrationBuilder.DropTable(
                name: "taught_names");
        }
    }
}

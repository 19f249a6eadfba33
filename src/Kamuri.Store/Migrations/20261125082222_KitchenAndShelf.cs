using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Kamuri.Store.Migrations
{
    /// <inheritdoc />
    public partial class KitchenAndShelf : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "batches",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    FormulaId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    MadeUtcTicks = table.Column<long>(type: "INTEGER", nullable: false),
                    MadeOn = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    MadeMillilitres = table.Column<double>(type: "REAL", nullable: false),
                    LeftMillilitres = table.Column<double>(type: "REAL", nullable: false),
                    PortionMillilitres = table.Column<double>(type: "REAL", nullable: true),
                    KeptAt = table.Column<string>(type: "TEXT", nullable: false),
                    MovedUtcTicks = table.Column<long>(type: "INTEGER", nullable: true),
                    ChilledLate = table.Column<bool>(type: "INTEGER", nullable: false),
                    ThawedOn = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    LookedFineOn = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    LooksWrong = table.Column<bool>(type: "INTEGER", nullable: false),
                    GoneOn = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    GoneWhy = table.Column<string>(type: "TEXT", nullable: true),
                    Cost = table.Column<decimal>(type: "TEXT", nullable: true),
                    KeepJson = table.Column<string>(type: "TEXT", nullable: false),
                    FactsJson = table.Column<string>(type: "TEXT", nullable: false),
                    ServesAsJson = table.Column<string>(type: "TEXT", nullable: false),
                    MadeOfJson = table.Column<string>(type: "TEXT", nullable: false),
                    TakenJson = table.Column<string>(type: "TEXT", nullable: false),
                    BeforeJson = table.Column<string>(type: "TEXT", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_batches", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "formulas",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    FormulaJson = table.Column<string>(type: "TEXT", nullable: false),
                    Archived = table.Column<bool>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_formulas", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "known_ingredients",
                columns: table => new
                {
                    HeadId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Ingredient = table.Column<string>(type: "TEXT", nullable: false),
                    Since = table.Column<DateOnly>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_known_ingredients", x => new { x.HeadId, x.Ingredient });
                    table.ForeignKey(
                        name: "FK_known_ingredients_heads_HeadId",
                        column: x => x.HeadId,
                        principalTable: "heads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "patch_tests",
                columns: table => new
                {
                    HeadId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Ingredient = table.Column<string>(type: "TEXT", maxLength: 120, nullable: false),
                    AppliedUtcTicks = table.Column<long>(type: "INTEGER", nullable: false),
                    Outcome = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_patch_tests", x => new { x.HeadId, x.Ingredient });
                    table.ForeignKey(
                        name: "FK_patch_tests_heads_HeadId",
                        column: x => x.HeadId,
                        principalTable: "heads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "planned_days",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    HeadId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Day = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    PlanJson = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedUtcTicks = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_planned_days", x => x.Id);
                    table.ForeignKey(
                        name: "FK_planned_days_heads_HeadId",
                        column: x => x.HeadId,
                        principalTable: "heads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ratings",
                columns: table => new
                {
                    ProductId = table.Column<Guid>(type: "TEXT", nullable: false),
                    HeadId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Suits = table.Column<int>(type: "INTEGER", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ratings", x => new { x.ProductId, x.HeadId });
                    table.ForeignKey(
                        name: "FK_ratings_heads_HeadId",
                        column: x => x.HeadId,
                        principalTable: "heads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_ratings_products_ProductId",
                        column: x => x.ProductId,
                        principalTable: "products",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "takings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SessionId = table.Column<Guid>(type: "TEXT", nullable: false),
                    HeadId = table.Column<Guid>(type: "TEXT", nullable: false),
                    StepId = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    ProductId = table.Column<Guid>(type: "TEXT", nullable: true),
                    BatchId = table.Column<Guid>(type: "TEXT", nullable: true),
                    PlannedMillilitres = table.Column<double>(type: "REAL", nullable: false),
                    UsedMillilitres = table.Column<double>(type: "REAL", nullable: true),
                    IsWhole = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_takings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_takings_sessions_SessionId",
                        column: x => x.SessionId,
                        principalTable: "sessions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_batches_GoneOn",
                table: "batches",
                column: "GoneOn");

            migrationBuilder.CreateIndex(
                name: "IX_planned_days_HeadId",
                table: "planned_days",
                column: "HeadId");

            migrationBuilder.CreateIndex(
                name: "IX_ratings_HeadId",
                table: "ratings",
                column: "HeadId");

            migrationBuilder.CreateIndex(
                name: "IX_takings_HeadId",
                table: "takings",
                column: "HeadId");

            migrationBuilder.CreateIndex(
                name: "IX_takings_SessionId",
                table: "takings",
                column: "SessionId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "batches");

            migrationBuilder.DropTable(
                name: "formulas");

            migrationBuilder.DropTable(
                name: "known_ingredients");

            migrationBuilder.DropTable(
                name: "patch_tests");

            migrationBuilder.DropTable(
                name: "planned_days");

            migrationBuilder.DropTable(
                name: "ratings");

            migrationBuilder.DropTable(
                name: "takings");
        }
    }
}

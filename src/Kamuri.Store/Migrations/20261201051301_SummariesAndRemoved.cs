using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Kamuri.Store.Migrations
{
    /// <inheritdoc />
    public partial class SummariesAndRemoved : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "EssentialOilPercent",
                table: "products",
                type: "REAL",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "removed",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RemovedUtcTicks = table.Column<long>(type: "INTEGER", nullable: false),
                    RowsJson = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_removed", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "session_summaries",
                columns: table => new
                {
                    SessionId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    HeadId = table.Column<Guid>(type: "TEXT", nullable: false),
                    HeadName = table.Column<string>(type: "TEXT", nullable: false),
                    Aim = table.Column<string>(type: "TEXT", nullable: false),
                    Style = table.Column<string>(type: "TEXT", nullable: false),
                    Status = table.Column<string>(type: "TEXT", nullable: false),
                    StartedUtcTicks = table.Column<long>(type: "INTEGER", nullable: false),
                    FinishedUtcTicks = table.Column<long>(type: "INTEGER", nullable: true),
                    PlannedMinutes = table.Column<double>(type: "REAL", nullable: false),
                    ActualMinutes = table.Column<double>(type: "REAL", nullable: false),
                    HandsOnMinutes = table.Column<double>(type: "REAL", nullable: false),
                    Softness = table.Column<int>(type: "INTEGER", nullable: true),
                    Definition = table.Column<int>(type: "INTEGER", nullable: true),
                    Slip = table.Column<int>(type: "INTEGER", nullable: true),
                    ScalpComfort = table.Column<int>(type: "INTEGER", nullable: true),
                    Stiffness = table.Column<int>(type: "INTEGER", nullable: true),
                    Note = table.Column<string>(type: "TEXT", nullable: true),
                    Sentence = table.Column<string>(type: "TEXT", nullable: false),
                    Treatments = table.Column<string>(type: "TEXT", nullable: false),
                    Washed = table.Column<bool>(type: "INTEGER", nullable: false),
                    Detangled = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_session_summaries", x => new { x.SessionId, x.Key });
                    table.ForeignKey(
                        name: "FK_session_summaries_sessions_SessionId",
                        column: x => x.SessionId,
                        principalTable: "sessions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "told",
                columns: table => new
                {
                    Table = table.Column<string>(type: "TEXT", nullable: false),
                    RowId = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_told", x => new { x.Table, x.RowId });
                });

            migrationBuilder.CreateIndex(
                name: "IX_session_summaries_HeadId_FinishedUtcTicks",
                table: "session_summaries",
                columns: new[] { "HeadId", "FinishedUtcTicks" });

            migrationBuilder.CreateIndex(
                name: "IX_session_summaries_StartedUtcTicks",
                table: "session_summaries",
                column: "StartedUtcTicks");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "removed");

            migrationBuilder.DropTable(
                name: "session_summaries");

            migrationBuilder.DropTable(
                name: "told");

            migrationBuilder.DropColumn(
                name: "EssentialOilPercent",
                table: "products");
        }
    }
}

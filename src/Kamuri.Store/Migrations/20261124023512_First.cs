using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Kamuri.Store.Migrations
{
    /// <inheritdoc />
    public partial class First : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "heads",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", maxLength: 40, nullable: false),
                    NapeCentimetres = table.Column<double>(type: "REAL", nullable: false),
                    CrownCentimetres = table.Column<double>(type: "REAL", nullable: false),
                    FrontCentimetres = table.Column<double>(type: "REAL", nullable: false),
                    SidesCentimetres = table.Column<double>(type: "REAL", nullable: false),
                    Density = table.Column<int>(type: "INTEGER", nullable: false),
                    Strand = table.Column<int>(type: "INTEGER", nullable: false),
                    CoilWidthMillimetres = table.Column<double>(type: "REAL", nullable: true),
                    Porosity = table.Column<int>(type: "INTEGER", nullable: false),
                    PorosityEvidence = table.Column<int>(type: "INTEGER", nullable: false),
                    ChemicalHistory = table.Column<string>(type: "TEXT", nullable: false),
                    Scalp = table.Column<string>(type: "TEXT", nullable: false),
                    FragileZones = table.Column<string>(type: "TEXT", nullable: false),
                    Sensitivities = table.Column<string>(type: "TEXT", nullable: false),
                    AgeGroup = table.Column<int>(type: "INTEGER", nullable: false),
                    CanSitUnderHeat = table.Column<bool>(type: "INTEGER", nullable: false),
                    AskClinician = table.Column<bool>(type: "INTEGER", nullable: false),
                    Goals = table.Column<string>(type: "TEXT", nullable: false),
                    Layering = table.Column<int>(type: "INTEGER", nullable: false),
                    UsualSections = table.Column<int>(type: "INTEGER", nullable: true),
                    LastWash = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    LastDetangle = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    WornAs = table.Column<int>(type: "INTEGER", nullable: false),
                    Archived = table.Column<bool>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_heads", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "household",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    RoomCelsius = table.Column<double>(type: "REAL", nullable: false),
                    HumidityShare = table.Column<double>(type: "REAL", nullable: false),
                    TimeZone = table.Column<string>(type: "TEXT", nullable: false),
                    PairsOfHands = table.Column<int>(type: "INTEGER", nullable: false),
                    Hoods = table.Column<int>(type: "INTEGER", nullable: false),
                    Steamers = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_household", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "sessions",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    HeadId = table.Column<Guid>(type: "TEXT", nullable: false),
                    CreatedUtcTicks = table.Column<long>(type: "INTEGER", nullable: false),
                    PlanJson = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_sessions", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "session_events",
                columns: table => new
                {
                    Sequence = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SessionId = table.Column<Guid>(type: "TEXT", nullable: false),
                    EventId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    AtUtcTicks = table.Column<long>(type: "INTEGER", nullable: false),
                    Task = table.Column<string>(type: "TEXT", nullable: true),
                    Section = table.Column<int>(type: "INTEGER", nullable: true),
                    Minutes = table.Column<double>(type: "REAL", nullable: true),
                    Text = table.Column<string>(type: "TEXT", nullable: true),
                    Target = table.Column<Guid>(type: "TEXT", nullable: true),
                    Softness = table.Column<int>(type: "INTEGER", nullable: true),
                    Definition = table.Column<int>(type: "INTEGER", nullable: true),
                    Slip = table.Column<int>(type: "INTEGER", nullable: true),
                    ScalpComfort = table.Column<int>(type: "INTEGER", nullable: true),
                    Stiffness = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_session_events", x => x.Sequence);
                    table.ForeignKey(
                        name: "FK_session_events_sessions_SessionId",
                        column: x => x.SessionId,
                        principalTable: "sessions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_session_events_SessionId_EventId",
                table: "session_events",
                columns: new[] { "SessionId", "EventId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_sessions_HeadId",
                table: "sessions",
                column: "HeadId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "heads");

            migrationBuilder.DropTable(
                name: "household");

            migrationBuilder.DropTable(
                name: "session_events");

            migrationBuilder.DropTable(
                name: "sessions");
        }
    }
}

using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests;

/// <summary>The head, the day and the requests that tests begin from.</summary>
internal static class Given
{
    public static readonly DateOnly Today = new(2026, 3, 14);
    public static readonly DateTimeOffset Noon = new(2026, 3, 14, 12, 0, 0, TimeSpan.FromHours(1));
    public static readonly CraftFigures Figures = CraftFigures.Default;

    /// <summary>Medium density, medium strands, 30 cm all round, combed ten days ago: the reference of the craft.</summary>
    public static Head Head(double centimetres = 30) =>
        new()
        {
            Id = Guid.Parse("11111111-1111-1111-1111-111111111111"),
            Name = "Oriel",
            Lengths = Even(centimetres),
            UsualSections = 6,
            LastWash = Today.AddDays(-10),
            LastDetangle = Today.AddDays(-10),
        };

    public static ZoneLengths Even(double centimetres) =>
        new(new Centimetres(centimetres), new Centimetres(centimetres), new Centimetres(centimetres), new Centimetres(centimetres));

    public static PlanRequest Request(Aim aim = Aim.Moisture, EndStyle style = EndStyle.Twists, Head? head = null) =>
        new()
        {
            Head = head ?? Head(),
            Aim = aim,
            Style = style,
            Today = Today,
            When = new When(Noon),
        };

    public static Composition Compose(PlanRequest request) => Composer.Compose(request, Figures);

    public static Plan Plan(PlanRequest request) => new Planner(new CpSatScheduler()).Make(request, Figures);

    public static string Order(Composition composition) => string.Join(" ", composition.Walk.Select(walked => walked.Step.Id));
}

using Kamuri.Core.Heads;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>What was seen in the spray-bead test, and how porous hair is then (craft §12).</summary>
public sealed record PorosityAnswer(string Seen, Porosity Porosity, PorosityEvidence Evidence = PorosityEvidence.SprayBeads);

/// <summary>Whether it is worth finding out how porous hair is, of which there is only a guess.</summary>
public static class PorosityMatters
{
    /// <summary>Nobody is asked to test anything for fewer minutes than this (product default).</summary>
    public const double LeastMinutes = 10;

    /// <summary>
    /// Minutes between this day with low and with high porosity: body heat waits that follow it are as much longer or shorter as the
    /// craft says. 0 where it is more than a guess.
    /// </summary>
    public static double Minutes(Plan plan, ProcessingFigures figures)
    {
        var head = plan.Request.Head;
        if (head.PorosityEvidence != PorosityEvidence.Guess)
        {
            return 0;
        }

        var now = head.Porosity switch
        {
            Porosity.Low => figures.LowPorosityNoHeat,
            Porosity.High => figures.HighPorosity,
            _ => 1,
        };
        return plan
            .Steps.Where(step => step.Wait is { Substance: { } on } && Follows(on))
            .Sum(step => step.Wait!.Window.Usual / now * (figures.LowPorosityNoHeat - figures.HighPorosity));
    }

    /// <summary>A cover waits for what lies under it, so it is the substance that says.</summary>
    private static bool Follows(Substance substance) =>
        StepCatalogue.All.Any(kind => kind.Puts == substance && kind.Processing?.FollowsPorosity == true);

    /// <summary>What drops on a clean strand do, and what that says.</summary>
    public static IReadOnlyList<PorosityAnswer> Answers { get; } =
    [
        new(PlanWords.TheDropsStay, Porosity.Low),
        new(PlanWords.TheySinkInSlowly, Porosity.Medium),
        new(PlanWords.TheySinkInAtOnce, Porosity.High),
    ];

    /// <summary>Asks for the test when it matters; null when it does not.</summary>
    public static string? Question(Plan plan, ProcessingFigures figures) =>
        Minutes(plan, figures) is >= LeastMinutes and var minutes
            ? PlanWords.PorosityIsAGuess(plan.Request.Head.Name, Say.Minutes(Math.Round(minutes / 5) * 5))
            : null;
}

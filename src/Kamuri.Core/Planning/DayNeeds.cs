using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Planning;

/// <summary>Where something that a day needs comes from.</summary>
public enum NeedFrom
{
    Shelf,
    Jar,
    Made,
    Buy,
}

/// <summary>Something a day needs.</summary>
/// <param name="From">Where it comes from.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Amount">How much of it, for all that need it.</param>
/// <param name="Takers">The heads and their steps it is for.</param>
public sealed record DayNeed(NeedFrom From, string Name, Millilitres Amount, IReadOnlyList<NeedTaker> Takers);

/// <summary>A step of a head that needs something.</summary>
public sealed record NeedTaker(string HeadName, string StepId, string StepName);

/// <summary>Everything a day needs, for all its heads together.</summary>
public static class DayNeeds
{
    /// <summary>One line for each thing, what is there first and what has to be bought last.</summary>
    /// <param name="plans">The plan of each head.</param>
    public static IReadOnlyList<DayNeed> Of(IReadOnlyList<Plan> plans) =>
        [
            .. plans
                .SelectMany(plan =>
                    plan.Steps.Where(step => step is { Amount: not null, Step.Kind.Puts: not null }).Select(step => Need(plan, step))
                )
                .GroupBy(need => (need.From, need.Name))
                .Select(group => new DayNeed(
                    group.Key.From,
                    group.Key.Name,
                    new Millilitres(group.Sum(need => need.Exact)),
                    [.. group.Select(need => need.Taker)]
                ))
                .OrderBy(need => need.From),
        ];

    private static (NeedFrom From, string Name, double Exact, NeedTaker Taker) Need(Plan plan, PlannedStep step)
    {
        var taker = new NeedTaker(plan.Request.Head.Name, step.Step.Id, step.Step.Kind.Name);
        var (use, exact) = (plan.Request.UseOf(step.Step), step.Amount!.Exact.Value);
        return use switch
        {
            { BatchId: not null } => (NeedFrom.Jar, use.Name, exact, taker),
            _ when plan.Mixtures.FirstOrDefault(mixture => mixture.Step.Id == step.Step.Id) is { } mixture => (
                NeedFrom.Made,
                mixture.Cooking.Mixture.Formula.Name,
                exact,
                taker
            ),
            not null => (NeedFrom.Shelf, use.Name, exact, taker),
            _ => (NeedFrom.Buy, Substances.Of(step.Step.Kind.Puts!.Value).Name, exact, taker),
        };
    }
}

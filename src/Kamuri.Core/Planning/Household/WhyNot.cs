using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Physics;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Planning.Household;

/// <summary>What kind of change would make an hour that cannot be met.</summary>
public enum RemedyKind
{
    BeginEarlier,
    LeaveOut,
    SecondHands,
    DryFaster,
    Together,
}

/// <summary>A smallest change with which everybody is done in time. Each was planned whole before it is told.</summary>
/// <param name="Kind">What kind it is; together it is two of the others at once.</param>
/// <param name="Sentence">The change, and when it ends then.</param>
/// <param name="Minutes">For an earlier beginning: by how much.</param>
/// <param name="Head">For leaving out and drying: the place of the head among those asked for.</param>
/// <param name="Edits">For leaving out: the edits.</param>
/// <param name="MayDo">For a second pair of hands: what it has to do.</param>
/// <param name="DryingAir">For faster drying: how.</param>
public sealed record Remedy(
    RemedyKind Kind,
    string Sentence,
    double Minutes = 0,
    int Head = -1,
    IReadOnlyList<PlanEdit>? Edits = null,
    Work MayDo = Work.None,
    Air? DryingAir = null
)
{
    /// <summary>For two together: either of them; empty else.</summary>
    public IReadOnlyList<Remedy> Parts { get; init; } = [];
}

/// <summary>How far the looking for remedies is.</summary>
/// <param name="Share">0 to 1, by the kinds of change that were tried.</param>
/// <param name="Trying">What is tried now: "a second pair of hands".</param>
public sealed record RemedySearch(double Share, string Trying);

/// <summary>Why an hour cannot be met, told as the smallest changes that would make it: computed, not guessed.</summary>
public static class WhyNot
{
    /// <summary>Steps of an earlier beginning that are tried, in minutes.</summary>
    private const int Step = 5;

    /// <summary>No beginning further back than this is of use to anybody, in minutes.</summary>
    private const int Furthest = 12 * 60;

    /// <summary>Most steps that are left out of one head together.</summary>
    private const int MostLeftOut = 3;

    /// <summary>Most steps that are tried one by one.</summary>
    private const int MostTried = 6;

    private const string SecondName = HouseholdWords.ASecondPairOfHands;

    /// <summary>From the least help to the most.</summary>
    private static readonly Work[] Helps =
    [
        Work.Kitchen,
        Work.Treating,
        Work.Detangling,
        Work.Styling,
        Work.Kitchen | Work.Treating,
        Work.All,
    ];

    /// <summary>
    /// Every remedy there is, one of each kind and head. Where none of them alone is enough, two of them together; an earlier
    /// beginning does not count there, because it may be over already. Empty when everybody is in time, and when nothing helps.
    /// </summary>
    /// <param name="request">The day that is asked for.</param>
    /// <param name="plan">What it came to.</param>
    /// <param name="figures">Craft figures.</param>
    /// <param name="scheduler">Who places what is tried.</param>
    /// <param name="report">Told before each kind of change is tried; null for nobody.</param>
    public static IEnumerable<Remedy> Of(
        HouseholdRequest request,
        HouseholdPlan plan,
        CraftFigures figures,
        IScheduler scheduler,
        Action<RemedySearch>? report = null
    )
    {
        var planner = new HouseholdPlanner(scheduler);
        if (!Misses(plan))
        {
            yield break;
        }

        // Beginning earlier, more hands, drying and leaving out for each head, and two of them together.
        var (kinds, tried) = (3.0 + (2 * plan.Heads.Count), 0);
        void Trying(string what) => report?.Invoke(new RemedySearch(tried++ / kinds, what));
        Trying(HouseholdWords.AnEarlierStart);
        if (Earlier(request, plan, figures, planner) is { } earlier)
        {
            yield return earlier;
        }

        var enough = false;
        Trying(HouseholdWords.ASecondPairOfHands);
        if (request.Hands.Count < HouseholdRequest.MostHands && Second(request, plan, figures, planner) is { } second)
        {
            enough = true;
            yield return second;
        }

        foreach (var remedy in OnOneHead(request, plan, figures, planner, Trying))
        {
            enough = true;
            yield return remedy;
        }

        Trying(HouseholdWords.TwoChangesTogether);
        if (!enough && Together(request, plan, figures, planner) is { } both)
        {
            yield return both;
        }
    }

    private static IEnumerable<Remedy> OnOneHead(
        HouseholdRequest request,
        HouseholdPlan plan,
        CraftFigures figures,
        HouseholdPlanner planner,
        Action<string> trying
    )
    {
        foreach (var (head, at) in plan.Heads.Select((head, at) => (head, at)))
        {
            trying(HouseholdWords.FasterDryingForHead(head.Plan.Request.Head.Name));
            if (DryFaster(request, head, at, figures, planner) is { } dried)
            {
                yield return dried;
            }

            trying(HouseholdWords.LeavingStepsOutForHead(head.Plan.Request.Head.Name));
            if (LeaveOut(request, plan, head, at, figures, planner) is { } without)
            {
                yield return without;
            }
        }
    }

    /// <summary>All the help there can be, then the least else that is enough with it; without help, the driest air first.</summary>
    private static Remedy? Together(HouseholdRequest request, HouseholdPlan plan, CraftFigures figures, HouseholdPlanner planner)
    {
        if (request.Hands.Count < HouseholdRequest.MostHands)
        {
            var helped = request with { Hands = [.. request.Hands, new HelpingHands(SecondName)] };
            if (
                Made(planner, helped, figures) is { } with
                && OnOneHead(helped, with, figures, planner, _ => { }).FirstOrDefault() is { } also
            )
            {
                return Both(new Remedy(RemedyKind.SecondHands, HouseholdWords.ASecondPairOfHands2, MayDo: Work.All), also);
            }
        }

        foreach (
            var (head, at) in plan
                .Heads.Select((head, at) => (head, at))
                .Where(each =>
                    each.head.Plan.Steps.Any(step => step.Step.Kind.IsDrying) && each.head.Plan.Request.DryingAir < Air.BlowDryCool
                )
        )
        {
            var asked = request.Heads[at];
            var dried = request with
            {
                Heads =
                [
                    .. request.Heads.Select(
                        (each, n) => n == at ? asked with { Request = asked.Request with { DryingAir = Air.BlowDryCool } } : each
                    ),
                ],
            };
            if (
                Made(planner, dried, figures) is { } with
                && OnOneHead(dried, with, figures, planner, _ => { }).FirstOrDefault() is { } also
            )
            {
                return Both(
                    new Remedy(
                        RemedyKind.DryFaster,
                        HouseholdWords.HeadDriedWithADryerCool(head.Plan.Request.Head.Name),
                        Head: at,
                        DryingAir: Air.BlowDryCool
                    ),
                    also
                );
            }
        }

        return null;
    }

    private static Remedy Both(Remedy one, Remedy other) =>
        new(RemedyKind.Together, HouseholdWords.BothChanges(one.Sentence, other.Sentence)) { Parts = [one, other] };

    private static bool Misses(HouseholdPlan plan) => plan.MinutesLate > 0 || plan.Beyond.Count > 0;

    /// <summary>
    /// The least earlier beginning. By as much as it is late is enough where nobody is ever away; else it is searched for.
    /// </summary>
    private static Remedy? Earlier(HouseholdRequest request, HouseholdPlan plan, CraftFigures figures, HouseholdPlanner planner)
    {
        var late = plan.Heads.Select(head => head.Wanted is { } wanted ? (head.Plan.End - wanted).TotalMinutes : 0).Max();
        var least = Math.Max(Step, (int)Math.Ceiling(late / Step) * Step);
        for (var more = 0; least + more <= Furthest; more = more == 0 ? 3 * Step : 2 * more)
        {
            var minutes = least + more;
            var when = request.When with
            {
                Now = request.When.Now.AddMinutes(-minutes),
                StartAt = request.When.StartAt?.AddMinutes(-minutes),
            };
            if (InTime(planner, request with { When = when }, figures) is { } made)
            {
                return new Remedy(
                    RemedyKind.BeginEarlier,
                    HouseholdWords.StartByTimeAndEveryoneIs(Say.Clock(made.Start)),
                    Math.Max(0, (plan.Start - made.Start).TotalMinutes)
                );
            }
        }

        return null;
    }

    private static Remedy? Second(HouseholdRequest request, HouseholdPlan plan, CraftFigures figures, HouseholdPlanner planner)
    {
        HouseholdPlan? With(Work work) =>
            InTime(planner, request with { Hands = [.. request.Hands, new HelpingHands(SecondName, work)] }, figures);
        // Where even all the help there could be is not enough, less is not tried.
        if (With(Work.All) is not { } all)
        {
            return null;
        }

        foreach (var work in Helps.SkipLast(1))
        {
            if (With(work) is { } made)
            {
                return Told(made, work);
            }
        }

        return Told(all, Work.All);

        static Remedy Told(HouseholdPlan made, Work work)
        {
            var does = made.Tasks.Where(task => task.By == SecondName).ToList();
            return new Remedy(
                RemedyKind.SecondHands,
                HouseholdWords.WithASecondPairOfHands(
                    Words(work),
                    Say.Minutes(does.Sum(task => (task.End - task.Start).TotalMinutes)),
                    Say.Clock(made.End, made.Start)
                ),
                MayDo: work
            );
        }
    }

    private static Remedy? LeaveOut(
        HouseholdRequest request,
        HouseholdPlan plan,
        HeadPlan head,
        int at,
        CraftFigures figures,
        HouseholdPlanner planner
    )
    {
        var spare = head
            .Plan.Steps.Where(step => step.Step.Kind.CanBeSpared)
            .Select(step =>
                (
                    step.Step.Kind.Noun,
                    Edits: new PlanEdit[] { new DropStep(step.Step.Id) },
                    Takes: step.HandsOnMinutes + (step.Wait?.Window.Usual ?? 0)
                )
            )
            .OrderBy(each => each.Takes)
            .Take(MostTried)
            .ToList();
        // The least that is enough alone, else the longest of them together.
        foreach (
            var without in spare
                .Select(each => new[] { each })
                .Concat(Enumerable.Range(2, MostLeftOut - 1).Select(count => spare.TakeLast(count).ToArray()))
                .Where(each => each.Length <= spare.Count)
        )
        {
            var edits = without.SelectMany(each => each.Edits).Distinct().ToList();
            var asked = request.Heads[at];
            var changed = asked with { Request = asked.Request with { Edits = [.. asked.Request.Edits, .. edits] } };
            if (
                InTime(planner, request with { Heads = [.. request.Heads.Select((each, n) => n == at ? changed : each)] }, figures)
                    is { } made
                && (plan.HasStop || !made.HasStop)
            )
            {
                return new Remedy(
                    RemedyKind.LeaveOut,
                    HouseholdWords.WithoutListForHeadEverythingIs(
                        Say.List([.. without.Select(each => each.Noun)]),
                        head.Plan.Request.Head.Name,
                        Say.Clock(made.End, made.Start)
                    ),
                    Head: at,
                    Edits: edits
                );
            }
        }

        return null;
    }

    /// <summary>The gentlest air that is enough.</summary>
    private static Remedy? DryFaster(HouseholdRequest request, HeadPlan head, int at, CraftFigures figures, HouseholdPlanner planner)
    {
        if (!head.Plan.Steps.Any(step => step.Step.Kind.IsDrying))
        {
            return null;
        }

        foreach (
            var air in new[] { Air.Fan, Air.HoodLow, Air.BlowDryCool }.Where(air =>
                air > head.Plan.Request.DryingAir && (air != Air.HoodLow || request.Equipment.Hoods > 0)
            )
        )
        {
            var asked = request.Heads[at];
            var changed = asked with { Request = asked.Request with { DryingAir = air } };
            if (
                InTime(planner, request with { Heads = [.. request.Heads.Select((each, n) => n == at ? changed : each)] }, figures) is
                { } made
            )
            {
                var how = air switch
                {
                    Air.Fan => HouseholdWords.InTheAirOfAFan,
                    Air.HoodLow => HouseholdWords.UnderTheHoodLow,
                    _ => HouseholdWords.WithADryerCool,
                };
                return new Remedy(
                    RemedyKind.DryFaster,
                    HouseholdWords.IfHeadDriesHowEverythingIs(how, head.Plan.Request.Head.Name, Say.Clock(made.End, made.Start)),
                    Head: at,
                    DryingAir: air
                );
            }
        }

        return null;
    }

    /// <summary>The plan, if everybody is in time in it.</summary>
    private static HouseholdPlan? InTime(HouseholdPlanner planner, HouseholdRequest request, CraftFigures figures) =>
        planner.MayBeInTime(request, figures) && Made(planner, request, figures) is { } made && !Misses(made) ? made : null;

    private static HouseholdPlan? Made(HouseholdPlanner planner, HouseholdRequest request, CraftFigures figures)
    {
        try
        {
            return planner.Make(request, figures);
        }
        catch (UnplaceableException)
        {
            return null;
        }
    }

    private static string Words(Work work) =>
        work switch
        {
            Work.Kitchen => HouseholdWords.TheKitchen,
            Work.Treating => HouseholdWords.PuttingOn,
            Work.Detangling => "detangling",
            Work.Styling => "styling",
            Work.Kitchen | Work.Treating => HouseholdWords.TheKitchenAndPuttingOn,
            _ => HouseholdWords.AllKindsOfWork,
        };
}

using Kamuri.Core.Composing;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Tests.Planning.Household;

/// <summary>When an hour cannot be met: the smallest changes that would make it, each planned whole.</summary>
public class WhyNotTests
{
    private static readonly CpSatScheduler Scheduler = new();

    private static HouseholdRequest Asked(double hours, params HeadOfDay[] heads) =>
        new()
        {
            Heads = heads,
            Hands = [new("Ama")],
            When = new When(Given.Noon, ReadyBy: Given.Noon.AddHours(hours)),
        };

    private static HeadOfDay Of(string name, Aim aim = Aim.Moisture) =>
        new(
            Given.Request(aim, EndStyle.Bun, Given.Head(20) with { Id = new Guid(name.Length, 0, 0, new byte[8]), Name = name }) with
            {
                DryingAir = Kamuri.Core.Physics.Air.BlowDryCool,
            }
        );

    private static HouseholdPlan Made(HouseholdRequest request) => new HouseholdPlanner(Scheduler).Make(request, Given.Figures);

    private static (HouseholdPlan Plan, IReadOnlyList<Remedy> Remedies) Why(HouseholdRequest request)
    {
        var plan = new HouseholdPlanner(Scheduler).Make(request, Given.Figures);
        return (plan, [.. WhyNot.Of(request, plan, Given.Figures, Scheduler)]);
    }

    [Fact]
    public void Who_is_in_time_needs_no_remedy() => Assert.Empty(Why(Asked(12, Of("Oriel", Aim.Quick))).Remedies);

    [Fact]
    public void Every_remedy_that_is_told_makes_the_hour()
    {
        var alone = Given.Plan(Of("Oriel").Request);
        // Half an hour less than one head needs with every window at its shortest, and so never in time as asked.
        var (plan, remedies) = Why(Asked((alone.End - alone.Start).TotalHours * 0.7, Of("Oriel")));
        Assert.True(plan.MinutesLate > 0);
        Assert.Contains(remedies, remedy => remedy.Kind == RemedyKind.BeginEarlier);
        foreach (var remedy in remedies)
        {
            var made = Made(Changed(plan.Request, remedy));
            Assert.True(made.MinutesLate == 0, $"{remedy.Sentence} {made.MinutesLate} min late");
            Assert.Matches("^(Start by|Without|If|With a second pair of hands|Two changes together)[,. ].*[.]$", remedy.Sentence);
        }
    }

    [Fact]
    public void What_is_tried_is_told_and_how_far_it_is()
    {
        var request = Asked(1, Of("Oriel"), Of("Bo"));
        var plan = new HouseholdPlanner(Scheduler).Make(request, Given.Figures);
        var told = new List<RemedySearch>();
        _ = WhyNot.Of(request, plan, Given.Figures, Scheduler, told.Add).ToList();
        Assert.Equal(
            [
                "an earlier start",
                "a second pair of hands",
                "faster drying for Oriel",
                "leaving steps out for Oriel",
                "faster drying for Bo",
                "leaving steps out for Bo",
                "two changes together",
            ],
            told.Select(search => search.Trying)
        );
        Assert.Equal(told.Select((_, at) => at / 7.0), told.Select(search => search.Share));
    }

    [Fact]
    public void Hair_that_hangs_in_still_air_is_dried_as_gently_as_is_in_time()
    {
        var still = Of("Oriel", Aim.Quick) with
        {
            Request = Of("Oriel", Aim.Quick).Request with { DryingAir = Kamuri.Core.Physics.Air.Still },
        };
        var alone = Given.Plan(still.Request);
        var (_, remedies) = Why(Asked((alone.End - alone.Start).TotalHours * 0.8, still));
        Assert.Equal(Kamuri.Core.Physics.Air.Fan, Assert.Single(remedies, remedy => remedy.Kind == RemedyKind.DryFaster).DryingAir);
    }

    [Fact]
    public void A_second_pair_of_hands_is_asked_for_as_little_as_helps()
    {
        var both = new[] { Of("Oriel"), Of("Bo", Aim.Quick) };
        var one = new HouseholdPlanner(Scheduler).Make(
            new HouseholdRequest
            {
                Heads = both,
                Hands = [new("Ama")],
                When = new When(Given.Noon),
            },
            Given.Figures
        );
        var two = new HouseholdPlanner(Scheduler).Make(
            new HouseholdRequest
            {
                Heads = both,
                Hands = [new("Ama"), new("Bo")],
                When = new When(Given.Noon),
            },
            Given.Figures
        );
        Assert.True(two.End < one.End);
        var (plan, remedies) = Why(Asked(((two.End - two.Start).TotalMinutes + 2) / 60, both));
        if (plan.MinutesLate == 0)
        {
            return;
        }

        var help = Assert.Single(remedies, remedy => remedy.Kind == RemedyKind.SecondHands);
        Assert.NotEqual(Work.None, help.MayDo);
    }

    [Fact]
    public void Where_one_change_is_not_enough_two_together_are_told()
    {
        var still = Of("Oriel", Aim.Quick) with
        {
            Request = Of("Oriel", Aim.Quick).Request with { DryingAir = Kamuri.Core.Physics.Air.Still },
        };
        HeadOfDay[] both = [still, Of("Bo", Aim.Quick)];
        var helped = Made(
            new HouseholdRequest
            {
                Heads = [still with { Request = still.Request with { DryingAir = Kamuri.Core.Physics.Air.BlowDryCool } }, both[1]],
                Hands = [new("Ama"), new("Bea")],
                When = new When(Given.Noon),
            }
        );
        // As soon as help and a dryer together make it, and a few minutes for what varies.
        var (plan, remedies) = Why(Asked(((helped.NineInTenBy - helped.Start).TotalMinutes + 5) / 60, both));
        Assert.True(plan.MinutesLate > 0);
        var together = Assert.Single(remedies, remedy => remedy.Kind == RemedyKind.Together);
        Assert.DoesNotContain(remedies, remedy => remedy.Kind is RemedyKind.SecondHands or RemedyKind.DryFaster or RemedyKind.LeaveOut);
        Assert.Equal(2, together.Parts.Count);
        Assert.Equal(0, Made(together.Parts.Aggregate(plan.Request, Changed)).MinutesLate);
        Assert.Contains(" Then: ", together.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Two_heads_that_both_dry_too_slowly_are_both_dried_faster()
    {
        HeadOfDay Still(string name) =>
            Of(name, Aim.Quick) with
            {
                Request = Of(name, Aim.Quick).Request with { DryingAir = Kamuri.Core.Physics.Air.Still },
            };
        HeadOfDay[] both = [Still("Oriel"), Still("Bo")];
        var dried = Made(
            new HouseholdRequest
            {
                Heads =
                [
                    .. both.Select(head => head with { Request = head.Request with { DryingAir = Kamuri.Core.Physics.Air.BlowDryCool } }),
                ],
                Hands = [new("Ama"), new("Bea")],
                When = new When(Given.Noon),
            }
        );
        var (plan, remedies) = Why(
            Asked(((dried.NineInTenBy - dried.Start).TotalMinutes + 5) / 60, both) with
            {
                Hands = [new("Ama"), new("Bea")],
            }
        );
        var together = Assert.Single(remedies, remedy => remedy.Kind == RemedyKind.Together);
        Assert.Equal([0, 1], together.Parts.Where(part => part.Kind == RemedyKind.DryFaster).Select(part => part.Head).Order());
        Assert.Equal(0, Made(together.Parts.Aggregate(plan.Request, Changed)).MinutesLate);
    }

    /// <summary>What pressing a remedy asks for.</summary>
    private static HouseholdRequest Changed(HouseholdRequest request, Remedy remedy)
    {
        HouseholdRequest OnHead(Func<PlanRequest, PlanRequest> change) =>
            request with
            {
                Heads = [.. request.Heads.Select((head, at) => at == remedy.Head ? head with { Request = change(head.Request) } : head)],
            };
        return remedy.Kind switch
        {
            RemedyKind.SecondHands => request with { Hands = [.. request.Hands, new HelpingHands("Bea", remedy.MayDo)] },
            RemedyKind.DryFaster => OnHead(asked => asked with { DryingAir = remedy.DryingAir!.Value }),
            RemedyKind.LeaveOut => OnHead(asked => asked with { Edits = [.. asked.Edits, .. remedy.Edits!] }),
            RemedyKind.BeginEarlier => request with { When = request.When with { Now = request.When.Now.AddMinutes(-remedy.Minutes) } },
            RemedyKind.Together => remedy.Parts.Aggregate(request, Changed),
            _ => request,
        };
    }

    [Fact]
    public void What_nothing_can_make_has_no_remedy_made_up()
    {
        // There for ten minutes at noon, which no wash day fits into, whoever helps and however early.
        var asked = Asked(12, Of("Oriel") with { Present = [new Between(Given.Noon, Given.Noon.AddMinutes(10))] });
        var (plan, remedies) = Why(asked);
        Assert.NotEmpty(plan.Beyond);
        Assert.DoesNotContain(remedies, remedy => remedy.Kind == RemedyKind.SecondHands);
    }
}

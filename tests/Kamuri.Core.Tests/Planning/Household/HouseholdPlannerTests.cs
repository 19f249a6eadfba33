using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Planning.Household;

/// <summary>Days with several heads: who is done when, by whose hands, around who and what is away.</summary>
public class HouseholdPlannerTests
{
    private static readonly HouseholdPlanner Planner = new(new CpSatScheduler());

    private static Head Named(string name, double centimetres = 30) => Given.Head(centimetres) with { Id = Guid.NewGuid(), Name = name };

    private static HeadOfDay Of(string name, double centimetres = 20, Aim aim = Aim.Quick) =>
        new(Given.Request(aim, EndStyle.Bun, Named(name, centimetres)));

    private static HouseholdRequest Asked(params HeadOfDay[] heads) =>
        new()
        {
            Heads = heads,
            Hands = [new("Ama")],
            When = new When(Given.Noon),
        };

    private static HouseholdPlan Made(HouseholdRequest request)
    {
        var plan = Planner.Make(request, Given.Figures);
        Check(request, plan);
        return plan;
    }

    /// <summary>What must hold of any household plan, looked at minute by minute on the clock.</summary>
    private static void Check(HouseholdRequest request, HouseholdPlan plan)
    {
        for (var minute = plan.Start; minute < plan.End; minute = minute.AddMinutes(1))
        {
            var now = plan.Tasks.Where(task => task.Start <= minute && minute < task.End).ToList();
            var hands = now.Where(task => task.IsHandsOn).ToList();
            Assert.Equal(hands.Count, hands.Select(task => task.By).Distinct().Count());
            Assert.All(hands, task => Assert.Contains(task.By, request.Hands.Select(each => each.Name)));
            Assert.DoesNotContain(request.Hands, pair =>
                pair.Away.Any(away => away.From <= minute && minute < away.To) && hands.Exists(task => task.By == pair.Name)
            );
            foreach (var resource in Enum.GetValues<Resource>().Except([Resource.Hands]))
            {
                var there = request.Taken.Any(taken => taken.Resource == resource && taken.When.From <= minute && minute < taken.When.To)
                    ? 0
                    : request.Equipment.Count(resource);
                Assert.True(now.Count(task => task.Uses.Contains(resource)) <= there, $"{resource} at {minute:HH:mm}");
            }

            foreach (var head in request.Heads.Where(head => head.Present.Count > 0 && plan.Beyond.Count == 0))
            {
                Assert.True(
                    head.Present.Any(there => there.From <= minute && minute < there.To)
                        || !hands.Exists(task => task.HeadId == head.Request.Head.Id && task.StepId is not null),
                    $"hands on {head.Request.Head.Name} at {minute:HH:mm}"
                );
            }
        }

        foreach (var link in plan.Links)
        {
            var gap = (
                plan.Tasks.Single(task => task.Id == link.To).Start - plan.Tasks.Single(task => task.Id == link.From).End
            ).TotalMinutes;
            Assert.InRange(gap, link.LeastGap, link.MostGap ?? double.MaxValue);
        }
    }

    /// <summary>Four heads with so much to do that their orders cannot all be looked through.</summary>
    private static HouseholdRequest Crowded(int n)
    {
        Aim[] aims = [Aim.Moisture, Aim.Strength, Aim.Quick, Aim.ScalpComfort];
        return Asked([.. Enumerable.Range(0, 4).Select(at => Of($"Head {at}", 12 + (7 * ((n + (3 * at)) % 5)), aims[(n + at) % 4]))]);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void A_crowded_day_is_not_longer_than_one_that_is_in_time_for_hours_of_its_heads(int n)
    {
        var soonest = Made(Crowded(n));
        // Each has until a quarter of an hour after all are over as soon as may be.
        var hour = soonest.End.AddMinutes(15);
        var towards = Made(
            Crowded(n) with
            {
                Heads = [.. Crowded(n).Heads.Select((head, at) => head with { ReadyBy = hour.AddMinutes(at) })],
            }
        );
        Assert.True(soonest.End - soonest.Start <= towards.End - towards.Start);
        Assert.All(towards.Heads, head => Assert.True(head.Plan.End <= head.Wanted));
    }

    [Fact]
    public void Nobody_who_does_three_long_heads_goes_without_a_break()
    {
        var plan = Made(Asked(Of("Ada", 45, Aim.Strength), Of("Esi", 40, Aim.Moisture), Of("Yaw", 50, Aim.Reset)));
        Assert.Empty(plan.WithoutRest);
        Assert.InRange(plan.Rests.Count, 6, 30);
    }

    [Fact]
    public void A_full_day_of_two_pairs_lies_before_its_hour_with_every_break_where_the_shower_is_taken_meanwhile()
    {
        // Two days are left until the hour; the day is one of them, whoever could begin sooner.
        var hour = Given.Noon.AddDays(2);
        var plan = Made(
            Asked(Of("Ada", 30, Aim.Strength), Of("Esi", 25, Aim.Moisture), Of("Yaw", 35, Aim.Reset), Of("Kojo", 20)) with
            {
                Hands = [new("Ama"), new("Kofi")],
                When = new When(Given.Noon, ReadyBy: hour),
                Taken = [new(Resource.Shower, new(hour.AddHours(-5), hour.AddHours(-4)))],
            }
        );
        Assert.InRange(plan.End, hour.AddHours(-3), hour);
        Assert.InRange(plan.Start, hour.AddHours(-24), hour);
        Assert.Empty(plan.WithoutRest);
    }

    [Fact]
    public void A_full_day_is_early_enough_for_whoever_leaves_long_before_its_hour()
    {
        // Yaw leaves at ten in the evening and is back at noon, which is too late for the hour: what he needs is done the day before.
        var (leaves, hour) = (Given.Noon.AddHours(10), Given.Noon.AddHours(30));
        var yaw = Of("Yaw", 35, Aim.Reset) with
        {
            Present = [new(Given.Noon, leaves), new(Given.Noon.AddHours(24), Given.Noon.AddHours(48))],
        };
        var plan = Made(
            Asked(Of("Ada", 30, Aim.Strength), Of("Esi", 25, Aim.Moisture), yaw, Of("Kojo", 20)) with
            {
                Hands = [new("Ama"), new("Kofi") { Away = [new(Given.Noon.AddHours(2), Given.Noon.AddHours(3))] }],
                When = new When(Given.Noon, ReadyBy: hour),
            }
        );
        Assert.InRange(plan.End, Given.Noon, hour);
        Assert.InRange(
            plan.Heads[2].Plan.Tasks.Where(task => task.IsHandsOn && task.StepId is not null).Max(task => task.End),
            Given.Noon,
            leaves
        );
        Assert.Empty(plan.WithoutRest);
        Assert.Empty(plan.Beyond);
    }

    [Fact]
    public void A_full_day_is_not_spread_until_its_last_hour_where_somebody_has_to_be_ready_long_before()
    {
        var hour = Given.Noon.AddDays(1);
        var ada = Of("Ada", 30, Aim.Strength) with { ReadyBy = hour.AddHours(-4) };
        var plan = Made(
            Asked(ada, Of("Esi", 25, Aim.Moisture), Of("Yaw", 35, Aim.Reset), Of("Kojo", 20)) with
            {
                Hands = [new("Ama"), new("Kofi")],
                When = new When(Given.Noon, ReadyBy: hour),
                Taken = [new(Resource.Shower, new(hour.AddHours(-5), hour.AddHours(-4)))],
            }
        );
        // Some ten hours of work for two: all of it lies before Ada's hour, or at most a little behind.
        Assert.InRange(plan.Heads[0].Plan.End, hour.AddHours(-8), hour.AddHours(-4));
        Assert.InRange(plan.End - plan.Start, TimeSpan.FromHours(8), TimeSpan.FromHours(11));
        Assert.Empty(plan.WithoutRest);
    }

    [Theory]
    [InlineData(20, Aim.Quick, false)]
    [InlineData(60, Aim.Strength, true)]
    public void One_head_takes_as_long_as_it_does_alone_and_the_breaks_of_whoever_does_it(double centimetres, Aim aim, bool isLong)
    {
        var asked = Asked(Of("Oriel", centimetres, aim));
        var alone = Given.Plan(asked.Heads[0].Request);
        var plan = Made(asked with { When = asked.Heads[0].Request.When });
        Assert.Equal(alone.Steps.Select(step => step.Step.Id), plan.Heads[0].Plan.Steps.Select(step => step.Step.Id));
        Assert.True(plan.Proven);
        Assert.Empty(plan.WithoutRest);
        // On a plan of its own nobody counts how long hands go on.
        Assert.True(isLong ? plan.End > alone.End : plan.End == alone.End, $"{plan.End - alone.End}");
    }

    [Fact]
    public void Two_heads_are_done_sooner_together_than_one_after_the_other()
    {
        var (one, two) = (Of("Oriel", aim: Aim.Moisture), Of("Bram"));
        var apart = (Made(Asked(one)).End - Given.Noon) + (Made(Asked(two)).End - Given.Noon);
        var plan = Made(Asked(one, two));

        Assert.True(plan.End - Given.Noon < apart, $"{plan.End - Given.Noon} of {apart}");
        Assert.Equal(["Oriel", "Bram"], plan.Heads.Select(head => head.Plan.Request.Head.Name));
        Assert.All(plan.Heads, head =>
            Assert.All(head.Plan.Tasks, task => Assert.StartsWith($"{head.Key}/", task.Id, StringComparison.Ordinal))
        );
        Assert.Equal(plan.Tasks.Count, plan.Heads.Sum(head => head.Plan.Tasks.Count));
        Assert.True(plan.NotBefore <= plan.End);
    }

    [Fact]
    public void A_second_pair_of_hands_helps_where_it_may()
    {
        var asked = Asked(Of("Oriel"), Of("Bram"));
        var alone = Made(asked);
        var helped = Made(asked with { Hands = [new("Ama"), new("Bea")] });
        var onlyBram = Made(asked with { Hands = [new("Ama"), new("Bea") { Heads = [asked.Heads[1].Request.Head.Id] }] });

        Assert.True(helped.End < alone.End);
        Assert.All(onlyBram.Heads[0].Plan.Tasks.Where(task => task.IsHandsOn), task => Assert.Equal("Ama", task.By));
        Assert.Contains(onlyBram.Tasks, task => task.By == "Bea");
    }

    [Fact]
    public void Somebody_may_only_do_some_work()
    {
        var asked = Asked(Of("Oriel")) with { Hands = [new("Ama"), new("Bea", Work.Water | Work.Kitchen)] };
        var plan = Made(asked);
        var styling = plan.Tasks.Where(task => task.IsHandsOn && !task.Uses.Contains(Resource.Shower) && task.StepId is not null);
        Assert.All(styling, task => Assert.Equal("Ama", task.By));

        var nobody = Assert.Throws<UnplaceableException>(() =>
            Planner.Make(asked with { Hands = [new("Bea", Work.Water)] }, Given.Figures)
        );
        Assert.StartsWith("Nobody can do this for Oriel: ", nobody.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void The_shower_is_left_to_others_while_they_have_it()
    {
        var free = Made(Asked(Of("Oriel")));
        var first = free.Tasks.First(task => task.Uses.Contains(Resource.Shower));
        var taken = Made(Asked(Of("Oriel")) with { Taken = [new(Resource.Shower, new(first.Start, first.Start.AddMinutes(45)))] });
        Assert.True(taken.End >= free.End);
        Assert.True(
            taken.Tasks.First(task => task.Uses.Contains(Resource.Shower)).Start >= first.Start.AddMinutes(45)
                || taken.Tasks.First(task => task.Uses.Contains(Resource.Shower)).End <= first.Start
        );
    }

    [Fact]
    public void A_child_back_from_school_is_begun_then_and_one_asleep_is_done_before()
    {
        var home = Given.Noon.AddMinutes(90);
        var plan = Made(Asked(Of("Oriel"), Of("Wren") with { Present = [new(home, home.AddHours(8))] }));
        Assert.True(plan.Heads[1].Plan.Tasks.Where(task => task.StepId is not null).Min(task => task.Start) >= home);

        // Alone she would be done with hands by then; among others she has to be the first.
        var bed = Made(Asked(Of("Wren"))).Tasks.Where(task => task.IsHandsOn).Max(task => task.End).AddMinutes(5);
        var early = Made(Asked(Of("Oriel"), Of("Wren") with { Present = [new(Given.Noon, bed)] }));
        Assert.Empty(early.Beyond);
        Assert.True(early.Heads[1].Plan.Tasks.Where(task => task.IsHandsOn).Max(task => task.End) <= bed);
    }

    [Fact]
    public void Who_is_not_there_long_enough_is_said_and_planned_all_the_same()
    {
        var plan = Made(Asked(Of("Wren") with { Present = [new(Given.Noon, Given.Noon.AddMinutes(25))] }));
        Assert.Equal(["Wren is home from 12:00 to 12:25, which is not long enough."], plan.Beyond);
        Assert.True(plan.End > Given.Noon.AddMinutes(25));

        var gone = Assert.Throws<UnplaceableException>(() =>
            Planner.Make(Asked(Of("Wren") with { Present = [new(Given.Noon.AddHours(-3), Given.Noon)] }), Given.Figures)
        );
        Assert.Equal("Wren has already left at 12:00.", gone.Message);
    }

    [Fact]
    public void Hands_rest_after_an_hour_and_a_quarter()
    {
        var plan = Made(Asked(Of("Oriel", 40, Aim.Moisture), Of("Bram", 40, Aim.Moisture)));
        var (from, until) = (plan.Start, DateTimeOffset.MinValue);
        foreach (var task in plan.Tasks.Where(task => task.IsHandsOn).OrderBy(task => task.Start))
        {
            from = until == DateTimeOffset.MinValue || task.Start - until >= TimeSpan.FromMinutes(10) ? task.Start : from;
            until = task.End;
            Assert.True(
                until - from
                    <= TimeSpan.FromMinutes(
                        Math.Max(75, plan.Tasks.Where(each => each.IsHandsOn).Max(each => (each.End - each.Start).TotalMinutes))
                    ),
                $"{from:HH:mm} to {until:HH:mm}"
            );
        }

        Assert.NotEmpty(plan.Rests);
        Assert.All(plan.Rests, rest => Assert.True(rest.To - rest.From >= TimeSpan.FromMinutes(10)));
    }

    [Fact]
    public void Each_head_is_in_time_for_its_own_hour_and_the_chance_is_told()
    {
        var asked = Asked(Of("Oriel"), Of("Bram") with { ReadyBy = Given.Noon.AddHours(9) });
        var plan = Made(asked);
        // Towards an hour it could always be earlier, so nothing is said of the end.
        Assert.Contains("No plan is shorter", Told.Of(plan), StringComparison.Ordinal);
        Assert.True(plan.NotBefore <= plan.End && plan.NotBefore > plan.Start);
        Assert.Equal((0d, null), (plan.MinutesLate, plan.Heads[0].ChanceInTime));
        Assert.True(plan.Heads[1].ChanceInTime >= 0.85, plan.Heads[1].ChanceInTime.ToString());
        Assert.True(plan.Heads[1].NineInTenBy >= plan.Heads[1].LikelyBy);

        var late = Made(asked with { Heads = [asked.Heads[0], asked.Heads[1] with { ReadyBy = Given.Noon.AddMinutes(30) }] });
        Assert.True(late.MinutesLate > 0);
        Assert.True(late.Heads[1].ChanceInTime < 0.05);
        Assert.Contains("is under 1\u00a0%.", HouseholdSentences.Of(late.Heads[1], late.Start), StringComparison.Ordinal);
    }

    [Fact]
    public void Minutes_to_spare_are_kept_for_whoever_can_be_in_time_and_for_nobody_else()
    {
        // Esi comes an hour before she wants to be ready, which is too late whatever is done.
        var (ada, esi) = (Given.Noon.AddHours(8), Given.Noon.AddHours(5));
        var watched = new Watched();
        var plan = new HouseholdPlanner(watched).Make(
            Asked(
                Of("Ada") with
                {
                    ReadyBy = ada,
                },
                Of("Esi", 30, Aim.Moisture) with
                {
                    ReadyBy = esi,
                    Present = [new(esi.AddHours(-1), esi.AddHours(12))],
                }
            ),
            Given.Figures
        );
        // A draft; that one as good as can be, for it is late; and once more with minutes to spare for Ada.
        Assert.Equal(
            [((int?)0, 480, 300), (null, 480, 300)],
            watched.Problems.Take(2).Select(each => (each.DraftAfter, each.Deadlines["1"], each.Deadlines["2"]))
        );
        Assert.All(watched.Problems.Skip(2), each =>
            Assert.Equal(((int?)null, true, 300), (each.DraftAfter, each.Deadlines["1"] < 480, each.Deadlines["2"]))
        );
        Assert.True(plan.Heads[0].Plan.End <= ada && plan.Heads[1].Plan.End > esi);
        Assert.InRange(plan.LeastLate!.Value, 1, plan.MinutesLate);
    }

    [Theory]
    [InlineData(9)]
    [InlineData(11)]
    [InlineData(12)]
    public void Whoever_is_in_time_is_so_nine_days_in_ten_also_where_work_waits_for_somebody_who_is_away(int from)
    {
        // What is pushed behind an absence on slow days is later on most days, so minutes to spare count from the plan and not from the
        // likely end.
        var away = new Between(Given.Noon.AddHours(from), Given.Noon.AddHours(from + 1));
        var plan = Made(
            Asked(
                Of("Ada", 30, Aim.Moisture) with
                {
                    ReadyBy = Given.Noon.AddHours(15),
                },
                Of("Esi", 40, Aim.Moisture) with
                {
                    ReadyBy = Given.Noon.AddHours(14),
                }
            ) with
            {
                Hands = [new("Ama") { Away = [away] }],
            }
        );
        Assert.Equal(0, plan.MinutesLate);
        Assert.All(plan.Heads, head => Assert.True(head.ChanceInTime >= 0.85, $"{head.Key}: {head.ChanceInTime}"));
    }

    /// <summary>Keeps what it is asked.</summary>
    private sealed class Watched : IScheduler
    {
        private readonly CpSatScheduler _scheduler = new();

        public List<SchedulingProblem> Problems { get; } = [];

        public Schedule? Solve(SchedulingProblem problem)
        {
            Problems.Add(problem);
            var found = _scheduler.Solve(problem);
            Spent.Add(found?.Spent ?? 0);
            return found;
        }

        public List<int> Spent { get; } = [];
    }

    [Fact]
    public void All_questions_about_one_plan_together_take_what_one_plan_may()
    {
        var watched = new Watched();
        new HouseholdPlanner(watched).Make(
            Asked(
                Of("Ada", 30, Aim.Moisture) with
                {
                    ReadyBy = Given.Noon.AddHours(9),
                },
                Of("Bram", 45, Aim.Strength),
                Of("Esi", 40, Aim.Moisture) with
                {
                    ReadyBy = Given.Noon.AddHours(7),
                }
            ),
            Given.Figures
        );
        Assert.True(watched.Problems.Count > 1 && watched.Spent[0] > 0, $"{watched.Problems.Count}");
        Assert.Equal(
            watched.Problems.Select((_, at) => (int?)Math.Max(0, Effort.Usual - watched.Spent.Take(at).Sum())),
            watched.Problems.Select(each => each.Effort)
        );
    }

    [Fact]
    public void A_day_begins_when_it_is_asked_to_and_says_why_where_it_does_not()
    {
        // There is time until ten at night, and nobody asked to wait for that.
        var asked = Asked(Of("Ada") with { ReadyBy = Given.Noon.AddHours(10) }, Of("Esi"));
        Assert.Equal(Given.Noon, Made(asked).Start);
        Assert.Contains("Start at 12:00. Done: ", Told.Of(Made(asked)), StringComparison.Ordinal);

        // Who is away in the afternoon would leave half a day on each side of that.
        var parted = Made(asked with { Hands = [new("Ama") { Away = [new(Given.Noon.AddHours(1), Given.Noon.AddHours(4))] }] });
        Assert.True(parted.Start >= Given.Noon.AddHours(4), parted.Start.ToString());
        Assert.Contains(
            $"It starts at {parted.Start:HH:mm} instead of 12:00 to suit who and what is free when and their hours.",
            Told.Of(parted),
            StringComparison.Ordinal
        );

        // Asked for by an hour, it begins when that is soon enough.
        var late = Made(asked with { When = new When(Given.Noon, ReadyBy: Given.Noon.AddHours(10)) });
        Assert.True(late.Start > Given.Noon.AddHours(2), late.Start.ToString());
        Assert.DoesNotContain("instead of", Told.Of(late), StringComparison.Ordinal);
    }

    [Theory]
    // In time as it is; late, which is only known when it is placed; and late whatever is done, which is known before.
    [InlineData(-60, true)]
    [InlineData(15, true, false)]
    [InlineData(240, false)]
    public void By_one_hour_for_all_a_day_is_placed_as_often_as_it_has_to_be(int minutesSooner, params bool[] asUsual)
    {
        var free = Made(Asked(Of("Ada"), Of("Bram", 45, Aim.Strength), Of("Esi", 40, Aim.Moisture)));
        var request = free.Request with { When = new When(Given.Noon, ReadyBy: free.End.AddMinutes(-minutesSooner)) };
        var watched = new Watched();
        var plan = new HouseholdPlanner(watched).Make(request, Given.Figures);
        Check(request, plan);

        var hour = (request.When.ReadyBy!.Value - Given.Noon).TotalMinutes;
        Assert.Equal(asUsual, watched.Problems.Select(each => !each.MayShorten));
        Assert.All(watched.Problems, each => Assert.Equal((int)hour, each.MayShorten ? each.Deadline : each.DraftAfter));
        Assert.Equal(minutesSooner > 0, plan.MinutesShortened > 0);
    }

    [Fact]
    public void Whoever_is_back_too_late_to_be_in_time_is_no_reason_for_the_others_to_be_late()
    {
        // Two pairs of hands and the whole day for Ada and Esi; Bram is only back two hours before the hour of all.
        var bram = Of("Bram", 45, Aim.Moisture) with { Present = [new Between(Given.Noon.AddHours(10), Given.Noon.AddHours(34))] };
        HouseholdPlan With(HeadOfDay last)
        {
            var plan = Made(
                Asked(Of("Ada", 30, Aim.Moisture), Of("Esi", 40, Aim.Moisture), last) with
                {
                    Hands = [new HelpingHands("Ama"), new HelpingHands("Kofi")],
                    When = new When(Given.Noon, ReadyBy: Given.Noon.AddHours(12)),
                }
            );
            Assert.Equal(["Bram"], plan.Heads.Where(head => head.Plan.End > head.Wanted).Select(head => head.Plan.Request.Head.Name));
            // The others are begun as late as their hour allows, with something to spare for a slow day, and not as soon as anybody is up.
            Assert.True(plan.Start >= Given.Noon.AddHours(3), $"{plan.Start}");
            Assert.All(plan.Heads, head =>
                Assert.True(head.ChanceInTime >= 0.9 || head.Plan.Request.Head.Name == "Bram", $"{head.Key}: {head.ChanceInTime}")
            );
            return plan;
        }

        // And no sooner can he be done, whatever is left of the others.
        var plan = With(bram);
        Assert.Equal(plan.MinutesLate, plan.LeastLate);
        Assert.Contains("No plan is less late with two pairs of hands.", Told.Of(plan), StringComparison.Ordinal);
        // With an hour of his own that is too early as well, it is the same.
        Assert.InRange(With(bram with { ReadyBy = Given.Noon.AddHours(13) }).End, plan.End.AddMinutes(-30), plan.End.AddMinutes(30));
    }

    [Fact]
    public void By_one_hour_for_all_the_last_of_them_is_as_little_late_as_can_be()
    {
        var free = Made(Asked(Of("Ada"), Of("Bram", 45, Aim.Strength), Of("Esi", 40, Aim.Moisture)));
        HouseholdPlan By(double minutesSooner) =>
            Made(free.Request with { When = new When(Given.Noon, ReadyBy: free.End.AddMinutes(-minutesSooner)) });

        // No wait gives two hours: then all of it is as short as it can be, and that is proven.
        var late = By(120);
        Assert.True(late.MinutesLate > 0 && late.Proven, Told.Of(late));
        Assert.Equal(late.Heads.Max(head => (head.Plan.End - late.Request.When.ReadyBy!.Value).TotalMinutes), late.MinutesLate);
        Assert.Equal(late.MinutesLate, late.LeastLate);
        Assert.True(late.End < free.End);
        Assert.Contains("No plan is less late with one pair of hands.", Told.Of(late), StringComparison.Ordinal);
        // What is to be had by shortening waits is had, and hardly more of them than the hour asks for.
        var inTime = By(3);
        Assert.Equal(0, inTime.MinutesLate);
        Assert.Contains(inTime.Heads, head => head.Plan.Fit.Shortened.Count > 0);
        Assert.True(inTime.Heads.Sum(head => head.Plan.Fit.Shortened.Count) <= late.Heads.Sum(head => head.Plan.Fit.Shortened.Count));
        // With an hour of its own for one of them, what counts is each.
        var own = Made(
            late.Request with
            {
                Heads = [.. late.Request.Heads.Skip(1), late.Request.Heads[0] with { ReadyBy = free.End.AddMinutes(-240) }],
            }
        );
        Assert.False(own.Request.HasOneHour);
        Assert.Equal(own.Heads.Sum(head => Math.Max(0, (head.Plan.End - head.Wanted!.Value).TotalMinutes)), own.MinutesLate);
    }

    [Fact]
    public void It_is_said_in_sentences()
    {
        var plan = Made(Asked(Of("Oriel"), Of("Bram")));
        var said = Told.Of(plan);
        Assert.StartsWith("Start at 12:00. Done: ", said, StringComparison.Ordinal);
        Assert.Contains(
            plan.Proven ? "No plan can finish sooner with one pair of hands." : "No plan can finish before",
            said,
            StringComparison.Ordinal
        );
        Assert.StartsWith("What sets the pace: ", plan.Bottleneck, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(1, 12)]
    [InlineData(3, 12)]
    [InlineData(3, 20)]
    [InlineData(16, 18)]
    public void Nobody_gets_up_in_the_night_for_an_hour_that_is_days_ahead(int days, int hour)
    {
        var overnight = Of("Oriel", aim: Aim.Moisture);
        var request = overnight.Request with { Edits = [new AddStep(StepIds.HeavyOilOvernight, null)] };
        var evening = new DateTimeOffset(2026, 3, 10, 18, 0, 0, TimeSpan.Zero);
        var wanted = new DateTimeOffset(2026, 3, 10, hour, 0, 0, TimeSpan.Zero).AddDays(days);
        var plan = Made(Asked(overnight with { Request = request }, Of("Bram")) with { When = new When(evening, ReadyBy: wanted) });
        Assert.All(plan.Tasks.Where(task => task.IsHandsOn), task =>
            Assert.True(
                task.Start.TimeOfDay >= TimeSpan.FromHours(6.5)
                    && task.End.TimeOfDay <= TimeSpan.FromHours(22.5)
                    && task.Start.Date == task.End.Date,
                $"{task.Id} from {task.Start} to {task.End}"
            )
        );
        // The night is the one before it, or the one before that where the day would else not be over in time; and it is a night, not a
        // day.
        var night = plan.Tasks.Single(task => task.IsOvernight);
        Assert.InRange((wanted.Date - night.End.Date).Days, 0, 1);
        Assert.Equal(night.Start.Date.AddDays(1), night.End.Date);
        Assert.True(
            night.Start.TimeOfDay <= TimeSpan.FromHours(22.5) && night.End.TimeOfDay >= TimeSpan.FromHours(6.5),
            $"{night.Start} to {night.End}"
        );
        Assert.StartsWith(
            $"Start at {plan.Start:HH:mm}{(days == 1 ? ". Done: " : $" on {plan.Start.DayOfWeek}")}",
            Told.Of(plan),
            StringComparison.Ordinal
        );
        // What is said to be the least is of the hour that was asked for, not of the earlier one that slow days are placed towards.
        Assert.InRange(plan.LeastLate!.Value, 0, plan.MinutesLate + 0.001);
        Assert.True(days == 1 || plan.MinutesLate == 0, $"{plan.MinutesLate} min late");
    }

    [Theory]
    [InlineData("2026-03-28", 7)]
    [InlineData("2026-10-24", 9)]
    public void The_night_clocks_change_in_is_slept_through_as_long_as_the_treatment_may_stay_on(string date, int hours)
    {
        var zone = TimeZoneInfo.FindSystemTimeZoneById("Europe/Berlin");
        var night = DateTime.Parse(date, System.Globalization.CultureInfo.InvariantCulture);
        var evening = new DateTimeOffset(night.AddHours(18), zone.GetUtcOffset(night.AddHours(18)));
        var overnight = Of("Oriel", aim: Aim.Moisture);
        var request = overnight.Request with { Edits = [new AddStep(StepIds.HeavyOilOvernight, null)] };
        var plan = Made(Asked(overnight with { Request = request }, Of("Bram")) with { When = new When(evening) { Zone = zone } });
        var on = plan.Tasks.Single(task => task.IsOvernight);
        Assert.Equal(night, on.Start.Date);
        Assert.Equal(night.AddDays(1), on.End.Date);
        Assert.InRange((on.End - on.Start).TotalHours, hours - 0.5, 24);
        // Hours on the wall are the same on the day before, whatever the clocks do in between: there from quarter past six to quarter
        // to eleven.
        DateTimeOffset Wall(double hour) =>
            night.AddDays(1).AddHours(hour) is var wall ? new DateTimeOffset(wall, zone.GetUtcOffset(wall)) : default;
        var there = overnight with { Request = request, Present = [new Between(Wall(6.25), Wall(22.75))] };
        var again = Planner.Make(
            Asked(there, Of("Bram")) with
            {
                When = new When(evening, ReadyBy: Wall(18)) { Zone = zone },
            },
            Given.Figures
        );
        Assert.Empty(again.Beyond);
        Assert.Contains(again.NotThere, away =>
            away.Who == "1"
            && away.From == new DateTimeOffset(night.AddHours(22.75), zone.GetUtcOffset(night.AddHours(22.75)))
            && away.To == Wall(6.25)
        );
        Assert.DoesNotContain(plan.Tasks, task => task.IsHandsOn && task.Start.TimeOfDay.TotalHours is >= 22.5 or < 6);
    }

    [Fact]
    public void Who_goes_to_bed_with_something_on_is_there_at_the_same_hours_on_both_days()
    {
        // By the morning after next; the hours are those of that day, and the oil has to go on the evening before it.
        var overnight = Of("Oriel", aim: Aim.Moisture);
        var request = overnight.Request with { Edits = [new AddStep(StepIds.HeavyOilOvernight, null)] };
        DateTimeOffset On(int day, double hour) => new DateTimeOffset(2026, 3, day, 0, 0, 0, TimeSpan.Zero).AddHours(hour);
        var head = overnight with { Request = request, Present = [new Between(On(12, 6), On(12, 22.5))] };
        var plan = Planner.Make(Asked(head, Of("Bram")) with { When = new When(On(10, 18), ReadyBy: On(12, 19)) }, Given.Figures);
        Assert.Empty(plan.Beyond);
        Assert.Equal((0.0, 11), (plan.MinutesLate, plan.Tasks.Single(task => task.IsOvernight).Start.Day));
        Assert.All(plan.Tasks.Where(task => task.IsHandsOn && task.HeadId == head.Request.Head.Id), task =>
            Assert.True(
                task.Start.TimeOfDay.TotalHours >= 6 && task.End.TimeOfDay.TotalHours <= 22.5 && task.Start.Date == task.End.Date,
                $"{task.Id} at {task.Start}"
            )
        );
        // One that goes to school before it could be washed out stays at home for it, and it is said.
        var early = Planner.Make(
            Asked(head with { Present = [new Between(On(12, 18), On(12, 21))] }, Of("Bram")) with
            {
                When = new When(On(10, 18), ReadyBy: On(12, 19)),
            },
            Given.Figures
        );
        Assert.Equal("Oriel is home from 18:00 to 21:00, which is not long enough.", Assert.Single(early.Beyond));
        Assert.Equal(0, early.MinutesLate);
    }

    [Fact]
    public void Hands_that_sleep_sleep_before_the_day_as_well()
    {
        // Half a day's work and drying, by one o'clock: the night before it is worked in, unless it is left out.
        DateTimeOffset On(int day, double hour) => new DateTimeOffset(2026, 3, day, 0, 0, 0, TimeSpan.Zero).AddHours(hour);
        var asked = Asked(Of("Oriel", 40, Aim.Moisture), Of("Bram", 40, Aim.Moisture)) with
        {
            When = new When(On(10, 9), ReadyBy: On(11, 13)),
        };
        var through = Made(asked);
        Assert.True(through.StartsInTheNight, $"starts at {through.Start}");
        Assert.Equal($"To be ready by 13:00 it starts at {through.Start:HH:mm}, while people sleep.", HouseholdSentences.Night(through));
        var slept = Made(asked with { Hands = [new HelpingHands("Ama") { Away = [new Between(On(11, 22.5), On(12, 6.5))] }] });
        Assert.Equal((false, null), (slept.StartsInTheNight, HouseholdSentences.Night(slept)));
        Assert.All(slept.Tasks.Where(task => task.IsHandsOn), task =>
            Assert.True(task.Start.TimeOfDay.TotalHours >= 6.5 && task.End.TimeOfDay.TotalHours <= 22.5, $"{task.Id} at {task.Start}")
        );
        // One that is only back at eleven cannot be ready by then, and it is not said that it would be.
        var back = Made(asked with { Heads = [asked.Heads[0], asked.Heads[1] with { Present = [new Between(On(11, 11), On(12, 11))] }] });
        Assert.True(back is { MinutesLate: > 0, StartsInTheNight: true }, $"{back.MinutesLate} late, starts at {back.Start}");
        Assert.StartsWith("To be less late for 13:00", HouseholdSentences.Night(back), StringComparison.Ordinal);
        // Nobody asked for an hour: it starts when it is asked for, and nothing is said.
        Assert.False(Made(asked with { When = new When(On(10, 23)) }).StartsInTheNight);
    }

    [Fact]
    public void What_is_only_wanted_behind_a_night_is_not_begun_before_it()
    {
        DateTimeOffset On(int day, double hour) => new DateTimeOffset(2026, 3, day, 0, 0, 0, TimeSpan.Zero).AddHours(hour);
        var asked = Asked(Of("Oriel", 38, Aim.Moisture)) with { When = new When(On(10, 20)) };
        var through = Made(asked);
        Assert.Equal(On(10, 20), through.Start);
        Assert.StartsWith("Somebody has to work from 22:30 to ", HouseholdSentences.Night(through), StringComparison.Ordinal);
        // Hair that is wet does not wait for the morning, and tea for it is made then.
        var slept = Made(asked with { Hands = [new HelpingHands("Ama") { Away = [new Between(On(10, 22.5), On(11, 6.5))] }] });
        Assert.Equal((On(11, 6.5), null), (slept.Start, HouseholdSentences.Night(slept)));
        Assert.InRange(slept.NineInTenBy, slept.End, slept.End.AddHours(2));
        Assert.InRange(slept.Heads[0].LikelyBy, slept.End.AddMinutes(-30), slept.NineInTenBy);
    }

    [Fact]
    public void A_night_between_is_slept_through()
    {
        var overnight = Of("Oriel", aim: Aim.Moisture);
        var evening = new DateTimeOffset(2026, 3, 14, 18, 0, 0, TimeSpan.FromHours(1));
        var request = overnight.Request with { Edits = [new AddStep(StepIds.HeavyOilOvernight, null)] };
        var plan = Made(Asked(overnight with { Request = request }, Of("Bram")) with { When = new When(evening) });
        var night = plan.Tasks.Single(task => task.IsOvernight);
        Assert.True(
            night.Start.TimeOfDay.TotalHours <= 22.5 && night.End.TimeOfDay.TotalHours >= 6.5 && night.End.Date > night.Start.Date,
            $"{night.Start} to {night.End}"
        );
        Assert.DoesNotContain(plan.Tasks, task => task.IsHandsOn && task.Start.TimeOfDay.TotalHours is >= 22.5 or < 6.5);
    }

    [Fact]
    public void The_same_question_has_the_same_answer() =>
        Gen.Select(Gen.Double[8, 45], Gen.Double[8, 45], Gen.Int[1, 2], Gen.Bool)
            .Sample(
                (one, two, hands, isMoist) =>
                {
                    var asked = Asked(Of("Oriel", one, isMoist ? Aim.Moisture : Aim.Quick), Of("Bram", two)) with
                    {
                        Hands = [.. new[] { new HelpingHands("Ama"), new HelpingHands("Bea") }.Take(hands)],
                    };
                    var plan = Made(asked);
                    Assert.Equal(plan.Tasks, Planner.Make(asked, Given.Figures).Tasks, (a, b) =>
                        (a.Id, a.Start, a.End, a.By) == (b.Id, b.Start, b.End, b.By)
                    );
                },
                iter: Thorough.Runs(3, 6),
                threads: 1
            );
}

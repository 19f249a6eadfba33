using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Scheduling.OnePair;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling.OnePair;

/// <summary>
/// The orders of one pair of hands, looked through whole. What it is sure of is held against the solver, with which it shares nothing
/// but the problem; the solver against every order tried (<see cref="ProvenBestTests"/>).
/// </summary>
public class OrderSearchTests
{
    private const int All = 1_000_000;

    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    private static Job Work(string id, int minutes, params Resource[] uses) =>
        new(id, id[..2], minutes, minutes, minutes, [Resource.Hands, .. uses]) { With = id[..2] == "ki" ? null : id[..2] };

    private static Job Wait(string id, int usual, int longest, params Resource[] uses) =>
        new(id, id[..2], usual, usual, longest, uses) { With = id[..2] };

    private static SchedulingProblem Day(Job[] jobs, params Link[] links) => new(jobs, links, OneOfEach) { Pairs = [new("Ama")] };

    private static int? Best(SchedulingProblem problem) =>
        new OrderSearch(HandsPuzzle.Of(problem, problem.Rests.Count > 0)!).Best(All, All)?.Ends;

    private static SchedulingProblem Rested(SchedulingProblem problem, int goesOn, int minutes) =>
        problem with
        {
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(goesOn, minutes) },
        };

    private static SchedulingProblem Paused(SchedulingProblem problem, (int GoesOn, int Minutes)[] pauses) =>
        problem with
        {
            Rests = new Dictionary<string, Rest>(
                problem.Rests.Concat(pauses.Select((pause, at) => KeyValuePair.Create($"h{at}", new Rest(pause.GoesOn, pause.Minutes))))
            ),
        };

    [Fact]
    public void What_works_by_itself_is_begun_first()
    {
        // 10 + 60 by itself, 20 by hand meanwhile, 5 at the end.
        var problem = Day(
            [Work("h1/a", 10), Wait("h1/w", 60, 90), Work("h1/b", 5), Work("h2/a", 20)],
            new Link("h1/a", "h1/w", 0, 0),
            new Link("h1/w", "h1/b", 0, 0)
        );
        Assert.Equal(75, Best(problem));
        var order = new OrderSearch(HandsPuzzle.Of(problem, rests: false)!).Best(All, All)!;
        Assert.Equal(["h1/a", "h2/a", "h1/b"], order.Jobs.Select(each => each.Step.Job.Id));
    }

    [Fact]
    public void Work_that_must_be_followed_soon_is_begun_late_enough()
    {
        // The second job of h1 is due within 5 min, and has to wait for the kitchen: 2, 30 by itself. So the first begins at 22 at the
        // soonest.
        var problem = Day(
            [Work("h1/a", 10), Work("h1/b", 5), Work("ki/a", 2), new Job("ki/w", "ki", 35, 35, 35, [])],
            new Link("h1/a", "h1/b", 0, 5),
            new Link("ki/a", "ki/w", 0, 0),
            new Link("ki/w", "h1/b")
        );
        Assert.Equal(42, Best(problem));
        var puzzle = HandsPuzzle.Of(problem, rests: false)!;
        var placed = puzzle.Placed(new OrderSearch(puzzle).Best(All, All)!, settled => new CpSatScheduler().Solve(settled))!;
        Assert.InRange(placed.Placements.Single(each => each.Job.Id == "h1/a").Start, 22, 27);
    }

    [Fact(Timeout = 120_000)]
    public async Task Hair_that_dries_longer_than_all_the_work_takes_is_no_reason_to_look_for_ever()
    {
        // By hand: on at once, off at 40, cut until 55; the kettle fits in between. One head dries until 300 meanwhile, and nobody
        // works on it any more.
        SchedulingProblem With(int dries) =>
            Day(
                [
                    new Job("h1/d", "h1", dries, dries, dries, []),
                    Work("h2/on", 10),
                    Wait("h2/w", 30, 60),
                    Work("h2/off", 5),
                    Work("h2/cut", 10),
                    Work("ki/boil", 2, Resource.Stove),
                    new Job("ki/w", "ki", 6, 6, 15, [Resource.Stove]),
                    Work("ki/pour", 1),
                ],
                new Link("h2/on", "h2/w", 0, 0),
                new Link("h2/w", "h2/off", 0, 0),
                new Link("h2/off", "h2/cut", 0, 15),
                new Link("ki/boil", "ki/w", 0, 0),
                new Link("ki/w", "ki/pour", 0, 0),
                new Link("ki/pour", "h2/cut")
            );
        foreach (var (dries, span) in new[] { (300, 300), (20, 55) })
        {
            var problem = Rested(With(dries), 75, 10);
            Assert.True(
                HandsPuzzle.Of(problem, rests: true) is { } puzzle && new OrderSearch(puzzle).Best(All, All)?.Ends == 55,
                $"{dries}"
            );
            var schedule = (
                await Task.Run(
                    () => new CpSatScheduler().Solve(problem with { Absences = [new("Ama", 0, 0)] }),
                    TestContext.Current.CancellationToken
                )
            )!;
            Assert.Equal((span, span, true), (schedule.Span, schedule.LowerBound, schedule.Proven));
            ScheduleChecker.Check(problem, schedule);
        }
    }

    [Fact]
    public void A_gap_nothing_fits_into_is_kept_free_and_one_that_does_is_used()
    {
        SchedulingProblem With(int other) =>
            Day([Work("h1/a", 10), Work("h1/b", 10), Work("h2/a", other)], new Link("h1/a", "h1/b", 0, 15));
        Assert.Equal(35, Best(With(15)));
        // One minute more, and it comes before or behind both; that takes no longer here.
        Assert.Equal(36, Best(With(16)));
        // Where a wait may be held as long, it fits.
        SchedulingProblem Held(int longest) =>
            Day(
                [Work("h1/a", 10), Wait("h1/w", 5, longest), Work("h1/b", 10), Work("h2/a", 20)],
                new Link("h1/a", "h1/w", 0, 0),
                new Link("h1/w", "h1/b", 0, 0)
            );
        Assert.Equal(40, Best(Held(20)));
        Assert.Equal(45, Best(Held(19)));
    }

    [Fact]
    public void What_hangs_together_lies_before_somebody_leaves_or_after_they_are_back()
    {
        // Two half hours within ten minutes of one another, and hands that are away from 40 to 100: both fit only behind that, and 40
        // of something else before it.
        SchedulingProblem Away(int gap, int from = 40, int other = 40, params Closure[] closed) =>
            Day([Work("h1/a", 30), Work("h1/b", 30, Resource.Shower), Work("h2/c", other)], new Link("h1/a", "h1/b", 0, gap)) with
            {
                Absences = from < 0 ? [] : [new("Ama", from, 100)],
                Closures = closed,
            };
        Assert.Equal(160, Best(Away(10)));
        // With 70 of something else nothing fits before it; where they may be an hour apart, a does, and b is done at 130. From 60 on,
        // both fit before.
        Assert.Equal(230, Best(Away(10, other: 70)));
        Assert.Equal(200, Best(Away(65, other: 70)));
        Assert.Equal(140, Best(Away(10, from: 60)));
        // The same for a shower that others have while b would use it: it begins at 100, so a at 60 at the soonest.
        Assert.Equal(130, Best(Away(10, from: -1, closed: new Closure(Resource.Shower, 20, 100))));
        // Three in a row hang together as well.
        var three = Day(
            [Work("h1/a", 20), Work("h1/b", 20), Work("h1/c", 20), Work("h2/d", 40)],
            new Link("h1/a", "h1/b", 0, 10),
            new Link("h1/b", "h1/c", 0, 10)
        ) with
        {
            Absences = [new("Ama", 50, 100)],
        };
        Assert.Equal(160, Best(three));
        foreach (var problem in new[] { Away(10), Away(10, other: 70), Away(65, other: 70), Away(10, from: 60), three })
        {
            Assert.Equal(
                Best(problem),
                new CpSatScheduler().Solve(problem with { Absences = [.. problem.Absences, new Absence("nobody", 0, 20_000)] })!.Span
            );
        }
    }

    [Fact]
    public void A_break_is_taken_where_it_costs_least()
    {
        // 70 min of work, 45 at a stretch, 10 of rest: once, wherever it falls.
        Assert.Equal(80, Best(Rested(Day([Work("h1/a", 30), Work("h2/a", 40)]), 45, 10)));
        // In a wait that is there anyway it costs nothing.
        var waits = Day(
            [Work("h1/a", 30), Wait("h1/w", 12, 20), Work("h1/b", 40)],
            new Link("h1/a", "h1/w", 0, 0),
            new Link("h1/w", "h1/b", 0, 0)
        );
        Assert.Equal(82, Best(Rested(waits, 45, 10)));
        // What is longer than a stretch is a stretch of its own: rest before and behind.
        Assert.Equal(
            10 + 10 + 60 + 10 + 10,
            Best(
                Rested(
                    Day(
                        [Work("h1/a", 10), Work("h1/b", 60), Work("h1/c", 10)],
                        new Link("h1/a", "h1/b", 0, 30),
                        new Link("h1/b", "h1/c", 0, 30)
                    ),
                    45,
                    10
                )
            )
        );
        // And where nothing may part it, nobody rests within it.
        Assert.Equal(60, Best(Rested(Day([Work("h1/a", 30), Work("h1/b", 30)], new Link("h1/a", "h1/b", 0, 5)), 45, 10)));
    }

    [Fact]
    public void One_hood_dries_one_head_after_the_other_and_nobody_works_on_who_is_away()
    {
        var hood = Day(
            [Work("h1/a", 5), Wait("h1/w", 40, 60, Resource.Hood), Work("h2/a", 5), Wait("h2/w", 30, 50, Resource.Hood)],
            new Link("h1/a", "h1/w", 0, 0),
            new Link("h2/a", "h2/w", 0, 0)
        );
        Assert.Equal(75, Best(hood));
        Assert.Equal(95, Best(hood with { Absences = [new("h1", 0, 50)] }));
        Assert.Null(Best(hood with { Absences = [new("h1", 0, Absence.ForGood)] }));
    }

    [Fact]
    public void A_kettle_is_free_again_when_somebody_takes_the_water_off()
    {
        // Each: 2 min to put it on, 6 to heat, 1 to pour. Whoever puts the second on before the first is poured off has no stove for it.
        Job Heats(string id) => new(id, "ki", 6, 6, 15, [Resource.Stove]);
        Link[] Then(string kettle) => [new($"ki/{kettle}", $"ki/{kettle}w", 0, 0), new($"ki/{kettle}w", $"ki/{kettle}p", 0, 0)];
        var tea = Day(
            [
                Work("ki/a", 2, Resource.Stove),
                Heats("ki/aw"),
                Work("ki/ap", 1),
                Work("ki/b", 2, Resource.Stove),
                Heats("ki/bw"),
                Work("ki/bp", 1),
            ],
            [.. Then("a"), .. Then("b")]
        );
        Assert.Equal(18, Best(tea));
        Assert.Equal(18, new CpSatScheduler().Solve(tea with { Absences = [new("nobody", 0, 20_000)] })!.Span);
    }

    [Fact]
    public void Hands_that_rested_beside_the_kitchen_have_rested_when_they_come_back_to_a_head()
    {
        // Between the two jobs at a kettle there is a break, which a day without kettles would take before the next job on a head.
        var day = Random(
            [
                [(9, 1, 0, 0), (4, 0, 10, 18), (21, 0, 1, 24)],
                [(25, 1, 0, 0), (27, 3, 0, 0), (12, 2, 0, 0), (21, 0, 9, 11)],
            ],
            11,
            0,
            0
        );
        var problem = Rested(
            day with
            {
                Jobs =
                [
                    .. day.Jobs.Select(job =>
                        job.Id.StartsWith("ki/w", StringComparison.Ordinal) ? job with { Shortest = 4, Usual = 4 } : job
                    ),
                ],
            },
            42,
            10
        );
        var staged = new StagedSearch(problem, part => HandsPuzzle.Of(part, rests: true));
        Assert.Equal((190, 190), (staged.Best(230, All)?.Ends, staged.AtLeast));
        Assert.Equal((190, true), (new CpSatScheduler().Solve(problem)!.Span, new CpSatScheduler().Solve(problem)!.Proven));
    }

    [Fact]
    public void A_search_in_stages_counts_what_it_looks_at_and_ends_where_no_more_may_be_spent()
    {
        var day = Random(
            [
                [(9, 1, 0, 0), (4, 0, 10, 18), (21, 0, 1, 24)],
                [(25, 1, 0, 0), (27, 3, 0, 0), (12, 2, 0, 0), (21, 0, 9, 11)],
            ],
            11,
            0,
            0
        );
        var best = Best(day)!.Value;
        (double Spent, bool IsThrough, int AtLeast) Looked(Effort effort)
        {
            var staged = new StagedSearch(day, part => HandsPuzzle.Of(part, rests: false), effort);
            staged.Best(best + 10, All);
            return (effort.Spent, staged.IsThrough, staged.AtLeast);
        }

        var all = Looked(Effort.Unlimited());
        Assert.True(all is { Spent: > 0, IsThrough: true } && all.AtLeast == best, $"{all}");
        Assert.Equal(all, Looked(Effort.Unlimited()));
        Assert.Equal(all, Looked(Effort.Of(2 * all.Spent)));
        // It is seen behind every moment, and each part may be one behind.
        var little = Looked(Effort.Of(all.Spent / 4));
        Assert.True(little is { IsThrough: false } && little.AtLeast <= best, $"{little}");
        Assert.InRange(little.Spent, all.Spent / 4, all.Spent / 2);
    }

    [Fact]
    public void Where_there_are_too_many_orders_for_its_time_a_search_in_stages_says_only_what_is_sure()
    {
        var day = Random(
            [
                [(9, 1, 0, 0), (4, 0, 10, 18), (21, 0, 1, 24)],
                [(25, 1, 0, 0), (27, 3, 0, 0), (12, 2, 0, 0), (21, 0, 9, 11)],
            ],
            11,
            0,
            0
        );
        var best = Best(day)!.Value;
        var staged = new StagedSearch(day, part => HandsPuzzle.Of(part, rests: false));
        Assert.Null(staged.Best(best + 10, 5));
        Assert.False(staged.IsThrough);
        Assert.InRange(staged.AtLeast, 0, best);
        // Where only the whole was too much, the kitchen has found its place in the best day without it.
        Assert.InRange(staged.Best(best + 30, 0, All)!.Ends, best, best + 29);
        Assert.False(staged.IsThrough);
        // What was too much once is not for long.
        Assert.Equal(best, staged.Best(best + 10, All)?.Ends);
        Assert.True(staged.IsThrough);
    }

    [Fact]
    public void The_first_job_of_a_stretch_is_not_put_off_for_the_others_beyond_when_it_is_due()
    {
        // b is due within 10 minutes of a; whoever rests before it goes on for 40 from there. With 30 of c, and d behind what c begins,
        // 5 minutes are too many.
        SchedulingProblem With(int wait) =>
            Rested(
                Day(
                    [Work("h1/a", 10), Work("h1/b", 5), Work("h2/c", 20), Wait("h2/w", wait, wait), Work("h2/d", 5)],
                    new Link("h1/a", "h1/b", 0, 25),
                    new Link("h2/c", "h2/w", 0, 0),
                    new Link("h2/w", "h2/d", 0, 0)
                ),
                40,
                10
            );
        foreach (var wait in new[] { 5, 15, 25, 35, 45 })
        {
            var alone = new CpSatScheduler().Solve(With(wait) with { Absences = [new Absence("nobody", 0, 20_000)] })!;
            Assert.Equal((alone.Span, true), (Best(With(wait)), alone.Proven));
        }
    }

    [Fact]
    public void What_cannot_be_said_as_an_order_of_one_pair_is_left_to_the_solver()
    {
        var day = Day([Work("h1/a", 10), Work("h2/a", 10)]);
        Assert.NotNull(HandsPuzzle.Of(day, rests: true));
        Assert.Null(HandsPuzzle.Of(day with { Deadline = 30 }, rests: true));
        Assert.Null(HandsPuzzle.Of(day with { MayBeginLater = true }, rests: true));
        Assert.Null(HandsPuzzle.Of(day with { Pairs = [new("Ama"), new("Bea")] }, rests: true));
        Assert.Null(HandsPuzzle.Of(day with { Overnights = [new("h1/a", [new(0, 1)])] }, rests: true));
        Assert.Null(HandsPuzzle.Of(day with { Links = [new Link("h1/a", "h2/a"), new Link("h2/a", "h1/a")] }, rests: true));
        Assert.Null(HandsPuzzle.Of(day with { Absences = [new("h1", 0, 20_000)] }, rests: true));
    }

    [Fact]
    public void What_it_is_sure_of_the_solver_is_too() =>
        Gen.Select(Days, Gen.Int[25, 60], Gen.Int[5, 15], Gen.Bool, Pauses)
            .Sample(
                (day, goesOn, minutes, rests, pauses) =>
                {
                    var problem = rests ? Paused(Rested(day, goesOn, minutes), pauses) : day;
                    if (HandsPuzzle.Of(problem, rests) is not { } puzzle)
                    {
                        // More runs of work than can be said: nothing hangs together on three heads.
                        return;
                    }

                    var search = new OrderSearch(puzzle);
                    var order = search.Best(All, All);
                    // Somebody nobody knows is away for so long that the solver is left to itself.
                    var schedule = new CpSatScheduler().Solve(
                        problem with
                        {
                            Absences = [.. problem.Absences, new Absence("nobody", 0, 20_000)],
                        }
                    );
                    if (schedule is not { Proven: true } || Breaks.Missing(schedule, problem) > 0)
                    {
                        return;
                    }

                    // Nothing is over sooner; and where nobody is away, nothing is promised that cannot be.
                    Assert.InRange(search.AtLeast, 0, schedule.Span);
                    if (order is null)
                    {
                        return;
                    }

                    var isAnyAway = problem.Absences.Count + problem.Closures.Count > 0;
                    Assert.InRange(order.Ends, schedule.Span, isAnyAway ? All : schedule.Span);
                    Holds(order);
                    if (order.Ends > search.AtLeast)
                    {
                        // One that would not hold, because somebody is away, may have beaten the best, and what is not certain is not said.
                        Assert.True(isAnyAway);
                        return;
                    }

                    // Stopped early it is still sure of what it says, and a quick look is never better than the best.
                    var early = new OrderSearch(HandsPuzzle.Of(problem, rests)!);
                    Assert.True(early.Best(All, 5) is not { } stopped || stopped.Ends >= order.Ends);
                    Assert.InRange(early.AtLeast, 0, schedule.Span);
                    if (new OrderSearch(HandsPuzzle.Of(problem, rests)!).Good(All, 20, 2) is { } good)
                    {
                        Assert.InRange(good.Ends, order.Ends, All);
                        Holds(good);
                    }

                    // What keeps its own order is as good, what keeps another is no better, and no day is over before the best of those
                    // without a kitchen.
                    Assert.Equal(order.Ends, new OrderSearch(HandsPuzzle.Of(problem, rests)!, order).Best(All, All)?.Ends);
                    var kitchen = problem.Jobs.Where(job => job.With is null).Select(job => job.Id).ToHashSet();
                    var without = problem with
                    {
                        Jobs = [.. problem.Jobs.Where(job => !kitchen.Contains(job.Id))],
                        Links = [.. problem.Links.Where(link => !kitchen.Contains(link.From))],
                    };
                    var ofHeads = new OrderSearch(HandsPuzzle.Of(without, rests)!);
                    if (ofHeads.Best(All, All) is { } heads)
                    {
                        Assert.InRange(ofHeads.AtLeast, 0, order.Ends);
                        Assert.True(
                            new OrderSearch(HandsPuzzle.Of(problem, rests)!, heads).Best(All, All) is not { } kept
                                || kept.Ends >= order.Ends
                        );
                    }

                    // In stages it is the same, but that one which would not hold, because somebody is away, may have beaten the best.
                    var staged = new StagedSearch(problem, part => HandsPuzzle.Of(part, rests));
                    Assert.True(
                        staged.Best(order.Ends + 10, All) is not { } best
                            || best.Ends == order.Ends
                            || (isAnyAway && best.Ends > order.Ends)
                    );
                    Assert.Equal((order.Ends, true), (staged.AtLeast, staged.IsThrough));
                    // Where the whole is too much, the rest is fitted into what a stage found: a day that is no better than the best,
                    // and nothing wrong is said of that.
                    var fitting = new StagedSearch(problem, part => HandsPuzzle.Of(part, rests));
                    Assert.True(
                        fitting.Best(order.Ends + 30, 0, All) is not { } fitted
                            || (fitted.Ends >= order.Ends && fitted.Jobs.Count == order.Jobs.Count)
                    );
                    Assert.InRange(fitting.AtLeast, 0, order.Ends);
                    var none = new StagedSearch(problem, part => HandsPuzzle.Of(part, rests));
                    Assert.Null(none.Best(order.Ends, All));
                    Assert.Equal((order.Ends, true), (none.AtLeast, none.IsThrough));

                    // Nothing is over before the best.
                    var before = new OrderSearch(HandsPuzzle.Of(problem, rests)!);
                    Assert.Null(before.Best(order.Ends, All));
                    Assert.Equal(order.Ends, before.AtLeast);

                    // There is a day in that order, over when it says, with all breaks and pauses and everybody there.
                    void Holds(HandsOrder said)
                    {
                        var placed = HandsPuzzle.Of(problem, rests)!.Placed(said, settled => new CpSatScheduler().Solve(settled))!;
                        ScheduleChecker.Check(problem with { Rests = new Dictionary<string, Rest>() }, placed);
                        Assert.Equal((said.Ends, 0), (placed.Span, rests ? Breaks.Missing(placed, problem) : 0));
                    }
                },
                iter: Thorough.Runs(30, 150),
                threads: 1
            );

    [Fact]
    public void A_long_day_of_three_heads_is_judged_as_the_solver_alone_judges_it() =>
        Gen.Select(Gen.Select(Gen.Int[3, 15], Gen.Int[0, 1], Gen.Int[10, 40], Gen.Int[5, 40]).Array[13].Array[3], Gen.Int[7, 12])
            .Sample(
                (chains, kitchen) =>
                {
                    var problem = Rested(Random(chains, kitchen, 0, 0), 75, 10);
                    var (looked, alone) = (
                        new CpSatScheduler().Solve(problem)!,
                        new CpSatScheduler().Solve(problem with { Absences = [new Absence("nobody", 0, 20_000)] })!
                    );
                    // Neither rules out what the other has, and it is a day with all its breaks.
                    Assert.InRange(looked.LowerBound, 0, alone.Span);
                    Assert.InRange(alone.LowerBound, 0, looked.Span);
                    ScheduleChecker.Check(problem, looked);
                    Assert.Equal(0, Breaks.Missing(looked, problem));
                    Assert.True(!looked.Proven || looked.Span <= alone.Span);
                },
                iter: Thorough.Runs(3, 5),
                threads: 1
            );

    [Fact]
    public void A_long_day_in_which_a_head_needs_pauses_has_them() =>
        Gen.Select(Gen.Select(Gen.Int[3, 15], Gen.Int[0, 1], Gen.Int[10, 40], Gen.Int[5, 40]).Array[13].Array[3], Gen.Int[7, 12])
            .Sample(
                (chains, kitchen) =>
                {
                    var usual = Rested(Random(chains, kitchen, 0, 0), 75, 10);
                    var paused = usual with { Rests = new Dictionary<string, Rest>(usual.Rests) { ["h1"] = new(40, 10) } };
                    var (looked, without) = (new CpSatScheduler().Solve(paused)!, new CpSatScheduler().Solve(usual)!);
                    ScheduleChecker.Check(paused, looked);
                    Assert.Equal(0, Breaks.Missing(looked, paused));
                    Assert.InRange(looked.Span, without.LowerBound, ListSchedule.Of(paused)?.Span ?? int.MaxValue);
                },
                iter: Thorough.Runs(1, 3),
                threads: 1
            );

    [Fact]
    public void Towards_an_hour_a_day_is_as_late_as_the_solver_alone_says() =>
        Gen.Select(Days, Gen.Int[1, 12], Gen.Int[40, 60], Gen.Bool)
            .Sample(
                (day, sooner, goesOn, rests) =>
                {
                    var usual = (rests ? Rested(day, goesOn, 10) : day) with { Absences = [], Closures = [] };
                    usual = usual with
                    {
                        Jobs = [.. usual.Jobs.Select(job => job.IsHandsOn ? job : job with { Shortest = Math.Max(1, job.Usual - 6) })],
                    };
                    if (new CpSatScheduler().Solve(usual) is not { Proven: true } known)
                    {
                        return;
                    }

                    var problem = usual with { Deadline = known.Span - sooner, Known = known };
                    var (looked, alone) = (
                        new CpSatScheduler().Solve(problem)!,
                        new CpSatScheduler().Solve(problem with { Absences = [new Absence("nobody", 0, 20_000)] })!
                    );
                    ScheduleChecker.Check(problem with { Rests = new Dictionary<string, Rest>() }, looked);
                    if (Breaks.Missing(looked, problem) + Breaks.Missing(alone, problem) > 0)
                    {
                        Assert.True(Breaks.Missing(looked, problem) <= Breaks.Missing(alone, problem) || !alone.Proven);
                        return;
                    }

                    Assert.InRange((int)looked.LeastLate!, 0, Late(alone));
                    Assert.InRange((int)(alone.LeastLate ?? 0), 0, Late(looked));
                    // Late and proven, nothing is over sooner; in time and proven, no wait is shortened that need not be.
                    Assert.True(
                        !looked.Proven || looked.Span <= alone.Span || Late(looked) + Late(alone) == 0,
                        $"{looked.Span} is said to be the soonest, {alone.Span} is"
                    );
                    Assert.True(
                        !looked.Proven
                            || looked.MayBeCloser
                            || !alone.Proven
                            || Late(looked) > 0
                            || IsGentle(looked) != IsGentle(alone)
                            || Shortened(looked) == Shortened(alone),
                        $"{Shortened(looked)} min shortened, {Shortened(alone)} are enough"
                    );

                    // In time, a wait goes more than halfway to its shortest only where that is so whatever is done.
                    if (Late(looked) == 0 && !IsGentle(looked))
                    {
                        var halfway = problem with
                        {
                            Jobs = [.. problem.Jobs.Select(job => job with { Shortest = Halfway(job) })],
                            Absences = [new Absence("nobody", 0, 20_000)],
                        };
                        var gentle = new CpSatScheduler().Solve(halfway)!;
                        Assert.True(
                            Late(gentle) + Breaks.Missing(gentle, problem) > 0,
                            $"{Shortened(gentle)} min shortened, and none too far"
                        );
                    }

                    static int Halfway(Job job) => job.Usual - ((job.Usual - job.Shortest + 1) / 2);
                    static bool IsGentle(Schedule schedule) => schedule.Placements.All(placed => placed.Minutes >= Halfway(placed.Job));
                    int Late(Schedule schedule) => Math.Max(0, schedule.Span - problem.Deadline!.Value);
                    static int Shortened(Schedule schedule) =>
                        schedule.Placements.Sum(placed => Math.Max(0, placed.Job.Usual - placed.Minutes));
                },
                iter: Thorough.Runs(15, 60),
                threads: 1
            );

    [Theory]
    [InlineData(60, 20, 20)]
    [InlineData(50, 15, 15)]
    [InlineData(45, 10, 15)]
    [InlineData(41, 10, 11)]
    public void Towards_an_hour_no_wait_goes_more_than_halfway_while_another_is_left_as_usual(int hour, int shorter, int longer)
    {
        // 10 + 20 + 5 + 20 + 5 minutes, waits of ten at least; the other head's work lies in one of them.
        var problem = Day(
            [Work("h1/a", 10), Wait("h1/w", 20, 40), Work("h1/b", 5), Wait("h1/v", 20, 40), Work("h1/c", 5), Work("h2/a", 8)],
            new Link("h1/a", "h1/w", 0, 0),
            new Link("h1/w", "h1/b", 0, 0),
            new Link("h1/b", "h1/v", 0, 0),
            new Link("h1/v", "h1/c", 0, 0)
        );
        problem = problem with
        {
            Deadline = hour,
            Jobs = [.. problem.Jobs.Select(job => job.IsHandsOn ? job : job with { Shortest = 10 })],
        };
        var schedule = new CpSatScheduler().Solve(problem)!;
        ScheduleChecker.Check(problem, schedule);
        Assert.Equal((hour, true, false), (schedule.Span, schedule.Proven, schedule.MayBeCloser));
        Assert.Equal(
            [shorter, longer],
            schedule.Placements.Where(placed => !placed.Job.IsHandsOn).Select(placed => placed.Minutes).Order()
        );
    }

    [Fact]
    public void Towards_an_hour_a_wait_goes_more_than_halfway_rather_than_that_a_break_is_missing()
    {
        // 14 + 7 + 30 minutes in one go are more than the 47 that hands go on; with four of the seven left they still are, with three
        // they are not.
        var problem = Day(
            [Work("h1/a", 14), Wait("h1/w", 7, 7), Work("h1/b", 30), Work("h2/a", 20)],
            new Link("h1/a", "h1/w", 0, 0),
            new Link("h1/w", "h1/b", 0, 0)
        );
        problem = Rested(problem, 47, 10) with
        {
            Deadline = 79,
            Jobs = [.. problem.Jobs.Select(job => job.IsHandsOn ? job : job with { Shortest = 1 })],
        };
        var schedule = new CpSatScheduler().Solve(problem)!;
        ScheduleChecker.Check(problem, schedule);
        Assert.Equal((0, 77), (Breaks.Missing(schedule, problem), schedule.Span));
    }

    [Fact]
    public void Where_the_last_is_late_anyway_the_others_are_as_little_late_as_its_end_allows()
    {
        // h1 dries for ten hours and comes first: over at 610. Of 20 + 30 and 15 + 5 minutes both are in time by 61 only in this order.
        var problem = Day(
            [Work("h1/a", 10), Wait("h1/w", 600, 600), Work("h2/a", 20), Wait("h2/w", 30, 60), Work("h3/a", 15), Wait("h3/w", 5, 30)],
            new Link("h1/a", "h1/w", 0, 0),
            new Link("h2/a", "h2/w", 0, 0),
            new Link("h3/a", "h3/w", 0, 0)
        ) with
        {
            Deadline = 61,
        };
        var schedule = new CpSatScheduler().Solve(problem)!;
        ScheduleChecker.Check(problem, schedule);
        Assert.Equal((610, true, 549), (schedule.Span, schedule.Proven, (int)schedule.LeastLate!));
        Assert.Equal([60, 50], new[] { "h2/w", "h3/w" }.Select(id => schedule.Placements.Single(placed => placed.Job.Id == id).End));

        // By 55 one of them is late, and by as little as can be.
        var sooner = new CpSatScheduler().Solve(problem with { Deadline = 55 })!;
        Assert.Equal((610, true), (sooner.Span, sooner.Proven));
        Assert.Equal(5, new[] { "h2/w", "h3/w" }.Sum(id => Math.Max(0, sooner.Placements.Single(placed => placed.Job.Id == id).End - 55)));
    }

    /// <summary>How long the first heads hold still, and how long they are let be; none for as many as not.</summary>
    private static readonly Gen<(int GoesOn, int Minutes)[]> Pauses = Gen.Select(Gen.Int[15, 60], Gen.Int[3, 15]).Array[0, 2];

    /// <summary>Two or three heads with waits, a hood, gaps of all kinds, and something from the kitchen for some of them.</summary>
    private static readonly Gen<SchedulingProblem> Days =
        from chains in Gen.Select(Gen.Int[1, 30], Gen.Int[0, 3], Gen.Int[5, 40], Gen.Int[0, 20]).Array[2, 4].Array[2, 3]
        from kitchen in Gen.Int[0, 12]
        from away in Gen.Int[0, 60]
        from closed in Gen.Int[0, 60]
        select Random(chains, kitchen, away, closed);

    private static SchedulingProblem Random((int Minutes, int Kind, int Usual, int More)[][] chains, int kitchen, int away, int closed)
    {
        var (jobs, links) = (new List<Job>(), new List<Link>());
        foreach (var (chain, head) in chains.Select((chain, at) => (chain, $"h{at}")))
        {
            for (var n = 0; n < chain.Length; n++)
            {
                var (minutes, kind, usual, more) = chain[n];
                jobs.Add(Work($"{head}/{n}", minutes, n == 1 ? [Resource.Shower] : []));
                var isLast = n == chain.Length - 1;
                if (kind == 0 || isLast)
                {
                    jobs.Add(Wait($"{head}/{n}.wait", usual, usual + more, isLast ? [Resource.Hood] : []));
                    links.Add(new Link($"{head}/{n}", $"{head}/{n}.wait", 0, 0));
                }

                if (!isLast)
                {
                    links.Add(
                        kind == 0
                            ? new Link($"{head}/{n}.wait", $"{head}/{n + 1}", 0, 0)
                            : new Link(
                                $"{head}/{n}",
                                $"{head}/{n + 1}",
                                0,
                                kind == 1 ? 15
                                    : kind == 2 ? 4
                                    : null
                            )
                    );
                }
            }
        }

        // One kettle, or one for each of two heads.
        for (
            var kettle = 0;
            kettle
                < (
                    kitchen > 6 ? 2
                    : kitchen > 0 ? 1
                    : 0
                );
            kettle++
        )
        {
            jobs.Add(Work($"ki/a{kettle}", kitchen, Resource.Stove));
            jobs.Add(new Job($"ki/w{kettle}", "ki", 10, 10, 15, [Resource.Stove]));
            jobs.Add(Work($"ki/b{kettle}", 2));
            links.AddRange([
                new Link($"ki/a{kettle}", $"ki/w{kettle}", 0, 0),
                new Link($"ki/w{kettle}", $"ki/b{kettle}", 0, 0),
                new Link($"ki/b{kettle}", $"h{kettle}/1", 3),
            ]);
        }

        return Day([.. jobs], [.. links]) with
        {
            Absences = away == 0 ? [] : [new("h1", 0, away)],
            Closures = closed == 0 ? [] : [new(Resource.Shower, closed, closed + 20)],
        };
    }
}

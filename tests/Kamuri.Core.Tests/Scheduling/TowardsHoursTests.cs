using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>
/// One pair of hands, heads with hours, and a day that may begin whenever that is best for them: small ones worked by hand.
/// </summary>
public class TowardsHoursTests
{
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    /// <summary>On (10), works (20 to 30, as a rule 30), off (5), cut (40) for each head.</summary>
    private static SchedulingProblem Day(params string[] heads) =>
        new(
            [
                .. heads.SelectMany(head =>
                    (Job[])
                        [
                            Work(head, "on", 10),
                            new Job($"{head}/works", head, 20, 30, 30, []) { With = head },
                            Work(head, "off", 5),
                            Work(head, "cut", 40),
                        ]
                ),
            ],
            [
                .. heads.SelectMany(head =>
                    (Link[])
                        [
                            new($"{head}/on", $"{head}/works", 0, 0),
                            new($"{head}/works", $"{head}/off", 0, 0),
                            new($"{head}/off", $"{head}/cut"),
                        ]
                ),
            ],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            MayBeginLater = true,
        };

    private static Job Work(string head, string id, int minutes) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, [Resource.Hands]) { With = head };

    private static Schedule Solved(SchedulingProblem problem)
    {
        var schedule = new CpSatScheduler().Solve(problem)!;
        ScheduleChecker.Check(problem, schedule);
        return schedule;
    }

    private static int End(Schedule schedule, string head) =>
        schedule.Placements.Where(placed => placed.Job.With == head).Max(placed => placed.End);

    [Fact]
    public void The_day_ends_with_its_hour_and_begins_as_late_as_it_may()
    {
        // On at 0 and 10, off at 40 and 50, and both cut: 135 minutes.
        var schedule = Solved(Day("a", "b") with { Deadline = 400 });
        Assert.Equal((265, 400, true), (schedule.Placements[0].Start, schedule.Span, schedule.Proven));
    }

    [Fact]
    public void All_of_it_lies_before_hands_go_away_where_too_little_is_left_behind()
    {
        // 70 minutes are left after 330, so that one of the two would be through before 300 for itself: from 205 to 375, longer than
        // from 165 to 300.
        var schedule = Solved(Day("a", "b") with { Deadline = 400, Absences = [new Absence("Ama", 300, 330)] });
        Assert.Equal((165, 300), (schedule.Placements[0].Start, schedule.Span));
    }

    [Fact]
    public void Whoever_has_an_earlier_hour_is_in_time_for_that()
    {
        var schedule = Solved(
            Day("a", "b", "c") with
            {
                Deadlines = new Dictionary<string, int> { ["a"] = 200, ["b"] = 400 },
            }
        );
        Assert.InRange(End(schedule, "a"), 0, 200);
        Assert.InRange(End(schedule, "b"), 0, 400);
        Assert.Equal(0, schedule.LeastLate);
    }

    [Fact]
    public void How_late_it_has_to_be_is_certain_where_hands_come_too_late_for_it()
    {
        // Ama comes at 100. On at 100 and 110, off after 20 minutes at the soonest, at 130 and 140, and both cut.
        var day = Day("a", "b") with { Deadline = 200, Absences = [new Absence("Ama", 0, 100)] };
        var schedule = Solved(day);
        Assert.Equal((225, 25L), (schedule.Span, schedule.LeastLate!.Value));
    }

    [Fact]
    public void A_draft_is_a_day_like_any_other_and_what_follows_it_is_no_later_and_no_longer()
    {
        var day = Day("a", "b", "c") with
        {
            Deadlines = new Dictionary<string, int> { ["a"] = 300, ["c"] = 500 },
            Absences = [new Absence("Ama", 250, 280), new Absence("b", 0, 150)],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(75, 10), ["b"] = new(45, 5) },
        };
        var draft = Solved(day with { DraftAfter = 0 });
        Assert.Equal((true, false), (draft.IsDraft, draft.Proven));
        Assert.Equal(0, Kamuri.Core.Scheduling.Breaks.Missing(draft, day));
        Assert.InRange(End(draft, "a"), 0, 300);
        var whole = Solved(day with { Known = draft });
        Assert.False(whole.IsDraft);
        Assert.InRange(End(whole, "a"), 0, 300);
        Assert.InRange(End(whole, "c"), 0, 500);
        Assert.InRange(whole.Span - whole.Placements[0].Start, 3 * 55, draft.Span - draft.Placements[0].Start);
    }

    [Fact]
    public void What_two_pairs_do_is_no_draft_and_its_order_is_kept_for_hours_that_are_a_little_earlier()
    {
        var day = Day("a", "b", "c", "d", "e", "f") with
        {
            Pairs = [new("Ama"), new("Ben")],
            Deadlines = new Dictionary<string, int> { ["a"] = 300, ["f"] = 500 },
            Absences = [new Absence("Ben", 250, 280), new Absence("b", 0, 150)],
        };
        var known = Solved(day with { DraftAfter = 0 });
        Assert.False(known.IsDraft);
        var earlier = Solved(
            day with
            {
                Known = known,
                Deadlines = new Dictionary<string, int> { ["a"] = 280, ["f"] = 480 },
            }
        );
        Assert.InRange(End(earlier, "a"), 0, 280);
        Assert.InRange(End(earlier, "f"), 0, 480);
    }

    [Fact]
    public void Where_one_is_late_whatever_is_done_the_others_are_not_done_a_day_before()
    {
        // f comes at 1960 and takes 75 minutes at the least. The other five are through in some hours, and Ama is away for one of these
        // today and one tomorrow.
        var heads = new[] { "a", "b", "c", "d", "e", "f" };
        var day = Day(heads) with
        {
            Pairs = [new("Ama"), new("Ben")],
            Deadlines = heads.ToDictionary(head => head, _ => 2000),
            Absences = [new Absence("Ama", 300, 360), new Absence("Ama", 1740, 1800), new Absence("f", 0, 1960)],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(75, 10), ["Ben"] = new(75, 10) },
        };
        var schedule = Solved(day);
        Assert.Equal(1960 + 75, schedule.Span);
        Assert.All(heads[..5], head => Assert.InRange(End(schedule, head), 0, 2000));
        Assert.InRange(schedule.Placements[0].Start, 1600, 1960);
    }

    [Fact]
    public void Where_no_day_has_room_for_every_break_it_has_as_few_too_many_as_there_can_be()
    {
        // On, on, off and off take 45 minutes of Ama, and after an hour's break at most one of the two cuts is done before both have to go.
        var day = Day("a", "b") with
        {
            Deadlines = new Dictionary<string, int> { ["a"] = 300, ["b"] = 300 },
            Absences =
            [
                new Absence("a", 0, 100),
                new Absence("a", 300, Absence.ForGood),
                new Absence("b", 0, 100),
                new Absence("b", 300, Absence.ForGood),
            ],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(45, 60) },
        };
        var draft = new CpSatScheduler().Solve(day with { DraftAfter = 0 })!;
        var whole = new CpSatScheduler().Solve(day with { Known = draft })!;
        Assert.All([draft, whole], schedule => Assert.All(["a", "b"], head => Assert.InRange(End(schedule, head), 0, 300)));
        Assert.Equal(1, Kamuri.Core.Scheduling.Breaks.Missing(whole, day));
        Assert.InRange(Kamuri.Core.Scheduling.Breaks.Missing(draft, day), 1, 2);
        Assert.False(whole.IsDraft);
    }

    [Fact]
    public void Where_nothing_is_open_or_nobody_has_an_hour_there_is_no_draft()
    {
        Assert.False(Solved(Day("a", "b") with { DraftAfter = 0, MayBeginLater = false }).IsDraft);
        Assert.False(Solved(Day("a", "b") with { DraftAfter = 0, MayBeginLater = false, Deadline = 300 }).IsDraft);
    }

    [Fact]
    public void A_full_day_of_two_pairs_is_a_draft_only_where_it_is_over_too_late_for_the_hour()
    {
        var day = Day("a", "b", "c", "d", "e", "f") with { Pairs = [new("Ama"), new("Ben")], MayBeginLater = false };
        var whole = Solved(day);
        // Half an hour to spare is enough for the first days that are built.
        var inTime = Solved(day with { DraftAfter = whole.Span + 30 });
        Assert.Equal((false, whole.Span), (inTime.IsDraft, inTime.Span));
        var late = Solved(day with { DraftAfter = whole.Span - 1 });
        Assert.Equal((true, false), (late.IsDraft, late.Proven));
        Assert.InRange(late.Span, whole.Span, whole.Span + 30);
    }

    [Fact]
    public void Whatever_the_hours_and_whoever_is_away_a_day_keeps_to_it_and_is_the_same_again() =>
        Gen.Select(Gen.Int[2, 4], Gen.Int[120, 600], Gen.Int[0, 200], Gen.Int[20, 400], Gen.Int[10, 60])
            .Sample(
                (heads, hour, earlier, from, away) =>
                {
                    var names = new[] { "a", "b", "c", "d" }[..heads];
                    var day = Day(names) with
                    {
                        Deadlines = new Dictionary<string, int> { ["a"] = hour, ["b"] = Math.Max(60, hour - earlier) },
                        Absences = [new Absence("Ama", from, from + away), new Absence("b", 0, 30)],
                        Rests = new Dictionary<string, Rest> { ["Ama"] = new(75, 10) },
                    };
                    var schedule = Solved(day);
                    Assert.Equal(
                        schedule.Placements.Select(placed => (placed.Job.Id, placed.Start)),
                        Solved(day).Placements.Select(placed => (placed.Job.Id, placed.Start))
                    );
                    Assert.Equal(0, Kamuri.Core.Scheduling.Breaks.Missing(schedule, day));
                    long late = Math.Max(0, End(schedule, "a") - hour) + Math.Max(0, End(schedule, "b") - Math.Max(60, hour - earlier));
                    Assert.InRange(schedule.LeastLate ?? 0, 0, late);
                },
                iter: Thorough.Runs(4, 8),
                threads: 1
            );
}

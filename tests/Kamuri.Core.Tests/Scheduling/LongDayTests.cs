using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>
/// Days with so much work that it is the breaks that are the puzzle. Where hands are never idle, the best is work and breaks and no
/// more.
/// </summary>
public class LongDayTests
{
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    /// <summary>Three heads with so many pieces of work each, one behind the other.</summary>
    private static SchedulingProblem Day(int pieces, int minutes, Rest rest)
    {
        string[] heads = ["a", "b", "c"];
        return new SchedulingProblem(
            [
                .. heads.SelectMany(head =>
                    Enumerable
                        .Range(0, pieces)
                        .Select(n => new Job($"{head}/{n}", head, minutes, minutes, minutes, [Resource.Hands]) { With = head })
                ),
            ],
            [.. heads.SelectMany(head => Enumerable.Range(1, pieces - 1).Select(n => new Link($"{head}/{n - 1}", $"{head}/{n}")))],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = rest },
        };
    }

    private static Schedule Rested(SchedulingProblem problem)
    {
        var schedule = new CpSatScheduler().Solve(problem)!;
        ScheduleChecker.Check(problem, schedule);
        Assert.Empty(Kamuri.Core.Scheduling.Breaks.TooLong(schedule, problem));
        return schedule;
    }

    [Fact]
    public void Thirteen_hours_of_work_have_a_break_every_hour_and_not_one_more()
    {
        // 39 pieces of 20 minutes: thirteen hours, and twelve breaks of ten minutes between them.
        var schedule = Rested(Day(13, 20, new Rest(60, 10)));
        Assert.Equal((900, 900, true), (schedule.Span, schedule.LowerBound, schedule.Proven));
        Assert.Equal(12, schedule.Gaps.Count);
    }

    [Fact]
    public void Pieces_of_which_no_two_fit_into_a_stretch_are_parted_each_from_the_next()
    {
        var schedule = Rested(Day(5, 40, new Rest(75, 10)));
        Assert.Equal((740, true), (schedule.Span, schedule.Proven));
        Assert.Equal(14, schedule.Gaps.Count);
    }

    [Fact]
    public void A_day_with_many_more_breaks_than_its_minutes_call_for_has_all_of_them()
    {
        // Two pieces of 34 fit into a hundred minutes and three do not, so of fifteen stretches' worth of minutes there are 21.
        var schedule = Rested(Day(14, 34, new Rest(100, 10)));
        Assert.Equal((42 * 34) + (20 * 10), schedule.Span);
        Assert.InRange(schedule.LowerBound, 42 * 34, schedule.Span);
    }

    [Fact]
    public void A_schedule_made_for_something_else_is_begun_from_and_never_worsened()
    {
        var problem = Day(6, 20, new Rest(60, 10));
        var known = Rested(problem);
        var deadlines = new Dictionary<string, int>
        {
            ["a"] = 200,
            ["b"] = 300,
            ["c"] = 400,
        };
        var towards = Rested(problem with { Deadlines = deadlines, Known = known });
        long Late(Schedule schedule) =>
            deadlines.Sum(each =>
                (long)Math.Max(0, schedule.Placements.Where(placed => placed.Job.With == each.Key).Max(placed => placed.End) - each.Value)
            );
        Assert.True(Late(towards) <= Late(known));
        // 360 minutes of work and five breaks end after 410, so one is ten minutes late whatever is done, and nobody else has to be.
        Assert.Equal(10, Late(towards));
    }

    [Fact]
    public void Who_leaves_before_all_of_it_can_be_done_has_no_day_and_whoever_stays_comes_first()
    {
        // 260 minutes of work on one head, with a break of ten minutes after each of the first four hours.
        var day = Day(13, 20, new Rest(60, 10));
        Schedule? Until(int minute) => new CpSatScheduler().Solve(day with { Absences = [new Absence("b", minute, Absence.ForGood)] });
        Assert.Null(Until(259));
        var schedule = Until(300)!;
        ScheduleChecker.Check(day with { Absences = [new Absence("b", 300, Absence.ForGood)] }, schedule);
        Assert.Equal(900, schedule.Span);
    }

    [Fact]
    public void The_least_late_of_a_long_day_is_proven_though_all_three_are_late()
    {
        // One head after the other ends the first two as early as can be: nine pieces and their breaks take 200 minutes, 18 take 410,
        // 27 take 620.
        var problem = Day(9, 20, new Rest(60, 10)) with
        {
            Deadlines = new Dictionary<string, int>
            {
                ["a"] = 190,
                ["b"] = 390,
                ["c"] = 590,
            },
        };
        var schedule = Rested(problem);
        Assert.Equal(10 + 20 + 30, schedule.LeastLate);
        Assert.Equal(
            60,
            problem.Deadlines.Sum(each =>
                Math.Max(0, schedule.Placements.Where(placed => placed.Job.With == each.Key).Max(placed => placed.End) - each.Value)
            )
        );
    }

    [Fact]
    public void Where_the_last_is_late_for_the_hour_of_all_the_others_are_no_later_than_they_have_to_be()
    {
        // One head after the other, each 260 minutes of work: with a break every hour the first is over at 300, the second at 600.
        var schedule = Rested(Day(13, 20, new Rest(60, 10)) with { Deadline = 300 });
        Assert.Equal(900, schedule.Span);
        Assert.Equal(
            [300, 600, 900],
            schedule.Placements.GroupBy(placed => placed.Job.With).Select(head => head.Max(placed => placed.End)).Order()
        );
    }

    [Fact]
    public void One_head_that_may_hardly_be_left_is_as_long_with_breaks_as_its_own_day_whatever_else_there_is()
    {
        // Six pieces of 25 with gaps of no more than 15: two fit into an hour, so two breaks. What is done in between on the other has
        // no place in them.
        var own = Day(6, 25, new Rest(60, 10));
        var problem = own with { Links = [.. own.Links.Select(link => link with { MostGap = 15 })] };
        var schedule = Rested(problem);
        Assert.Equal((3 * 170) + (2 * 10), schedule.Span);
        Assert.True(schedule.Proven);
    }
}

using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Tests.Planning;

/// <summary>Nights on which the clocks change: people get up by the clock on the wall, hair works by the minutes that pass.</summary>
public class ClockChangeTests
{
    private static readonly TimeZoneInfo Berlin = TimeZoneInfo.FindSystemTimeZoneById("Europe/Berlin");

    private static When Noon(int month, int day, double offset) =>
        new(new DateTimeOffset(2026, month, day, 12, 0, 0, TimeSpan.FromHours(offset))) { Zone = Berlin };

    private static Plan Plan(When when) =>
        Given.Plan(
            Given.Request() with
            {
                Schools = new Schools { Length = TreatmentLength.Overnight },
                When = when,
                Today = DateOnly.FromDateTime(when.Now.Date),
            }
        );

    /// <summary>29 March 2026 has no hour from two to three; 25 October has it twice.</summary>
    [Theory]
    [InlineData(3, 28, 1, 2, 7)]
    [InlineData(10, 24, 2, 1, 9)]
    [InlineData(6, 13, 2, 2, 8)]
    public void The_night_goes_by_the_wall_and_the_treatment_by_the_minutes(
        int month,
        int day,
        double evening,
        double morning,
        double asleep
    )
    {
        var plan = Plan(Noon(month, day, evening));
        var night = plan.Tasks.Single(task => task.IsOvernight);
        Assert.Equal(new DateTimeOffset(2026, month, day, 22, 30, 0, TimeSpan.FromHours(evening)), night.Start);
        // Until the hour of rising on the new clock; not beyond what the treatment stands, when the night is an hour longer.
        var rise = new DateTimeOffset(2026, month, day, 6, 30, 0, TimeSpan.FromHours(morning)).AddDays(1);
        Assert.Equal(asleep, (rise - night.Start).TotalHours);
        Assert.Equal(Math.Min(asleep * 60, night.Window!.Latest), (night.End - night.Start).TotalMinutes, 1);
        Assert.Equal(morning, night.End.Offset.TotalHours);
        Assert.InRange((night.End - night.Start).TotalMinutes, night.Window.Earliest, night.Window.Latest);
        // Every step behind the night is told on the new clock.
        Assert.All(plan.Steps.Where(step => step.Start >= night.End), step => Assert.Equal(morning, step.Start.Offset.TotalHours));
        Assert.Equal(morning, plan.End.Offset.TotalHours);
    }

    [Fact]
    public void A_run_through_the_change_counts_minutes_and_not_hours_on_the_wall()
    {
        var plan = SessionPlan.From(Plan(Noon(3, 28, 1)));
        var wait = plan.Tasks.Single(task => task.IsOvernight);
        var before = plan.Tasks.TakeWhile(task => task.Id != wait.Id).Where(task => task.IsHandsOn).ToList();
        var state = SessionFold.Fold(
            plan,
            [
                new SessionStarted(Guid.NewGuid(), plan.PlannedStart),
                .. before.Select(task => new TaskDone(
                    Guid.NewGuid(),
                    plan.PlannedStart.AddMinutes(task.PlannedStart + task.PlannedMinutes),
                    task.Id
                )),
            ]
        );
        var since = state.Task(wait.Id).Start!.Value;
        // Four hours later the wall has gone on by five.
        var now = TimeZoneInfo.ConvertTime(since.AddHours(4), Berlin);
        var count = Assert.Single(SessionTiming.At(plan, state, now).Counting);
        Assert.Equal(240, (now - count.Since).TotalMinutes);
        Assert.Equal(since.AddMinutes(wait.Window!.Latest), count.LatestAt);
        Assert.Equal(0, SessionTiming.At(plan, state, now).DriftMinutes, 1e-6);
    }

    [Fact]
    public void Several_heads_sleep_through_the_change_as_well()
    {
        var when = Noon(3, 28, 1);
        var own = Given.Request() with
        {
            Schools = new Schools { Length = TreatmentLength.Overnight },
            Today = new DateOnly(2026, 3, 28),
        };
        var plan = new HouseholdPlanner(new CpSatScheduler()).Make(
            new HouseholdRequest
            {
                Heads = [new(own)],
                Hands = [new("Ama")],
                When = when,
            },
            Given.Figures
        );
        var night = plan.Tasks.Single(task => task.IsOvernight);
        Assert.DoesNotContain(plan.Tasks, task =>
            task.IsHandsOn
            && task.Start < new DateTimeOffset(2026, 3, 29, 6, 30, 0, TimeSpan.FromHours(2))
            && task.End > new DateTimeOffset(2026, 3, 28, 22, 30, 0, TimeSpan.FromHours(1))
        );
        Assert.Equal(2, night.End.Offset.TotalHours);
        Assert.InRange((night.End - night.Start).TotalMinutes, night.Window!.Earliest, night.Window.Latest);
    }

    [Theory]
    [InlineData(3, 28, 1, "At 02:00 on Sunday the clocks go forward by 1\u00a0h. These times allow for that.")]
    [InlineData(10, 24, 2, "At 03:00 on Sunday the clocks go back by 1\u00a0h. These times allow for that.")]
    [InlineData(6, 13, 2, null)]
    public void That_the_clocks_change_is_said(int month, int day, double evening, string? sentence)
    {
        var when = Noon(month, day, evening);
        var own = Given.Request() with
        {
            Schools = new Schools { Length = TreatmentLength.Overnight },
            When = when,
            Today = new DateOnly(2026, month, day),
        };
        var several = Told.Of(
            new HouseholdPlanner(new CpSatScheduler()).Make(
                new HouseholdRequest
                {
                    Heads = [new(own)],
                    Hands = [new("Ama")],
                    When = when,
                },
                Given.Figures
            )
        );
        foreach (var said in new[] { several, Told.Of(Plan(when)) })
        {
            if (sentence is null)
            {
                Assert.DoesNotContain("the clocks", said, StringComparison.Ordinal);
            }
            else
            {
                Assert.Contains(sentence, said, StringComparison.Ordinal);
            }
        }
    }

    [Fact]
    public void By_how_much_the_clocks_change_is_the_zone_s_own()
    {
        // Half an hour, in the autumn of the southern half; and nowhere else does it count.
        var zone = TimeZoneInfo.FindSystemTimeZoneById("Australia/Lord_Howe");
        var evening = new DateTimeOffset(2026, 4, 4, 22, 0, 0, TimeSpan.FromHours(11));
        Assert.Equal(
            "At 02:00 on Sunday the clocks go back by 30\u00a0min. These times allow for that.",
            ClockChange.Sentence(new When(evening) { Zone = zone }, evening, evening.AddHours(10))
        );
        // Two in the morning by the summer's clock, eleven hours ahead, is three in the afternoon the day before.
        Assert.Equal(
            new ClockChange(new DateTimeOffset(2026, 4, 4, 15, 0, 0, TimeSpan.Zero), -30),
            ClockChange.Between(new When(evening) { Zone = zone }.Wall, evening, evening.AddHours(10))
        );
        Assert.Null(ClockChange.Between(new When(evening) { Zone = zone }.Wall, evening, evening.AddHours(3)));
        Assert.Null(ClockChange.Sentence(new When(evening) { Zone = zone }, evening, evening.AddHours(3)));
        Assert.Null(ClockChange.Sentence(new When(evening), evening, evening.AddHours(10)));
    }

    [Fact]
    public void In_the_hour_that_is_left_out_it_is_just_after()
    {
        var when = Noon(3, 28, 1);
        Assert.Equal(new DateTimeOffset(2026, 3, 29, 3, 30, 0, TimeSpan.FromHours(2)), when.Clock(1, 2.5));
        Assert.Equal(new DateTimeOffset(2026, 3, 28, 20, 30, 0, TimeSpan.FromHours(1)), when.Clock(0, 20.5));
        // Without a zone moments stay as they are written.
        Assert.Equal(TimeSpan.FromHours(1), (when with { Zone = null }).Clock(1, 6.5).Offset);
    }
}

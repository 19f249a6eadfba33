using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Running;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Running;

/// <summary>A thermometer in a mixture that cools moves the marks of the wait for it, and all that comes after.</summary>
public class CoolingReadingTests
{
    // 75 °C in a room of 20: at 0.06 a minute, 40 °C after ln(55/20)/0.06 = 16.9, 38 after 18.6, 30 after 28.4.
    private static readonly CoolingMixture Tea = new(Vessel.WideBowl, 350, 75, 20, 0.06, 40, 38, 30);

    [Fact]
    public void One_reading_moves_the_curve_and_keeps_its_pace()
    {
        // As foretold, 75 °C would have become 20 + 55·e^(−0.6) = 50.2 after ten minutes; it is 44.
        Assert.Equal(new Window(17, 19, 28), Tea.Measured([(10, 20 + (55 * Math.Exp(-0.6)))]));
        // 24 above the room at 10: 20 after 10 + ln(24/20)/0.06 = 13.04, 18 after 14.8, 10 after 24.6.
        Assert.Equal(new Window(14, 15, 24), Tea.Measured([(10, 44)]));
    }

    [Fact]
    public void Two_readings_give_it_another_pace()
    {
        // From 60 to 40 above the room in five minutes: 0.0811 a minute. 20 after 2 + ln(60/20)/0.0811 = 15.5, 18 after 16.8, 10 after
        // 24.1.
        Assert.Equal(new Window(16, 17, 24), Tea.Measured([(2, 80), (7, 60)]));
    }

    [Fact]
    public void Readings_that_do_not_go_together_or_lie_too_close_count_by_the_last()
    {
        var alone = Tea.Measured([(10, 44)]);
        Assert.Equal(alone, Tea.Measured([(5, 40), (10, 44)]));
        Assert.Equal(alone, Tea.Measured([(9.5, 50), (10, 44)]));
    }

    [Fact]
    public void Colder_than_the_room_is_cold_at_once_and_holds_nobody_up()
    {
        Assert.Equal(new Window(0, 0, 0), Tea.Measured([(20, 15)]));
        // In a room warmer than warm it never cools so far.
        Assert.Equal(new Window(0, 0, 240), (Tea with { AroundCelsius = 35 }).Measured([(0, 33)]));
    }

    [Theory]
    [InlineData(70, 20)]
    [InlineData(20, 20)]
    [InlineData(-5, 20)]
    [InlineData(105, 0)]
    public void Whatever_is_read_the_marks_stay_in_order_and_finite(double celsius, double minutes)
    {
        var window = Tea.Measured([(minutes, celsius)]);
        Assert.InRange(window.Earliest, 0, window.Usual);
        Assert.InRange(window.Usual, window.Earliest, window.Latest);
        Assert.InRange(window.Latest, window.Usual, 240);
    }

    [Fact]
    public void In_a_run_the_wait_ends_when_the_thermometer_says()
    {
        var plan = WithTea();
        var strained = Given.Noon.AddMinutes(1);
        SessionEvent[] begun = [new SessionStarted(Guid.NewGuid(), Given.Noon), new TaskDone(Guid.NewGuid(), strained, "strain")];
        Counting Count(params SessionEvent[] more)
        {
            var state = SessionFold.Fold(plan, [.. begun, .. more]);
            return Assert.Single(SessionTiming.At(plan, state, strained.AddMinutes(10)).Counting);
        }

        Assert.Equal(strained.AddMinutes(19), Count().UsualAt);
        var reading = new ReadingTaken(Guid.NewGuid(), strained.AddMinutes(10), ReadingKind.Celsius, 44, "cooling");
        var measured = Count(reading);
        Assert.Equal(
            (strained.AddMinutes(14), strained.AddMinutes(15), strained.AddMinutes(24)),
            (measured.EarliestAt, measured.UsualAt, measured.LatestAt)
        );
        // Taken back, it counts as planned; in another step it says nothing of the tea.
        Assert.Equal(strained.AddMinutes(19), Count(reading, new EventUndone(Guid.NewGuid(), strained.AddMinutes(11), reading.Id)).UsualAt);
        Assert.Equal(strained.AddMinutes(19), Count(reading with { Task = null }).UsualAt);

        var state = SessionFold.Fold(plan, [.. begun, reading]);
        var taken = Assert.Single(state.Readings);
        Assert.Equal("Tea cooling, 44\u00a0°C: comfortable in 5 min, and warm for 9 min from then.", taken.Sentence(plan));
        Assert.False(taken.Warns);
        Assert.Equal(strained.AddMinutes(15), SessionTiming.At(plan, state, strained.AddMinutes(10)).Times["rinse"].Start);
    }

    [Theory]
    [InlineData(38, 12, "ready to use, and warm for 9 min more")]
    [InlineData(25, 20, "no longer warm: stand it in hot water, or use it cool")]
    [InlineData(12, 20, "no longer warm: stand it in hot water, or use it cool")]
    public void A_reading_says_what_it_means_for_the_mixture(double celsius, double after, string words)
    {
        var plan = WithTea();
        SessionEvent[] events =
        [
            new SessionStarted(Guid.NewGuid(), Given.Noon),
            new TaskDone(Guid.NewGuid(), Given.Noon, "strain"),
            new ReadingTaken(Guid.NewGuid(), Given.Noon.AddMinutes(after), ReadingKind.Celsius, celsius, "cooling"),
        ];
        Assert.Equal($"Tea cooling, {celsius}\u00a0°C: {words}.", Assert.Single(SessionFold.Fold(plan, events).Readings).Sentence(plan));
    }

    [Fact]
    public void A_plan_that_cooks_says_what_cools()
    {
        var plan = SessionPlan.From(Given.Plan(Given.Request()));
        var cools = Assert.Single(plan.Tasks, task => task.Cools is not null);
        Assert.Equal("Tea cooling", cools.Title);
        Assert.Equal(cools.Window, cools.Cools!.Measured([(0, cools.Cools.FromCelsius)]));
    }

    /// <summary>Straining, cooling, rinsing.</summary>
    private static SessionPlan WithTea()
    {
        var plan = SessionPlan.From(Given.Plan(Given.Request()));
        return plan with
        {
            PlannedEnd = plan.PlannedStart.AddMinutes(23),
            Tasks =
            [
                new SessionTask("strain", null, "kitchen", "Strain", true, 0, null, "", [Resource.Hands], 0, 1),
                new SessionTask("cooling", null, "kitchen", "Tea cooling", false, 0, new Window(17, 19, 28), "", [], 1, 19) { Cools = Tea },
                new SessionTask("rinse", null, "head", "Rinse", true, 0, null, "", [Resource.Hands], 20, 3),
            ],
            Links = [new("strain", "cooling", 0, 0), new("cooling", "rinse")],
        };
    }
}

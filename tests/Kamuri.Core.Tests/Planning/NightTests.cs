using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;

namespace Kamuri.Core.Tests.Planning;

/// <summary>A treatment that stays on overnight splits the day: it goes on by bedtime and comes off when someone gets up.</summary>
public class NightTests
{
    private static readonly Schools Overnight = new() { Length = TreatmentLength.Overnight };

    private static Plan Plan(When when) => Given.Plan(Given.Request() with { Schools = Overnight, When = when });

    private static PlannedTask Night(Plan plan) => plan.Tasks.Single(task => task.IsOvernight);

    private static DateTimeOffset At(int day, double hour) =>
        new DateTimeOffset(2026, 3, day, 0, 0, 0, TimeSpan.FromHours(1)).AddHours(hour);

    [Fact]
    public void Asked_for_at_noon_it_begins_in_the_evening()
    {
        var plan = Plan(new When(Given.Noon));

        Assert.Equal(At(14, 22.5), Night(plan).Start);
        Assert.Equal(At(15, 6.5), Night(plan).End);
        Assert.StartsWith("Two days: start Saturday, 21:", Told.Of(plan), StringComparison.Ordinal);
        Assert.Contains("go to bed at 22:30, continue Sunday, 06:30", Told.Of(plan), StringComparison.Ordinal);
    }

    [Fact]
    public void An_evening_start_is_kept_when_the_window_reaches_the_morning()
    {
        var plan = Plan(new When(Given.Noon, StartAt: At(14, 21.5)));

        Assert.Equal(At(14, 21.5), plan.Start);
        Assert.Equal(At(15, 6.5), Night(plan).End);
    }

    [Fact]
    public void Late_at_night_it_begins_at_once_and_stays_on_for_its_usual_time()
    {
        var plan = Plan(new When(At(15, 1)));

        Assert.Equal(At(15, 1), plan.Start);
        Assert.True(Night(plan).End > At(15, 6.5));
    }

    [Fact]
    public void Ready_on_sunday_evening_it_takes_the_night_before()
    {
        var plan = Plan(new When(Given.Noon, ReadyBy: At(15, 20)));

        Assert.Equal(At(14, 22.5), Night(plan).Start);
        Assert.True(plan.NineInTenBy <= At(15, 20));
        Assert.Equal(0, plan.Fit.MinutesOver);
    }

    [Fact]
    public void Ready_several_days_on_it_waits_for_the_last_night_that_will_do() =>
        Assert.Equal(At(17, 22.5), Night(Plan(new When(Given.Noon, ReadyBy: At(18, 20)))).Start);

    [Fact]
    public void Ready_too_early_says_how_much_too_late_it_is()
    {
        var plan = Plan(new When(Given.Noon, ReadyBy: At(14, 20)));

        Assert.True(plan.Fit.MinutesOver > 600);
        Assert.NotNull(PlanSentences.Trouble(plan));
    }

    [Fact]
    public void Nobody_gets_up_for_the_tea()
    {
        var plan = Plan(new When(Given.Noon));

        Assert.All(plan.Tasks.Where(task => task.Strand == PlannedTask.KitchenStrand), task => Assert.True(task.Start >= Night(plan).End));
    }

    [Fact]
    public void Tea_straight_after_the_night_waits_until_it_is_brewed()
    {
        PlanStep Step(string kind) => new(kind, Core.Steps.StepCatalogue.Get(kind));
        var plan = Given.Plan(
            Given.Request() with
            {
                Steps = [Step("pre-poo-overnight"), Step("tea-rinse"), Step("cleanse"), Step("deep-condition")],
            }
        );

        var tea = plan.Steps.Single(step => step.Step.Id == "tea-rinse");
        Assert.True(tea.Start > Night(plan).End);
        Assert.All(plan.Tasks.Where(task => task.Strand == PlannedTask.KitchenStrand), task =>
            Assert.True(task.Start >= Night(plan).End && task.End <= tea.Start)
        );
    }

    [Fact]
    public void A_day_that_would_begin_while_people_sleep_says_so()
    {
        var locs = Given.Head() with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 10)) };
        Plan Dry(Core.Physics.Air air) =>
            Given.Plan(
                Given.Request(Aim.Quick, EndStyle.AsItIs, locs) with
                {
                    When = new When(Given.Noon, ReadyBy: At(15, 18)),
                    DryingAir = air,
                    Equipment = new Equipment(Hoods: 1),
                }
            );

        var still = Dry(Core.Physics.Air.Still);
        Assert.True(still.StartsInTheNight);
        Assert.Equal(
            $"To be ready by 18:00 it would start at {Say.Clock(still.Start)}, while people sleep. Dry faster or choose a later time.",
            PlanSentences.Night(still)
        );
        Assert.False(Dry(Core.Physics.Air.HoodLow).StartsInTheNight);
    }

    [Fact]
    public void Work_that_goes_on_while_people_sleep_is_told_unless_the_day_begins_then()
    {
        Plan From(double hour) => Given.Plan(Given.Request() with { When = new When(At(14, hour)) });
        var late = From(20);
        var hands = late.Tasks.Where(task => task.IsHandsOn && task.End > At(14, 22.5)).ToList();
        Assert.Equal(hands.Min(task => task.Start) > At(14, 22.5) ? hands.Min(task => task.Start) : At(14, 22.5), late.NightWork!.From);
        Assert.Equal(hands.Max(task => task.End) < At(15, 5.5) ? hands.Max(task => task.End) : At(15, 5.5), late.NightWork.To);
        Assert.Equal(
            $"Somebody has to work from {Say.Clock(late.NightWork.From)} to {Say.Clock(late.NightWork.To, late.NightWork.From)}, "
                + "while people sleep.",
            PlanSentences.Night(late)
        );
        Assert.Null(PlanSentences.Night(From(9)));
        Assert.Null(PlanSentences.Night(From(23)));
    }

    [Fact]
    public void Of_several_nights_the_first_with_work_is_told()
    {
        PlannedTask Task(DateTimeOffset start, double minutes) =>
            new("a", "a", "a", "Comb", true, 1, null, "", [], null, start, start.AddMinutes(minutes));
        var work = NightWork.Of(
            [Task(At(14, 9), 60), Task(At(14, 22.5), 10), Task(At(15, 22), 60), Task(At(17, 3), 30)],
            Given.Figures.Night
        );
        Assert.Equal(new NightWork(At(15, 22.5), At(15, 23)), work);
    }

    [Theory]
    [InlineData(14, true)]
    [InlineData(15, false)]
    [InlineData(500, false)]
    public void A_quarter_of_an_hour_behind_bedtime_is_no_work_at_night(double minutes, bool isNone)
    {
        PlannedTask Task(DateTimeOffset start, DateTimeOffset end, bool isHandsOn) =>
            new("a", "a", "a", "Comb", isHandsOn, 1, null, "", [], isHandsOn ? null : Core.Steps.Substance.PrePoo, start, end);
        var begins = At(14, 21.5);
        var work = NightWork.Of(
            [Task(begins, begins.AddMinutes(60 + minutes), true), Task(begins, begins.AddHours(8), false)],
            Given.Figures.Night
        );
        Assert.Equal(isNone ? null : new NightWork(At(14, 22.5), At(14, 22.5).AddMinutes(Math.Min(minutes, 7 * 60))), work);
    }

    [Fact]
    public void Hair_that_dries_into_the_night_is_told_too_and_a_fan_may_keep_out_of_it()
    {
        Plan Dry(Core.Physics.Air air) =>
            Given.Plan(Given.Request(Aim.Quick) with { DryingAir = air, When = new When(At(14, 19)), Equipment = new Equipment(Hoods: 1) });

        var still = Dry(Core.Physics.Air.Still);
        Assert.True(still.NightWork is { IsDrying: true });
        Assert.Equal(still.End, still.NightWork.To);
        Assert.Equal(
            $"At 22:30 the hair will still be wet. It will be dry about {Say.Clock(still.End, At(14, 22.5))}.",
            PlanSentences.Night(still)
        );
        Assert.Null(PlanSentences.Night(Dry(Core.Physics.Air.HoodLow)));
    }

    [Fact]
    public void Drying_that_goes_on_after_rising_ends_when_the_hair_is_dry()
    {
        PlannedTask Task(string id, DateTimeOffset start, DateTimeOffset end, bool isHandsOn) =>
            new(id, id, "head", id, isHandsOn, 1, null, "", [], null, start, end);
        var wet = NightWork.Of(
            [Task("comb", At(14, 18), At(14, 19), true), Task("dry", At(14, 19), At(15, 7), false)],
            Given.Figures.Night
        );

        Assert.Equal(new NightWork(At(14, 22.5), At(15, 7), IsDrying: true), wet);
        Assert.Equal(
            "At 22:30 Bram’s hair will still be wet. It will be dry about 07:00 on Sunday.",
            wet!.Sentence(At(14, 18), "Bram’s hair")
        );
    }

    [Theory]
    [InlineData(22.4, false)]
    [InlineData(22.5, true)]
    [InlineData(3, true)]
    [InlineData(5.6, false)]
    [InlineData(12, false)]
    public void The_night_is_from_bedtime_to_an_hour_before_rising(double hour, bool isNight) =>
        Assert.Equal(isNight, Given.Figures.Night.IsNight(At(14, hour)));

    [Fact]
    public void Sleep_is_no_rest() =>
        Assert.All(
            PlanSentences.Rests(
                Given.Plan(Given.Request(Aim.Quick, EndStyle.AsItIs) with { Schools = Overnight, DryingAir = Core.Physics.Air.BlowDryCool })
            ),
            rest => Assert.True(rest < 360)
        );

    [Fact]
    public void Whenever_it_is_asked_for_the_night_is_within_its_window_and_not_in_the_past() =>
        Gen.Select(Gen.Int[0, 47], Gen.Int[0, 3], Gen.Double[1, 80])
            .Sample(
                (half, mode, hours) =>
                {
                    var now = At(14, half / 2.0);
                    var plan = Plan(
                        mode == 0 ? new When(now)
                        : mode == 1 ? new When(now, StartAt: now.AddHours(hours))
                        : new When(now, ReadyBy: now.AddHours(hours))
                    );
                    var night = Night(plan);
                    var minutes = (night.End - night.Start).TotalMinutes;

                    Assert.True(plan.Start >= now);
                    Assert.InRange(minutes, night.Window!.Earliest, night.Window.Latest);
                    // Somewhere between the evening and the small hours.
                    Assert.True(
                        night.Start.TimeOfDay >= TimeSpan.FromHours(20) || night.Start.TimeOfDay <= TimeSpan.FromHours(4),
                        $"{now} {mode} {hours}: {night.Start}"
                    );
                    if (plan.Fit.ReadyBy is { } ready && plan.Fit.MinutesOver == 0)
                    {
                        Assert.True(plan.End <= ready);
                    }
                },
                iter: Thorough.Runs(60, 300),
                threads: 1
            );

    [Theory]
    [InlineData(14, 12, null)]
    [InlineData(14, 18.5, "If you begin now, the hair will not be dry until 01:00 on Sunday. The day begins at 09:00 on Sunday instead.")]
    [InlineData(14, 19.5, "If you begin now, your hands are busy until 01:00 on Sunday. The day begins at 09:00 on Sunday instead.")]
    [InlineData(14, 23, "It is night, so the day begins at 09:00 on Sunday.")]
    [InlineData(15, 3, "It is night, so the day begins at 09:00.")]
    public void A_day_without_an_hour_is_put_off_rather_than_done_at_night(int day, double hour, string? sentence)
    {
        var asked = At(day, hour);
        var work = hour is 18.5 or 19.5 ? new NightWork(At(14, 22.5), At(15, 1), IsDrying: hour == 18.5) : null;
        var morning = OutOfTheNight.PutOff(asked, work, Given.Figures.Night);

        Assert.Equal(sentence is null ? null : At(15, 9).DateTime, morning);
        if (sentence is not null)
        {
            Assert.Equal(sentence, OutOfTheNight.Sentence(work, asked, At(15, 9)));
        }
    }
}

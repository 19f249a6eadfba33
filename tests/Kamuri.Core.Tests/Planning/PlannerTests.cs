using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Tests.Scheduling;

namespace Kamuri.Core.Tests.Planning;

public class PlannerTests
{
    private static string Timetable(Plan plan) =>
        string.Join('\n', plan.Tasks.Select(task => $"{task.Start:HH:mm} {task.End:HH:mm} {task.Id}"));

    [Fact]
    public void A_quick_day_to_the_minute()
    {
        // Worked by hand for 30 cm, medium density, six sections, combed ten days ago. Combing in the conditioner takes
        // longer than its window, so there is no wait behind it.
        var plan = Given.Plan(Given.Request(Aim.Quick, EndStyle.WashAndGo));

        Assert.Equal(
            """
            12:00 12:09 look
            12:09 12:13 wet-through
            12:13 12:23 cleanse
            12:23 12:31 rinse
            12:31 12:34 wring
            12:34 12:48 conditioner
            12:48 13:27 tool-detangle
            13:27 13:32 cool-rinse
            13:32 13:34 blot
            13:34 13:49 blot.wait
            13:49 13:59 leave-in
            13:59 14:06 gel
            14:06 14:13 wash-and-go
            14:13 14:14 dry
            14:14 16:44 dry.wait
            """,
            Timetable(plan)
        );
        Assert.True(plan.Proven);
        Assert.Equal(plan.End, plan.NotBefore);
    }

    [Fact]
    public void The_tea_is_brewed_while_the_pre_poo_works()
    {
        var plan = Given.Plan(Given.Request());
        var works = plan.Tasks.Single(task => task.Id == "cover.wait");

        foreach (var id in new[] { "tea-rinse.boil", "tea-rinse.steep" })
        {
            var task = plan.Tasks.Single(task => task.Id == id);
            Assert.Equal(PlannedTask.KitchenStrand, task.Strand);
            Assert.True(task.Start >= works.Start && task.End <= works.End);
        }

        var cooling = plan.Tasks.Single(task => task.Id == "tea-rinse.strain.wait");
        Assert.InRange((plan.Tasks.Single(task => task.Id == "tea-rinse").Start - cooling.End).TotalMinutes, 0, 10);
    }

    [Fact]
    public void Ready_by_starts_so_that_nine_days_in_ten_make_it()
    {
        var readyBy = Given.Noon.AddHours(9);
        var plan = Given.Plan(Given.Request(Aim.Quick, EndStyle.WashAndGo) with { When = new When(Given.Noon, ReadyBy: readyBy) });

        Assert.True(plan.Start > Given.Noon);
        Assert.InRange((readyBy - plan.NineInTenBy).TotalMinutes, 0, 1);
        Assert.Equal(0, plan.Fit.MinutesOver);
        Assert.Null(PlanSentences.Trouble(plan));
    }

    [Fact]
    public void When_time_is_short_windows_are_shortened_and_it_says_which()
    {
        var usual = Given.Plan(Given.Request() with { DryingAir = Air.Fan });
        var readyBy = usual.End.AddMinutes(-20);
        var plan = Given.Plan(Given.Request() with { DryingAir = Air.Fan, When = new When(Given.Noon, ReadyBy: readyBy) });

        Assert.Equal(readyBy, plan.End);
        Assert.Equal(Given.Noon, plan.Start);
        Assert.NotEmpty(plan.Fit.Shortened);
        Assert.Contains("Shortened to be ready by", PlanSentences.Trouble(plan), StringComparison.Ordinal);
        Assert.All(plan.Tasks.Where(task => task.Window is not null), task =>
            Assert.InRange((task.End - task.Start).TotalMinutes, task.Window!.Earliest, task.Window.Latest)
        );
    }

    [Fact]
    public void When_it_cannot_be_done_it_says_by_how_much_and_what_could_be_spared()
    {
        var request = Given.Request() with { When = new When(Given.Noon, ReadyBy: Given.Noon.AddHours(4)) };
        var plan = Given.Plan(request);

        Assert.Equal((plan.End - Given.Noon.AddHours(4)).TotalMinutes, plan.Fit.MinutesOver);
        Assert.True(plan.Fit.MinutesOver > 0);
        var sparing = Assert.Single(plan.Fit.CouldSpare, sparing => sparing.Step == "tea-rinse");
        var without = Given.Plan(request with { Edits = sparing.Edits });
        Assert.InRange((plan.End - without.End).TotalMinutes, sparing.MinutesSaved, sparing.MinutesSaved + 10);
        Assert.True(sparing.MinutesSaved >= 8);
        Assert.False(without.HasStop);
        Assert.Equal(
            plan.Fit.CouldSpare.Select(each => each.MinutesSaved).OrderDescending(),
            plan.Fit.CouldSpare.Select(each => each.MinutesSaved)
        );
    }

    [Fact]
    public void A_house_without_a_stove_cannot_brew_and_says_so()
    {
        var error = Assert.Throws<UnplaceableException>(() => Given.Plan(Given.Request() with { Equipment = new Equipment(Stoves: 0) }));

        Assert.Equal("This plan needs something the household does not have: stove.", error.Message);
    }

    [Fact]
    public void The_finish_is_said_in_a_sentence()
    {
        var plan = Given.Plan(Given.Request(Aim.Quick, EndStyle.WashAndGo));

        Assert.StartsWith("Start at 12:00. Done about 16:44, almost certainly by 1", Told.Of(plan), StringComparison.Ordinal);
        Assert.Contains(
            "No order of these steps is quicker with one pair of hands. You can sit down 2 times, 2\u00a0h\u00a030 at the longest.",
            Told.Of(plan),
            StringComparison.Ordinal
        );
        Assert.Equal([15, 150], PlanSentences.Rests(plan));
    }

    [Fact]
    public void Amounts_come_with_the_steps()
    {
        var steps = Given
            .Plan(Given.Request())
            .Steps.ToDictionary(
                step => step.Step.Id,
                step => step.Amount is { Ways: { } ways } ? $"{ways.Metric}, about {ways.Spoons}" : null
            );

        Assert.Equal("100 ml, about 6½ tbsp", steps["deep-condition"]);
        Assert.Equal("3 ml, about ¾ tsp", steps["oil"]);
        Assert.Equal("25 ml, about 2 tbsp", steps["leave-in"]);
        Assert.Equal("10 ml, about 2 tsp", steps["cleanse"]);
        Assert.Null(steps["look"]);
    }

    [Fact]
    public void Any_plan_keeps_resources_links_and_windows_and_is_the_same_every_time() =>
        Gens.EditedRequest.Sample(Holds, iter: Thorough.Runs(15, 60), threads: 1);

    [Fact]
    public void And_so_does_any_plan_with_mixtures_made_for_it() =>
        Gens.CookedRequest.Sample(Holds, iter: Thorough.Runs(10, 40), threads: 1);

    private static void Holds(PlanRequest request)
    {
        var plan = Given.Plan(request);
        var jobs = plan.Tasks.Select(task => new Job(task.Id, task.Strand, Least(task), Minutes(task), Most(task), task.Uses)).ToList();
        var placements = plan
            .Tasks.Zip(jobs, (task, job) =>
                new Placement(job, (int)(task.Start - plan.Start).TotalMinutes, (int)(task.End - plan.Start).TotalMinutes)
            )
            .ToList();
        var capacity = Enum.GetValues<Resource>().ToDictionary(resource => resource, request.Equipment.Count);
        ScheduleChecker.Check(
            new SchedulingProblem(jobs, plan.Links, capacity),
            new Schedule(placements, (int)(plan.End - plan.Start).TotalMinutes, 0, true)
        );

        var again = Given.Plan(request);
        Assert.Equal(
            plan.Tasks.Select(task => (task.Id, task.Start, task.End)),
            again.Tasks.Select(task => (task.Id, task.Start, task.End))
        );
        Assert.True(plan.Start >= Given.Noon);
        Assert.True(plan.NineInTenBy >= plan.End);
        Assert.Equal(plan.Steps.Select(step => step.Step.Id), plan.Steps.OrderBy(step => step.Start).Select(step => step.Step.Id));
    }

    private static int Minutes(PlannedTask task) => (int)(task.End - task.Start).TotalMinutes;

    private static int Least(PlannedTask task) => (int?)task.Window?.Earliest ?? Minutes(task);

    private static int Most(PlannedTask task) => (int?)task.Window?.Latest ?? Minutes(task);
}

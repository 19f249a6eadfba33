using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>A job with what the screen and the run need to know about it.</summary>
internal sealed record Drafted(Job Job, string? StepId, string Title, int Sections, Window? Window, string AfterLatest, Substance? Substance = null);

/// <summary>Turns timed steps, and the preparations they use, into jobs and links.</summary>
internal sealed class JobBuilder
{
    /// <summary>Hands may rest between two pieces of work on a head, but hair should not be left lying about.</summary>
    private const int LongestPause = 15;

    /// <summary>Kitchen work may be done well ahead of its wait, never far behind it.</summary>
    private const int KitchenPause = 3;

    private readonly List<Drafted> _drafts = [];
    private readonly List<Link> _links = [];

    public IReadOnlyList<Drafted> Drafts => _drafts;
    public IReadOnlyList<Link> Links => _links;

    public static JobBuilder Build(PlanRequest request, IReadOnlyList<StepTiming> timings, CraftFigures figures)
    {
        var builder = new JobBuilder();
        string? previous = null;
        var previousIsWait = false;
        foreach (var timing in timings)
        {
            var step = timing.Step.Step;
            var work = builder.Hands(step.Id, step.Id, PlannedTask.HeadStrand, step.Kind.Name, timing.HandsOnMinutes, timing.Sections, step.Kind.Needs);
            if (previous is not null)
            {
                builder._links.Add(new Link(previous, work, 0, previousIsWait ? 0 : LongestPause));
            }

            if (step.Kind.Preparation is { } preparation)
            {
                builder.Prepare(Preparations.Get(preparation), step.Id, work, request.Room, figures);
            }

            (previous, previousIsWait) = (work, false);
            if (timing.Wait is { } wait && wait.Window.Latest > 0)
            {
                previous = builder.Wait($"{step.Id}.wait", step.Id, PlannedTask.HeadStrand, wait.Title, wait.Window, wait.Chosen, wait.Needs, wait.AfterLatest, wait.Substance);
                builder._links.Add(new Link(work, previous, 0, 0));
                previousIsWait = true;
            }
        }

        return builder;
    }

    private void Prepare(Preparation preparation, string step, string use, Room room, CraftFigures figures)
    {
        string? previous = null;
        var previousIsWait = false;
        foreach (var method in preparation.Method)
        {
            var work = Hands($"{step}.{method.Id}", null, PlannedTask.KitchenStrand, method.Title, method.HandsOnMinutes, 0, method.Needs);
            if (previous is not null)
            {
                _links.Add(new Link(previous, work, 0, previousIsWait ? 0 : KitchenPause));
            }

            (previous, previousIsWait) = (work, false);
            if (method.WaitTitle is { } title)
            {
                var window = method.Cools ? CoolingWindow(preparation, room, figures.Cooling) : method.Wait!;
                previous = Wait($"{step}.{method.Id}.wait", null, PlannedTask.KitchenStrand, title, window, null, method.Needs,
                    method.Cools ? "No longer warm; still fine to use cool." : "Stronger than needed; strain it.");
                _links.Add(new Link(work, previous, 0, 0));
                previousIsWait = true;
            }
        }

        // It may stand once it is ready; the scheduler keeps that short, but never gives up a plan over it.
        _links.Add(new Link(previous!, use));
    }

    /// <summary>From safe on skin, through comfortable, until no longer warm; in a hot room it simply stays warm.</summary>
    private static Window CoolingWindow(Preparation preparation, Room room, CoolingFigures figures)
    {
        const double longest = 240;
        var rate = Cooling.Rate(preparation.Vessel, preparation.Volume, figures);
        double Minutes(Units.Celsius target) => Math.Min(longest, Cooling.TimeToReach(figures.Strained, target, room.Temperature, rate)?.TotalMinutes ?? longest);
        return Timings.Whole(Minutes(figures.WarmestOnSkin), Minutes(figures.Comfortable), Minutes(figures.StillWarm));
    }

    private string Hands(string id, string? step, string strand, string title, double minutes, int sections, IReadOnlyList<Resource> needs)
    {
        var whole = Math.Max(1, (int)Math.Round(minutes, MidpointRounding.AwayFromZero));
        _drafts.Add(new Drafted(new Job(id, strand, whole, whole, whole, [Resource.Hands, .. needs]), step, title, sections, null, ""));
        return id;
    }

    private string Wait(
        string id, string? step, string strand, string title, Window window, double? chosen, IReadOnlyList<Resource> needs, string afterLatest,
        Substance? substance = null)
    {
        var (shortest, usual, longest) = chosen is { } fixedMinutes
            ? ((int)fixedMinutes, (int)fixedMinutes, (int)fixedMinutes)
            : ((int)window.Earliest, (int)window.Usual, (int)window.Latest);
        _drafts.Add(new Drafted(new Job(id, strand, shortest, usual, longest, needs), step, title, 0, window, afterLatest, substance));
        return id;
    }
}

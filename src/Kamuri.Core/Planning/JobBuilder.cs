using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>A job with what the screen and the run need to know about it.</summary>
internal sealed record Drafted(Job Job, string? StepId, string Title, int Sections, Window? Window, string AfterLatest, Substance? Substance = null)
{
    /// <summary>Further steps worked in the same pass, section by section.</summary>
    public IReadOnlyList<string> Also { get; init; } = [];
}

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
        string? night = null;
        foreach (var timing in timings)
        {
            var step = timing.Step.Step;
            var joins = step.WithPrevious && !previousIsWait && previous is not null && builder.TryJoin(previous, timing);
            var work = joins ? previous!
                : builder.Hands(step.Id, step.Id, PlannedTask.HeadStrand, step.Kind.Name, timing.HandsOnMinutes, timing.Sections, step.Kind.Needs);
            if (previous is not null && !joins)
            {
                // In the morning after an overnight treatment nothing could be prepared ahead: the hair waits in a towel for it,
                // no longer than it has to.
                var mayWait = night is not null && step.Kind.Preparation is not null;
                builder._links.Add(new Link(previous, work, 0, mayWait ? null : previousIsWait ? 0 : LongestPause));
            }

            if (step.Kind.Preparation is { } preparation)
            {
                builder.Prepare(Preparations.Get(preparation), step.Id, work, night, request.Room, figures);
            }

            (previous, previousIsWait) = (work, false);
            if (timing.Wait is { } wait && wait.Window.Latest > 0)
            {
                previous = builder.Wait($"{step.Id}.wait", step.Id, PlannedTask.HeadStrand, wait.Title, wait.Window, wait.Chosen, wait.Needs, wait.AfterLatest, wait.Substance);
                builder._links.Add(new Link(work, previous, 0, 0));
                (previousIsWait, night) = (true, wait.IsOvernight ? previous : night);
            }
        }

        builder.Night = night;
        return builder;
    }

    /// <summary>The wait that lasts through the night; null when there is none.</summary>
    public string? Night { get; private set; }

    /// <summary>Holds a job at so many minutes.</summary>
    public void Fix(string job, int minutes)
    {
        var at = _drafts.FindIndex(drafted => drafted.Job.Id == job);
        _drafts[at] = _drafts[at] with { Job = _drafts[at].Job with { Shortest = minutes, Usual = minutes, Longest = minutes } };
    }

    /// <summary>Adds a step to the pass of the one before it, when both are worked in sections.</summary>
    private bool TryJoin(string previous, StepTiming timing)
    {
        var at = _drafts.FindIndex(drafted => drafted.Job.Id == previous);
        var (pass, step) = (_drafts[at], timing.Step.Step);
        if (pass.Sections == 0 || pass.Sections != timing.Sections)
        {
            return false;
        }

        var whole = pass.Job.Usual + Math.Max(1, (int)Math.Round(timing.HandsOnMinutes, MidpointRounding.AwayFromZero));
        _drafts[at] = pass with
        {
            Job = pass.Job with { Shortest = whole, Usual = whole, Longest = whole, Uses = [.. pass.Job.Uses.Union(step.Kind.Needs)] },
            Title = $"{pass.Title}, {step.Kind.Name.ToLowerInvariant()}",
            Also = [.. pass.Also, step.Id],
        };
        return true;
    }

    private void Prepare(Preparation preparation, string step, string use, string? night, Room room, CraftFigures figures)
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
            else if (night is not null)
            {
                // What is used in the morning is made in the morning, and nobody gets up for it.
                _links.Add(new Link(night, work));
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

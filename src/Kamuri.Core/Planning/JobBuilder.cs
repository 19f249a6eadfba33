using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Core.Units;

namespace Kamuri.Core.Planning;

/// <summary>A job with what the screen and the run need to know about it.</summary>
internal sealed record Drafted(
    Job Job,
    string? StepId,
    string Title,
    int Sections,
    Window? Window,
    string AfterLatest,
    Substance? Substance = null
)
{
    /// <summary>Further steps worked in the same pass, section by section.</summary>
    public IReadOnlyList<string> Also { get; init; } = [];

    /// <summary>The title with its amounts in each way of measuring; null when there are none in it.</summary>
    public MeasuredWords? Words { get; init; }

    /// <summary>The mixture that cools meanwhile; null when none does.</summary>
    public CoolingMixture? Cools { get; init; }

    /// <summary>What happens past the latest is nothing to be warned of.</summary>
    public bool IsHarmlessAfter { get; init; }
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

    /// <summary>What is made in the kitchen, by the step it is for.</summary>
    public IReadOnlyDictionary<string, Cooking> Cookings => _cookings;

    private readonly Dictionary<string, Cooking> _cookings = [];

    /// <summary>Lays out jobs and links.</summary>
    /// <param name="request">Room, and what steps are done with.</param>
    /// <param name="timings">The steps, timed.</param>
    /// <param name="amounts">How much each step takes, where anything is measured out.</param>
    /// <param name="figures">Craft figures.</param>
    /// <param name="strictlyWarm">What is put on warm is put on at once; false lets it stand when nothing else can be placed.</param>
    public static JobBuilder Build(
        PlanRequest request,
        IReadOnlyList<StepTiming> timings,
        IReadOnlyDictionary<string, Amount> amounts,
        CraftFigures figures,
        bool strictlyWarm
    )
    {
        var builder = new JobBuilder();
        string? previous = null;
        var previousIsWait = false;
        string? night = null;
        foreach (var timing in timings)
        {
            var step = timing.Step.Step;
            var joins = step.WithPrevious && !previousIsWait && previous is not null && builder.TryJoin(previous, timing);
            var work = joins
                ? previous!
                : builder.Hands(
                    step.Id,
                    step.Id,
                    PlannedTask.HeadStrand,
                    step.Kind.Name,
                    timing.HandsOnMinutes,
                    timing.Sections,
                    step.Kind.Needs
                );
            if (previous is not null && !joins)
            {
                // In the morning after an overnight treatment nothing could be prepared ahead: the hair waits in a towel for it,
                // no longer than it has to.
                var mayWait =
                    night is not null && (step.Kind.IsWarmed || request.UseOf(step) is { Making: not null } or { IsFrozen: true });
                builder._links.Add(
                    new Link(
                        previous,
                        work,
                        0,
                        mayWait ? null
                            : previousIsWait ? 0
                            : LongestPause
                    )
                );
            }

            var use = request.UseOf(step);
            if (use is not null)
            {
                builder.Prepare(request, step, use, amounts.GetValueOrDefault(step.Id)?.Exact, work, night, figures, strictlyWarm);
            }

            if (step.Kind.IsWarmed && use?.Making is null && step.OnForMinutes is null)
            {
                var (warm, title) = ($"{step.Id}.warm", PlanWords.StandInHotWater(use?.Name ?? PlanWords.Oil));
                builder.Stand(warm, title, 2, PlanWords.OilWarming, figures.Mixtures.WarmingOil, night, PlanWords.NoLongerWarmButStillFine);
                builder._links.Add(new Link($"{warm}.wait", work, 0, strictlyWarm ? KitchenPause : null));
            }

            (previous, previousIsWait) = (work, false);
            if (timing.Wait is { } wait && wait.Window.Latest > 0)
            {
                previous = builder.Wait(
                    $"{step.Id}.wait",
                    step.Id,
                    PlannedTask.HeadStrand,
                    wait.Title,
                    wait.Window,
                    wait.Chosen,
                    wait.Needs,
                    wait.AfterLatest,
                    wait.Substance
                );
                builder._drafts[^1] = builder._drafts[^1] with { IsHarmlessAfter = wait.IsHarmlessAfter };
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
            Title = PlanWords.PassStep(pass.Title, step.Kind.Noun),
            Also = [.. pass.Also, step.Id],
        };
        return true;
    }

    private void Prepare(
        PlanRequest request,
        PlanStep step,
        StepUse use,
        Millilitres? amount,
        string work,
        string? night,
        CraftFigures figures,
        bool strictlyWarm
    )
    {
        if (use.IsFrozen)
        {
            var (thaw, title) = ($"{step.Id}.thaw", PlanWords.TakeUseOutOfTheFreezer(use.Name));
            Stand(thaw, title, 1, "Thawing", figures.Mixtures.Thawing, night, PlanWords.ThawedUseItToday);
            _links.Add(new Link($"{thaw}.wait", work));
            return;
        }

        if (use.Making is not { } formula)
        {
            return;
        }

        var cooking = Larder.Cook(request, formula, amount ?? request.Kitchen.YieldOf(formula), use.WholeBatch, figures);
        _cookings[step.Id] = cooking;
        string? previous = null;
        var previousIsWait = false;
        foreach (var cook in cooking.OnTheDay)
        {
            var hands = Hands(
                $"{step.Id}.{cook.Id}",
                null,
                PlannedTask.KitchenStrand,
                cook.Words.Metric,
                cook.Method.HandsOnMinutes,
                0,
                cook.Method.Needs,
                cook.Words
            );
            if (previous is not null)
            {
                _links.Add(new Link(previous, hands, 0, previousIsWait ? 0 : KitchenPause));
            }
            else
            {
                // What is used in the morning is made in the morning, and nobody gets up for it.
                After(night, hands);
            }

            (previous, previousIsWait) = (hands, false);
            if (cook.Wait(request.Room, figures.Cooling) is { Latest: > 0 } window)
            {
                previous = Wait(
                    $"{step.Id}.{cook.Id}.wait",
                    null,
                    PlannedTask.KitchenStrand,
                    cook.Method.WaitTitle!,
                    window,
                    null,
                    cook.Method.Needs,
                    cook.Method.Cools ? PlanWords.NoLongerWarmButStillFine : PlanWords.ItHasHadLongerThanIt
                );
                if (cook.Method.Cools)
                {
                    _drafts[^1] = _drafts[^1] with
                    {
                        Cools = CoolingMixture.Of(cook, request.Room.Temperature, figures.Cooling),
                        IsHarmlessAfter = true,
                    };
                }

                _links.Add(new Link(hands, previous, 0, 0));
                previousIsWait = true;
            }
        }

        if (previous is not null)
        {
            // It may stand once it is ready; the scheduler keeps that short. What is put on warm may not.
            _links.Add(new Link(previous, work, 0, formula.UsedWarm && strictlyWarm ? KitchenPause : null));
        }
    }

    /// <summary>Something is put somewhere and stands until it can be used.</summary>
    private void Stand(string id, string title, double minutes, string waitTitle, Window window, string? night, string after)
    {
        var hands = Hands(id, null, PlannedTask.KitchenStrand, title, minutes, 0, []);
        After(night, hands);
        _links.Add(new Link(hands, Wait($"{id}.wait", null, PlannedTask.KitchenStrand, waitTitle, window, null, [], after), 0, 0));
    }

    private void After(string? night, string job)
    {
        if (night is not null)
        {
            _links.Add(new Link(night, job));
        }
    }

    private string Hands(
        string id,
        string? step,
        string strand,
        string title,
        double minutes,
        int sections,
        IReadOnlyList<Resource> needs,
        MeasuredWords? words = null
    )
    {
        var whole = Math.Max(1, (int)Math.Round(minutes, MidpointRounding.AwayFromZero));
        _drafts.Add(
            new Drafted(new Job(id, strand, whole, whole, whole, [Resource.Hands, .. needs]), step, title, sections, null, "")
            {
                Words = words,
            }
        );
        return id;
    }

    private string Wait(
        string id,
        string? step,
        string strand,
        string title,
        Window window,
        double? chosen,
        IReadOnlyList<Resource> needs,
        string afterLatest,
        Substance? substance = null
    )
    {
        var (shortest, usual, longest) = chosen is { } fixedMinutes
            ? ((int)fixedMinutes, (int)fixedMinutes, (int)fixedMinutes)
            : ((int)window.Earliest, (int)window.Usual, (int)window.Latest);
        _drafts.Add(new Drafted(new Job(id, strand, shortest, usual, longest, needs), step, title, 0, window, afterLatest, substance));
        return id;
    }
}

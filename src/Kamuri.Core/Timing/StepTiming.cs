using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Timing;

/// <summary>A wait that belongs to a step: something works, dries or cools by itself.</summary>
/// <param name="Title">What is going on.</param>
/// <param name="Of">The step whose treatment is working.</param>
/// <param name="Substance">What is working; null when nothing was put on.</param>
/// <param name="Window">Whole minutes, adjusted for this head.</param>
/// <param name="Chosen">Minutes a person chose; null lets the schedule decide around the usual.</param>
/// <param name="Needs">What stays occupied while it waits.</param>
/// <param name="AfterLatest">What happens past the latest.</param>
/// <param name="Working">The working in one sentence.</param>
public sealed record Wait(
    string Title,
    string Of,
    Substance? Substance,
    Window Window,
    double? Chosen,
    IReadOnlyList<Resource> Needs,
    string AfterLatest,
    string Working
)
{
    /// <summary>Minutes a person asked for, before they were kept within the window; null when nobody did.</summary>
    public double? Asked { get; init; }

    /// <summary>Lasts through the night, so that the day is split.</summary>
    public bool IsOvernight { get; init; }

    /// <summary>What happens past the latest is nothing to be warned of.</summary>
    public bool IsHarmlessAfter { get; init; }
}

/// <summary>How long a step takes: hands first, then perhaps a wait.</summary>
/// <param name="Step">The step.</param>
/// <param name="HandsOnMinutes">Minutes hands are busy, unrounded.</param>
/// <param name="Sections">Sections it is worked in; 0 when it is done at once.</param>
/// <param name="HandsOnWorking">The working in one sentence.</param>
/// <param name="Wait">The wait behind it, if any.</param>
public sealed record StepTiming(WalkedStep Step, double HandsOnMinutes, int Sections, string HandsOnWorking, Wait? Wait);

/// <summary>Gives every step of a composed session its durations.</summary>
public static class Timings
{
    /// <summary>A person's chosen minutes must stay within this of the window's ends to count as within it.</summary>
    private const double Tolerance = 1e-9;

    public static IReadOnlyList<StepTiming> Of(
        PlanRequest request,
        IReadOnlyList<WalkedStep> walk,
        HeadSize size,
        int sections,
        CraftFigures figures
    )
    {
        var timings = new List<StepTiming>(walk.Count);
        var carriers = Carriers(walk);
        for (var at = 0; at < walk.Count; at++)
        {
            var (handsOn, inSections) = HandsOn(request.Head, walk[at], sections, figures);
            Wait? wait = null;
            if (walk[at].Step.Kind.IsDrying)
            {
                wait = Drying(request, walk[at], size, figures);
            }
            else if (carriers.TryGetValue(at, out var treatment))
            {
                wait = Processing(
                    request.Head,
                    walk[treatment],
                    walk[at],
                    Worked(timings, treatment, at, handsOn.Value, walk[at]),
                    figures
                );
            }

            timings.Add(new StepTiming(walk[at], handsOn.Value, inSections, handsOn.Sentence("min"), wait));
        }

        return timings;
    }

    /// <summary>
    /// Hands-on time: setup + 6 × base × (L/30)^0.8 × density × tangle + 0.3 × (sections − 6). A section is a share of the head:
    /// parting the same hair finer costs a little handling, once for a treatment, and not the whole work once more.
    /// </summary>
    public static (Reckoning Minutes, int Sections) HandsOn(Head head, WalkedStep walked, int sections, CraftFigures figures)
    {
        if (walked.Step.OnForMinutes is not null)
        {
            return (Reckoning.From(HandsOnFigures.MinutesToSeeThatItIsOn, TimingWords.ToSeeThatItIsOn), 0);
        }

        var model = figures.HandsOnOf(walked.Step.Kind);
        if (model.MinutesPerPiece > 0)
        {
            var pieces = walked.Step.Pieces ?? head.Wear.Locs?.Count ?? figures.HandsOn.UsualPieces;
            var each = Reckoning.From(pieces, "pieces").Times(model.MinutesPerPiece, TimingWords.MinEach);
            return (Tangled(each, model, walked, figures).Plus(model.SetupMinutes, TimingWords.ToSetUp), 0);
        }

        if (!model.IsSectioned)
        {
            return (Reckoning.From(model.SetupMinutes, TimingWords.MinOnce), 0);
        }

        var lengthFactor = Math.Pow(head.Lengths.Mean.Value / figures.HandsOn.ReferenceLength.Value, figures.HandsOn.LengthExponent);
        var work = Reckoning
            .From(HandsOnFigures.Sixths, TimingWords.SixthsOfAHead)
            .Times(model.MinutesPerSixth, "min")
            .Times(lengthFactor, TimingWords.ForMeanCm(Say.Length(head.Lengths.Mean.Value)))
            .Times(figures.HandsOn.DensityFactor[head.Density], TimingWords.DensityDensity(HeadNames.Of(head.Density)));
        var places = Share(walked.Step.Places, figures) / Share(walked.Step.Kind.Places, figures);
        if (double.IsFinite(places) && Math.Abs(places - 1) > 0.01 && places > 0)
        {
            work = work.Times(places, TimingWords.ForWhereItGoes);
        }

        // What is done in a treatment finds the sections parted.
        var finer = walked.Step.Kind.IsCompanion ? 0 : figures.HandsOn.MinutesPerFurtherSection * (sections - HandsOnFigures.Sixths);
        work = Tangled(work, model, walked, figures).Plus(finer, TimingWords.ForParting(Say.Count(sections, "section", "sections")));
        return (work.Plus(model.SetupMinutes, TimingWords.ToSetUp), sections);
    }

    private static Reckoning Tangled(Reckoning work, HandsOnModel model, WalkedStep walked, CraftFigures figures)
    {
        if (model.TangleShare <= 0)
        {
            return work;
        }

        var slip = walked.Before.SlipBy(figures.HandsOn);
        var tangle = Tangle.WithSlip(walked.Before.Tangle, slip, figures.HandsOn);
        return work.Times(1 + model.TangleShare * (tangle - 1), slip > 0.3 ? TimingWords.TangleWithSlip : "tangle");
    }

    /// <summary>How much of a head's work places come to: the lengths are all of it, the scalp comes on top.</summary>
    private static double Share(Places places, CraftFigures figures)
    {
        double On(Places place, double share) => places.HasFlag(place) ? share : 0;
        var hair = places.HasFlag(Places.Lengths) ? 1 : On(Places.Ends, figures.Film.EndsOnly) + On(Places.Roots, figures.Film.RootsOnly);
        return hair + (places.HasFlag(Places.Scalp) ? figures.HandsOn.ScalpShare : On(Places.Edges, figures.Film.EdgesOnly));
    }

    /// <summary>
    /// Which steps carry the waits of which treatment: every cover behind it (a steamer and then a cap are two waits), else the
    /// last companion behind it, or the treatment itself. Keys and values are positions in the walk.
    /// </summary>
    private static Dictionary<int, int> Carriers(IReadOnlyList<WalkedStep> walk)
    {
        var carriers = new Dictionary<int, int>();
        for (var at = 0; at < walk.Count; at++)
        {
            if (walk[at].Step.Kind.Processing is null)
            {
                continue;
            }

            var behind = Enumerable.Range(at + 1, walk.Count - at - 1).TakeWhile(next => walk[next].Step.Kind.IsCompanion).ToList();
            var covers = behind.Where(next => walk[next].Step.Kind.Covers).ToList();
            foreach (var carrier in covers.Count > 0 ? covers : [behind.Append(at).Max()])
            {
                carriers[carrier] = at;
            }
        }

        return carriers;
    }

    /// <summary>
    /// Minutes the treatment has already worked when its carrier is done. A cover starts the count, since windows are
    /// given for covered hair; without one the hands-on work in between counts.
    /// </summary>
    private static double Worked(List<StepTiming> timings, int treatment, int carrier, double carrierMinutes, WalkedStep carrying) =>
        (timings.Count > treatment ? timings[treatment].Step.Step : carrying.Step).OnForMinutes
        ?? (
            carrier == treatment || carrying.Step.Kind.Covers
                ? 0
                : timings.Skip(treatment + 1).Take(carrier - treatment - 1).Sum(timing => timing.HandsOnMinutes) + carrierMinutes
        );

    private static Wait Processing(Head head, WalkedStep treatment, WalkedStep carrier, double worked, CraftFigures figures)
    {
        // What irritates keeps its own short window inside a heavier mixture (craft §14).
        var irritates = treatment.After.Deposits.Exists(deposit => deposit.Step == treatment.Step.Id && deposit.Facts.Irritates);
        var own = figures.ProcessingOf(treatment.Step.Kind)!;
        var model = irritates ? Shorter(own, figures.ProcessingOf(StepCatalogue.Get(StepIds.OnionJuice))!) : own;
        var heat = carrier.Step.Kind.Covers ? carrier.Step.Heat : Heat.None;
        var heated = heat is Heat.Hood or Heat.Steamer && model.Heated is not null;
        var afterClarify = treatment.Before.Stripped && model.AfterClarify is not null;
        var window = heated
            ? (afterClarify ? model.AfterClarifyHeated! : model.Heated!)
            : (afterClarify ? model.AfterClarify! : model.Body);

        var usual = Reckoning.From(
            window.Usual,
            afterClarify ? TimingWords.UsualAfterClarifying
                : heated ? (heat == Heat.Steamer ? TimingWords.UsualInTheSteamer : TimingWords.UsualUnderTheHood)
                : "usual"
        );
        if (model.FollowsPorosity)
        {
            usual = head.Porosity switch
            {
                Porosity.Low when !heated => usual.Times(figures.Processing.LowPorosityNoHeat, TimingWords.LowPorosityNoHeat),
                Porosity.High => usual.Times(figures.Processing.HighPorosity, TimingWords.HighPorosity),
                _ => usual,
            };
        }

        var (earliest, latest) = (window.Earliest, window.Latest);
        if (model.IsProtein && head.IsDamagedOrColoured)
        {
            usual = usual.Times(figures.Processing.DamagedProtein, TimingWords.DamagedOrColoured);
            (earliest, latest) = (earliest * figures.Processing.DamagedProtein, latest * figures.Processing.DamagedProtein);
        }

        usual = usual.Within(earliest, latest);
        var working = TimingWords.WithWindow(usual.Sentence("min"), Reckoning.Show(earliest), Reckoning.Show(latest));
        if (worked > 0)
        {
            var passed = Reckoning.Show(Math.Round(worked));
            working = treatment.Step.OnForMinutes is null
                ? TimingWords.WhileHandsWork(working, passed)
                : TimingWords.PassedBefore(working, passed);
        }

        if (irritates && model != own)
        {
            working = TimingWords.AsLongAsItsIrritantMay(working);
        }

        var asked = carrier.Step.Minutes ?? treatment.Step.Minutes;
        var adjusted = Whole(earliest - worked, usual.Value - worked, latest - worked);
        var name = treatment.Step.Kind.Name;
        var title = heat switch
        {
            Heat.Cap => TimingWords.UnderACap(name),
            Heat.Hood => TimingWords.UnderTheHood(name),
            Heat.Steamer => TimingWords.InTheSteamer(name),
            _ => name,
        };
        return new Wait(
            title,
            treatment.Step.Id,
            treatment.Step.Kind.Puts,
            adjusted,
            Chosen(asked, adjusted),
            Occupies(heat),
            model.AfterLatest,
            working
        )
        {
            Asked = asked,
            IsOvernight = treatment.Step.Kind.IsOvernight && !irritates,
            IsHarmlessAfter = model.IsHarmlessAfter,
        };
    }

    /// <summary>A treatment that something irritating is mixed into: of both windows the earlier end of each.</summary>
    private static ProcessingModel Shorter(ProcessingModel treatment, ProcessingModel irritant)
    {
        var (own, short_) = (treatment.Body, irritant.Body);
        return own.Latest <= short_.Latest
            ? treatment
            : treatment with
            {
                Body = new Window(Math.Min(own.Earliest, short_.Earliest), Math.Min(own.Usual, short_.Usual), short_.Latest),
                Heated = null,
                AfterClarify = null,
                AfterClarifyHeated = null,
                FollowsPorosity = false,
                AfterLatest = irritant.AfterLatest,
                IsHarmlessAfter = false,
            };
    }

    private static Wait Drying(PlanRequest request, WalkedStep walked, HeadSize size, CraftFigures figures)
    {
        var step = walked.Step;
        var forecast = Physics.Drying.Forecast(
            size,
            new WaterContent(figures.Drying.Water[walked.Before.Wetness]),
            walked.Before.Hang,
            step.Air,
            request.Room.Temperature,
            request.Room.Humidity,
            figures.Drying,
            walked.Before.Hang == Hang.Locs ? request.Head.Wear.Locs?.ThicknessMillimetres : null
        );
        var wanted = step.DrynessWanted >= 0.95 ? forecast.Dry : forecast.MostlyDry;
        var window = Whole(wanted.TotalMinutes, wanted.TotalMinutes, Math.Max(wanted.TotalMinutes, forecast.Dry.TotalMinutes) + 60);
        var air = step.Air switch
        {
            Air.Fan => TimingWords.WithAFan,
            Air.HoodLow => TimingWords.UnderTheHoodLow,
            Air.BlowDryCool => TimingWords.WithACoolDryer,
            _ => TimingWords.InStillAir,
        };
        var working =
            step.DrynessWanted >= 0.95
                ? TimingWords.Working95DryAfterRoundH(forecast.Working, Reckoning.Show(Math.Round(forecast.Dry.TotalHours, 1)))
                : forecast.Working;
        return new Wait(
            TimingWords.DryingAir(air),
            step.Id,
            null,
            window,
            Chosen(step.Minutes, window),
            Occupies(step.Heat),
            TimingWords.LongerDoesNoHarm,
            working
        )
        {
            Asked = step.Minutes,
            IsHarmlessAfter = true,
        };
    }

    private static IReadOnlyList<Resource> Occupies(Heat heat) =>
        heat switch
        {
            Heat.Hood => [Resource.Hood],
            Heat.Steamer => [Resource.Steamer],
            _ => [],
        };

    /// <summary>A window in whole minutes, never before zero and never crossed.</summary>
    internal static Window Whole(double earliest, double usual, double latest)
    {
        var first = Math.Max(0, Math.Ceiling(earliest - Tolerance));
        var middle = Math.Max(first, Math.Round(usual, MidpointRounding.AwayFromZero));
        return new Window(first, middle, Math.Max(middle, Math.Floor(latest + Tolerance)));
    }

    private static double? Chosen(double? minutes, Window window) =>
        minutes is { } value ? Math.Clamp(Math.Round(value), window.Earliest, window.Latest) : null;
}

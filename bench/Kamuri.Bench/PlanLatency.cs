using System.Diagnostics;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Running;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Core.Units;

namespace Kamuri.Bench;

/// <summary>How long the core takes: whole plans for many different heads, composing alone, and timing a session again.</summary>
internal static class PlanLatency
{
    private const int HeadCount = 200;
    private const int WarmUp = 40;

    public static IEnumerable<Measurement> Measure()
    {
        var planner = new Planner(new CpSatScheduler());
        var figures = CraftFigures.Default;
        foreach (var request in Requests().Take(WarmUp))
        {
            planner.Make(request, figures);
        }

        var requests = Requests().ToList();
        yield return Measurement.Of(
            "plan: compose, time, schedule",
            "ms",
            [.. requests.Select(request => Settled(() => planner.Make(request, figures)))],
            50
        );
        yield return Measurement.Of(
            "compose and rules alone",
            "ms",
            [.. requests.Select(request => Settled(() => Composer.Compose(request, figures)))],
            3
        );
        var longDays = Long(requests).ToList();
        yield return Measurement.Of(
            "compose, rules and times of 30 steps",
            "ms",
            [.. longDays.Select(request => Settled(() => ComposeAndTime(request, figures)))],
            3
        );
        yield return Measurement.Of(
            "plan of 30 steps, scheduled",
            "ms",
            [.. longDays.Select(request => Settled(() => planner.Make(request, figures)))],
            50
        );
        yield return Measurement.Of(
            "a label of 60 names read and judged",
            "ms",
            [.. Labels(60).Select(label => Settled(() => LabelReading.Of(label, IngredientDictionary.Shipped)))],
            5
        );
        yield return Measurement.Of(
            "a formula scaled, taken apart and costed",
            "ms",
            [
                .. FormulaCatalogue.All.SelectMany(formula =>
                    Enumerable.Range(1, 5).Select(times => Settled(() => Scale(formula, 40.0 * times)))
                ),
            ],
            1
        );
        yield return new Measurement(
            "scaling against exact ratios",
            "relative",
            ScalingError(),
            ScalingError(),
            1e-9,
            FormulaCatalogue.All.Count
        );
        var cooked = requests.Where(request => request.Kind == HairKinds.Loose).Take(60).Select(Cooked).ToList();
        yield return Measurement.Of(
            "plan with four mixtures cooked in it",
            "ms",
            [.. cooked.Select(request => Settled(() => planner.Make(request, figures)))],
            null
        );
        var proven = requests.Count(request => planner.Make(request, figures).Proven);
        yield return new Measurement("plans not proven best", "of 200", HeadCount - proven, HeadCount - proven, 0, HeadCount);
        yield return Measurement.Of("time a running session again", "ms", [.. Retimes(planner.Make(requests[0], figures))], 1);
    }

    /// <summary>Labels of shipped spellings, every tenth with a slip and every twentieth a name nobody knows.</summary>
    private static IEnumerable<string> Labels(int names)
    {
        var random = new Random(5);
        var spellings = IngredientDictionary.Shipped.All.SelectMany(each => each.Spellings.Append(each.Name)).ToList();
        for (var n = 0; n < 100; n++)
        {
            yield return string.Join(
                ", ",
                Enumerable
                    .Range(0, names)
                    .Select(at =>
                        spellings[random.Next(spellings.Count)] is var name && at % 20 == 7 ? $"unheard of {n} {at}"
                        : at % 10 == 3 && name.Length > 6 ? name.Remove(4, 1)
                        : name
                    )
            );
        }
    }

    private static void Scale(Formula formula, double millilitres)
    {
        var scaled = Scaling.ToMake(formula, new Millilitres(millilitres), Kitchen.Shipped);
        Contents.Of(formula, Kitchen.Shipped).AsUse(formula, Kitchen.Shipped);
        Cost.Of(scaled, Kitchen.Shipped);
    }

    /// <summary>The largest distance of a scaled amount from its exact share, where nothing is counted.</summary>
    private static double ScalingError() =>
        FormulaCatalogue
            .All.Where(formula => !formula.Ingredients.Any(each => Kitchen.Shipped.MaterialOf(each).IsCounted))
            .Max(formula =>
            {
                var (scaled, whole) = (
                    Scaling.ToMake(formula, new Millilitres(137.3), Kitchen.Shipped),
                    Kitchen.Shipped.YieldOf(formula).Value
                );
                return scaled.Lines.Max(line =>
                    Math.Abs(line.Volume.Value / (Kitchen.Shipped.VolumeOf(line.Ingredient).Value / whole * 137.3) - 1)
                );
            });

    /// <summary>A day with a gel, a mask, an oil and a tea made for it.</summary>
    private static PlanRequest Cooked(PlanRequest request)
    {
        StepUse Made(string name) => Larder.Made(FormulaCatalogue.All.Single(formula => formula.Name == name), request.Kitchen);
        return request with
        {
            Aim = Aim.Moisture,
            TeaRinse = true,
            Uses = new Dictionary<string, StepUse>
            {
                [StepIds.PrePoo] = Made("Leaf gel with infused oil"),
                [StepIds.DeepCondition] = Made("Melted treatment"),
                ["gel"] = Made("Firm seed gel"),
                [StepIds.Oil] = Made("Seal blend"),
            },
        };
    }

    private static void ComposeAndTime(PlanRequest request, CraftFigures figures)
    {
        var composition = Composer.Compose(request, figures);
        var tangle = Tangle.Of(request.Head, request.Today, figures.HandsOn);
        Timings.Of(
            request,
            composition.Walk,
            HeadSize.Of(request.Head, figures.Head),
            Sectioning.CountFor(request.Head, tangle, figures.HandsOn),
            figures
        );
    }

    /// <summary>The longest day there is, after a take-down, made longer still to thirty steps and more.</summary>
    private static IEnumerable<PlanRequest> Long(IEnumerable<PlanRequest> requests)
    {
        const int steps = 30;
        string[] more =
        [
            StepIds.ScalpMassage,
            StepIds.AloeRinse,
            StepIds.Plop,
            StepIds.Edges,
            StepIds.Scarf,
            StepIds.Butter,
            StepIds.OilRinse,
        ];
        foreach (var request in requests.Take(60))
        {
            var day = request with
            {
                Head = request.Head with { Wear = new Wear(Down: new TakenDown(StyleMade.Braids, 42)) },
                Aim = Aim.Recovery,
                Style = EndStyle.TwistOut,
            };
            var edits = more.Select(kind => new AddStep(kind, StepIds.Blot)).ToList<PlanEdit>();
            while (Composer.Compose(day with { Edits = edits }, CraftFigures.Default).Walk.Count < steps)
            {
                edits.Add(new AddStep(StepIds.Refresh, StepIds.Dry));
            }

            yield return day with
            {
                Edits = edits,
            };
        }
    }

    private static IEnumerable<double> Retimes(Plan plan)
    {
        var session = SessionPlan.From(plan);
        var state = SessionFold.Fold(session, [new SessionStarted(Guid.NewGuid(), plan.Start)]);
        for (var n = 0; n < 400; n++)
        {
            var now = plan.Start.AddMinutes(n % 60);
            var taken = Time(() => SessionTiming.At(session, state, now));
            if (n >= 100)
            {
                yield return taken;
            }
        }
    }

    /// <summary>The middle one of three, so that what else the machine does meanwhile is not taken for the plan's own time.</summary>
    private static double Settled(Action action) => new[] { Time(action), Time(action), Time(action) }.Order().ElementAt(1);

    private static double Time(Action action)
    {
        var began = Stopwatch.GetTimestamp();
        action();
        return Stopwatch.GetElapsedTime(began).TotalMilliseconds;
    }

    /// <summary>Two hundred different heads over all aims and styles, half of them with an hour to be ready by.</summary>
    private static IEnumerable<PlanRequest> Requests()
    {
        var random = new Random(11);
        var today = new DateOnly(2026, 3, 14);
        var noon = new DateTimeOffset(2026, 3, 14, 12, 0, 0, TimeSpan.Zero);
        T Any<T>()
            where T : struct, Enum => Enum.GetValues<T>()[random.Next(Enum.GetValues<T>().Length)];
        Centimetres Length() => new(4 + random.NextDouble() * 60);
        for (var n = 0; n < HeadCount; n++)
        {
            yield return new PlanRequest
            {
                Head = new Head
                {
                    Id = Guid.NewGuid(),
                    Name = $"Head {n}",
                    Lengths = new ZoneLengths(Length(), Length(), Length(), Length()),
                    Density = Any<Density>(),
                    Strand = Any<StrandThickness>(),
                    Porosity = Any<Porosity>(),
                    Layering = Any<Layering>(),
                    WornAs = Any<WornAs>(),
                    LastDetangle = today.AddDays(-random.Next(30)),
                },
                Aim = Any<Aim>(),
                Style = Any<EndStyle>(),
                Today = today,
                When = n % 2 == 0 ? new When(noon) : new When(noon, ReadyBy: noon.AddHours(10)),
                DryingAir = Any<Air>(),
                Equipment = new Equipment(Hoods: 1),
            };
        }
    }
}

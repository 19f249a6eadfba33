using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests;

/// <summary>Random heads, wishes and changes.</summary>
internal static class Gens
{
    private static readonly Gen<Wear> Wears = Gen.Frequency(
        (5, Gen.Const(Wear.Loose)),
        (
            2,
            from stage in Gen.Enum<LocStage>()
            from count in Gen.Int[HeadLimits.FewestLocs, HeadLimits.MostLocs]
            from thickness in Gen.Double[HeadLimits.ThinnestLocMillimetres, HeadLimits.ThickestLocMillimetres]
            select new Wear(Locs: new LocsWorn(stage, count, thickness))
        ),
        (
            2,
            from made in Gen.Enum<StyleMade>()
            from worn in Gen.Int[0, 90]
            from added in Gen.Double[0, 600]
            select new Wear(Style: new StyleWorn(made, Given.Today.AddDays(-worn), added))
        ),
        (1, from made in Gen.Enum<StyleMade>() from worn in Gen.Int[7, 90] select new Wear(Down: new TakenDown(made, worn)))
    );

    private static readonly Gen<Schools> SchoolsTaken =
        from conditionOn in Gen.Enum<ConditionOn>()
        from hotOil in Gen.Enum<HotOilPlace>()
        from scalp in Gen.Enum<ScalpConditioner>()
        from oiling in Gen.Enum<ScalpOiling>()
        from detangle in Gen.Enum<DetangleIn>()
        from water in Gen.Enum<FinalWater>()
        from length in Gen.Enum<TreatmentLength>()
        from lifting in Gen.Enum<OilLifting>()
        from protein in Gen.Enum<ProteinPlace>()
        from ends in Gen.Bool
        from butter in Gen.Bool
        from warmth in Gen.Int[1, 3].Select(n => (Heat)n)
        from homemade in Gen.Enum<HomemadeKeeping>()
        from rhythm in Gen.Enum<WashEvery>()
        select new Schools
        {
            ConditionOn = conditionOn,
            HotOil = hotOil,
            ScalpConditioner = scalp,
            ScalpOil = oiling,
            Detangle = detangle,
            FinalWater = water,
            Length = length,
            Lifting = lifting,
            Protein = protein,
            EndsFirst = ends,
            Butter = butter,
            TreatmentHeat = warmth,
            Homemade = homemade,
            Rhythm = rhythm,
        };

    private static readonly Gen<Head> Heads =
        from lengths in Gen.Double[HeadLimits.ShortestCentimetres, 90].Array[4]
        from density in Gen.Enum<Density>()
        from strand in Gen.Enum<StrandThickness>()
        from porosity in Gen.Enum<Porosity>()
        from worn in Gen.Enum<WornAs>()
        from days in Gen.Int[0, 40]
        from heat in Gen.Bool
        from coloured in Gen.Bool
        from layering in Gen.Enum<Layering>()
        from sections in Gen.Int[HeadLimits.FewestSections, HeadLimits.MostSections]
        from own in Gen.Bool
        from wear in Wears
        from schools in SchoolsTaken
        select new Head
        {
            Id = Guid.Empty,
            Name = "Someone",
            Lengths = new ZoneLengths(
                new Centimetres(lengths[0]),
                new Centimetres(lengths[1]),
                new Centimetres(lengths[2]),
                new Centimetres(lengths[3])
            ),
            Density = density,
            Strand = strand,
            Porosity = porosity,
            WornAs = worn,
            CanSitUnderHeat = heat,
            ChemicalHistory = coloured ? [new ChemicalEvent(ChemicalEventKind.Colour, Given.Today.AddDays(-100))] : [],
            Layering = layering,
            UsualSections = own ? sections : null,
            LastWash = Given.Today.AddDays(-days),
            LastDetangle = Given.Today.AddDays(-days),
            Wear = wear,
            Schools = schools,
        };

    private static readonly Gen<History> Histories =
        from days in Gen.Int[-1, 200].Array[9]
        select new History
        {
            LastDone = Enum.GetValues<Treatment>()
                .Zip(days)
                .Where(pair => pair.Second >= 0)
                .ToDictionary(pair => pair.First, pair => Given.Today.AddDays(-pair.Second)),
        };

    public static readonly Gen<PlanRequest> Request =
        from head in Heads
        from history in Histories
        from aim in Gen.Enum<Aim>()
        from style in Gen.Enum<EndStyle>()
        from tea in Gen.Bool
        from heat in Gen.Int[1, 3].Select(n => (Heat)n)
        from air in Gen.Enum<Air>()
        from ready in Gen.Int[0, 900]
        from hands in Gen.Int[1, 2]
        from room in Gen.Double[8, 38]
        from humidity in Gen.Double[0.1, 0.9]
        from stretch in Gen.Int[0, 3]
        from bed in Gen.Bool
        select new PlanRequest
        {
            Head = head,
            Aim = aim,
            Style = style,
            Today = Given.Today,
            When = ready < 200 ? new When(Given.Noon) : new When(Given.Noon, ReadyBy: Given.Noon.AddMinutes(ready)),
            TeaRinse = tea,
            TreatmentHeat = hands == 2 ? heat : null,
            DryingAir = air,
            Stretch = stretch == 0 ? null : (StretchCheck)(stretch - 1),
            EndsInBed = bed,
            History = history,
            Room = new Room(new Celsius(room), new RelativeHumidity(humidity)),
            Equipment = new Equipment(hands, Hoods: 1, Steamers: 1),
        };

    public static readonly Gen<PlanRequest> EditedRequest =
        from request in Request
        from picks in Gen.Int[0, 1000].Array[6]
        select request with
        {
            Edits = Edits(request, picks),
        };

    /// <summary>Days with a formula chosen for several steps, in houses with and without good jars of them.</summary>
    public static readonly Gen<PlanRequest> CookedRequest =
        from request in Request
        from picks in Gen.Int[0, 1000].Array[4]
        from jars in Gen.Int[0, 20].Array[3]
        select request with
        {
            Uses = Given
                .Compose(request)
                .Walk.Select(walked => walked.Step.Kind)
                .Where(kind => kind.Puts is not null)
                .DistinctBy(kind => kind.Id)
                .Take(picks.Length)
                .Zip(picks, (kind, pick) =>
                    (kind, fitting: FormulaCatalogue.All.Where(formula => formula.ServesAs.Contains(kind.Puts!.Value)).ToList(), pick)
                )
                .Where(each => each.fitting.Count > 0)
                .ToDictionary(each => each.kind.Id, each => Larder.Made(each.fitting[each.pick % each.fitting.Count], request.Kitchen)),
            Batches = [.. jars.Select((daysAgo, n) => Jar(FormulaCatalogue.All[(daysAgo * 7 + n) % FormulaCatalogue.All.Count], daysAgo))],
        };

    private static Batch Jar(Formula formula, int daysAgo) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = formula.Name,
            FormulaId = formula.Id,
            MadeAt = Given.Noon.AddDays(-daysAgo),
            MadeOn = Given.Today.AddDays(-daysAgo),
            Made = new Millilitres(500),
            Left = new Millilitres(20 * daysAgo),
            Keep = formula.Keep,
            KeptAt = formula.Keep.Freezer is not null && daysAgo % 2 == 0 ? Keeping.Freezer : formula.Keep.Best,
            ServesAs = formula.ServesAs,
            Facts = Larder.Made(formula, Kitchen.Shipped) with { Making = null },
        };

    /// <summary>Drops, additions and moves of steps that are really in the plan.</summary>
    private static List<PlanEdit> Edits(PlanRequest request, int[] picks)
    {
        var steps = Given.Compose(request).Walk.Select(walked => walked.Step.Id).ToList();
        string At(int pick) => steps[pick % steps.Count];
        return
        [
            new DropStep(At(picks[0])),
            new AddStep(StepCatalogue.All[picks[1] % StepCatalogue.All.Count].Id, At(picks[2])),
            new MoveStep(At(picks[3]), At(picks[4])),
            new SetMinutes(At(picks[5]), picks[5] % 90),
            picks[0] % 3 == 0 ? new DuplicateStep(At(picks[1])) : new SetTogether(At(picks[1]), true),
            picks[0] % 5 == 0 ? new OrderByPhase() : new MoveSteps([At(picks[2]), At(picks[3])], At(picks[5])),
        ];
    }
}

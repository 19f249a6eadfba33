using FluentValidation;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Routines;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Core.Units;
using Kamuri.Store.Heads;

namespace Kamuri.Web.Heads;

/// <summary>Stretched length per zone in centimetres, 1 to 150.</summary>
public sealed record LengthsBody(double NapeCm, double CrownCm, double FrontCm, double SidesCm);

/// <summary>How the hair is kept: at most one of the three; none means loose.</summary>
public sealed record WearBody(LocsWorn? Locs = null, StyleWorn? Style = null, TakenDown? Down = null);

/// <summary>A head as it is entered.</summary>
public sealed record HeadBody
{
    public required string Name { get; init; }
    public required LengthsBody Lengths { get; init; }
    public WearBody Wear { get; init; } = new();
    public Schools Schools { get; init; } = new();
    public required Density Density { get; init; }
    public required StrandThickness Strand { get; init; }
    public double? CoilWidthMm { get; init; }
    public required Porosity Porosity { get; init; }
    public PorosityEvidence PorosityEvidence { get; init; } = PorosityEvidence.Guess;
    public IReadOnlyList<ChemicalEvent> ChemicalHistory { get; init; } = [];
    public IReadOnlyList<ScalpSign> Scalp { get; init; } = [];
    public IReadOnlyList<FragileZone> FragileZones { get; init; } = [];
    public IReadOnlyList<string> Sensitivities { get; init; } = [];
    public AgeGroup AgeGroup { get; init; } = AgeGroup.Adult;
    public bool CanSitUnderHeat { get; init; } = true;
    public bool AskClinician { get; init; }
    public IReadOnlyList<Goal> Goals { get; init; } = [];
    public Layering Layering { get; init; } = Layering.Loc;
    public int? UsualSections { get; init; }
    public DateOnly? LastWash { get; init; }
    public DateOnly? LastDetangle { get; init; }
    public WornAs WornAs { get; init; } = WornAs.Loose;

    /// <summary>The version this change was made on; a change on an older one is refused.</summary>
    public int? Version { get; init; }

    internal Head ToHead(Guid id) =>
        new()
        {
            Id = id,
            Name = Name.Trim(),
            Lengths = new ZoneLengths(
                new Centimetres(Lengths.NapeCm),
                new Centimetres(Lengths.CrownCm),
                new Centimetres(Lengths.FrontCm),
                new Centimetres(Lengths.SidesCm)
            ),
            Wear = new Wear(Wear.Locs, Wear.Style, Wear.Down),
            Schools = Schools,
            Density = Density,
            Strand = Strand,
            CoilWidthMillimetres = CoilWidthMm,
            Porosity = Porosity,
            PorosityEvidence = PorosityEvidence,
            ChemicalHistory = ChemicalHistory,
            Scalp = [.. Scalp.Distinct()],
            FragileZones = FragileZones,
            Sensitivities =
            [
                .. Sensitivities.Select(each => each.Trim()).Where(each => each.Length > 0).Distinct(StringComparer.OrdinalIgnoreCase),
            ],
            AgeGroup = AgeGroup,
            CanSitUnderHeat = CanSitUnderHeat,
            AskClinician = AskClinician,
            Goals = [.. Goals.Distinct()],
            Layering = Layering,
            UsualSections = UsualSections,
            LastWash = LastWash,
            LastDetangle = LastDetangle,
            WornAs = WornAs,
        };

    internal static HeadBody From(Head head, int version) =>
        new()
        {
            Name = head.Name,
            Lengths = new LengthsBody(
                head.Lengths.Nape.Value,
                head.Lengths.Crown.Value,
                head.Lengths.Front.Value,
                head.Lengths.Sides.Value
            ),
            Wear = new WearBody(head.Wear.Locs, head.Wear.Style, head.Wear.Down),
            Schools = head.Schools,
            Density = head.Density,
            Strand = head.Strand,
            CoilWidthMm = head.CoilWidthMillimetres,
            Porosity = head.Porosity,
            PorosityEvidence = head.PorosityEvidence,
            ChemicalHistory = head.ChemicalHistory,
            Scalp = head.Scalp,
            FragileZones = head.FragileZones,
            Sensitivities = head.Sensitivities,
            AgeGroup = head.AgeGroup,
            CanSitUnderHeat = head.CanSitUnderHeat,
            AskClinician = head.AskClinician,
            Goals = head.Goals,
            Layering = head.Layering,
            UsualSections = head.UsualSections,
            LastWash = head.LastWash,
            LastDetangle = head.LastDetangle,
            WornAs = head.WornAs,
            Version = version,
        };
}

/// <summary>The size of a head with its working.</summary>
public sealed record SizeView(
    double MassGrams,
    double SurfaceSquareMetres,
    double ScalpSquareCm,
    double MeanLengthCm,
    string MassWorking,
    string SurfaceWorking,
    string ScalpWorking,
    double Tangle,
    IReadOnlyList<Section> Sections,
    string? Doubt
);

/// <summary>A head with everything that is computed from it.</summary>
/// <param name="Kind">Loose, locs, style or takenDown.</param>
/// <param name="KindWords">The same in words: "locs, mature".</param>
public sealed record HeadView(Guid Id, bool Archived, HeadBody Head, HairKinds Kind, string KindWords, SizeView Size, WashDue Due)
{
    /// <summary>How its hair comes to a day unless somebody says otherwise.</summary>
    public required HairComes Comes { get; init; }

    /// <summary>What is to be done by when, in sentences, besides washing.</summary>
    public required IReadOnlyList<string> Upkeep { get; init; }

    internal static HeadView Of(HeadRow row, DateOnly today, CraftFigures figures)
    {
        var head = row.ToHead();
        return new HeadView(
            row.Id,
            row.Archived,
            HeadBody.From(head, row.Version),
            head.Wear.Kind,
            head.Wear.Words,
            Measure(head, today, figures),
            WashRhythm.DueFor(head, today, figures.Rhythm)
        )
        {
            Comes = StartingHair.Of(head).Comes,
            Upkeep = WashRhythm.Upkeep(head, today, figures.Rhythm),
        };
    }

    internal static SizeView Measure(Head head, DateOnly today, CraftFigures figures)
    {
        var size = HeadSize.Of(head, figures.Head);
        var tangle = Tangle.Of(head, today, figures.HandsOn);
        return new SizeView(
            size.Mass.Value,
            size.Surface.Value,
            size.Scalp.Value,
            size.MeanLength.Value,
            size.MassWorking,
            size.SurfaceWorking,
            size.ScalpWorking,
            tangle,
            Sectioning.Lay(Sectioning.CountFor(head, tangle, figures.HandsOn)),
            size.Doubt
        );
    }
}

/// <summary>What can be entered for a head.</summary>
internal sealed class HeadBodyValidator : AbstractValidator<HeadBody>
{
    public HeadBodyValidator(DateOnly today)
    {
        RuleFor(head => head.Name)
            .Must(name => !string.IsNullOrWhiteSpace(name))
            .WithMessage(HeadErrors.AHeadNeedsAName)
            .MaximumLength(HeadLimits.LongestName)
            .WithMessage(HeadErrors.ANameCanHaveAtMost($"{HeadLimits.LongestName}"));
        RuleFor(head => head.Lengths).NotNull().WithMessage(HeadErrors.EnterTheLengths);
        When(
            head => head.Lengths is not null,
            () =>
            {
                Length(RuleFor(head => head.Lengths.NapeCm));
                Length(RuleFor(head => head.Lengths.CrownCm));
                Length(RuleFor(head => head.Lengths.FrontCm));
                Length(RuleFor(head => head.Lengths.SidesCm));
            }
        );
        Known(RuleFor(head => head.Density));
        Known(RuleFor(head => head.Strand));
        Known(RuleFor(head => head.Porosity));
        Known(RuleFor(head => head.PorosityEvidence));
        Known(RuleFor(head => head.AgeGroup));
        Known(RuleFor(head => head.Layering));
        Known(RuleFor(head => head.WornAs));
        Worn(today);
        RuleForEach(head => head.Scalp).IsInEnum().WithMessage(HeadErrors.KamuriDoesNotKnowThisScalp);
        RuleForEach(head => head.Goals).IsInEnum().WithMessage(HeadErrors.KamuriDoesNotKnowThisGoal);
        RuleFor(head => head.CoilWidthMm)
            .InclusiveBetween(HeadLimits.NarrowestCoilMillimetres, HeadLimits.WidestCoilMillimetres)
            .WithMessage(
                HeadErrors.ACoilIsNarrowestCoilMillimetresToWidestCoilMillimetres(
                    $"{HeadLimits.NarrowestCoilMillimetres}",
                    $"{HeadLimits.WidestCoilMillimetres}"
                )
            );
        RuleFor(head => head.UsualSections)
            .InclusiveBetween(HeadLimits.FewestSections, HeadLimits.MostSections)
            .WithMessage(
                HeadErrors.ChooseFewestSectionsToMostSectionsSections($"{HeadLimits.FewestSections}", $"{HeadLimits.MostSections}")
            );
        RuleFor(head => head.LastWash).LessThanOrEqualTo(today).WithMessage(HeadErrors.TheLastWashCannotBeIn);
        RuleFor(head => head.LastDetangle).LessThanOrEqualTo(today).WithMessage(HeadErrors.TheLastDetangleCannotBeIn);
        RuleForEach(head => head.ChemicalHistory)
            .Must(chemical => chemical is not null && chemical.Date <= today)
            .WithMessage(HeadErrors.AChemicalEventNeedsADate);
        RuleForEach(head => head.FragileZones)
            .Must(zone => zone is { Note: not null } && zone.Note.Length <= HeadLimits.LongestNote)
            .WithMessage(HeadErrors.AFragileZoneHasANote($"{HeadLimits.LongestNote}"));
        RuleForEach(head => head.Sensitivities)
            .Must(each => each is not null && each.Length <= HeadLimits.LongestNote)
            .WithMessage(HeadErrors.ASensitivityCanHaveAtMost($"{HeadLimits.LongestNote}"));
        RuleFor(head => head.ChemicalHistory.Count)
            .LessThanOrEqualTo(40)
            .OverridePropertyName("chemicalHistory")
            .WithMessage(HeadErrors.EnterAtMost40Events);
        RuleFor(head => head.Sensitivities.Count)
            .LessThanOrEqualTo(60)
            .OverridePropertyName("sensitivities")
            .WithMessage(HeadErrors.EnterAtMost60Sensitivities);
    }

    private void Worn(DateOnly today)
    {
        RuleFor(head => head.Wear)
            .Must(wear => new object?[] { wear.Locs, wear.Style, wear.Down }.Count(each => each is not null) <= 1)
            .WithMessage(HeadErrors.ChooseOneLooseLocsInA);
        When(
            head => head.Wear.Locs is not null,
            () =>
            {
                RuleFor(head => head.Wear.Locs!.Count)
                    .InclusiveBetween(HeadLimits.FewestLocs, HeadLimits.MostLocs)
                    .WithMessage(HeadErrors.EnterFewestLocsToMostLocsLocs($"{HeadLimits.FewestLocs}", $"{HeadLimits.MostLocs}"));
                RuleFor(head => head.Wear.Locs!.ThicknessMillimetres)
                    .InclusiveBetween(HeadLimits.ThinnestLocMillimetres, HeadLimits.ThickestLocMillimetres)
                    .WithMessage(
                        HeadErrors.ALocIsThinnestLocMillimetresToThickestLocMillimetres(
                            $"{HeadLimits.ThinnestLocMillimetres}",
                            $"{HeadLimits.ThickestLocMillimetres}"
                        )
                    );
                RuleFor(head => head.Wear.Locs!.Stage).IsInEnum().WithMessage(HeadErrors.KamuriDoesNotKnowThisChoice);
            }
        );
        When(
            head => head.Wear.Style is not null,
            () =>
            {
                RuleFor(head => head.Wear.Style!.PutIn).LessThanOrEqualTo(today).WithMessage(HeadErrors.TheDateCannotBeInThe);
                RuleFor(head => head.Wear.Style!.AddedHairGrams)
                    .InclusiveBetween(0, HeadLimits.MostAddedHairGrams)
                    .WithMessage(HeadErrors.AddedHairIs0ToMostAddedHairGrams($"{HeadLimits.MostAddedHairGrams}"));
                RuleFor(head => head.Wear.Style!.Made).IsInEnum().WithMessage(HeadErrors.KamuriDoesNotKnowThisChoice);
            }
        );
        When(
            head => head.Wear.Down is not null,
            () =>
            {
                RuleFor(head => head.Wear.Down!.WornDays)
                    .InclusiveBetween(1, HeadLimits.LongestWornDays)
                    .WithMessage(HeadErrors.Enter1ToLongestWornDaysDays($"{HeadLimits.LongestWornDays}"));
                RuleFor(head => head.Wear.Down!.Made).IsInEnum().WithMessage(HeadErrors.KamuriDoesNotKnowThisChoice);
            }
        );
        RuleFor(head => head.Schools).Must(AreKnown).WithMessage(HeadErrors.KamuriDoesNotKnowThisSchool);
    }

    internal static bool AreKnown(Schools schools) =>
        Enum.IsDefined(schools.ConditionOn)
        && Enum.IsDefined(schools.HotOil)
        && Enum.IsDefined(schools.Herbs)
        && Enum.IsDefined(schools.ScalpConditioner)
        && Enum.IsDefined(schools.ScalpOil)
        && Enum.IsDefined(schools.Detangle)
        && Enum.IsDefined(schools.LeaveIn)
        && Enum.IsDefined(schools.FinalWater)
        && Enum.IsDefined(schools.Length)
        && Enum.IsDefined(schools.Lifting)
        && Enum.IsDefined(schools.Protein)
        && Enum.IsDefined(schools.Homemade)
        && Enum.IsDefined(schools.Rhythm)
        && schools.TreatmentHeat is Heat.Cap or Heat.Hood or Heat.Steamer;

    private static void Length(IRuleBuilderInitial<HeadBody, double> rule) =>
        rule.Must(value => value is >= HeadLimits.ShortestCentimetres and <= HeadLimits.LongestCentimetres)
            .WithMessage(_ =>
                HeadErrors.StretchedLengthIs(Say.Length(HeadLimits.ShortestCentimetres), Say.Length(HeadLimits.LongestCentimetres))
            );

    private static void Known<T>(IRuleBuilderInitial<HeadBody, T> rule)
        where T : struct, Enum => rule.IsInEnum().WithMessage(HeadErrors.KamuriDoesNotKnowThisChoice);
}

using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Days;

/// <summary>Something the day does without, and why.</summary>
public sealed record LeftOut(string What, string Why);

/// <summary>Collects the bare steps of a day, each with its reason. Wetting and wringing are left to the rules.</summary>
internal sealed class DayBuilder(PlanRequest request, CraftFigures figures)
{
    private readonly List<PlanStep> _steps = [];
    private readonly List<LeftOut> _leftOut = [];

    public PlanRequest Request => request;

    /// <summary>How much more of a treatment dry hair takes than wrung-out hair.</summary>
    public double DryHairTakes => figures.Film.DryHairFactor;

    /// <summary>What is due by its rhythm, most pressing first.</summary>
    public IReadOnlyList<DueTreatment> Due { get; } = DueTreatments.For(request.History, request.Kind, request.Today, figures.Rhythm);

    public int ChemicalRestDays => figures.Rhythm.ChemicalRestDays;

    public Schools Schools => request.SchoolsInUse;
    public IReadOnlyList<PlanStep> Steps => _steps;
    public IReadOnlyList<LeftOut> LeftOut => _leftOut;

    public void Take(string kind, string reason, Func<PlanStep, PlanStep>? with = null)
    {
        var step = new PlanStep(PlanEditing.NextId(_steps, kind), StepCatalogue.Get(kind)) { Reason = reason };
        _steps.Add(with is null ? step : with(step));
    }

    public void Leave(string what, string why)
    {
        var left = new LeftOut(what, why);
        if (!_leftOut.Contains(left))
        {
            _leftOut.Add(left);
        }
    }

    public void Cover(string reason) => Take(StepIds.Cover, reason, step => step with { Heat = request.TreatmentHeatInUse });

    public void Dry(double dryness, string reason) =>
        Take(StepIds.Dry, reason, step =>
            step with
            {
                Air = request.DryingAir,
                Heat = request.DryingAir == Air.HoodLow ? Heat.Hood : Heat.None,
                DrynessWanted = dryness,
            }
        );

    public void CloseRinse(string reason) =>
        Take(StepIds.CoolRinse, reason, step =>
            Schools.FinalWater == FinalWater.Lukewarm ? step with { Water = WaterTemperature.Lukewarm } : step
        );

    public void Night()
    {
        if (request.EndsInBed)
        {
            Take(StepIds.Scarf, DayWords.BedtimeFollowsAScarfOrBonnet);
        }
    }
}

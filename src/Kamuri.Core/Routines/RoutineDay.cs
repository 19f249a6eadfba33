using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Routines;

/// <summary>Something the day does without, and why.</summary>
public sealed record LeftOut(string What, string Why);

/// <summary>
/// A routine fitted to a head and a day: its bare steps, each with its reason. Wetting and wringing are left to the rules.
/// </summary>
internal sealed class RoutineDay
{
    private readonly List<PlanStep> _steps = [];
    private readonly List<LeftOut> _leftOut = [];
    private readonly CraftFigures _figures;

    /// <summary>Fits a routine to what is asked for.</summary>
    public RoutineDay(Routine routine, PlanRequest request, CraftFigures figures)
    {
        (Request, _figures) = (request, figures);
        Due = DueToday.For(request, figures.Rhythm, Leave);
        Take(routine.Steps, routine.Parts);
    }

    public PlanRequest Request { get; }
    public DueToday Due { get; }
    public IReadOnlyList<PlanStep> Steps => _steps;
    public IReadOnlyList<LeftOut> LeftOut => _leftOut;

    public bool IsProteinAskedFor => Request.Aim == Aim.Strength || (Request.Kind == HairKinds.TakenDown && Request.Aim == Aim.Recovery);

    /// <summary>The stretch check decides before the aim does.</summary>
    public bool IsProteinWanted =>
        Request.Stretch switch
        {
            StretchCheck.NeedsMoisture when IsProteinAskedFor => false,
            StretchCheck.NeedsProtein when Request.Aim is Aim.Moisture or Aim.LengthKeeping or Aim.Recovery => true,
            _ => IsProteinAskedFor || Due.Protein is not null,
        };

    private void Take(IReadOnlyList<RoutineEntry> entries, IReadOnlyDictionary<string, IReadOnlyList<RoutineEntry>> parts)
    {
        foreach (var entry in entries.Where(entry => entry.If?.Holds(this) != false))
        {
            switch (entry)
            {
                case TakeStep step:
                    _steps.Add(Fitted(step));
                    break;
                case TakePart { Part: var part }:
                    Take(parts[part], parts);
                    break;
                case LeaveOut(var what, var why, _):
                    Leave(what.Replace("{style}", Planning.PlanSentences.Of(Request.Style), StringComparison.Ordinal), why);
                    break;
                case TakeOneOf { Of: var choices }:
                    Take([.. choices.Where(choice => choice.If?.Holds(this) != false).Take(1)], parts);
                    break;
            }
        }
    }

    /// <summary>A step as this head and this day want it.</summary>
    private PlanStep Fitted(TakeStep taken)
    {
        var step = new PlanStep(PlanEditing.NextId(_steps, taken.Kind.Id), taken.Kind)
        {
            Reason = taken.Why.Replace("{due}", Due.Reason(taken.Kind), StringComparison.Ordinal),
            Minutes = taken.Minutes,
            Pieces = taken.Pieces,
            WithPrevious = taken.Together,
            Origin = Request.Own is null ? StepOrigin.Composed : StepOrigin.Template,
        };
        step = step with
        {
            Places = taken.Places ?? step.Places,
            Direction = taken.Direction ?? step.Direction,
            Water = taken.Water ?? (IsLukewarm(step.Kind) ? WaterTemperature.Lukewarm : step.Water),
            AmountFactor = taken.Amount ?? (GoesOnDryHair(step.Kind) ? _figures.Film.DryHairFactor : 1),
        };
        return step.Kind switch
        {
            { Covers: true } => step with { Heat = taken.Heat ?? Request.TreatmentHeatInUse },
            { IsDrying: true } when (taken.Air ?? Request.DryingAir) is var air => step with
            {
                Air = air,
                Heat = air == Air.HoodLow ? Heat.Hood : Heat.None,
                DrynessWanted = taken.Dryness ?? (DriesToTheCore ? HairWalk.DryToTheCore : step.DrynessWanted),
            },
            _ => step,
        };
    }

    /// <summary>What holds water inside sours when it stays damp.</summary>
    private bool DriesToTheCore =>
        (Request.Kind & HairKinds.Kept) != 0 || Request.Style is EndStyle.TwistOut or EndStyle.SingleTwists or EndStyle.Braids;

    private bool IsLukewarm(StepKind kind) =>
        kind.IsClosingRinse && Request.SchoolsInUse is { FinalWater: FinalWater.Lukewarm } or { LeaveIn: LeaveInOn.WarmShower };

    private bool GoesOnDryHair(StepKind kind) =>
        kind.Puts is Substance.DeepConditioner or Substance.ProteinConditioner && Request.SchoolsInUse.ConditionOn == ConditionOn.Dry;

    private void Leave(string what, string why)
    {
        var left = new LeftOut(what, why);
        if (!_leftOut.Contains(left))
        {
            _leftOut.Add(left);
        }
    }
}

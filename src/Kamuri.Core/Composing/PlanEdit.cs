using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>One change to a composed plan. Accepting a rule's fix is a list of these, so undo is taking the last ones back.</summary>
public abstract record PlanEdit;

/// <summary>Leave a step out.</summary>
public sealed record DropStep(string Step) : PlanEdit;

/// <summary>Put a step of a kind in, after another; null puts it first.</summary>
public sealed record AddStep(string Kind, string? After) : PlanEdit;

/// <summary>Move a step behind another; null moves it to the front.</summary>
public sealed record MoveStep(string Step, string? After) : PlanEdit;

/// <summary>Do a step once more, right behind itself.</summary>
public sealed record DuplicateStep(string Step) : PlanEdit;

/// <summary>Move several steps together, in the order given, behind another; null moves them to the front.</summary>
public sealed record MoveSteps(IReadOnlyList<string> Steps, string? After) : PlanEdit;

/// <summary>Put every treatment, with the water and the waiting that belong to it, where its phase of the day is.</summary>
public sealed record OrderByPhase : PlanEdit;

/// <summary>Work a step section by section together with the one before it, or apart from it again.</summary>
public sealed record SetTogether(string Step, bool Together) : PlanEdit;

/// <summary>Let a step work for so many minutes, within its window.</summary>
public sealed record SetMinutes(string Step, double Minutes) : PlanEdit;

/// <summary>Put a step on other places of the head.</summary>
public sealed record SetPlaces(string Step, Places Places) : PlanEdit;

/// <summary>Warm a treatment in another way.</summary>
public sealed record SetHeat(string Step, Heat Heat) : PlanEdit;

/// <summary>Do a step with other water.</summary>
public sealed record SetWater(string Step, WaterTemperature Water) : PlanEdit;

/// <summary>Work a step the other way.</summary>
public sealed record SetDirection(string Step, Direction Direction) : PlanEdit;

/// <summary>Let a drying step wait for another dryness, 0.8 or 0.95.</summary>
public sealed record SetDryness(string Step, double Dryness) : PlanEdit;

/// <summary>How many twists, braids or locs a piecewise step makes.</summary>
public sealed record SetPieces(string Step, int Pieces) : PlanEdit;

/// <summary>Go on in spite of a stop, for a reason that is kept with the plan. Safety stops cannot be overridden.</summary>
public sealed record OverrideStop(string Rule, string Reason) : PlanEdit;

/// <summary>An edit that could not be made, and why.</summary>
public sealed record RefusedEdit(int Index, string Reason);

/// <summary>Applies edits to a list of steps.</summary>
public static class PlanEditing
{
    /// <summary>
    /// Applies edits in order. An edit that names a step that is not there is refused with a reason and the rest go on:
    /// a person who changed the aim keeps every edit that still makes sense.
    /// </summary>
    public static (IReadOnlyList<PlanStep> Steps, IReadOnlyList<RefusedEdit> Refused) Apply(
        IReadOnlyList<PlanStep> steps,
        IReadOnlyList<PlanEdit> edits,
        StepOrigin origin = StepOrigin.Person
    )
    {
        var list = steps.ToList();
        var refused = new List<RefusedEdit>();
        for (var index = 0; index < edits.Count; index++)
        {
            if (ApplyOne(list, edits[index], origin) is { } reason)
            {
                refused.Add(new RefusedEdit(index, reason));
            }
        }

        return (list, refused);
    }

    /// <summary>The step with other heat: a drying step without its hood stands in still air.</summary>
    private static PlanStep Heated(PlanStep step, Heat heat)
    {
        var air = step.Kind.IsDrying && heat == Heat.None && step.Air == Air.HoodLow ? Air.Still : step.Air;
        return step with { Heat = heat, Air = air };
    }

    private static string? ApplyOne(List<PlanStep> list, PlanEdit edit, StepOrigin origin)
    {
        switch (edit)
        {
            case AddStep add:
                if (StepCatalogue.Find(add.Kind) is not { } kind)
                {
                    return ComposingWords.ThereIsNoStepCalledAdd(add.Kind);
                }

                if (Place(list, add.After) is not { } addAt)
                {
                    return ComposingWords.ThePlanHasNoStepAfter(add.After!, kind.Noun);
                }

                list.Insert(addAt, new PlanStep(NextId(list, kind.Id), kind) { Reason = ComposingWords.YouAddedIt, Origin = origin });
                return null;
            case DropStep drop:
                return Drop(list, drop.Step);
            case MoveStep move:
                var from = list.FindIndex(step => step.Id == move.Step);
                if (from < 0)
                {
                    return NotThere(move.Step);
                }

                if (move.After == move.Step)
                {
                    return ComposingWords.AStepCannotComeAfterItself;
                }

                var moving = list[from];
                list.RemoveAt(from);
                if (Place(list, move.After) is not { } to)
                {
                    list.Insert(from, moving);
                    return NotThere(move.After!);
                }

                list.Insert(to, moving);
                return null;
            case DuplicateStep duplicate:
                var original = list.FindIndex(step => step.Id == duplicate.Step);
                if (original < 0)
                {
                    return NotThere(duplicate.Step);
                }

                list.Insert(
                    original + 1,
                    list[original] with
                    {
                        Id = NextId(list, list[original].Kind.Id),
                        Reason = ComposingWords.YouAskedForThisStepAgain,
                        Origin = origin,
                        WithPrevious = false,
                    }
                );
                return null;
            case MoveSteps moves:
                return MoveAll(list, moves);
            case OrderByPhase:
                var sorted = PhaseOrder.Sorted(list);
                list.Clear();
                list.AddRange(sorted);
                return null;
            case SetTogether together:
                var at = list.FindIndex(step => step.Id == together.Step);
                return at < 0 ? NotThere(together.Step)
                    : !together.Together ? Change(list, together.Step, step => step with { WithPrevious = false })
                    : at == 0 || !CanBeTogether(list[at - 1], list[at]) ? ComposingWords.ListAndTheStepBeforeIt(list[at].Kind.Name)
                    : Change(list, together.Step, step => step with { WithPrevious = true });
            case SetMinutes minutes:
                return Change(list, minutes.Step, step => step with { Minutes = minutes.Minutes });
            case SetPlaces places:
                return Change(list, places.Step, step => step with { Places = places.Places });
            case SetHeat heat:
                return Change(list, heat.Step, step => Heated(step, heat.Heat));
            case SetWater water:
                return Change(list, water.Step, step => step with { Water = water.Water });
            case SetDirection direction:
                return Change(list, direction.Step, step => step with { Direction = direction.Direction });
            case SetDryness dryness:
                return Change(list, dryness.Step, step => step with { DrynessWanted = dryness.Dryness });
            case SetPieces pieces:
                return Change(list, pieces.Step, step => step with { Pieces = pieces.Pieces });
            case OverrideStop:
                // It changes no step; the findings take it up.
                return null;
            default:
                return ComposingWords.KamuriDoesNotKnowThisKind;
        }
    }

    /// <summary>
    /// Takes a step out with what only served it: the covers of a treatment, and the rinse that took it off where water comes before or
    /// after anyway.
    /// </summary>
    private static string? Drop(List<PlanStep> list, string id)
    {
        var at = list.FindIndex(step => step.Id == id);
        if (at < 0)
        {
            return NotThere(id);
        }

        var dropped = list[at].Kind;
        List<PlanStep> served =
        [
            list[at],
            .. dropped.Processing is null ? [] : list.Skip(at + 1).TakeWhile(step => step.Kind.IsCompanion).Where(step => step.Kind.Covers),
        ];
        var behind = list.FindIndex(at + 1, step => !step.Kind.IsCompanion);
        var isWetAnyway = dropped.IsBeforeCleanse || (at > 0 && list[at - 1].Kind.Removes != Removal.None);
        if (dropped.Processing is not null && behind > 0 && list[behind].Kind.Id == StepIds.Rinse && isWetAnyway)
        {
            served.Add(list[behind]);
        }

        list.RemoveAll(served.Contains);
        return null;
    }

    /// <summary>Whether two steps can be worked section by section in one pass.</summary>
    public static bool CanBeTogether(PlanStep before, PlanStep step) => before.Kind.HandsOn.IsSectioned && step.Kind.HandsOn.IsSectioned;

    private static string? MoveAll(List<PlanStep> list, MoveSteps moves)
    {
        var moving = moves.Steps.Select(id => list.Find(step => step.Id == id)).OfType<PlanStep>().Distinct().ToList();
        if (moving.Count == 0)
        {
            return ComposingWords.NoneOfTheseStepsAreIn;
        }

        if (moves.After is not null && (moves.Steps.Contains(moves.After) || list.TrueForAll(step => step.Id != moves.After)))
        {
            return moves.Steps.Contains(moves.After) ? ComposingWords.StepsCannotComeAfterThemselves : NotThere(moves.After);
        }

        list.RemoveAll(moving.Contains);
        list.InsertRange(Place(list, moves.After)!.Value, moving);
        return null;
    }

    private static string? Change(List<PlanStep> list, string id, Func<PlanStep, PlanStep> change)
    {
        var at = list.FindIndex(step => step.Id == id);
        if (at < 0)
        {
            return NotThere(id);
        }

        list[at] = change(list[at]);
        return null;
    }

    private static int? Place(List<PlanStep> list, string? after)
    {
        if (after is null)
        {
            return 0;
        }

        var at = list.FindIndex(step => step.Id == after);
        return at < 0 ? null : at + 1;
    }

    private static string NotThere(string id) => ComposingWords.ThePlanNoLongerHasThe(id);

    /// <summary>The first free id for a kind: <c>rinse</c>, then <c>rinse-2</c>.</summary>
    public static string NextId(IEnumerable<PlanStep> steps, string kind)
    {
        var taken = steps.Select(step => step.Id).ToHashSet();
        var id = kind;
        for (var n = 2; taken.Contains(id); n++)
        {
            id = $"{kind}-{n}";
        }

        return id;
    }
}

using Kamuri.Core.Composing;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Web.Plans;

/// <summary>One step to take as it is, from a template or a script. What is left out is as the catalogue has it.</summary>
public sealed record StepBody
{
    /// <summary>The catalogue id.</summary>
    public required string Kind { get; init; }

    /// <summary>Unique in the plan; made from the kind when left out.</summary>
    public string? Id { get; init; }

    public IReadOnlyList<Places>? Places { get; init; }
    public Direction? Direction { get; init; }
    public WaterTemperature? Water { get; init; }
    public Heat Heat { get; init; }
    public Air Air { get; init; }

    /// <summary>On drying steps: 0.8 or 0.95.</summary>
    public double Dryness { get; init; } = 0.8;

    /// <summary>Working minutes; null takes the usual.</summary>
    public double? Minutes { get; init; }

    public int? Pieces { get; init; }

    /// <summary>How much more of it is taken than usual, 0.1 to 5.</summary>
    public double AmountFactor { get; init; } = 1;

    /// <summary>Worked section by section together with the step before it.</summary>
    public bool WithPrevious { get; init; }

    internal static IReadOnlyList<PlanStep> ToSteps(IEnumerable<StepBody> bodies)
    {
        var steps = new List<PlanStep>();
        foreach (var body in bodies)
        {
            var kind = StepCatalogue.Get(body.Kind);
            var step = new PlanStep(body.Id ?? PlanEditing.NextId(steps, kind.Id), kind)
            {
                Reason = PlanErrors.AsInTheSavedPlan,
                Origin = StepOrigin.Template,
                Heat = body.Heat,
                Air = body.Air,
                DrynessWanted = body.Dryness,
                Minutes = body.Minutes,
                Pieces = body.Pieces,
                AmountFactor = body.AmountFactor,
                WithPrevious = body.WithPrevious,
            };
            steps.Add(
                step with
                {
                    Places = body.Places?.Aggregate(Core.Steps.Places.None, (all, one) => all | one) ?? step.Places,
                    Direction = body.Direction ?? step.Direction,
                    Water = body.Water ?? step.Water,
                }
            );
        }

        return steps;
    }

    internal static StepBody From(PlanStep step) =>
        new()
        {
            Kind = step.Kind.Id,
            Id = step.Id,
            Places = EditBody.PlaceNames(step.Places),
            Direction = step.Direction,
            Water = step.Water,
            Heat = step.Heat,
            Air = step.Air,
            Dryness = step.DrynessWanted,
            Minutes = step.Minutes,
            Pieces = step.Pieces,
            AmountFactor = step.AmountFactor,
            WithPrevious = step.WithPrevious,
        };
}

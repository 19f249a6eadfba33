using Kamuri.Core.Composing;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>One step of making a scaled mixture, batches of other formulas included.</summary>
/// <param name="Id">Unique within the mixture.</param>
/// <param name="Words">What hands do, with amounts.</param>
/// <param name="Method">The step as the formula has it.</param>
/// <param name="Vessel">What it stands in.</param>
/// <param name="Volume">How much of it there is.</param>
/// <param name="HotAt">How warm it is when it begins to cool; null takes the figure for what was just strained.</param>
public sealed record CookStep(string Id, MeasuredWords Words, MethodStep Method, Vessel Vessel, Millilitres Volume, Celsius? HotAt)
{
    /// <summary>How long the wait behind it takes, in minutes; null when there is none.</summary>
    public Window? Wait(Room room, CoolingFigures figures) =>
        Method.WaitTitle is null ? null
        : Method.Cools ? Cooling.ToSkin(Vessel, Volume, HotAt ?? figures.Strained, room.Temperature, figures)
        : Method.Wait;
}

/// <summary>What of a mixture has to be begun before the day it is used on.</summary>
/// <param name="Formula">What is made.</param>
/// <param name="Steps">What has to be done before.</param>
/// <param name="LeadMinutes">From the first of it until the rest can follow: at least, usually, at most.</param>
public sealed record AheadWork(string Formula, IReadOnlyList<CookStep> Steps, Window LeadMinutes);

/// <summary>Something taken from a batch that is there.</summary>
/// <param name="Sentence">For example "Take 15 ml from Infused oil."</param>
public sealed record TakenFromBatch(Guid BatchId, string Name, Millilitres Amount, MeasuredWords Sentence);

/// <summary>How a scaled mixture is made: what comes first, what can wait for the day.</summary>
/// <param name="Mixture">What is made.</param>
/// <param name="Ahead">What has to be begun before; null when all of it can be done on the day.</param>
/// <param name="OnTheDay">What is done on the day, in order.</param>
/// <param name="Taken">What it takes from batches of other formulas.</param>
public sealed record Cooking(ScaledFormula Mixture, AheadWork? Ahead, IReadOnlyList<CookStep> OnTheDay, IReadOnlyList<TakenFromBatch> Taken)
{
    /// <summary>What is left over when its step has taken its share; 0 for nothing worth keeping.</summary>
    public Millilitres Rest { get; init; } = new(0);

    /// <summary>What becomes of what is left over, in a sentence; null when nothing is.</summary>
    public string? RestSentence =>
        Rest.Value <= 0 ? null
        : Mixture.Formula.Keep.IsUnderADay ? KitchenWords.IsLeftAndDoesNotKeep(Say.Amount(Rest.Value))
        : KitchenWords.IsLeftForAJar(Say.Amount(Rest.Value));

    /// <summary>Lays out the making of a scaled formula.</summary>
    /// <param name="mixture">What is made.</param>
    /// <param name="kitchen">The other formulas that go into it.</param>
    /// <param name="isThere">A usable batch of a formula with so much in it; null when there is none.</param>
    /// <param name="room">The room it cools in.</param>
    /// <param name="cooling">How fast.</param>
    /// <param name="figures">Which waits are too long for the day.</param>
    public static Cooking Of(
        ScaledFormula mixture,
        Kitchen kitchen,
        Func<Guid, Millilitres, Batch?> isThere,
        Room room,
        CoolingFigures cooling,
        MixtureFigures figures
    )
    {
        var (steps, taken, ids) = (new List<CookStep>(), new List<TakenFromBatch>(), new HashSet<string>());
        Add(mixture, "");
        var last = steps.FindLastIndex(step => step.Wait(room, cooling) is { } wait && wait.Usual > figures.LongestInDay.TotalMinutes);
        return last < 0
            ? new Cooking(mixture, null, steps, taken)
            : new Cooking(
                mixture,
                new AheadWork(mixture.Formula.Name, [.. steps.Take(last + 1)], Lead(steps.Take(last + 1), room, cooling)),
                [.. steps.Skip(last + 1)],
                taken
            );

        // Two formulas of one kind may go into a third.
        string Unique(string id)
        {
            var (unique, n) = (id, 1);
            while (!ids.Add(unique))
            {
                unique = $"{id}-{++n}";
            }

            return unique;
        }

        void Add(ScaledFormula scaled, string prefix)
        {
            foreach (var line in scaled.Lines)
            {
                if (line.Ingredient.FormulaId is not { } id || kitchen.Formula(id) is not { } inner)
                {
                    continue;
                }

                if (isThere(id, line.Volume) is { } batch)
                {
                    taken.Add(
                        new TakenFromBatch(
                            batch.Id,
                            batch.Name,
                            line.Volume,
                            MeasuredWords.Of(way => KitchenWords.TakeWayFromBatch(way(line.Amount), batch.Name))
                        )
                    );
                }
                else
                {
                    Add(Scaling.ToMakeWithin(inner, line.Volume, kitchen), $"{prefix}{inner.Kind}-");
                }
            }

            steps.AddRange(
                scaled.Formula.Method.Select(step => new CookStep(
                    Unique($"{prefix}{step.Id}"),
                    MeasuredWords.Of(way =>
                        Scaling.Words(step.Title, scaled.Lines.Select(line => (line.Ingredient.Name, way(line.Amount))))
                    ),
                    step,
                    scaled.Formula.Vessel,
                    scaled.Makes,
                    scaled.Formula.HotAt
                ))
            );
        }
    }

    /// <summary>Whether anything in a formula stands long enough that its making could reach beyond the day.</summary>
    public static bool MayReachBeyond(Formula formula, Kitchen kitchen, TimeSpan longestInDay) =>
        formula.Method.Any(step => step.Cools || step.Wait?.Usual > longestInDay.TotalMinutes)
        || formula.Ingredients.Any(each =>
            each.FormulaId is { } id && kitchen.Formula(id) is { } inner && MayReachBeyond(inner, kitchen, longestInDay)
        );

    /// <summary>How long the making takes from first to last: at least, usually, at most.</summary>
    public Window Whole(Room room, CoolingFigures cooling) => Lead([.. Ahead?.Steps ?? [], .. OnTheDay], room, cooling);

    private static Window Lead(IEnumerable<CookStep> steps, Room room, CoolingFigures cooling)
    {
        var all = steps.Select(step => (step.Method.HandsOnMinutes, wait: step.Wait(room, cooling))).ToList();
        return new Window(
            all.Sum(step => step.HandsOnMinutes + (step.wait?.Earliest ?? 0)),
            all.Sum(step => step.HandsOnMinutes + (step.wait?.Usual ?? 0)),
            all.Sum(step => step.HandsOnMinutes + (step.wait?.Latest ?? 0))
        );
    }
}

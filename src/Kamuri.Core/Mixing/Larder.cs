using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What was made before and can be used now.</summary>
public static class Larder
{
    /// <summary>
    /// The request with what each step is made with filled in: the formula a step is brewed by when nobody chose
    /// anything, and a good batch of it in the place of the cooking when there is one with enough in it.
    /// </summary>
    public static PlanRequest Fill(PlanRequest request, CraftFigures figures)
    {
        var uses = new Dictionary<string, StepUse>(request.Uses);
        foreach (
            var kind in StepCatalogue.All.Where(kind =>
                kind.Preparation is not null && !request.Uses.Keys.Any(key => StepCatalogue.OfStep(key) == kind)
            )
        )
        {
            // Nobody chose a herb, so nothing can be called new in it.
            uses[kind.Id] = Made(FormulaCatalogue.ForPreparation(kind.Preparation!), request.Kitchen) with { AskForPatchTest = [] };
        }

        var size = HeadSize.Of(request.Head, figures.Head);
        foreach (var (key, use) in uses.ToList())
        {
            if (use is not { Making: { } formula, MadeFresh: false, WholeBatch: false } || StepCatalogue.OfStep(key) is not { } kind)
            {
                continue;
            }

            var needed = FilmModel.For(kind.Puts, kind.Places, size, figures, 1, request.Hand)?.Exact ?? new Millilitres(0);
            if (Find(request, formula.Id, needed, figures) is { } batch)
            {
                uses[key] = BatchKeeping.AsUse(batch, request.Today, request.When.Now, figures.Mixtures);
            }
        }

        return request with
        {
            Uses = uses,
        };
    }

    /// <summary>What a step is told of a mixture that is made for it.</summary>
    /// <exception cref="FormulaLoopException">It comes back to itself.</exception>
    public static StepUse Made(Formula formula, Kitchen kitchen) =>
        Contents.Of(formula, kitchen).AsUse(formula, kitchen) with
        {
            Making = formula,
        };

    /// <summary>
    /// The usable batch of a formula that is over soonest and has enough in it; frozen ones last. Null when there is none.
    /// </summary>
    public static Batch? Find(PlanRequest request, Guid formula, Millilitres needed, CraftFigures figures) =>
        request
            .Batches.Where(batch => batch.FormulaId == formula && batch.Left.Value >= needed.Value)
            .Select(batch => (batch, standing: BatchKeeping.Of(batch, request.Today, request.When.Now, figures.Mixtures)))
            .Where(pair => pair.standing.CanBeUsed)
            .OrderBy(pair => pair.standing.State == BatchState.Frozen)
            .ThenBy(pair => pair.standing.UseBy)
            .Select(pair => pair.batch)
            .FirstOrDefault();

    /// <summary>
    /// How a mixture is made for a request: what is wanted, the least batch or all the formula makes. What other
    /// formulas have left in the larder goes into it.
    /// </summary>
    public static Cooking Cook(PlanRequest request, Formula formula, Millilitres wanted, bool isWhole, CraftFigures figures)
    {
        var needed = new Millilitres(Math.Max(1, wanted.Value * figures.Mixtures.MadeBeyond));
        var least = isWhole ? request.Kitchen.YieldOf(formula) : LeastBatch.Of(formula, request.Kitchen);
        var made = new Millilitres(Math.Max(needed.Value, least.Value));
        var mixture = Scaling.ToMakeWithin(formula, made, request.Kitchen);
        return Cooking.Of(
            mixture,
            request.Kitchen,
            (id, amount) => Find(request, id, amount, figures),
            request.Room,
            figures.Cooling,
            figures.Mixtures
        ) with
        {
            Rest = LeastBatch.Rest(mixture.Makes, needed),
        };
    }
}

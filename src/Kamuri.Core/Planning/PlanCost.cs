using Kamuri.Core.Mixing;

namespace Kamuri.Core.Planning;

/// <summary>What a day takes from the shelf, in money, as far as prices are known.</summary>
/// <param name="Total">In the household's own money; 0 when nothing is priced.</param>
/// <param name="Unpriced">Products without a price; the total leaves them out.</param>
public sealed record PlanCost(decimal Total, IReadOnlyList<string> Unpriced)
{
    /// <summary>Adds up products, batches and mixtures that were chosen; what nobody chose costs nothing that is known.</summary>
    internal static PlanCost Of(Plan plan)
    {
        var (total, unpriced) = (0m, new List<string>());
        foreach (var step in plan.Steps)
        {
            if (plan.Request.UseOf(step.Step) is not { } use || step.Amount is not { } amount)
            {
                continue;
            }

            if (plan.Mixtures.FirstOrDefault(mixture => mixture.Step.Id == step.Step.Id) is { } mixture)
            {
                var cost = Cost.Of(mixture.Cooking.Mixture, plan.Request.Kitchen);
                total += cost.Total;
                unpriced.AddRange(cost.Unpriced);
                continue;
            }

            var price =
                use.ProductId is { } product ? plan.Request.Kitchen.Product(product)?.PricePerMl
                : use.BatchId is { } batch ? plan.Request.Batches.FirstOrDefault(each => each.Id == batch)?.PricePerMl
                : null;
            total += (price ?? 0) * (decimal)amount.Exact.Value;
            if (price is null)
            {
                unpriced.Add(use.Name);
            }
        }

        return new PlanCost(total, [.. unpriced.Distinct()]);
    }
}

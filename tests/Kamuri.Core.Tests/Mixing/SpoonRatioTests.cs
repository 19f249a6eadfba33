using Kamuri.Core.Mixing;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>Spoons keep the ratio of a formula.</summary>
public class SpoonRatioTests
{
    private static string[] Spoons(double millilitres, params double[] parts) =>
        [
            .. Scaling
                .ToMake(
                    new Formula
                    {
                        Id = Guid.NewGuid(),
                        Name = "In parts",
                        Kind = FormulaKind.Other,
                        Keep = KeepRule.Now,
                        Ingredients =
                        [
                            .. parts.Zip(["water", "aloe juice", "rose water"], (part, name) =>
                                new FormulaIngredient(name, part, Unit.PartByVolume)
                            ),
                        ],
                    },
                    new Millilitres(millilitres),
                    Kitchen.Shipped
                )
                .Lines.Select(line => line.Amount.Spoons),
        ];

    [Theory]
    [InlineData(100, "1½ tbsp", "3 tbsp", "3 tbsp")]
    [InlineData(50, "2 tsp", "4 tsp", "4 tsp")]
    [InlineData(25, "1 tsp", "2 tsp", "2 tsp")]
    [InlineData(6, "¼ tsp", "½ tsp", "½ tsp")]
    public void One_two_two_stays_one_two_two(double millilitres, params string[] spoons) =>
        Assert.Equal(spoons, Spoons(millilitres, 1, 2, 2));

    [Fact]
    public void What_has_no_simple_ratio_is_rounded_each_for_itself() => Assert.Equal(["1½ tbsp", "5½ tbsp"], Spoons(100, 1, 3.7));
}

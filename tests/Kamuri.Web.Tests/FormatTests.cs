using System.Text;
using CsCheck;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Units;
using Kamuri.Store.Formats;
using Kamuri.Store.Shelf;

namespace Kamuri.Web.Tests;

/// <summary>Formulas as recipes and Markdown, products as tables: out and in again, and what is said when they are wrong.</summary>
public class FormatTests
{
    private static readonly DateOnly Today = new(2026, 3, 14);

    public static TheoryData<string> Names => new(FormulaCatalogue.All.Select(formula => formula.Name));

    /// <summary>What has to survive: everything but ids, which are given anew.</summary>
    private static string Core(Formula formula) =>
        string.Join(
            "\n",
            new[]
            {
                formula.Name,
                formula.Kind.ToString(),
                $"{formula.YieldShare:R}",
                formula.Keep.ToString(),
                string.Join(",", formula.ServesAs),
                $"{formula.Vessel} {formula.HotAt} {formula.UsedWarm}",
                formula.Note,
            }
                .Concat(formula.Ingredients.Select(each => $"{each.Amount:R} {each.Unit} {each.Name} {each.AfterStraining}"))
                .Concat(
                    formula.Method.Select(step =>
                        $"{step.Title} {step.HandsOnMinutes:R} {string.Join(",", step.Needs)} "
                        + $"{step.WaitTitle} {step.Wait} {step.Cools} {step.At} {step.Does}"
                    )
                )
        );

    [Theory]
    [MemberData(nameof(Names))]
    public void A_formula_comes_back_from_a_recipe_and_from_Markdown_as_it_went(string name)
    {
        var formula = FormulaCatalogue.All.Single(each => each.Name == name);
        var (recipe, wrong) = RecipeJson.Read(RecipeJson.Write(formula, new Millilitres(100)));
        Assert.Empty(wrong);
        Assert.Equal(Core(formula), Core(recipe!));

        var (markdown, wrongToo) = FormulaMarkdown.Read(FormulaMarkdown.Write(formula));
        Assert.Empty(wrongToo);
        Assert.Equal(Core(formula), Core(markdown!));
    }

    [Fact]
    public void Any_amount_comes_back_exactly() =>
        Gen.Select(Gen.Double[0.0001, 99_999], Gen.Enum<Unit>(), Gen.Bool)
            .Sample(
                (amount, unit, after) =>
                {
                    var ingredient = new FormulaIngredient("olive oil", amount, unit) { AfterStraining = after };
                    return IngredientLine.Read(IngredientLine.Write(ingredient)) == ingredient;
                }
            );

    [Theory]
    [InlineData("1½ tbsp honey", 1.5, Unit.Tablespoon, "honey")]
    [InlineData("1 1/2 cups of water", 1.5, Unit.Cup, "water")]
    [InlineData("3/4 tsp. castor oil", 0.75, Unit.Teaspoon, "castor oil")]
    [InlineData("2 eggs", 2, Unit.Piece, "eggs")]
    [InlineData("250ml water", 250, Unit.Millilitre, "water")]
    [InlineData("0,5 l water", 0.5, Unit.Litre, "water")]
    [InlineData("12 DROPS lavender oil", 12, Unit.Drop, "lavender oil")]
    [InlineData("1 part flaxseed", 1, Unit.PartByVolume, "flaxseed")]
    [InlineData("2 x egg", 2, Unit.Piece, "egg")]
    public void Lines_are_read_as_people_write_them(string line, double amount, Unit unit, string name) =>
        Assert.Equal(new FormulaIngredient(name, amount, unit), IngredientLine.Read(line));

    [Theory]
    [InlineData("water", "does not begin with an amount")]
    [InlineData("0 ml water", "above 0")]
    [InlineData("1/0 cup water", "above 0")]
    [InlineData("-3 ml water", "does not begin with an amount")]
    [InlineData("250 ml", "has an amount but no name")]
    public void A_line_that_cannot_be_read_says_why(string line, string sentence) =>
        Assert.Contains(sentence, Assert.Throws<FormatException>(() => IngredientLine.Read(line)).Message, StringComparison.Ordinal);

    [Fact]
    public void A_recipe_from_elsewhere_is_read_as_far_as_it_goes()
    {
        const string foreign = """
            {"@context":"https://schema.org","@graph":[{"@type":"WebPage"},{"@type":["Recipe","Thing"],"name":"Oat milk rinse",
            "recipeIngredient":["1 cup oat extract","2 tbsp honey"],"recipeInstructions":"Blend and strain.","recipeYield":"1 jar"}]}
            """;
        var (formula, problems) = RecipeJson.Read(foreign);

        Assert.Empty(problems);
        Assert.Equal(
            ("Oat milk rinse", FormulaKind.Other, "Blend and strain."),
            (formula!.Name, formula.Kind, formula.Method.Single().Title)
        );
        Assert.Equal(KeepRule.Now, formula.Keep);
    }

    [Theory]
    [InlineData("{", "line 1", "as JSON")]
    [InlineData("""{"@type":"Event"}""", "the document", "no Recipe")]
    [InlineData(
        """{"@type":"Recipe","name":"X","recipeIngredient":["1 ml water","much honey"]}""",
        "recipeIngredient[1]",
        "does not begin with an amount"
    )]
    [InlineData(
        """{"@type":"Recipe","name":"X","recipeIngredient":["1 ml water"]"""
            + ""","recipeInstructions":[{"@type":"HowToStep","text":"Stir","timeRequired":"soon"}]}""",
        "recipeInstructions[0]",
        "is not a duration"
    )]
    [InlineData("""{"@type":"Recipe","recipeIngredient":["1 ml water"]}""", "Recipe", "Enter a name")]
    public void A_recipe_that_is_wrong_says_where(string text, string where, string sentence)
    {
        var (formula, problems) = RecipeJson.Read(text);
        Assert.Null(formula);
        Assert.Contains(problems, problem => problem.Where == where && problem.Message.Contains(sentence, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("", "line 1", "name")]
    [InlineData("# X\n\n## Ingredients\n\n- 1 ml water\n- honey", "line 6", "")]
    [InlineData("# X\n\n- Kind: soup\n\n## Ingredients\n\n- 1 ml water", "line 3", "kind")]
    [InlineData("# X\n\n- Yield: 140 %\n\n## Ingredients\n\n- 1 ml water", "line 3", "yield")]
    [InlineData("# X\n\n- Keeps: a while\n\n## Ingredients\n\n- 1 ml water", "line 3", "keeps")]
    [InlineData("# X\n\n## Ingredients\n\n- 1 ml water\n\n## Method\n\n1. Stir (2 min)\n   - Wait: some time", "line 10", "wait")]
    public void Markdown_that_is_wrong_says_which_line(string text, string where, string field)
    {
        var (formula, problems) = FormulaMarkdown.Read(text);
        Assert.Null(formula);
        Assert.Contains(problems, problem => problem.Where == where && problem.Field == field);
    }

    [Fact]
    public void A_table_comes_back_as_it_went() =>
        Gen.Select(
                Gen.String[Gen.Char[" ,;\"'=\nabcäöß€–"], 1, 40],
                Gen.Enum<ProductRole>(),
                Gen.Int[1, 20_000],
                Gen.Double[0, 1],
                Gen.Bool
            )
            .Sample(
                (text, role, size, share, full) =>
                {
                    var name = text.Trim().Length == 0 ? "x" : text.Trim();
                    var product = new ProductRow
                    {
                        Name = name,
                        Role = role,
                        SizeMillilitres = full ? size : null,
                        LeftMillilitres = full ? size * share : null,
                        Price = full ? 7.90m : null,
                        Opened = full ? Today.AddDays(-size % 300) : null,
                        MonthsAfterOpening = full ? 12 : null,
                        Label = name,
                    };
                    var back = ProductCsv.Read(ProductCsv.Write([product]), Today).Single().Product!;
                    return (
                            back.Name,
                            back.Role,
                            back.SizeMillilitres,
                            back.LeftMillilitres,
                            back.Price,
                            back.Opened,
                            back.MonthsAfterOpening,
                            back.Label
                        )
                        == (
                            product.Name,
                            product.Role,
                            product.SizeMillilitres,
                            product.LeftMillilitres,
                            product.Price,
                            product.Opened,
                            product.MonthsAfterOpening,
                            product.Label
                        );
                }
            );

    [Fact]
    public void Semicolons_other_names_of_columns_and_commas_in_numbers_are_read()
    {
        var line = ProductCsv.Read("Name;Role;Size ML;Price\nWeiche Milch;leave-in;250,5;8,40\n", Today).Single();
        Assert.Equal(
            ("Weiche Milch", ProductRole.LeaveIn, 250.5, 8.40m),
            (line.Product!.Name, line.Product.Role, line.Product.SizeMillilitres, line.Product.Price)
        );
    }

    [Fact]
    public void Good_rows_are_good_and_bad_ones_say_line_and_field()
    {
        var lines = ProductCsv
            .Read(
                "name,role,size_ml,left_ml,opened\nA,oil,100,20,\n,oil,,,\nB,soap,,,\nC,gel,x,,\nD,gel,10,20,\n"
                    + "E,gel,,,2999-01-01\nF,gel,,,yesterday\nG,gel,5,,2026-01-02\n",
                Today
            )
            .ToList();

        Assert.Equal(["A", "G"], lines.Where(line => line.Product is not null).Select(line => line.Product!.Name));
        Assert.Equal(
            [
                ("line 3", "name"),
                ("line 4", "role"),
                ("line 5", "size_ml"),
                ("line 6", "left_ml"),
                ("line 7", "opened"),
                ("line 8", "opened"),
            ],
            lines.SelectMany(line => line.Problems).Select(problem => (problem.Where, problem.Field))
        );
    }

    [Theory]
    [InlineData("utf-8", false)]
    [InlineData("utf-8", true)]
    [InlineData("utf-16", true)]
    [InlineData("utf-16BE", true)]
    [InlineData("windows-1252", false)]
    public void Whatever_it_was_written_with_it_is_read(string name, bool mark)
    {
        Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);
        var encoding = Encoding.GetEncoding(name);
        const string text = "name,role\nWächst schön,gel\n";
        Assert.Equal(text, ProductCsv.Decode([.. mark ? encoding.GetPreamble() : [], .. encoding.GetBytes(text)]));
    }

    [Theory]
    [InlineData("")]
    [InlineData("\n\n")]
    [InlineData("a,b\n1,2\n")]
    public void A_table_without_its_names_says_which_are_needed(string text) =>
        Assert.Contains(
            "Name the columns in the first line",
            ProductCsv.Read(text, Today).Single().Problems.Single().Message,
            StringComparison.Ordinal
        );
}

using Kamuri.Core.Heads;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Shelf;

/// <summary>Ingredient lists are read name by name, each known, honestly guessed or honestly not read; and judged as a whole.</summary>
public class LabelTests
{
    private static readonly IngredientDictionary Dictionary = IngredientDictionary.Shipped;

    private static LabelName One(string text) => Assert.Single(LabelReader.Read(text, Dictionary));

    private static LabelReading Judge(string text, Head? head = null) => LabelReading.Of(text, Dictionary, head);

    [Fact]
    public void The_dictionary_is_large_and_no_spelling_means_two_things()
    {
        Assert.True(Dictionary.All.Count >= 450, $"{Dictionary.All.Count} names");
        var twice = Dictionary
            .All.SelectMany(each =>
                each.Spellings.Prepend(each.Name).Select(spelling => (plain: spelling.ToUpperInvariant().Trim(), each.Name))
            )
            .GroupBy(pair => pair.plain)
            .Where(group => group.Select(pair => pair.Name).Distinct().Count() > 1)
            .Select(group => group.Key);
        Assert.Empty(twice);
        Assert.All(Dictionary.All, each => Assert.Equal(each, Dictionary.Find(each.Name)));
    }

    private static IEnumerable<(string Label, List<(string Name, string Class)> Expected)> Corpus()
    {
        foreach (
            var line in File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Shelf", "labels.txt"))
                .Where(line => line.Length > 0 && line[0] != '#')
        )
        {
            var parts = line.Split('|');
            var names = parts[2..]
                .Select(part =>
                    (part[..part.LastIndexOf('=')], part[(part.LastIndexOf('=') + 1)..].Replace("-", "", StringComparison.Ordinal))
                )
                .ToList();
            yield return (string.Join(parts[1], names.Select(name => name.Item1)), names);
        }
    }

    [Fact]
    public void Forty_labels_are_read_to_97_of_100_names_and_never_misjudged()
    {
        var (all, read) = (0, 0);
        var wrong = new List<string>();
        foreach (var (label, expected) in Corpus())
        {
            var names = LabelReader.Read(label, Dictionary);
            Assert.Equal(expected.Count, names.Count);
            foreach (var (name, (text, kind)) in names.Zip(expected).Where(pair => pair.Second.Class != "?"))
            {
                all++;
                read += name.How == Recognition.Unread ? 0 : 1;
                if (name.Class is { } found && !found.ToString().Equals(kind, StringComparison.OrdinalIgnoreCase))
                {
                    wrong.Add($"{text}: {found} for {kind}");
                }
            }

            Assert.All(names.Zip(expected).Where(pair => pair.Second.Class == "?"), pair =>
                Assert.Equal(Recognition.Unread, pair.First.How)
            );
        }

        Assert.Empty(wrong);
        Assert.True(read >= all * 0.97, $"{read} of {all}");
        Assert.True(all > 300);
    }

    [Theory]
    [InlineData("Glycerine", "glycerin", Recognition.Known)]
    [InlineData("GLYCERIN", "glycerin", Recognition.Known)]
    [InlineData("Glycerin*", "glycerin", Recognition.Known)]
    [InlineData("Glycerin (5 %)", "glycerin", Recognition.Known)]
    [InlineData("organic glycerin", "glycerin", Recognition.Known)]
    [InlineData("Glycerni", "glycerin", Recognition.Misspelt)]
    [InlineData("Butyrospermum Parkii (Shea) Butter", "shea butter", Recognition.Known)]
    [InlineData("Butyrosprmum Parki Butter", "shea butter", Recognition.Misspelt)]
    [InlineData("Behentrimonum methosulfate", "behentrimonium methosulfate", Recognition.Misspelt)]
    [InlineData("Aqua/Water/Eau", "water", Recognition.Known)]
    [InlineData("Hydrolyzed Silk", "hydrolysed silk", Recognition.Known)]
    [InlineData("Huile minérale", "mineral oil", Recognition.Known)]
    [InlineData("1,2-Hexanediol", "1 2 hexanediol", Recognition.Known)]
    public void One_name_written_in_many_ways(string text, string ingredient, Recognition how)
    {
        var name = One(text);

        Assert.Equal((ingredient, how), (name.Ingredient?.Name, name.How));
    }

    /// <summary>Letters swapped, left out, doubled or struck beside, in names of twelve letters and more.</summary>
    [Theory]
    [InlineData(1, 0.97)]
    [InlineData(2, 0.94)]
    public void Long_names_with_slips_are_read_as_what_was_meant(int slips, double least)
    {
        var random = new Random(36);
        var all = Dictionary
            .All.SelectMany(each => each.Spellings.Append(each.Name).Select(name => (name, each)))
            .Where(pair => pair.name.Length >= 12 && !pair.name.Any(char.IsDigit))
            .ToList();
        var read = all.Select(pair => (pair, One(Slipped(pair.name)).Ingredient)).ToList();

        Assert.True(
            read.Count(each => each.Ingredient == each.pair.each) >= all.Count * least,
            $"{read.Count(each => each.Ingredient == each.pair.each)} of {all.Count}"
        );
        // What is read as something else is never an essential oil for something that is none, or the other way round.
        Assert.Empty(
            read.Where(each =>
                    each.Ingredient is { } found
                    && (found.Class == IngredientClass.EssentialOil) != (each.pair.each.Class == IngredientClass.EssentialOil)
                )
                .Select(each => $"{each.pair.name}: {each.Ingredient!.Name}")
        );

        string Slipped(string name)
        {
            for (var slip = 0; slip < slips; slip++)
            {
                var at = random.Next(1, name.Length - 2);
                name = random.Next(4) switch
                {
                    0 => name.Remove(at, 1),
                    1 => name.Insert(at, $"{name[at]}"),
                    2 => $"{name[..at]}{name[at + 1]}{name[at]}{name[(at + 2)..]}",
                    _ => $"{name[..at]}{(char)('a' + random.Next(26))}{name[(at + 1)..]}",
                };
            }

            return name;
        }
    }

    [Theory]
    [InlineData("vegetable glycerin", "glycerin")]
    [InlineData("raw honey", "honey")]
    [InlineData("okra pods", "okra extract")]
    [InlineData("raw shea butter", "shea butter")]
    [InlineData("plain yoghurt", "yoghurt")]
    [InlineData("deep conditioner", "deep conditioner")]
    [InlineData("Sheabutter", "shea butter")]
    [InlineData("Beurre de karité", "shea butter")]
    [InlineData("manteca de karité", "shea butter")]
    [InlineData("burro di karité", "shea butter")]
    [InlineData("óleo de rícino", "castor oil")]
    [InlineData("wonderolie", "castor oil")]
    [InlineData("Zitronensäure", "citric acid")]
    [InlineData("azeite", "olive oil")]
    [InlineData("Bijenwas", "beeswax")]
    [InlineData("suco de cebola", "onion juice")]
    public void Kitchen_names_and_plain_names_in_six_languages_are_known(string text, string ingredient) =>
        Assert.Equal((ingredient, Recognition.Known), (One(text).Ingredient?.Name, One(text).How));

    [Theory]
    [InlineData("Hydrolyzed Baobab Protein", IngredientClass.Protein)]
    [InlineData("Polyquaternium-99", IngredientClass.FilmFormer)]
    [InlineData("Bidens Pilosa Extract", IngredientClass.Botanical)]
    [InlineData("Dipteryx Odorata Seed Oil", IngredientClass.SealingOil)]
    [InlineData("Cinnamomum Verum Leaf Oil", IngredientClass.EssentialOil)]
    [InlineData("Fevillea Butter", IngredientClass.Butter)]
    [InlineData("CI 12345", IngredientClass.Colour)]
    [InlineData("Caprylyl Methicone", IngredientClass.Silicone)]
    public void An_unknown_name_may_still_show_its_class_by_its_form(string text, IngredientClass kind)
    {
        var name = One(text);

        Assert.Equal((Recognition.ByItsForm, kind), (name.How, name.Class!.Value));
        Assert.Null(name.Ingredient);
    }

    [Theory]
    [InlineData("Kakapo dust")]
    [InlineData("xq")]
    [InlineData("Mystery blend no. 7")]
    public void What_cannot_be_read_is_said(string text) => Assert.Equal([text], Judge(text).Unread);

    [Fact]
    public void Names_are_found_where_they_stand_in_the_text()
    {
        const string text = "Ingredients: Aqua, Cetearyl Alcohol; Glycerin (2%).\nMay contain: CI 77891";

        var names = LabelReader.Read(text, Dictionary);

        Assert.Equal(["Aqua", "Cetearyl Alcohol", "Glycerin (2%)", "CI 77891"], names.Select(name => name.Text));
        Assert.All(names, name => Assert.Equal(name.Text, text.Substring(name.Start, name.Length)));
        Assert.Equal([false, false, false, true], names.Select(name => name.MayContain));
    }

    [Theory]
    [InlineData("")]
    [InlineData(" , ; ,, .")]
    [InlineData("((((((")]
    [InlineData("12 %, 3, <1%")]
    [InlineData("may contain:")]
    public void Nothing_to_read_is_nothing_read(string text) => Assert.Empty(LabelReader.Read(text, Dictionary));

    [Fact]
    public void A_text_longer_than_any_label_is_refused() =>
        Assert.StartsWith(
            "A label has at most 20000 characters.",
            Assert.Throws<ArgumentException>(() => Judge(new string('a', 1_000_000))).Message,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_taught_name_is_known_from_then_on_and_comes_before_a_shipped_one()
    {
        var taught = Dictionary.With([
            new Ingredient("Kakapo dust", IngredientClass.Clay, [], []),
            new Ingredient("glycerin", IngredientClass.Fragrance, [], []),
        ]);

        Assert.Equal(IngredientClass.Clay, LabelReader.Read("kakapo DUST", taught)[0].Class);
        Assert.Equal(IngredientClass.Fragrance, LabelReader.Read("Glycerin", taught)[0].Class);
    }

    [Theory]
    [InlineData("Aqua, Aloe Vera Juice, Citric Acid, Potassium Sorbate", 1)]
    [InlineData("Aqua, Glycerin, Panthenol, Polyquaternium-11, Phenoxyethanol", 2)]
    [InlineData("Aqua, Cetearyl Alcohol, Behentrimonium Methosulfate, Cocos Nucifera Oil, Glycerin", 3)]
    [InlineData("Ricinus Communis Seed Oil, Jojoba Oil, Grapeseed Oil", 4)]
    [InlineData("Aqua, Shea Butter, Cetyl Alcohol", 5)]
    [InlineData("Petrolatum, Beeswax", 5)]
    public void The_weight_follows_the_first_names(string label, int weight) => Assert.Equal(weight, Judge(label).Weight);

    [Theory]
    [InlineData("Aqua, Hydrolyzed Keratin, Cetyl Alcohol", ProteinStrength.Strong)]
    [InlineData("Aqua, Hydrolyzed Silk, Arginine", ProteinStrength.Strong)]
    [InlineData("Aqua, Cetyl Alcohol, Glycerin, Panthenol, Honey, Hydrolyzed Oats, Phenoxyethanol", ProteinStrength.Light)]
    [InlineData("Aqua, Cetyl Alcohol, Phenoxyethanol, Hydrolyzed Silk", ProteinStrength.None)]
    [InlineData("Aqua, Cetyl Alcohol", ProteinStrength.None)]
    public void Protein_counts_by_its_place(string label, ProteinStrength strength) => Assert.Equal(strength, Judge(label).Protein);

    [Fact]
    public void Scalp_build_up_and_what_it_mostly_does_come_with_their_reasons()
    {
        var cream = Judge("Aqua, Shea Butter, Glycerin, Dimethicone, Phenoxyethanol");

        Assert.Equal((false, "Shea Butter, Dimethicone would sit on the scalp and clog it."), (cream.ScalpSafe, cream.ScalpWhy));
        Assert.Equal(
            (true, "A mild cleanse does not remove Shea Butter, Dimethicone, so clarify regularly."),
            (cream.BuildsUp, cream.BuildsUpWhy)
        );
        Assert.Equal("Mostly seals heavily, draws water and coats.", cream.MostlyDoes);
        Assert.True(Judge("Aqua, Glycerin, Aloe Vera").ScalpSafe);
        Assert.False(Judge("Aqua, Glycerin, Menthol").ScalpSafe);
    }

    [Fact]
    public void A_label_can_work_against_itself()
    {
        var low = Given.Head() with { Porosity = Porosity.Low };

        Assert.Equal(
            "Glycerin draws water and Shea Butter keeps it out: it does not suit low-porosity hair.",
            Assert.Single(Judge("Aqua, Shea Butter, Glycerin, Cetyl Alcohol", low).Conflicts).Sentence
        );
        Assert.Contains(Judge("Aqua, Alcohol Denat., Glycerin").Conflicts, conflict =>
            conflict.Sentence.StartsWith("Alcohol Denat", StringComparison.Ordinal)
        );
        Assert.Contains(Judge("Aqua, Sodium Lauryl Sulfate, Dimethicone").Conflicts, conflict => conflict.Names.Count == 2);
        Assert.Empty(Judge("Aqua, Glycerin, Cetyl Alcohol").Conflicts);
        Assert.Equal(
            "Glycerin draws water and Shea Butter keeps it out: it does not suit low-porosity hair.",
            Judge("Aqua, Shea Butter, Glycerin, Cetyl Alcohol").SealsItselfOut
        );
        Assert.Null(Judge("Aqua, Glycerin, Cetyl Alcohol").SealsItselfOut);
    }

    [Theory]
    [InlineData("nuts", "Aqua, Prunus Amygdalus Dulcis Oil", true)]
    [InlineData("nuts", "Aqua, Cocos Nucifera Oil", false)]
    [InlineData("Protein", "Aqua, Hydrolyzed Silk", true)]
    [InlineData("essential oils", "Aqua, Lavandula Angustifolia Oil", true)]
    [InlineData("fragrance", "Aqua, Parfum", true)]
    [InlineData("onion family", "Aqua, Allium Sativum Bulb Extract", true)]
    [InlineData("latex", "Aqua, Banana", true)]
    [InlineData("coconut", "Aqua, Coconut Oil", true)]
    [InlineData("hibiscus", "Aqua, Hibiscus Sabdariffa Flower Extract", true)]
    [InlineData("silicones", "Aqua, Dimethicone", true)]
    [InlineData("rose", "Aqua, Rosemary Extract", false)]
    public void What_must_not_touch_this_head_is_found_by_name_and_by_family(string listed, string label, bool isFound) =>
        Assert.Equal(
            isFound,
            Judge(label, Given.Head() with { Sensitivities = [listed] })
                .Conflicts.Any(conflict => conflict.Sentence.StartsWith($"{listed} must not touch Oriel", StringComparison.Ordinal))
        );

    [Fact]
    public void Rules_read_plain_names_and_families_but_not_what_it_may_contain() =>
        Assert.Equal(
            ["water", "sweet almond oil", "hydrolysed silk", "Kakapo dust", "nuts", "protein"],
            Judge("Aqua, Prunus Amygdalus Dulcis Oil, Hydrolyzed Silk, Kakapo dust. May contain: Parfum").Ingredients
        );

    [Fact]
    public void What_burns_is_not_for_a_child() =>
        Assert.Contains(Judge("Aqua, Mentha Piperita Oil", Given.Head() with { AgeGroup = AgeGroup.SixToTwelve }).Conflicts, conflict =>
            conflict.Sentence == "Mentha Piperita Oil is not for a child."
        );

    [Fact]
    public void A_row_that_cannot_be_read_is_named() =>
        Assert.StartsWith(
            "Line 3:",
            Assert
                .Throws<FormatException>(() =>
                    IngredientDictionary.Read(new StringReader("name,class,synonyms,tags\nwater,water,,\nmud,nonsense,,\n"))
                )
                .Message,
            StringComparison.Ordinal
        );
}

using System.Collections.Frozen;
using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using F23.StringSimilarity;

namespace Kamuri.Core.Shelf.Labels;

/// <summary>Names that can be recognised on a label: the shipped ones and those a household has taught.</summary>
public sealed class IngredientDictionary
{
    private static readonly OptimalStringAlignment Slips = new();

    private readonly FrozenDictionary<string, Ingredient> _bySpelling;
    private readonly ILookup<char, string> _byFirst;

    /// <summary>Builds a dictionary. Of two ingredients with one spelling the later one wins, so that what is taught comes first.</summary>
    public IngredientDictionary(IEnumerable<Ingredient> ingredients)
    {
        All = [.. ingredients];
        var bySpelling = new Dictionary<string, Ingredient>();
        foreach (var ingredient in All)
        {
            foreach (var spelling in ingredient.Spellings.Prepend(ingredient.Name))
            {
                bySpelling[Spelling.Plain(spelling)] = ingredient;
            }
        }

        _bySpelling = bySpelling.ToFrozenDictionary();
        _byFirst = bySpelling.Keys.Where(spelling => spelling.Length > 0).ToLookup(spelling => spelling[0]);
    }

    /// <summary>The dictionary that comes with Kamuri; its format is in docs/formats.md.</summary>
    public static IngredientDictionary Shipped { get; } = new(ReadShipped());

    public IReadOnlyList<Ingredient> All { get; }

    /// <summary>How many spellings are known.</summary>
    public int Spellings => _bySpelling.Count;

    /// <summary>This dictionary with more names; a taught name comes before a shipped one.</summary>
    public IngredientDictionary With(IEnumerable<Ingredient> taught) =>
        new(All.Concat(taught.Select(ingredient => ingredient with { IsTaught = true })));

    /// <summary>Finds by an exact spelling, once made plain; null when there is none.</summary>
    public Ingredient? Find(string spelling) => _bySpelling.GetValueOrDefault(Spelling.Plain(spelling));

    internal Ingredient? FindPlain(string plain) => _bySpelling.GetValueOrDefault(plain);

    /// <summary>
    /// The one ingredient a misspelt name can mean: nearest within the slips forgiven for its length, with the first letter
    /// right. Null when none is near or two are equally near.
    /// </summary>
    /// <param name="plain">The name, made plain.</param>
    /// <param name="most">No more slips than this, whatever the length.</param>
    internal (Ingredient Ingredient, string Meant)? Nearest(string plain, int most)
    {
        var forgiven = Math.Min(most, Spelling.Forgiven(plain.Length));
        if (forgiven == 0)
        {
            return null;
        }

        var near = _byFirst[plain[0]]
            .Where(spelling => Math.Abs(spelling.Length - plain.Length) <= forgiven && SameDigits(spelling, plain))
            .Select(spelling => (spelling, slips: Slips.Distance(spelling, plain)))
            .Where(pair => pair.slips <= forgiven)
            .OrderBy(pair => pair.slips)
            .ToList();
        if (near.Count == 0)
        {
            return null;
        }

        var best = _bySpelling[near[0].spelling];
        return near.TrueForAll(pair => pair.slips > near[0].slips || _bySpelling[pair.spelling] == best) ? (best, near[0].spelling) : null;
    }

    /// <summary>A number in a name is never a slip: polyquaternium 7 is not polyquaternium 4.</summary>
    private static bool SameDigits(string a, string b) => a.Where(char.IsAsciiDigit).SequenceEqual(b.Where(char.IsAsciiDigit));

    private static List<Ingredient> ReadShipped()
    {
        using var stream = typeof(IngredientDictionary).Assembly.GetManifestResourceStream("ingredients.csv")!;
        using var reader = new StreamReader(stream);
        return Read(reader);
    }

    /// <summary>Reads ingredients from CSV: name, class, synonyms and tags, lists parted by "|".</summary>
    /// <exception cref="FormatException">A row has an unknown class or no name; the message names its line.</exception>
    public static List<Ingredient> Read(TextReader text)
    {
        using var csv = new CsvReader(text, new CsvConfiguration(CultureInfo.InvariantCulture) { TrimOptions = TrimOptions.Trim });
        var ingredients = new List<Ingredient>();
        csv.Read();
        csv.ReadHeader();
        while (csv.Read())
        {
            var name = csv.GetField("name") ?? "";
            if (
                name.Length == 0
                || !Enum.TryParse<IngredientClass>(
                    (csv.GetField("class") ?? "").Replace("-", "", StringComparison.Ordinal),
                    true,
                    out var kind
                )
            )
            {
                throw new FormatException($"Line {csv.Parser.Row}: a name and a known class are needed.");
            }

            ingredients.Add(new Ingredient(name, kind, Parts(csv.GetField("synonyms")), Parts(csv.GetField("tags"))));
        }

        return ingredients;
    }

    private static string[] Parts(string? field) =>
        (field ?? "").Split('|', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
}

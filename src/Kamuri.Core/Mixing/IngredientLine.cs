using System.Globalization;
using System.Text.RegularExpressions;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>An ingredient as one line of text: <c>1½ tbsp honey</c>, <c>12 drops lavender oil (after straining)</c>.</summary>
public static partial class IngredientLine
{
    private const string After = "(after straining)";

    /// <summary>Longest line that is read.</summary>
    public const int Longest = 200;

    /// <summary>Writes an ingredient, exactly enough to be read back as the same number.</summary>
    public static string Write(FormulaIngredient ingredient)
    {
        var name = ingredient is { Amount: 1, Unit: Unit.Drop or Unit.PartByVolume or Unit.PartByWeight }
            ? Measures.Name(ingredient.Unit).Replace("parts", "part", StringComparison.Ordinal).TrimEnd('s')
            : Measures.Name(ingredient.Unit);
        var unit = ingredient.Unit == Unit.Piece ? "" : $" {name}";
        var after = ingredient.AfterStraining ? $" {After}" : "";
        return $"{ingredient.Amount.ToString("R", CultureInfo.InvariantCulture)}{unit} {ingredient.Name}{after}";
    }

    /// <summary>Reads a line: an amount, a unit unless it is counted, a name. Fractions may be written ½, 1/2 or 1 1/2.</summary>
    /// <exception cref="FormatException">It cannot be read; the message says what is missing.</exception>
    public static FormulaIngredient Read(string line)
    {
        var text = line.Trim();
        if (text.Length > Longest)
        {
            throw new FormatException(KitchenWords.IngredientLineTooLong($"{Longest}"));
        }

        var afterStraining = text.EndsWith(After, StringComparison.OrdinalIgnoreCase);
        text = afterStraining ? text[..^After.Length].Trim() : text;
        var match = Amount().Match(text);
        if (!match.Success)
        {
            throw new FormatException(KitchenWords.LineHasNoAmount(Shorten(text)));
        }

        var amount = TypedNumber.Of(match);
        if (!double.IsFinite(amount) || amount <= 0)
        {
            throw new FormatException(KitchenWords.LineHasNothing(Shorten(text)));
        }

        var rest = text[match.Length..].Trim();
        var (unit, name) = (Unit.Piece, rest);
        foreach (var (spelling, each) in Measures.Spellings)
        {
            if (
                rest.StartsWith(spelling, StringComparison.OrdinalIgnoreCase)
                && (rest.Length == spelling.Length || rest[spelling.Length] is ' ' or '.')
            )
            {
                (unit, name) = (each, rest[spelling.Length..].TrimStart('.', ' '));
                break;
            }
        }

        name = name.StartsWith("of ", StringComparison.OrdinalIgnoreCase) ? name[3..].Trim() : name;
        return name.Length == 0
            ? throw new FormatException(KitchenWords.LineHasNoName(Shorten(text)))
            : new FormulaIngredient(name, amount, unit) { AfterStraining = afterStraining };
    }

    private static string Shorten(string text) => text.Length > 40 ? $"{text[..40]}…" : text;

    [GeneratedRegex("^" + TypedNumber.Pattern + @"(?:\s*[x×])?(?=[\s\p{L}])\s*", RegexOptions.CultureInvariant)]
    private static partial Regex Amount();
}

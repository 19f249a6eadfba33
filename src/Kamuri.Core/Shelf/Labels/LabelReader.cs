using System.Text.RegularExpressions;

namespace Kamuri.Core.Shelf.Labels;

/// <summary>How a name on a label was recognised.</summary>
public enum Recognition
{
    Unread,
    Known,
    Misspelt,
    ByItsForm,
}

/// <summary>One name on a label.</summary>
/// <param name="Text">As it stands there.</param>
/// <param name="Start">Where it begins in the text.</param>
/// <param name="Length">How long it is.</param>
/// <param name="How">How it was recognised.</param>
/// <param name="Class">What it does; null when it was not read.</param>
/// <param name="Ingredient">The dictionary's ingredient; null when only its form was recognised, or nothing.</param>
/// <param name="Meant">What a misspelt name is taken for; null otherwise.</param>
/// <param name="MayContain">Stands behind "may contain".</param>
public sealed record LabelName(
    string Text,
    int Start,
    int Length,
    Recognition How,
    IngredientClass? Class,
    Ingredient? Ingredient,
    string? Meant = null,
    bool MayContain = false
);

/// <summary>
/// Reads an ingredient list: names parted by commas, semicolons, dots or lines; parentheses, slashes, percentages,
/// asterisks, "may contain" and capitals do not matter. What cannot be read is said.
/// </summary>
public static partial class LabelReader
{
    /// <summary>Longest label, in characters; no label on earth comes near.</summary>
    public const int LongestLabel = 20_000;

    private static readonly (Regex Form, IngredientClass Class)[] Forms =
    [
        (Protein(), IngredientClass.Protein),
        (FilmFormer(), IngredientClass.FilmFormer),
        (Conditioner(), IngredientClass.Conditioner),
        (SolubleSilicone(), IngredientClass.SiliconeSoluble),
        (Silicone(), IngredientClass.Silicone),
        (Butter(), IngredientClass.Butter),
        (Wax(), IngredientClass.Wax),
        (EssentialOil(), IngredientClass.EssentialOil),
        (Oil(), IngredientClass.SealingOil),
        (Botanical(), IngredientClass.Botanical),
        (Colour(), IngredientClass.Colour),
        (MildSurfactant(), IngredientClass.SurfactantMild),
        (Surfactant(), IngredientClass.Surfactant),
        (Emulsifier(), IngredientClass.Emulsifier),
        (Preservative(), IngredientClass.Preservative),
        (Thickener(), IngredientClass.Thickener),
    ];

    /// <summary>Reads a label.</summary>
    /// <exception cref="ArgumentException">The text is longer than <see cref="LongestLabel"/>.</exception>
    public static IReadOnlyList<LabelName> Read(string text, IngredientDictionary dictionary)
    {
        if (text.Length > LongestLabel)
        {
            throw new ArgumentException($"A label has at most {LongestLabel} characters.", nameof(text));
        }

        var names = new List<LabelName>();
        var mayContain = false;
        foreach (var (start, length) in Split(text))
        {
            var (begin, name) = Trimmed(text, start, length);
            if (MayContain().Match(name) is { Success: true } may)
            {
                mayContain = true;
                (begin, name) = Trimmed(text, begin + may.Length, name.Length - may.Length);
            }

            if (Heading().Match(name) is { Success: true } heading && heading.Length < name.Length)
            {
                (begin, name) = Trimmed(text, begin + heading.Length, name.Length - heading.Length);
            }

            if (Spelling.Plain(name).Length > 0 && !OnlyNumber().IsMatch(name))
            {
                names.Add(Recognise(name, begin, dictionary) with { MayContain = mayContain });
            }
        }

        return names;
    }

    private static LabelName Recognise(string text, int start, IngredientDictionary dictionary)
    {
        var readings = Readings(text);
        foreach (var reading in readings)
        {
            if (dictionary.FindPlain(reading) is { } known)
            {
                return new LabelName(text, start, text.Length, Recognition.Known, known.Class, known);
            }
        }

        if (readings.Find(EssentialOilName.SaysSo) is { } oil)
        {
            return new LabelName(
                text,
                start,
                text.Length,
                Recognition.ByItsForm,
                IngredientClass.EssentialOil,
                EssentialOilName.Meant(oil, dictionary)
            );
        }

        // A slip or two is likelier than an unknown name of the same form; with more of them the form is the better guess.
        if (Misspelt(2) is { } slip)
        {
            return slip;
        }

        foreach (var reading in readings)
        {
            foreach (var (form, kind) in Forms)
            {
                if (form.IsMatch(reading))
                {
                    return new LabelName(text, start, text.Length, Recognition.ByItsForm, kind, null);
                }
            }
        }

        if (Misspelt(int.MaxValue) is { } farther)
        {
            return farther;
        }

        LabelName? Misspelt(int most) =>
            readings.Select(reading => dictionary.Nearest(reading, most)).FirstOrDefault(near => near is not null) is { } near
                ? new LabelName(text, start, text.Length, Recognition.Misspelt, near.Ingredient.Class, near.Ingredient, near.Meant)
                : null;

        return new LabelName(text, start, text.Length, Recognition.Unread, null, null);
    }

    /// <summary>The ways one entry can be read: whole, without what stands in parentheses, that itself, and each side of a slash.</summary>
    private static List<string> Readings(string text)
    {
        var bare = Percent().Replace(text, " ");
        var outside = Parenthesis().Replace(bare, " ");
        var readings = new List<string> { Spelling.Plain(bare), Spelling.Plain(outside) };
        readings.AddRange(outside.Split('/').Select(Spelling.Plain));
        readings.AddRange(Parenthesis().Matches(bare).Select(match => Spelling.Plain(match.Value)));
        foreach (var reading in readings.ToList())
        {
            var stripped = Praise().Replace(reading, "").Trim();
            readings.Add(stripped);
            readings.Add(FormOf().Replace(stripped, "$2 $1"));
            // One thing and many of it.
            readings.Add(stripped.EndsWith('s') ? stripped[..^1] : stripped + "s");
        }

        return [.. readings.Where(reading => reading.Length > 1).Distinct()];
    }

    /// <summary>Parts the text where entries end: not inside parentheses, and not between the digits of a name.</summary>
    private static IEnumerable<(int Start, int Length)> Split(string text)
    {
        var (start, depth) = (0, 0);
        for (var at = 0; at < text.Length; at++)
        {
            depth += text[at] switch
            {
                '(' => 1,
                ')' => depth > 0 ? -1 : 0,
                _ => 0,
            };
            var isNumber =
                text[at] is ',' or '.'
                && at > 0
                && at + 1 < text.Length
                && char.IsAsciiDigit(text[at - 1])
                && char.IsAsciiDigit(text[at + 1]);
            var ends =
                text[at] is ';' or '•' or '·' or '\n' or '\r' or '[' or ']'
                || (text[at] is ',' && depth == 0)
                || (text[at] is '.' && depth == 0 && EndsSentence(text, at));
            if (!ends || isNumber)
            {
                continue;
            }

            yield return (start, at - start);
            (start, depth) = (at + 1, 0);
        }

        yield return (start, text.Length - start);
    }

    /// <summary>A full stop at the end or before a new word; not in "no. 7" or "denat. 40".</summary>
    private static bool EndsSentence(string text, int at)
    {
        var next = at + 1;
        while (next < text.Length && char.IsWhiteSpace(text[next]))
        {
            next++;
        }

        return next == text.Length || (next > at + 1 && char.IsUpper(text[next]));
    }

    private static (int Start, string Text) Trimmed(string text, int start, int length)
    {
        var end = start + length;
        while (start < end && IsEdge(text[start]))
        {
            start++;
        }

        while (end > start && IsEdge(text[end - 1]))
        {
            end--;
        }

        return (start, text[start..end]);
    }

    private static bool IsEdge(char letter) =>
        char.IsWhiteSpace(letter) || letter is '*' or '+' or '-' or '–' or ':' or '.' or '°' or '†' or '"';

    [GeneratedRegex(
        @"^(ingredients?|inci|contains|ingr[eé]dients|zutaten|ingredientes|ingredienti|inhaltsstoffe)\b[^:,]{0,30}:\s*",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Heading();

    [GeneratedRegex(
        @"^(\+\s*/\s*-|±)?\s*(may contain|peut contenir|puede contener|kann enthalten|pu[oò] contenere)\s*:?\s*",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex MayContain();

    [GeneratedRegex(@"^[\d\s.,%<>=]+$")]
    private static partial Regex OnlyNumber();

    [GeneratedRegex(@"[<>≤≥~]?\s*\d+([.,]\d+)?\s*%")]
    private static partial Regex Percent();

    [GeneratedRegex(@"\([^()]*\)?")]
    private static partial Regex Parenthesis();

    [GeneratedRegex(
        @"\b(organic|certified|cold pressed|virgin|extra virgin|raw|unrefined|refined|pure|natural|"
            + @"naturally derived|vegetable|from coconut|from corn|fair trade|fresh|ground|paste)\b\s*"
    )]
    private static partial Regex Praise();

    /// <summary>"Oil of lavender" is lavender oil.</summary>
    [GeneratedRegex("^(oil|juice|butter|extract|gel|powder|milk|absolute|infusion) of (.+)$")]
    private static partial Regex FormOf();

    [GeneratedRegex(@"^hydrolysed |\bprotein$|\bpeptide(s)?\b|\bamino acids?$|polypeptide|oligopeptide")]
    private static partial Regex Protein();

    [GeneratedRegex(@"^polyquaternium|\bcopolymer$|\bcrosspolymer$|^polyester|^polyurethane|^polyimide")]
    private static partial Regex FilmFormer();

    [GeneratedRegex(
        @"(trimonium|dimonium|alkonium|ammonium) (chloride|methosulfate|bromide|ethosulfate)|^quaternium|"
            + @"^hydroxypropyl ?trimonium|amidopropyl dimethylamine$|esterquat"
    )]
    private static partial Regex Conditioner();

    [GeneratedRegex(@"^(peg|ppg)( ppg)?[ 0-9]*.*(methicone|dimethicone|siloxane)")]
    private static partial Regex SolubleSilicone();

    [GeneratedRegex(@"(methicone|dimethicone|siloxane|silsesquioxane|siloxysilicate|dimethiconol)\b")]
    private static partial Regex Silicone();

    [GeneratedRegex(@"\bbutter$")]
    private static partial Regex Butter();

    [GeneratedRegex(@"\b(wax|cera)$")]
    private static partial Regex Wax();

    [GeneratedRegex(@"\b(leaf|peel|flower|bark|rind|herb|needle|twig|stem|wood|root)( [a-z]+)? oil$")]
    private static partial Regex EssentialOil();

    [GeneratedRegex(
        @"\b(oil|oils|huile|triglycerides?|glycerides)$|^hydrogenated .*(oil|butene|decene)$|\b(palmitate|"
            + @"myristate|isostearate|oleate|caprylate|caprate|laurate|neopentanoate|ethylhexanoate)$"
    )]
    private static partial Regex Oil();

    [GeneratedRegex(
        @"\b(extract|extrakt|extrait|estratto|juice|water|hydrosol|distillate|leaf powder|root powder|"
            + @"fruit powder|flower powder|seed powder|powder|ferment|ferment filtrate|ferment lysate|leaf|root|"
            + @"flower|infusion)$"
    )]
    private static partial Regex Botanical();

    [GeneratedRegex(@"^ci \d{5}|^(fd c|d c|ext d c) ")]
    private static partial Regex Colour();

    [GeneratedRegex(
        @"\b(glucoside|sarcosinate|taurate|isethionate|glutamate|glycinate|alaninate|hydroxysultaine|"
            + @"amidopropyl betaine|amphoacetate|amphodiacetate|sulfosuccinate)$"
    )]
    private static partial Regex MildSurfactant();

    [GeneratedRegex(@"\b(laureth|lauryl|coco|myreth|trideceth|cetearyl) ?sulfate$|\bolefin sulfonate$")]
    private static partial Regex Surfactant();

    [GeneratedRegex(
        @"^(peg|ppg) ?\d+|^(ceteareth|steareth|laureth|oleth|trideceth|ceteth|isoceteth|beheneth|pareth|"
            + @"poloxamer|polysorbate) ?\d*|^polyglyceryl|\b(stearate|distearate|olivate)$|^sorbitan"
    )]
    private static partial Regex Emulsifier();

    [GeneratedRegex(@"paraben$|isothiazolinone$|\bsorbate$|\bbenzoate$")]
    private static partial Regex Preservative();

    [GeneratedRegex(@"\bgum$|cellulose$|^carbomer|\bstarch$|\balginate$")]
    private static partial Regex Thickener();
}

using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;
using Markdig;
using Markdig.Syntax;

namespace Kamuri.Store.Formats;

/// <summary>
/// Formulas as plain Markdown that a person writes and reads: a heading, a few lines of facts, a list of ingredients, a
/// numbered method. Described in docs/formats.md.
/// </summary>
public static partial class FormulaMarkdown
{
    private const int MostLines = 600;
    private const int LongestLine = 1_000;

    /// <summary>
    /// Only headings, quotes and lists matter; links and the like are never looked for, which takes long in a text made for it.
    /// </summary>
    private static readonly MarkdownPipeline Blocks = BlocksOnly();

    private static MarkdownPipeline BlocksOnly()
    {
        var pipeline = new MarkdownPipelineBuilder();
        pipeline.InlineParsers.Clear();
        return pipeline.Build();
    }

    /// <summary>Writes a formula.</summary>
    public static string Write(Formula formula)
    {
        var text = new StringBuilder();
        void Line(string line = "") => text.Append(line).Append('\n');
        Line($"# {formula.Name}");
        Line();
        Line($"- Kind: {formula.Kind}");
        Line($"- Serves as: {string.Join(", ", formula.ServesAs)}");
        Line(string.Create(CultureInfo.InvariantCulture, $"- Yield: {formula.YieldShare * 100:0.##} %"));
        Line($"- Keeps: {Keeps(formula.Keep)}");
        var from = formula.HotAt is { } hot ? string.Create(CultureInfo.InvariantCulture, $", from {hot.Value:0.#} °C") : "";
        Line($"- Vessel: {formula.Vessel}{from}");
        Line($"- Put on: {(formula.UsedWarm ? "warm" : "as it is")}");
        Line();
        if (formula.Note.Length > 0)
        {
            Line(string.Join('\n', formula.Note.Split('\n').Select(line => $"> {line}")));
            Line();
        }

        Line("## Ingredients");
        Line();
        foreach (var ingredient in formula.Ingredients)
        {
            Line($"- {IngredientLine.Write(ingredient)}");
        }

        Line();
        Line("## Method");
        Line();
        foreach (var (step, at) in formula.Method.Select((step, at) => (step, at)))
        {
            var facts = new[] { string.Create(CultureInfo.InvariantCulture, $"{step.HandsOnMinutes:0.##} min") }
                .Concat(step.Needs.Select(each => each.ToString().ToLowerInvariant()))
                .Concat(
                    Enum.GetValues<MethodDeeds>()
                        .Where(each => each != MethodDeeds.None && step.Does.HasFlag(each))
                        .Select(each => each.ToString().ToLowerInvariant())
                );
            Line($"{at + 1}. {step.Title} ({string.Join(", ", facts)})");
            if (step.WaitTitle is not null)
            {
                var how = step.Cools
                    ? "cools"
                    : string.Create(
                        CultureInfo.InvariantCulture,
                        $"{step.Wait!.Earliest:0.##} / {step.Wait.Usual:0.##} / {step.Wait.Latest:0.##} min"
                    );
                Line($"   - Wait: {step.WaitTitle} ({how}, {step.At.ToString().ToLowerInvariant()})");
            }
        }

        return text.ToString();
    }

    /// <summary>Reads a formula. Anything that is not right is listed with its line, and then there is no formula.</summary>
    public static ReadFormula Read(string text)
    {
        var problems = new List<FormatProblem>();
        var lines = text.ReplaceLineEndings("\n").Split('\n');
        if (lines.Length > MostLines || Array.Exists(lines, line => line.Length > LongestLine))
        {
            return new ReadFormula(null, [new FormatProblem("the text", "", FormatWords.TooLong($"{MostLines}", $"{LongestLine}"))]);
        }

        MarkdownDocument document;
        try
        {
            document = Markdown.Parse(string.Join('\n', lines), Blocks);
        }
        catch (ArgumentException)
        {
            return new ReadFormula(null, [new FormatProblem("the text", "", FormatWords.TooDeeplyNested)]);
        }

        var reading = new Reading(lines, problems);
        foreach (var block in document)
        {
            reading.Take(block);
        }

        if (reading.Name.Length is 0 or > 80)
        {
            problems.Add(new FormatProblem("line 1", "name", FormatWords.HeadingNeeded));
        }

        if (reading.Ingredients.Count == 0 && !problems.Exists(each => each.Field == "ingredients"))
        {
            problems.Add(new FormatProblem($"line {lines.Length}", "ingredients", FormatWords.IngredientsNeeded));
        }

        return problems.Count > 0
            ? new ReadFormula(null, problems)
            : new ReadFormula(reading.ToFormula(), []) { Ingredients = reading.IngredientPlaces, Steps = reading.StepPlaces };
    }

    private static string Keeps(KeepRule keep)
    {
        var places = new[] { ("room", keep.Room), ("fridge", keep.Fridge), ("freezer", keep.Freezer) }
            .Where(pair => pair.Item2 is not null)
            .Select(pair =>
                pair.Item2!.AtMost > pair.Item2.Days
                    ? $"{pair.Item1} {pair.Item2.Days} to {pair.Item2.AtMost} days"
                    : $"{pair.Item1} {pair.Item2.Days} days"
            )
            .ToList();
        return places.Count == 0 ? "not at all" : string.Join(", ", places);
    }

    /// <summary>What has been read so far.</summary>
    private sealed class Reading(string[] lines, List<FormatProblem> problems)
    {
        private string _section = "";
        private FormulaKind _kind = FormulaKind.Other;
        private List<Substance> _servesAs = [];
        private double _yield = 1;
        private KeepRule _keep = KeepRule.Now;
        private (Vessel Vessel, Celsius? HotAt) _vessel = (Vessel.WideBowl, null);
        private bool _usedWarm;
        private readonly List<string> _note = [];
        private readonly List<MethodStep> _method = [];

        public string Name { get; private set; } = "";

        public List<FormulaIngredient> Ingredients { get; } = [];

        public List<string> IngredientPlaces { get; } = [];

        public List<string> StepPlaces { get; } = [];

        public Formula ToFormula() =>
            new()
            {
                Id = Guid.CreateVersion7(),
                Name = Name,
                Kind = _kind,
                Ingredients = Ingredients,
                Method = _method,
                YieldShare = _yield,
                Keep = _keep,
                ServesAs = _servesAs,
                Vessel = _vessel.Vessel,
                HotAt = _vessel.HotAt,
                UsedWarm = _usedWarm,
                Note = string.Join('\n', _note),
            };

        public void Take(Block block)
        {
            switch (block)
            {
                case HeadingBlock { Level: 1 } heading when Name.Length == 0:
                    Name = lines[heading.Line].TrimStart('#', ' ').Trim();
                    break;
                case HeadingBlock heading:
                    _section = lines[heading.Line].TrimStart('#', ' ').Trim().ToLowerInvariant();
                    break;
                case QuoteBlock quote:
                    _note.AddRange(Between(quote).Select(line => line.TrimStart().TrimStart('>').Trim()));
                    break;
                case ListBlock list:
                    foreach (var item in list.OfType<ListItemBlock>())
                    {
                        Item(item);
                    }

                    break;
            }
        }

        private IEnumerable<string> Between(Block block) =>
            lines.Skip(block.Line).TakeWhile((line, at) => at == 0 || line.TrimStart().StartsWith('>'));

        private void Item(ListItemBlock item)
        {
            var text = Marker().Replace(lines[item.Line], "").Trim();
            switch (_section)
            {
                case "":
                    Fact(text, item.Line);
                    break;
                case "ingredients":
                    if (RecipeJson.Ingredient(text, $"line {item.Line + 1}", problems) is { } ingredient)
                    {
                        Ingredients.Add(ingredient);
                        IngredientPlaces.Add($"line {item.Line + 1}");
                    }

                    break;
                case "method":
                    Step(text, item);
                    StepPlaces.Add($"line {item.Line + 1}");
                    break;
            }
        }

        private void Fact(string text, int line)
        {
            var colon = text.IndexOf(':', StringComparison.Ordinal);
            if (colon < 0)
            {
                return;
            }

            var (field, value) = (text[..colon].Trim().ToLowerInvariant(), text[(colon + 1)..].Trim());
            switch (field)
            {
                case "kind":
                    _kind = Word<FormulaKind>(value, field, line) ?? _kind;
                    break;
                case "serves as":
                    _servesAs =
                    [
                        .. value
                            .Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
                            .Select(each => Word<Substance>(each, field, line))
                            .OfType<Substance>()
                            .Distinct(),
                    ];
                    break;
                case "yield":
                    _yield =
                        Percent().Match(value) is { Success: true } share
                        && double.Parse(share.Groups[1].Value, CultureInfo.InvariantCulture) is > 0 and <= 100 and var percent
                            ? percent / 100
                            : Wrong(field, line, FormatWords.YieldWrong, _yield);
                    break;
                case "keeps":
                    Keep(value, field, line);
                    break;
                case "vessel":
                    var parts = value.Split(',', StringSplitOptions.TrimEntries);
                    _vessel = (
                        Word<Vessel>(parts[0], field, line) ?? Vessel.WideBowl,
                        parts.Length > 1 && Degrees().Match(parts[1]) is { Success: true } hot
                            ? new Celsius(double.Parse(hot.Groups[1].Value, CultureInfo.InvariantCulture))
                            : null
                    );
                    break;
                case "put on":
                    _usedWarm = value.Equals("warm", StringComparison.OrdinalIgnoreCase);
                    break;
            }
        }

        private void Keep(string value, string field, int line)
        {
            var found = KeepPlace().Matches(value).ToDictionary(match => match.Groups[1].Value.ToLowerInvariant(), match => Span(match));
            if (found.Count == 0 && !value.Equals("not at all", StringComparison.OrdinalIgnoreCase))
            {
                Wrong(field, line, FormatWords.KeepsLike, 0);
            }

            _keep = new KeepRule(found.GetValueOrDefault("room"), found.GetValueOrDefault("fridge"), found.GetValueOrDefault("freezer"));
        }

        private static KeepSpan Span(Match match)
        {
            var days = int.Parse(match.Groups[2].Value, CultureInfo.InvariantCulture);
            return new KeepSpan(
                days,
                match.Groups[3].Success ? Math.Max(days, int.Parse(match.Groups[3].Value, CultureInfo.InvariantCulture)) : days
            );
        }

        private void Step(string text, ListItemBlock item)
        {
            const double usualMinutes = 5;
            var facts = Facts().Match(text);
            var (title, given) = facts.Success
                ? (text[..facts.Index].Trim(), facts.Groups[1].Value.Split(',', StringSplitOptions.TrimEntries))
                : (text, []);
            var minutes = given.Select(each => MinutesOf().Match(each)).FirstOrDefault(match => match.Success);
            var step = new MethodStep(
                $"step-{_method.Count + 1}",
                title,
                minutes is null ? usualMinutes : double.Parse(minutes.Groups[1].Value, CultureInfo.InvariantCulture),
                [
                    .. given
                        .Select(each =>
                            Enum.TryParse<Resource>(each, true, out var known) && known != Resource.Hands ? known : (Resource?)null
                        )
                        .OfType<Resource>()
                        .Distinct(),
                ]
            )
            {
                Does = given
                    .Select(each => Enum.TryParse<MethodDeeds>(each, true, out var deed) ? deed : MethodDeeds.None)
                    .Aggregate(MethodDeeds.None, (all, one) => all | one),
            };
            var wait = item.OfType<ListBlock>().SelectMany(list => list.OfType<ListItemBlock>()).FirstOrDefault();
            _method.Add(wait is null ? step : Waiting(step, Marker().Replace(lines[wait.Line], "").Trim(), wait.Line));
        }

        private MethodStep Waiting(MethodStep step, string text, int line)
        {
            var match = WaitLine().Match(text);
            return !match.Success
                ? Wrong("wait", line, FormatWords.WaitLike, step)
                : step with
                {
                    WaitTitle = match.Groups["title"].Value.Trim(),
                    Cools = match.Groups["cools"].Success,
                    Wait = match.Groups["cools"].Success
                        ? null
                        : new Window(Double(match, "earliest"), Double(match, "usual"), Double(match, "latest")),
                    At = Word<WaitsAt>(match.Groups["at"].Value, "wait", line) ?? WaitsAt.Counter,
                };
        }

        private static double Double(Match match, string group) => double.Parse(match.Groups[group].Value, CultureInfo.InvariantCulture);

        private T? Word<T>(string value, string field, int line)
            where T : struct, Enum
        {
            if (Enum.TryParse<T>(value.Replace(" ", "", StringComparison.Ordinal), true, out var known) && Enum.IsDefined(known))
            {
                return known;
            }

            return Wrong<T?>(field, line, FormatWords.NotOneOf(value, string.Join(", ", Enum.GetNames<T>())), null);
        }

        private T Wrong<T>(string field, int line, string message, T otherwise)
        {
            problems.Add(new FormatProblem($"line {line + 1}", field, message));
            return otherwise;
        }
    }

    [GeneratedRegex(@"^\s*(?:[-*+]|\d+[.)])\s+")]
    private static partial Regex Marker();

    [GeneratedRegex(@"^(\d{1,3}(?:\.\d{1,4})?)\s*%?$")]
    private static partial Regex Percent();

    [GeneratedRegex(@"(\d{1,3}(?:\.\d)?)\s*°C")]
    private static partial Regex Degrees();

    [GeneratedRegex(@"(room|fridge|freezer)\s+(\d{1,4})(?:\s*(?:to|–|-)\s*(\d{1,4}))?\s*days?", RegexOptions.IgnoreCase)]
    private static partial Regex KeepPlace();

    [GeneratedRegex(@"\(([^()]*\bmin\b[^()]*)\)\s*$")]
    private static partial Regex Facts();

    [GeneratedRegex(@"^(\d{1,4}(?:\.\d{1,2})?)\s*min$")]
    private static partial Regex MinutesOf();

    [GeneratedRegex(
        @"^Wait:\s*(?<title>.+?)\s*\((?:(?<cools>cools)|"
            + @"(?<earliest>\d{1,5}(?:\.\d{1,2})?)\s*/\s*(?<usual>\d{1,5}(?:\.\d{1,2})?)"
            + @"\s*/\s*(?<latest>\d{1,5}(?:\.\d{1,2})?)\s*min),\s*(?<at>\w+)\)$",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex WaitLine();
}

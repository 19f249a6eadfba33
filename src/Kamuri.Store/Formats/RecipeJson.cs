using System.Globalization;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Xml;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Store.Formats;

/// <summary>
/// Formulas as schema.org <c>Recipe</c> in JSON-LD. What schema.org has no word for stands under <c>kamuri:</c>, so that any
/// program reads the recipe and Kamuri reads all of it. Described in docs/formats.md.
/// </summary>
public static class RecipeJson
{
    private const string Prefix = "kamuri:";
    private static readonly JsonSerializerOptions Readable = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };
    private const int MostIngredients = 60;
    private const int MostSteps = 60;

    /// <summary>Writes a formula.</summary>
    public static string Write(Formula formula, Millilitres yields)
    {
        var recipe = new JsonObject
        {
            ["@context"] = new JsonArray("https://schema.org/", new JsonObject { ["kamuri"] = "urn:kamuri:" }),
            ["@type"] = "Recipe",
            ["name"] = formula.Name,
            ["description"] = formula.Note,
            ["recipeCategory"] = formula.Kind.ToString(),
            ["recipeYield"] = string.Create(CultureInfo.InvariantCulture, $"{yields.Value:0} ml"),
            ["totalTime"] = Span(formula.Method.Sum(step => step.HandsOnMinutes + (step.Wait?.Usual ?? 0))),
            ["recipeIngredient"] = new JsonArray([.. formula.Ingredients.Select(each => (JsonNode)IngredientLine.Write(each))]),
            ["recipeInstructions"] = new JsonArray([.. formula.Method.Select(Step)]),
            [$"{Prefix}yieldShare"] = formula.YieldShare,
            [$"{Prefix}keep"] = new JsonObject
            {
                ["room"] = Keep(formula.Keep.Room),
                ["fridge"] = Keep(formula.Keep.Fridge),
                ["freezer"] = Keep(formula.Keep.Freezer),
            },
            [$"{Prefix}servesAs"] = new JsonArray([.. formula.ServesAs.Select(each => (JsonNode)each.ToString())]),
            [$"{Prefix}vessel"] = formula.Vessel.ToString(),
            [$"{Prefix}usedWarm"] = formula.UsedWarm,
        };
        if (formula.HotAt is { } hot)
        {
            recipe[$"{Prefix}hotAt"] = hot.Value;
        }

        return recipe.ToJsonString(Readable);
    }

    /// <summary>Reads the first recipe in a document. Anything that is not right is listed, and then there is no formula.</summary>
    public static ReadFormula Read(string text)
    {
        try
        {
            return ReadAll(text);
        }
        catch (InvalidOperationException)
        {
            // Half of a pair of characters, which no text may hold.
            return new ReadFormula(null, [new FormatProblem("the document", "", FormatWords.UnreadableCharacters)]);
        }
    }

    private static ReadFormula ReadAll(string text)
    {
        JsonNode? document;
        try
        {
            document = JsonNode.Parse(
                text,
                documentOptions: new JsonDocumentOptions
                {
                    AllowTrailingCommas = true,
                    CommentHandling = JsonCommentHandling.Skip,
                    MaxDepth = 32,
                    AllowDuplicateProperties = false,
                }
            );
        }
        catch (JsonException error)
        {
            return new ReadFormula(
                null,
                [
                    new FormatProblem(
                        $"line {error.LineNumber + 1}",
                        "",
                        error.Message.Contains("Duplicate", StringComparison.OrdinalIgnoreCase)
                            ? FormatWords.NameTwice
                            : FormatWords.NotJson
                    ),
                ]
            );
        }

        var problems = new List<FormatProblem>();
        if (Recipe(document) is not { } recipe)
        {
            return new ReadFormula(null, [new FormatProblem("the document", "@type", FormatWords.NoRecipe)]);
        }

        var name = Text(recipe["name"])?.Trim() ?? "";
        if (name.Length is 0 or > 80)
        {
            problems.Add(new FormatProblem("Recipe", "name", FormatWords.NameNeeded));
        }

        var lines = recipe["recipeIngredient"] as JsonArray ?? recipe["ingredients"] as JsonArray ?? [];
        if (lines.Count is 0 or > MostIngredients)
        {
            problems.Add(new FormatProblem("Recipe", "recipeIngredient", FormatWords.IngredientsMissing($"{MostIngredients}")));
        }

        var ingredients = lines
            .Take(MostIngredients)
            .Select((line, at) => Ingredient(Text(line) ?? "", $"recipeIngredient[{at}]", problems))
            .OfType<FormulaIngredient>()
            .ToList();
        var instructions = recipe["recipeInstructions"] switch
        {
            JsonArray list => list.Where(each => each is not null).Select(each => each!).ToList(),
            JsonNode single => [single],
            _ => [],
        };
        if (instructions.Count > MostSteps)
        {
            problems.Add(new FormatProblem("Recipe", "recipeInstructions", FormatWords.AtMostSteps($"{MostSteps}")));
        }

        var method = instructions.Take(MostSteps).Select((step, at) => Step(step, at, problems)).OfType<MethodStep>().ToList();
        var keep = recipe[$"{Prefix}keep"] as JsonObject;
        var category =
            Enum.TryParse<FormulaKind>(Text(recipe["recipeCategory"]), true, out var kind) && Enum.IsDefined(kind)
                ? kind
                : (FormulaKind?)null;
        var formula = new Formula
        {
            Id = Guid.CreateVersion7(),
            Name = name,
            Kind = category is { } known ? known : FormulaKind.Other,
            // A category of other programs is no kind of mixture here, and is kept as a remark.
            Note = string.Join(
                ' ',
                new[]
                {
                    Text(recipe["description"]) ?? "",
                    category is null && Text(recipe["recipeCategory"]) is { Length: > 0 } other ? $"Category: {other}." : "",
                }.Where(part => part.Length > 0)
            ),
            Ingredients = ingredients,
            Method = method,
            YieldShare = Number(recipe[$"{Prefix}yieldShare"], "yieldShare", problems) ?? 1,
            // A recipe that does not say how it keeps is used the same day.
            Keep = keep is null
                ? KeepRule.Now
                : new KeepRule(Keeping(keep, "room", problems), Keeping(keep, "fridge", problems), Keeping(keep, "freezer", problems)),
            ServesAs = Words<Substance>(recipe[$"{Prefix}servesAs"], "Recipe", "servesAs", problems),
            Vessel = Word(recipe[$"{Prefix}vessel"], Vessel.WideBowl, "Recipe", "vessel", problems),
            HotAt = Number(recipe[$"{Prefix}hotAt"], "hotAt", problems) is { } hot ? new Celsius(hot) : null,
            UsedWarm = recipe[$"{Prefix}usedWarm"] is JsonValue warm && warm.TryGetValue<bool>(out var isWarm) && isWarm,
        };
        return problems.Count > 0
            ? new ReadFormula(null, problems)
            : new ReadFormula(formula, [])
            {
                Ingredients = [.. ingredients.Select((_, at) => $"recipeIngredient[{at}]")],
                Steps = [.. method.Select((_, at) => $"recipeInstructions[{at}]")],
            };
    }

    internal static FormulaIngredient? Ingredient(string line, string where, List<FormatProblem> problems)
    {
        try
        {
            return IngredientLine.Read(line);
        }
        catch (FormatException error)
        {
            problems.Add(new FormatProblem(where, "", error.Message));
            return null;
        }
    }

    private static JsonObject? Recipe(JsonNode? node) =>
        node switch
        {
            JsonObject found when Types(found["@type"]).Contains("Recipe") => found,
            JsonObject graph when graph["@graph"] is JsonArray list => list.Select(Recipe).FirstOrDefault(each => each is not null),
            JsonArray list => list.Select(Recipe).FirstOrDefault(each => each is not null),
            _ => null,
        };

    private static IEnumerable<string?> Types(JsonNode? type) => type is JsonArray list ? list.Select(Text) : [Text(type)];

    private static JsonObject Step(MethodStep step)
    {
        var written = new JsonObject
        {
            ["@type"] = "HowToStep",
            ["name"] = step.Id,
            ["text"] = Scaling.PlainWords(step.Title),
            [$"{Prefix}text"] = step.Title,
            [$"{Prefix}handsOn"] = Span(step.HandsOnMinutes),
            [$"{Prefix}needs"] = new JsonArray([.. step.Needs.Select(each => (JsonNode)each.ToString())]),
        };
        if (step.WaitTitle is not null)
        {
            written[$"{Prefix}wait"] = new JsonObject
            {
                ["title"] = step.WaitTitle,
                ["at"] = step.At.ToString(),
                ["cools"] = step.Cools,
                ["earliest"] = step.Wait is { } wait ? Span(wait.Earliest) : null,
                ["usual"] = step.Wait is { } usual ? Span(usual.Usual) : null,
                ["latest"] = step.Wait is { } latest ? Span(latest.Latest) : null,
            };
        }

        if (step.Does != MethodDeeds.None)
        {
            written[$"{Prefix}does"] = new JsonArray([
                .. Enum.GetValues<MethodDeeds>()
                    .Where(each => each != MethodDeeds.None && step.Does.HasFlag(each))
                    .Select(each => (JsonNode)each.ToString()),
            ]);
        }

        return written;
    }

    private static MethodStep? Step(JsonNode node, int at, List<FormatProblem> problems)
    {
        const double usualMinutes = 5;
        var where = $"recipeInstructions[{at}]";
        var step = node as JsonObject;
        var text = Text(step?[$"{Prefix}text"]) ?? Text(step?["text"]) ?? Text(node) ?? "";
        if (text.Trim().Length is 0 or > 400)
        {
            problems.Add(new FormatProblem(where, "text", FormatWords.StepTextNeeded));
            return null;
        }

        var handsOn = Minutes(step?[$"{Prefix}handsOn"] ?? step?["timeRequired"], where, "handsOn", problems) ?? usualMinutes;
        var needs = Words<Resource>(step?[$"{Prefix}needs"], where, "needs", problems).Where(each => each != Resource.Hands).ToList();
        var does = Words<MethodDeeds>(step?[$"{Prefix}does"], where, "does", problems).Aggregate(MethodDeeds.None, (all, one) => all | one);
        if (step?[$"{Prefix}wait"] is not JsonObject wait)
        {
            return new MethodStep($"step-{at + 1}", text.Trim(), handsOn, needs) { Does = does };
        }

        var cools = wait["cools"] is JsonValue flag && flag.TryGetValue<bool>(out var isCooling) && isCooling;
        var window = (
            Minutes(wait["earliest"], where, "wait.earliest", problems),
            Minutes(wait["usual"], where, "wait.usual", problems),
            Minutes(wait["latest"], where, "wait.latest", problems)
        );
        return new MethodStep(
            $"step-{at + 1}",
            text.Trim(),
            handsOn,
            needs,
            Text(wait["title"]) ?? "Waiting",
            window is ({ } earliest, { } usual, { } latest) ? new Window(earliest, usual, latest) : null,
            cools
        )
        {
            At = Word(wait["at"], WaitsAt.Counter, where, "wait.at", problems),
            Does = does,
        };
    }

    private static double? Minutes(JsonNode? node, string where, string field, List<FormatProblem> problems)
    {
        if (Text(node) is not { } text)
        {
            return null;
        }

        try
        {
            return XmlConvert.ToTimeSpan(text).TotalMinutes;
        }
        catch (Exception error) when (error is FormatException or OverflowException)
        {
            problems.Add(new FormatProblem(where, field, FormatWords.NotADuration(text)));
            return null;
        }
    }

    private static string Span(double minutes) => XmlConvert.ToString(TimeSpan.FromMinutes(minutes));

    private static JsonObject? Keep(KeepSpan? span) =>
        span is null ? null : new JsonObject { ["days"] = span.Days, ["atMost"] = span.AtMost };

    /// <summary>How long it keeps in one place; what cannot be is said and never bent to what can.</summary>
    private static KeepSpan? Keeping(JsonObject keep, string place, List<FormatProblem> problems)
    {
        const int longest = 3650;
        if (keep[place] is null)
        {
            return null;
        }

        var span = keep[place] as JsonObject;
        if (
            Number(span?["days"]) is >= 0 and <= longest and var days
            && (Number(span?["atMost"]) ?? days) is var atMost
            && atMost >= days
            && atMost <= longest
        )
        {
            return new KeepSpan((int)days, (int)atMost);
        }

        problems.Add(new FormatProblem("Recipe", $"keep.{place}", FormatWords.KeepsWrong($"{longest}")));
        return null;
    }

    private static T Word<T>(JsonNode? node, T otherwise, string where, string field, List<FormatProblem> problems)
        where T : struct, Enum
    {
        if (node is null)
        {
            return otherwise;
        }

        if (Enum.TryParse<T>(Text(node), true, out var known) && Enum.IsDefined(known) && !char.IsDigit(Text(node)![0]))
        {
            return known;
        }

        problems.Add(new FormatProblem(where, field, FormatWords.OneOf(string.Join(", ", Enum.GetNames<T>()))));
        return otherwise;
    }

    private static List<T> Words<T>(JsonNode? node, string where, string field, List<FormatProblem> problems)
        where T : struct, Enum =>
        [.. (node as JsonArray ?? []).Select(each => Word(each ?? "", default(T), where, field, problems)).Distinct()];

    private static double? Number(JsonNode? node, string field, List<FormatProblem> problems)
    {
        if (node is not null && Number(node) is null)
        {
            problems.Add(new FormatProblem("Recipe", field, FormatWords.NumberNeeded));
        }

        return Number(node);
    }

    private static double? Number(JsonNode? node) => node is JsonValue value && value.TryGetValue<double>(out var number) ? number : null;

    private static string? Text(JsonNode? node) => node is JsonValue value && value.TryGetValue<string>(out var text) ? text : null;
}

using System.Globalization;
using System.Text.RegularExpressions;
using Kamuri.Core.Mixing;

namespace Kamuri.Store.Formats;

/// <summary>A formula read from a text, and where in the text its parts stand, so that what is wrong can be found again.</summary>
/// <param name="Formula">The formula; null when anything in it cannot be read.</param>
/// <param name="Problems">What cannot be read.</param>
public sealed partial record ReadFormula(Formula? Formula, IReadOnlyList<FormatProblem> Problems)
{
    /// <summary>Where each ingredient stands.</summary>
    public IReadOnlyList<string> Ingredients { get; init; } = [];

    /// <summary>Where each step stands.</summary>
    public IReadOnlyList<string> Steps { get; init; } = [];

    /// <summary>A field of the formula, as <c>ingredients[1].unit</c>, said by its place in the text: <c>line 6, unit</c>.</summary>
    public string PlaceOf(string field)
    {
        var match = Part().Match(field);
        var places = match.Groups["list"].Value == "ingredients" ? Ingredients : Steps;
        return match.Success && int.Parse(match.Groups["at"].Value, CultureInfo.InvariantCulture) is var at && at < places.Count
            ? places[at] + (match.Groups["field"] is { Success: true } of ? $", {of.Value}" : "")
            : field;
    }

    [GeneratedRegex(@"^(?<list>ingredients|method)\[(?<at>\d{1,4})\](?:\.(?<field>\w+))?$")]
    private static partial Regex Part();
}

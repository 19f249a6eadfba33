using System.Text.Json;

namespace Kamuri.Core.Tests.Texts;

/// <summary>Figures as people read them. The same table is tested against what the interface writes.</summary>
public sealed class WritingTests
{
    private sealed record Row(string Kind, string Metric, string Imperial, JsonElement Value);

    [Fact]
    public void Figures_are_written_as_the_table_says()
    {
        var path = Path.Combine(AppContext.BaseDirectory, "writing.json");
        var rows = JsonSerializer.Deserialize<List<Row>>(File.ReadAllText(path), JsonSerializerOptions.Web)!;
        Assert.NotEmpty(rows);
        foreach (var row in rows)
        {
            Assert.Equal(row.Metric, Written(row, new WritingStyle()));
            Assert.Equal(
                row.Imperial,
                Written(row, new WritingStyle(ClockFormat.TwelveHours, LengthUnit.Inches, TemperatureUnit.Fahrenheit, AmountUnit.Spoons))
            );
        }
    }

    private static string Written(Row row, WritingStyle style)
    {
        using var within = WritingStyle.Within(style);
        var written = row.Kind switch
        {
            "time" => Say.Clock(TimeOnly.Parse(row.Value.GetString()!, null)),
            "length" => Say.Length(row.Value.GetDouble()),
            "amount" => Say.Amount(row.Value.GetDouble()),
            _ => Say.Temperature(row.Value.GetDouble()),
        };
        return written.Replace('\u00a0', ' ');
    }
}

using System.Text.Json;
using System.Text.Json.Serialization;
using Kamuri.Core.Mixing;

namespace Kamuri.Store;

/// <summary>Words with amounts, each way they are written. Files of earlier versions hold one wording, as plain text.</summary>
internal sealed class MeasuredWordsJson : JsonConverter<MeasuredWords>
{
    public override MeasuredWords Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType == JsonTokenType.String)
        {
            return MeasuredWords.Same(reader.GetString()!);
        }

        var ways = JsonSerializer.Deserialize<Dictionary<string, string>>(ref reader, options)!;
        var metric = ways[nameof(MeasuredWords.Metric)];
        return new MeasuredWords(
            metric,
            ways.GetValueOrDefault(nameof(MeasuredWords.Spoons), metric),
            ways.GetValueOrDefault(nameof(MeasuredWords.Weight), metric)
        );
    }

    public override void Write(Utf8JsonWriter writer, MeasuredWords value, JsonSerializerOptions options)
    {
        writer.WriteStartObject();
        writer.WriteString(nameof(MeasuredWords.Metric), value.Metric);
        writer.WriteString(nameof(MeasuredWords.Spoons), value.Spoons);
        writer.WriteString(nameof(MeasuredWords.Weight), value.Weight);
        writer.WriteEndObject();
    }
}

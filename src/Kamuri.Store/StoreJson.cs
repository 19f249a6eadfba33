using System.Text.Json;
using System.Text.Json.Serialization;

namespace Kamuri.Store;

/// <summary>How lists and plan snapshots are written inside the database.</summary>
public static class StoreJson
{
    public static JsonSerializerOptions Options { get; } = new(JsonSerializerDefaults.General)
    {
        Converters = { new JsonStringEnumConverter(), new MeasuredWordsJson() },
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        // What is computed is computed again when it is read.
        IgnoreReadOnlyProperties = true,
    };
}

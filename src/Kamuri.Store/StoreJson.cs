using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Kamuri.Store;

/// <summary>How documents are written inside the database. Only storage records go through it.</summary>
public static class StoreJson
{
    public static JsonSerializerOptions Options { get; } =
        new(JsonSerializerDefaults.General)
        {
            Converters = { new MeasuredWordsJson() },
            DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
            RespectNullableAnnotations = true,
            Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        };
}

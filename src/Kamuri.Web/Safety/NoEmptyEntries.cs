using System.Collections;
using System.Collections.Concurrent;
using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace Kamuri.Web.Safety;

/// <summary>A list or table that was sent with nothing in one of its places.</summary>
internal sealed class EmptyEntryException(string name) : JsonException(RequestErrors.TheListNameHasAnEmpty(name));

/// <summary>
/// Refuses nothing where something belongs: properties that may not be null are refused by the serializer itself, entries of lists
/// and tables are not.
/// </summary>
internal static class NoEmptyEntries
{
    private static readonly ConcurrentDictionary<PropertyInfo, bool> MayBeEmpty = [];

    /// <summary>Looks through the lists of every object that is read.</summary>
    public static void Check(JsonTypeInfo type)
    {
        if (type.Kind != JsonTypeInfoKind.Object)
        {
            return;
        }

        var lists = type
            .Properties.Where(each =>
                each is { Get: not null, AttributeProvider: PropertyInfo }
                && each.PropertyType != typeof(string)
                && each.PropertyType.IsAssignableTo(typeof(IEnumerable))
            )
            .Where(each => !MayBeEmpty.GetOrAdd((PropertyInfo)each.AttributeProvider!, AllowsEmpty))
            .ToList();
        if (lists.Count > 0)
        {
            type.OnDeserialized = read => lists.ForEach(list => Check(list, read));
        }
    }

    private static void Check(JsonPropertyInfo list, object read)
    {
        var entries = list.Get!(read) switch
        {
            IDictionary table => table.Values,
            IEnumerable all => all,
            _ => Array.Empty<object>(),
        };
        foreach (var entry in entries)
        {
            if (entry is null or KeyValuePair<string, object?> { Value: null })
            {
                throw new EmptyEntryException(list.Name);
            }
        }
    }

    private static bool AllowsEmpty(PropertyInfo property) =>
        new NullabilityInfoContext().Create(property) is var info
        && (info.ElementType ?? info.GenericTypeArguments.LastOrDefault()) is { ReadState: NullabilityState.Nullable };
}

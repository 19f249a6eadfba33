using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;

namespace Kamuri.Store.Documents;

/// <summary>A stored document cannot be read by this version; the message says why, for whoever looks after the file.</summary>
public sealed class UnreadableDocumentException(string message, Exception? cause = null) : Exception(message, cause);

/// <summary>
/// A kind of document that is kept as JSON. It is written by storage records of its own, so that what the rest of the code is called
/// may change; what was written by earlier versions is brought up to today's by one small upgrade after the other.
/// </summary>
/// <typeparam name="TStored">The record it is written as.</typeparam>
/// <param name="name">For messages: "planned day".</param>
/// <param name="upgrades">The first brings version 1 to 2, and so on. Today's version is one more than there are upgrades.</param>
public sealed class DocumentKind<TStored>(string name, params Action<JsonObject>[] upgrades)
    where TStored : class
{
    private const string VersionField = "schemaVersion";

    /// <summary>The version that is written.</summary>
    public int Version => upgrades.Length + 1;

    /// <summary>
    /// Brings documents from before there were versions to version 1. Such documents carry none; where all of them have the shape of
    /// version 1 this stays empty.
    /// </summary>
    public Action<JsonObject> FromUnversioned { get; init; } = _ => { };

    /// <summary>The document as it is kept.</summary>
    public string Write(TStored stored)
    {
        var node = JsonSerializer.SerializeToNode(stored, StoreJson.Options)!.AsObject();
        node.Insert(0, VersionField, Version);
        return node.ToJsonString(StoreJson.Options);
    }

    /// <summary>Reads a document of any version there has been.</summary>
    /// <exception cref="UnreadableDocumentException">It is no JSON, written by a newer Kamuri, or holds what no version ever
    /// wrote.</exception>
    public TStored Read(string json)
    {
        try
        {
            var node = JsonNode.Parse(json) as JsonObject ?? throw new UnreadableDocumentException(DocumentWords.HoldsNothing(name));
            if (node[VersionField] is null)
            {
                FromUnversioned(node);
            }

            var version = node[VersionField]?.GetValue<int>() ?? 1;
            if (version > Version || version < 1)
            {
                throw new UnreadableDocumentException(DocumentWords.IsNewer(name));
            }

            foreach (var upgrade in upgrades.Skip(version - 1))
            {
                upgrade(node);
            }

            node.Remove(VersionField);
            return node.Deserialize<TStored>(StoreJson.Options) ?? throw new UnreadableDocumentException(DocumentWords.HoldsNothing(name));
        }
        catch (Exception error) when (IsUnreadable(error))
        {
            throw new UnreadableDocumentException(DocumentWords.HoldsTheUnknown(name), error);
        }
    }

    /// <summary>
    /// Reads a document and turns it into what the code works with; an unknown word in it makes it unreadable, not the page.
    /// </summary>
    /// <exception cref="UnreadableDocumentException">It cannot be read.</exception>
    public T Read<T>(string json, Func<TStored, T> into)
    {
        var stored = Read(json);
        try
        {
            return into(stored);
        }
        catch (Exception error) when (IsUnreadable(error))
        {
            throw new UnreadableDocumentException(DocumentWords.HoldsTheUnknown(name), error);
        }
    }

    private static bool IsUnreadable(Exception error) =>
        error
            is JsonException
                or ArgumentException
                or FormatException
                or InvalidOperationException
                or OverflowException
                or KeyNotFoundException
                or NotSupportedException;
}

namespace Kamuri.Store.Documents;

/// <summary>Why an entry cannot be read.</summary>
[Texts("entries that cannot be read")]
internal static class DocumentWords
{
    public const string UnknownPlace = "It is kept in a place this version does not know.";
    public const string UnknownUse = "It is used as something this version does not know.";
    public const string IsEmpty = "It is empty.";

    public static string HoldsNothing(string name) => $"This {name} holds nothing.";

    public static string IsNewer(string name) => $"This {name} was written by a newer Kamuri.";

    public static string HoldsTheUnknown(string name) => $"This {name} holds something this version does not know.";

    public static string UnknownKind(string name) => $"{name} is of a kind this version does not know.";

    public static string ImpossibleSize(string name) => $"{name} has an impossible size.";

    public const string UnknownProperty = "This head has a property this version does not know.";
    public const string UnknownState = "This day has a state this version does not know.";

    public const string UnknownEvent = "Something that happened on this day is of a kind this version does not know.";
}

namespace Kamuri.Core.Units;

/// <summary>What is said about units.</summary>
[Texts("units")]
internal static class UnitWords
{
    public const string NotCounted = "This is not counted in pieces. Give millilitres, grams or spoons.";
}

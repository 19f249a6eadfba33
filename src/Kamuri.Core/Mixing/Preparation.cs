using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>One thing done in the kitchen, with the wait behind it.</summary>
/// <param name="Id">Short name, unique within the preparation.</param>
/// <param name="Title">What hands do.</param>
/// <param name="HandsOnMinutes">How long hands are busy.</param>
/// <param name="Needs">What else must be free while hands are busy and while it stands.</param>
/// <param name="WaitTitle">What the mixture does by itself afterwards; null when nothing.</param>
/// <param name="Wait">How long; null with <paramref name="Cools"/> means the cooling model says.</param>
/// <param name="Cools">The wait is cooling to skin temperature.</param>
public sealed record MethodStep(
    string Id, string Title, double HandsOnMinutes, IReadOnlyList<Resource> Needs,
    string? WaitTitle = null, Window? Wait = null, bool Cools = false);

/// <summary>A mixture made in the kitchen for a step of the session.</summary>
public sealed record Preparation(
    string Id, string Name, Vessel Vessel, Millilitres Volume, IReadOnlyList<MethodStep> Method);

/// <summary>The preparations there are, as data.</summary>
public static class Preparations
{
    private static readonly Preparation HerbInfusion = new(
        "herb-infusion", "Herb tea", Vessel.WideBowl, new Millilitres(250),
        [
            new("boil", "Put 250 ml of water on to boil", 2, [Resource.Stove], "Water heating", new Window(6, 6, 15)),
            new("steep", "Pour over 1 tbsp of dried herb and cover", 1, [], "Tea steeping", new Window(10, 15, 20)),
            new("strain", "Strain into a wide bowl", 2, [], "Tea cooling", Cools: true),
        ]);

    /// <summary>Finds a preparation by id.</summary>
    /// <exception cref="KeyNotFoundException">There is none.</exception>
    public static Preparation Get(string id) =>
        id == HerbInfusion.Id ? HerbInfusion : throw new KeyNotFoundException($"There is no preparation '{id}'.");
}

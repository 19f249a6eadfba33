using System.Collections.Frozen;
using System.Reflection;
using Kamuri.Core.Composing;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Routines;

/// <summary>The routines that ship: one YAML file each, in <c>Shipped/</c>.</summary>
public static class RoutineCatalogue
{
    private const string Prefix = "routines/";
    private const string SharedFile = Prefix + "shared.yaml";

    /// <summary>Parts that any routine may take.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<RoutineEntry>> Shared { get; } = RoutineFile.ReadParts(Text(SharedFile));

    /// <summary>All of them, by id.</summary>
    public static IReadOnlyList<Routine> All { get; } =
    [
        .. typeof(RoutineCatalogue)
            .Assembly.GetManifestResourceNames()
            .Where(name => name.StartsWith(Prefix, StringComparison.Ordinal) && name != SharedFile)
            .Order(StringComparer.Ordinal)
            .Select(name => RoutineFile.Read(Text(name), Shared)),
    ];

    private static readonly FrozenDictionary<string, Routine> ById = All.ToFrozenDictionary(routine => routine.Id);

    private static readonly FrozenDictionary<(HairKinds, Aim), Routine> Best = (
        from kind in new[] { HairKinds.Loose, HairKinds.Locs, HairKinds.Style, HairKinds.TakenDown }
        from aim in Enum.GetValues<Aim>()
        let suiting = All.Where(routine => routine.Suits.HasFlag(kind)).ToList()
        select KeyValuePair.Create(
            (kind, aim),
            suiting.Find(routine => routine.BestFor.Contains(aim)) ?? suiting.First(routine => routine.IsUsual)
        )
    ).ToFrozenDictionary();

    /// <summary>Finds a routine; null when there is none of that id.</summary>
    public static Routine? Find(string? id) => id is null ? null : ById.GetValueOrDefault(id);

    /// <summary>The routine a kind of hair is proposed for an aim.</summary>
    public static Routine BestFor(HairKinds kind, Aim aim) => Best[(kind, aim)];

    /// <summary>The aims a routine is proposed for on a kind of hair.</summary>
    public static IReadOnlyList<Aim> AimsOf(Routine routine, HairKinds kind) =>
        [.. Enum.GetValues<Aim>().Where(aim => AimCatalogue.Suits(aim).HasFlag(kind) && Best[(kind, aim)] == routine)];

    private static string Text(string name)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(name)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}

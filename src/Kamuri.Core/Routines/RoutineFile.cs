using System.Collections.Frozen;
using System.Globalization;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using YamlDotNet.Core;
using YamlDotNet.Core.Events;
using YamlDotNet.RepresentationModel;

namespace Kamuri.Core.Routines;

/// <summary>What is wrong with a routine, and where.</summary>
/// <param name="message">A sentence.</param>
public sealed class RoutineException(string message) : FormatException(message)
{
    /// <summary>The line of the file, 1 for the first; null when it is the whole of it.</summary>
    public long? Line { get; init; }

    /// <summary>The key it stands at; null when it is the whole entry.</summary>
    public string? Field { get; init; }
}

/// <summary>Reads routines from YAML; the form is described in docs/formats.md.</summary>
public static class RoutineFile
{
    /// <summary>The newest form of the file that is understood.</summary>
    public const int Version = 1;

    /// <summary>Longest file, in characters.</summary>
    public const int LongestText = 60_000;

    /// <summary>Most entries of a routine with its own parts.</summary>
    public const int MostEntries = 200;

    /// <summary>Most entries with every part written out where it is taken: parts that take parts multiply.</summary>
    public const int MostTaken = 250;

    private const int DeepestParts = 8;

    /// <summary>Deepest nesting of lists and keys; routines need less than half of it.</summary>
    private const int DeepestNesting = 32;

    private static readonly FrozenDictionary<string, HairKinds> Names = new Dictionary<string, HairKinds>
    {
        ["loose"] = HairKinds.Loose,
        ["locs"] = HairKinds.Locs,
        ["in a style"] = HairKinds.Style,
        ["just taken down"] = HairKinds.TakenDown,
    }.ToFrozenDictionary();

    /// <summary>Kinds of hair by how they are written, without what only makes it easier to read.</summary>
    internal static readonly FrozenDictionary<string, HairKinds> Kinds = Names.ToFrozenDictionary(
        kind => Condition.Plain(kind.Key),
        kind => kind.Value
    );

    /// <summary>A kind of hair as it is written: "in a style".</summary>
    public static string Written(HairKinds kind) => Names.First(pair => pair.Value == kind).Key;

    internal static string Word(HairKinds kind) => Kinds.First(pair => pair.Value == kind).Key;

    /// <summary>Reads a routine.</summary>
    /// <param name="text">The file.</param>
    /// <param name="shared">Parts it may take besides its own.</param>
    /// <exception cref="RoutineException">It cannot be read; says where and why.</exception>
    public static Routine Read(string text, IReadOnlyDictionary<string, IReadOnlyList<RoutineEntry>> shared)
    {
        var file = Open(text);
        Known(file, "version", "id", "says", "hint", "suits", "for", "best for", "usual", "steps", "parts");
        var parts = shared.Concat(Parts(file)).DistinctBy(part => part.Key).ToDictionary();
        var routine = new Routine(
            Text(file, "id"),
            Text(file, "says"),
            Text(file, "hint"),
            Words<HairKinds>(file, "suits", word => Kinds.TryGetValue(word, out var kind) ? kind : null)
                .Aggregate(HairKinds.None, (all, kind) => all | kind),
            Aims(file, "for"),
            Aims(file, "best for"),
            Value(file, "usual") is YamlScalarNode { Value: "true" },
            Entries(Value(file, "steps") ?? throw At(file, "steps", RoutineWords.IsMissing("steps"))),
            parts
        );
        Check(routine.Steps, parts, 0);
        return Count(routine.Steps) + Parts(file).Values.Sum(Count) is var entries && entries > MostEntries
            ? throw new RoutineException(RoutineWords.TooLong($"{entries}", $"{MostEntries}"))
            : routine;
    }

    /// <summary>Writes a routine that was made from a plan: its steps, without conditions.</summary>
    public static string Write(Routine routine)
    {
        var file = new YamlMappingNode
        {
            { "version", $"{Version}" },
            { "id", routine.Id },
            { "says", Quoted(routine.Says) },
            { "hint", Quoted(routine.Hint) },
            {
                "suits",
                new YamlSequenceNode(Names.Where(kind => routine.Suits.HasFlag(kind.Value)).Select(kind => new YamlScalarNode(kind.Key)))
            },
            { "steps", new YamlSequenceNode(routine.Steps.OfType<TakeStep>().Select(Entry)) },
        };
        using var text = new StringWriter { NewLine = "\n" };
        new YamlStream(new YamlDocument(file)).Save(text, assignAnchors: false);
        return text.ToString().Replace("\n...\n", "\n", StringComparison.Ordinal);
    }

    private static YamlMappingNode Entry(TakeStep step)
    {
        var entry = new YamlMappingNode { { "do", step.Kind.Id }, { "why", Quoted(step.Why) } };
        void Add(string key, object? value)
        {
            if (value is not null)
            {
                entry.Add(key, Convert.ToString(value, CultureInfo.InvariantCulture)!);
            }
        }

        Add("until", step.Dryness * 100);
        if (step.Places is { } places)
        {
            entry.Add("places", new YamlSequenceNode($"{places}".Split(", ").Select(place => new YamlScalarNode(Lower(place)))));
        }

        Add("way", Lower($"{step.Direction}"));
        Add("water", Lower($"{step.Water}"));
        Add("heat", Lower($"{step.Heat}"));
        Add("air", Lower($"{step.Air}"));
        Add("minutes", step.Minutes);
        Add("pieces", step.Pieces);
        Add("amount", step.Amount);
        Add("together", step.Together ? "true" : null);
        return entry;
    }

    /// <summary>"EndsToRoots" as it is written in a file: "ends to roots"; null for nothing.</summary>
    private static string? Lower(string word) =>
        word.Length == 0
            ? null
            : string.Concat(word.Select((letter, at) => at > 0 && char.IsUpper(letter) ? $" {letter}" : $"{letter}")).ToLowerInvariant();

    private static YamlScalarNode Quoted(string text) => new(text) { Style = ScalarStyle.DoubleQuoted };

    /// <summary>Reads a file that holds nothing but parts.</summary>
    /// <exception cref="RoutineException">It cannot be read; says where and why.</exception>
    public static IReadOnlyDictionary<string, IReadOnlyList<RoutineEntry>> ReadParts(string text)
    {
        var file = Open(text);
        Known(file, "version", "parts");
        return Parts(file);
    }

    private static List<Aim> Aims(YamlMappingNode file, string key) => Words(file, key, Defined<Aim>);

    private static YamlMappingNode Open(string text)
    {
        if (text.Length > LongestText)
        {
            throw new RoutineException(RoutineWords.TooLong($"{text.Length}", $"{LongestText}"));
        }

        var stream = new YamlStream();
        try
        {
            Bound(text);
            stream.Load(new StringReader(text));
        }
        catch (YamlException trouble)
        {
            throw new RoutineException(RoutineWords.IsNoYaml(trouble.Message)) { Line = trouble.Start.Line };
        }

        if (stream.Documents is not [{ RootNode: YamlMappingNode file }])
        {
            throw new RoutineException(RoutineWords.IsNoRoutine);
        }

        return int.TryParse(Text(file, "version"), out var version) && version is >= 1 and <= Version
            ? file
            : throw At(file, "version", RoutineWords.IsOfAnotherVersion(Text(file, "version"), $"{Version}"));
    }

    /// <summary>
    /// The tree is read by calls within calls, and an alias may repeat what repeats: a small file could end or hold up the server. So
    /// depth and aliases are refused first, event by event.
    /// </summary>
    private static void Bound(string text)
    {
        var parser = new Parser(new StringReader(text));
        var depth = 0;
        while (parser.MoveNext())
        {
            var at = parser.Current!;
            depth += at.NestingIncrease;
            if (depth > DeepestNesting || at is AnchorAlias)
            {
                throw new RoutineException(at is AnchorAlias ? RoutineWords.HasNoAliases : RoutineWords.IsNestedTooDeeply)
                {
                    Line = at.Start.Line,
                };
            }
        }
    }

    private static Dictionary<string, IReadOnlyList<RoutineEntry>> Parts(YamlMappingNode file) =>
        Value(file, "parts") switch
        {
            null => [],
            YamlMappingNode parts => parts.Children.ToDictionary(part => $"{part.Key}", part => Entries(part.Value)),
            var other => throw At(other, "parts", RoutineWords.IsNoList("parts")),
        };

    private static IReadOnlyList<RoutineEntry> Entries(YamlNode node) =>
        node is YamlSequenceNode list ? [.. list.Children.Select(Entry)] : throw At(node, null, RoutineWords.IsNoList($"{node}"));

    private static RoutineEntry Entry(YamlNode node)
    {
        if (node is not YamlMappingNode entry)
        {
            throw At(node, null, RoutineWords.IsNoEntry($"{node}"));
        }

        var when = Value(entry, "if") is { } written ? In(written, "if", () => Condition.Read($"{written}")) : null;
        if (Value(entry, "do") is { } kind)
        {
            Known(entry, ["do", "why", "if", "until", "places", "way", "water", "heat", "air", "minutes", "pieces", "amount", "together"]);
            return new TakeStep(
                StepCatalogue.Find($"{kind}") ?? throw At(kind, "do", RoutineWords.NoSuchStep($"{kind}")),
                Text(entry, "why"),
                when
            )
            {
                Dryness = Number(entry, "until", 80, 95) / 100,
                Places = PlacesOf(entry),
                Direction = Word<Direction>(entry, "way"),
                Water = Word<WaterTemperature>(entry, "water"),
                Heat = Word<Heat>(entry, "heat"),
                Air = Word<Air>(entry, "air"),
                Minutes = Number(entry, "minutes", 0, 720),
                Pieces = (int?)Number(entry, "pieces", 1, HeadLimits.MostLocs),
                Amount = Number(entry, "amount", 0.1, 5),
                Together = Value(entry, "together") is YamlScalarNode { Value: "true" },
            };
        }

        if (Value(entry, "then") is { } part)
        {
            Known(entry, "then", "if");
            return new TakePart($"{part}", when);
        }

        if (Value(entry, "one of") is { } choices)
        {
            Known(entry, "one of", "if");
            return new TakeOneOf(Entries(choices), when);
        }

        Known(entry, "leave out", "why", "if");
        return new LeaveOut(Text(entry, "leave out"), Text(entry, "why"), when);
    }

    /// <summary>Every part that is named is there, none takes itself, and all of it together is no more than a day can hold.</summary>
    private static int Check(
        IReadOnlyList<RoutineEntry> entries,
        IReadOnlyDictionary<string, IReadOnlyList<RoutineEntry>> parts,
        int depth,
        int before = 0
    )
    {
        foreach (var entry in entries)
        {
            before++;
            before = entry switch
            {
                TakePart { Part: var part } => Check(
                    depth < DeepestParts && parts.TryGetValue(part, out var of)
                        ? of
                        : throw new RoutineException(RoutineWords.NoSuchPart(part)),
                    parts,
                    depth + 1,
                    before
                ),
                TakeOneOf { Of: var choices } => Check(choices, parts, depth, before),
                _ => before,
            };
            if (before > MostTaken)
            {
                throw new RoutineException(RoutineWords.TakesTooMany($"{MostTaken}"));
            }
        }

        return before;
    }

    private static int Count(IReadOnlyList<RoutineEntry> entries) =>
        entries.Sum(entry => entry is TakeOneOf { Of: var choices } ? Count(choices) : 1);

    private static YamlNode? Value(YamlMappingNode of, string key) =>
        of.Children.TryGetValue(new YamlScalarNode(key), out var value) ? value : null;

    private static string Text(YamlMappingNode of, string key) =>
        Value(of, key) is YamlScalarNode { Value: { } text } && !string.IsNullOrWhiteSpace(text)
            ? text
            : throw At(of, key, RoutineWords.IsMissing(key));

    private static double? Number(YamlMappingNode of, string key, double least, double most) =>
        Value(of, key) is not { } written ? null
        : double.TryParse($"{written}", CultureInfo.InvariantCulture, out var number) && number >= least && number <= most ? number
        : throw At(written, key, RoutineWords.IsFromTo(key, $"{least}", $"{most}"));

    private static Places? PlacesOf(YamlMappingNode entry)
    {
        if (Value(entry, "places") is null)
        {
            return null;
        }

        var places = Words<Places>(entry, "places", Defined<Places>);
        return places.Count > 0
            ? places.Aggregate(Places.None, (all, place) => all | place)
            : throw At(entry, "places", RoutineWords.IsMissing("places"));
    }

    private static T? Word<T>(YamlMappingNode of, string key)
        where T : struct, Enum =>
        Value(of, key) is not { } written
            ? null
            : Defined<T>(Condition.Plain($"{written}")) ?? throw At(written, key, RoutineWords.CannotBe(key, $"{written}"));

    /// <summary>A value by its name; a number is no name.</summary>
    private static T? Defined<T>(string word)
        where T : struct, Enum =>
        !word.All(char.IsAsciiDigit) && Enum.TryParse<T>(word, ignoreCase: true, out var value) && Enum.IsDefined(value) ? value : null;

    private static List<T> Words<T>(YamlMappingNode of, string key, Func<string, T?> read)
        where T : struct =>
        Value(of, key) switch
        {
            null => [],
            YamlSequenceNode list =>
            [
                .. list.Children.Select(word =>
                    read(Condition.Plain($"{word}")) ?? throw At(word, key, RoutineWords.CannotBe(key, $"{word}"))
                ),
            ],
            var other => throw At(other, key, RoutineWords.IsNoList(key)),
        };

    private static void Known(YamlMappingNode of, params IReadOnlyList<string> keys)
    {
        if (of.Children.Keys.FirstOrDefault(key => !keys.Contains($"{key}")) is { } wrong)
        {
            throw At(wrong, $"{wrong}", RoutineWords.NobodyKnows($"{wrong}"));
        }
    }

    private static T In<T>(YamlNode node, string field, Func<T> read)
    {
        try
        {
            return read();
        }
        catch (RoutineException trouble)
        {
            throw At(node, field, trouble.Message);
        }
    }

    private static RoutineException At(YamlNode node, string? field, string sentence) =>
        new(sentence) { Line = node.Start.Line, Field = field };
}

using System.Collections.Frozen;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Routines;

/// <summary>
/// A condition of a routine as a hairdresser reads it: "detangle is pre-poo and not combed". Clauses are joined by "and"; one may begin
/// with "not", and one that names a value may name several, joined by "or".
/// </summary>
public sealed class Condition
{
    private readonly List<Func<RoutineDay, bool>> _clauses = [];

    /// <summary>What can simply be true of a day.</summary>
    private static readonly FrozenDictionary<string, Func<RoutineDay, bool>> Facts = new Dictionary<string, Func<RoutineDay, bool>>
    {
        ["the style comes down"] = day => day.Request.TakesDown,
        ["the day ends in bed"] = day => day.Request.EndsInBed,
        ["after a style"] = day => day.Request.Kind == HairKinds.TakenDown || day.Request.Aim == Aim.Recovery,
        ["a steamer is there"] = day => day.Request.Equipment.Steamers > 0,
        ["a hood is there"] = day => day.Request.Equipment.Hoods > 0,
        ["tea is asked for"] = day => day.Request.TeaRinse == true,
        ["tea is wanted"] = day => day.Request.UsesTea,
        ["clarify is due"] = day => day.Due.Clarify is not null,
        ["protein is due"] = day => day.Due.Protein is not null,
        ["hot oil is due"] = day => day.Due.HotOil is not null,
        ["soak is due"] = day => day.Due.Soak is not null,
        ["protein is asked for"] = day => day.IsProteinAskedFor,
        ["protein is wanted"] = day => day.IsProteinWanted,
        ["heavy oil is on"] = day => day.Steps.Any(step => step.Kind.Puts is { } puts && Substances.Of(puts).IsHeavyOil),
        ["combed"] = day => day.Steps.Any(step => step.Kind.IsToolDetangle),
        ["detangled"] = day => day.Steps.Any(step => step.Kind.Detangles),
    }.ToFrozenDictionary();

    /// <summary>What has one of several values, with those values.</summary>
    private static readonly FrozenDictionary<string, Named> Values = Enumerable
        .Concat<KeyValuePair<string, Named>>(
            [
                new("aim", Named.Of(day => day.Request.Aim)),
                new("style", Named.Of(day => day.Request.Style)),
                new("hair", new(day => RoutineFile.Word(day.Request.Kind), RoutineFile.Kinds.Keys.ToFrozenSet())),
                new("locs", new(day => Plain($"{day.Request.Head.Wear.Locs?.Stage}"), Plain<LocStage>())),
                new("stretch", new(day => Plain($"{day.Request.Stretch}"), Plain<StretchCheck>())),
                new("layering", Named.Of(day => day.Request.LayeringInUse)),
            ],
            SchoolCatalogue.Questions.Select(question => new KeyValuePair<string, Named>(
                Plain(question.Id),
                new(
                    day => Plain(question.Taken(day.Request.SchoolsInUse)),
                    question.Answers.Select(answer => Plain(answer.Value)).ToFrozenSet()
                )
            ))
        )
        .ToFrozenDictionary();

    private sealed record Named(Func<RoutineDay, string> Is, FrozenSet<string> Known)
    {
        public static Named Of<T>(Func<RoutineDay, T> value)
            where T : struct, Enum => new(day => Plain($"{value(day)}"), Plain<T>());
    }

    private Condition() { }

    /// <summary>Reads a condition.</summary>
    /// <param name="text">As it is written.</param>
    /// <exception cref="RoutineException">A clause is not known; the message names it.</exception>
    public static Condition Read(string text)
    {
        var read = new Condition();
        foreach (var clause in text.Split(" and ", StringSplitOptions.TrimEntries))
        {
            var isNot = clause.StartsWith("not ", StringComparison.Ordinal);
            var holds = Clause(isNot ? clause[4..] : clause);
            read._clauses.Add(isNot ? day => !holds(day) : holds);
        }

        return read;
    }

    /// <summary>Whether all of it is true of a day as far as it has been put together.</summary>
    internal bool Holds(RoutineDay day) => _clauses.TrueForAll(clause => clause(day));

    private static Func<RoutineDay, bool> Clause(string text)
    {
        if (Facts.TryGetValue(text, out var fact))
        {
            return fact;
        }

        if (text.StartsWith("done ", StringComparison.Ordinal) && StepCatalogue.Find(text[5..]) is { } kind)
        {
            return day => day.Steps.Any(step => step.Kind == kind);
        }

        var (what, is_) = text.IndexOf(" is ", StringComparison.Ordinal) is var at and > 0 ? (text[..at], text[(at + 4)..]) : (text, "");
        if (!Values.TryGetValue(Plain(what), out var named))
        {
            throw new RoutineException(RoutineWords.NobodyKnowsWhether(text));
        }

        var wanted = is_.Split(" or ", StringSplitOptions.TrimEntries).Select(Plain).ToHashSet();
        return wanted.FirstOrDefault(value => !named.Known.Contains(value)) is { } wrong
            ? throw new RoutineException(RoutineWords.CannotBe(what, wrong))
            : day => wanted.Contains(named.Is(day));
    }

    /// <summary>A word without what only makes it easier to read: "Pre-poo" and "prePoo" are one.</summary>
    internal static string Plain(string word) => string.Concat(word.Where(char.IsLetterOrDigit)).ToLowerInvariant();

    private static FrozenSet<string> Plain<T>()
        where T : struct, Enum => Enum.GetNames<T>().Select(Plain).ToFrozenSet();
}

using Kamuri.Core.Composing;

namespace Kamuri.Core.Planning;

/// <summary>An amount that is another in the second plan.</summary>
/// <param name="Name">Of the step.</param>
/// <param name="Before">In the first plan, as measured out; null when it is not there.</param>
/// <param name="After">In the second plan; null when it is not there.</param>
public sealed record AmountChange(string Name, string? Before, string? After);

/// <summary>The difference between two plans of one head: order, time and amounts.</summary>
/// <param name="Added">Steps only the second has, in its order.</param>
/// <param name="Removed">Steps only the first has.</param>
/// <param name="Moved">Steps both have, standing elsewhere.</param>
/// <param name="WholeMinutes">How much longer the second is from first to last; negative when shorter.</param>
/// <param name="HandsOnMinutes">How much longer hands are busy.</param>
/// <param name="Amounts">Amounts that change.</param>
public sealed record PlanDifference(
    IReadOnlyList<string> Added,
    IReadOnlyList<string> Removed,
    IReadOnlyList<string> Moved,
    double WholeMinutes,
    double HandsOnMinutes,
    IReadOnlyList<AmountChange> Amounts
)
{
    public bool IsNone => Added.Count + Removed.Count + Moved.Count + Amounts.Count == 0 && WholeMinutes == 0 && HandsOnMinutes == 0;

    /// <summary>The same in sentences: order, then time, then amounts.</summary>
    public IReadOnlyList<string> Sentences
    {
        get
        {
            var sentences = new List<string>();
            void Tell(IReadOnlyList<string> steps, Func<string, string> sentence)
            {
                if (steps.Count > 0)
                {
                    sentences.Add(sentence(Say.List(steps)));
                }
            }

            Tell(Added, PlanWords.Added);
            Tell(Removed, PlanWords.Removed);
            Tell(Moved, PlanWords.Moved);
            sentences.AddRange(Longer(WholeMinutes, PlanWords.DayLonger, PlanWords.DayShorter) is { } whole ? [whole] : []);
            sentences.AddRange(Longer(HandsOnMinutes, PlanWords.HandsLonger, PlanWords.HandsShorter) is { } hands ? [hands] : []);
            sentences.AddRange(
                Amounts.Select(change =>
                    change switch
                    {
                        { Before: null } => PlanWords.ChangeAfterMoreIsNeeded(change.Name, change.After!),
                        { After: null } => PlanWords.ChangeBeforeIsNoLongerNeeded(change.Name, change.Before),
                        _ => PlanWords.ChangeAfterInsteadOfBefore(change.Name, change.After, change.Before),
                    }
                )
            );
            return sentences.Count > 0 ? sentences : [PlanWords.NothingInThisDayChanges];
        }
    }

    private static string? Longer(double minutes, Func<string, string> longer, Func<string, string> shorter) =>
        Math.Round(minutes) switch
        {
            0 => null,
            > 0 => longer(Say.Minutes(minutes)),
            _ => shorter(Say.Minutes(-minutes)),
        };

    /// <summary>Compares two plans, normally of the same head and time.</summary>
    public static PlanDifference Between(Plan first, Plan second)
    {
        var (a, b) = (Keys(first), Keys(second));
        var kept = Common(a, b);
        var (inA, inB) = (a.ToHashSet(), b.ToHashSet());
        var names = first
            .Steps.Concat(second.Steps)
            .Zip(a.Concat(b))
            .GroupBy(pair => pair.Second)
            .ToDictionary(group => group.Key, group => group.First().First.Step.Kind.Name);
        return new PlanDifference(
            Named([.. b.Where(key => !inA.Contains(key))], names),
            Named([.. a.Where(key => !inB.Contains(key))], names),
            Named([.. b.Where(key => inA.Contains(key) && !kept.Contains(key))], names),
            Whole(second) - Whole(first),
            Hands(second) - Hands(first),
            AmountsOf(first, second)
        );
    }

    private static double Whole(Plan plan) => (plan.End - plan.Start).TotalMinutes;

    private static double Hands(Plan plan) => plan.Steps.Sum(step => step.HandsOnMinutes);

    /// <summary>The kind and which time it comes, so that a second rinse is told from the first.</summary>
    private static List<(string Kind, int Time)> Keys(Plan plan)
    {
        var counts = new Dictionary<string, int>();
        return
        [
            .. plan.Steps.Select(step => (step.Step.Kind.Id, counts[step.Step.Kind.Id] = counts.GetValueOrDefault(step.Step.Kind.Id) + 1)),
        ];
    }

    private static List<string> Named(List<(string Kind, int Time)> keys, Dictionary<(string, int), string> names) =>
        [.. keys.Select(key => names[key]).Distinct()];

    /// <summary>The longest run of steps that keep their order: what is not in it has moved.</summary>
    private static HashSet<(string, int)> Common(List<(string, int)> a, List<(string, int)> b)
    {
        var lengths = new int[a.Count + 1, b.Count + 1];
        for (var i = a.Count - 1; i >= 0; i--)
        {
            for (var j = b.Count - 1; j >= 0; j--)
            {
                lengths[i, j] = a[i] == b[j] ? lengths[i + 1, j + 1] + 1 : Math.Max(lengths[i + 1, j], lengths[i, j + 1]);
            }
        }

        var common = new HashSet<(string, int)>();
        var (x, y) = (0, 0);
        while (x < a.Count && y < b.Count)
        {
            if (a[x] == b[y])
            {
                common.Add(a[x]);
                (x, y) = (x + 1, y + 1);
            }
            else if (lengths[x + 1, y] >= lengths[x, y + 1])
            {
                x++;
            }
            else
            {
                y++;
            }
        }

        return common;
    }

    private static List<AmountChange> AmountsOf(Plan first, Plan second)
    {
        static Dictionary<string, double> Amounts(Plan plan) =>
            plan
                .Steps.Where(step => step.Amount is not null)
                .GroupBy(step => step.Step.Kind.Name)
                .ToDictionary(group => group.Key, group => group.Sum(step => step.Amount!.Measured.Value));
        static string? Text(Dictionary<string, double> amounts, string name) =>
            amounts.TryGetValue(name, out var amount) ? Say.Amount(amount) : null;
        var (a, b) = (Amounts(first), Amounts(second));
        return
        [
            .. a
                .Keys.Union(b.Keys)
                .Where(name => a.GetValueOrDefault(name, -1) != b.GetValueOrDefault(name, -1))
                .Select(name => new AmountChange(name, Text(a, name), Text(b, name))),
        ];
    }
}

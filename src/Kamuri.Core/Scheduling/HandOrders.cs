using Google.OrTools.Sat;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// Which of two jobs the one pair of hands does first, as choices of the solver. Most of these choices are one and the same: a
/// job that is longer than the gap between two others comes before both or behind both. Said once for all of them, a day of
/// three heads is a few dozen choices instead of many hundreds, and can be proven.
/// </summary>
internal sealed class HandOrders(CpModel model, Func<Job, IntVar> start, Func<Job, LinearExpr> end, Func<Job, int> least)
{
    public void Add(IReadOnlyList<HandRun> runs)
    {
        for (var one = 0; one < runs.Count; one++)
        {
            for (var other = one + 1; other < runs.Count; other++)
            {
                Add(runs[one], runs[other]);
            }
        }
    }

    private void Add(HandRun one, HandRun other)
    {
        var before = new BoolVar[one.Jobs.Count, other.Jobs.Count];
        for (var i = 0; i < one.Jobs.Count; i++)
        {
            for (var j = 0; j < other.Jobs.Count; j++)
            {
                before[i, j] = Choice(before, one, other, i, j);
            }
        }

        for (var i = 0; i < one.Jobs.Count; i++)
        {
            for (var j = 0; j < other.Jobs.Count; j++)
            {
                Mean(before, one, other, i, j);
            }
        }
    }

    /// <summary>Whether a job of one run comes before a job of the other: a choice of its own only where the gaps leave one.</summary>
    private BoolVar Choice(BoolVar[,] before, HandRun one, HandRun other, int i, int j)
    {
        var withPrevious = j > 0 && other.Gaps[j - 1] < least(one.Jobs[i]) ? before[i, j - 1] : null;
        var previousWith = i > 0 && one.Gaps[i - 1] < least(other.Jobs[j]) ? before[i - 1, j] : null;
        if (withPrevious is not null && previousWith is not null && !ReferenceEquals(withPrevious, previousWith))
        {
            model.Add(withPrevious == previousWith);
        }

        return withPrevious ?? previousWith ?? model.NewBoolVar($"{one.Jobs[i].Id} before {other.Jobs[j].Id}");
    }

    /// <summary>What a choice means for the hours, said once for all jobs that share it, and for the choices beside it.</summary>
    private void Mean(BoolVar[,] before, HandRun one, HandRun other, int i, int j)
    {
        var (choice, first, second) = (before[i, j], one.Jobs[i], other.Jobs[j]);
        bool IsShared(int atOne, int atOther) =>
            atOne >= 0
            && atOther >= 0
            && atOne < one.Jobs.Count
            && atOther < other.Jobs.Count
            && ReferenceEquals(before[atOne, atOther], choice);
        if (!IsShared(i + 1, j) && !IsShared(i, j - 1))
        {
            model.Add(start(second) >= end(first)).OnlyEnforceIf(choice);
        }

        if (!IsShared(i - 1, j) && !IsShared(i, j + 1))
        {
            model.Add(start(first) >= end(second)).OnlyEnforceIf(choice.Not());
        }

        if (j > 0 && !IsShared(i, j - 1))
        {
            model.AddImplication(before[i, j - 1], choice);
        }

        if (i > 0 && !IsShared(i - 1, j))
        {
            model.AddImplication(choice, before[i - 1, j]);
        }
    }
}

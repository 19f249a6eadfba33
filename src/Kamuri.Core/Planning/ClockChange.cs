using Kamuri.Core.Composing;

namespace Kamuri.Core.Planning;

/// <summary>Says that the clocks of a household change while a day goes on: times before and after it are then not as far apart as they look.</summary>
public static class ClockChange
{
    /// <summary>"At 02:00 on Sunday the clocks go forward by 1 h; these times allow for it." Null where they do not change.</summary>
    /// <param name="when">In whose zone.</param>
    /// <param name="start">From here.</param>
    /// <param name="end">To here; days apart at most.</param>
    public static string? Sentence(When when, DateTimeOffset start, DateTimeOffset end)
    {
        var (before, after) = (when.Wall(start), when.Wall(end));
        if (before.Offset == after.Offset)
        {
            return null;
        }

        // Halved to the second in which the other clock begins.
        var (last, first) = (before.ToUniversalTime(), after.ToUniversalTime());
        while (first - last > TimeSpan.FromSeconds(1))
        {
            var middle = last + ((first - last) / 2);
            (last, first) = when.Wall(middle).Offset == before.Offset ? (middle, first) : (last, middle);
        }

        var (change, wall) = (after.Offset - before.Offset, first.ToOffset(before.Offset));
        var way = change > TimeSpan.Zero ? "forward" : "back";
        return $"At {PlanWords.Clock(wall.AddSeconds(0.5))} on {wall:dddd} the clocks go {way} by {PlanWords.Spell(change.Duration().TotalMinutes)}; these times allow for it.";
    }
}

using Kamuri.Core.Composing;

namespace Kamuri.Core.Planning;

/// <summary>
/// The clocks of a household change while a day goes on: times before and after it are then not as far apart as they look.
/// </summary>
/// <param name="At">From here on the other clock counts.</param>
/// <param name="Minutes">By how much they go forward; below 0 when they go back.</param>
public sealed record ClockChange(DateTimeOffset At, double Minutes)
{
    /// <summary>The change between two moments; null where there is none.</summary>
    /// <param name="wall">A moment as the household's clock shows it.</param>
    /// <param name="start">From here.</param>
    /// <param name="end">To here; days apart at most.</param>
    public static ClockChange? Between(Func<DateTimeOffset, DateTimeOffset> wall, DateTimeOffset start, DateTimeOffset end)
    {
        var (before, after) = (wall(start), wall(end));
        if (before.Offset == after.Offset)
        {
            return null;
        }

        // Halved to the second in which the other clock begins; clocks are changed at whole minutes.
        var (last, first) = (before.ToUniversalTime(), after.ToUniversalTime());
        while (first - last > TimeSpan.FromSeconds(1))
        {
            var middle = last + ((first - last) / 2);
            (last, first) = wall(middle).Offset == before.Offset ? (middle, first) : (last, middle);
        }

        var minute = TimeSpan.FromMinutes(1).Ticks;
        return new ClockChange(
            new DateTimeOffset((first.Ticks + (minute / 2)) / minute * minute, TimeSpan.Zero),
            (after.Offset - before.Offset).TotalMinutes
        );
    }

    /// <summary>"At 02:00 on Sunday the clocks go forward by 1 h; these times allow for it." Null where they do not change.</summary>
    /// <param name="when">In whose zone.</param>
    /// <param name="start">From here.</param>
    /// <param name="end">To here; days apart at most.</param>
    public static string? Sentence(When when, DateTimeOffset start, DateTimeOffset end)
    {
        if (Between(when.Wall, start, end) is not { } change)
        {
            return null;
        }

        var (shown, way) = (change.At.ToOffset(when.Wall(start).Offset), change.Minutes > 0 ? "forward" : "back");
        return PlanWords.AtTimeOnShownTheClocks(Say.Clock(shown), Say.Weekday(shown), way, Say.Minutes(Math.Abs(change.Minutes)));
    }
}

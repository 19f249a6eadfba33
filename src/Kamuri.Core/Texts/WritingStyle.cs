namespace Kamuri.Core.Texts;

/// <summary>Whether times are written "17:45" or "5:45 pm".</summary>
public enum ClockFormat
{
    TwentyFourHours,
    TwelveHours,
}

/// <summary>
/// How one household writes what is said to it. A server serves one household, so its style holds for all of it: every sentence follows
/// it without being handed it. Machine formats (the API, tables, archives) do not.
/// </summary>
/// <param name="Clock">How times of day are written.</param>
public sealed record WritingStyle(ClockFormat Clock = ClockFormat.TwentyFourHours)
{
    private static readonly AsyncLocal<WritingStyle?> Own = new();
    private static volatile WritingStyle _ofHouse = new();

    /// <summary>The style that sentences follow now.</summary>
    public static WritingStyle Current => Own.Value ?? _ofHouse;

    /// <summary>Makes a style that of the house; sentences follow it from now on.</summary>
    public static void Follow(WritingStyle style) => _ofHouse = style;

    /// <summary>A style for what is said within a scope alone, as tests need that run beside others.</summary>
    public static IDisposable Within(WritingStyle style)
    {
        var before = Own.Value;
        Own.Value = style;
        return new Scope(before);
    }

    private sealed class Scope(WritingStyle? before) : IDisposable
    {
        public void Dispose() => Own.Value = before;
    }
}

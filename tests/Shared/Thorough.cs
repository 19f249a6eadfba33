namespace Kamuri.Tests;

/// <summary>How many random cases a test looks at: few while somebody works, many with <c>./kamuri test --thorough</c>.</summary>
internal static class Thorough
{
    /// <summary>Set by <c>--thorough</c>.</summary>
    public static bool IsAsked { get; } = Environment.GetEnvironmentVariable("KAMURI_THOROUGH") == "1";

    /// <summary>The number of cases to look at.</summary>
    /// <param name="usually">While somebody works.</param>
    /// <param name="thoroughly">When asked to be thorough.</param>
    public static int Runs(int usually, int thoroughly) => IsAsked ? thoroughly : usually;
}

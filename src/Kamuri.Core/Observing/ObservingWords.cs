namespace Kamuri.Core.Observing;

/// <summary>What is said about what is seen on the hair.</summary>
[Texts("what is seen on the hair")]
internal static class ObservingWords
{
    public static string ShedHairs(string likely, string least, string most) =>
        $"Expect about {likely} shed hairs, from {least} to {most}.";

    public static string SinceTheLastTime(string count, string days) => $"{count} They have gathered for {days}.";

    public static string AfterAStyle(string count, string days) =>
        $"{count} {days} of shedding come out at once. Shed hair has a small bulb at one end; short pieces without one are breakage.";
}

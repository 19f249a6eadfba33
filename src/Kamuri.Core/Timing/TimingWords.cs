namespace Kamuri.Core.Timing;

/// <summary>What is said about how long steps take.</summary>
[Texts("how long steps take")]
internal static class TimingWords
{
    // StepTiming
    public const string MinEach = "min each";
    public const string SixthsOfAHead = "sixths of a head";

    public static string ForParting(string sections) => $"for {sections}";

    public const string ToSetUp = "to set up";
    public const string MinOnce = "min once";

    public static string ForMeanCm(string mean) => $"for {mean}";

    public static string DensityDensity(string density) => $"{density} density";

    public const string ForWhereItGoes = "for where it goes";
    public const string TangleWithSlip = "tangle with slip";
    public const string UsualAfterClarifying = "usual after clarifying";
    public const string LowPorosityNoHeat = "low porosity, no heat";
    public const string HighPorosity = "high porosity";
    public const string DamagedOrColoured = "damaged or coloured";
    public const string WithAFan = "with a fan";
    public const string UnderTheHoodLow = "under the hood, low";
    public const string WithACoolDryer = "with a cool dryer";
    public const string InStillAir = "in still air";

    public static string Working95DryAfterRoundH(string working, string round) => $"{working}; 95 % dry after {round} h";

    public static string DryingAir(string air) => $"Drying {air}";

    public const string LongerDoesNoHarm = "Longer does no harm.";

    public const string UsualUnderTheHood = "usual under the hood";
    public const string UsualInTheSteamer = "usual in the steamer";

    public static string WithWindow(string working, string earliest, string latest) => $"{working}, window {earliest} to {latest}";

    public static string WhileHandsWork(string working, string minutes) => $"{working}; {minutes} of them pass while hands work in it";

    public static string PassedBefore(string working, string minutes) => $"{working}; {minutes} of them have passed";

    public const string ToSeeThatItIsOn = "min to see that it lies everywhere";

    public static string AsLongAsItsIrritantMay(string working) => $"{working}, as long as its irritant may stay on";

    public static string UnderACap(string name) => $"{name}, under a cap";

    public static string UnderTheHood(string name) => $"{name}, under the hood";

    public static string InTheSteamer(string name) => $"{name}, in the steamer";
}

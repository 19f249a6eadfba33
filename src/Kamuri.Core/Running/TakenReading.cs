using System.Globalization;

namespace Kamuri.Core.Running;

/// <summary>What was measured.</summary>
public enum ReadingKind
{
    /// <summary>How warm water or a mixture is, in °C.</summary>
    Celsius,

    /// <summary>How much of something there is, in grams.</summary>
    Grams,
}

/// <summary>What a reading says of a mixture that cools.</summary>
/// <param name="ComfortableIn">Minutes until it is comfortable; 0 when it is.</param>
/// <param name="WarmFor">Minutes until it no longer counts as warm; 0 or below when it does not.</param>
public sealed record WarmthLeft(double ComfortableIn, double WarmFor)
{
    internal string Words =>
        (ComfortableIn, WarmFor) switch
        {
            (_, < 1) => RunWords.NoLongerWarmStandItIn,
            (0, _) => RunWords.ReadyToUseAndWarmFor($"{WarmFor:0}"),
            _ => RunWords.ComfortableInComfortableInMinAndWarm($"{ComfortableIn:0}", $"{(WarmFor - ComfortableIn):0}"),
        };
}

/// <summary>A reading in a run, from a thermometer, a scale, or by hand.</summary>
/// <param name="At">When.</param>
/// <param name="Kind">What was measured.</param>
/// <param name="Value">In the unit of its kind.</param>
/// <param name="Task">The task it was taken in; null for none.</param>
public sealed record TakenReading(DateTimeOffset At, ReadingKind Kind, double Value, string? Task)
{
    /// <summary>Coldest that is taken for a reading, in °C.</summary>
    public const double Coldest = -5;

    /// <summary>Hottest that is taken for a reading, in °C.</summary>
    public const double Hottest = 105;

    /// <summary>Most that is weighed, in grams.</summary>
    public const double Heaviest = 20_000;

    /// <summary>Nothing above this goes on skin, in °C (craft §14).</summary>
    public const double HottestMixture = 40;

    /// <summary>Water is never warmer, in °C (craft §14).</summary>
    public const double HottestWater = 43;

    /// <summary>Coolest that still feels warm, in °C (craft §14).</summary>
    public const double Lukewarm = 36;

    /// <summary>What it says of the mixture it was taken in; null when that is not one that cools.</summary>
    public WarmthLeft? Cooling { get; init; }

    /// <summary>Whether it warns of something. What is meant to cool is hot at first.</summary>
    public bool Warns => Kind == ReadingKind.Celsius && Value > HottestMixture && Cooling is null;

    /// <summary>What is wrong with a value; null when it can be one.</summary>
    public static string? Wrong(ReadingKind kind, double value) =>
        kind switch
        {
            ReadingKind.Celsius when value is >= Coldest and <= Hottest => null,
            ReadingKind.Grams when value is >= 0 and <= Heaviest => null,
            ReadingKind.Celsius => RunWords.ATemperatureIsBetweenColdestAnd(Say.Temperature(Coldest), Say.Temperature(Hottest)),
            _ => RunWords.AWeightIsBetween0And($"{Heaviest:0}"),
        };

    /// <summary>What it means, in a sentence.</summary>
    /// <param name="plan">The session's plan, for what was to be weighed out.</param>
    public string Sentence(SessionPlan plan)
    {
        var said = Kind == ReadingKind.Celsius ? Say.Temperature(Value, 1) : $"{Value:0}";
        if (Cooling is { } cooling)
        {
            var title = Task is { } cools && plan.FindTask(cools) is { } task ? $"{task.Title}, " : "";
            return $"{title}{said}: {cooling.Words}.";
        }

        if (Kind == ReadingKind.Celsius)
        {
            return Value switch
            {
                > HottestWater => RunWords.SaidCIsTooHotFor(said),
                > HottestMixture => RunWords.SaidCIsTooWarmFor(said),
                >= Lukewarm => RunWords.SaidCIsRightForSkin(said),
                _ => RunWords.SaidCIsCoolGoodFor(said),
            };
        }

        var step = Task is { } id ? plan.FindTask(id)?.StepId : null;
        var planned = plan.Planned(step);
        // Most of what goes on hair weighs about what water does; the label says where it does not.
        return planned > 0
            ? RunWords.SaidGValueOfThePlanned(said, Say.Amount(planned), $"{(Value / planned * 100):0}")
            : RunWords.SaidG(said);
    }
}

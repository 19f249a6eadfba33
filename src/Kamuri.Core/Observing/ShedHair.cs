using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Observing;

/// <summary>Figures of shed hair. Craft defaults; settable.</summary>
public sealed record ShedFigures
{
    /// <summary>Hairs a head sheds in a day: the median.</summary>
    public double PerDay { get; init; } = 70;

    /// <summary>How much heads differ (log-normal sigma).</summary>
    public double Spread { get; init; } = 0.3;

    /// <summary>Share of it that stays in until the hair is worked through, by how it is worn.</summary>
    public IReadOnlyDictionary<WornAs, double> KeptIn { get; init; } =
        new Dictionary<WornAs, double>
        {
            [WornAs.Loose] = 0.5,
            [WornAs.Bun] = 0.7,
            [WornAs.Twists] = 0.9,
            [WornAs.Braids] = 1,
        };
}

/// <summary>How many shed hairs come out when hair is worked through.</summary>
/// <param name="Days">Days they have gathered.</param>
/// <param name="Likely">The median count.</param>
/// <param name="Least">Nine heads in ten shed more.</param>
/// <param name="Most">Nine heads in ten shed fewer.</param>
public sealed record ShedExpectation(int Days, double Likely, double Least, double Most);

/// <summary>Says before a comb meets the hair how much of it will come out, so that nobody takes weeks of shed hair for a loss.</summary>
public static class ShedHair
{
    /// <summary>The normal quantile of nine in ten.</summary>
    private const double NineInTen = 1.2816;

    /// <summary>
    /// Expects PerDay × days × share kept in, and a day's own; null when nobody knows when the hair was last worked through, and for hair
    /// that stays as it hangs.
    /// </summary>
    public static ShedExpectation? Expected(Head head, DateOnly today, ShedFigures figures)
    {
        var (days, worn) = head.Wear switch
        {
            { Down: { } down } => (down.WornDays, down.Made == StyleMade.Twists ? WornAs.Twists : WornAs.Braids),
            { Kind: HairKinds.Loose } when head.LastDetangle is { } last => (today.DayNumber - last.DayNumber, head.WornAs),
            _ => (0, WornAs.Loose),
        };
        if (days < 1)
        {
            return null;
        }

        var (likely, factor) = (figures.PerDay * (days * figures.KeptIn[worn] + 1), Math.Exp(NineInTen * figures.Spread));
        return new ShedExpectation(days, likely, likely / factor, likely * factor);
    }

    /// <summary>The steps of a plan, the first that works through the hair with what to expect there.</summary>
    internal static IReadOnlyList<PlannedStep> Told(IReadOnlyList<PlannedStep> steps, Head head, DateOnly today, CraftFigures figures)
    {
        var first = steps.FirstOrDefault(step => step.Step.Kind.Detangles);
        return first is null || Expected(head, today, figures.Shed) is not { } expected
            ? steps
            : [.. steps.Select(step => step == first ? step with { Expect = Sentence(expected, head.Wear.Down is not null) } : step)];
    }

    private static string Sentence(ShedExpectation expected, bool isAfterStyle)
    {
        var count = ObservingWords.ShedHairs(Count(expected.Likely), Count(expected.Least), Count(expected.Most));
        var days = Say.Count(expected.Days, "day", "days");
        return isAfterStyle ? ObservingWords.AfterAStyle(count, days) : ObservingWords.SinceTheLastTime(count, days);
    }

    /// <summary>To two digits: nobody counts closer.</summary>
    private static string Count(double hairs)
    {
        var step = Math.Pow(10, Math.Max(0, Math.Floor(Math.Log10(hairs)) - 1));
        return Reckoning.Show(Math.Round(hairs / step) * step);
    }
}

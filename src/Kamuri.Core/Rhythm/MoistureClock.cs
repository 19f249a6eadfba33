using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Rhythm;

/// <summary>Figures of the moisture clock. Craft defaults; settable.</summary>
public sealed record MoistureFigures
{
    /// <summary>Days loose hair stays soft, by how it hangs; locs among them.</summary>
    public IReadOnlyDictionary<Hang, double> Days { get; init; } =
        new Dictionary<Hang, double>
        {
            [Hang.Loose] = 2.5,
            [Hang.Bun] = 4,
            [Hang.Twists] = 6,
            [Hang.Braids] = 6,
            [Hang.Locs] = 7,
        };

    /// <summary>Days in a protective style, with a mist between.</summary>
    public double InAStyle { get; init; } = 7;

    /// <summary>Factor with nothing on top that seals.</summary>
    public double Unsealed { get; init; } = 0.8;

    /// <summary>Factor with butter over the oil.</summary>
    public double Butter { get; init; } = 1.4;

    public double HighPorosity { get; init; } = 0.75;
    public double LowPorosity { get; init; } = 1.1;

    /// <summary>Factor in air that is dry all day.</summary>
    public double DryAir { get; init; } = 0.8;

    /// <summary>Dew point of the room under which its air counts as dry, in °C.</summary>
    public double DryUnder { get; init; } = 2;

    /// <summary>How much days differ from that, as the spread of their logarithm.</summary>
    public double Spread { get; init; } = 0.3;
}

/// <summary>How long hair stays soft after a day.</summary>
/// <param name="Days">The most likely number of days.</param>
/// <param name="Least">One in ten is dry by then, in whole days.</param>
/// <param name="Most">Nine in ten are dry by then, in whole days.</param>
/// <param name="Working">How that comes about.</param>
public sealed record SoftFor(double Days, int Least, int Most, string Working)
{
    /// <summary>"Soft until about Tuesday 8 December (4 to 9 days): 6 in twists × 1.4 for oil and butter."</summary>
    public string Sentence(DateOnly from, DateOnly today) =>
        RhythmWords.SoftUntil(Say.Date(from.AddDays((int)Math.Round(Days)), today), $"{Least}", Say.Count(Most, "day", "days"), Working);
}

/// <summary>Forecasts how long hair stays soft: days by how it is worn × seal × porosity × air.</summary>
public static class MoistureClock
{
    /// <summary>Standard deviations between the median and one in ten.</summary>
    private const double OneInTen = 1.2816;

    /// <summary>After a plan; null where no water comes to the hair.</summary>
    public static SoftFor? After(Plan plan, MoistureFigures figures)
    {
        if (!plan.Steps.Any(step => step.After.Wetness > step.Before.Wetness) || plan.Steps is not [.., var last])
        {
            return null;
        }

        var (request, hang) = (plan.Request, last.After.Hang);
        bool Lies(Substance substance) => last.After.Deposits.Exists(deposit => deposit.Substance == substance);
        var factors = new (double Factor, string Why, bool Is)[]
        {
            (figures.Butter, RhythmWords.OilAndButter, Lies(Substance.Butter) && Lies(Substance.Oil)),
            (figures.Unsealed, RhythmWords.NothingSeals, !Lies(Substance.Butter) && !Lies(Substance.Oil)),
            (figures.HighPorosity, RhythmWords.HighPorosity, request.Head.Porosity == Porosity.High),
            (figures.LowPorosity, RhythmWords.LowPorosity, request.Head.Porosity == Porosity.Low),
            (figures.DryAir, RhythmWords.DryAir, DewPoint(request.Room.Temperature, request.Room.Humidity).Value < figures.DryUnder),
        };
        var (start, worn) = request.Kind == HairKinds.Style ? (figures.InAStyle, RhythmWords.InAStyle) : (figures.Days[hang], Worn(hang));
        var counted = factors.Where(each => each.Is).ToList();
        var days = counted.Aggregate(start, (product, each) => product * each.Factor);
        var spread = Math.Exp(OneInTen * figures.Spread);
        return new SoftFor(
            days,
            Math.Max(1, (int)Math.Floor(days / spread)),
            Math.Max(1, (int)Math.Ceiling(days * spread)),
            string.Join(" × ", counted.Select(each => RhythmWords.Factor($"{each.Factor:0.##}", each.Why)).Prepend($"{start:0.#} {worn}"))
        );
    }

    /// <summary>Temperature at which the water in the air would settle (Magnus form), in °C.</summary>
    public static Celsius DewPoint(Celsius air, RelativeHumidity humidity)
    {
        var ratio = Math.Log(Math.Max(0.001, humidity.Share) * Drying.SaturationKilopascals(air) / 0.6108);
        return new Celsius(237.3 * ratio / (17.27 - ratio));
    }

    private static string Worn(Hang hang) =>
        hang switch
        {
            Hang.Bun => RhythmWords.InABun,
            Hang.Twists => RhythmWords.InTwists,
            Hang.Braids => RhythmWords.InBraids,
            Hang.Locs => RhythmWords.AsLocs,
            _ => RhythmWords.WornLoose,
        };
}

using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Shelf;

/// <summary>What a product is for.</summary>
public enum ProductRole
{
    Shampoo,
    Clarifying,
    CoWash,
    RinseOut,
    DeepConditioner,
    Protein,
    LeaveIn,
    Oil,
    Butter,
    Cream,
    Gel,
    Edge,
    Liquid,
    Powder,
    Clay,
    Tea,
}

/// <summary>What is left of a product, for steps nobody chose one for.</summary>
/// <param name="Id">The product.</param>
/// <param name="Name">As the person calls it.</param>
/// <param name="Role">What it is for.</param>
/// <param name="Left">How much is left; null when nobody wrote it down.</param>
public sealed record StockItem(Guid Id, string Name, ProductRole Role, Millilitres? Left);

/// <summary>Which products a step can be done with.</summary>
public static class ProductRoles
{
    /// <summary>What products of a role can be put on as.</summary>
    public static IReadOnlyList<Substance> ServeAs(ProductRole role) =>
        role switch
        {
            ProductRole.Shampoo => [Substance.Shampoo, Substance.DilutedCleanser],
            ProductRole.Clarifying => [Substance.Clarifier],
            ProductRole.CoWash => [Substance.CoWash],
            ProductRole.RinseOut => [Substance.Conditioner, Substance.EndShield, Substance.PrePoo, Substance.SlipMist],
            ProductRole.DeepConditioner => [Substance.DeepConditioner, Substance.Conditioner, Substance.PrePoo],
            ProductRole.Protein => [Substance.Protein, Substance.StrongProtein, Substance.ProteinConditioner],
            ProductRole.LeaveIn => [Substance.LeaveIn, Substance.SlipMist, Substance.Mist, Substance.LightSpray],
            ProductRole.Oil =>
            [
                Substance.Oil,
                Substance.HotOil,
                Substance.HeavyOil,
                Substance.OilRinse,
                Substance.ScalpOil,
                Substance.PrePoo,
            ],
            ProductRole.Butter => [Substance.Butter],
            ProductRole.Cream => [Substance.Cream],
            ProductRole.Gel => [Substance.Gel, Substance.EdgeControl],
            ProductRole.Edge => [Substance.EdgeControl],
            ProductRole.Liquid => [Substance.Mist, Substance.LightSpray, Substance.AcidicRinse, Substance.HerbJuice],
            ProductRole.Powder => [Substance.HerbPaste],
            ProductRole.Clay => [Substance.Clay],
            ProductRole.Tea => [Substance.Tea],
            _ => [],
        };

    /// <summary>The substance a product of this role is mostly put on as.</summary>
    public static Substance Mostly(ProductRole role) => ServeAs(role)[0];
}

/// <summary>How long something opened is good.</summary>
/// <param name="Until">The last good day; null when nobody wrote down when it was opened or how long it keeps.</param>
/// <param name="Sentence">The same in words; empty when nothing can be said.</param>
/// <param name="IsPast">Whether that day is over.</param>
public sealed record Goodness(DateOnly? Until, string Sentence, bool IsPast = false)
{
    /// <summary>Days ahead from which the end is worth saying.</summary>
    private const int SoonDays = 30;

    /// <summary>Reckons from the day it was opened and the months it keeps after that.</summary>
    /// <param name="opened">When it was opened.</param>
    /// <param name="months">Months after opening, from the jar.</param>
    /// <param name="today">The household's date.</param>
    public static Goodness Of(DateOnly? opened, int? months, DateOnly today)
    {
        if (opened is not { } since || months is not { } keeps)
        {
            return new Goodness(null, "");
        }

        var until = since.AddMonths(keeps);
        var left = until.DayNumber - today.DayNumber;
        return new Goodness(
            until,
            left < 0 ? ShelfWords.ExpiredLeftDaysAgo(Say.Count(-left, "day", "days"))
                : left == 0 ? ShelfWords.UseItToday
                : left <= SoonDays ? ShelfWords.GoodForLeftMoreDays(Say.Count(left, "day", "days"))
                : ShelfWords.GoodUntilUntil(until.ToString("d MMMM yyyy", System.Globalization.CultureInfo.InvariantCulture)),
            left < 0
        );
    }

    private static string Days(int days) => days == 1 ? "day" : "days";
}

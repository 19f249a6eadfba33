using System.Globalization;
using Kamuri.Core.Heads;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>Figures of the film model. Craft defaults; settable.</summary>
public sealed record FilmFigures
{
    /// <summary>Film on the hair in micrometres.</summary>
    public IReadOnlyDictionary<Substance, double> Micrometres { get; init; } = new Dictionary<Substance, double>
    {
        [Substance.PrePoo] = 10,
        [Substance.Tea] = 20,
        [Substance.Conditioner] = 10,
        [Substance.Protein] = 15,
        [Substance.DeepConditioner] = 15,
        [Substance.SlipMist] = 4,
        [Substance.LeaveIn] = 4,
        [Substance.Oil] = 0.5,
        [Substance.Cream] = 5,
        [Substance.Gel] = 8,
        [Substance.PlantGel] = 30,
        [Substance.GrainWater] = 20,
        [Substance.HotOil] = 3,
        [Substance.HeavyOil] = 3,
        [Substance.EndShield] = 10,
        [Substance.CoWash] = 10,
        [Substance.Clay] = 70,
        [Substance.HerbPaste] = 60,
        [Substance.StrongProtein] = 15,
        [Substance.Egg] = 15,
        [Substance.ProteinConditioner] = 15,
        [Substance.OilRinse] = 2,
        [Substance.AcidicRinse] = 20,
        [Substance.LightSpray] = 20,
        [Substance.Mist] = 2,
        [Substance.Butter] = 2,
    };

    /// <summary>Share of the surface that is meant when only the ends are treated.</summary>
    public double EndsOnly { get; init; } = 0.25;

    /// <summary>Dry hair takes so much more of a treatment than wrung-out hair.</summary>
    public double DryHairFactor { get; init; } = 1.3;

    /// <summary>Shampoo for one pass over an adult scalp, in ml; scales with scalp area.</summary>
    public Millilitres ShampooPerPass { get; init; } = new(10);

    /// <summary>Parts of the thinned cleanser for one part of cleanser.</summary>
    public double DilutedParts { get; init; } = 4;

    /// <summary>Liquids and oils for the scalp alone, in ml per cm².</summary>
    public double OnScalp { get; init; } = 0.02;

    /// <summary>Scalp area the shampoo figure holds for.</summary>
    public SquareCentimetres ShampooScalp { get; init; } = new(650);
}

/// <summary>An amount to measure out: the exact figure and what a kitchen can measure.</summary>
/// <param name="Exact">By the model.</param>
/// <param name="Measured">Rounded to 1 ml under 20 ml, else 5 ml, else 10 ml from 100 ml.</param>
/// <param name="Text">For example "100 ml, about 7 tbsp".</param>
/// <param name="Working">The working in one sentence.</param>
public sealed record Amount(Millilitres Exact, Millilitres Measured, string Text, string Working);

/// <summary>How much of a substance a head takes: film thickness × hair surface × coverage.</summary>
public static class FilmModel
{
    /// <summary>The amount for a substance on the given places; null when nothing is measured out.</summary>
    public static Amount? For(Substance? substance, Places places, HeadSize size, FilmFigures figures, double factor = 1)
    {
        if (substance is Substance.Shampoo or Substance.Clarifier)
        {
            return Round(Reckoning.From(figures.ShampooPerPass.Value, "ml a pass")
                .Times(Math.Round(size.Scalp.Value / figures.ShampooScalp.Value, 2), "for this scalp"));
        }

        if (substance is Substance.DilutedCleanser)
        {
            return Round(Reckoning.From(figures.ShampooPerPass.Value, "ml a pass")
                .Times(Math.Round(size.Scalp.Value / figures.ShampooScalp.Value, 2), "for this scalp")
                .Times(figures.DilutedParts, "diluted one to three"));
        }

        if (substance is Substance.OnionJuice or Substance.HerbJuice or Substance.ScalpOil)
        {
            return Round(Reckoning.From(figures.OnScalp, "ml per cm²").Times(size.Scalp.Value, "cm² of scalp"));
        }

        if (substance is not { } known || !figures.Micrometres.TryGetValue(known, out var film))
        {
            return null;
        }

        // One micrometre over one square metre is exactly one millilitre.
        var endsOnly = (places & (Places.Lengths | Places.Ends)) == Places.Ends;
        return Round(Reckoning.From(film, "µm film")
            .Times(Math.Round(size.Surface.Value, 2), "m² of hair")
            .Times(endsOnly ? figures.EndsOnly : 1, "ends only")
            .Times(factor, "on dry hair"));
    }

    private static Amount Round(Reckoning exact)
    {
        var step = exact.Value < 20 ? 1 : exact.Value < 100 ? 5 : 10;
        var measured = Math.Max(1, Math.Round(exact.Value / step, MidpointRounding.AwayFromZero) * step);
        return new Amount(new Millilitres(exact.Value), new Millilitres(measured),
            string.Create(CultureInfo.InvariantCulture, $"{measured:0} ml, {Spoons(exact.Value)}"), exact.Sentence("ml", 1));
    }

    private static string Spoons(double millilitres)
    {
        const double tablespoon = 14.79;
        const double teaspoon = 4.93;
        if (millilitres < tablespoon)
        {
            var quarters = Math.Max(1, Math.Round(millilitres / teaspoon * 4, MidpointRounding.AwayFromZero));
            return $"about {Fraction(quarters / 4)} tsp";
        }

        var halves = Math.Round(millilitres / tablespoon * 2, MidpointRounding.AwayFromZero);
        return $"about {Fraction(halves / 2)} tbsp";
    }

    private static string Fraction(double value)
    {
        var whole = (int)value;
        var part = (value - whole) switch { 0.25 => "¼", 0.5 => "½", 0.75 => "¾", _ => "" };
        return whole == 0 && part != "" ? part : $"{whole}{part}";
    }
}

using System.Globalization;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>Figures of the film model. Craft defaults; settable.</summary>
public sealed record FilmFigures
{
    /// <summary>Film on the hair in micrometres.</summary>
    public IReadOnlyDictionary<Substance, double> Micrometres { get; init; } =
        new Dictionary<Substance, double>
        {
            [Substance.PrePoo] = 10,
            [Substance.Tea] = 20,
            [Substance.HerbJuice] = 20,
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

    /// <summary>Share of the surface that is meant when only the roots are treated.</summary>
    public double RootsOnly { get; init; } = 0.20;

    /// <summary>Dry hair takes so much more of a treatment than wrung-out hair.</summary>
    public double DryHairFactor { get; init; } = 1.3;

    /// <summary>Shampoo for one pass over an adult scalp, in ml; scales with scalp area.</summary>
    public Millilitres ShampooPerPass { get; init; } = new(10);

    /// <summary>Parts of the thinned cleanser for one part of cleanser.</summary>
    public double DilutedParts { get; init; } = 4;

    /// <summary>Liquids and oils for the scalp alone, in ml per cm².</summary>
    public double OnScalp { get; init; } = 0.02;

    /// <summary>Share of the scalp that the edges alone are.</summary>
    public double EdgesOnly { get; init; } = 0.1;

    /// <summary>Least that can be poured over a head.</summary>
    public Millilitres LeastPoured { get; init; } = new(200);

    /// <summary>Least that can be sprayed on a head.</summary>
    public Millilitres LeastSprayed { get; init; } = new(30);

    /// <summary>Least that comes out of a nozzle bottle along the parts.</summary>
    public Millilitres LeastFromANozzle { get; init; } = new(20);

    /// <summary>Scalp area the shampoo figure holds for.</summary>
    public SquareCentimetres ShampooScalp { get; init; } = new(650);
}

/// <summary>An amount to measure out: the exact figure and what a kitchen can measure.</summary>
/// <param name="Exact">By the model.</param>
/// <param name="Measured">Rounded to 1 ml under 20 ml, else 5 ml, else 10 ml from 100 ml.</param>
/// <param name="Ways">Written in millilitres, in spoons and on a scale.</param>
/// <param name="Working">The working in one sentence.</param>
public sealed record Amount(Millilitres Exact, Millilitres Measured, MeasuredAmount Ways, string Working);

/// <summary>How much of a substance a head takes: film thickness × hair surface × coverage × this head's hand.</summary>
public static class FilmModel
{
    /// <summary>The amount for a substance on the given places; null when nothing is measured out.</summary>
    /// <param name="substance">What is put on.</param>
    /// <param name="places">Where.</param>
    /// <param name="size">Of the head.</param>
    /// <param name="figures">Films, and what spoons hold.</param>
    /// <param name="factor">How much more is taken on dry hair.</param>
    /// <param name="hand">What this head was seen to take; null for nothing learnt.</param>
    public static Amount? For(
        Substance? substance,
        Places places,
        HeadSize size,
        CraftFigures figures,
        double factor = 1,
        Hand? hand = null
    ) =>
        substance is { } known && Reckon(known, places, size, figures.Film, factor) is { } exact
            ? Round(
                AtLeast(
                    exact.Times(Math.Round((hand ?? Hand.Unknown).Factor, 3), KitchenWords.AsThisHeadUsuallyTakes),
                    known,
                    figures.Film
                ),
                known,
                figures.Measures
            )
            : null;

    private static Reckoning? Reckon(Substance substance, Places places, HeadSize size, FilmFigures figures, double factor)
    {
        if (substance is Substance.Shampoo or Substance.Clarifier or Substance.DilutedCleanser)
        {
            return Reckoning
                .From(figures.ShampooPerPass.Value, KitchenWords.MlAPass)
                .Times(Math.Round(size.Scalp.Value / figures.ShampooScalp.Value, 2), KitchenWords.ForThisScalp)
                .Times(substance == Substance.DilutedCleanser ? figures.DilutedParts : 1, KitchenWords.DilutedOneToThree);
        }

        // What goes on scalp and lengths is the sum of both.
        var (scalp, hair) = (OnScalp(substance, places, size, figures), OnHair(substance, places, size, figures, factor));
        return hair is { } film && scalp is { } skin ? film.Plus(skin.Value, KitchenWords.ForTheScalp) : hair ?? scalp;
    }

    private static Reckoning? OnScalp(Substance substance, Places places, HeadSize size, FilmFigures figures) =>
        !GoesOnTheScalp(substance) || (places & (Places.Scalp | Places.Edges)) == Places.None
            ? null
            : Reckoning
                .From(figures.OnScalp, KitchenWords.MlPerCm)
                .Times(size.Scalp.Value, KitchenWords.CmOfScalp)
                .Times(places.HasFlag(Places.Scalp) ? 1 : figures.EdgesOnly, KitchenWords.EdgesOnly);

    /// <summary>Whether the scalp takes an amount of its own, beside what lies on the hair.</summary>
    private static bool GoesOnTheScalp(Substance substance) =>
        substance
            is Substance.OnionJuice
                or Substance.HerbJuice
                or Substance.ScalpOil
                or Substance.HotOil
                or Substance.HeavyOil
                or Substance.Tea
                or Substance.GrainWater
                or Substance.AcidicRinse;

    private static Reckoning? OnHair(Substance substance, Places places, HeadSize size, FilmFigures figures, double factor)
    {
        var onHair = places & (Places.Roots | Places.Lengths | Places.Ends);
        if (!figures.Micrometres.TryGetValue(substance, out var film) || (onHair == Places.None && GoesOnTheScalp(substance)))
        {
            return null;
        }

        var (ends, roots) = (onHair.HasFlag(Places.Ends) ? figures.EndsOnly : 0, onHair.HasFlag(Places.Roots) ? figures.RootsOnly : 0);
        var isWhole = onHair.HasFlag(Places.Lengths) || onHair == Places.None;
        // One micrometre over one square metre is exactly one millilitre.
        return Reckoning
            .From(film, "µm film")
            .Times(Math.Round(size.Surface.Value, 2), KitchenWords.MOfHair)
            .Times(
                isWhole ? 1 : ends + roots,
                roots == 0 ? KitchenWords.EndsOnly
                    : ends == 0 ? KitchenWords.RootsOnly
                    : KitchenWords.RootsAndEnds
            )
            .Times(factor, KitchenWords.OnDryHair);
    }

    /// <summary>Less than this cannot be put on the way it is put on.</summary>
    private static Reckoning AtLeast(Reckoning exact, Substance substance, FilmFigures figures)
    {
        var (least, way) = substance switch
        {
            Substance.Tea or Substance.HerbJuice or Substance.GrainWater or Substance.AcidicRinse => (
                figures.LeastPoured.Value,
                KitchenWords.LeastPoured
            ),
            Substance.LightSpray or Substance.Mist or Substance.SlipMist => (figures.LeastSprayed.Value, KitchenWords.LeastSprayed),
            Substance.DilutedCleanser or Substance.OnionJuice => (figures.LeastFromANozzle.Value, KitchenWords.LeastFromANozzle),
            _ => (0, ""),
        };
        return exact.AtLeast(least, way);
    }

    private static Amount Round(Reckoning exact, Substance substance, MeasureFigures measures)
    {
        var volume = new Millilitres(exact.Value);
        var weight = new Grams(exact.Value * DensityOf(substance));
        return new Amount(
            volume,
            KitchenRounding.Measurable(volume),
            new MeasuredAmount(
                KitchenRounding.Metric(volume),
                KitchenRounding.Spoons(volume, measures),
                KitchenRounding.Weight(weight),
                KitchenWords.VolumeMlWeightG($"{volume.Value:0.#}", $"{weight.Value:0.#}")
            ),
            exact.Sentence("ml", 1)
        );
    }

    /// <summary>In g/ml; craft defaults.</summary>
    private static double DensityOf(Substance substance) =>
        substance switch
        {
            Substance.Oil or Substance.HotOil or Substance.HeavyOil or Substance.OilRinse or Substance.ScalpOil => 0.92,
            Substance.Butter => 0.91,
            Substance.Conditioner
            or Substance.DeepConditioner
            or Substance.CoWash
            or Substance.Cream
            or Substance.EndShield
            or Substance.LeaveIn => 0.98,
            _ => 1,
        };
}

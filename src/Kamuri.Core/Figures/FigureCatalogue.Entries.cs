using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Core.Units;

namespace Kamuri.Core.Figures;

/// <summary>The entries, group by group. A figure added to one of the records gets its line here.</summary>
public static partial class FigureCatalogue
{
    private const string Usual = "Craft default";
    private const string Measured = "Measured on hair; craft default";
    private const string Limit = "Safety limit; may only be made stricter";

    private static IEnumerable<FigureEntry> HeadEntries() =>
        [
            new(
                "head.shed",
                FigureGroup.Head,
                "",
                "Hairs shed in a day",
                "hairs",
                10,
                300,
                Usual,
                figures => figures.Shed.PerDay,
                (figures, value) => figures with { Shed = figures.Shed with { PerDay = value } }
            ),
            new(
                "head.shed-spread",
                FigureGroup.Head,
                "",
                "How much heads differ in what they shed",
                "sigma",
                0.05,
                1,
                Usual,
                figures => figures.Shed.Spread,
                (figures, value) => figures with { Shed = figures.Shed with { Spread = value } }
            ),
            .. Each(
                FigureGroup.Head,
                "head.shed-kept",
                "Share of shed hair that stays in, by style worn",
                [WornAs.Loose, WornAs.Bun, WornAs.Twists, WornAs.Braids],
                "",
                "share",
                0,
                1,
                Usual,
                figures => figures.Shed.KeptIn,
                (figures, kept) => figures with { Shed = figures.Shed with { KeptIn = kept } }
            ),
            .. Each(
                FigureGroup.Head,
                "head.strands",
                "Strands on a head",
                [Density.Low, Density.Medium, Density.High],
                "density",
                "strands",
                20_000,
                250_000,
                Measured,
                figures => figures.Head.Strands,
                (figures, strands) => figures with { Head = figures.Head with { Strands = strands } }
            ),
            .. Each(
                FigureGroup.Head,
                "head.diameter",
                "Strand thickness",
                [StrandThickness.Fine, StrandThickness.Medium, StrandThickness.Coarse],
                "",
                "µm",
                30,
                150,
                Measured,
                figures => figures.Head.DiameterMicrometres,
                (figures, diameter) => figures with { Head = figures.Head with { DiameterMicrometres = diameter } }
            ),
            new(
                "head.keratin",
                FigureGroup.Head,
                "",
                "Hair density",
                "g/cm³",
                1.1,
                1.5,
                "Physics of keratin",
                figures => figures.Head.KeratinGramsPerCubicCentimetre,
                (figures, value) => figures with { Head = figures.Head with { KeratinGramsPerCubicCentimetre = value } }
            ),
            .. Each(
                FigureGroup.Head,
                "head.scalp",
                "Scalp area",
                [AgeGroup.Adult, AgeGroup.SixToTwelve, AgeGroup.UnderSix],
                "",
                "cm²",
                200,
                1000,
                Usual,
                figures => figures.Head.ScalpSquareCentimetres,
                (figures, scalp) => figures with { Head = figures.Head with { ScalpSquareCentimetres = scalp } }
            ),
            .. Each(
                FigureGroup.Head,
                "head.landmark",
                "Length at the crown when hair reaches there",
                [
                    LengthLandmark.Ear,
                    LengthLandmark.Chin,
                    LengthLandmark.Shoulder,
                    LengthLandmark.Armpit,
                    LengthLandmark.MidBack,
                    LengthLandmark.Waist,
                ],
                "",
                "cm",
                5,
                120,
                Usual,
                figures => figures.Head.LandmarkCentimetres,
                (figures, lengths) => figures with { Head = figures.Head with { LandmarkCentimetres = lengths } }
            ),
            .. Each(
                FigureGroup.Head,
                "head.landmark-scale",
                "The same by age",
                [AgeGroup.Adult, AgeGroup.SixToTwelve, AgeGroup.UnderSix],
                "",
                "×",
                0.4,
                1.2,
                Usual,
                figures => figures.Head.LandmarkScale,
                (figures, scale) => figures with { Head = figures.Head with { LandmarkScale = scale } }
            ),
            .. Each(
                FigureGroup.Head,
                "head.loc-mass",
                "Weight of locs compared with the same hair loose",
                [LocStage.Starter, LocStage.Maturing, LocStage.Mature],
                "locs",
                "×",
                1,
                4,
                Usual,
                figures => figures.Head.LocMass,
                (figures, mass) => figures with { Head = figures.Head with { LocMass = mass } }
            ),
            new(
                "head.loc-loosest",
                FigureGroup.Head,
                "",
                "Lowest packing of a loc",
                "share",
                0.01,
                0.2,
                Usual,
                figures => figures.Head.LoosestLoc,
                (figures, value) => figures with { Head = figures.Head with { LoosestLoc = value } }
            ),
            new(
                "head.loc-densest",
                FigureGroup.Head,
                "",
                "Highest packing of a loc",
                "share",
                0.2,
                0.9,
                Usual,
                figures => figures.Head.DensestLoc,
                (figures, value) => figures with { Head = figures.Head with { DensestLoc = value } }
            ),
            new(
                "head.style-surface",
                FigureGroup.Head,
                "",
                "Share of the surface outside in a style",
                "share",
                0.1,
                1,
                Usual,
                figures => figures.Head.StyleOuterSurface,
                (figures, value) => figures with { Head = figures.Head with { StyleOuterSurface = value } }
            ),
        ];

    private static IEnumerable<FigureEntry> HandsEntries()
    {
        static FigureEntry Hands(
            string id,
            string name,
            string unit,
            double least,
            double most,
            Func<HandsOnFigures, double> get,
            Func<HandsOnFigures, double, HandsOnFigures> set
        ) =>
            new(
                $"hands.{id}",
                FigureGroup.Hands,
                "",
                name,
                unit,
                least,
                most,
                Usual,
                figures => get(figures.HandsOn),
                (figures, value) => figures with { HandsOn = set(figures.HandsOn, value) }
            );
        return
        [
            Hands(
                "reference-length",
                "Reference length for base times",
                "cm",
                10,
                80,
                hands => hands.ReferenceLength.Value,
                (hands, value) => hands with { ReferenceLength = new Centimetres(value) }
            ),
            Hands(
                "length-exponent",
                "Growth of work with length",
                "power",
                0.3,
                1.5,
                hands => hands.LengthExponent,
                (hands, value) => hands with { LengthExponent = value }
            ),
            .. Each(
                FigureGroup.Hands,
                "hands.density",
                "Work factor by density",
                [Density.Low, Density.Medium, Density.High],
                "density",
                "×",
                0.4,
                2.5,
                Usual,
                figures => figures.HandsOn.DensityFactor,
                (figures, factor) => figures with { HandsOn = figures.HandsOn with { DensityFactor = factor } }
            ),
            Hands(
                "least-tangle",
                "Tangle right after combing",
                "×",
                0.2,
                1,
                hands => hands.LeastTangle,
                (hands, value) => hands with { LeastTangle = value }
            ),
            Hands(
                "most-tangle",
                "Highest tangle",
                "×",
                1,
                6,
                hands => hands.MostTangle,
                (hands, value) => hands with { MostTangle = value }
            ),
            Hands(
                "tangle-a-day",
                "Tangle gained per day, worn loose",
                "a day",
                0.01,
                0.6,
                hands => hands.TanglePerDay,
                (hands, value) => hands with { TanglePerDay = value }
            ),
            .. Each(
                FigureGroup.Hands,
                "hands.worn",
                "Tangle factor by style worn",
                [WornAs.Loose, WornAs.Bun, WornAs.Twists, WornAs.Braids],
                "",
                "×",
                0.1,
                2,
                Usual,
                figures => figures.HandsOn.WornFactor,
                (figures, factor) => figures with { HandsOn = figures.HandsOn with { WornFactor = factor } }
            ),
            Hands(
                "scalp-share",
                "Work on the scalp against all lengths",
                "share",
                0.1,
                1,
                hands => hands.ScalpShare,
                (hands, value) => hands with { ScalpShare = value }
            ),
            Hands(
                "unknown-days",
                "Days since combing when none are on record",
                "days",
                1,
                60,
                hands => hands.UnknownDays,
                (hands, value) => hands with { UnknownDays = (int)value }
            ) with
            {
                IsWhole = true,
            },
            Hands(
                "slip-relief",
                "Tangle removed by full slip",
                "share",
                0,
                0.8,
                hands => hands.SlipRelief,
                (hands, value) => hands with { SlipRelief = value }
            ),
            Hands(
                "water-slip",
                "Slip of plain water",
                "share",
                0,
                1,
                hands => hands.WaterSlip,
                (hands, value) => hands with { WaterSlip = value }
            ),
            .. Substances.Slips.Keys.Select(substance => new FigureEntry(
                $"hands.slip.{Kebab(substance.ToString())}",
                FigureGroup.Hands,
                "Slip of products on the lengths",
                $"Slip of {Substances.Of(substance).Name}",
                "share",
                0,
                1,
                Usual,
                figures => figures.HandsOn.Slip[substance],
                (figures, value) =>
                    figures with
                    {
                        HandsOn = figures.HandsOn with { Slip = Replaced(figures.HandsOn.Slip, substance, value) },
                    }
            )),
            Hands(
                "left-after",
                "Tangle left after combing through",
                "share",
                0.2,
                1,
                hands => hands.LeftAfterDetangle,
                (hands, value) => hands with { LeftAfterDetangle = value }
            ),
            Hands(
                "spread",
                "Spread of times before a head has its own",
                "share",
                0.05,
                0.6,
                hands => hands.Spread,
                (hands, value) => hands with { Spread = value }
            ),
            Hands(
                "further-section",
                "Handling of each section more than six",
                "min",
                0,
                2,
                hands => hands.MinutesPerFurtherSection,
                (hands, value) => hands with { MinutesPerFurtherSection = value }
            ),
            Hands(
                "pieces",
                "Twists or braids when no number is given",
                "pieces",
                4,
                200,
                hands => hands.UsualPieces,
                (hands, value) => hands with { UsualPieces = (int)value }
            ) with
            {
                IsWhole = true,
            },
        ];
    }

    private static IEnumerable<FigureEntry> StepEntries() =>
        StepCatalogue.All.SelectMany(kind =>
        {
            FigureEntry Hands(
                string id,
                string name,
                string unit,
                Func<HandsOnModel, double> get,
                Func<HandsOnModel, double, HandsOnModel> set
            ) =>
                new(
                    $"step.{kind.Id}.{id}",
                    FigureGroup.Steps,
                    kind.Name,
                    name,
                    unit,
                    0,
                    60,
                    Usual,
                    figures => get(figures.HandsOnOf(kind)),
                    (figures, value) => WithStep(figures, kind.Id, step => step with { HandsOn = set(figures.HandsOnOf(kind), value) })
                );
            List<FigureEntry> entries =
            [
                Hands("setup", "Hands, once", "min", hands => hands.SetupMinutes, (hands, value) => hands with { SetupMinutes = value }),
            ];
            if (kind.HandsOn.IsSectioned)
            {
                entries.Add(
                    Hands(
                        "section",
                        "Hands, each sixth of a head",
                        "min",
                        hands => hands.MinutesPerSixth,
                        (hands, value) => hands with { MinutesPerSixth = value }
                    ) with
                    {
                        Least = 0.05,
                    }
                );
            }

            if (kind.HandsOn.MinutesPerPiece > 0)
            {
                entries.Add(
                    Hands(
                        "piece",
                        "Hands, each piece",
                        "min",
                        hands => hands.MinutesPerPiece,
                        (hands, value) => hands with { MinutesPerPiece = value }
                    ) with
                    {
                        Least = 0.05,
                    }
                );
            }

            return kind.Processing is null
                ? entries
                : entries.Concat([
                    .. WindowOf(kind, "body", "works", model => model.Body, (model, window) => model with { Body = window }),
                    .. WindowOf(
                        kind,
                        "heated",
                        "under hood or steamer",
                        model => model.Heated,
                        (model, window) => model with { Heated = window }
                    ),
                    .. WindowOf(
                        kind,
                        "after-clarify",
                        "after clarifying",
                        model => model.AfterClarify,
                        (model, window) => model with { AfterClarify = window }
                    ),
                    .. WindowOf(
                        kind,
                        "after-clarify-heated",
                        "after clarifying, under heat",
                        model => model.AfterClarifyHeated,
                        (model, window) => model with { AfterClarifyHeated = window }
                    ),
                ]);
        });

    private static IEnumerable<FigureEntry> WindowOf(
        StepKind kind,
        string id,
        string what,
        Func<ProcessingModel, Window?> get,
        Func<ProcessingModel, Window, ProcessingModel> set
    )
    {
        if (get(kind.Processing!) is null)
        {
            return [];
        }

        FigureEntry End(string end, string name, Func<Window, double> read, Func<Window, double, Window> write) =>
            new(
                $"step.{kind.Id}.{id}.{end}",
                FigureGroup.Steps,
                kind.Name,
                $"{name}, {what}",
                "min",
                0,
                720,
                "Craft default; the label comes first",
                figures => read(get(figures.ProcessingOf(kind)!)!),
                (figures, value) =>
                    WithStep(figures, kind.Id, step =>
                        step with
                        {
                            Processing = set(figures.ProcessingOf(kind)!, write(get(figures.ProcessingOf(kind)!)!, value)),
                        }
                    )
            );
        return
        [
            End("earliest", "Earliest", window => window.Earliest, (window, value) => window with { Earliest = value }),
            End("usual", "Usual", window => window.Usual, (window, value) => window with { Usual = value }),
            End("latest", "Latest", window => window.Latest, (window, value) => window with { Latest = value }),
        ];
    }

    private static CraftFigures WithStep(CraftFigures figures, string step, Func<StepFigures, StepFigures> change) =>
        figures with
        {
            Steps = new Dictionary<string, StepFigures>(figures.Steps)
            {
                [step] = change(figures.Steps.GetValueOrDefault(step) ?? new StepFigures()),
            },
        };

    private static IEnumerable<FigureEntry> ProcessingEntries()
    {
        static FigureEntry Factor(
            string id,
            string name,
            Func<ProcessingFigures, double> get,
            Func<ProcessingFigures, double, ProcessingFigures> set
        ) =>
            new(
                $"processing.{id}",
                FigureGroup.Processing,
                "",
                name,
                "×",
                0.3,
                2,
                Usual,
                figures => get(figures.Processing),
                (figures, value) => figures with { Processing = set(figures.Processing, value) }
            );
        return
        [
            Factor(
                "low-porosity",
                "Low porosity without added heat",
                processing => processing.LowPorosityNoHeat,
                (processing, value) => processing with { LowPorosityNoHeat = value }
            ),
            Factor(
                "high-porosity",
                "High porosity",
                processing => processing.HighPorosity,
                (processing, value) => processing with { HighPorosity = value }
            ),
            Factor(
                "damaged-protein",
                "Protein on damaged or coloured hair",
                processing => processing.DamagedProtein,
                (processing, value) => processing with { DamagedProtein = value }
            ) with
            {
                Most = 1,
            },
        ];
    }

    private static IEnumerable<FigureEntry> DryingEntries()
    {
        static FigureEntry Drying(
            string id,
            string name,
            string unit,
            double least,
            double most,
            string source,
            Func<DryingFigures, double> get,
            Func<DryingFigures, double, DryingFigures> set
        ) =>
            new(
                $"drying.{id}",
                FigureGroup.Drying,
                "",
                name,
                unit,
                least,
                most,
                source,
                figures => get(figures.Drying),
                (figures, value) => figures with { Drying = set(figures.Drying, value) }
            );
        return
        [
            .. Each(
                FigureGroup.Drying,
                "drying.water",
                "Water on the hair",
                [Wetness.Damp, Wetness.Blotted, Wetness.Wrung, Wetness.Soaked],
                "",
                "g/g",
                0.11,
                3,
                Measured,
                figures => figures.Drying.Water,
                (figures, water) => figures with { Drying = figures.Drying with { Water = water } }
            ),
            .. Each(
                FigureGroup.Drying,
                "drying.water",
                "Water on the hair",
                [Wetness.Misted],
                "",
                "g/g",
                0.03,
                0.1,
                "Craft default, from the film of a mist",
                figures => figures.Drying.Water,
                (figures, water) => figures with { Drying = figures.Drying with { Water = water } }
            ),
            .. Each(
                FigureGroup.Drying,
                "drying.exposed",
                "Share of the surface air reaches",
                [Hang.Loose, Hang.Twists, Hang.Bun, Hang.Braids, Hang.Locs],
                "",
                "share",
                0.05,
                1,
                Usual,
                figures => figures.Drying.ExposedShare,
                (figures, share) => figures with { Drying = figures.Drying with { ExposedShare = share } }
            ),
            .. Each(
                FigureGroup.Drying,
                "drying.air",
                "Drying speed compared with still air",
                [Air.Fan, Air.HoodLow, Air.BlowDryCool],
                "",
                "×",
                1,
                15,
                Usual,
                figures => figures.Drying.AirFactor,
                (figures, air) => figures with { Drying = figures.Drying with { AirFactor = air } }
            ),
            Drying(
                "calibration",
                "Loose medium hair, blotted to 80 % dry at 22 °C and 50 %",
                "h",
                0.5,
                8,
                Measured,
                drying => drying.CalibrationTime.TotalHours,
                (drying, value) => drying with { CalibrationTime = TimeSpan.FromHours(value) }
            ),
            Drying(
                "bundle",
                "How the open surface of a bundle grows with its mass: power",
                "",
                0.3,
                1,
                Measured,
                drying => drying.BundleExponent,
                (drying, value) => drying with { BundleExponent = value }
            ),
            Drying(
                "loc-reference",
                "Loc thickness at which drying follows the surface",
                "mm",
                3,
                20,
                Usual,
                drying => drying.LocReferenceMillimetres,
                (drying, value) => drying with { LocReferenceMillimetres = value }
            ),
            Drying(
                "least-core",
                "Factor for the thinnest locs",
                "×",
                0.3,
                1,
                Usual,
                drying => drying.LeastCore,
                (drying, value) => drying with { LeastCore = value }
            ),
            Drying(
                "most-core",
                "Factor for the thickest locs",
                "×",
                1,
                4,
                Usual,
                drying => drying.MostCore,
                (drying, value) => drying with { MostCore = value }
            ),
            Drying(
                "falling-rate",
                "Dryness at which drying slows down",
                "share",
                0.5,
                0.9,
                "Physics of drying; craft default",
                drying => drying.FallingRateFrom,
                (drying, value) => drying with { FallingRateFrom = value }
            ),
        ];
    }

    private static IEnumerable<FigureEntry> CoolingEntries()
    {
        static FigureEntry Cooling(
            string id,
            string name,
            string unit,
            double least,
            double most,
            string source,
            Func<CoolingFigures, double> get,
            Func<CoolingFigures, double, CoolingFigures> set
        ) =>
            new(
                $"cooling.{id}",
                FigureGroup.Cooling,
                "",
                name,
                unit,
                least,
                most,
                source,
                figures => get(figures.Cooling),
                (figures, value) => figures with { Cooling = set(figures.Cooling, value) }
            );
        return
        [
            .. Each(
                FigureGroup.Cooling,
                "cooling.rate",
                "Cooling",
                [Vessel.WideBowl, Vessel.Jar, Vessel.ApplicatorBottle, Vessel.ColdWaterBath],
                "",
                "a minute",
                0.005,
                0.5,
                "Newton's cooling, measured; craft default",
                figures => figures.Cooling.RatePerMinute,
                (figures, rate) => figures with { Cooling = figures.Cooling with { RatePerMinute = rate } }
            ),
            Cooling(
                "volume",
                "Reference volume for these rates",
                "ml",
                50,
                2000,
                Measured,
                cooling => cooling.ReferenceVolume.Value,
                (cooling, value) => cooling with { ReferenceVolume = new Millilitres(value) }
            ),
            Cooling(
                "strained",
                "A tea after straining",
                "°C",
                45,
                100,
                Measured,
                cooling => cooling.Strained.Value,
                (cooling, value) => cooling with { Strained = new Celsius(value) }
            ),
            Cooling(
                "warmest",
                "Warmest on skin",
                "°C",
                34,
                40,
                Limit,
                cooling => cooling.WarmestOnSkin.Value,
                (cooling, value) => cooling with { WarmestOnSkin = new Celsius(value) }
            ),
            Cooling(
                "comfortable",
                "Comfortable on skin",
                "°C",
                30,
                40,
                Usual,
                cooling => cooling.Comfortable.Value,
                (cooling, value) => cooling with { Comfortable = new Celsius(value) }
            ),
            Cooling(
                "still-warm",
                "Lowest temperature that feels warm",
                "°C",
                25,
                36,
                Usual,
                cooling => cooling.StillWarm.Value,
                (cooling, value) => cooling with { StillWarm = new Celsius(value) }
            ),
        ];
    }

    private static IEnumerable<FigureEntry> AmountEntries()
    {
        static FigureEntry Film(
            string id,
            string name,
            string unit,
            double least,
            double most,
            Func<FilmFigures, double> get,
            Func<FilmFigures, double, FilmFigures> set
        ) =>
            new(
                $"amount.{id}",
                FigureGroup.Amounts,
                "",
                name,
                unit,
                least,
                most,
                Usual,
                figures => get(figures.Film),
                (figures, value) => figures with { Film = set(figures.Film, value) }
            );
        return
        [
            .. CraftFigures.Default.Film.Micrometres.Keys.Select(substance => new FigureEntry(
                $"amount.film.{Kebab(substance.ToString())}",
                FigureGroup.Amounts,
                "Film on the hair",
                $"Film of {Substances.Of(substance).Name}",
                "µm",
                0.1,
                150,
                Measured,
                figures => figures.Film.Micrometres[substance],
                (figures, value) =>
                    figures with
                    {
                        Film = figures.Film with { Micrometres = Replaced(figures.Film.Micrometres, substance, value) },
                    }
            )),
            Film(
                "ends",
                "Share of hair treated as ends",
                "share",
                0.05,
                0.6,
                film => film.EndsOnly,
                (film, value) => film with { EndsOnly = value }
            ),
            Film(
                "roots",
                "Share of hair treated as roots",
                "share",
                0.05,
                0.6,
                film => film.RootsOnly,
                (film, value) => film with { RootsOnly = value }
            ),
            Film(
                "dry-hair",
                "Amount factor for a treatment on dry hair",
                "×",
                1,
                2.5,
                film => film.DryHairFactor,
                (film, value) => film with { DryHairFactor = value }
            ),
            Film(
                "shampoo",
                "Shampoo for one pass, adult scalp",
                "ml",
                3,
                30,
                film => film.ShampooPerPass.Value,
                (film, value) => film with { ShampooPerPass = new Millilitres(value) }
            ),
            Film(
                "diluted",
                "Parts of diluted cleanser made from one part",
                "parts",
                1,
                10,
                film => film.DilutedParts,
                (film, value) => film with { DilutedParts = value }
            ),
            .. MeasureEntries(),
            Film(
                "scalp",
                "Liquid or oil for the scalp only",
                "ml/cm²",
                0.002,
                0.1,
                film => film.OnScalp,
                (film, value) => film with { OnScalp = value }
            ),
            Film("edges", "Edges only", "share", 0.01, 1, film => film.EdgesOnly, (film, value) => film with { EdgesOnly = value }),
            Film(
                "least-poured",
                "Least that can be poured over a head",
                "ml",
                20,
                1000,
                film => film.LeastPoured.Value,
                (film, value) => film with { LeastPoured = new Millilitres(value) }
            ),
            Film(
                "least-sprayed",
                "Least that can be sprayed on a head",
                "ml",
                2,
                200,
                film => film.LeastSprayed.Value,
                (film, value) => film with { LeastSprayed = new Millilitres(value) }
            ),
            Film(
                "least-nozzle",
                "Least from a nozzle bottle",
                "ml",
                2,
                200,
                film => film.LeastFromANozzle.Value,
                (film, value) => film with { LeastFromANozzle = new Millilitres(value) }
            ),
        ];
    }

    private static IEnumerable<FigureEntry> MeasureEntries()
    {
        const string metric = "Metric spoons and cups";
        const string spoons = "Kitchen custom; 5, 15 and 250 ml where spoons are metric";
        static FigureEntry Measure(
            string id,
            string name,
            string unit,
            double least,
            double most,
            string source,
            Func<MeasureFigures, double> get,
            Func<MeasureFigures, double, MeasureFigures> set
        ) =>
            new(
                $"measure.{id}",
                FigureGroup.Amounts,
                "Spoons, cups and drops",
                name,
                unit,
                least,
                most,
                source,
                figures => get(figures.Measures),
                (figures, value) => figures with { Measures = set(figures.Measures, value) }
            );
        return
        [
            Measure(
                "teaspoon",
                "A teaspoon",
                "ml",
                3,
                8,
                spoons,
                measures => measures.Teaspoon.Value,
                (measures, value) => measures with { Teaspoon = new Millilitres(value) }
            ) with
            {
                Alternative = new(metric, 5),
            },
            Measure(
                "tablespoon",
                "A tablespoon",
                "ml",
                10,
                25,
                spoons,
                measures => measures.Tablespoon.Value,
                (measures, value) => measures with { Tablespoon = new Millilitres(value) }
            ) with
            {
                Alternative = new(metric, 15),
            },
            Measure(
                "cup",
                "A cup",
                "ml",
                150,
                300,
                spoons,
                measures => measures.Cup.Value,
                (measures, value) => measures with { Cup = new Millilitres(value) }
            ) with
            {
                Alternative = new(metric, 250),
            },
            Measure(
                "fluid-ounce",
                "A fluid ounce",
                "ml",
                25,
                32,
                "Kitchen custom",
                measures => measures.FluidOunce.Value,
                (measures, value) => measures with { FluidOunce = new Millilitres(value) }
            ),
            Measure(
                "drops",
                "Drops in a millilitre",
                "drops",
                15,
                40,
                Usual,
                measures => measures.DropsPerMillilitre,
                (measures, value) => measures with { DropsPerMillilitre = value }
            ),
            Measure(
                "part",
                "One part, before a formula is scaled",
                "ml",
                5,
                250,
                Usual,
                measures => measures.Part,
                (measures, value) => measures with { Part = value }
            ),
        ];
    }

    private static IEnumerable<FigureEntry> MixtureEntries()
    {
        static FigureEntry Mixture(
            string id,
            string name,
            double most,
            Func<MixtureFigures, double> get,
            Func<MixtureFigures, double, MixtureFigures> set
        ) =>
            new(
                $"mixture.{id}",
                FigureGroup.Mixtures,
                "",
                name,
                "% by volume",
                0,
                most,
                Limit,
                figures => get(figures.Mixtures),
                (figures, value) => figures with { Mixtures = set(figures.Mixtures, value) }
            );
        static FigureEntry Keeping(
            string id,
            string name,
            string unit,
            double least,
            double most,
            string source,
            Func<MixtureFigures, double> get,
            Func<MixtureFigures, double, MixtureFigures> set
        ) =>
            new(
                $"mixture.{id}",
                FigureGroup.Mixtures,
                "",
                name,
                unit,
                least,
                most,
                source,
                figures => get(figures.Mixtures),
                (figures, value) => figures with { Mixtures = set(figures.Mixtures, value) }
            );
        static IEnumerable<FigureEntry> Standing(
            string id,
            string name,
            double most,
            Func<MixtureFigures, Window> get,
            Func<MixtureFigures, Window, MixtureFigures> set
        )
        {
            FigureEntry End(string end, string word, Func<Window, double> of, Func<Window, double, Window> with_) =>
                Keeping(
                    $"{id}.{end}",
                    $"{name}, {word}",
                    "min",
                    1,
                    most,
                    Usual,
                    mixtures => of(get(mixtures)),
                    (mixtures, value) => set(mixtures, with_(get(mixtures), value))
                ) with
                {
                    IsWhole = true,
                };
            return
            [
                End("earliest", "at least", window => window.Earliest, (window, value) => window with { Earliest = value }),
                End("usual", "usually", window => window.Usual, (window, value) => window with { Usual = value }),
                End("latest", "at most", window => window.Latest, (window, value) => window with { Latest = value }),
            ];
        }

        var shipped = CraftFigures.Default.Mixtures;
        return
        [
            Mixture(
                "adult-rinse-off",
                "Essential oil in what is rinsed off an adult",
                shipped.AdultRinseOff,
                mixtures => mixtures.AdultRinseOff,
                (mixtures, value) => mixtures with { AdultRinseOff = value }
            ),
            Mixture(
                "adult-leave-on",
                "Essential oil in what stays on an adult scalp",
                shipped.AdultLeaveOn,
                mixtures => mixtures.AdultLeaveOn,
                (mixtures, value) => mixtures with { AdultLeaveOn = value }
            ),
            Mixture(
                "child-rinse-off",
                "Essential oil in what is rinsed off a child of 6 to 12",
                shipped.ChildRinseOff,
                mixtures => mixtures.ChildRinseOff,
                (mixtures, value) => mixtures with { ChildRinseOff = value }
            ),
            Mixture(
                "sharp-oil",
                "Sharp essential oils such as peppermint and tea tree, for anyone",
                shipped.SharpOil,
                mixtures => mixtures.SharpOil,
                (mixtures, value) => mixtures with { SharpOil = value }
            ),
            Keeping(
                "warm-at-most",
                "Longest time out of the fridge for what must be chilled",
                "h",
                0,
                4,
                Limit,
                mixtures => mixtures.WarmAtMost.TotalHours,
                (mixtures, value) => mixtures with { WarmAtMost = TimeSpan.FromHours(value) }
            ),
            Keeping(
                "thawed-days",
                "Days a thawed portion keeps",
                "days",
                0,
                1,
                Limit,
                mixtures => mixtures.ThawedDays,
                (mixtures, value) => mixtures with { ThawedDays = (int)value }
            ) with
            {
                IsWhole = true,
            },
            Keeping(
                "look-days",
                "Days gained by checking look and smell",
                "days",
                0,
                2,
                Limit,
                mixtures => mixtures.LookGoodForDays,
                (mixtures, value) => mixtures with { LookGoodForDays = (int)value }
            ) with
            {
                IsWhole = true,
            },
            Keeping(
                "frozen-portion",
                "A frozen portion",
                "ml",
                5,
                500,
                Usual,
                mixtures => mixtures.FrozenPortion.Value,
                (mixtures, value) => mixtures with { FrozenPortion = new Millilitres(value) }
            ),
            .. Standing(
                "thawing",
                "Thawing portions",
                480,
                mixtures => mixtures.Thawing,
                (mixtures, window) => mixtures with { Thawing = window }
            ),
            .. Standing(
                "warming",
                "Warming oil in hot water",
                60,
                mixtures => mixtures.WarmingOil,
                (mixtures, window) => mixtures with { WarmingOil = window }
            ),
            Keeping(
                "longest-in-day",
                "Longest kitchen wait within a day",
                "h",
                1,
                8,
                Usual,
                mixtures => mixtures.LongestInDay.TotalHours,
                (mixtures, value) => mixtures with { LongestInDay = TimeSpan.FromHours(value) }
            ),
            Keeping(
                "reserve",
                "Uses left at which a product goes on the shopping list",
                "uses",
                1,
                10,
                Usual,
                mixtures => mixtures.UsesInReserve,
                (mixtures, value) => mixtures with { UsesInReserve = value }
            ),
            Keeping(
                "made-beyond",
                "Amount to make compared with what the head takes",
                "×",
                1,
                1.5,
                Usual,
                mixtures => mixtures.MadeBeyond,
                (mixtures, value) => mixtures with { MadeBeyond = value }
            ),
            new(
                "mixture.patch-test",
                FigureGroup.Mixtures,
                "",
                "Patch test before a first use",
                "h",
                24,
                168,
                Limit,
                figures => figures.Mixtures.PatchTestWait.TotalHours,
                (figures, value) => figures with { Mixtures = figures.Mixtures with { PatchTestWait = TimeSpan.FromHours(value) } }
            ),
        ];
    }

    private static IEnumerable<FigureEntry> RhythmEntries()
    {
        static FigureEntry Days(
            string id,
            string about,
            string name,
            double least,
            double most,
            Func<RhythmFigures, int> get,
            Func<RhythmFigures, int, RhythmFigures> set,
            string source = Usual
        ) =>
            new(
                $"rhythm.{id}",
                FigureGroup.Rhythm,
                about,
                name,
                "days",
                least,
                most,
                source,
                figures => get(figures.Rhythm),
                (figures, value) => figures with { Rhythm = set(figures.Rhythm, (int)value) }
            )
            {
                IsWhole = true,
            };
        static IEnumerable<FigureEntry> Line(
            string id,
            string about,
            Func<RhythmFigures, Interval> get,
            Func<RhythmFigures, Interval, RhythmFigures> set
        ) =>
            [
                Days(
                    $"{id}.earliest",
                    about,
                    "Not before",
                    0,
                    365,
                    rhythm => get(rhythm).Earliest,
                    (rhythm, value) => set(rhythm, get(rhythm) with { Earliest = value })
                ),
                Days(
                    $"{id}.usual",
                    about,
                    "Usually after",
                    1,
                    365,
                    rhythm => get(rhythm).Usual,
                    (rhythm, value) => set(rhythm, get(rhythm) with { Usual = value })
                ),
                Days(
                    $"{id}.latest",
                    about,
                    "At the latest after",
                    1,
                    400,
                    rhythm => get(rhythm).Latest,
                    (rhythm, value) => set(rhythm, get(rhythm) with { Latest = value })
                ),
            ];
        return
        [
            .. Line("wash", "Wash, loose hair", rhythm => rhythm.Wash, (rhythm, interval) => rhythm with { Wash = interval }),
            .. Line("wash-locs", "Wash, locs", rhythm => rhythm.WashLocs, (rhythm, interval) => rhythm with { WashLocs = interval }),
            .. Line(
                "wash-style",
                "Wash, in a style",
                rhythm => rhythm.WashInStyle,
                (rhythm, interval) => rhythm with { WashInStyle = interval }
            ),
            .. Line(
                "wash-weekly",
                "Wash, weekly",
                rhythm => rhythm.WashWeekly,
                (rhythm, interval) => rhythm with { WashWeekly = interval }
            ),
            .. Line(
                "wash-ten",
                "Wash, every 10 to 14 days",
                rhythm => rhythm.WashTenToFourteen,
                (rhythm, interval) => rhythm with { WashTenToFourteen = interval }
            ),
            .. Line(
                "wash-monthly",
                "Wash, monthly",
                rhythm => rhythm.WashMonthly,
                (rhythm, interval) => rhythm with { WashMonthly = interval }
            ),
            .. CraftFigures.Default.Rhythm.Treatments.Keys.SelectMany(treatment =>
                Line(
                    Kebab(treatment.ToString()),
                    Planning.PlanSentences.Of(treatment),
                    rhythm => rhythm.Treatments[treatment],
                    (rhythm, interval) => rhythm with { Treatments = Replaced(rhythm.Treatments, treatment, interval) }
                )
            ),
            Days(
                "style-longest",
                "",
                "Longest time in a tight style",
                7,
                56,
                rhythm => rhythm.LongestStyleDays,
                (rhythm, value) => rhythm with { LongestStyleDays = value },
                Limit
            ),
            Days(
                "style-rest",
                "",
                "Rest between tight styles",
                7,
                60,
                rhythm => rhythm.RestBetweenStyles,
                (rhythm, value) => rhythm with { RestBetweenStyles = value },
                Limit
            ),
            Days(
                "chemical-rest",
                "",
                "Rest after colour or relaxer",
                14,
                90,
                rhythm => rhythm.ChemicalRestDays,
                (rhythm, value) => rhythm with { ChemicalRestDays = value },
                Limit
            ),
            Days(
                "wet-combings",
                "",
                "Wet combings in a week",
                1,
                7,
                rhythm => rhythm.MostWetCombingsAWeek,
                (rhythm, value) => rhythm with { MostWetCombingsAWeek = value }
            ) with
            {
                Unit = "times",
            },
            Days(
                "two-passes",
                "",
                "Days without a wash after which two passes are needed",
                3,
                60,
                rhythm => rhythm.LongSinceWashDays,
                (rhythm, value) => rhythm with { LongSinceWashDays = value }
            ),
            Days(
                "observation",
                "",
                "Days to watch a change",
                7,
                120,
                rhythm => rhythm.ObservationDays,
                (rhythm, value) => rhythm with { ObservationDays = value }
            ),
        ];
    }

    private static IEnumerable<FigureEntry> MoistureEntries()
    {
        static FigureEntry Factor(
            string id,
            string name,
            Func<MoistureFigures, double> get,
            Func<MoistureFigures, double, MoistureFigures> set
        ) => Entry(id, name, "×", 0.2, 3, get, set);
        static FigureEntry Entry(
            string id,
            string name,
            string unit,
            double least,
            double most,
            Func<MoistureFigures, double> get,
            Func<MoistureFigures, double, MoistureFigures> set
        ) =>
            new(
                $"moisture.{id}",
                FigureGroup.Rhythm,
                "",
                name,
                unit,
                least,
                most,
                Usual,
                figures => get(figures.Moisture),
                (figures, value) => figures with { Moisture = set(figures.Moisture, value) }
            );
        return
        [
            .. Each(
                FigureGroup.Rhythm,
                "moisture.days",
                "Days hair stays soft, by how it hangs",
                [Hang.Loose, Hang.Bun, Hang.Twists, Hang.Braids, Hang.Locs],
                "",
                "days",
                1,
                30,
                Usual,
                figures => figures.Moisture.Days,
                (figures, days) => figures with { Moisture = figures.Moisture with { Days = days } }
            ),
            Entry(
                "style",
                "Days hair stays soft in a style",
                "days",
                1,
                30,
                each => each.InAStyle,
                (each, value) => each with { InAStyle = value }
            ),
            Factor("unsealed", "Softness with no oil on top", each => each.Unsealed, (each, value) => each with { Unsealed = value }),
            Factor("butter", "Softness with butter over oil", each => each.Butter, (each, value) => each with { Butter = value }),
            Factor("high", "Softness at high porosity", each => each.HighPorosity, (each, value) => each with { HighPorosity = value }),
            Factor("low", "Softness at low porosity", each => each.LowPorosity, (each, value) => each with { LowPorosity = value }),
            Factor("dry-air", "Softness in dry air", each => each.DryAir, (each, value) => each with { DryAir = value }),
            Entry(
                "dew-point",
                "Dew point of dry air",
                "°C",
                -20,
                15,
                each => each.DryUnder,
                (each, value) => each with { DryUnder = value }
            ),
            Entry(
                "spread",
                "How much days of softness differ",
                "sigma",
                0.05,
                1,
                each => each.Spread,
                (each, value) => each with { Spread = value }
            ),
        ];
    }

    private static IEnumerable<FigureEntry> NightEntries() =>
        [
            new(
                "breaks.at-work",
                FigureGroup.Hands,
                "",
                "Longest work without a break",
                "min",
                20,
                240,
                Usual,
                figures => figures.Breaks.LongestAtWork,
                (figures, value) => figures with { Breaks = figures.Breaks with { LongestAtWork = (int)value } }
            )
            {
                IsWhole = true,
            },
            new(
                "breaks.minutes",
                FigureGroup.Hands,
                "",
                "Shortest break for hands",
                "min",
                3,
                60,
                Usual,
                figures => figures.Breaks.BreakMinutes,
                (figures, value) => figures with { Breaks = figures.Breaks with { BreakMinutes = (int)value } }
            )
            {
                IsWhole = true,
            },
            new(
                "breaks.child",
                FigureGroup.Hands,
                "",
                "Shortest break for a child",
                "min",
                2,
                60,
                Usual,
                figures => figures.Breaks.ChildPauseMinutes,
                (figures, value) => figures with { Breaks = figures.Breaks with { ChildPauseMinutes = (int)value } }
            )
            {
                IsWhole = true,
            },
            new(
                "mishaps.cool",
                FigureGroup.Hands,
                "When something goes wrong",
                "Cool water on skin that is too hot or stings",
                "min",
                1,
                20,
                Usual,
                figures => figures.Mishaps.CoolRinseMinutes,
                (figures, value) => figures with { Mishaps = figures.Mishaps with { CoolRinseMinutes = value } }
            ),
            new(
                "mishaps.running",
                FigureGroup.Hands,
                "When something goes wrong",
                "Rinse with the fingers under running water",
                "min",
                2,
                30,
                Usual,
                figures => figures.Mishaps.RunningRinseMinutes,
                (figures, value) => figures with { Mishaps = figures.Mishaps with { RunningRinseMinutes = value } }
            ),
            new(
                "mishaps.lift",
                FigureGroup.Hands,
                "When something goes wrong",
                "Conditioner that lifts oil",
                "min",
                3,
                30,
                Usual,
                figures => figures.Mishaps.LiftMinutes,
                (figures, value) => figures with { Mishaps = figures.Mishaps with { LiftMinutes = value } }
            ),
            new(
                "mishaps.park",
                FigureGroup.Hands,
                "When something goes wrong",
                "Loose twists and a cloth before stopping for hours",
                "min",
                3,
                40,
                Usual,
                figures => figures.Mishaps.ParkMinutes,
                (figures, value) => figures with { Mishaps = figures.Mishaps with { ParkMinutes = value } }
            ),
            new(
                "mishaps.air",
                FigureGroup.Hands,
                "When something goes wrong",
                "Cool air at the roots before bed",
                "min",
                5,
                60,
                Usual,
                figures => figures.Mishaps.CoolAirMinutes,
                (figures, value) => figures with { Mishaps = figures.Mishaps with { CoolAirMinutes = value } }
            ),
            new(
                "mishaps.dries",
                FigureGroup.Hands,
                "When something goes wrong",
                "Time after which waiting wet hair needs a mist",
                "min",
                20,
                600,
                Usual,
                figures => figures.Mishaps.DriesWithinMinutes,
                (figures, value) => figures with { Mishaps = figures.Mishaps with { DriesWithinMinutes = value } }
            ),
            new(
                "night.bedtime",
                FigureGroup.Night,
                "",
                "Bedtime, in hours after midnight",
                "h",
                18,
                24,
                Usual,
                figures => figures.Night.BedtimeHour,
                (figures, value) => figures with { Night = figures.Night with { BedtimeHour = value } }
            ),
            new(
                "night.rise",
                FigureGroup.Night,
                "",
                "Earliest rising, in hours after midnight",
                "h",
                4,
                11,
                Usual,
                figures => figures.Night.RiseHour,
                (figures, value) => figures with { Night = figures.Night with { RiseHour = value } }
            ),
            new(
                "night.morning",
                FigureGroup.Night,
                "",
                "Start of a day put off to the morning, in hours after midnight",
                "h",
                5,
                12,
                Usual,
                figures => figures.Night.MorningHour,
                (figures, value) => figures with { Night = figures.Night with { MorningHour = value } }
            ),
        ];

    /// <summary>One entry for each key of a table of figures.</summary>
    private static IEnumerable<FigureEntry> Each<TKey>(
        FigureGroup group,
        string id,
        string about,
        IEnumerable<TKey> keys,
        string noun,
        string unit,
        double least,
        double most,
        string source,
        Func<CraftFigures, IReadOnlyDictionary<TKey, double>> get,
        Func<CraftFigures, IReadOnlyDictionary<TKey, double>, CraftFigures> set
    )
        where TKey : struct, Enum =>
        keys.Select(key => new FigureEntry(
            $"{id}.{Kebab(key.ToString())}",
            group,
            about,
            $"{about}: {Words(key.ToString())}{(noun.Length > 0 ? $" {noun}" : "")}",
            unit,
            least,
            most,
            source,
            figures => get(figures)[key],
            (figures, value) => set(figures, Replaced(get(figures), key, value))
        ));

    private static Dictionary<TKey, TValue> Replaced<TKey, TValue>(IReadOnlyDictionary<TKey, TValue> table, TKey key, TValue value)
        where TKey : notnull => new(table) { [key] = value };

    private static string Kebab(string name) => Words(name).Replace(' ', '-');

    private static string Words(string name) =>
        string.Concat(
            name.Select(
                (letter, at) => char.IsUpper(letter) && at > 0 ? $" {char.ToLowerInvariant(letter)}" : $"{char.ToLowerInvariant(letter)}"
            )
        );
}

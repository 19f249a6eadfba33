using Kamuri.Core.Figures;
using Kamuri.Core.Physics;
using Kamuri.Core.Running;
using Kamuri.Core.Texts;
using Kamuri.Core.Units;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Warmth;

/// <summary>A reading as sent.</summary>
public sealed record ReadingBody(DateTimeOffset At, double Celsius);

/// <summary>Something warm whose temperature is asked about.</summary>
/// <param name="AroundCelsius">The room or the bath it stands in; the household's room when left out.</param>
/// <param name="Began">The moment it was as warm as said; now when left out.</param>
public sealed record WarmthBody(
    Vessel Vessel,
    double VolumeMl,
    double FromCelsius,
    double? AroundCelsius = null,
    DateTimeOffset? Began = null,
    IReadOnlyList<ReadingBody>? Readings = null
);

/// <summary>How it goes on, and the figure that goes with the vessel.</summary>
/// <param name="FigureId">The craft figure the rate stands in.</param>
public sealed record WarmthView(WarmthForecast Forecast, string FigureId, double FigureNow, double AroundCelsius, DateTimeOffset Now);

/// <summary>The thermometer probe as a screen sees it.</summary>
public sealed record ProbeView(bool On, double? Celsius, DateTimeOffset Now, bool Simulated, double Speed);

/// <summary>What the scale shows.</summary>
/// <param name="Simulated">It stands in for a real one.</param>
public sealed record ScaleView(double Grams, bool Simulated);

/// <summary>Puts the probe into something, or takes it out.</summary>
/// <param name="Speed">Pace of the stand-in: 1, 10 or 60.</param>
public sealed record ProbeBody(bool On, Vessel Vessel = Vessel.WideBowl, double VolumeMl = 250, double FromCelsius = 75, double Speed = 1)
{
    /// <summary>Minutes since it was as warm as said, by the clock of whoever asks; 0 to 1440.</summary>
    public double StoodMinutes { get; init; }
}

/// <summary>How warm something is and will be.</summary>
internal static class WarmthEndpoints
{
    private const int MostReadings = 200;
    private const double LeastVolume = 5;
    private const double MostVolume = 5_000;

    public static void MapWarmth(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/warmth", ForetellAsync).WithName("foretellWarmth").WithTags("Warmth");
        routes.MapGet("/api/probe", ReadAsync).WithName("readProbe").WithTags("Warmth");
        routes.MapGet("/api/scale", Weigh).WithName("readScale").WithTags("Warmth");
        routes.MapPut("/api/probe", PlaceAsync).WithName("placeProbe").WithTags("Warmth");
    }

    private static async Task<Results<Ok<WarmthView>, ValidationProblem>> ForetellAsync(
        WarmthBody body,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var time = await house.TimeAsync(cancellation);
        var began = body.Began ?? time.Now;
        var readings = body.Readings ?? [];
        var around = body.AroundCelsius ?? (await house.RowAsync(cancellation)).RoomCelsius;
        if (Wrong(body.Vessel, body.VolumeMl, body.FromCelsius) is { } wrong)
        {
            return wrong;
        }

        if (around is not (>= -5 and <= 100))
        {
            return Problems.At("aroundCelsius", WarmthErrors.Enter5To100C);
        }

        if (began > time.Now.AddMinutes(1) || began < time.Now.AddDays(-1))
        {
            return Problems.At("began", WarmthErrors.ChooseATimeWithinTheLast);
        }

        if (readings.Count > MostReadings || readings.Any(reading => reading is null || reading.Celsius is not (>= -5 and <= 105)))
        {
            return Problems.At("readings", WarmthErrors.EnterAtMostMostReadingsReadingsOf($"{MostReadings}"));
        }

        var forecast = WarmthForecast.Of(
            body.Vessel,
            new Millilitres(body.VolumeMl),
            new Celsius(body.FromCelsius),
            new Celsius(around),
            time.Local(began),
            [.. readings.OrderBy(reading => reading.At).Select(reading => new Reading(reading.At, new Celsius(reading.Celsius)))],
            figures.Cooling
        );
        return TypedResults.Ok(
            new WarmthView(
                forecast,
                FigureCatalogue.OfCooling(body.Vessel).Id,
                FigureCatalogue.OfCooling(body.Vessel).Get(figures),
                around,
                time.Local(time.Now)
            )
        );
    }

    /// <param name="about">What was to be weighed out, in grams; the stand-in shows about that.</param>
    private static Results<Ok<ScaleView>, ValidationProblem> Weigh(IScale scale, double about = 50) =>
        about is >= 0 and <= TakenReading.Heaviest
            ? TypedResults.Ok(new ScaleView(scale.Read(about), true))
            : Problems.At("about", WarmthErrors.EnterGramsUpTo($"{TakenReading.Heaviest:0}"));

    private static async Task<Ok<ProbeView>> ReadAsync(IThermometerProbe probe, House house, CancellationToken cancellation)
    {
        var time = await house.TimeAsync(cancellation);
        return TypedResults.Ok(View(probe, time));
    }

    private static async Task<Results<Ok<ProbeView>, ValidationProblem>> PlaceAsync(
        ProbeBody body,
        IThermometerProbe probe,
        House house,
        CancellationToken cancellation
    )
    {
        if (body.On && Wrong(body.Vessel, body.VolumeMl, body.FromCelsius) is { } wrong)
        {
            return wrong;
        }

        if (body.Speed is not (1 or 10 or 60))
        {
            return Problems.At("speed", "1, 10 or 60 times.");
        }

        if (body.StoodMinutes is not (>= 0 and <= 24 * 60))
        {
            return Problems.At("stoodMinutes", WarmthErrors.EnterAtMostOneDay);
        }

        if (body.On)
        {
            probe.Place(
                body.Vessel,
                new Millilitres(body.VolumeMl),
                new Celsius(body.FromCelsius),
                new Celsius((await house.RowAsync(cancellation)).RoomCelsius),
                body.Speed,
                TimeSpan.FromMinutes(body.StoodMinutes)
            );
        }
        else
        {
            probe.TakeOut();
        }

        return TypedResults.Ok(View(probe, await house.TimeAsync(cancellation)));
    }

    private static ProbeView View(IThermometerProbe probe, HouseTime time)
    {
        var reading = probe.Read();
        return new ProbeView(
            reading is not null,
            reading is { } known ? Math.Round(known.Temperature.Value, 1) : null,
            time.Local(reading?.At ?? time.Now),
            true,
            probe.Speed
        );
    }

    private static ValidationProblem? Wrong(Vessel vessel, double volume, double from) =>
        !Enum.IsDefined(vessel) ? Problems.At("vessel", WarmthErrors.KamuriDoesNotKnowThisVessel)
        : volume is not (>= LeastVolume and <= MostVolume)
            ? Problems.At("volumeMl", WarmthErrors.EnterAnAmountOf(Say.Amount(LeastVolume), Say.Amount(MostVolume)))
        : from is not (>= -5 and <= 105) ? Problems.At("fromCelsius", WarmthErrors.Enter5To105C)
        : null;
}

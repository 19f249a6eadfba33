using FluentValidation;
using Kamuri.Core.Composing;
using Kamuri.Core.Planning.Household;
using Kamuri.Store;
using Kamuri.Store.Household;
using Kamuri.Web.Figures;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Household;

/// <summary>The house as entered: its air, its clock, what stands in it.</summary>
/// <param name="Showers">Showers and basins that hair can be washed in at the same time.</param>
/// <param name="Writing">How figures are written in sentences; null while nobody has said so, and to leave it as it is.</param>
/// <param name="Stoves">Plates of the stove, or how many pots it takes at the same time.</param>
public sealed record HouseholdBody(
    double RoomCelsius,
    double HumidityPercent,
    string TimeZone,
    int PairsOfHands,
    int Showers,
    int Stoves,
    int Hoods,
    int Steamers,
    WritingBody? Writing = null
);

/// <summary>How times, lengths, temperatures, amounts and money are written for people. What machines read stays as it is.</summary>
/// <param name="Cup">What spoons and cups hold; it sets three craft figures.</param>
/// <param name="Currency">ISO 4217, three letters; empty for figures without a currency.</param>
public sealed record WritingBody(
    ClockFormat Clock,
    LengthUnit Lengths,
    TemperatureUnit Temperatures,
    AmountUnit Amounts,
    CupSize Cup,
    string Currency,
    DayOfWeek FirstDayOfWeek
);

/// <summary>The house with its present time.</summary>
/// <param name="Hands">Names of the pairs of hands where nobody entered any.</param>
public sealed record HouseholdView(HouseholdBody House, IReadOnlyList<string> Hands, DateTimeOffset Now, double ClockSpeed, bool Demo)
{
    /// <summary>A made-up household that is only looked at; nothing in it is anybody’s.</summary>
    public bool MadeUp { get; init; }
}

/// <summary>What can be entered for a house.</summary>
internal sealed class HouseholdValidator : AbstractValidator<HouseholdBody>
{
    public HouseholdValidator()
    {
        RuleFor(house => house.RoomCelsius)
            .InclusiveBetween(Room.ColdestCelsius, Room.HottestCelsius)
            .WithMessage(_ => HouseErrors.EnterATemperature(Say.Temperatures(Room.ColdestCelsius, Room.HottestCelsius)));
        RuleFor(house => house.HumidityPercent)
            .InclusiveBetween(5, Room.DampestShare * 100)
            .WithMessage(HouseErrors.Enter5ToDampestShareAboveThat($"{(Room.DampestShare * 100):0}"));
        RuleFor(house => house.TimeZone)
            .Must(zone => zone is not null && TimeZoneInfo.TryFindSystemTimeZoneById(zone, out _))
            .WithMessage(HouseErrors.KamuriDoesNotKnowThisTime);
        When(
            house => house.Writing is not null,
            () =>
            {
                RuleFor(house => house.Writing!.Clock).IsInEnum().WithMessage(HouseErrors.ChooseAClock);
                RuleFor(house => house.Writing!.Lengths).IsInEnum().WithMessage(HouseErrors.ChooseAUnit);
                RuleFor(house => house.Writing!.Temperatures).IsInEnum().WithMessage(HouseErrors.ChooseAUnit);
                RuleFor(house => house.Writing!.Amounts).IsInEnum().WithMessage(HouseErrors.ChooseAUnit);
                RuleFor(house => house.Writing!.Cup).IsInEnum().WithMessage(HouseErrors.ChooseAUnit);
                RuleFor(house => house.Writing!.FirstDayOfWeek).IsInEnum().WithMessage(HouseErrors.ChooseAUnit);
                RuleFor(house => house.Writing!.Currency)
                    .Must(currency => currency is "" or { Length: 3 } && currency.All(char.IsAsciiLetterUpper))
                    .WithMessage(HouseErrors.ChooseACurrency);
            }
        );
        RuleFor(house => house.PairsOfHands).InclusiveBetween(1, 2).WithMessage(HouseErrors.EnterOneOrTwoPairsOf);
        RuleFor(house => house.Showers).InclusiveBetween(0, 4).WithMessage(HouseErrors.Enter0To4ShowersOr);
        RuleFor(house => house.Stoves).InclusiveBetween(0, 6).WithMessage(HouseErrors.Enter0To6Plates);
        RuleFor(house => house.Hoods).InclusiveBetween(0, 4).WithMessage(HouseErrors.Enter0To4Hoods);
        RuleFor(house => house.Steamers).InclusiveBetween(0, 4).WithMessage(HouseErrors.Enter0To4Steamers);
    }
}

/// <summary>The household as last read. Every press asks for its time zone, and it hardly ever changes.</summary>
internal sealed class HouseMemory
{
    private volatile HouseholdRow? _row;

    public HouseholdRow? Row => _row;

    /// <summary>Remembers it; sentences follow its way of writing from now on.</summary>
    public HouseholdRow Keep(HouseholdRow row)
    {
        WritingStyle.Follow(row.In);
        return _row = row;
    }

    public void Forget() => _row = null;
}

/// <summary>Reads the household and its clock.</summary>
internal sealed class House(KamuriDb db, TimeProvider clock, HouseMemory memory)
{
    public async Task<HouseholdRow> RowAsync(CancellationToken cancellation) =>
        memory.Row ?? memory.Keep(await db.Households.AsNoTracking().SingleOrDefaultAsync(cancellation) ?? new HouseholdRow());

    public async Task<HouseTime> TimeAsync(CancellationToken cancellation) => new(clock.GetUtcNow(), (await RowAsync(cancellation)).Zone);
}

/// <summary>The one household of this file.</summary>
internal static class HouseholdEndpoints
{
    public static void MapHousehold(this IEndpointRouteBuilder routes)
    {
        var household = routes.MapGroup("/api/household").WithTags("Household");
        household.MapGet("/", GetAsync).WithName("getHousehold");
        household.MapPut("/", ChangeAsync).WithName("changeHousehold");
    }

    private static async Task<Ok<HouseholdView>> GetAsync(
        House house,
        FigureMemory figures,
        StartOptions options,
        CancellationToken cancellation
    ) => TypedResults.Ok(await ViewAsync(house, figures, options, cancellation));

    private static async Task<Results<Ok<HouseholdView>, ValidationProblem>> ChangeAsync(
        HouseholdBody body,
        KamuriDb db,
        House house,
        HouseMemory memory,
        FigureMemory figures,
        StartOptions options,
        CancellationToken cancellation
    )
    {
        if (new HouseholdValidator().Validate(body) is { IsValid: false } errors)
        {
            return Problems.At(errors);
        }

        var row = await db.Households.SingleOrDefaultAsync(cancellation) ?? db.Add(new HouseholdRow()).Entity;
        (row.RoomCelsius, row.HumidityShare, row.TimeZone) = (body.RoomCelsius, body.HumidityPercent / 100, body.TimeZone);
        (row.PairsOfHands, row.Showers, row.Stoves, row.Hoods, row.Steamers) = (
            body.PairsOfHands,
            body.Showers,
            body.Stoves,
            body.Hoods,
            body.Steamers
        );
        if (body.Writing is { } writing)
        {
            (row.Clock, row.Lengths, row.Temperatures, row.Amounts) = (
                writing.Clock,
                writing.Lengths,
                writing.Temperatures,
                writing.Amounts
            );
            (row.Currency, row.FirstDayOfWeek) = (writing.Currency, writing.FirstDayOfWeek);
            await Cups.ChangeAsync(writing.Cup, figures, db, cancellation);
        }

        await db.SaveChangesAsync(cancellation);
        memory.Keep(row);
        return TypedResults.Ok(await ViewAsync(house, figures, options, cancellation));
    }

    private static async Task<HouseholdView> ViewAsync(
        House house,
        FigureMemory figures,
        StartOptions options,
        CancellationToken cancellation
    )
    {
        var row = await house.RowAsync(cancellation);
        var time = await house.TimeAsync(cancellation);
        return new HouseholdView(
            new HouseholdBody(
                row.RoomCelsius,
                Math.Round(row.HumidityShare * 100, 1),
                row.TimeZone,
                row.PairsOfHands,
                row.Showers,
                row.Stoves,
                row.Hoods,
                row.Steamers,
                row.Clock is { } clock
                    ? new WritingBody(
                        clock,
                        row.Lengths,
                        row.Temperatures,
                        row.Amounts,
                        Cups.Of(figures.Current.Measures),
                        row.Currency,
                        row.FirstDayOfWeek
                    )
                    : null
            ),
            [.. HelpingHands.OfHouse(row.PairsOfHands).Select(hands => hands.Name)],
            time.Local(time.Now),
            options.ClockSpeed,
            options.Demo
        )
        {
            MadeUp = options.MadeUp,
        };
    }
}

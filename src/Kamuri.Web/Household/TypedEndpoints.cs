using Kamuri.Core.Units;
using Kamuri.Web.Figures;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Household;

/// <summary>What a person can type into a field.</summary>
internal enum TypedKind
{
    Time,
    Date,
    Length,
    Temperature,
    Amount,
}

/// <summary>What was understood of something typed.</summary>
/// <param name="Value">As the API takes it: "18:00:00", "2026-12-05", centimetres, °C or millilitres; null when it was not
/// understood.</param>
/// <param name="Written">The same as this household writes it; null when it was not understood.</param>
/// <param name="Wrong">How to write it; null when it was understood.</param>
public sealed record TypedView(string? Value, string? Written, string? Wrong = null);

/// <summary>Reads what people type, in whatever unit, so that every field understands the same.</summary>
internal static class TypedEndpoints
{
    private const int LongestTyped = 40;

    public static void MapTyped(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/typed/{kind}", ReadAsync).WithTags("Household").WithName("readTyped");

    private static async Task<Results<Ok<TypedView>, ValidationProblem>> ReadAsync(
        string kind,
        string text,
        House house,
        FigureMemory figures,
        CancellationToken cancellation
    )
    {
        if (!Enum.TryParse<TypedKind>(kind, true, out var asked) || !Enum.IsDefined(asked))
        {
            return Problems.At("kind", HouseErrors.NothingOfThisKind);
        }

        var time = await house.TimeAsync(cancellation);
        var read =
            text.Length > LongestTyped
                ? null
                : asked switch
                {
                    TypedKind.Time => TypedTime.Read(text) is { } clock ? new TypedView($"{clock:HH:mm:ss}", Say.Clock(clock)) : null,
                    TypedKind.Date => TypedDate.Read(text, time.Today) is { } date
                        ? new TypedView($"{date:yyyy-MM-dd}", Say.Date(date, time.Today))
                        : null,
                    TypedKind.Length => Of(TypedQuantity.Length(text), Say.Length),
                    TypedKind.Temperature => Of(TypedQuantity.Temperature(text), celsius => Say.Temperature(celsius, 1)),
                    _ => Of(TypedQuantity.Amount(text, figures.Current.Measures)?.Value, Say.Amount),
                };
        // Not a failed request: whatever was typed, the answer is what was understood of it.
        return TypedResults.Ok(
            read
                ?? new TypedView(
                    null,
                    null,
                    asked switch
                    {
                        TypedKind.Time => HouseErrors.WriteATimeLike,
                        TypedKind.Date => HouseErrors.WriteADateLike,
                        TypedKind.Length => HouseErrors.WriteALengthLike,
                        TypedKind.Temperature => HouseErrors.WriteATemperatureLike,
                        _ => HouseErrors.WriteAnAmountLike,
                    }
                )
        );
    }

    private static TypedView? Of(double? value, Func<double, string> written) =>
        value is { } number && double.IsFinite(number)
            ? new TypedView(Math.Round(number, 3).ToString("R", System.Globalization.CultureInfo.InvariantCulture), written(number))
            : null;
}

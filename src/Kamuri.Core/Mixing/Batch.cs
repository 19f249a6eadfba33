using System.Globalization;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>A mixture that was made: what it is, where it stands and what has been done with it.</summary>
public sealed record Batch
{
    public required Guid Id { get; init; }
    public required string Name { get; init; }
    public required Guid FormulaId { get; init; }
    public required DateTimeOffset MadeAt { get; init; }

    /// <summary>The household's date on which it was made.</summary>
    public required DateOnly MadeOn { get; init; }

    public required Millilitres Made { get; init; }
    public required Millilitres Left { get; init; }
    public required KeepRule Keep { get; init; }
    public Keeping KeptAt { get; init; }

    /// <summary>How much a frozen portion holds; null when it is kept in one piece.</summary>
    public Millilitres? Portion { get; init; }

    /// <summary>When it was put where it is now; null when it has stood there since it was made.</summary>
    public DateTimeOffset? MovedAt { get; init; }

    /// <summary>Was warm for too long before it was chilled.</summary>
    public bool ChilledLate { get; init; }

    /// <summary>The day it was taken out of the freezer for good; null when it never was frozen, or still is.</summary>
    public DateOnly? ThawedOn { get; init; }

    /// <summary>The last day it looked and smelt as it should; null when nobody looked.</summary>
    public DateOnly? LookedFineOn { get; init; }

    /// <summary>Looked or smelt wrong.</summary>
    public bool LooksWrong { get; init; }

    /// <summary>Thrown out or used up.</summary>
    public bool IsGone { get; init; }

    /// <summary>What a millilitre of it cost; null when nobody knows.</summary>
    public decimal? PricePerMl { get; init; }

    /// <summary>What all that was made of it cost, to the hundredth; null when nobody knows.</summary>
    public decimal? Cost => PricePerMl is { } price ? Math.Round(price * (decimal)Made.Value, 2) : null;

    /// <summary>Frozen portions that are left; null when it is not frozen, or in one piece.</summary>
    public int? Portions =>
        KeptAt == Keeping.Freezer && Portion is { Value: > 0 } portion ? (int)Math.Round(Left.Value / portion.Value) : null;

    /// <summary>A batch as it stands when it was just made.</summary>
    /// <param name="id">Its own.</param>
    /// <param name="made">What was made, and how much of it.</param>
    /// <param name="at">When.</param>
    /// <param name="on">The household's date then.</param>
    /// <param name="kitchen">What ingredients are.</param>
    public static Batch JustMade(Guid id, ScaledFormula made, DateTimeOffset at, DateOnly on, Kitchen kitchen)
    {
        var (formula, cost) = (made.Formula, Mixing.Cost.Of(made, kitchen));
        return new Batch
        {
            Id = id,
            Name = formula.Name,
            FormulaId = formula.Id,
            MadeAt = at,
            MadeOn = on,
            Made = made.Makes,
            Left = made.Makes,
            Keep = formula.Keep,
            KeptAt = formula.Keep.Best,
            PricePerMl = cost.Total > 0 ? cost.PerMl : null,
            ServesAs = formula.ServesAs,
            Facts = Larder.Made(formula, kitchen) with { Making = null },
        };
    }

    public IReadOnlyList<Substance> ServesAs { get; init; } = [];

    /// <summary>What rules need to know of what is in it.</summary>
    public required StepUse Facts { get; init; }
}

/// <summary>Whether a batch can be used.</summary>
public enum BatchState
{
    Good,
    LastDay,
    Frozen,
    Past,
    Spoiled,
    Gone,
}

/// <summary>How a batch stands.</summary>
/// <param name="State">Whether it can be used.</param>
/// <param name="UseBy">The last day; null when it does not keep where it stands.</param>
/// <param name="AtMost">The last day if it is looked at and smells as it should; never before <paramref name="UseBy"/>.</param>
/// <param name="Sentence">The same in words.</param>
/// <param name="MayBeLookedAt">On or past its day, but a look and a smell may give it some more.</param>
public sealed record BatchStanding(BatchState State, DateOnly? UseBy, DateOnly? AtMost, string Sentence, bool MayBeLookedAt = false)
{
    public bool CanBeUsed => State is BatchState.Good or BatchState.LastDay or BatchState.Frozen;
}

/// <summary>What becomes of a batch: how long it is good, and what happens when it is moved, looked at, taken from.</summary>
public static class BatchKeeping
{
    /// <summary>More portions than any ice tray has.</summary>
    public const int MostPortions = 48;

    /// <summary>How a batch stands at a moment.</summary>
    /// <param name="batch">The batch.</param>
    /// <param name="today">The household's date.</param>
    /// <param name="now">The moment, for what must not stand warm for hours.</param>
    /// <param name="figures">How long that is, and how long a look is good for.</param>
    public static BatchStanding Of(Batch batch, DateOnly today, DateTimeOffset now, MixtureFigures figures)
    {
        if (batch.IsGone || batch.Left.Value <= 0)
        {
            return new(BatchState.Gone, null, null, KitchenWords.UsedUpOrThrownOut);
        }

        if (batch.LooksWrong)
        {
            return new(BatchState.Spoiled, null, null, KitchenWords.ItLookedOrSmeltWrongThrow);
        }

        var stoodWarm =
            batch.KeptAt == Keeping.Room && batch.Keep.Room is null && now - (batch.MovedAt ?? batch.MadeAt) > figures.WarmAtMost;
        if (batch.ChilledLate || stoodWarm)
        {
            return new(BatchState.Spoiled, null, null, KitchenWords.ItStoodWarmForMoreThan($"{figures.WarmAtMost.TotalHours:0}"));
        }

        var (usual, most) = Days(batch, figures);
        if (batch.LookedFineOn is { } looked)
        {
            usual = Later(usual, Earlier(most, looked.AddDays(figures.LookGoodForDays)));
        }

        var state =
            batch.KeptAt == Keeping.Freezer && today <= usual ? BatchState.Frozen
            : today > usual ? BatchState.Past
            : today == usual ? BatchState.LastDay
            : BatchState.Good;
        return new(state, usual, most, Sentence(state, usual, most, today), today >= usual && usual < most && today <= most);
    }

    /// <summary>Puts a batch somewhere else.</summary>
    public static Batch Move(Batch batch, Keeping to, DateOnly today, DateTimeOffset now, MixtureFigures figures)
    {
        var stoodWarm =
            batch.KeptAt == Keeping.Room && batch.Keep.Room is null && now - (batch.MovedAt ?? batch.MadeAt) > figures.WarmAtMost;
        return batch with
        {
            KeptAt = to,
            MovedAt = now,
            ChilledLate = batch.ChilledLate || stoodWarm,
            ThawedOn = batch.KeptAt == Keeping.Freezer && to != Keeping.Freezer ? today : batch.ThawedOn,
        };
    }

    /// <summary>Freezes what is left in equal portions.</summary>
    /// <param name="portions">1 to <see cref="MostPortions"/>.</param>
    public static Batch Freeze(Batch batch, int portions, DateOnly today, DateTimeOffset now, MixtureFigures figures) =>
        Move(batch, Keeping.Freezer, today, now, figures) with
        {
            Portion = new Millilitres(batch.Left.Value / portions),
        };

    /// <summary>
    /// Takes portions out of the freezer. All of them: the batch itself is thawed. Some: they become a batch of their own, with a
    /// day of their own and their share of the cost, and the rest stays frozen.
    /// </summary>
    /// <param name="id">The id of that new batch.</param>
    /// <param name="portions">1 to what is left; a batch in one piece is one portion.</param>
    public static (Batch Batch, Batch? Thawed) Thaw(
        Batch batch,
        Guid id,
        int portions,
        DateOnly today,
        DateTimeOffset now,
        MixtureFigures figures
    )
    {
        if (portions >= (batch.Portions ?? 1))
        {
            return (Move(batch, Keeping.Fridge, today, now, figures) with { Portion = null }, null);
        }

        var amount = new Millilitres(batch.Portion!.Value.Value * portions);
        var thawed = Move(batch with { Id = id, Made = amount, Left = amount }, Keeping.Fridge, today, now, figures) with
        {
            Portion = null,
        };
        return (batch with { Left = new Millilitres(batch.Left.Value - amount.Value) }, thawed);
    }

    /// <summary>Into how many portions what is left is usually frozen, 1 to <see cref="MostPortions"/>.</summary>
    public static int UsualPortions(Batch batch, MixtureFigures figures) =>
        (int)Math.Clamp(Math.Round(batch.Left.Value / figures.FrozenPortion.Value), 1, MostPortions);

    /// <summary>Why a batch cannot be put somewhere; null when it can.</summary>
    public static string? WhyNot(Batch batch, Keeping to) =>
        to switch
        {
            Keeping.Freezer when batch.Keep.Freezer is null => KitchenWords.BatchCannotBeFrozen(batch.Name),
            Keeping.Freezer when batch.ThawedOn is not null => KitchenWords.DoNotFreezeItAgainAfter,
            _ => null,
        };

    /// <summary>What a step is told when it is done with this batch.</summary>
    public static StepUse AsUse(Batch batch, DateOnly today, DateTimeOffset now, MixtureFigures figures)
    {
        var standing = Of(batch, today, now, figures);
        return batch.Facts with
        {
            Name = KitchenWords.BatchMadeMadeOn(batch.Name, Say.Date(batch.MadeOn, today)),
            UseBy = standing.UseBy,
            KeptAsTold = standing.State != BatchState.Spoiled,
            InStock = batch.Left,
            ToMake = null,
            BatchId = batch.Id,
            IsFrozen = standing.State == BatchState.Frozen,
        };
    }

    private static (DateOnly Usual, DateOnly Most) Days(Batch batch, MixtureFigures figures)
    {
        if (batch.ThawedOn is { } thawed)
        {
            var day = thawed.AddDays(figures.ThawedDays);
            return (day, day);
        }

        var span = batch.Keep.At(batch.KeptAt) ?? new KeepSpan(0, 0);
        return (batch.MadeOn.AddDays(span.Days), batch.MadeOn.AddDays(span.AtMost));
    }

    private static string Sentence(BatchState state, DateOnly usual, DateOnly most, DateOnly today)
    {
        var left = usual.DayNumber - today.DayNumber;
        var day = Say.Date(usual, today);
        return state switch
        {
            BatchState.Frozen => KitchenWords.FrozenUseByDay(day),
            BatchState.Past when today <= most => KitchenWords.ExpiredDayIfItLooksAnd(day),
            BatchState.Past => KitchenWords.ExpiredDayThrowItOut(day),
            BatchState.LastDay => KitchenWords.UseItTodayLookAtIt,
            _ => left == 1 ? KitchenWords.UseByTomorrow : KitchenWords.GoodForLeftMoreDaysUntil($"{left}", day),
        };
    }

    private static DateOnly Later(DateOnly a, DateOnly b) => a > b ? a : b;

    private static DateOnly Earlier(DateOnly a, DateOnly b) => a < b ? a : b;
}

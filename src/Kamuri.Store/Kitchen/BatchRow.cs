using System.Text.Json;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Store.Kitchen;

/// <summary>A batch as it is kept. What it was made of stands with it, so that a formula changed later does not change the past.</summary>
public sealed class BatchRow
{
    public Guid Id { get; set; }
    public Guid FormulaId { get; set; }
    public string Name { get; set; } = "";
    public long MadeUtcTicks { get; set; }
    public DateOnly MadeOn { get; set; }
    public double MadeMillilitres { get; set; }
    public double LeftMillilitres { get; set; }

    /// <summary>Millilitres of a frozen portion; null when it is kept in one piece.</summary>
    public double? PortionMillilitres { get; set; }

    public Keeping KeptAt { get; set; }
    public long? MovedUtcTicks { get; set; }
    public bool ChilledLate { get; set; }
    public DateOnly? ThawedOn { get; set; }
    public DateOnly? LookedFineOn { get; set; }
    public bool LooksWrong { get; set; }

    /// <summary>The day it was thrown out or used up; null while it is there.</summary>
    public DateOnly? GoneOn { get; set; }

    public string? GoneWhy { get; set; }

    /// <summary>What it cost, in the household's own money, as far as prices were known.</summary>
    public decimal? Cost { get; set; }

    public string KeepJson { get; set; } = "";
    public string FactsJson { get; set; } = "";
    public string ServesAsJson { get; set; } = "[]";

    /// <summary>What went in, a line each.</summary>
    public string MadeOfJson { get; set; } = "[]";

    /// <summary>What making it took from shelf and fridge, so that it can be put back.</summary>
    public string TakenJson { get; set; } = "[]";

    /// <summary>How it stood before the last change, so that the change can be taken back; null when there is none.</summary>
    public string? BeforeJson { get; set; }

    public int Version { get; set; }

    public IReadOnlyList<MeasuredWords> MadeOf => Read<List<MeasuredWords>>(MadeOfJson);

    public Batch ToBatch() => new()
    {
        Id = Id,
        Name = Name,
        FormulaId = FormulaId,
        MadeAt = At(MadeUtcTicks),
        MadeOn = MadeOn,
        Made = new Millilitres(MadeMillilitres),
        Left = new Millilitres(LeftMillilitres),
        Keep = Read<KeepRule>(KeepJson),
        Portion = PortionMillilitres is { } portion ? new Millilitres(portion) : null,
        KeptAt = KeptAt,
        MovedAt = MovedUtcTicks is { } moved ? At(moved) : null,
        ChilledLate = ChilledLate,
        ThawedOn = ThawedOn,
        LookedFineOn = LookedFineOn,
        LooksWrong = LooksWrong,
        IsGone = GoneOn is not null,
        PricePerMl = Cost is { } cost && MadeMillilitres > 0 ? cost / (decimal)MadeMillilitres : null,
        ServesAs = Read<List<Substance>>(ServesAsJson),
        Facts = Read<StepUse>(FactsJson),
    };

    /// <summary>Takes what may change in a batch.</summary>
    public void Take(Batch batch)
    {
        (Name, LeftMillilitres, KeptAt, ChilledLate) = (batch.Name, batch.Left.Value, batch.KeptAt, batch.ChilledLate);
        (PortionMillilitres, MovedUtcTicks, ThawedOn, LookedFineOn, LooksWrong) = (batch.Portion?.Value, batch.MovedAt?.UtcTicks, batch.ThawedOn, batch.LookedFineOn, batch.LooksWrong);
        Version++;
    }

    /// <summary>Remembers how it stands, as the state to go back to.</summary>
    public void Remember() => BeforeJson = JsonSerializer.Serialize(
        new Standing(LeftMillilitres, PortionMillilitres, KeptAt, MovedUtcTicks, ChilledLate, ThawedOn, LookedFineOn, LooksWrong, GoneOn, GoneWhy), StoreJson.Options);

    /// <summary>Goes back to how it stood before the last change; false when there is nothing to go back to.</summary>
    public bool TakeBack()
    {
        if (BeforeJson is null)
        {
            return false;
        }

        var before = Read<Standing>(BeforeJson);
        (LeftMillilitres, PortionMillilitres, KeptAt, MovedUtcTicks) = (before.Left, before.Portion, before.KeptAt, before.Moved);
        (ChilledLate, ThawedOn, LookedFineOn, LooksWrong) = (before.ChilledLate, before.ThawedOn, before.LookedFineOn, before.LooksWrong);
        (GoneOn, GoneWhy, BeforeJson) = (before.GoneOn, before.GoneWhy, null);
        Version++;
        return true;
    }

    private sealed record Standing(
        double Left, double? Portion, Keeping KeptAt, long? Moved, bool ChilledLate, DateOnly? ThawedOn, DateOnly? LookedFineOn, bool LooksWrong, DateOnly? GoneOn, string? GoneWhy);

    public static BatchRow From(Batch batch, IReadOnlyList<MeasuredWords> madeOf)
    {
        var row = new BatchRow
        {
            Id = batch.Id,
            FormulaId = batch.FormulaId,
            MadeUtcTicks = batch.MadeAt.UtcTicks,
            MadeOn = batch.MadeOn,
            MadeMillilitres = batch.Made.Value,
            KeepJson = JsonSerializer.Serialize(batch.Keep, StoreJson.Options),
            FactsJson = JsonSerializer.Serialize(batch.Facts with { Making = null }, StoreJson.Options),
            ServesAsJson = JsonSerializer.Serialize(batch.ServesAs, StoreJson.Options),
            MadeOfJson = JsonSerializer.Serialize(madeOf, StoreJson.Options),
            Cost = batch.Cost,
        };
        row.Take(batch);
        return row;
    }

    private static DateTimeOffset At(long ticks) => new(ticks, TimeSpan.Zero);

    private static T Read<T>(string json) => JsonSerializer.Deserialize<T>(json, StoreJson.Options)
        ?? throw new InvalidOperationException("A batch in this file cannot be read.");
}

using System.Text.Json;
using Kamuri.Core.Mixing;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;
using Kamuri.Store.Documents;
using Kamuri.Store.Shelf;

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

    /// <summary>The ingredients, one line each.</summary>
    public string MadeOfJson { get; set; } = "[]";

    /// <summary>What making it took from shelf and fridge, so that it can be put back.</summary>
    public string TakenJson { get; set; } = "[]";

    /// <summary>How it stood before the last change, so that the change can be taken back; null when there is none.</summary>
    public string? BeforeJson { get; set; }

    public int Version { get; set; }

    public IReadOnlyList<MeasuredWords> MadeOf => Read<List<MeasuredWords>>(MadeOfJson);

    /// <summary>What making it took from shelf and fridge.</summary>
    public IReadOnlyList<PutIn> Taken
    {
        get => KitchenDocuments.ToPutIn(Read<List<StoredPutIn>>(TakenJson));
        set => TakenJson = JsonSerializer.Serialize(KitchenDocuments.ToStored(value), StoreJson.Options);
    }

    /// <exception cref="UnreadableDocumentException">No version wrote it like this.</exception>
    public Batch ToBatch() =>
        !Enum.IsDefined(KeptAt)
            ? throw new UnreadableDocumentException(DocumentWords.UnknownPlace)
            : new()
            {
                Id = Id,
                Name = Name,
                FormulaId = FormulaId,
                MadeAt = At(MadeUtcTicks),
                MadeOn = MadeOn,
                Made = new Millilitres(MadeMillilitres),
                Left = new Millilitres(LeftMillilitres),
                Keep = KitchenDocuments.Keeps.Read(KeepJson, KitchenDocuments.ToKeep),
                Portion = PortionMillilitres is { } portion ? new Millilitres(portion) : null,
                KeptAt = KeptAt,
                MovedAt = MovedUtcTicks is { } moved ? At(moved) : null,
                ChilledLate = ChilledLate,
                ThawedOn = ThawedOn,
                LookedFineOn = LookedFineOn,
                LooksWrong = LooksWrong,
                IsGone = GoneOn is not null,
                PricePerMl = Cost is { } cost && MadeMillilitres > 0 ? cost / (decimal)MadeMillilitres : null,
                ServesAs = Substances(Read<List<string>>(ServesAsJson)),
                Facts = KitchenDocuments.Facts.Read(FactsJson, KitchenDocuments.ToFacts),
            };

    /// <summary>Takes what may change in a batch.</summary>
    public void Take(Batch batch)
    {
        (Name, LeftMillilitres, KeptAt, ChilledLate) = (batch.Name, batch.Left.Value, batch.KeptAt, batch.ChilledLate);
        (PortionMillilitres, MovedUtcTicks, ThawedOn, LookedFineOn, LooksWrong) = (
            batch.Portion?.Value,
            batch.MovedAt?.UtcTicks,
            batch.ThawedOn,
            batch.LookedFineOn,
            batch.LooksWrong
        );
        Version++;
    }

    /// <summary>Remembers how it stands, as the state to go back to.</summary>
    public void Remember() =>
        BeforeJson = KitchenDocuments.Standings.Write(
            new StoredStanding(
                LeftMillilitres,
                PortionMillilitres,
                KeptAt.ToString(),
                MovedUtcTicks,
                ChilledLate,
                ThawedOn,
                LookedFineOn,
                LooksWrong,
                GoneOn,
                GoneWhy
            )
        );

    /// <summary>Goes back to how it stood before the last change; false when there is nothing to go back to.</summary>
    public bool TakeBack()
    {
        if (BeforeJson is null)
        {
            return false;
        }

        var (before, keptAt) = KitchenDocuments.Standings.Read(BeforeJson, stored => (stored, Enum.Parse<Keeping>(stored.KeptAt)));
        (LeftMillilitres, PortionMillilitres, KeptAt, MovedUtcTicks) = (before.Left, before.Portion, keptAt, before.Moved);
        (ChilledLate, ThawedOn, LookedFineOn, LooksWrong) = (before.ChilledLate, before.ThawedOn, before.LookedFineOn, before.LooksWrong);
        (GoneOn, GoneWhy, BeforeJson) = (before.GoneOn, before.GoneWhy, null);
        Version++;
        return true;
    }

    public static BatchRow From(Batch batch, IReadOnlyList<MeasuredWords> madeOf)
    {
        var row = new BatchRow
        {
            Id = batch.Id,
            FormulaId = batch.FormulaId,
            MadeUtcTicks = batch.MadeAt.UtcTicks,
            MadeOn = batch.MadeOn,
            MadeMillilitres = batch.Made.Value,
            KeepJson = KitchenDocuments.Keeps.Write(KitchenDocuments.ToStored(batch.Keep)),
            FactsJson = KitchenDocuments.Facts.Write(KitchenDocuments.ToStored(batch.Facts)),
            ServesAsJson = JsonSerializer.Serialize(KitchenDocuments.ToStored(batch.ServesAs), StoreJson.Options),
            MadeOfJson = JsonSerializer.Serialize(madeOf, StoreJson.Options),
            Cost = batch.Cost,
        };
        row.Take(batch);
        return row;
    }

    private static DateTimeOffset At(long ticks) => new(ticks, TimeSpan.Zero);

    private static IReadOnlyList<Substance> Substances(List<string> words)
    {
        try
        {
            return KitchenDocuments.ToSubstances(words);
        }
        catch (ArgumentException error)
        {
            throw new UnreadableDocumentException(DocumentWords.UnknownUse, error);
        }
    }

    private static T Read<T>(string json)
    {
        try
        {
            return JsonSerializer.Deserialize<T>(json, StoreJson.Options) ?? throw new UnreadableDocumentException(DocumentWords.IsEmpty);
        }
        catch (JsonException error)
        {
            throw new UnreadableDocumentException(DocumentWords.HoldsTheUnknown("batch"), error);
        }
    }
}

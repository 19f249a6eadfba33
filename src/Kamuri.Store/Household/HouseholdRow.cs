using Kamuri.Core.Composing;
using Kamuri.Core.Units;

namespace Kamuri.Store.Household;

/// <summary>The house: its air, its clock and what stands in it. One row.</summary>
public sealed class HouseholdRow
{
    public const int OnlyId = 1;

    public int Id { get; set; } = OnlyId;
    public double RoomCelsius { get; set; } = 22;
    public double HumidityShare { get; set; } = 0.5;
    public string TimeZone { get; set; } = TimeZoneInfo.Local.Id;

    /// <summary>How times of day are written; null until somebody, or the first browser, has said so.</summary>
    public ClockFormat? Clock { get; set; }

    public LengthUnit Lengths { get; set; }
    public TemperatureUnit Temperatures { get; set; }

    /// <summary>What amounts are written in on every screen.</summary>
    public AmountUnit Amounts { get; set; }

    /// <summary>ISO 4217, three letters; empty while nobody has said so.</summary>
    public string Currency { get; set; } = "";

    public DayOfWeek FirstDayOfWeek { get; set; } = DayOfWeek.Monday;

    public int PairsOfHands { get; set; } = 1;
    public int Showers { get; set; } = 1;
    public int Stoves { get; set; } = 1;
    public int Hoods { get; set; }
    public int Steamers { get; set; }

    /// <summary>A style with what this household has chosen.</summary>
    public WritingStyle In(WritingStyle style) =>
        style with
        {
            Clock = Clock ?? ClockFormat.TwentyFourHours,
            Lengths = Lengths,
            Temperatures = Temperatures,
            Amounts = Amounts,
        };

    public Room ToRoom() => new(new Celsius(RoomCelsius), new RelativeHumidity(HumidityShare));

    public Equipment ToEquipment() => new(PairsOfHands, Showers, Stoves, Hoods, Steamers);

    /// <summary>The household's time zone; the machine's own when the name is not known here.</summary>
    public TimeZoneInfo Zone => TimeZoneInfo.TryFindSystemTimeZoneById(TimeZone, out var zone) ? zone : TimeZoneInfo.Local;
}

using Kamuri.Core.Running;

namespace Kamuri.Core.Tests.Running;

/// <summary>Readings in a run: what a temperature means for skin, and how much was taken of what was planned.</summary>
public class ReadingTests
{
    private static readonly SessionPlan Plan = SessionPlan.From(Given.Plan(Given.Request())) with
    {
        Takings = [new SessionTaking("pre-poo", "Oil", null, null, 40, true)],
    };

    private static string Say(ReadingKind kind, double value, string? task = null) =>
        new TakenReading(Given.Noon, kind, value, task).Sentence(Plan);

    [Theory]
    [InlineData(43.5, "43.5\u00a0°C is too hot for skin. Let it cool, or add cool water.", true)]
    [InlineData(43, "43\u00a0°C is too warm for a mixture and the most for water. Wait a little and test it on your wrist.", true)]
    [InlineData(40, "40\u00a0°C is right for skin.", false)]
    [InlineData(36, "36\u00a0°C is right for skin.", false)]
    [InlineData(21.25, "21.3\u00a0°C is cool: good for the last rinse, too cool for the first.", false)]
    public void A_temperature_is_told_for_skin(double celsius, string sentence, bool warns)
    {
        Assert.Equal(sentence, Say(ReadingKind.Celsius, celsius));
        Assert.Equal(warns, new TakenReading(Given.Noon, ReadingKind.Celsius, celsius, null).Warns);
    }

    [Fact]
    public void A_weight_is_told_against_what_was_planned()
    {
        Assert.Equal("50 g: 125\u00a0% of the planned 40\u00a0ml.", Say(ReadingKind.Grams, 50, "pre-poo"));
        Assert.Equal("50 g.", Say(ReadingKind.Grams, 50, "rinse"));
    }

    [Theory]
    [InlineData(ReadingKind.Celsius, -6)]
    [InlineData(ReadingKind.Celsius, 106)]
    [InlineData(ReadingKind.Celsius, double.NaN)]
    [InlineData(ReadingKind.Grams, -1)]
    [InlineData(ReadingKind.Grams, 20_001)]
    public void What_cannot_be_read_is_refused_and_changes_nothing(ReadingKind kind, double value)
    {
        var started = new SessionStarted(Guid.NewGuid(), Given.Noon);
        var reading = new ReadingTaken(Guid.NewGuid(), Given.Noon, kind, value, null);
        Assert.Equal(RefusalKind.Invalid, SessionCommands.Check(Plan, SessionFold.Fold(Plan, [started]), reading, Given.Noon)!.Kind);
        Assert.Empty(SessionFold.Fold(Plan, [started, reading]).Readings);
    }

    [Fact]
    public void Readings_are_kept_in_order_and_can_be_taken_back()
    {
        var (one, two) = (
            new ReadingTaken(Guid.NewGuid(), Given.Noon.AddMinutes(1), ReadingKind.Celsius, 45, null),
            new ReadingTaken(Guid.NewGuid(), Given.Noon.AddMinutes(3), ReadingKind.Celsius, 39, "pre-poo")
        );
        SessionEvent[] events = [new SessionStarted(Guid.NewGuid(), Given.Noon), two, one];
        Assert.Equal([45, 39], SessionFold.Fold(Plan, events).Readings.Select(reading => reading.Value));
        Assert.Equal(
            [45.0],
            SessionFold
                .Fold(Plan, [.. events, new EventUndone(Guid.NewGuid(), Given.Noon.AddMinutes(4), two.Id)])
                .Readings.Select(reading => reading.Value)
        );
    }
}

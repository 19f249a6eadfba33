using Kamuri.Core.Physics;
using Kamuri.Core.Units;

namespace Kamuri.Web.Warmth;

/// <summary>A thermometer that can be put into a bowl.</summary>
internal interface IThermometerProbe
{
    double Speed { get; }

    /// <summary>Puts it into something.</summary>
    /// <param name="stood">How long that has been cooling, from <paramref name="from"/>.</param>
    void Place(Vessel vessel, Millilitres volume, Celsius from, Celsius around, double speed, TimeSpan stood);

    void TakeOut();

    /// <summary>What it shows; null when it is in nothing.</summary>
    Reading? Read();
}

/// <summary>
/// Stands in for a real probe: a bowl that cools a little faster than the figures say, as real bowls do, read to a tenth of a
/// degree with a little noise that is the same every time.
/// </summary>
internal sealed class SimulatedProbe(TimeProvider clock, Func<CoolingFigures> figures) : IThermometerProbe
{
    private const double FasterThanFigures = 1.18;
    private const double NoiseDegrees = 0.08;
    private readonly Lock _gate = new();
    private (DateTimeOffset Since, TimeSpan Stood, Celsius From, Celsius Around, double Rate)? _in;

    public double Speed { get; private set; } = 1;

    public void Place(Vessel vessel, Millilitres volume, Celsius from, Celsius around, double speed, TimeSpan stood)
    {
        lock (_gate)
        {
            Speed = speed;
            _in = (clock.GetUtcNow(), stood, from, around, Cooling.Rate(vessel, volume, figures()) * FasterThanFigures);
        }
    }

    public void TakeOut()
    {
        lock (_gate)
        {
            _in = null;
        }
    }

    public Reading? Read()
    {
        lock (_gate)
        {
            if (_in is not { } bowl)
            {
                return null;
            }

            // A stand-in that runs fast shows the moments its bowl has lived through.
            var lived = (clock.GetUtcNow() - bowl.Since) * Speed;
            var degrees = Cooling.After(lived + bowl.Stood, bowl.From, bowl.Around, bowl.Rate).Value;
            return new Reading(bowl.Since + lived, new Celsius(degrees + NoiseDegrees * Math.Sin(lived.TotalSeconds)));
        }
    }
}

namespace Kamuri.Web.Sessions;

/// <summary>The clock a session runs on: the house's own, or a rehearsal's that can be made faster at any time.</summary>
/// <param name="house">The clock on the wall.</param>
/// <param name="houseSpeed">How fast that one goes.</param>
/// <param name="begins">When a rehearsed day begins, whatever the wall says; null for a real one.</param>
internal sealed class SessionClock(TimeProvider house, double houseSpeed, DateTimeOffset? begins = null)
{
    public static readonly IReadOnlyList<double> Speeds = [1, 10, 60, 600];

    private readonly Lock _gate = new();
    private DateTimeOffset _houseAnchor = house.GetUtcNow();
    private DateTimeOffset _ownAnchor = begins?.ToUniversalTime() ?? house.GetUtcNow();
    private double _factor = 1;

    public bool CanChange => begins is not null;

    /// <summary>Session minutes per wall minute.</summary>
    public double Speed => _factor * houseSpeed;

    public double Factor => _factor;

    public DateTimeOffset Now
    {
        get
        {
            lock (_gate)
            {
                return _ownAnchor + (house.GetUtcNow() - _houseAnchor) * _factor;
            }
        }
    }

    public void Run(double factor)
    {
        lock (_gate)
        {
            var present = house.GetUtcNow();
            (_ownAnchor, _houseAnchor) = (_ownAnchor + (present - _houseAnchor) * _factor, present);
            _factor = factor;
        }
    }
}

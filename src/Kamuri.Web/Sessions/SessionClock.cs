namespace Kamuri.Web.Sessions;

/// <summary>The clock a session runs on: the house's own, or a rehearsal's that can be made faster at any time.</summary>
/// <param name="house">The clock on the wall.</param>
/// <param name="houseSpeed">How fast that one goes.</param>
/// <param name="begins">
/// When a rehearsed day begins, whatever the wall says; null for a real one. It stands there until it is started.
/// </param>
internal sealed class SessionClock(TimeProvider house, double houseSpeed, DateTimeOffset? begins = null)
{
    public static readonly IReadOnlyList<double> Speeds = [1, 10, 60, 600];

    private readonly Lock _gate = new();
    private DateTimeOffset _houseAnchor = house.GetUtcNow();
    private DateTimeOffset _ownAnchor = begins?.ToUniversalTime() ?? house.GetUtcNow();
    private double _factor = 1;
    private bool _stands = begins is not null;

    public bool CanChange => begins is not null;

    /// <summary>Session minutes per wall minute.</summary>
    public double Speed => Pace * houseSpeed;

    public double Factor => _factor;

    public DateTimeOffset Now
    {
        get
        {
            lock (_gate)
            {
                return _ownAnchor + (house.GetUtcNow() - _houseAnchor) * Pace;
            }
        }
    }

    private double Pace => _stands ? 0 : _factor;

    /// <summary>Begins to run, where it has not yet.</summary>
    public void Start() => Change(_factor, stands: false);

    /// <summary>Runs so many minutes a minute from now on; one that stands goes on standing.</summary>
    public void Run(double factor) => Change(factor, _stands);

    private void Change(double factor, bool stands)
    {
        lock (_gate)
        {
            var present = house.GetUtcNow();
            (_ownAnchor, _houseAnchor) = (_ownAnchor + (present - _houseAnchor) * Pace, present);
            (_factor, _stands) = (factor, stands);
        }
    }
}

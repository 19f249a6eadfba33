using Google.OrTools.Sat;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// What all that is tried for one plan may take together. It is counted, not measured: a busy machine changes the wait and never the
/// answer. A unit is a millisecond on a small computer with two cores, as nearly as what is counted tells; several searches may count
/// at once.
/// </summary>
public sealed class Effort
{
    /// <summary>For one plan, in units: what is not tried then leaves the best so far, and a longer search goes on from there.</summary>
    public const int Usual = 1350;

    /// <summary>Searches that go on at once, on a small computer.</summary>
    private const int Cores = 2;

    private const double Unit = 1e6;

    /// <summary>
    /// A way on from a moment of a day, for each row of what is known of it, keeping a moment, and holding one against another, in
    /// millionths of a unit.
    /// </summary>
    private static readonly (int Row, int Kept, int Compared) OfMoment = (75, 3_000, 33);

    /// <summary>Beginning a job in a day that is built, for each job of the day, in millionths of a unit.</summary>
    private const int Beginning = 50;

    /// <summary>
    /// A solver's search, in units: for each unit of its own deterministic time, choice and constraint, and for each constraint that is
    /// looked at before. Its own time leaves out what many constraints take.
    /// </summary>
    private static readonly (double Time, double Branch, double Constraint, double Presolved) OfSolver = (10_000, 0.055, 0.012, 0.05);

    /// <summary>
    /// The same beforehand, when the choices are not known: of the solver's own time, and how it grows with thousands of constraints.
    /// </summary>
    private static readonly (double Time, double Grows) Before = (11_000, 70);

    private readonly double _most;
    private long _spent;

    private Effort(double most) => _most = most;

    /// <summary>Units that were spent.</summary>
    public double Spent => Interlocked.Read(ref _spent) / Unit;

    /// <summary>Units that are left; none or more.</summary>
    public double Left => Math.Max(0, _most - Spent);

    /// <summary>So many units.</summary>
    public static Effort Of(double most) => new(most);

    /// <summary>As much as it takes.</summary>
    public static Effort Unlimited() => new(double.PositiveInfinity);

    /// <summary>
    /// One of several searches that go on at once, which may spend so much of what is left that all of them together keep to it.
    /// </summary>
    /// <param name="searches">How many.</param>
    public Effort OneOf(int searches) => new(Left * Cores / Math.Max(Cores, searches));

    /// <summary>Searches that went on at once were over when the longest was, and all of them had only so many cores.</summary>
    public void SpendBeside(IReadOnlyCollection<Effort> searches)
    {
        if (searches.Count > 0)
        {
            Interlocked.Add(ref _spent, Math.Max(searches.Max(each => each._spent), searches.Sum(each => each._spent) / Cores));
        }
    }

    /// <summary>So many units went elsewhere.</summary>
    public void Spend(double units)
    {
        BrokenOff.Check();
        Interlocked.Add(ref _spent, (long)(units * Unit));
    }

    /// <summary>Moments of a day were looked at.</summary>
    /// <param name="ways">Ways on from them that were tried.</param>
    /// <param name="kept">Those that were kept, if only for a while.</param>
    /// <param name="compared">How often one was held against another.</param>
    /// <param name="rows">What is known of a moment: how far things are at least from so many.</param>
    public void SpendOnMoments(long ways, long kept, long compared, int rows)
    {
        BrokenOff.Check();
        Interlocked.Add(ref _spent, (ways * rows * OfMoment.Row) + (kept * OfMoment.Kept) + (compared * OfMoment.Compared));
    }

    /// <summary>A day was built.</summary>
    /// <param name="begun">How often a job was begun in it.</param>
    /// <param name="jobs">Of the day.</param>
    public void SpendOnBuilding(long begun, int jobs)
    {
        BrokenOff.Check();
        Interlocked.Add(ref _spent, begun * jobs * Beginning);
    }

    /// <summary>Something was asked of the solver.</summary>
    /// <param name="solver">With what it did.</param>
    /// <param name="constraints">What it was asked.</param>
    /// <param name="isPresolved">They were looked at before.</param>
    internal void SpendOnSolver(CpSolver solver, int constraints, bool isPresolved)
    {
        if (solver.Response is { } did)
        {
            Spend(
                (OfSolver.Time * did.DeterministicTime)
                    + (OfSolver.Branch * did.NumBranches)
                    + ((OfSolver.Constraint + (isPresolved ? OfSolver.Presolved : 0)) * constraints)
            );
        }
    }

    /// <summary>The solver's own time, so much at most, in which a share of what is left is hardly exceeded; 0 for none.</summary>
    internal double OfSolverTime(double longest, int constraints, double share = 1)
    {
        var thousands = constraints / 1000.0;
        return Math.Min(longest, share * Left / (Before.Time + (Before.Grows * thousands * thousands)));
    }
}

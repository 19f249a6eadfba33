using System.Numerics;
using System.Runtime.InteropServices;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Scheduling;

/// <summary>When one head, or all of it, is done on many such days.</summary>
public sealed class Finishes
{
    private readonly double[] _sorted;

    internal Finishes(double[] ends)
    {
        _sorted = ends;
        Array.Sort(_sorted);
    }

    /// <summary>Half of all such days are done by then, in minutes from the start (P50).</summary>
    public double LikelyMinutes => At(0.5);

    /// <summary>Nine of ten are (P90).</summary>
    public double NineInTenMinutes => At(0.9);

    /// <summary>The share of days that are done by so many minutes from the start, 0 to 1.</summary>
    public double ChanceBy(double minutes)
    {
        var at = Array.BinarySearch(_sorted, minutes);
        at = at < 0 ? ~at : at;
        while (at < _sorted.Length && _sorted[at] <= minutes)
        {
            at++;
        }

        return _sorted.Length == 0 ? 1 : (double)at / _sorted.Length;
    }

    private double At(double share) => _sorted.Length == 0 ? 0 : _sorted[Math.Min(_sorted.Length - 1, (int)(_sorted.Length * share))];
}

/// <summary>How sure a finish is: durations drawn many times through the order of a schedule.</summary>
/// <param name="All">When everything is done.</param>
/// <param name="Strands">When each head is done.</param>
/// <param name="Critical">
/// The share of days on which a job was one of those the end waited for, by job, 0 to 1: what to be quicker with, and what not to
/// bother about.
/// </param>
public sealed record FinishForecast(
    Finishes All,
    IReadOnlyDictionary<string, Finishes> Strands,
    IReadOnlyDictionary<string, double> Critical
)
{
    /// <summary>Draws that are enough to place a plan by.</summary>
    public const int Rough = 400;

    /// <summary>Draws that are shown to a person.</summary>
    public const int Fine = 10_000;

    /// <summary>Draws of which what the end waited for is looked at; shares need no more.</summary>
    private const int Traced = 500;

    /// <summary>Draws that are done one after another; a multiple of what any vector holds.</summary>
    private const int Part = 1024;

    public double LikelyMinutes => All.LikelyMinutes;

    public double NineInTenMinutes => All.NineInTenMinutes;

    /// <summary>
    /// Draws log-normal durations for hands-on work through the fixed order; waits keep their length. What would come while somebody
    /// or something is away waits until they are back. The seed is fixed, so the same plan has the same forecast.
    /// </summary>
    /// <param name="schedule">The schedule.</param>
    /// <param name="problem">What it is a schedule of.</param>
    /// <param name="figures">How much times spread.</param>
    /// <param name="draws">How many days to draw.</param>
    public static FinishForecast Of(Schedule schedule, SchedulingProblem problem, HandsOnFigures figures, int draws = Rough)
    {
        var jobs = schedule.Placements;
        OrderedJob[] ordered = [.. jobs.Select(OrderedJob.Of)];
        var order = SettledOrder
            .Of(ordered, [.. problem.Links, .. schedule.Gaps], problem.Capacity, problem.Closures)
            .Around(ordered, problem.Links, problem.Absences, problem.Closures);
        var usual = jobs.Select(placed => (double)placed.Minutes).ToArray();
        var handsOn = jobs.Select(placed => placed.Job.IsHandsOn).ToArray();
        var notBefore = Waited(problem, jobs);
        var strands = jobs.Select(placed => placed.Job.Strand).Distinct().ToList();
        var strandOf = jobs.Select(placed => strands.IndexOf(placed.Job.Strand)).ToArray();
        var (all, ends) = (new double[draws], strands.Select(_ => new double[draws]).ToArray());
        var critical = new int[jobs.Count];

        // No day has to do with another: as many as a vector holds are timed at once, and parts of them on every thread there is.
        Parallel.For(0, (draws + Part - 1) / Part, part =>
        {
            var random = new SeededRandom(17, (long)part * Part * handsOn.Count(isHandsOn => isHandsOn));
            var (days, lanes, over) = (new SettledOrder.Days(order, notBefore), Vector<double>.Count, new Vector<double>[strands.Count]);
            var minutes = MemoryMarshal.Cast<Vector<double>, double>(days.Durations.AsSpan());
            for (var first = part * Part; first < Math.Min(draws, (part + 1) * Part); first += lanes)
            {
                for (var lane = 0; lane < lanes; lane++)
                {
                    for (var job = 0; job < usual.Length; job++)
                    {
                        minutes[(job * lanes) + lane] = handsOn[job]
                            ? usual[job] * Math.Exp(figures.Spread * random.NextNormal())
                            : usual[job];
                    }
                }

                var last = days.Time();
                Array.Clear(over);
                for (var job = 0; job < usual.Length; job++)
                {
                    over[strandOf[job]] = Vector.Max(over[strandOf[job]], days.Starts[job] + days.Durations[job]);
                }

                for (var (lane, draw) = (0, first); lane < lanes && draw < draws; (lane, draw) = (lane + 1, draw + 1))
                {
                    all[draw] = last[lane];
                    for (var strand = 0; strand < over.Length; strand++)
                    {
                        ends[strand][draw] = over[strand][lane];
                    }

                    if (draw < Traced)
                    {
                        days.Trace(lane, job => Interlocked.Increment(ref critical[job]));
                    }
                }
            }
        });

        return new FinishForecast(
            new Finishes(all),
            strands.Zip(ends).ToDictionary(pair => pair.First, pair => new Finishes(pair.Second)),
            jobs.Select((placed, at) => (placed.Job.Id, Share: (double)critical[at] / Math.Max(1, Math.Min(draws, Traced))))
                .ToDictionary(pair => pair.Id, pair => pair.Share)
        );
    }

    /// <summary>Earliest starts by position: where the day begins, and what waits for somebody to get up.</summary>
    private static double[] Waited(SchedulingProblem problem, IReadOnlyList<Placement> jobs)
    {
        var notBefore = new double[jobs.Count];
        if (jobs.Count > 0)
        {
            Array.Fill(notBefore, jobs.Min(placed => placed.Start));
        }

        for (var at = 0; at < jobs.Count; at++)
        {
            notBefore[at] = problem.HeldBackBySleep(jobs[at]) ? jobs[at].Start : notBefore[at];
        }

        return notBefore;
    }
}

/// <summary>
/// A small generator that gives the same draws everywhere (SplitMix64), because System.Random may change between versions.
/// </summary>
internal sealed class SeededRandom
{
    private const ulong Step = 0x9E3779B97F4A7C15;

    private ulong _state;
    private double? _spare;

    /// <param name="seed">Where it begins.</param>
    /// <param name="skipped">Normal draws that are left out, as if they had been taken.</param>
    public SeededRandom(ulong seed, long skipped = 0)
    {
        // Each of a pair of them takes a step.
        _state = seed + ((ulong)(skipped / 2 * 2) * Step);
        if (skipped % 2 > 0)
        {
            NextNormal();
        }
    }

    /// <summary>A draw from the standard normal distribution; they come in pairs.</summary>
    public double NextNormal()
    {
        if (_spare is { } spare)
        {
            _spare = null;
            return spare;
        }

        var (radius, angle) = (Math.Sqrt(-2 * Math.Log(NextUnit())), 2 * Math.PI * NextUnit());
        var (sin, cos) = Math.SinCos(angle);
        _spare = radius * sin;
        return radius * cos;
    }

    /// <summary>Above 0, at most 1.</summary>
    private double NextUnit()
    {
        _state += Step;
        var z = _state;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        z ^= z >> 31;
        return ((z >> 11) + 1) * (1.0 / (1UL << 53));
    }
}

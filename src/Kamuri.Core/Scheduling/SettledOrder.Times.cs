using System.Numerics;
using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling;

/// <summary>When an order lets everything begin.</summary>
public sealed partial class SettledOrder
{
    /// <summary>How often times are put right for what has to go on soon. What is not settled by then does not settle.</summary>
    private const int MostPasses = 4;

    /// <summary>Times every job: as early as everything before it allows.</summary>
    /// <param name="durations">Minutes by position.</param>
    /// <param name="starts">Receives start minutes by position.</param>
    /// <param name="notBefore">Earliest start by position; null for zero everywhere.</param>
    /// <param name="pinned">Positions whose start is exactly <paramref name="notBefore"/>, because it has happened.</param>
    /// <returns>The last end.</returns>
    public double Time(
        ReadOnlySpan<double> durations,
        Span<double> starts,
        ReadOnlySpan<double> notBefore = default,
        ReadOnlySpan<bool> pinned = default
    )
    {
        var days = new Days(this, notBefore, pinned);
        for (var at = 0; at < durations.Length; at++)
        {
            days.Durations[at] = new Vector<double>(durations[at]);
        }

        var last = days.Time();
        for (var at = 0; at < starts.Length; at++)
        {
            starts[at] = days.Starts[at][0];
        }

        return last[0];
    }

    /// <summary>Several days in one order, timed at once, one in each lane of a vector: none has to do with another.</summary>
    /// <param name="order">The order.</param>
    /// <param name="notBefore">Earliest start by position; null for zero everywhere.</param>
    /// <param name="pinned">Positions whose start is exactly <paramref name="notBefore"/>, because it has happened.</param>
    internal sealed class Days(SettledOrder order, ReadOnlySpan<double> notBefore = default, ReadOnlySpan<bool> pinned = default)
    {
        // Vectors are as wide as the machine has them, so this is compiled there; at once and as well as can be, because it is run
        // thousands of times.
        private const MethodImplOptions AtOnce = MethodImplOptions.AggressiveOptimization;

        private readonly Vector<double>[] _asked = InEach(notBefore, order._order.Length);
        private readonly Vector<double>[] _later = new Vector<double>[order._order.Length];
        private readonly Vector<double>[] _early = new Vector<double>[order._order.Length];
        private readonly bool[] _pinned = pinned.IsEmpty ? new bool[order._order.Length] : pinned.ToArray();

        /// <summary>Minutes by position.</summary>
        public Vector<double>[] Durations { get; } = new Vector<double>[order._order.Length];

        /// <summary>Start minutes by position, once they are timed.</summary>
        public Vector<double>[] Starts { get; } = new Vector<double>[order._order.Length];

        /// <summary>Times every job: as early as everything before it allows.</summary>
        /// <returns>The last ends.</returns>
        [MethodImpl(AtOnce)]
        public Vector<double> Time()
        {
            var last = Pass(Starts, _asked);
            if (order._soon.Length == 0)
            {
                return last;
            }

            _asked.CopyTo(_later);
            var isOpen = Vector<long>.Zero;
            for (var pass = 0; pass < MostPasses; pass++)
            {
                isOpen = BeginLater();
                if (isOpen == Vector<long>.Zero)
                {
                    return last;
                }

                last = Pass(Starts, _later);
            }

            // Where the order leaves no room for it: then as early as can be.
            var soonest = Pass(_early, _asked);
            for (var at = 0; at < Starts.Length; at++)
            {
                Starts[at] = Vector.ConditionalSelect(isOpen, _early[at], Starts[at]);
            }

            return Vector.ConditionalSelect(isOpen, soonest, last);
        }

        /// <summary>Holds back what would have to go on sooner than it can. Where there was any.</summary>
        [MethodImpl(AtOnce)]
        private Vector<long> BeginLater()
        {
            var close = new Vector<double>(1e-6);
            var any = Vector<long>.Zero;
            foreach (var (from, to, most, longest) in order._soon)
            {
                if (_pinned[from])
                {
                    continue;
                }

                var start = Starts[to] - new Vector<double>(most) - Vector.Max(Durations[from], new Vector<double>(longest));
                var isLater =
                    Vector.GreaterThan(start, Vector.Max(Starts[from], _later[from]) + close)
                    & Vector.GreaterThan(Durations[from], Vector<double>.Zero)
                    & Vector.GreaterThan(Durations[to], Vector<double>.Zero);
                _later[from] = Vector.ConditionalSelect(isLater, start, _later[from]);
                any |= isLater;
            }

            return any;
        }

        [MethodImpl(AtOnce)]
        private Vector<double> Pass(Vector<double>[] starts, Vector<double>[] notBefore)
        {
            var (last, around) = (Vector<double>.Zero, order._around);
            foreach (var at in order._order)
            {
                var start = notBefore[at];
                if (!_pinned[at])
                {
                    foreach (var (from, gap) in order._before[at])
                    {
                        start = Vector.Max(start, starts[from] + Durations[from] + new Vector<double>(gap));
                    }

                    start = around is null ? start : Clear(around[at], start, Durations[at]);
                }

                starts[at] = start;
                last = Vector.Max(last, start + Durations[at]);
            }

            return last;
        }

        /// <summary>The first minute from a start on at which a job may begin. What takes no time is never in the way.</summary>
        [MethodImpl(AtOnce)]
        private static Vector<double> Clear(Unavailable[] around, Vector<double> start, Vector<double> minutes)
        {
            foreach (var each in around)
            {
                var (from, to) = (new Vector<double>(each.From), new Vector<double>(each.To));
                var isIn =
                    Vector.LessThan(start, to)
                    & Vector.GreaterThan(minutes, Vector<double>.Zero)
                    & (each.Whole ? Vector.GreaterThan(start + minutes, from) : Vector.GreaterThanOrEqual(start, from));
                start = Vector.ConditionalSelect(isIn, to, start);
            }

            return start;
        }

        private static Vector<double>[] InEach(ReadOnlySpan<double> minutes, int count)
        {
            var each = new Vector<double>[count];
            for (var at = 0; at < minutes.Length; at++)
            {
                each[at] = new Vector<double>(minutes[at]);
            }

            return each;
        }

        /// <summary>Follows the chain of jobs that each made the next one wait, from the last end backwards.</summary>
        /// <param name="lane">Which of the days.</param>
        /// <param name="visit">Called with each position on the chain.</param>
        public void Trace(int lane, Action<int> visit)
        {
            const double close = 1e-9;
            var at = -1;
            foreach (var each in order._order)
            {
                at = at < 0 || End(each) > End(at) ? each : at;
            }

            while (at >= 0)
            {
                visit(at);
                var next = -1;
                foreach (var (from, gap) in order._before[at])
                {
                    next = next < 0 && End(from) + gap >= Starts[at][lane] - close ? from : next;
                }

                at = next;
            }

            double End(int job) => Starts[job][lane] + Durations[job][lane];
        }
    }
}

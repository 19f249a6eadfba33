using static Kamuri.Core.Scheduling.Attempts;

namespace Kamuri.Core.Scheduling;

/// <summary>What becomes of the others where the last of several heads is late for the hour of all.</summary>
internal sealed partial class SeveralHeads
{
    /// <summary>Looking for less lateness of the others, where the last is late anyway.</summary>
    private const double Each = 0.006;

    /// <summary>What is known, where nothing is looked for that ends sooner.</summary>
    private Schedule? Ended() => _asked is { IsEndKnown: true, Known: { } known } ? known.Of(_asked) : null;

    /// <summary>
    /// Where the last of several heads is late for the hour of all, the others need not be so because of it: the same end, each of them
    /// as little late as a short look finds and, where that is the last word, as late a beginning as that leaves.
    /// </summary>
    private Schedule EachLessLate(Schedule schedule)
    {
        if (_problem is { IsEndKnown: true, HasOneHour: false, MayBeginLater: true })
        {
            var later = BegunLater(schedule, _problem with { Deadline = schedule.Span, Known = null });
            return schedule with { Placements = later.Placements, Span = later.Span, Gaps = later.Gaps };
        }

        var heads = schedule.Placements.Select(placed => placed.Job.With).OfType<string>().Distinct().ToList();
        var late =
            !_problem.HasOneHour || Breaks.Missing(schedule, _problem) > 0
                ? 0
                : heads.Count(head => schedule.EndOf(head) > _problem.Deadline);
        if (late < (_problem.IsEndKnown ? 1 : 2))
        {
            return schedule;
        }

        var each = _problem with
        {
            Deadline = schedule.Span,
            Deadlines = heads.ToDictionary(head => head, _ => _problem.Deadline!.Value),
            Known = null,
        };
        var best = late > 1 ? LessLate(schedule, each) : schedule;
        best = _problem is { IsEndKnown: true, MayBeginLater: true } ? BegunLater(best, each) : best;
        return schedule with { Placements = best.Placements, Span = best.Span, Gaps = best.Gaps };
    }

    private Schedule LessLate(Schedule schedule, SchedulingProblem each)
    {
        var attempts = new Attempts(each, _rests, IsLarge(each), _effort);
        attempts.TryOrder(schedule);
        if (!IsLarge(each))
        {
            attempts.TryLeastLate(Each, Way.Thorough);
        }
        else
        {
            attempts.TryBeamsWithin(each.Pairs.Count == 1 ? WithinHour : WithinHourOfSeveral);
        }

        return attempts.Finished() is { } found && found.Span <= schedule.Span && Worth.Late(found, each) < Worth.Late(schedule, each)
            ? found
            : schedule;
    }

    /// <summary>
    /// The same with nobody later, begun as late as is found: what is built from its beginning is begun as soon as can be, and that is
    /// in the night where the hour is early. Who is in time keeps the waits as usual.
    /// </summary>
    private Schedule BegunLater(Schedule schedule, SchedulingProblem each)
    {
        var hours = each.Deadlines.ToDictionary(own => own.Key, own => Math.Max(own.Value, schedule.EndOf(own.Key)));
        var attempts = new Attempts(each with { Deadlines = hours }, _rests, IsLarge(each), _effort);
        attempts.TryOrder(schedule);
        attempts.TryBeamsTowards(_ways.Backwards, [.. hours.Where(own => own.Value == each.Deadlines[own.Key]).Select(own => own.Key)]);
        return attempts.Finished() is { } later && later.Span <= schedule.Span && Worth.Late(later, each) <= Worth.Late(schedule, each)
            ? later
            : schedule;
    }
}

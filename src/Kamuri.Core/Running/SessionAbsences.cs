using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Running;

/// <summary>Somebody or something that is needed in a time it cannot be had.</summary>
/// <param name="Away">That time.</param>
/// <param name="Until">Until when it is needed.</param>
public sealed record NeededWhileAway(NotThere Away, DateTimeOffset Until);

/// <summary>Who and what is away during a session: what the rest is timed around, and what is said where it cannot be.</summary>
public static class SessionAbsences
{
    /// <summary>Who is away, in minutes from a moment on.</summary>
    public static IReadOnlyList<Absence> Of(SessionPlan plan, DateTimeOffset zero) =>
        [
            .. plan
                .NotThere.Where(each => each.Who is not null && !(each.To <= zero))
                .Select(each => new Absence(each.Who!, From(each, zero), each.To is { } to ? Until(to, zero) : Absence.ForGood)
                {
                    IsAsleep = each.IsAsleep,
                }),
        ];

    /// <summary>What others have taken, in minutes from a moment on.</summary>
    public static IReadOnlyList<Closure> Taken(SessionPlan plan, DateTimeOffset zero) =>
        [
            .. plan
                .NotThere.Where(each => each is { What: not null, To: not null } && each.To > zero)
                .Select(each => new Closure(each.What!.Value, From(each, zero), Until(each.To!.Value, zero), each.Left)),
        ];

    /// <summary>What keeps a task from being begun at a moment, the longest of it; null for nothing.</summary>
    public static NotThere? Keeping(SessionPlan plan, SessionTask task, DateTimeOffset moment) =>
        plan
            .NotThere.Where(each =>
                !each.IsAsleep && each.To is not null && Needs(plan, task, each) && each.From <= moment && moment < each.To
            )
            .MaxBy(each => each.To);

    /// <summary>"Ada is not there before 15:00.", "The shower is taken until 17:30."</summary>
    public static string Sentence(SessionPlan plan, NotThere away, DateTimeOffset now) =>
        away.What is { } thing
            ? RunWords.TheThingIsInUseUntil(EquipmentNames.Of(thing), Say.Clock(away.To!.Value, now))
            : (
                away.Who == HelpingHands.Own
                    ? RunWords.YouAreAwayUntil(Say.Clock(away.To!.Value, now))
                    : RunWords.NameIsAwayUntil(Name(plan, away.Who!), Say.Clock(away.To!.Value, now))
            );

    /// <summary>Who has to be worked on, or work, while they are away: the first time it comes to that for each.</summary>
    public static IReadOnlyList<NeededWhileAway> Needed(
        SessionPlan plan,
        SessionState state,
        IReadOnlyDictionary<string, TaskTimes> times,
        DateTimeOffset now
    )
    {
        if (plan.NotThere.Count == 0)
        {
            return [];
        }

        var left = plan.Tasks.Where(task => !state.Task(task.Id).IsOver).ToList();
        return
        [
            .. plan
                .NotThere.Where(each => !each.IsAsleep && !(each.To <= now))
                .OrderBy(each => each.From)
                .Select(each =>
                    (
                        each,
                        over: left.Where(task =>
                                Needs(plan, task, each)
                                && times[task.Id].End > each.From.AddMinutes(Worth)
                                && !(times[task.Id].Start >= each.To)
                            )
                            .ToList()
                    )
                )
                .Where(pair => pair.over.Count > 0)
                .DistinctBy(pair => (pair.each.Who, pair.each.What))
                .Select(pair => new NeededWhileAway(pair.each, pair.over.Max(task => times[task.Id].End))),
        ];
    }

    /// <summary>"Ada is not there from 20:30, and worked on until 20:52."</summary>
    public static string Sentence(SessionPlan plan, NeededWhileAway needed, DateTimeOffset now)
    {
        var (from, until) = (Say.Clock(needed.Away.From, now), Say.Clock(needed.Until, now));
        return needed.Away.What is { } thing ? RunWords.TheThingIsNeededUntilUntil(EquipmentNames.Of(thing), from, until)
            : needed.Away.Who == HelpingHands.Own ? RunWords.YouAreNeeded(from, until)
            : plan.FindHead(needed.Away.Who) is { } head ? RunWords.HeadIsNeeded(head.Name, from, until)
            : RunWords.NameIsNeeded(needed.Away.Who!, from, until);
    }

    /// <summary>A minute or two over is nobody's trouble.</summary>
    private const double Worth = 2;

    // Where one is left, the order of the day says who has it.
    private static bool Needs(SessionPlan plan, SessionTask task, NotThere away) =>
        away.What is { } thing
            ? away.Left == 0 && task.Uses.Contains(thing)
            : task.IsHandsOn && (plan.FindHead(away.Who) is { } head ? task.Strand == head.Key : task.By is null || task.By == away.Who);

    private static string Name(SessionPlan plan, string who) => plan.FindHead(who)?.Name ?? who;

    private static int From(NotThere away, DateTimeOffset zero) => Math.Max(0, (int)Math.Floor((away.From - zero).TotalMinutes));

    private static int Until(DateTimeOffset to, DateTimeOffset zero) => (int)Math.Ceiling((to - zero).TotalMinutes);
}

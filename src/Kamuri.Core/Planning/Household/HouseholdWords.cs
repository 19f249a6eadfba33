using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Planning.Household;

/// <summary>Says in plain sentences what was computed for a household.</summary>
public static class HouseholdWords
{
    /// <summary>What begins so soon begins when it was asked to.</summary>
    private static readonly TimeSpan AtOnce = TimeSpan.FromMinutes(5);

    /// <summary>When it begins and ends, for whom, how sure that is, and whether anything could be quicker.</summary>
    public static string Finish(HouseholdPlan plan)
    {
        var hands = plan.Request.Hands.Count == 1 ? "one pair of hands" : "two pairs of hands";
        var done = plan.Heads.Select(head => head.Plan).OrderBy(each => each.End).ToList();
        var ends = done.Select(
                (each, at) => $"{each.Request.Head.Name} at {PlanWords.Clock(each.End, at == 0 ? plan.Start : done[at - 1].End)}"
            )
            .ToList();
        return string.Join(
            ' ',
            $"Start at {PlanWords.Clock(plan.Start, plan.Request.When.Wall(plan.Request.When.Now))}{Later(plan)}; done: {PlanWords.All(ends)}. Nine times in ten all by {PlanWords.Clock(plan.NineInTenBy, plan.End)}.",
            string.Join(
                ' ',
                Change(plan)
                    .Concat(Tight(plan))
                    .Concat(
                        plan.WithoutRest.Select(each =>
                                $"{HelpingHands.GoesOn(each.Who)} {PlanWords.Spell(each.Minutes)} in one go; no place for a break was found there."
                            )
                            .Prepend(Best(plan, hands))
                            .Concat(InOneGo(plan))
                    )
            )
        );
    }

    /// <summary>Why it does not begin when it was asked to; empty where it does, or where it was asked for by an hour.</summary>
    private static string Later(HouseholdPlan plan)
    {
        var (request, when) = (plan.Request, plan.Request.When);
        var asked = when.StartAt is { } at && at > when.Now ? at : when.Now;
        if (when.ReadyBy is not null || plan.Start - asked < AtOnce)
        {
            return "";
        }

        var reasons = new (bool Is, string Word)[]
        {
            (
                request.Taken.Count > 0
                    || request.Heads.Any(head => head.Present.Count > 0)
                    || request.Hands.Any(hands => hands.Away.Count > 0),
                "who and what is there when"
            ),
            (plan.Heads.Any(head => head.Wanted is not null), "their hours"),
            (plan.Tasks.Any(task => task.IsOvernight), "the night"),
        };
        var words = reasons.Where(reason => reason.Is).Select(reason => reason.Word).ToList();
        return words.Count == 0 ? "" : $", not at {PlanWords.Clock(when.Wall(asked), plan.Start)}, to suit {PlanWords.All(words)}";
    }

    private static IEnumerable<string> Change(HouseholdPlan plan) =>
        ClockChange.Sentence(plan.Request.When, plan.Start, plan.End) is { } change ? [change] : [];

    /// <summary>Who is in time as planned, and on most such days is not.</summary>
    private static IEnumerable<string> Tight(HouseholdPlan plan)
    {
        var names = plan
            .Heads.Where(head => head is { Wanted: { } wanted, ChanceInTime: < 0.5 } && head.Plan.End <= wanted)
            .Select(head => head.Plan.Request.Head.Name)
            .ToList();
        if (plan.MinutesLate <= 0 && names.Count > 0)
        {
            yield return $"It fits, but tightly: on most such days {PlanWords.All(names)} {(names.Count == 1 ? "is" : "are")} later.";
        }
    }

    /// <summary>
    /// What only somebody who stops between two sections can rest in. How long that takes is theirs to say, so it is in no time of the
    /// plan.
    /// </summary>
    private static IEnumerable<string> InOneGo(HouseholdPlan plan)
    {
        if (plan.InOneGo.Count > 0)
        {
            var work = PlanWords.All([
                .. plan.InOneGo.Select(each => $"{each.What.ToLowerInvariant()} on {each.Head} ({PlanWords.Spell(each.Minutes)})"),
            ]);
            yield return $"Long at one go: {work}. Rest there between two sections; these times leave none for it.";
        }
    }

    /// <summary>
    /// How far from the best there is. A day that is placed towards an hour, or around a night, could be earlier but not shorter; and one
    /// that cannot be in time as it comes is the best for those hours, whenever the last of it ends.
    /// </summary>
    private static string Best(HouseholdPlan plan, string hands) =>
        (plan.Proven, plan.BeginsAtWill) switch
        {
            _ when plan is { MinutesLate: > 0, IsSure: true } => $"No plan is less late with {hands}.",
            _ when plan is { MinutesLate: > 0, LeastLate: >= 1 and var least } =>
                $"No plan is less than {PlanWords.Spell(least)} late with {hands}{(plan is { Request.HasOneHour: false, Heads.Count: > 1 } ? ", all heads added up" : "")}; this one is {PlanWords.Spell(plan.MinutesLate)}.",
            _ when plan is { MinutesLate: <= 0, MinutesShortened: > 0 } => Shortened(plan, hands),
            (true, false) => $"No plan can finish sooner with {hands}.",
            (true, true) => $"No plan is shorter with {hands}.",
            (false, false) =>
                $"No plan can finish before {PlanWords.Clock(plan.NotBefore, plan.End)}; this one finishes at {PlanWords.Clock(plan.End)}.",
            (false, true) =>
                $"No plan is shorter than {PlanWords.Spell((plan.NotBefore - plan.Start).TotalMinutes)}; this one takes {PlanWords.Spell(plan.Minutes)}.",
        };

    /// <summary>How sure it is of a plan that is in time with waits shortened that they have to be.</summary>
    private static string Shortened(HouseholdPlan plan, string hands) =>
        plan switch
        {
            { Proven: false } => "In time; whether its waits can be kept closer to usual was not proven.",
            { MayBeCloser: false } => $"No plan that is in time keeps its waits closer to usual with {hands}.",
            { IsGentle: true } =>
                $"No plan is in time with {hands} and all waits as usual; here none goes more than halfway to its shortest. Shortening fewer minutes might do.",
            _ =>
                $"No plan is in time with {hands} unless some wait goes more than halfway to its shortest. Shortening fewer minutes might do.",
        };

    /// <summary>What is said of a day that starts, or has work for hands, while people sleep; null of another.</summary>
    public static string? Night(HouseholdPlan plan) =>
        plan.StartsInTheNight
            ? $"To be {(plan.MinutesLate > 0 ? "less late for" : "ready by")} {PlanWords.Clock(plan.Heads.Max(head => head.Wanted)!.Value, plan.End)} it starts at {PlanWords.Clock(plan.Start)}, while people sleep."
            : plan.NightWork?.Sentence(plan.Start);

    /// <summary>"Likely done by 17:40, in time nine times in ten." for one head.</summary>
    /// <param name="head">Whose.</param>
    /// <param name="begins">When the day begins: other days than that are named.</param>
    public static string Of(HeadPlan head, DateTimeOffset begins)
    {
        var name = head.Plan.Request.Head.Name;
        return head is { Wanted: { } wanted, ChanceInTime: { } chance }
            ? $"{name} is likely done by {PlanWords.Clock(head.LikelyBy, begins)}; to be dry by {PlanWords.Clock(wanted, head.LikelyBy)} has a chance of {Percent(chance)}."
            : $"{name} is likely done by {PlanWords.Clock(head.LikelyBy, begins)}, nine times in ten by {PlanWords.Clock(head.NineInTenBy, head.LikelyBy)}.";
    }

    /// <summary>What the end waits for most.</summary>
    internal static string Bottleneck(HouseholdDay day, List<PlannedTask> tasks, FinishForecast forecast)
    {
        // Minutes on the way to the end, by what holds them: somebody's hands, or a wait.
        var ways = tasks
            .Select(task => (task, minutes: forecast.Critical[task.Id] * (task.End - task.Start).TotalMinutes))
            .Where(pair => pair.minutes > 0)
            .ToList();
        var all = ways.Sum(pair => pair.minutes);
        if (all <= 0)
        {
            return "";
        }

        var hands = ways.Where(pair => pair.task.By is not null)
            .GroupBy(pair => pair.task.By!)
            .Select(group => (HelpingHands.Whose(group.Key), minutes: group.Sum(pair => pair.minutes)));
        var waits = ways.Where(pair => pair.task.By is null)
            .Select(pair => ($"{pair.task.Title.ToLowerInvariant()}{Whose(day, pair.task)}{Under(pair.task)}", pair.minutes));
        var (what, most) = hands.Concat(waits).MaxBy(pair => pair.minutes);
        return $"The end waits most for {what}: {PlanWords.Spell(most)} of the {PlanWords.Spell(all)} that cannot be shorter.";
    }

    private static string Whose(HouseholdDay day, PlannedTask task) =>
        task.Strand == PlannedTask.KitchenStrand ? "" : $" on {day.Heads.First(head => head.Key == task.Strand).Request.Head.Name}";

    private static string Under(PlannedTask task) =>
        task.Uses.FirstOrDefault(each => each is Resource.Steamer or Resource.Hood) switch
        {
            Resource.Steamer => " under the steamer",
            Resource.Hood => " under the hood",
            _ => "",
        };

    private static string Percent(double share) =>
        share >= 0.995 ? "over 99 %"
        : share <= 0.005 ? "under 1 %"
        : $"{share * 100:0} %";
}

using Kamuri.Core.Figures;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Planning.Household;

/// <summary>Says in plain sentences what was computed for a household.</summary>
public static class HouseholdSentences
{
    /// <summary>What begins so soon begins when it was asked to.</summary>
    private static readonly TimeSpan AtOnce = TimeSpan.FromMinutes(5);

    /// <summary>When it begins, who is done when, and by when everybody almost certainly is.</summary>
    public static string Finish(HouseholdPlan plan)
    {
        var done = plan.Heads.Select(head => head.Plan).OrderBy(each => each.End).ToList();
        var ends = done.Select(
                (each, at) =>
                    HouseholdWords.NameAtTime(each.Request.Head.Name, Say.Clock(each.End, at == 0 ? plan.Start : done[at - 1].End))
            )
            .ToList();
        var start = Say.Clock(plan.Start, plan.Request.When.Wall(plan.Request.When.Now));
        var sure = Say.Clock(plan.NineInTenBy, plan.End);
        return done.Count == 1
            ? HouseholdWords.StartAndDone(start, Say.Clock(plan.End, plan.Start), sure)
            : HouseholdWords.StartAndAllDone(start, Say.List(ends), sure);
    }

    /// <summary>What there is to know behind that: why it starts later, how good it is, who rests when, and how sure each end is.</summary>
    public static IReadOnlyList<string> More(HouseholdPlan plan, CraftFigures figures) =>
        [
            .. Later(plan),
            .. Tight(plan),
            Best(plan, plan.Request.Hands.Count == 1 ? HouseholdWords.OnePairOfHands : HouseholdWords.TwoPairsOfHands),
            .. ClockChange.Sentence(plan.Request.When, plan.Start, plan.End) is { } change ? [change] : Array.Empty<string>(),
            .. plan.WithoutRest.Select(each =>
                each.Who == HelpingHands.Own
                    ? HouseholdWords.YouWorkWithoutABreak(Say.Minutes(each.Minutes))
                    : HouseholdWords.NameWorksWithoutABreak(each.Who, Say.Minutes(each.Minutes))
            ),
            .. InOneGo(plan),
            .. plan.Heads.SelectMany(head =>
                PlanSentences
                    .Soft(head.Plan, figures)
                    .Select(soft => HouseholdWords.OfHead(head.Plan.Request.Head.Name, soft))
                    .Prepend(Of(head, plan.Start))
            ),
            .. plan.Bottleneck.Length > 0 ? [plan.Bottleneck] : Array.Empty<string>(),
        ];

    /// <summary>Why it does not begin when it was asked to; nothing where it does, or where it was asked for by an hour.</summary>
    private static IEnumerable<string> Later(HouseholdPlan plan)
    {
        var (request, when) = (plan.Request, plan.Request.When);
        var asked = when.StartAt is { } at && at > when.Now ? at : when.Now;
        if (when.ReadyBy is not null || plan.Start - asked < AtOnce)
        {
            yield break;
        }

        var reasons = new (bool Is, string Word)[]
        {
            (
                request.Taken.Count > 0
                    || request.Heads.Any(head => head.Present.Count > 0)
                    || request.Hands.Any(hands => hands.Away.Count > 0),
                HouseholdWords.WhoAndWhatIsThereWhen
            ),
            (plan.Heads.Any(head => head.Wanted is not null), HouseholdWords.TheirHours),
            (plan.Tasks.Any(task => task.IsOvernight), HouseholdWords.TheNight),
        };
        var words = reasons.Where(reason => reason.Is).Select(reason => reason.Word).ToList();
        if (words.Count > 0)
        {
            yield return HouseholdWords.StartsLaterToSuit(Say.Clock(plan.Start), Say.Clock(when.Wall(asked), plan.Start), Say.List(words));
        }
    }

    /// <summary>Who is in time as planned, and on most such days is not.</summary>
    private static IEnumerable<string> Tight(HouseholdPlan plan)
    {
        var names = plan
            .Heads.Where(head => head is { Wanted: { } wanted, ChanceInTime: < 0.5 } && head.Plan.End <= wanted)
            .Select(head => head.Plan.Request.Head.Name)
            .ToList();
        if (plan.MinutesLate <= 0 && names.Count > 0)
        {
            yield return HouseholdWords.TightFor(Say.List(names));
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
            var work = Say.List([
                .. plan.InOneGo.Select(each => HouseholdWords.WhatOnHeadMinutes(each.What, each.Head, Say.Minutes(each.Minutes))),
            ]);
            yield return HouseholdWords.LongWithoutABreakWorkRest(work);
        }
    }

    /// <summary>
    /// How far from the best there is. A day that is placed towards an hour, or around a night, could be earlier but not shorter; and one
    /// that cannot be in time as it comes is the best for those hours, whenever the last of it ends.
    /// </summary>
    private static string Best(HouseholdPlan plan, string hands) =>
        (plan.Proven, plan.BeginsAtWill) switch
        {
            _ when plan is { MinutesLate: > 0, IsSure: true } => HouseholdWords.NoPlanIsLessLateWith(hands),
            _ when plan is { MinutesLate: > 0, LeastLate: >= 1 and var least } => plan is { Request.HasOneHour: false, Heads.Count: > 1 }
                ? HouseholdWords.NoPlanIsLessLateInAll(Say.Minutes(least), hands, Say.Minutes(plan.MinutesLate))
                : HouseholdWords.NoPlanIsLessLateThan(Say.Minutes(least), hands, Say.Minutes(plan.MinutesLate)),
            _ when plan is { MinutesLate: <= 0, MinutesShortened: > 0 } => Shortened(plan, hands),
            (true, false) => HouseholdWords.NoPlanCanFinishSoonerWith(hands),
            (true, true) => HouseholdWords.NoPlanIsShorterWithHands(hands),
            (false, false) => HouseholdWords.NoPlanCanFinishBeforeTime(Say.Clock(plan.NotBefore, plan.End), Say.Clock(plan.End)),
            (false, true) => HouseholdWords.NoPlanCanBeShorterThan(
                Say.Minutes((plan.NotBefore - plan.Start).TotalMinutes),
                Say.Minutes(plan.Minutes)
            ),
        };

    /// <summary>How sure it is of a plan that is in time with waits shortened that they have to be.</summary>
    private static string Shortened(HouseholdPlan plan, string hands) =>
        plan switch
        {
            { Proven: false } => HouseholdWords.InTimeThereMayBeA,
            { MayBeCloser: false } => HouseholdWords.NoPlanWithHandsIsIn(hands),
            { IsGentle: true } => HouseholdWords.NoPlanWithHandsIsIn2(hands),
            _ => HouseholdWords.NoPlanWithHandsIsIn3(hands),
        };

    /// <summary>What is said of a day that starts, has work for hands or hair that dries while people sleep; null of another.</summary>
    public static string? Night(HouseholdPlan plan) =>
        plan.StartsInTheNight
            ? (
                plan.MinutesLate > 0
                    ? (Func<string, string, string>)HouseholdWords.StartsInTheNightForLess
                    : HouseholdWords.StartsInTheNight
            )(Say.Clock(plan.Heads.Max(head => head.Wanted)!.Value, plan.End), Say.Clock(plan.Start))
            : plan.NightWork?.Sentence(plan.Start, HouseholdWords.NamesHair(Say.List(WetAt(plan, plan.NightWork.From))));

    private static IReadOnlyList<string> WetAt(HouseholdPlan plan, DateTimeOffset bed) =>
        [
            .. plan
                .Heads.Where(head => head.Plan.Tasks.Any(task => task.IsDrying && task.Start <= bed && task.End > bed))
                .Select(head => head.Plan.Request.Head.Name),
        ];

    /// <summary>"Likely done by 17:40, in time nine times in ten." for one head.</summary>
    /// <param name="head">Whose.</param>
    /// <param name="begins">When the day begins: other days than that are named.</param>
    public static string Of(HeadPlan head, DateTimeOffset begins)
    {
        var name = head.Plan.Request.Head.Name;
        return head is { Wanted: { } wanted, ChanceInTime: { } chance }
            ? HouseholdWords.ChanceOfBeingDry(name, Say.Clock(wanted, begins), Percent(chance))
            : HouseholdWords.AlmostCertainlyBy(name, Say.Clock(head.NineInTenBy, begins));
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
        var waits = ways.Where(pair => pair.task.By is null).Select(pair => (Waiting(day, pair.task), pair.minutes));
        var (what, most) = hands.Concat(waits).MaxBy(pair => pair.minutes);
        return HouseholdWords.SetsThePace(what, Say.Minutes(most), Say.Minutes(all));
    }

    private static string Waiting(HouseholdDay day, PlannedTask task) =>
        task.Strand == PlannedTask.KitchenStrand
            ? HouseholdWords.TheWait(task.Title)
            : HouseholdWords.TheWaitOn(task.Title, day.Heads.First(head => head.Key == task.Strand).Request.Head.Name);

    private static string Percent(double share) =>
        share >= 0.995 ? HouseholdWords.OverNinetyNine
        : share <= 0.005 ? HouseholdWords.UnderOne
        : $"{share * 100:0} %";
}

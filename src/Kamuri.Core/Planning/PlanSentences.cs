using System.Globalization;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Planning;

/// <summary>Says in plain sentences what was computed.</summary>
public static class PlanSentences
{
    public static string Of(Aim aim) =>
        aim switch
        {
            Aim.Moisture => "moisture",
            Aim.Strength => "strength",
            Aim.Reset => "a reset",
            Aim.Quick => PlanWords.AQuickWash,
            Aim.Definition => "definition",
            Aim.ScalpComfort => PlanWords.ScalpComfort,
            Aim.OilFree => PlanWords.AnOilFreeWash,
            Aim.Recovery => "recovery",
            Aim.BeforeStyle => PlanWords.AStyleToCome,
            Aim.Refresh => PlanWords.AMidWeekRefresh,
            Aim.PatchTest => PlanWords.APatchTest,
            _ => "length",
        };

    public static string Of(Treatment treatment) =>
        treatment switch
        {
            Treatment.Wash => "Washing",
            Treatment.Clarify => "Clarifying",
            Treatment.LightProtein => PlanWords.LightProtein,
            Treatment.StrongProtein => PlanWords.StrongProtein,
            Treatment.HotOil => PlanWords.HotOil,
            Treatment.HerbPrePoo => PlanWords.TheOilFreeWash,
            Treatment.Retwist => "A retwist",
            Treatment.LocDetox => PlanWords.TheDetoxSoak,
            Treatment.GrainWater => PlanWords.GrainWater,
            Treatment.TakeDown => PlanWords.TakingAStyleDown,
            _ => PlanWords.ATightStyle,
        };

    /// <summary>"Light protein is due: 37 days since the last, every 28 is usual."</summary>
    public static string Of(DueTreatment due) =>
        due.IsLate
            ? PlanWords.TreatmentIsOverdueDaysDaysAgo(Of(due.Treatment), $"{due.Days}", $"{due.Interval.Latest}")
            : PlanWords.TreatmentIsDueDaysDaysSince(Of(due.Treatment), $"{due.Days}", $"{due.Interval.Usual}");

    public static string Of(EndStyle style) =>
        style switch
        {
            EndStyle.Twists => "twists",
            EndStyle.TwistOut => "a twist-out",
            EndStyle.WashAndGo => "a wash-and-go",
            EndStyle.Bun => "a bun",
            EndStyle.SingleTwists => PlanWords.SingleTwists,
            EndStyle.Braids => "braids",
            EndStyle.Retwist => "a retwist",
            _ => PlanWords.TheSameStyleAgain,
        };

    /// <summary>When it begins, when it is done, and how sure that is.</summary>
    public static string Finish(Plan plan) => plan.Tasks.Count == 0 ? PlanWords.ThisPlanHasNoStepsLeft : Span(plan);

    /// <summary>
    /// What there is to know behind that: whether anything could be faster, when one can sit down, whether clocks change.
    /// </summary>
    public static IReadOnlyList<string> More(Plan plan, CraftFigures figures)
    {
        if (plan.Tasks.Count == 0)
        {
            return [];
        }

        var pairs = plan.Request.Equipment.PairsOfHands;
        var hands = pairs == 1 ? PlanWords.OnePairOfHands : PlanWords.PairsOfHandsPairsOfHands($"{pairs}");
        var rests = Rests(plan);
        return
        [
            plan.Proven
                ? PlanWords.NoOrderOfTheseStepsIs(hands)
                : PlanWords.NoPlanCanFinishBeforeTime(Say.Clock(plan.NotBefore, plan.Start)),
            .. rests.Count switch
            {
                0 => Array.Empty<string>(),
                1 => [PlanWords.YouSitDownOnceForMinutes(Say.Minutes(rests[0]))],
                _ => [PlanWords.YouSitDownTimes($"{rests.Count}", Say.Minutes(rests.Max()))],
            },
            .. Soft(plan, figures),
            .. ClockChange.Sentence(plan.Request.When, plan.Start, plan.End) is { } change ? [change] : Array.Empty<string>(),
        ];
    }

    /// <summary>Until when the hair stays soft; nothing where the day brings no water to it.</summary>
    public static IReadOnlyList<string> Soft(Plan plan, CraftFigures figures) =>
        MoistureClock.After(plan, figures.Moisture) is { } soft
            ?
            [
                soft.Sentence(
                    DateOnly.FromDateTime(plan.End.Date),
                    DateOnly.FromDateTime(plan.Request.When.Wall(plan.Request.When.Now).Date)
                ),
            ]
            : [];

    private static string Span(Plan plan)
    {
        if (plan.Tasks.FirstOrDefault(task => task.IsOvernight) is not { } night)
        {
            return PlanWords.StartAtTimeDoneAboutTime2(
                Say.Clock(plan.Start),
                Say.Clock(plan.End, plan.Start),
                Say.Clock(plan.NineInTenBy, plan.End)
            );
        }

        return PlanWords.TwoDays(
            $"{Say.Weekday(plan.Start)}, {Say.Clock(plan.Start)}",
            Say.Clock(night.Start),
            $"{Say.Weekday(night.End)}, {Say.Clock(night.End)}",
            Say.Clock(plan.End, night.End),
            Say.Clock(plan.NineInTenBy, plan.End)
        );
    }

    /// <summary>What is said of a day that starts, has work for hands or hair that dries while people sleep; null of another.</summary>
    public static string? Night(Plan plan) =>
        plan is { StartsInTheNight: true, Fit.ReadyBy: { } readyBy }
            ? PlanWords.ToBeReadyByTimeIt(Say.Clock(readyBy), Say.Clock(plan.Start, readyBy))
            : plan.NightWork?.Sentence(plan.Start, PlanWords.TheHair);

    /// <summary>What is wrong with the time, and null when it fits.</summary>
    public static string? Trouble(Plan plan)
    {
        if (plan.Fit.ReadyBy is not { } readyBy)
        {
            return null;
        }

        if (plan.Fit.MinutesOver > 0)
        {
            var spare = plan.Fit.CouldSpare.Count == 0 ? PlanWords.YouCannotLeaveAnythingOutSafely : PlanWords.ThisIsTheClosestPlanSee;
            return PlanWords.NotPossibleByTimeItEnds(Say.Clock(readyBy), Say.Minutes(plan.Fit.MinutesOver), spare);
        }

        return plan.Fit.Shortened.Count > 0 ? PlanWords.ShortenedToBeReadyByTime(Say.Clock(readyBy), string.Join("; ", plan.Fit.Shortened))
            : plan.NineInTenBy > readyBy ? PlanWords.ItFitsButTightlyOneSlow(Say.Clock(readyBy))
            : null;
    }

    /// <summary>
    /// Minutes at a stretch, at least five, in which hands have nothing to do before the last thing is done; sleep is no rest.
    /// </summary>
    public static IReadOnlyList<double> Rests(Plan plan)
    {
        const double worthSitting = 5;
        var rests = new List<double>();
        var nights = plan.Tasks.Where(task => task.IsOvernight).ToList();
        bool Sleeps(DateTimeOffset from) => nights.Exists(night => night.Start >= from.AddMinutes(-1) && night.Start <= from.AddMinutes(1));
        var free = plan.Start;
        foreach (var task in plan.Tasks.Where(task => task.IsHandsOn).OrderBy(task => task.Start))
        {
            if ((task.Start - free).TotalMinutes >= worthSitting && !Sleeps(free))
            {
                rests.Add((task.Start - free).TotalMinutes);
            }

            free = task.End > free ? task.End : free;
        }

        if ((plan.End - free).TotalMinutes >= worthSitting)
        {
            rests.Add((plan.End - free).TotalMinutes);
        }

        return rests;
    }

    /// <summary>One wait's window in words: "20 to 60 min, usually 38".</summary>
    public static string Of(Window window) =>
        window.Earliest == window.Latest
            ? PlanWords.WaitExactly($"{window.Usual:0}")
            : PlanWords.WaitBetween($"{window.Earliest:0}", $"{window.Latest:0}", $"{window.Usual:0}");
}

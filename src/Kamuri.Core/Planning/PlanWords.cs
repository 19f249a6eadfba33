using System.Globalization;
using Kamuri.Core.Composing;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Planning;

/// <summary>Says in plain sentences what was computed.</summary>
public static class PlanWords
{
    public static string Of(Aim aim) =>
        aim switch
        {
            Aim.Moisture => "moisture",
            Aim.Strength => "strength",
            Aim.Reset => "a reset",
            Aim.Quick => "a quick wash",
            Aim.Definition => "definition",
            Aim.ScalpComfort => "scalp comfort",
            Aim.OilFree => "an oil-free wash",
            Aim.Recovery => "recovery",
            Aim.BeforeStyle => "a style to come",
            Aim.Refresh => "a mid-week refresh",
            Aim.PatchTest => "a patch test",
            _ => "length",
        };

    public static string Of(Treatment treatment) =>
        treatment switch
        {
            Treatment.Wash => "Washing",
            Treatment.Clarify => "Clarifying",
            Treatment.LightProtein => "Light protein",
            Treatment.StrongProtein => "Strong protein",
            Treatment.HotOil => "Hot oil",
            Treatment.HerbPrePoo => "The oil-free wash",
            Treatment.Retwist => "A retwist",
            Treatment.LocDetox => "The detox soak",
            _ => "A tight style",
        };

    /// <summary>"Light protein is due: 37 days since the last, every 28 is usual."</summary>
    public static string Of(DueTreatment due) =>
        due.IsLate
            ? $"{Of(due.Treatment)} is late: {due.Days} days since the last, {due.Interval.Latest} is the most."
            : $"{Of(due.Treatment)} is due: {due.Days} days since the last, every {due.Interval.Usual} is usual.";

    public static string Of(EndStyle style) =>
        style switch
        {
            EndStyle.Twists => "twists",
            EndStyle.TwistOut => "a twist-out",
            EndStyle.WashAndGo => "a wash-and-go",
            EndStyle.Bun => "a bun",
            EndStyle.SingleTwists => "single twists",
            EndStyle.Braids => "braids",
            EndStyle.Retwist => "a retwist",
            _ => "the same style again",
        };

    /// <summary>The finish, how sure it is, whether anything could be faster, and when one can sit down.</summary>
    public static string Finish(Plan plan)
    {
        if (plan.Tasks.Count == 0)
        {
            return "There is nothing left to do in this plan.";
        }

        var hands =
            plan.Request.Equipment.PairsOfHands == 1 ? "one pair of hands" : $"{plan.Request.Equipment.PairsOfHands} pairs of hands";
        var sentences = new List<string>
        {
            Span(plan),
            plan.Proven
                ? $"No order of these steps is quicker with {hands}."
                : $"Nothing can finish before {Clock(plan.NotBefore, plan.Start)}; this is the best found so far.",
        };
        var rests = Rests(plan);
        if (rests.Count > 0)
        {
            sentences.Add(
                rests.Count == 1
                    ? $"You sit down once, for {Spell(rests[0])}."
                    : $"You sit down {(rests.Count == 2 ? "twice" : $"{Number(rests.Count)} times")}, {Spell(rests.Max())} the longest."
            );
        }

        if (ClockChange.Sentence(plan.Request.When, plan.Start, plan.End) is { } change)
        {
            sentences.Add(change);
        }

        return string.Join(' ', sentences);
    }

    private static string Span(Plan plan)
    {
        if (plan.Tasks.FirstOrDefault(task => task.IsOvernight) is not { } night)
        {
            return $"Start at {Clock(plan.Start)}, done at {Clock(plan.End, plan.Start)}, nine times in ten by {Clock(plan.NineInTenBy, plan.End)}.";
        }

        return $"Two days: start on {Day(plan.Start)} at {Clock(plan.Start)}, in bed from {Clock(night.Start)}; on again on {Day(night.End)} at {Clock(night.End)}, "
            + $"done at {Clock(plan.End, night.End)}, nine times in ten by {Clock(plan.NineInTenBy, plan.End)}.";
    }

    private static string Day(DateTimeOffset moment) => moment.ToString("dddd", CultureInfo.InvariantCulture);

    /// <summary>What is said of a day that starts, or has work for hands, while people sleep; null of another.</summary>
    public static string? Night(Plan plan) =>
        plan is { StartsInTheNight: true, Fit.ReadyBy: { } readyBy }
            ? $"To be ready by {Clock(readyBy)} it would start at {Clock(plan.Start, readyBy)}, while people sleep. A faster way of drying or a later hour would spare that."
            : plan.NightWork?.Sentence(plan.Start);

    /// <summary>What is wrong with the time, and null when it fits.</summary>
    public static string? Trouble(Plan plan)
    {
        if (plan.Fit.ReadyBy is not { } readyBy)
        {
            return null;
        }

        if (plan.Fit.MinutesOver > 0)
        {
            var spare =
                plan.Fit.CouldSpare.Count == 0
                    ? "Nothing in it can be dropped safely; start earlier or ready later."
                    : "This is the nearest plan; what could be left out safely is below.";
            return $"{Clock(readyBy)} cannot be met: it ends {Spell(plan.Fit.MinutesOver)} later, with every window at its shortest. {spare}";
        }

        return plan.Fit.Shortened.Count > 0
                ? $"To be ready by {Clock(readyBy)}, kept under the usual time: {string.Join("; ", plan.Fit.Shortened)}."
            : plan.NineInTenBy > readyBy ? $"It fits, but tightly: one slow step and {Clock(readyBy)} is missed."
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

    /// <summary>Names in a row: "Ada", "Ada and Bo", "Ada, Bo and Cy".</summary>
    public static string All(IReadOnlyList<string> names) =>
        names.Count <= 1 ? string.Concat(names) : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";

    /// <summary>One wait's window in words: "20 to 60 min, usually 38".</summary>
    public static string Of(Window window) =>
        window.Earliest == window.Latest
            ? $"{window.Usual:0} min"
            : string.Create(CultureInfo.InvariantCulture, $"{window.Earliest:0} to {window.Latest:0} min, usually {window.Usual:0}");

    public static string Clock(DateTimeOffset moment) => moment.ToString("HH:mm", CultureInfo.InvariantCulture);

    /// <summary>
    /// The same where another moment has just been said: "15:57", on another day "15:57 on Friday", a week away "15:57 on Friday 4
    /// December".
    /// </summary>
    public static string Clock(DateTimeOffset moment, DateTimeOffset said) =>
        (moment.Date - said.Date).Days switch
        {
            0 => Clock(moment),
            > -7 and < 7 => $"{Clock(moment)} on {Day(moment)}",
            _ => $"{Clock(moment)} on {moment.ToString("dddd d MMMM", CultureInfo.InvariantCulture)}",
        };

    /// <summary>Minutes as a person says them, "32 min", "1 h 05", with spaces at which no line ends.</summary>
    public static string Spell(double minutes)
    {
        var whole = (int)Math.Round(minutes, MidpointRounding.AwayFromZero);
        return whole < 60 ? $"{whole}\u00a0min"
            : whole % 60 == 0 ? $"{whole / 60}\u00a0h"
            : $"{whole / 60}\u00a0h\u00a0{whole % 60:00}";
    }

    private static string Number(int count) =>
        count switch
        {
            3 => "three",
            4 => "four",
            5 => "five",
            6 => "six",
            7 => "seven",
            8 => "eight",
            _ => count.ToString(CultureInfo.InvariantCulture),
        };
}

using Kamuri.Core.Planning;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Running.Mishaps;

/// <summary>
/// What to do when something went wrong: for this treatment, on this head, at this moment. Pure; choosing a way is an event of its own.
/// </summary>
public static class MishapAdvice
{
    /// <summary>The advice.</summary>
    /// <param name="plan">The session's plan.</param>
    /// <param name="state">How it stands.</param>
    /// <param name="now">The moment.</param>
    /// <param name="mishap">What went wrong.</param>
    /// <param name="head">The head it went wrong on.</param>
    /// <param name="around">What has to be known from outside.</param>
    public static Advice For(
        SessionPlan plan,
        SessionState state,
        DateTimeOffset now,
        Mishap mishap,
        SessionHead head,
        MishapSurroundings around
    )
    {
        var at = new Happening(plan, state, now, head, around);
        return mishap switch
        {
            Mishap.LeftTooLong => LeftTooLong(at),
            Mishap.CalledAway => CalledAway(at),
            Mishap.TooHot => TooHot(at),
            Mishap.Stings => Stings(at),
            Mishap.NotEnough => NotEnough(at),
            Mishap.TooMuch => TooMuch(at),
            Mishap.TooThick or Mishap.TooRunny => Putting(at, mishap),
            Mishap.OilStays => OilStays(at),
            Mishap.BitsLeft => BitsLeft(at),
            Mishap.UnsureOfSections => UnsureOfSections(at),
            Mishap.OutOfTime => OutOfTime(at),
            _ => WetAtBedtime(at),
        };
    }

    private static Advice LeftTooLong(Happening at)
    {
        if (at.Counting is not { } count)
        {
            return new Advice(Mishap.LeftTooLong, at.Head.Key, [$"Nothing is counting on {at.Head.Name}."], [], [Plain(at)], null, []);
        }

        var over = (at.Now - count.LatestAt).TotalMinutes;
        var now = new List<string>
        {
            over > 0
                ? $"{Name(count.Task)} on {at.Head.Name} is {PlanWords.Spell(over)} past its latest. {count.Task.AfterLatest}".TrimEnd()
                : $"{Name(count.Task)} on {at.Head.Name} is within its window until {at.Clock(count.LatestAt)}; nothing is lost.",
        };
        var ways = new List<Way>();
        if (over > 0 && Softer(at) is { } later)
        {
            // What follows is shortened, because the hair has had more than its share already.
            var shortest = Math.Max(1, Math.Min(later.Window!.Earliest, later.PlannedMinutes));
            ways.Add(
                at.Way(
                    "shorten",
                    $"Go on, with a short {Name(later).ToLowerInvariant()}",
                    [
                        $"{Name(later)} takes {PlanWords.Spell(shortest)} in place of {PlanWords.Spell(later.PlannedMinutes)}: the hair has been soft and wet for long enough.",
                    ],
                    new SessionChange(ChangeKind.End, count.Task.Id),
                    new SessionChange(ChangeKind.Shorten, later.Id, shortest)
                )
            );
        }

        ways.Add(
            at.Way(
                "go-on",
                "Go on as planned",
                ["It is over now; the rest is timed again."],
                new SessionChange(ChangeKind.End, count.Task.Id)
            )
        );
        return new Advice(
            Mishap.LeftTooLong,
            at.Head.Key,
            now,
            Must(at),
            ways,
            over > 0 ? $"{Name(count.Task)} stayed on {PlanWords.Spell(over)} too long." : null,
            []
        );
    }

    /// <summary>The next treatment that can be shorter.</summary>
    private static SessionTask? Softer(Happening at) =>
        at.Waiting.FirstOrDefault(task =>
            task is { Window: not null, Substance: { } on, IsOvernight: false }
            && Substances.Of(on).MustBeRinsed
            && task.Window.Earliest < task.PlannedMinutes
        );

    private static Advice CalledAway(Happening at)
    {
        var now = at
            .Moment.Counting.Where(count => !count.Task.IsHarmlessAfter)
            .Select(count =>
                at.Now < count.LatestAt
                    ? $"Be back by {at.Clock(count.LatestAt)} for {Name(count.Task).ToLowerInvariant()}{at.OnWhom(count.Task)}. {Lower("After that: ", count.Task.AfterLatest)}".TrimEnd()
                    : $"{Name(count.Task)}{at.OnWhom(count.Task)} is past its latest already. {count.Task.AfterLatest}"
            )
            .ToList();
        now.AddRange(
            at.Moment.Counting.Where(count => count.Task.IsHarmlessAfter)
                .Select(count => $"{Name(count.Task)}{at.OnWhom(count.Task)} goes on without you.")
        );
        if (at.InHand is { Sections: > 0 } pass)
        {
            now.Add($"Clip the sections of {Name(pass).ToLowerInvariant()} that are done apart from the rest.");
        }

        if (at.MustComeOff.Count > 0 && at.Counting is null)
        {
            now.Add(
                $"Do not leave {Happening.Names(at.MustComeOff)} on {at.Head.Name} for long; rinse first if you will be more than a few minutes."
            );
        }

        return new Advice(
            Mishap.CalledAway,
            at.Head.Key,
            now.Count > 0 ? now : ["Nothing on anybody’s hair minds waiting."],
            [],
            [
                at.Way(
                    "park",
                    "Hands stop here",
                    ["What is on the hair goes on working; what hands do waits until you are back."],
                    new SessionChange(ChangeKind.Park, "")
                ),
                .. Stopping.Ways(at),
            ],
            null,
            []
        );
    }

    private static Advice TooHot(Happening at)
    {
        var figures = at.Around.Figures;
        List<SessionChange> changes =
        [
            .. at.LaidDown,
            at.Insert("cool", "Cool water over it", figures.CoolRinseMinutes, [Resource.Shower]),
            .. HeatOf(at),
        ];
        var sentences = new List<string> { $"Cool, not cold, water for {PlanWords.Spell(figures.CoolRinseMinutes)}." };
        if (HeatOf(at).Any())
        {
            sentences.Add("No hood and no steamer for the rest of this session.");
        }

        return new Advice(
            Mishap.TooHot,
            at.Head.Key,
            [
                "Take it off, or step out of the water, now.",
                "A mixture goes on at 40 °C at most: let it stand and test it on your wrist.",
                "Blisters, or skin that stays red after the water, belong to a clinician.",
            ],
            Must(at),
            [at.Way("cool", "Cool it and go on without heat", sentences, changes), .. Stopping.Ways(at)],
            "Something was too hot.",
            []
        );
    }

    private static Advice Stings(Happening at)
    {
        var rinse = at.Insert(
            "off",
            "Rinse it off, cool",
            at.Around.Figures.CoolRinseMinutes,
            [Resource.Shower],
            takesOff: Removal.RinseOff
        );
        // What stings is not put on any further; what merely was in hand goes on afterwards.
        var isPutOn = at.Step(at.InHand) is { } putting && SessionPlan.KindOf(putting.Id)?.Puts is not null;
        List<SessionChange> changes =
        [
            .. isPutOn ? [new SessionChange(at.IsRinsing ? ChangeKind.End : ChangeKind.Skip, at.InHand!.Id)] : at.LaidDown,
            rinse,
        ];
        if (at.Counting is { } count)
        {
            changes.Add(new SessionChange(ChangeKind.End, count.Task.Id));
        }

        changes.AddRange(HeatOf(at));
        // The same again later would sting again.
        var culprit = at.Counting is { } counting ? at.Step(counting.Task) : at.Step(at.InHand) ?? at.Last;
        changes.AddRange(
            at.Waiting.Where(task =>
                    task.IsHandsOn
                    && culprit is not null
                    && at.Step(task) is { } step
                    && step.Id != culprit.Id
                    && SessionPlan.KindOf(step.Id)?.Id == SessionPlan.KindOf(culprit.Id)?.Id
                    && SessionPlan.KindOf(step.Id)?.Puts is not null
                )
                .Select(task => new SessionChange(ChangeKind.Skip, task.Id))
        );
        var touching = at.Touching;
        return new Advice(
            Mishap.Stings,
            at.Head.Key,
            [
                $"Rinse {(at.MustComeOff.Count > 0 ? Happening.Names(at.MustComeOff) : "it")} off with cool water, now; keep it out of the eyes.",
                touching.Count > 0
                    ? $"A reaction is noted against {PlanWords.All(touching)}; plans stop at it from now on."
                    : "Write down what was on; its label says whom to ask.",
                "Swelling, blisters, or trouble breathing: get medical help at once.",
            ],
            [],
            [
                at.Way("off", "Rinse it off and go on gently", ["What stung is over; no heat for the rest of this session."], changes),
                .. Stopping.Ways(at),
            ],
            culprit is null ? "It stung." : $"It stung during {culprit.Name.ToLowerInvariant()}.",
            touching
        );
    }

    private static Advice NotEnough(Happening at)
    {
        var step = at.Step(at.InHand) ?? at.Step(at.Waiting.FirstOrDefault(task => task.StepId is not null)) ?? at.Last;
        var mixture = at.Mixture(step);
        var now = new List<string>
        {
            at.Head.FragileZones.Count > 0 ? $"{Zones(at)} and the ends first, then the lengths." : "Ends first, then the lengths.",
        };
        now.Add(mixture?.TooLittle ?? "Wet the hair a little more: it spreads further on wet hair.");
        if (step is not null && at.Around.Alike(step) is { Count: > 0 } alike)
        {
            now.Add($"To top it up there is {PlanWords.All(alike)}; look at the label before they are mixed.");
        }

        return new Advice(
            Mishap.NotEnough,
            at.Head.Key,
            now,
            [],
            [Plain(at)],
            step is null
                ? null
                : $"Not enough for {step.Name.ToLowerInvariant()}{(step.Amount is { } amount ? $": {amount.Metric} was planned" : "")}; more next time.",
            []
        );
    }

    private static Advice TooMuch(Happening at)
    {
        var step = at.Step(at.InHand) ?? at.Last;
        var mixture = at.Mixture(step);
        var now = mixture switch
        {
            { KeepsInFridge: { } days and > 0 } =>
                $"What was not touched by hands keeps in the fridge: a clean jar, dated, until {at.Now.AddDays(days):dddd d MMMM}.",
            not null => $"{mixture.Name} does not keep. Another head today, or out with it.",
            null => "Back into the bottle only what no hand or comb has touched; the rest is another head’s, or goes out.",
        };
        var others = at.Moment.Times.Count > 0 && mixture is not null ? mixture.Others : [];
        return new Advice(
            Mishap.TooMuch,
            at.Head.Key,
            others.Count > 0 ? [now, $"{PlanWords.All(others)} would take it too."] : [now],
            [],
            [Plain(at)],
            step is null
                ? null
                : $"Too much for {step.Name.ToLowerInvariant()}{(step.Amount is { } amount ? $": {amount.Metric} was planned" : "")}; less next time.",
            []
        );
    }

    private static Advice Putting(Happening at, Mishap mishap)
    {
        var step = at.Step(at.InHand) ?? at.Step(at.Waiting.FirstOrDefault(task => task.StepId is not null)) ?? at.Last;
        var mixture = at.Mixture(step);
        var thick = mishap == Mishap.TooThick;
        var sentence =
            mixture is not null ? (thick ? mixture.TooThick : mixture.TooRunny)
            : thick ? "Stir in warm water, a spoon at a time, and look between spoons."
            : "Put it on in small sections over the basin, or leave it for what it is and use less.";
        return new Advice(
            mishap,
            at.Head.Key,
            [sentence],
            [],
            [Plain(at)],
            step is null ? null : $"{mixture?.Name ?? step.Name} came out too {(thick ? "thick" : "runny")}.",
            []
        );
    }

    private static Advice OilStays(Happening at)
    {
        var figures = at.Around.Figures;
        var wash = at.Own.LastOrDefault(task => task.StepIds.Any(step => SessionPlan.KindOf(step)?.IsCleanse ?? false));
        var second = wash?.PlannedMinutes ?? figures.LiftMinutes;
        var again = at.Insert("wash", "Wash a second time", second, [Resource.Shower], takesOff: Removal.Wash);
        if (at.IsDense)
        {
            // Conditioner stays inside them.
            return new Advice(
                Mishap.OilStays,
                at.Head.Key,
                [
                    "Wash once more, with cleanser thinned with water: squeeze it through, never rub.",
                    "Rinse until the water runs clear; what stays inside draws dust.",
                ],
                [],
                [at.Way("wash", "Wash again", [$"A second pass of {PlanWords.Spell(second)} comes next."], again), Plain(at)],
                "Oil stayed in after one pass; less of it next time.",
                []
            );
        }

        return new Advice(
            Mishap.OilStays,
            at.Head.Key,
            [
                "Conditioner first, on the oily lengths, worked in and rinsed: it lifts what shampoo slides over.",
                "Then shampoo again at the roots; let the foam run down.",
            ],
            [],
            [
                at.Way(
                    "lift",
                    "Lift it and wash again",
                    [
                        $"A lifting rinse of {PlanWords.Spell(figures.LiftMinutes)} and a second pass of {PlanWords.Spell(second)} come next.",
                    ],
                    at.Insert("lift", "Lifting rinse with conditioner", figures.LiftMinutes, [Resource.Shower], takesOff: Removal.RinseOff),
                    Second(again)
                ),
                Plain(at),
            ],
            "Oil stayed in after one pass; a lifting rinse before it next time.",
            []
        );

        // Two insertions at once need two ids.
        static SessionChange Second(SessionChange change) =>
            change with
            {
                Task = $"{change.Task}-2",
                Work = change.Work! with { Id = $"{change.Task}-2" },
            };
    }

    private static Advice BitsLeft(Happening at) =>
        new(
            Mishap.BitsLeft,
            at.Head.Key,
            [
                "Do not comb them out dry: they pull. Under running water, head down, with spread fingers; the rest falls out when it is dry.",
            ],
            [],
            [
                at.Way(
                    "rinse",
                    "Rinse under running water",
                    [$"{PlanWords.Spell(at.Around.Figures.RunningRinseMinutes)} at the tap come next."],
                    at.Insert(
                        "bits",
                        "Rinse the bits out under running water",
                        at.Around.Figures.RunningRinseMinutes,
                        [Resource.Shower],
                        takesOff: Removal.RinseOff
                    )
                ),
                Plain(at),
            ],
            "Bits stayed in the hair; strain through a finer cloth next time.",
            []
        );

    private static Advice UnsureOfSections(Happening at)
    {
        if (at.InHand is not { Sections: > 0 } pass)
        {
            return new Advice(
                Mishap.UnsureOfSections,
                at.Head.Key,
                ["Nothing is worked in sections just now. Part the hair and look: what was done feels slippery and lies together."],
                [],
                [Plain(at)],
                null,
                []
            );
        }

        return new Advice(
            Mishap.UnsureOfSections,
            at.Head.Key,
            [
                "Look section by section, from the nape up: what was done lies together and feels slippery.",
                "Tick what you find done on the map. Doing one twice does less harm than leaving one out.",
            ],
            [],
            [
                at.Way("keep", "Keep the ticks", ["The map shows which are open."]),
                at.Way(
                    "again",
                    "Begin the sections anew",
                    [$"All {pass.Sections} of {Name(pass).ToLowerInvariant()} are open again."],
                    new SessionChange(ChangeKind.ForgetSections, pass.Id)
                ),
            ],
            null,
            []
        );
    }

    private static Advice OutOfTime(Happening at)
    {
        var ways = new List<Way>();
        var spared = at.CanBeSpared;
        if (spared.Count > 0)
        {
            var shorter = at
                .Waiting.Where(task =>
                    task is { Window: not null, Substance: not null, IsOvernight: false }
                    && task.Window.Earliest < task.PlannedMinutes
                    && !spared.Any(left => left.StepId == task.StepId)
                )
                .Select(task => new SessionChange(ChangeKind.Shorten, task.Id, Math.Max(1, task.Window!.Earliest)))
                .ToList();
            ways.Add(
                at.Way(
                    "leave-out",
                    "Leave out what can be",
                    [
                        $"Left out: {Names(spared)}.",
                        .. shorter.Count > 0 ? ["Waits that are still to come are kept at their shortest."] : Array.Empty<string>(),
                    ],
                    [.. spared.Select(task => new SessionChange(ChangeKind.Skip, task.Id)), .. shorter]
                )
            );
        }

        ways.AddRange(Stopping.Ways(at));
        return new Advice(
            Mishap.OutOfTime,
            at.Head.Key,
            [
                spared.Count > 0
                    ? "Some of the rest can be left out without harm."
                    : "Nothing of the rest can be left out safely; it can wait for another hour.",
            ],
            Must(at),
            ways,
            "Ran out of time.",
            []
        );
    }

    private static Advice WetAtBedtime(Happening at)
    {
        var drying = at.Moment.Counting.FirstOrDefault(count => count.Task.Strand == at.Head.Key && count.Task.Substance is null);
        var dry = drying?.UsualAt ?? at.Moment.Ends[at.Head.Key];
        var late = (dry - at.Around.Bedtime).TotalMinutes;
        var minutes = at.Around.Figures.CoolAirMinutes;
        var (now, way) = at.IsDense
            ? (
                (string[])
                    [
                        "Locs and braids are not slept on wet: what stays damp inside turns sour.",
                        "Moving air from all sides, a fan or the hood on low; press one here and there to feel inside.",
                        "Nobody lies down on them before they are dry, under no scarf, bonnet or cap.",
                    ],
                at.Way(
                    "air",
                    "Moving air, and stay up",
                    [$"{PlanWords.Spell(minutes)} of moving air come next; it dries on from there, and bed waits for it."],
                    at.Insert("air", "Fan, or hood on low, all around", minutes, [])
                )
            )
            : (
                [
                    "Roots and scalp dry before bed: cool air, away from the basin, hand moving.",
                    "Then loosely up on a dry cotton cloth, never under a plastic cap; a fresh cloth on the pillow.",
                ],
                at.Way(
                    "air",
                    "Cool air, then bed",
                    [$"{PlanWords.Spell(minutes)} of cool air come next; the rest dries on the pillow."],
                    at.Insert("air", "Cool air at the roots", minutes, [])
                )
            );
        return new Advice(
            Mishap.WetAtBedtime,
            at.Head.Key,
            now,
            Must(at),
            [way, Plain(at)],
            late > 0 ? $"Still wet at bedtime: begin {PlanWords.Spell(Math.Ceiling(late / 5) * 5)} earlier next time." : null,
            []
        );
    }

    private static IReadOnlyList<string> Must(Happening at)
    {
        if (at.MustComeOff is not { Count: > 0 } must)
        {
            return [];
        }

        var first = at.UntilRinsed.Do;
        return
        [
            $"Never leave {Happening.Names(must)} on: {(first.Count > 0 ? $"{Names(first)} before you stop" : "rinse before you stop")}.",
        ];
    }

    private static IEnumerable<SessionChange> HeatOf(Happening at) =>
        at
            .Own.Where(task =>
                task.Uses.Any(each => each is Resource.Hood or Resource.Steamer) && (at.Waiting.Contains(task) || task == at.Counting?.Task)
            )
            .Select(task => new SessionChange(ChangeKind.WithoutHeat, task.Id));

    private static Way Plain(Happening at) => at.Way("go-on", "Go on", ["Nothing else changes."]);

    private static string Zones(Happening at)
    {
        var names = PlanWords.All([.. at.Head.FragileZones.Select(zone => zone.ToString().ToLowerInvariant())]);
        return char.ToUpperInvariant(names[0]) + names[1..];
    }

    private static string Names(IEnumerable<SessionTask> tasks) => PlanWords.All([.. tasks.Select(task => Name(task).ToLowerInvariant())]);

    private static string Name(SessionTask task) => task.Title.Split(',')[0];

    private static string Lower(string before, string sentence) =>
        sentence.Length == 0 ? "" : $"{before}{char.ToLowerInvariant(sentence[0])}{sentence[1..]}";
}

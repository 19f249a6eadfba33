using Kamuri.Core.Heads;
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
        var now = at.UnderWay.Where(each => each == at || each.OnIt is not null).OrderBy(each => each != at).Select(HowLong).ToList();
        if (at.OnIt is not { } on)
        {
            return new Advice(Mishap.LeftTooLong, at.Head.Key, now, Must(at), [Plain(at)], null, []);
        }

        var over = (at.Now - on.LatestAt).TotalMinutes;
        var ways = new List<Way>();
        if (over > 0 && on.Wait is { IsOvernight: true, Substance: { } what } && Substances.Of(what).IsHeavyOil && !at.IsDense)
        {
            // It has sunk in, and the hair is dry: conditioner before any water takes it along. In locs and braids it would stay inside.
            var minutes = at.Around.Figures.LiftMinutes;
            ways.Add(
                at.Way(
                    "loosen",
                    MishapWords.LoosenTheOilFirst,
                    [MishapWords.ConditionerGoesIntoTheOil(Say.Minutes(minutes))],
                    [.. at.Over(on), at.Insert("loosen", MishapWords.WorkConditionerIntoTheOil, minutes, [])]
                )
            );
        }

        if (over > 0 && Softer(at, on.Wait) is { } later)
        {
            // What follows is shortened, because the hair has had more than its share already.
            var shortest = Math.Max(1, Math.Min(later.Window!.Earliest, later.PlannedMinutes));
            ways.Add(
                at.Way(
                    "shorten",
                    MishapWords.ContinueWithAShorterLater(Name(later)),
                    [MishapWords.LaterTakesMinutesInsteadOfMinutes2(Name(later), Say.Minutes(shortest), Say.Minutes(later.PlannedMinutes))],
                    [.. at.Over(on), new SessionChange(ChangeKind.Shorten, later.Id, shortest)]
                )
            );
        }

        if (over <= 0)
        {
            ways.Add(on.IsCounted ? Plain(at) : Counted(at, on));
        }

        if (at.Now >= on.EarliestAt)
        {
            ways.Add(at.Way("end", MishapWords.EndItNow(Name(on.Wait)), [MishapWords.ThisEndsItNowKamuriTimes], [.. at.Over(on)]));
        }

        return new Advice(
            Mishap.LeftTooLong,
            at.Head.Key,
            now,
            Must(at),
            ways,
            over > 0 ? MishapWords.TaskStayedOnMinutesTooLong(Name(on.Wait), Say.Minutes(over)) : null,
            []
        );
    }

    /// <summary>How long what is on a head has been on, and until when it may.</summary>
    private static string HowLong(Happening at)
    {
        if (at.OnIt is not { } on)
        {
            // A wait that is over says nothing of what still waits for its rinse.
            return at.MustComeOff.Count > 0
                ? MishapWords.StillOnHead(at.Head.Name, Happening.Names(at.MustComeOff))
                : MishapWords.NothingOnHeadHasToComeOff(at.Head.Name);
        }

        var (what, over) = (Name(on.Wait), (at.Now - on.LatestAt).TotalMinutes);
        return over > 0 ? MishapWords.TaskOnHeadIsMinutesOverdue(what, at.Head.Name, Say.Minutes(over), on.Wait.AfterLatest).TrimEnd()
            : on.IsCounted ? MishapWords.TaskOnHeadMayStayOn(what, at.Head.Name, at.Clock(on.LatestAt))
            : MishapWords.TaskHasBeenOnHeadFor(what, at.Head.Name, Say.Minutes((at.Now - on.Since).TotalMinutes), at.Clock(on.LatestAt));
    }

    /// <summary>What it has had while nobody timed it counts: beyond what covering takes, its wait is shorter by as much.</summary>
    private static Way Counted(Happening at, OnHead on)
    {
        var covering = at.Waiting.Where(task => task.IsHandsOn && task.StepId == on.Wait.StepId).Sum(task => task.PlannedMinutes);
        var uncounted = (at.Now - on.Since).TotalMinutes - covering;
        if (uncounted < 1)
        {
            return Plain(at);
        }

        var left = Math.Max(1, Math.Ceiling(on.Wait.PlannedMinutes - uncounted));
        return at.Way(
            "go-on",
            MishapWords.ContinueAsPlanned,
            [MishapWords.TimeAlreadyOnCounts(Name(on.Wait), Say.Minutes(left), Say.Minutes(on.Wait.PlannedMinutes))],
            new SessionChange(ChangeKind.Shorten, on.Wait.Id, left)
        );
    }

    /// <summary>The next treatment that can be shorter.</summary>
    private static SessionTask? Softer(Happening at, SessionTask wait) =>
        at.Waiting.FirstOrDefault(task =>
            task != wait
            && task is { Window: not null, Substance: { } on, IsOvernight: false }
            && Substances.Of(on).MustBeRinsed
            && task.Window.Earliest < task.PlannedMinutes
        );

    private static Advice CalledAway(Happening at)
    {
        var now = at
            .Moment.Counting.Where(count => !count.Task.IsHarmlessAfter)
            .Select(count =>
                at.Now < count.LatestAt
                    ? MishapWords.BeBackBy(at.Clock(count.LatestAt), at.Titled(count.Task), count.Task.AfterLatest).TrimEnd()
                    : MishapWords.IsOverdueAlready(at.Titled(count.Task), count.Task.AfterLatest).TrimEnd()
            )
            .ToList();
        now.AddRange(
            at.Moment.Counting.Where(count => count.Task.IsHarmlessAfter)
                .Select(count => MishapWords.ContinuesWithoutYou(at.Titled(count.Task)))
        );
        if (at.InHand is { Sections: > 0 } pass)
        {
            now.Add(MishapWords.ClipTheFinishedSectionsOfPass(Name(pass)));
        }

        if (at.MustComeOff.Count > 0 && at.Counting is null)
        {
            now.Add(MishapWords.DoNotLeaveMustComeOffOnHead(Happening.Names(at.MustComeOff), at.Head.Name));
        }

        return new Advice(
            Mishap.CalledAway,
            at.Head.Key,
            now.Count > 0 ? now : [MishapWords.EverythingOnTheHairCanWait],
            [],
            [
                at.Way("park", MishapWords.StopWorkingForNow, [MishapWords.WhatIsOnTheHairKeeps], new SessionChange(ChangeKind.Park, "")),
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
            at.Insert("cool", MishapWords.RinseWithCoolWater, figures.CoolRinseMinutes, [Resource.Shower]),
            .. HeatOf(at),
        ];
        var sentences = new List<string> { MishapWords.CoolNotColdWaterForMinutes(Say.Minutes(figures.CoolRinseMinutes)) };
        if (HeatOf(at).Any())
        {
            sentences.Add(MishapWords.NoHoodAndNoSteamerFor);
        }

        return new Advice(
            Mishap.TooHot,
            at.Head.Key,
            [MishapWords.TakeItOffOrGetOut, MishapWords.AMixtureMustBe40C, MishapWords.SeeAClinicianAboutBlistersOr],
            Must(at),
            [at.Way("cool", MishapWords.CoolItAndContinueWithoutHeat, sentences, changes), .. Stopping.Ways(at)],
            MishapWords.SomethingWasTooHot,
            []
        );
    }

    private static Advice Stings(Happening at)
    {
        var rinse = at.Insert(
            "off",
            MishapWords.RinseItOffWithCoolWater,
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
                at.MustComeOff.Count > 0 ? MishapWords.RinseOffNow(Happening.Names(at.MustComeOff)) : MishapWords.RinseItOffNow,
                touching.Count > 0 ? MishapWords.KamuriHasNotedAReactionTo(Say.List(touching)) : MishapWords.WriteDownWhatWasOnThe,
                MishapWords.GetMedicalHelpAtOnceFor,
            ],
            [],
            [at.Way("off", MishapWords.RinseItOffAndContinueGently, [MishapWords.WhatStungEndsNowNoHeat], changes), .. Stopping.Ways(at)],
            culprit is null ? MishapWords.ItStung : MishapWords.ItStungDuringCulprit(culprit.Name),
            touching
        );
    }

    private static Advice NotEnough(Happening at)
    {
        var step = at.Step(at.InHand) ?? at.Step(at.Waiting.FirstOrDefault(task => task.StepId is not null)) ?? at.Last;
        var mixture = at.Mixture(step);
        var now = new List<string>
        {
            at.Head.FragileZones.Count > 0
                ? MishapWords.FragileFirst(Say.List([.. at.Head.FragileZones.Select(HeadNames.Of)]))
                : MishapWords.EndsFirstThenTheLengths,
        };
        now.Add(mixture?.TooLittle ?? MishapWords.WetTheHairALittleMore);
        if (step is not null && at.Around.Alike(step) is { Count: > 0 } alike)
        {
            now.Add(MishapWords.YouCanTopItUpWith(Say.List(alike)));
        }

        return new Advice(
            Mishap.NotEnough,
            at.Head.Key,
            now,
            [],
            [Plain(at)],
            step is null ? null
                : step.Amount is { } amount ? MishapWords.NotEnoughPlanned(step.Name, amount.Metric)
                : MishapWords.NotEnoughFor(step.Name),
            []
        );
    }

    private static Advice TooMuch(Happening at)
    {
        var step = at.Step(at.InHand) ?? at.Last;
        var mixture = at.Mixture(step);
        var now = mixture switch
        {
            { KeepsInFridge: { } days and > 0 } => MishapWords.KeepWhatNoHandHasTouched(
                $"{Say.Weekday(at.Now.AddDays(days))} {Say.Day(DateOnly.FromDateTime(at.Now.AddDays(days).Date))}"
            ),
            not null => MishapWords.MixtureDoesNotKeepUseIt(mixture.Name),
            null => MishapWords.PutBackOnlyWhatNoHand,
        };
        var others = at.Moment.Times.Count > 0 && mixture is not null ? mixture.Others : [];
        return new Advice(
            Mishap.TooMuch,
            at.Head.Key,
            others.Count > 0 ? [now, MishapWords.ListCouldUseItToo(Say.List(others))] : [now],
            [],
            [Plain(at)],
            step is null ? null
                : step.Amount is { } amount ? MishapWords.TooMuchPlanned(step.Name, amount.Metric)
                : MishapWords.TooMuchFor(step.Name),
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
            : thick ? MishapWords.StirInWarmWaterOneSpoon
            : MishapWords.ApplyItInSmallSectionsOver;
        return new Advice(
            mishap,
            at.Head.Key,
            [sentence],
            [],
            [Plain(at)],
            step is null
                ? null
                : (thick ? (Func<string, string>)MishapWords.CameOutTooThick : MishapWords.CameOutTooRunny)(mixture?.Name ?? step.Name),
            []
        );
    }

    private static Advice OilStays(Happening at)
    {
        var figures = at.Around.Figures;
        var wash = at.Own.LastOrDefault(task => task.StepIds.Any(step => SessionPlan.KindOf(step)?.IsCleanse ?? false));
        var second = wash?.PlannedMinutes ?? figures.LiftMinutes;
        var again = at.Insert("wash", MishapWords.WashASecondTime, second, [Resource.Shower], takesOff: Removal.Wash);
        if (at.IsDense)
        {
            // Conditioner stays inside them.
            return new Advice(
                Mishap.OilStays,
                at.Head.Key,
                [MishapWords.WashOnceMoreWithDilutedCleanser, MishapWords.RinseUntilTheWaterRunsClear],
                [],
                [at.Way("wash", MishapWords.WashAgain, [MishapWords.ASecondPassOfMinutesComes(Say.Minutes(second))], again), Plain(at)],
                MishapWords.OilStayedInAfterOnePass,
                []
            );
        }

        return new Advice(
            Mishap.OilStays,
            at.Head.Key,
            [MishapWords.FirstWorkConditionerIntoTheOily, MishapWords.ThenShampooAgainAtTheRoots],
            [],
            [
                at.Way(
                    "lift",
                    MishapWords.LiftTheOilAndWashAgain,
                    [MishapWords.ALiftingRinseOfMinutesAnd(Say.Minutes(figures.LiftMinutes), Say.Minutes(second))],
                    at.Insert(
                        "lift",
                        MishapWords.LiftingRinseWithConditioner,
                        figures.LiftMinutes,
                        [Resource.Shower],
                        takesOff: Removal.RinseOff
                    ),
                    Second(again)
                ),
                Plain(at),
            ],
            MishapWords.OilStayedInAfterOnePass2,
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
            [MishapWords.DoNotCombThemOutDry],
            [],
            [
                at.Way(
                    "rinse",
                    MishapWords.RinseUnderRunningWater,
                    [MishapWords.MinutesAtTheTapComeNext(Say.Minutes(at.Around.Figures.RunningRinseMinutes))],
                    at.Insert(
                        "bits",
                        MishapWords.RinseTheBitsOutUnderRunning,
                        at.Around.Figures.RunningRinseMinutes,
                        [Resource.Shower],
                        takesOff: Removal.RinseOff
                    )
                ),
                Plain(at),
            ],
            MishapWords.BitsStayedInTheHairStrain,
            []
        );

    private static Advice UnsureOfSections(Happening at)
    {
        if (at.InHand is not { Sections: > 0 } pass)
        {
            return new Advice(Mishap.UnsureOfSections, at.Head.Key, [MishapWords.NothingIsBeingDoneInSections], [], [Plain(at)], null, []);
        }

        return new Advice(
            Mishap.UnsureOfSections,
            at.Head.Key,
            [MishapWords.LookSectionBySectionFromThe, MishapWords.TickTheFinishedOnesOnThe],
            [],
            [
                at.Way("keep", MishapWords.KeepTheTicks, [MishapWords.TheMapShowsWhichAreOpen]),
                at.Way(
                    "again",
                    MishapWords.StartTheSectionsAgain,
                    [MishapWords.AllSectionsOfPassAreOpen($"{pass.Sections}", Name(pass))],
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
                    MishapWords.LeaveOutWhatYouCan,
                    [
                        MishapWords.LeftOutSpared(Names(spared)),
                        .. shorter.Count > 0 ? [MishapWords.TheRemainingWaitsAreKeptAt] : Array.Empty<string>(),
                    ],
                    [.. spared.Concat(at.KitchenFor(spared)).Select(task => new SessionChange(ChangeKind.Skip, task.Id)), .. shorter]
                )
            );
        }

        ways.AddRange(Stopping.Ways(at));
        return new Advice(
            Mishap.OutOfTime,
            at.Head.Key,
            [spared.Count > 0 ? MishapWords.YouCanLeaveOutSomeOf : MishapWords.YouCannotLeaveOutAnyOf],
            Must(at),
            ways,
            MishapWords.RanOutOfTime,
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
                (string[])[MishapWords.DoNotSleepOnWetLocs, MishapWords.MovingAirAllAround, MishapWords.DoNotLieDownBeforeThey],
                at.Way(
                    "air",
                    "Moving air, and stay up",
                    [MishapWords.MinutesOfMovingAirComeNext(Say.Minutes(minutes))],
                    at.Insert("air", MishapWords.FanOrHoodOnLowAll, minutes, [])
                )
            )
            : (
                [MishapWords.DryRootsAndScalpBeforeBed, MishapWords.ThenPutItUpLooselyOn],
                at.Way(
                    "air",
                    MishapWords.CoolAirThenBed,
                    [MishapWords.MinutesOfCoolAirComeNext(Say.Minutes(minutes))],
                    at.Insert("air", MishapWords.CoolAirAtTheRoots, minutes, [])
                )
            );
        return new Advice(
            Mishap.WetAtBedtime,
            at.Head.Key,
            now,
            Must(at),
            [way, Plain(at)],
            late > 0 ? MishapWords.StillWetAtBedtimeStartMinutes(Say.Minutes(Math.Ceiling(late / 5) * 5)) : null,
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
            first.Count > 0
                ? MishapWords.NeverLeaveOnDo(Happening.Names(must), Names(first))
                : MishapWords.NeverLeaveOn(Happening.Names(must)),
        ];
    }

    private static IEnumerable<SessionChange> HeatOf(Happening at) =>
        at
            .Own.Where(task =>
                task.Uses.Any(each => each is Resource.Hood or Resource.Steamer) && (at.Waiting.Contains(task) || task == at.Counting?.Task)
            )
            .Select(task => new SessionChange(ChangeKind.WithoutHeat, task.Id));

    private static Way Plain(Happening at) => at.Way("go-on", MishapWords.Continue, [MishapWords.NothingElseChanges]);

    private static string Names(IEnumerable<SessionTask> tasks) => Say.List([.. tasks.Select(Name)]);

    private static string Name(SessionTask task) => task.Title.Split(',')[0];
}

using FluentValidation;
using Kamuri.Core.Figures;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Web.Plans;

namespace Kamuri.Web.HouseholdPlans;

/// <summary>A stretch of the day on the household's wall clock. One that ends before it begins ends the next day.</summary>
public sealed record StretchBody(TimeOnly From, TimeOnly To)
{
    /// <summary>The night that hands could leave out of a day; null when they have nothing to do in it.</summary>
    internal static StretchBody? Night(bool startsInIt, NightWork? work, NightFigures night) =>
        startsInIt || work is { IsDrying: false } ? new StretchBody(night.Bed, night.Rise) : null;
}

/// <summary>One head of a household day.</summary>
public sealed record HeadOfDayBody
{
    /// <summary>The wish for this head. Its own time is ignored: the household decides when.</summary>
    public required PlanBody Plan { get; init; }

    /// <summary>When the head is available; empty for always.</summary>
    public IReadOnlyList<StretchBody> Present { get; init; } = [];

    /// <summary>Ready and dry by this time; null when the day's own hour counts, or none.</summary>
    public TimeOnly? ReadyBy { get; init; }

    /// <summary>It gets a pause after so many minutes, 10 to 240; null for none.</summary>
    public int? PauseAfter { get; init; }
}

/// <summary>Somebody who does the work.</summary>
public sealed record HandsBody
{
    public required string Name { get; init; }

    /// <summary>The tasks they may do; null for all of them.</summary>
    public IReadOnlyList<Work>? MayDo { get; init; }

    /// <summary>The heads they may work on; null for all.</summary>
    public IReadOnlyList<Guid>? HeadIds { get; init; }

    /// <summary>When they are not there.</summary>
    public IReadOnlyList<StretchBody> Away { get; init; } = [];
}

/// <summary>A resource that others use for a while.</summary>
public sealed record TakenBody(Resource Resource, TimeOnly From, TimeOnly To);

/// <summary>A day with several heads as it is asked for.</summary>
public sealed record HouseholdPlanBody
{
    /// <summary>One to four different heads.</summary>
    public required IReadOnlyList<HeadOfDayBody> Heads { get; init; }

    /// <summary>One or two pairs of hands; those of the house when left out.</summary>
    public IReadOnlyList<HandsBody> Hands { get; init; } = [];

    public required WhenBody When { get; init; }

    public IReadOnlyList<TakenBody> Taken { get; init; } = [];

    /// <summary>Use the better order of a longer search of the same day, if there is one.</summary>
    public bool FromLongerSearch { get; init; }
}

/// <summary>How far a longer search is, and at its end what it came to.</summary>
/// <param name="Share">0 to 1.</param>
/// <param name="IsOver">Whether this is the final message.</param>
/// <param name="IsBetter">At the end: whether there is a better plan to be had.</param>
/// <param name="Sentence">At the end: what was found.</param>
public sealed record LongerSearchView(double Share, bool IsOver, bool IsBetter, string Sentence);

internal sealed class HouseholdPlanValidator : AbstractValidator<HouseholdPlanBody>
{
    private const int LongestName = 40;
    private const int MostStretches = 12;

    public HouseholdPlanValidator()
    {
        RuleFor(body => body.Heads)
            .Must(heads => heads is { Count: >= 1 and <= HouseholdRequest.MostHeads })
            .WithMessage(HouseholdPlanErrors.ADayHas1ToMostHeads($"{HouseholdRequest.MostHeads}"));
        RuleFor(body => body.Heads)
            .Must(heads =>
                heads.Where(head => head?.Plan?.HeadId is not null).GroupBy(head => head.Plan.HeadId).All(group => group.Count() == 1)
            )
            .WithMessage(HouseholdPlanErrors.AddEachHeadOnlyOnce)
            .When(body => body.Heads is not null);
        RuleFor(body => body.Hands)
            .Must(hands => hands is { Count: <= HouseholdRequest.MostHands })
            .WithMessage(HouseholdPlanErrors.ThereAre1OrMostHandsPairs($"{HouseholdRequest.MostHands}"));
        RuleFor(body => body.Hands)
            .Must(hands =>
                hands.All(each => each is not null)
                && hands.Select(each => each.Name?.Trim()).Distinct(StringComparer.OrdinalIgnoreCase).Count() == hands.Count
            )
            .WithMessage(HouseholdPlanErrors.TwoPairsOfHandsNeedTwo)
            .When(body => body.Hands is not null);
        RuleFor(body => body.Taken)
            .Must(taken => taken is { Count: <= MostStretches })
            .WithMessage(HouseholdPlanErrors.EnterAtMostMostStretchesTimes($"{MostStretches}"));
        RuleForEach(body => body.Taken)
            .ChildRules(taken =>
            {
                taken
                    .RuleFor(each => each.Resource)
                    .Must(each => Enum.IsDefined(each) && each != Resource.Hands)
                    .WithMessage(HouseholdPlanErrors.ChooseAShowerStoveHoodOr);
                taken.RuleFor(each => each.To).NotEqual(each => each.From).WithMessage(HouseholdPlanErrors.TheEndMustBeAfterThe);
            });
        RuleForEach(body => body.Hands)
            .ChildRules(hands =>
            {
                hands
                    .RuleFor(each => each.Name)
                    .Must(name => name?.Trim().Length is >= 1 and <= LongestName)
                    .WithMessage(HouseholdPlanErrors.EnterANameOf1To($"{LongestName}"));
                hands
                    .RuleFor(each => each.Name)
                    .Must(name => name?.Trim() is not { Length: > 0 } trimmed || !trimmed.All(char.IsDigit))
                    .WithMessage(HouseholdPlanErrors.EnterANameNotOnlyA);
                hands
                    .RuleFor(each => each.Away)
                    .Must(Fit)
                    .WithMessage(HouseholdPlanErrors.EnterAtMostMostStretchesTimesEach($"{MostStretches}"));
                hands
                    .RuleFor(each => each.MayDo)
                    .Must(work => work is null || work.All(Enum.IsDefined))
                    .WithMessage(HouseholdPlanErrors.KamuriDoesNotKnowThisWork);
            });
        RuleForEach(body => body.Heads)
            .ChildRules(head =>
            {
                head.RuleFor(each => each.Plan).NotNull().WithMessage(HouseholdPlanErrors.WhatIsWantedForThisHead);
                head.RuleFor(each => each.Present)
                    .Must(Fit)
                    .WithMessage(HouseholdPlanErrors.EnterAtMostMostStretchesTimesEach($"{MostStretches}"));
                head.RuleFor(each => each.PauseAfter)
                    .Must(minutes => minutes is null or >= 10 and <= 240)
                    .WithMessage(HouseholdPlanErrors.Enter10To240Minutes);
            });
    }

    private static bool Fit(IReadOnlyList<StretchBody> stretches) =>
        stretches is { Count: <= MostStretches } && stretches.All(each => each is not null && each.From != each.To);
}

/// <summary>One head of a household plan, as shown.</summary>
/// <param name="Key">Its strand, and what its tasks' ids begin with.</param>
public sealed record HeadPlanView(
    string Key,
    PlanView Plan,
    DateTimeOffset LikelyBy,
    DateTimeOffset NineInTenBy,
    DateTimeOffset? Wanted,
    double? ChanceInTime
);

/// <summary>A stretch in which a pair of hands rests.</summary>
public sealed record HandsRestView(string Name, DateTimeOffset From, DateTimeOffset To);

/// <summary>A household plan, as shown.</summary>
/// <param name="Tasks">Everything on one clock, with whose hands do it.</param>
/// <param name="NotBefore">No plan of these steps can end before.</param>
/// <param name="Beyond">One sentence for each person who is not there long enough.</param>
/// <param name="Sentence">When it begins, who is done when, and how sure that is.</param>
/// <param name="More">More about the plan: whether it is proven, what sets the pace, how sure each head's end is.</param>
/// <param name="MayBeBetter">Whether a longer search might find a better one.</param>
public sealed record HouseholdPlanView(
    IReadOnlyList<HeadPlanView> Heads,
    IReadOnlyList<TaskView> Tasks,
    DateTimeOffset Start,
    DateTimeOffset End,
    DateTimeOffset NotBefore,
    bool Proven,
    DateTimeOffset LikelyBy,
    DateTimeOffset NineInTenBy,
    IReadOnlyList<HandsRestView> Rests,
    IReadOnlyList<string> Beyond,
    double MinutesLate,
    bool CanStart,
    string Sentence,
    IReadOnlyList<string> More,
    bool MayBeBetter
)
{
    /// <summary>The household's clocks change before it is over; null when they do not.</summary>
    public ClockChange? ClocksChange { get; init; }

    /// <summary>What it needs, for all heads together.</summary>
    public IReadOnlyList<NeedView> Needs { get; init; } = [];

    /// <summary>A sentence when the day starts while people sleep; null otherwise.</summary>
    public string? NightSentence { get; init; }

    /// <summary>The hours that could be left out then.</summary>
    public StretchBody? Night { get; init; }

    /// <summary>Why it begins in the morning, though it was asked for as soon as can be; null when it does not.</summary>
    public string? PutOff { get; init; }

    internal static HouseholdPlanView Of(HouseholdPlan plan, CraftFigures figures) =>
        new(
            [
                .. plan.Heads.Select(head => new HeadPlanView(
                    head.Key,
                    PlanView.Of(head.Plan, figures),
                    head.LikelyBy,
                    head.NineInTenBy,
                    head.Wanted,
                    head.ChanceInTime
                )),
            ],
            [.. plan.Tasks.Select(PlanView.Task)],
            plan.Start,
            plan.End,
            plan.NotBefore,
            plan.Proven,
            plan.LikelyBy,
            plan.NineInTenBy,
            [.. plan.Rests.Select(rest => new HandsRestView(rest.Name, rest.From, rest.To))],
            plan.Beyond,
            plan.MinutesLate,
            !plan.HasStop,
            HouseholdSentences.Finish(plan),
            HouseholdSentences.More(plan, figures),
            !plan.Proven || plan.MayBeCloser
        )
        {
            ClocksChange = ClockChange.Between(plan.Request.When.Wall, plan.Start, plan.End),
            Needs = NeedView.Of([.. plan.Heads.Select(head => head.Plan)], figures),
            NightSentence = HouseholdSentences.Night(plan),
            PutOff = plan.PutOff,
            Night = StretchBody.Night(plan.StartsInTheNight, plan.NightWork, figures.Night),
        };
}

/// <summary>How far the looking for remedies is, and what was found so far.</summary>
/// <param name="Share">0 to 1.</param>
/// <param name="Trying">What is being tried now; empty at the end.</param>
/// <param name="IsOver">Whether this is the final message.</param>
public sealed record WhyNotView(double Share, string Trying, IReadOnlyList<RemedyView> Remedies, bool IsOver);

/// <summary>A smallest change with which everybody would be in time.</summary>
/// <param name="Minutes">For an earlier beginning: by how much.</param>
/// <param name="Head">For leaving out: the place of the head among those asked for, from 0; -1 else.</param>
/// <param name="Edits">For leaving out: the edits that do it.</param>
/// <param name="MayDo">For a second pair of hands: what it has to do.</param>
/// <param name="DryingAir">For faster drying: how.</param>
public sealed record RemedyView(
    RemedyKind Kind,
    string Sentence,
    double Minutes,
    int Head,
    IReadOnlyList<EditBody> Edits,
    IReadOnlyList<Work> MayDo,
    Air? DryingAir
)
{
    /// <summary>For two together: either of them; empty else.</summary>
    public IReadOnlyList<RemedyView> Parts { get; init; } = [];

    internal static RemedyView Of(Remedy remedy) =>
        new(
            remedy.Kind,
            remedy.Sentence,
            remedy.Minutes,
            remedy.Head,
            [.. (remedy.Edits ?? []).Select(EditBody.From)],
            [.. Enum.GetValues<Work>().Where(work => work is not (Work.None or Work.All) && remedy.MayDo.HasFlag(work))],
            remedy.DryingAir
        )
        {
            Parts = [.. remedy.Parts.Select(Of)],
        };
}

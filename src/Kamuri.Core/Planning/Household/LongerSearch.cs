using Kamuri.Core.Figures;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Planning.Household;

/// <summary>What a longer search came to.</summary>
/// <param name="IsBetter">Whether its plan is worth taking: less late, over sooner, closer to usual, or now proven best.</param>
/// <param name="Sentence">What was found, or that nothing was.</param>
public sealed record LongerSearch(bool IsBetter, string Sentence)
{
    /// <summary>
    /// Searches on where the quick answer stopped. What it finds is kept, so that planning the same day again has it at once.
    /// </summary>
    /// <param name="quick">The plan that is there.</param>
    /// <param name="figures">The craft's figures.</param>
    /// <param name="known">Where it is kept.</param>
    /// <param name="report">Told how far it is, 0 to 1; it may come to an end early.</param>
    /// <param name="brokenOff">Ends it with what was found so far.</param>
    public static LongerSearch Of(
        HouseholdPlan quick,
        CraftFigures figures,
        KnownOrders known,
        Action<double> report,
        CancellationToken brokenOff
    )
    {
        // A day with an hour is placed twice as a rule: as it comes, then towards the hour.
        var times = quick.Heads.Any(head => head.Wanted is not null) ? 2 : 1;
        var (share, solved) = (0.0, 0.0);
        var patient = new PatientScheduler(
            known,
            step =>
            {
                solved = step.Share < share ? solved + ((1 - solved) / 2) : solved;
                share = step.Share;
                report(solved + (share * (1 - solved) / times));
            },
            brokenOff
        );
        new HouseholdPlanner(patient).Make(quick.Request, figures);
        // What counts is the plan that is made when it is taken.
        var better = new HouseholdPlanner(new CpSatScheduler(known)).Make(quick.Request, figures);
        return Compared(quick, better);
    }

    private static LongerSearch Compared(HouseholdPlan quick, HouseholdPlan better)
    {
        var late = quick.MinutesLate - better.MinutesLate;
        var sooner = (quick.End - better.End).TotalMinutes;
        var shorter = quick.Minutes - better.Minutes;
        var closer = quick.MinutesShortened - better.MinutesShortened;
        return late > 0 ? new(true, HouseholdWords.FoundAPlanThatIsMinutes(Say.Minutes(late), Say.Clock(better.End, quick.Start)))
            : late == 0 && better.IsGentle && !quick.IsGentle ? new(true, HouseholdWords.FoundAPlanInWhichNo)
            : late == 0 && better.IsGentle == quick.IsGentle && closer > 0
                ? new(true, HouseholdWords.FoundAPlanThatKeepsWaits(Say.Minutes(closer)))
            : late == 0 && closer == 0 && sooner > 0 && !quick.BeginsAtWill
                ? new(true, HouseholdWords.FoundAPlanThatEndsMinutes(Say.Minutes(sooner), Say.Clock(better.End, quick.Start)))
            : late == 0 && closer == 0 && shorter > 0
                ? new(
                    true,
                    HouseholdWords.FoundAShorterPlan(
                        Say.Minutes(shorter),
                        Say.Clock(better.Start, quick.Start),
                        Say.Clock(better.End, better.Start)
                    )
                )
            : late == 0 && better.IsSure && !quick.IsSure ? new(true, HouseholdWords.NoBetterPlanExistsThisIs)
            : new(false, HouseholdWords.NoBetterPlanWasFound);
    }
}
